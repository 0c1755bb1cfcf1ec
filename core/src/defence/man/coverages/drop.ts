import { type Seat } from '../../../geometry/five.ts';
import { PHASE, type Context } from '../context.ts';
import { ON_BALL, PACE } from '../figures.ts';
import { onBall } from '../normal.ts';
import { go } from '../target.ts';
import { look, type World } from '../world.ts';
import { force, type Coverage } from './machine.ts';

/** Over the screen: tight before it, over it, then after the ball from behind. */
export function over(w: World, c: Context, d: Seat): void {
  if (c.handoff && w.t < c.uses) return trailTo(w, c, d);
  onBall(w, d, c.user, c.phase === PHASE.alert ? ON_BALL.tight : ON_BALL.gap);
  if (c.phase === PHASE.use) force(w, c, d, 1);
  if (c.phase === PHASE.after) w.cap[d] = PACE.chase * w.speed[d];
}

/** Two feet behind the man who comes for a handoff. */
export function trailTo(w: World, c: Context, d: Seat): void {
  const { seen } = w;
  look(w, c.user, w.lag.near);
  const v = Math.sqrt(seen.vx * seen.vx + seen.vy * seen.vy);
  const k = v < 1 ? 0 : 2 / v;
  go(w, d, seen.x - seen.vx * k, seen.y - seen.vy * k);
}

/** The big between ball and rim, never nearer to the ball than it takes to keep both in front. */
export function sit(w: World, c: Context, d: Seat): void {
  const { seen, rimY } = w;
  look(w, c.user, w.lag.ball);
  const ballX = seen.x;
  const ballY = seen.y - rimY;
  look(w, c.screener, w.lag.near);
  const rollX = seen.x;
  const rollY = seen.y - rimY;
  const ball = Math.sqrt(ballX * ballX + ballY * ballY);
  const roll = Math.sqrt(rollX * rollX + rollY * rollY);
  const spot = Math.sqrt(c.sx * c.sx + (c.sy - rimY) ** 2);
  const first = Math.max(2.2, Math.min(13, spot - 8.5));
  const begun = w.t >= c.uses || w.t >= c.leaves;
  let depth = begun ? Math.min(first, Math.max(2.2, Math.min(ball - 7.5, roll - 2.2))) : first;
  let toBall = 0.62;
  if (begun && ball < 9.5) {
    depth = Math.max(2.2, ball - 2.8);
    toBall = 1;
  }
  const x = ballX * toBall + rollX * (1 - toBall);
  const y = ballY * toBall + rollY * (1 - toBall);
  const size = Math.sqrt(x * x + y * y) || 1e-9;
  go(w, d, (x / size) * depth, rimY + (y / size) * depth);
}

export const drop: Coverage = { user: over, screener: sit };
/** Over the screen, and the big stays with his own man. */
export const stayHome: Coverage = { user: over, screener: () => {} };
