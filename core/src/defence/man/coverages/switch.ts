import { type Seat } from '../../../geometry/five.ts';
import { PHASE, type Context } from '../context.ts';
import { ON_BALL } from '../figures.ts';
import { onBall } from '../normal.ts';
import { go } from '../target.ts';
import { look, type World } from '../world.ts';
import { trailTo } from './drop.ts';
import { fromScreen, fromUser, type Coverage } from './machine.ts';

/** They take each other's man: the little one gets below the screener, the big one meets the ball. */
function user(w: World, c: Context, d: Seat): void {
  if (c.handoff && w.t < c.uses) return trailTo(w, c, d);
  if (c.phase === PHASE.alert || w.t < c.starts + 0.15) return onBall(w, d, c.user, ON_BALL.tight);
  const at = fromScreen(w, c, 0, 2.7);
  go(w, d, at.x, at.y);
}

function screener(w: World, c: Context, d: Seat): void {
  if (c.phase === PHASE.alert) {
    const at = fromScreen(w, c, 2, 1);
    return go(w, d, at.x, at.y);
  }
  const { seen } = w;
  look(w, c.user, w.lag.ball);
  const at = fromUser(w, c, seen.x, seen.y, 1.4, 2.4);
  go(w, d, at.x, at.y);
}

export const onBallSwitch: Coverage = { user, screener, switches: true };
