import { PLAYERS } from '../alignment/library.ts';
import type { Timeline } from './timeline.ts';

/**
 * When each of the five stands where a frame's picture has him, seconds from the start: when the frame starts, or
 * later, when he is done with what he does in the frames before. A picture of a frame is no instant; at these
 * five it is what is seen.
 */
export function restTimes(timeline: Timeline, frame: string): number[] {
  const here = timeline.bars.findIndex((b) => b.frame === frame);
  const start = timeline.bars[here]?.start ?? 0;
  const before = new Set(timeline.bars.slice(0, Math.max(0, here)).map((b) => b.frame));
  return PLAYERS.map((p) =>
    timeline.moves[p].reduce((t, m) => (before.has(m.frame) ? Math.max(t, m.end) : t), start),
  );
}
