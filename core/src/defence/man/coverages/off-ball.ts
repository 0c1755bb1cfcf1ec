import { PHASE } from '../context.ts';
import { attach } from '../normal.ts';
import { go } from '../target.ts';
import { look } from '../world.ts';
import { trailing } from './trail.ts';
import { fromScreen, type Coverage } from './machine.ts';

/** They take each other's man away from the ball. */
export const offBallSwitch: Coverage = {
  user: (w, c, d) => (c.phase === PHASE.alert ? attach(w, d, c.user) : trailing(w, c, d)),
  screener: (w, c, d) => {
    const at = c.phase === PHASE.alert ? fromScreen(w, c, 1.5, 1.8) : fromScreen(w, c, 2.8, 0, 0.8);
    go(w, d, at.x, at.y);
  },
  switches: true,
};

/** He stands between his man and the screen and lets him go anywhere but over it. */
export const topLock: Coverage = {
  user: (w, c, d) => {
    if (w.t > c.starts + w.lag.off * w.dt + 0.25 * w.react) return attach(w, d, c.user);
    const { seen } = w;
    look(w, c.user, w.lag.near);
    const rx = -seen.x;
    const ry = w.rimY - seen.y;
    const far = Math.sqrt(rx * rx + ry * ry) || 1e-9;
    let x = c.sx - seen.x;
    let y = c.sy - seen.y;
    const down = (x * rx + y * ry) / far;
    x -= (down * rx) / far;
    y -= (down * ry) / far;
    const size = Math.sqrt(x * x + y * y) || 1e-9;
    go(w, d, seen.x + (2.3 * x) / size, seen.y + (2.3 * y) / size);
  },
  screener: (w, c, d) => {
    if (c.phase === PHASE.after) return;
    const bx = w.bx - c.sx;
    const by = w.by - c.sy;
    const size = Math.sqrt(bx * bx + by * by) || 1e-9;
    go(w, d, c.sx + (2.6 * bx) / size, c.sy + (2.6 * by) / size);
  },
};

/** The screener's man steps before the cutter, until the ball goes to his own. */
export const bump: Coverage = {
  user: () => {},
  screener: (w, c, d) => {
    if (w.t < c.uses - 0.25 || w.owner === w.man[d]) return;
    const { seen } = w;
    look(w, c.user, w.lag.near);
    const ry = w.rimY - seen.y;
    const far = Math.sqrt(seen.x * seen.x + ry * ry) || 1e-9;
    go(w, d, seen.x + 0.35 * seen.vx - (2 * seen.x) / far, seen.y + 0.35 * seen.vy + (2 * ry) / far);
  },
};

/** The screener's man stays with the screener. */
export const stay: Coverage = { user: () => {}, screener: (w, c, d) => attach(w, d, c.screener) };
