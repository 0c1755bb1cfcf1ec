import type { PlayerId } from '../../alignment/library.ts';
import type { Read } from '../../play/document.ts';
import { readWords } from '../read.ts';
import type { LineEnd } from '../../flow/ends.ts';
import type { Teller } from '../teller.ts';

/** How lines end, and how far it is to where they go on. Feet and seconds. */
export const FLOW_SENTENCES = {
  'line-end': ({ end }: { end: LineEnd | null }) => {
    if (!end) return 'Then?';
    if (end.is === 'shot') return 'A shot';
    if (end.is === 'play') return `Into ${end.name}`;
    return end.flipped ? 'The set, other side' : 'The set again';
  },
  'read-gone': ({ read }: { read: Read }, t: Teller) =>
    `What “${readWords(read, t)}” is seen at is not there any more: say again what they do.`,
  'read-same': ({ read }: { read: Read }, t: Teller) =>
    `Two endings are for the same here: “${readWords(read, t)}”. Nobody can tell which to play.`,
  'read-against': ({ read, before }: { read: Read; before: Read }, t: Teller) =>
    `“${readWords(read, t)}” can’t be seen here: on this line it was “${readWords(before, t)}” at the same screen.`,
  'way-there': (_: Record<never, never>) => 'Everybody is there.',
  'way-to': (
    {
      who,
      feet,
      seconds,
      ball,
    }: { who: PlayerId; feet: number; seconds: number; ball: readonly [PlayerId, PlayerId] | null },
    t: Teller,
  ) =>
    `${t.seconds(seconds)} away: ${who} has farthest to go, ${t.about(feet)}${ball ? `, and the ball goes from ${ball[0]} to ${ball[1]}` : ''}.`,
} as const;
