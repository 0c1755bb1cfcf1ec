import { copyFive, five, type Five, fiveOf, next, NONE, type None, type Seat } from '../../geometry/five.ts';
import { threat } from '../../space/shot-worth.ts';
import type { Point } from '../../geometry/vec.ts';
import type { LevelRecord } from '../../motion/level.ts';
import { atRim, basePlaces } from './place.ts';
import type { Scheme } from './scheme.ts';

/** How a zone leans to the men in its areas: feet and shares (from memory of common practice). */
const SHADE = {
  most: 3.5,
  tau: 2,
  full: 8,
  none: 16,
  shareFrom: 0.2,
  shareTo: 0.7,
  still: 0.06,
  farFade: 0.4,
  ballThreat: 1.5,
  /** He guards this near; a man outside without the ball this much farther off, and leaned to this much less. */
  gap: 3,
  offGap: 3,
  offMost: 2,
  insideTo: 10,
  outsideOver: 5,
  /** The second man of a trap is this near to the ball, over so many feet; the others aim this much more at the ball. */
  trapAt: 6.5,
  trapOver: 1.5,
  trapAim: 0.25,
  /** Between the named places somebody still takes the ball: the nearest man is no farther off, by a step of at most so much. */
  takes: 6.5,
  takesMost: 1.5,
  takesWith: 1.5,
} as const;

/** Five players as a zone sees them. */
export interface Situation {
  readonly x: Five;
  readonly y: Five;
  /** The ball, where the defence has it. */
  bx: number;
  by: number;
  /** Players who screen: nobody leans to them. */
  screening: number;
  /** For each defender the player he chases, or −1. */
  readonly chases: Five<Seat | None>;
  /** How many of the five are there at all. */
  players: number;
}

/** Up to five players who stand, and the ball somewhere; `chases` by defender, as in `Situation`. */
export const situationAt = (
  players: readonly Point[],
  ball: Point,
  chases: Five<Seat | None> = five(NONE),
): Situation => ({
  x: fiveOf((j) => players[j]?.x ?? 0),
  y: fiveOf((j) => players[j]?.y ?? 0),
  bx: ball.x,
  by: ball.y,
  screening: 0,
  chases,
  players: players.length,
});

const clamp01 = (v: number): number => (v < 0 ? 0 : v > 1 ? 1 : v);
const baseX = five();
const baseY = five();
const share = new Float64Array(25);

/** Where a settled zone stands against five players, feet, into `x` and `y`. */
export function settled(s: Scheme, level: LevelRecord, situation: Situation, x: Five, y: Five): void {
  basePlaces(s, situation.bx, situation.by, baseX, baseY);
  copyFive(x, baseX);
  copyFive(y, baseY);
  let chased = 0;
  for (let d: Seat = 0; d < 5; d = next(d)) {
    const j = situation.chases[d];
    if (j === NONE) continue;
    chased |= 1 << j;
    chase(s, situation, d, j, x, y);
  }
  members(situation, chased);
  const trap = trapping(situation);
  look(s, level, situation, trap);
  for (let d: Seat = 0; d < 5; d = next(d))
    if (situation.chases[d] === NONE) lean(s, situation, chased, trap, d, x, y);
  takeBall(s, situation, x, y);
}

/** One man for one man: on the ball when he has it, in the lane to him when not, softer when the ball is far. */
function chase(s: Scheme, situation: Situation, d: Seat, j: Seat, x: Five, y: Five): void {
  const manX = situation.x[j];
  const manY = situation.y[j];
  const ballwardX = situation.bx - manX;
  const ballwardY = situation.by - manY;
  const far = Math.sqrt(ballwardX * ballwardX + ballwardY * ballwardY);
  const t = clamp01((far - 1) / 3);
  const rimwardY = s.court.rimY - manY;
  const toRim = Math.sqrt(manX * manX + rimwardY * rimwardY) || 1e-9;
  const b = far || 1e-9;
  let stanceX = ((1 - 0.6 * t) * -manX) / toRim + (0.6 * t * ballwardX) / b;
  let stanceY = ((1 - 0.6 * t) * rimwardY) / toRim + (0.6 * t * ballwardY) / b;
  const size = Math.sqrt(stanceX * stanceX + stanceY * stanceY) || 1e-9;
  stanceX /= size;
  stanceY /= size;
  const off = SHADE.gap + 2 * t * clamp01((far - 18) / 20);
  x[d] = manX + stanceX * off;
  y[d] = manY + stanceY * off;
}

