import { type Seat } from '../../../geometry/five.ts';
import { PHASE, type Context } from '../context.ts';
import { attach, beside } from '../normal.ts';
import { go } from '../target.ts';
import { look, type World } from '../world.ts';
import { force, fromScreen, type Coverage } from './machine.ts';

/** So long he goes for the gap before he looks where his man is (s, from memory). */
const COMMITS = 0.65;

/** Under an off-ball screen: he takes the short way and is there first. */
function user(w: World, c: Context, d: Seat): void {
  const { seen } = w;
  if (c.phase === PHASE.after) return attach(w, d, c.user);
  look(w, c.user, w.lag.near);
  const gx = c.sx - 2.6 * c.nx;
  const gy = c.sy - 2.6 * c.ny;
  if (c.phase === PHASE.alert) return go(w, d, gx, gy);
  force(w, c, d, -1);
  if (w.t - w.lag.off * w.dt < c.starts + COMMITS) return go(w, d, gx + 3.5 * c.ux, gy + 3.5 * c.uy);
  beside(w, d, seen.x + 0.45 * seen.vx, seen.y + 0.45 * seen.vy, 1.2, 1.2);
}

function screener(w: World, c: Context, d: Seat): void {
  if (w.t > c.uses + 0.15) return;
  const at = fromScreen(w, c, 0, 5);
  go(w, d, at.x, at.y);
}

export const shootTheGap: Coverage = { user, screener };
