import { next, type Seat } from '../geometry/five.ts';
import type { Defended } from '../defence/defended.ts';
import { CONTEST, timeFor } from './contest.ts';

/** A passing lane in numbers: feet, seconds (from memory of common practice). */
const LANE = {
  reach: 3,
  reachBounce: 2.4,
  /** Men this near to the passer press him; a passer plays round them. */
  press: 5,
  pressLane: 1.3,
  from: 2,
  short: 2.5,
  react: 0.25,
} as const;
export type PassKind = 'chest' | 'bounce' | 'lob' | 'skip';

export interface Lane {
  /** Seconds by which the ball beats the nearest hand; negative when the hand is there first. */
  margin: number;
  who: number;
  /** Chance that it is lost (0 to 0.9). */
  risk: number;
}
const BASE = { chest: 0.015, bounce: 0.025, skip: 0.03, lob: 0.035 } as const;

/** How safe the lane from (ax, ay) to (bx, by) is for a pass that leaves the hand after `windup` seconds. */
export function lane(
  d: Defended,
  k: number,
  a: { x: number; y: number },
  b: { x: number; y: number },
  kind: PassKind,
  windup: number,
  out: Lane,
): Lane {
  const { rails } = d;
  const { man } = rails.level;
  const passX = b.x - a.x;
  const passY = b.y - a.y;
  const length = Math.sqrt(passX * passX + passY * passY);
  out.margin = Infinity;
  out.who = -1;
  if (length < LANE.short) {
    out.risk = 0;
    return out;
  }
  const alongX = passX / length;
  const alongY = passY / length;
  const speed = man.pass[kind];
  const top = CONTEST.speed * man.speed;
  const push = CONTEST.push * man.defend;
  const reach = kind === 'bounce' ? LANE.reachBounce : LANE.reach;
  const at = Math.min(rails.steps - 1, k + Math.round(windup / rails.dt)) * 5;
  const first = kind === 'lob' ? Math.max(LANE.from, length - 2) : LANE.from;
  const last = kind === 'lob' ? length - 1 : length - LANE.short;
  let press = 0;
  let near = 0;
  for (let i: Seat = 0; i < 5; i = next(i)) {
    const px = d.x[at + i]! - a.x;
    const py = d.y[at + i]! - a.y;
    const from = Math.sqrt(px * px + py * py);
    if (from < LANE.press) {
      if (from < 4) {
        near++;
        const along = px * alongX + py * alongY;
        if (along > 0 && Math.abs(px * alongY - py * alongX) < LANE.pressLane) press = 0.04;
      }
      continue;
    }
    for (let s = first; ; s = Math.min(last, s + 1)) {
      const gx = a.x + alongX * s - d.x[at + i]!;
      const gy = a.y + alongY * s - d.y[at + i]!;
      const gap = Math.sqrt(gx * gx + gy * gy);
      const v0 = gap < 1e-9 ? 0 : (d.vx[at + i]! * gx + d.vy[at + i]! * gy) / gap;
      const react = LANE.react * man.react * Math.min(1, Math.max(0, (gap - 1) / 2));
      const spare = react + timeFor(gap - reach, v0, top, push) - s / speed;
      if (spare < out.margin) {
        out.margin = spare;
        out.who = i;
      }
      if (s >= last) break;
    }
  }
  if (near > 1) press = Math.max(press, 0.08);
  const base = BASE[kind];
  out.risk = Math.min(0.9, press + base + (0.9 - base) / (1 + Math.exp((out.margin + 0.02) / 0.06)));
  return out;
}
