import { next, NONE, type None, type Seat } from '../geometry/five.ts';
import { plainKind } from '../motion/flight.ts';
import { theirMan, type PassKind } from '../motion/level.ts';
import type { Floor } from './floor.ts';
import { canThrow, laneOf, laneSeen, SAFE_LANE } from './lane.ts';
import { travel } from './legs.ts';

/** Figures of the questions of space that are the same at every level: feet, seconds, shares (from memory). */
export const SPACE = {
  press: 5,
  body: 1.5,
  screened: 0.8,
  sealed: 0.35,
  backboardLeft: 0.4,
  wideOpen: 0.35,
} as const;
/** Cosine of the cone (75°) in which a screen holds a man up. */
const CONE = 0.25881904510252074;

const clamp01 = (v: number): number => (v < 0 ? 0 : v > 1 ? 1 : v);
const smooth = (v: number, from: number, to: number): number => {
  const k = clamp01((v - from) / (to - from));
  return k * k * (3 - 2 * k);
};

/** How much later than usual defender d gets to (x, y): his own delay, a screen that way, a man who seals him. */
function late(f: Floor, d: Seat, x: number, y: number, sealer: Seat | None): number {
  let more = f.delay[d];
  for (const s of f.screens) {
    if (s.on !== d) continue;
    const ax = x - f.dx[d];
    const ay = y - f.dy[d];
    const sx = s.x - f.dx[d];
    const sy = s.y - f.dy[d];
    if (ax * sx + ay * sy >= CONE * Math.sqrt((ax * ax + ay * ay) * (sx * sx + sy * sy)))
      more += SPACE.screened;
  }
  if (sealer !== NONE && sealed(f, d, sealer)) more += SPACE.sealed;
  return more;
}

/** A man who seals holds everybody who is not on him, and not between him and the ball. */
function sealed(f: Floor, d: Seat, j: Seat): boolean {
  const gx = f.dx[d] - f.ox[j];
  const gy = f.dy[d] - f.oy[j];
  const far = Math.sqrt(gx * gx + gy * gy);
  if (far <= 2.5) return false;
  if (far > 5) return true;
  const bx = f.bx - f.ox[j];
  const by = f.by - f.oy[j];
  return gx * bx + gy * by < 0.7071067811865476 * far * Math.sqrt(bx * bx + by * by);
}

/** How near a man must be to contest at (x, y): at the rim his body, outside a hand. */
function reachAt(f: Floor, x: number, y: number): number {
  const { reach, reachRim } = f.level.zone;
  const dy = y - f.court.rimY;
  return reachRim + (reach - reachRim) * clamp01((Math.sqrt(x * x + dy * dy) - 5) / 5);
}

export interface Arrival {
  /** Seconds from the release until the first man contests, and who he is. */
  t: number;
  who: Seat;
}

/** Who contests a catch at (x, y) first. `sealer` is the player there when he seals, else −1. */
export function arrival(f: Floor, x: number, y: number, sealer: Seat | None, out: Arrival): Arrival {
  const reach = reachAt(f, x, y);
  out.t = Infinity;
  out.who = 0;
  for (let d: Seat = 0; d < 5; d = next(d)) {
    const { run, push, react } = theirMan(f.level, d).zone;
    const ax = x - f.dx[d];
    const ay = y - f.dy[d];
    const t = react + late(f, d, x, y, sealer) + travel(Math.sqrt(ax * ax + ay * ay) - reach, run, push);
    if (t < out.t) {
      out.t = t;
      out.who = d;
    }
  }
  return out;
}

export interface Pass {
  /** The kind that is best to throw, its length, and seconds in the air. */
  kind: PassKind;
  length: number;
  t: number;
  /** Seconds by which the ball beats the nearest hand, and whose. */
  margin: number;
  who: number;
}
export const passSeen = (): Pass => ({ kind: 'chest', t: 0, length: 0, margin: 0, who: -1 });

const straight = laneSeen();
const other = laneSeen();
const OTHERS: readonly PassKind[] = ['chest', 'skip', 'bounce', 'lob', 'pocket'];

/**
 * How a pass from the ball to (x, y) would go: plainly when that lane is safe, else by the kind that beats the hands
 * by most. The time in the air passes over from one to the other, so that it does not jump where the lane closes.
 */
export function passTo(f: Floor, x: number, y: number, out: Pass): Pass {
  const dx = x - f.bx;
  const dy = y - f.by;
  const length = Math.sqrt(dx * dx + dy * dy);
  const { rimY } = f.court;
  const plain = plainKind(length);
  laneOf(f.level, rimY, f.theirs, 0, f.bx, f.by, x, y, plain, 0, straight);
  out.length = length;
  out.kind = plain;
  out.t = straight.flight;
  out.margin = straight.margin;
  out.who = straight.who;
  if (straight.margin >= SAFE_LANE) return out;
  const toRim = Math.sqrt(x * x + (y - rimY) ** 2);
  let best = -Infinity;
  let flight = straight.flight;
  for (const kind of OTHERS) {
    if (kind === plain || !canThrow(kind, length, toRim, f.dribbled)) continue;
    laneOf(f.level, rimY, f.theirs, 0, f.bx, f.by, x, y, kind, 0, other);
    if (other.margin <= best) continue;
    best = other.margin;
    flight = other.flight;
    if (best <= out.margin) continue;
    out.kind = kind;
    out.margin = best;
    out.who = other.who;
  }
  out.t = flight + (straight.flight - flight) * smooth(straight.margin, -SAFE_LANE, SAFE_LANE);
  return out;
}

/** Two men this near to the passer trap him. */
export function trapped(f: Floor): boolean {
  let men = 0;
  for (let d: Seat = 0; d < 5; d = next(d))
    if ((f.dx[d] - f.bx) ** 2 + (f.dy[d] - f.by) ** 2 < SPACE.press * SPACE.press) men++;
  return men > 1;
}

/** What is left of a pass by its length, and by the board it would have to fly over. */
export function completion(f: Floor, x: number, y: number, length: number): number {
  const { longFree, longEnd, longLeft } = f.level.zone;
  const long = 1 - (1 - longLeft) * clamp01((length - longFree) / (longEnd - longFree));
  if (f.bx * x >= 0) return long;
  const cross = f.by + ((y - f.by) * -f.bx) / (x - f.bx);
  return (
    long *
    (1 - (1 - SPACE.backboardLeft) * clamp01((3 - Math.abs(cross - 4)) / 2.5) * clamp01((length - 20) / 10))
  );
}
