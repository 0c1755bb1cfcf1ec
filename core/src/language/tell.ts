import { SENTENCES, type Sentences } from './english/sentences.ts';
import type { Said } from './said.ts';
import { PLAIN, type Teller } from './teller.ts';

/** A sentence in the words of a team. */
export function tell(what: Said, t: Teller = PLAIN): string {
  const say = SENTENCES[what.key] as (figures: unknown, t: Teller) => string;
  return say(what.with, t);
}

/** Figures of a sentence that tell one cause from another: numbers whole, in feet and seconds; names as they are. */
export const figuresOfSaid = (what: Said): unknown =>
  JSON.parse(
    JSON.stringify(what.with, (_, v: unknown) => (typeof v === 'number' ? Math.round(v) : v)),
  ) as unknown;

export type { Sentences };
