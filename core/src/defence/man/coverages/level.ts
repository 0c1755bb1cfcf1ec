import { type Seat } from '../../../geometry/five.ts';
import { PHASE, type Context } from '../context.ts';
import { normal } from '../normal.ts';
import { go } from '../target.ts';
import { look, type World } from '../world.ts';
import { over } from './drop.ts';
import { fromScreen, type Coverage } from './machine.ts';

/** The big comes up beside the screen, turns the ball, and goes back after `seconds`. */
function stepOut(w: World, c: Context, d: Seat, seconds: number, rim: number): void {
  if (c.phase === PHASE.alert) {
    const at = fromScreen(w, c, 1.6, 1.4);
    return go(w, d, at.x, at.y);
  }
  if (w.t > c.uses + seconds || c.backSince < w.t) return normal(w, d);
  ahead(w, c, d, rim);
}

/** Three feet before the ball, across the way it goes. */
function ahead(w: World, c: Context, d: Seat, rim: number): void {
  const { seen } = w;
  look(w, c.user, w.lag.ball);
  const v = Math.sqrt(seen.vx * seen.vx + seen.vy * seen.vy);
  const hx = v > 1 ? seen.vx / v : c.wx;
  const hy = v > 1 ? seen.vy / v : c.wy;
  const ry = w.rimY - seen.y;
  const far = Math.sqrt(seen.x * seen.x + ry * ry) || 1e-9;
  const x = 0.6 * hx + 0.4 * c.wx - (rim * seen.x) / far;
  const y = 0.6 * hy + 0.4 * c.wy + (rim * ry) / far;
  const size = Math.sqrt(x * x + y * y) || 1e-9;
  go(w, d, seen.x + (3 * x) / size, seen.y + (3 * y) / size);
}

export const level: Coverage = { user: over, screener: (w, c, d) => stepOut(w, c, d, 1.2, 0.9) };
export const show: Coverage = { user: over, screener: (w, c, d) => stepOut(w, c, d, 0.75, 0.1) };
