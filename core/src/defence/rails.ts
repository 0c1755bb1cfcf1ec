import { PLAYERS } from '../alignment/library.ts';
import type { Court } from '../court/court.ts';
import type { LevelRecord } from '../motion/level.ts';
import type { Timeline, Track } from '../motion/timeline.ts';
import { track } from '../motion/track.ts';

/**
 * The offence as the defence meets it: it runs on rails, and no defender changes its way. Arrays hold five
 * players per step, feet and ft/s.
 */
export interface Rails {
  readonly timeline: Timeline;
  readonly court: Court;
  readonly level: LevelRecord;
  readonly track: Track;
  readonly steps: number;
  readonly dt: number;
  readonly x: Float64Array;
  readonly y: Float64Array;
  readonly vx: Float64Array;
  readonly vy: Float64Array;
  /** Whose the ball is: its holder, or the receiver from the release on; −1 after a shot. */
  readonly owner: Int8Array;
}

export function railsOf(timeline: Timeline, court: Court, level: LevelRecord): Rails {
  const t = track(timeline);
  const { steps, dt, x, y } = t;
  const vx = new Float64Array(steps * 5);
  const vy = new Float64Array(steps * 5);
  for (let k = 1; k < steps - 1; k++)
    for (let j = 0; j < 5; j++) {
      const i = k * 5 + j;
      vx[i] = (x[i + 5]! - x[i - 5]!) / (2 * dt);
      vy[i] = (y[i + 5]! - y[i - 5]!) / (2 * dt);
    }
  const owner = new Int8Array(steps);
  owner.set(t.holder);
  for (const f of timeline.flights) {
    const to = f.receiver === null ? -1 : PLAYERS.indexOf(f.receiver);
    for (let k = Math.ceil(f.release / dt - 1e-9); k < steps && k * dt < f.arrive; k++) owner[k] = to;
  }
  return { timeline, court, level, track: t, steps, dt, x, y, vx, vy, owner };
}
