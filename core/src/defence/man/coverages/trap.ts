import { type Seat } from '../../../geometry/five.ts';
import { PHASE, type Context } from '../context.ts';
import { ON_BALL } from '../figures.ts';
import { normal, onBall } from '../normal.ts';
import { go } from '../target.ts';
import { look, type World } from '../world.ts';
import { force, fromScreen, fromUser, type Coverage } from './machine.ts';

const HOLDS = 1.8;

/** Two on the ball, one behind and one before it. */
function user(w: World, c: Context, d: Seat): void {
  if (c.phase === PHASE.alert) return onBall(w, d, c.user, ON_BALL.tight);
  if (w.t > c.uses + HOLDS) return normal(w, d);
  const { seen } = w;
  look(w, c.user, w.lag.ball);
  const at = fromUser(w, c, seen.x, seen.y, -1, 1.9);
  go(w, d, at.x, at.y);
  if (c.phase === PHASE.use) force(w, c, d, 1);
}

function screener(w: World, c: Context, d: Seat): void {
  if (c.phase === PHASE.alert) {
    const at = fromScreen(w, c, 1.6, 1.4);
    return go(w, d, at.x, at.y);
  }
  if (w.t > c.uses + HOLDS) return normal(w, d);
  const { seen } = w;
  look(w, c.user, w.lag.ball);
  const at = fromUser(w, c, seen.x, seen.y, 2.3, 0.9);
  go(w, d, at.x, at.y);
}

export const trap: Coverage = { user, screener };
