import type { PlayerId } from '../../alignment/library.ts';
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
