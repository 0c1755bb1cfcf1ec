import { type Seat } from '../../../geometry/five.ts';
import type { Context } from '../context.ts';
import { PACE } from '../figures.ts';
import { go, onBall } from '../normal.ts';
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
    const x = c.sx + 2.2 * c.nx - c.ax;
    const y = c.sy + 2.2 * c.ny - c.ay;
    const size = Math.sqrt(x * x + y * y) || 1e-9;
    c.dx = x / size;
    c.dy = y / size;
  }
  const along = (seen.x - c.ax) * c.dx + (seen.y - c.ay) * c.dy;
  const off = Math.sqrt((seen.x - c.ax - along * c.dx) ** 2 + (seen.y - c.ay - along * c.dy) ** 2);
  const me = (w.px[d] - c.ax) * c.dx + (w.py[d] - c.ay) * c.dy;
  if (along > Math.max(0.8, me + 0.5) || off > 2.2 || along < -2.2) c.passed = true;
  if (!c.passed) return go(w, d, c.ax + 2.4 * c.dx, c.ay + 2.4 * c.dy);
  onBall(w, d, c.user, 3);
  w.cap[d] = PACE.chase * w.speed;
}

/** The big waits on the side they push it to. */
function screener(w: World, c: Context, d: Seat): void {
  if (c.passed || w.t >= c.leaves) return sit(w, c, d);
  const { seen } = w;
  look(w, c.user, w.lag.ball);
  const at = fromUser(w, c, seen.x, seen.y, 0, 8);
  go(w, d, at.x - 2.2 * c.dx, at.y - 2.2 * c.dy);
}

export const push: Coverage = { user, screener };
