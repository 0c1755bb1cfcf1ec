import { PHASE } from '../context.ts';
import { attach, go } from '../normal.ts';
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
    const rx = -seen[0]!;
    const ry = w.rimY - seen[1]!;
    const far = Math.sqrt(rx * rx + ry * ry) || 1e-9;
    let x = c.sx - seen[0]!;
    let y = c.sy - seen[1]!;
    const down = (x * rx + y * ry) / far;
    x -= (down * rx) / far;
    y -= (down * ry) / far;
    const size = Math.sqrt(x * x + y * y) || 1e-9;
    go(w, d, seen[0]! + (2.3 * x) / size, seen[1]! + (2.3 * y) / size);
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
    const ry = w.rimY - seen[1]!;
    const far = Math.sqrt(seen[0]! * seen[0]! + ry * ry) || 1e-9;
    go(w, d, seen[0]! + 0.35 * seen[2]! - (2 * seen[0]!) / far, seen[1]! + 0.35 * seen[3]! + (2 * ry) / far);
  },
};

/** The screener's man stays with the screener. */
export const stay: Coverage = { user: () => {}, screener: (w, c, d) => attach(w, d, c.screener) };
