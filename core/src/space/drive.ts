import { next, NONE, type None, type Seat } from '../geometry/five.ts';
import type { Point } from '../geometry/vec.ts';
import { ourMan, theirMan } from '../motion/level.ts';
import type { Floor } from './floor.ts';
import { travel } from './legs.ts';
import { SPACE } from './times.ts';

/** How far a drive gets: feet along its way, the place, and the defender who stops it (−1: it gets there). */
export interface Drive {
  readonly feet: number;
  readonly place: Point;
  readonly by: Seat | None;
}
/** Nobody stops a drive in its first steps (ft). */
const FREE = 3;
const CONE = 0.25881904510252074;

/** Seconds until defender d has his body at a place; a screen on him holds him up toward it. */
function bodyAt(f: Floor, d: Seat, x: number, y: number): number {
  const { run, push, react } = theirMan(f.level, d).zone;
  const ax = x - f.dx[d];
  const ay = y - f.dy[d];
  let more = f.delay[d];
  for (const s of f.screens) {
    if (s.on !== d) continue;
    const sx = s.x - f.dx[d];
    const sy = s.y - f.dy[d];
    if (ax * sx + ay * sy >= CONE * Math.sqrt((ax * ax + ay * ay) * (sx * sx + sy * sy)))
      more += SPACE.screened;
  }
  return react + more + travel(Math.sqrt(ax * ax + ay * ay) - SPACE.body, run, push);
}

/** A drive from the ball along a way, until a defender's body is there as soon as the ball. */
export function driveAlong(f: Floor, way: readonly Point[]): Drive {
  const { drive, drivePush } = (f.holder === NONE ? f.level : ourMan(f.level, f.holder)).zone;
  let feet = 0;
  let a: Point = { x: f.bx, y: f.by };
  for (const b of way) {
    const length = Math.sqrt((b.x - a.x) ** 2 + (b.y - a.y) ** 2);
    for (let s = 0.25; s <= length; s += 0.25) {
      const k = s / length;
      const x = a.x + (b.x - a.x) * k;
      const y = a.y + (b.y - a.y) * k;
      const t = travel(feet + s, drive, drivePush);
      if (feet + s < FREE) continue;
      for (let d: Seat = 0; d < 5; d = next(d))
        if (bodyAt(f, d, x, y) <= t) return { feet: feet + s, place: { x, y }, by: d };
    }
    feet += length;
    a = b;
  }
  return { feet, place: a, by: NONE };
}

/** A drive between two defenders: the best of eleven lines through the gap, then down the lane. */
export interface GapDrive extends Drive {
  /** Feet along the drive to the line between the two, and feet from one to the other. */
  readonly line: number;
  readonly gap: number;
  /** It gets past them. */
  readonly open: boolean;
}
const CLEAR = 2.5;

export function gapDrive(f: Floor, a: Seat, b: Seat): GapDrive {
  const ax = f.dx[a];
  const ay = f.dy[a];
  const gx = f.dx[b] - ax;
  const gy = f.dy[b] - ay;
  const gap = Math.sqrt(gx * gx + gy * gy);
  const edge = Math.min(0.5, CLEAR / Math.max(gap, 1e-9));
  let best: GapDrive | undefined;
  for (let i = 0; i <= 10; i++) {
    const k = edge + ((1 - 2 * edge) * i) / 10;
    const through = { x: ax + gx * k, y: ay + gy * k };
    const line = Math.sqrt((through.x - f.bx) ** 2 + (through.y - f.by) ** 2);
    const d = driveAlong(f, [through, { x: 0.4 * through.x, y: 13 }, { x: 0, y: f.court.rimY }]);
    const open = d.feet > line + 0.5;
    if (!best || d.feet - line > best.feet - best.line) best = { ...d, line, gap, open };
  }
  return best!;
}
