import { type Seat } from '../../../geometry/five.ts';
import { PHASE, type Context } from '../context.ts';
import { attach, beside } from '../normal.ts';
import { go } from '../target.ts';
import { look, type World } from '../world.ts';
import { force, fromScreen, type Coverage } from './machine.ts';

/** Lock and trail: on his man's back over the screen, wherever he goes. */
export function trailing(w: World, c: Context, d: Seat): void {
  const { seen } = w;
  if (c.phase === PHASE.after || (c.phase === PHASE.use && !c.used)) return attach(w, d, c.user);
  look(w, c.user, w.lag.near + w.later[d]);
  if (c.phase === PHASE.alert) return beside(w, d, seen.x, seen.y, 1.5, 1);
  go(w, d, seen.x - seen.vx * 0.22, seen.y - seen.vy * 0.22);
  force(w, c, d, 1);
}

/** The screener's man: low beside the screen when nobody helps, in the way of a curl when they do. */
function screener(w: World, c: Context, d: Seat): void {
  if (w.plan.help === 'none') {
    const i = w.k * 5 + c.screener;
    const moved = Math.sqrt((w.rails.x[i]! - c.sx) ** 2 + (w.rails.y[i]! - c.sy) ** 2);
    if (w.t > c.uses + 1.1 || (w.t >= c.set && moved > 1.3)) return;
    const ry = w.rimY - c.sy;
    const far = Math.sqrt(c.sx * c.sx + ry * ry) || 1e-9;
    const x = (-0.6 * c.sx) / far - c.ux;
    const y = (0.6 * ry) / far - c.uy;
    const size = Math.sqrt(x * x + y * y) || 1e-9;
    return go(w, d, c.sx + (2.8 * x) / size, c.sy + (2.8 * y) / size);
  }
  if (w.t > c.uses + 0.25) return;
  const at = fromScreen(w, c, 0, 3.6);
  go(w, d, at.x, at.y);
}

export const trail: Coverage = { user: trailing, screener };
