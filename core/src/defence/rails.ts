import { PLAYERS } from '../alignment/library.ts';
import type { Court } from '../court/court.ts';
import type { LevelRecord } from '../motion/level.ts';
import type { Timeline, Track } from '../motion/timeline.ts';
import { placesOf, track } from '../motion/track.ts';
import type { None, Seat } from '../geometry/five.ts';

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
  /** 1 while the ball is dribbled, and so long after that a pass still comes off the dribble. */
  readonly dribbled: Uint8Array;
}

/** A man at one moment: his place (ft) and his speed (ft/s). */
export interface Moving {
  x: number;
  y: number;
  vx: number;
  vy: number;
}

/** Where player j is in step k and how he moves, written into `into`; before the first step and after the last he stands as in it. */
export function onRails(rails: Rails, k: number, j: Seat, into: Moving): Moving {
  const i = Math.max(0, Math.min(rails.steps - 1, k)) * 5 + j;
  into.x = rails.x[i]!;
  into.y = rails.y[i]!;
  into.vx = rails.vx[i]!;
  into.vy = rails.vy[i]!;
  return into;
}

/** Who has the ball in his hands in step k; nobody while it flies. */
export const holderAt = (rails: Rails, k: number): Seat | None => rails.track.holder[k] as Seat | None;

/** Whose the ball is in step k; nobody's after a shot. */
export const ownerAt = (rails: Rails, k: number): Seat | None => rails.owner[Math.max(0, k)] as Seat | None;

/** Rails that were laid lately: a line is sampled once, however many defences meet it. */
const laid = new WeakMap<Timeline, Rails>();

/** The offence of a line on rails. */
export function railsOf(timeline: Timeline, court: Court, level: LevelRecord): Rails {
  const kept = laid.get(timeline);
  if (kept && kept.court === court && kept.level === level) return kept;
  const rails = lay(timeline, court, level, track(timeline));
  laid.set(timeline, rails);
  return rails;
}

/** The same up to a time (s), for those who only ask where everybody is and who has the ball. */
export const railsUntil = (timeline: Timeline, court: Court, level: LevelRecord, until: number): Rails =>
  lay(timeline, court, level, placesOf(timeline, until));

/** A pass this soon after the last dribble comes off it (s, from memory). */
export const OFF_THE_DRIBBLE = 0.3;

function lay(timeline: Timeline, court: Court, level: LevelRecord, t: Track): Rails {
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
  const dribbled = new Uint8Array(steps);
  timeline.possessions.forEach((p, i) => {
    if (!p.dribbling) return;
    const next = timeline.possessions[i + 1];
    const end = next?.from ?? timeline.end;
    const until = next?.holder === p.holder ? end + OFF_THE_DRIBBLE : end;
    for (let k = Math.ceil(p.from / dt - 1e-9); k < steps && k * dt < until; k++) dribbled[k] = 1;
  });
  return { timeline, court, level, track: t, steps, dt, x, y, vx, vy, owner, dribbled };
}
