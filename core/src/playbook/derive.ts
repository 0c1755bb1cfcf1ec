import { judgedContent } from '../answers/judged.ts';
import type { Play } from '../play/document.ts';
import { relatedContent } from '../relations/related.ts';
import { cardOf } from './card.ts';
import { summarise, type PlaySummary } from './summary.ts';

/** Raised whenever summary or card are made another way: what is stored with an older one is made anew. */
export const DERIVED_VERSION = 4;

/** What is kept beside a document for lists: never in it, and never without the number of how it was made. */
export interface Derived {
  readonly derived: number;
  readonly summary: PlaySummary;
  readonly card: Play;
  /** What of it a verdict depends on; empty when nobody plays against it. */
  readonly judged: string;
  /** What of it its relations to other plays depend on. */
  readonly related: string;
}

export const derive = (play: Play): Derived => ({
  derived: DERIVED_VERSION,
  summary: summarise(play),
  card: cardOf(play),
  judged: judgedContent(play),
  related: relatedContent(play),
});

/** Actions from which deriving takes longer than a request should be held up by another's. */
const LONG = 400;

/** Whether a play is so long that it is derived beside what else is done. */
export const isLong = (play: Play): boolean => play.frames.reduce((n, f) => n + f.actions.length, 0) > LONG;