/** Whose area each player is in, softly: shares over the zone's men. */
function members(situation: Situation, chased: number): void {
  for (let j: Seat = 0; j < 5; j = next(j)) {
    if (j >= situation.players) break;
    if ((chased >> j) & 1) continue;
    let sum = 0;
    let least = Infinity;
    for (let d: Seat = 0; d < 5; d = next(d)) {
      if (situation.chases[d] !== NONE) continue;
      const far = Math.sqrt((situation.x[j] - baseX[d]) ** 2 + (situation.y[j] - baseY[d]) ** 2);
      share[j * 5 + d] = far;
      if (far < least) least = far;
    }
    for (let d: Seat = 0; d < 5; d = next(d)) {
      if (situation.chases[d] !== NONE) continue;
      const m = Math.exp((least - share[j * 5 + d]!) / SHADE.tau);
      share[j * 5 + d] = m;
      sum += m;
    }
    for (let d: Seat = 0; d < 5; d = next(d)) share[j * 5 + d] = share[j * 5 + d]! / sum;
  }
}

/** How much the ball is trapped: whether the table has a second man on it. */
function trapping({ bx, by }: Situation): number {
  let first = Infinity;
  let second = Infinity;
  for (let d: Seat = 0; d < 5; d = next(d)) {
    const far = Math.sqrt((baseX[d] - bx) ** 2 + (baseY[d] - by) ** 2);
    second = Math.min(second, Math.max(first, far));
    first = Math.min(first, far);
  }
  return clamp01((SHADE.trapAt - second) / SHADE.trapOver);
}

/**
 * Somebody takes the man with the ball: who is nearest to him on the rim's side, and who is nearly as
 * near, steps to him; not one whom the school keeps before the rim.
 */
function takeBall(s: Scheme, situation: Situation, x: Five, y: Five): void {
  let held = 0;
  for (let j: Seat = 0; j < 5; j = next(j)) if (j < situation.players) held = Math.max(held, hasBall[j]);
  if (held === 0) return;
  const { bx, by } = situation;
  const { rimY } = s.court;
  const far = bx * bx + (by - rimY) ** 2;
  let nearest = Infinity;
  for (let d: Seat = 0; d < 5; d = next(d)) {
    const off = Math.sqrt((x[d] - bx) ** 2 + (y[d] - by) ** 2);
    ballOff[d] = x[d] * x[d] + (y[d] - rimY) ** 2 < far ? off : Infinity;
    nearest = Math.min(nearest, ballOff[d]);
  }
  if (nearest <= SHADE.takes || nearest === Infinity) return;
  for (let d: Seat = 0; d < 5; d = next(d)) {
    if (ballOff[d] >= nearest + SHADE.takesWith || situation.chases[d] !== NONE) continue;
    const share = held * (1 - atRim(s, d)) * (1 - (ballOff[d] - nearest) / SHADE.takesWith);
    const k = (share * Math.min(SHADE.takesMost, ballOff[d] - SHADE.takes)) / ballOff[d];
    x[d] = x[d] + (bx - x[d]) * k;
    y[d] = y[d] + (by - y[d]) * k;
  }
}
const ballOff = five();

/** What all five see alike of a player: feet to the ball and to the rim, whether he has it, and how much he threatens. */
const ballTo = five();
const hasBall = five();
const outside = five();
const danger = five();

