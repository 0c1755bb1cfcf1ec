import { next, NONE, type None, type Seat } from '../geometry/five.ts';
import type { Floor } from './floor.ts';

/** Figures of the questions of space that are the same at every level: feet, seconds, shares (from memory). */
export const SPACE = {
  press: 5,
  trapSlow: 0.88,
  laneFrom: 5,
  laneShort: 1.5,
  overLast: 6,
  leastOver: 9,
  soft: 0.1,
  body: 1.5,
  screened: 0.8,
  sealed: 0.35,
  chaser: 0.4,
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

/** Seconds from rest over `feet` with a top speed and a push. */
export function travel(feet: number, top: number, push: number): number {
  if (feet <= 0) return 0;
  const up = (top * top) / (2 * push);
  return feet <= up ? Math.sqrt((2 * feet) / push) : top / push + (feet - up) / top;
}

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
  const { run, push, react } = f.level.zone;
  const reach = reachAt(f, x, y);
  out.t = Infinity;
  out.who = 0;
  for (let d: Seat = 0; d < 5; d = next(d)) {
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
  /** Seconds in the air; over means lobbed or skipped over the nearest hands. */
  t: number;
  length: number;
  over: boolean;
  /** Seconds by which the ball beats the nearest hand, and whose. */
  margin: number;
  who: number;
}

const lane = { margin: 0, who: -1 };

/** A bit for each man who presses the passer. */
function pressing(f: Floor): number {
  let mask = 0;
  for (let d: Seat = 0; d < 5; d = next(d)) {
    const px = f.dx[d] - f.bx;
    const py = f.dy[d] - f.by;
    if (px * px + py * py < SPACE.press * SPACE.press) mask |= 1 << d;
  }
  return mask;
}

/** The least spare time along a stretch of a lane at a ball speed; men who press the passer are left out. */
function laneMargin(f: Floor, ux: number, uy: number, from: number, to: number, speed: number): void {
  lane.margin = Infinity;
  lane.who = -1;
  if (to - from < 0.25) return;
  const { run, push, react, reachLane } = f.level.zone;
  const pressed = pressing(f);
  const steps = Math.max(1, Math.ceil((to - from) / 2));
  const step = (to - from) / steps;
  for (let i = 0; i <= steps; i++) {
    const s = from + i * step;
    const qx = f.bx + ux * s;
    const qy = f.by + uy * s;
    let near = Infinity;
    let who = -1;
    for (let d: Seat = 0; d < 5; d = next(d)) {
      if ((pressed >> d) & 1) continue;
      const gx = f.dx[d] - qx;
      const gy = f.dy[d] - qy;
      const g = gx * gx + gy * gy;
      if (g < near) {
        near = g;
        who = d;
      }
    }
    if (who < 0) continue;
    const spare = react + travel(Math.sqrt(near) - reachLane, run, push) - s / speed;
    if (spare < lane.margin) {
      lane.margin = spare;
      lane.who = who;
    }
  }
}

/** Two men this near to the passer trap him. */
export function trapped(f: Floor): boolean {
  const pressed = pressing(f);
  return (pressed & (pressed - 1)) !== 0;
}

/** How a pass from the ball to (x, y) would go: straight when the lane allows, else over it or round it. */
export function passTo(f: Floor, x: number, y: number, trap: boolean, out: Pass): Pass {
  const { zone } = f.level;
  const k = trap ? SPACE.trapSlow : 1;
  const fast = zone.pass * k;
  const slow = zone.over * k;
  const px = x - f.bx;
  const py = y - f.by;
  const length = Math.sqrt(px * px + py * py);
  const ux = length < 1e-9 ? 0 : px / length;
  const uy = length < 1e-9 ? 0 : py / length;
  laneMargin(f, ux, uy, SPACE.laneFrom, length - SPACE.laneShort, fast);
  const direct = lane.margin;
  let margin = direct;
  let who = lane.who;
  if (length >= SPACE.leastOver && direct < SPACE.soft) {
    laneMargin(f, ux, uy, Math.max(SPACE.laneFrom, length - SPACE.overLast), length - SPACE.laneShort, slow);
    if (lane.margin > margin) {
      margin = lane.margin;
      who = lane.who;
    }
  }
  out.length = length;
  out.over = direct < 0;
  out.margin = margin;
  out.who = who;
  out.t = length / (slow + (fast - slow) * smooth(direct, -SPACE.soft, SPACE.soft));
  return out;
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
