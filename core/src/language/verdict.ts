import type { PlayerId } from '../alignment/library.ts';
import type { Verdict } from '../answers/verdict.ts';
import type { POINT_KINDS } from '../play/vocabulary.ts';
import { readWords } from './read.ts';

/** A place where the defence has a choice, by what is done there. */
const POINTS = {
  onBall: (by: string, user: string) => `${by}'s screen for ${user}`,
  offBall: (by: string, user: string) => `${by}'s screen for ${user}`,
  handoff: (by: string, user: string) => `${by}'s handoff to ${user}`,
  tag: (by: string) => `Help on ${by}'s roll`,
  drive: (by: string) => `${by}'s drive`,
  entry: (by: string, user: string) => `${by}'s entry to ${user}`,
  pass: (by: string, user: string) => `${by}'s pass to ${user}`,
  zone: (by: string, user: string) =>
    by === user ? `${by} comes with the ball` : `${user}'s catch from ${by}`,
} as const;

/** A place where the defence has a choice, in words: "5's screen for 1". */
export const pointWords = ({
  kind,
  by,
  user,
}: {
  kind: (typeof POINT_KINDS)[number];
  by: PlayerId;
  user: PlayerId;
}): string => POINTS[kind](by, user);

/** A verdict in the few words a card has room for; lists say it without the table of all sentences. */
export const verdictWords = ({ answered, of, worst }: Pick<Verdict, 'answered' | 'of' | 'worst'>): string =>
  of === 0
    ? `No choice for them, worth ${worst.toFixed(2)}`
    : `Answers ${answered} of ${of}, at worst ${worst.toFixed(2)}`;

/** What a play has nothing against first; null when there is nothing. */
export const holeWords = ({ hole }: Pick<Verdict, 'hole'>): string | null =>
  hole && `Hole: ${readWords({ does: hole.does, who: hole.who })} (${pointWords(hole)})`;