function look(s: Scheme, level: LevelRecord, situation: Situation, trap: number): void {
  const { rimY } = s.court;
  for (let j: Seat = 0; j < 5; j = next(j)) {
    if (j >= situation.players) break;
    const manX = situation.x[j];
    const manY = situation.y[j];
    const ball = Math.sqrt((situation.bx - manX) ** 2 + (situation.by - manY) ** 2);
    const h = clamp01(1 - (ball - 1.5) / 1.5);
    const toRim = Math.sqrt(manX * manX + (manY - rimY) ** 2);
    ballTo[j] = ball;
    hasBall[j] = h;
    // Outside, and without the ball, he only keeps the way back: nearer he would stand in the next pass.
    outside[j] = (1 - h) * (1 - trap) * clamp01((toRim - SHADE.insideTo) / SHADE.outsideOver);
    danger[j] =
      threat(s.court, level, manX, manY) *
      (1 - SHADE.farFade * Math.min(ball / 45, 1) * (1 - h)) *
      (1 + (SHADE.ballThreat - 1) * h);
  }
}

function lean(
  s: Scheme,
  situation: Situation,
  chased: number,
  trap: number,
  d: Seat,
  x: Five,
  y: Five,
): void {
  const homeX = baseX[d];
  const homeY = baseY[d];
  const rimY = s.court.rimY;
  const nobody = chased | situation.screening;
  let weights = SHADE.still;
  let leanX = 0;
  let leanY = 0;
  for (let j: Seat = 0; j < 5; j = next(j)) {
    if (j >= situation.players) break;
    if ((nobody >> j) & 1) continue;
    const manX = situation.x[j];
    const manY = situation.y[j];
    const fromManX = homeX - manX;
    const fromManY = homeY - manY;
    const far = Math.sqrt(fromManX * fromManX + fromManY * fromManY);
    if (far >= SHADE.none) continue;
    const range = clamp01((SHADE.none - far) / (SHADE.none - SHADE.full));
    const m = share[j * 5 + d]!;
    const root = m * range * danger[j];
    const w = root * root;
    weights += w;
    const part = clamp01((m - SHADE.shareFrom) / (SHADE.shareTo - SHADE.shareFrom));
    if (part === 0) continue;
    // He guards him from between the rim and the ball; the man with the ball from the rim's side.
    const between = (0.5 + SHADE.trapAim * trap) * (1 - hasBall[j]);
    const aimX = between * situation.bx - manX;
    const aimY = rimY + between * (situation.by - rimY) - manY;
    const off = outside[j];
    const guards = Math.min(SHADE.gap + SHADE.offGap * off, Math.max(SHADE.gap, far));
    const most = SHADE.most - SHADE.offMost * off;
    const aim = Math.sqrt(aimX * aimX + aimY * aimY);
    const g = aim < 1e-9 ? 0 : Math.min(guards, aim) / aim;
    const guardX = manX + aimX * g - homeX;
    const guardY = manY + aimY * g - homeY;
    const cos = aim < 1e-9 || far < 1e-9 ? 0 : (aimX * fromManX + aimY * fromManY) / (aim * far);
    const e = clamp01((cos + 0.6) / 0.8);
    const front = e * e * (3 - 2 * e);
    const k = front + (1 - front) * clamp01(1 - far / guards);
    const close = far < 1e-9 ? 0 : Math.max(0, far - guards) / far;
    let moveX = k * guardX - (1 - k) * fromManX * close;
    let moveY = k * guardY - (1 - k) * fromManY * close;
    const size = Math.sqrt(moveX * moveX + moveY * moveY);
    if (size > most) {
      moveX *= most / size;
      moveY *= most / size;
    }
    leanX += w * part * moveX;
    leanY += w * part * moveY;
  }
  x[d] = homeX + leanX / weights;
  y[d] = homeY + leanY / weights;
}
