import type { PlayerId } from '../../alignment/library.ts';
import { spotSaid } from '../place.ts';
import type { Teller } from '../teller.ts';

type One = { who: PlayerId };
type Two = { a: PlayerId; b: PlayerId };
type None = Record<never, never>;

/** Plain ways to put it right. */
export const MEND_SENTENCES = {
  'mend-start-when-set': ({ who }: One, t: Teller) => `Start ${who} when the ${t.words.screen.word} is set`,
  'mend-leave-once-by': ({ a, b }: Two) => `Let ${a} leave once ${b} is by`,
  'mend-turn': ({ a, b }: Two) => `Turn ${a} toward where ${b} goes`,
  'mend-pass-when-there': ({ who }: One) => `Pass when ${who} is there`,
  'mend-delay-pass': ({ seconds }: { seconds: number }, t: Teller) =>
    `Delay the pass by ${t.seconds(seconds)}`,
  'mend-delay-cut': ({ who, seconds }: One & { seconds: number }, t: Teller) =>
    `Delay ${who}'s cut by ${t.seconds(seconds)}`,
  'mend-throw-at': ({ at }: { at: number }, t: Teller) => `Throw it at ${t.clock(at)}`,
  'mend-throw-in': (_: None) => 'Throw it in as soon as somebody is there',
  'mend-move': ({ who, spot }: One & { spot: string }, t: Teller) =>
    `Move ${who} to the ${spotSaid(spot, t)}`,
  'mend-step-out': (_: None) => 'Catch a step farther out',
};
