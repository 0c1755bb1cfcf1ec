import type { PlayerId } from '../../alignment/library.ts';
import type { Verb } from '../../play/document.ts';
import type { Teller } from '../teller.ts';

/** What is waited for. */
const EVENT_WORDS: Readonly<Record<string, string>> = {
  release: 'the release',
  catch: 'the catch',
  set: 'the set',
  used: 'the use',
  firstDribble: 'the first dribble',
  pickUp: 'the pick-up',
};

type None = Record<never, never>;

/** Cues that can't be met, and lines that take too long. Seconds. */
export const MOTION_SENTENCES = {
  'cue-lost': ({ by, later }: { by: PlayerId; later: boolean }) =>
    `${by} waits for something that ${later ? 'comes later in the play' : 'is no longer in the play'}.`,
  'cue-event': (
    { by, event, does, on }: { by: PlayerId; event: string; does: Verb; on: PlayerId },
    t: Teller,
  ) =>
    `${by} waits for ${EVENT_WORDS[event] ?? 'a moment'} of ${on}'s ${does}, and there is none: ${t.he} waits for its end.`,
  'cue-circle': ({ who }: { who: readonly PlayerId[] }, t: Teller) =>
    `${t.all(who)} wait for each other. The tie set last is left out.`,
  'cue-held': ({ by, late, ball }: { by: PlayerId; late: number; ball: boolean }, t: Teller) =>
    `${by} starts ${t.seconds(late)} after ${t.his} cue: ${ball ? 'the ball is not there yet' : `${t.he} is still on ${t.his} way`}.`,
  'line-long': ({ seconds, most }: { seconds: number; most: number }, t: Teller) =>
    `This line takes ${t.seconds(seconds)}. Nothing after ${most} s is looked at.`,
  'play-long': ({ seconds, clock }: { seconds: number; clock: number }, t: Teller) =>
    `The play takes ${t.seconds(seconds)}; the shot clock has ${clock} s.`,
  'throw-in-late': ({ by, seconds }: { by: PlayerId; seconds: number }, t: Teller) =>
    `${by} throws in after ${t.seconds(seconds)}; five is the limit.`,
  'throw-in-never': ({ by }: { by: PlayerId }) => `${by} never throws the ball in.`,
  'nobody-back': (_: None) => 'Nobody is back when the shot comes off.',
};
