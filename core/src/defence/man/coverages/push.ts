import { type Seat } from '../../../geometry/five.ts';
import type { Context } from '../context.ts';
import { PACE } from '../figures.ts';
import { onBall } from '../normal.ts';
import { go } from '../target.ts';
import { look, type World } from '../world.ts';
import { sit } from './drop.ts';
import { fromUser, type Coverage } from './machine.ts';

/** He stands on the screen's side of the ball and gives it only the other side. */
function user(w: World, c: Context, d: Seat): void {
  const { seen } = w;
  look(w, c.user, w.lag.ball);
  if (!c.anchored) {
    c.anchored = true;
    c.ax = seen.x;
    c.ay = seen.y;
    denied(w, c);
  }
  const along = (seen.x - c.ax) * c.dx + (seen.y - c.ay) * c.dy;
  const off = Math.sqrt((seen.x - c.ax - along * c.dx) ** 2 + (seen.y - c.ay - along * c.dy) ** 2);
  const me = (w.px[d] - c.ax) * c.dx + (w.py[d] - c.ay) * c.dy;
  if (!c.passed && (along > Math.max(0.8, me + 0.5) || off > 2.2 || along < -2.2)) {
    c.passed = true;
    c.asPushed = along < 0;
  }
  if (!c.passed) return go(w, d, c.ax + 2.4 * c.dx, c.ay + 2.4 * c.dy);
  onBall(w, d, c.user, 3);
  w.cap[d] = PACE.chase * w.speed[d];
}

/** On top: so near to the middle that the screen says which side is denied (ft); and how far off the line it must be for that. */
const TOP = 5;
const BESIDE = 1.5;

/** The side they deny, from the anchor: the middle of the floor; on top the screen's side, whoever is meant to use it. */
function denied(w: World, c: Context): void {
  const rx = -c.ax;
  const ry = w.rimY - c.ay;
  const far = Math.sqrt(rx * rx + ry * ry) || 1e-9;
  const acrossX = -ry / far;
  const acrossY = rx / far;
  let side = -c.ax * acrossX;
  if (Math.abs(c.ax) < TOP) {
    side = (c.sx - c.ax) * acrossX + (c.sy - c.ay) * acrossY;
    if (Math.abs(side) < BESIDE) side = (c.fromX - c.ax) * acrossX + (c.fromY - c.ay) * acrossY;
  }
  const s = side < 0 ? -1 : 1;
  c.dx = acrossX * s;
  c.dy = acrossY * s;
}

/** How far before the ball the big is on the side they push it to, at most (ft), and how long after the use (s). */
const AHEAD = 6;
const STAYS = 1.6;

/** The big waits on the side they push it to, and is before the ball there until its man is back. */
function screener(w: World, c: Context, d: Seat): void {
  const { seen } = w;
  if (c.passed && c.asPushed && w.t < c.uses + STAYS) {
    look(w, c.user, w.lag.ball);
    const rimY = w.rimY - seen.y;
    const far = Math.sqrt(seen.x * seen.x + rimY * rimY) || 1e-9;
    const k = Math.min(AHEAD, far / 2) / far;
    return go(w, d, seen.x - seen.x * k, seen.y + rimY * k);
  }
  if (c.passed || w.t >= c.leaves) return sit(w, c, d);
  look(w, c.user, w.lag.ball);
  const at = fromUser(w, c, seen.x, seen.y, 0, 8);
  go(w, d, at.x - 2.2 * c.dx, at.y - 2.2 * c.dy);
}

export const push: Coverage = { user, screener };
