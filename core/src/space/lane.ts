import { next, type Seat } from '../geometry/five.ts';
import { endsOf, FALLS, heightOn, risesIn } from '../motion/flight.ts';
import { theirMan, WINDUP, type LevelRecord, type PassKind } from '../motion/level.ts';
import { timeFor } from './legs.ts';

/** Five defenders as a lane sees them, each field from index `at` on: places (ft), speeds (ft/s), seconds each is held up. */
export interface Hands {
  readonly x: ArrayLike<number>;
  readonly y: ArrayLike<number>;
  readonly vx: ArrayLike<number>;
  readonly vy: ArrayLike<number>;
  readonly held: ArrayLike<number>;
}

/** How a pass would go. Written again and again. */
export interface Lane {
  /** Seconds by which the ball beats the nearest hand, and whose that is (−1 nobody's); negative when the hand is there first. */
  margin: number;
  who: number;
  /** Seconds in the air, and feet. */
  flight: number;
  length: number;
  /** Where it is thrown: the receiver, or beyond him over a man who fronts. */
  aimX: number;
  aimY: number;
  /** Chance that it is lost (0 to 0.9). */
  risk: number;
}
export const laneSeen = (): Lane => ({
  margin: 0,
  who: -1,
  flight: 0,
  length: 0,
  aimX: 0,
  aimY: 0,
  risk: 0,
});

/** Seconds to spare from which a lane is safe. */
export const SAFE_LANE = 0.1;

/** A lane in numbers: feet, seconds, shares (from memory of common practice). */
const LANE = {
  /** A shorter pass has no lane; the hands of it begin here and end this much before the receiver, for a lob nearer. */
  short: 2.5,
  from: 4,
  end: 2,
  endLob: 0.5,
  every: 2,
  /** Two men this near to the passer trap him; a trap slows the ball by a share, and its hands are out this wide at most. */
  trap: 5,
  trapSlow: 0.88,
  trapSpan: 1.5,
  /** A passer plays round a man this near, and steps aside from one up to `sees` for as long. */
  round: 4.5,
  sees: 8,
  aside: 0.3,
  /** A lob's wind-up tells, by this much. */
  tells: 0.15,
  /** A hand that is there must still be raised. */
  raise: 0.1,
  /** A man fronts who is this near, on the passer's side (cosine of 60°); the lob goes this far beyond, he is sealed so long. */
  fronts: 3.4,
  frontsWithin: 0.5,
  beyond: 3.5,
  sealed: 0.35,
} as const;
/** How a pass is lost: by its kind, by men on the passer, by every foot beyond the safe length, at most, and how sharply the margin tells. */
const RISK = {
  base: { chest: 0.015, bounce: 0.025, pocket: 0.025, skip: 0.03, lob: 0.035 },
  near: 4,
  wide: 1.3,
  one: 0.04,
  two: 0.08,
  aFoot: 0.03,
  most: 0.9,
  even: 0.02,
  sharp: 0.06,
} as const;

/** Lengths in feet between which a kind of pass is thrown; a lob only to a man near the rim, a pocket pass only off the dribble. */
const THROWN: Readonly<Record<PassKind, readonly [least: number, most: number]>> = {
  chest: [0, Infinity],
  bounce: [0, 18],
  pocket: [0, 14],
  skip: [9, Infinity],
  lob: [7, Infinity],
};
const LOB_WITHIN = 13;

/** Why a kind of pass is not thrown so: too short or too long for it, not to the rim, off no dribble. */
type NotThrown = 'short' | 'long' | 'rim' | 'dribble';

/** Why a kind of pass is not thrown so far, to a place so far from the rim (feet), and the limit (feet); null when it is. */
export function notThrown(
  kind: PassKind,
  length: number,
  toRim: number,
  dribbled: boolean,
): { readonly why: NotThrown; readonly limit: number } | null {
  const [least, most] = THROWN[kind];
  if (length > most) return { why: 'long', limit: most };
  if (kind === 'lob' && toRim > LOB_WITHIN) return { why: 'rim', limit: LOB_WITHIN };
  if (kind === 'pocket' && !dribbled) return { why: 'dribble', limit: 0 };
  return length < least ? { why: 'short', limit: least } : null;
}

