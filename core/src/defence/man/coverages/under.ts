import { type Seat } from '../../../geometry/five.ts';
import { PHASE, type Context } from '../context.ts';
import { normal } from '../normal.ts';
import { go } from '../target.ts';
import { look, type World } from '../world.ts';
import { force, fromScreen, fromUser, type Coverage } from './machine.ts';

/** He reads this far ahead (s), and meets his man this far off (ft): a handoff leaves more room than a screen. */
const AHEAD = 0.3;
/** He keeps that room so long before he closes it (s). */
const KEEPS = 0.8;
const GAP = { screen: 4, handoff: 5 } as const;

/** He goes behind the screen and meets the ball on the other side. */
function user(w: World, c: Context, d: Seat): void {
  if (c.phase === PHASE.alert || w.t > c.uses + KEEPS) return normal(w, d);
  const { seen } = w;
  look(w, c.user, w.lag.ball);
  const at = fromUser(
    w,
    c,
    seen.x + AHEAD * seen.vx,
    seen.y + AHEAD * seen.vy,
    0,
    c.handoff ? GAP.handoff : GAP.screen,
  );
  go(w, d, at.x, at.y);
  if (c.phase === PHASE.use) force(w, c, d, -1);
}

/** The big steps back and leaves him a way through. */
function screener(w: World, c: Context, d: Seat): void {
  if (c.phase === PHASE.after) return normal(w, d);
  const at = fromScreen(w, c, -0.8, 5.2);
  go(w, d, at.x, at.y);
}

export const under: Coverage = { user, screener };