/** Whether a kind of pass can be thrown so far, to a place so far from the rim (feet). */
export const canThrow = (kind: PassKind, length: number, toRim: number, dribbled: boolean): boolean =>
  notThrown(kind, length, toRim, dribbled) === null;

/** The men moved on by the wind-up. */
const manX = new Float64Array(5);
const manY = new Float64Array(5);
const MOST_STEPS = 63;

/**
 * How a pass of a kind from (ax, ay) to a receiver at (bx, by) goes past five men; `least` is the shortest flight there is
 * sense in, for a receiver who is not there yet. One function for every question about a lane, for both models.
 *
 * The ball flies at its kind's height: a hand is in the way as wide as it reaches at that height, standing or jumping.
 * The margin is the least, over men and over the lane, of when a hand can be there less when the ball is.
 * Feet and seconds; figures from memory of common practice.
 */
export function laneOf(
  level: LevelRecord,
  rimY: number,
  hands: Hands,
  at: number,
  ax: number,
  ay: number,
  bx: number,
  by: number,
  kind: PassKind,
  least: number,
  out: Lane,
): Lane {
  const { pass } = level;
  const windup = WINDUP[kind];
  let onBall = 0;
  for (let i: Seat = 0; i < 5; i = next(i)) {
    manX[i] = hands.x[at + i]! + hands.vx[at + i]! * windup;
    manY[i] = hands.y[at + i]! + hands.vy[at + i]! * windup;
    const dx = manX[i]! - ax;
    const dy = manY[i]! - ay;
    if (dx * dx + dy * dy < LANE.trap * LANE.trap) onBall++;
  }
  const trapped = onBall > 1;
  const fronting = kind === 'lob' ? aim(rimY, ax, ay, bx, by, out) : -1;
  if (fronting < 0) {
    out.aimX = bx;
    out.aimY = by;
  }
  const passX = out.aimX - ax;
  const passY = out.aimY - ay;
  const length = Math.sqrt(passX * passX + passY * passY);
  const speed = pass.speed[kind] * (trapped && kind !== 'lob' ? LANE.trapSlow : 1);
  let flight = length / speed;
  if (kind === 'lob') flight = Math.max(flight, risesIn(fronting < 0 ? pass.rise.plain : pass.rise.over));
  if (flight < least) flight = least;
  out.flight = flight;
  out.length = length;
  out.margin = Infinity;
  out.who = -1;
  if (length < LANE.short) {
    out.risk = 0;
    return out;
  }
  const ux = passX / length;
  const uy = passY / length;
  const end = Math.max(0, length - (kind === 'lob' ? LANE.endLob : LANE.end));
  const from = Math.min(LANE.from, end);
  const steps = Math.min(MOST_STEPS, Math.ceil((end - from) / LANE.every));
  const every = steps === 0 ? 0 : (end - from) / steps;
  const pace = flight / length;
  const [h0, h1] = endsOf(pass, kind);
  let press: number = 0;
  let near = 0;
  const nearest = nearestTo(ax, ay, ux, uy, from, end);
  for (let n = -1; n < 5; n++) {
    // The man nearest to the lane is looked at first: of the others most need not be followed then.
    const i = n < 0 ? nearest : n;
    if (n === nearest) continue;
    const { hands: body } = theirMan(level, i as Seat).pass;
    const highest = Math.sqrt(body.jump / FALLS);
    /** What he can gain on the ball from one point to the next, at most. */
    const gains = Math.max(1e-9, every * (pace + 1 / body.top));
    const react = Math.max(0, kind === 'lob' ? body.react - LANE.tells : body.react);
    const px = manX[i]! - ax;
    const py = manY[i]! - ay;
    const off = Math.sqrt(px * px + py * py);
    if (off < RISK.near) {
      near++;
      if (px * ux + py * uy > 0 && Math.abs(px * uy - py * ux) < RISK.wide) press = RISK.one;
    }
    const traps = trapped && off < LANE.trap;
    if (off < LANE.round && !traps) continue;
    let later = hands.held[at + i]!;
    if (!traps && off < LANE.sees)
      later += LANE.aside * Math.min(1, (LANE.sees - off) / (LANE.sees - LANE.round));
    if (i === fronting) later += LANE.sealed;
    const vx = hands.vx[at + i]!;
    const vy = hands.vy[at + i]!;
    for (let p = 0; p <= steps; p++) {
      const s = from + every * p;
      const ball = s * pace;
      const gx = s * ux - px;
      const gy = s * uy - py;
      const gap = Math.sqrt(gx * gx + gy * gy);
      // No man is faster than his best, and none reaches farther: most points need not be worked out.
      const spareAtLeast = later - ball + (gap - body.out) / body.top - out.margin;
      if (spareAtLeast >= 0) {
        p += Math.floor(spareAtLeast / gains);
        continue;
      }
      const z = heightOn(kind, h0, h1, flight, s / length);
      const need = Math.min(body.jump, Math.max(0, z - (body.stand - 1)));
      const q = z - need;
      if (q >= body.stand) continue;
      const aside =
        q >= body.shoulder
          ? (q - body.shoulder) / (body.stand - body.shoulder)
          : (body.shoulder - q) / (body.shoulder + 1);
      const span = body.out * Math.sqrt(Math.max(0, 1 - aside * aside));
      const wide = traps ? Math.min(LANE.trapSpan, span) : span;
      const v0 = gap < 1e-9 ? 0 : (vx * gx + vy * gy) / gap;
      const spare =
        react * Math.min(1, Math.max(0, (gap - 1) / 2)) +
        later +
        Math.max(highest * (1 - Math.sqrt(1 - need / body.jump)), LANE.raise * Math.min(1, gap / body.out)) +
        timeFor(gap - wide, v0, body.top, body.push) -
        ball;
      if (spare < out.margin) {
        out.margin = spare;
        out.who = i;
      }
    }
  }
  if (near > 1) press = RISK.two;
  const base = RISK.base[kind];
  const long = RISK.aFoot * Math.max(0, length - pass.safe);
  out.risk = Math.min(
    RISK.most,
    press + base + long + (RISK.most - base) / (1 + Math.exp((out.margin + RISK.even) / RISK.sharp)),
  );
  return out;
}

/** Who fronts the receiver, −1 nobody; a lob over him is aimed beyond, away from the passer and to the rim. */
function aim(rimY: number, ax: number, ay: number, bx: number, by: number, out: Lane): number {
  const backX = ax - bx;
  const backY = ay - by;
  const back = Math.sqrt(backX * backX + backY * backY) || 1e-9;
  for (let i = 0; i < 5; i++) {
    const gx = manX[i]! - bx;
    const gy = manY[i]! - by;
    const far = Math.sqrt(gx * gx + gy * gy);
    if (far > LANE.fronts || gx * backX + gy * backY < LANE.frontsWithin * far * back) continue;
    const toRim = Math.sqrt(bx * bx + (rimY - by) ** 2) || 1e-9;
    const x = -backX / back - bx / toRim;
    const y = -backY / back + (rimY - by) / toRim;
    const size = Math.sqrt(x * x + y * y) || 1e-9;
    out.aimX = bx + (LANE.beyond * x) / size;
    out.aimY = by + (LANE.beyond * y) / size;
    return i;
  }
  return -1;
}

/** The man nearest to the stretch of a lane from one length to another. */
function nearestTo(ax: number, ay: number, ux: number, uy: number, from: number, end: number): number {
  let best = 0;
  let least = Infinity;
  for (let i = 0; i < 5; i++) {
    const px = manX[i]! - ax;
    const py = manY[i]! - ay;
    const s = Math.min(end, Math.max(from, px * ux + py * uy));
    const far = (s * ux - px) ** 2 + (s * uy - py) ** 2;
    if (far < least) {
      least = far;
      best = i;
    }
  }
  return best;
}
