import { type Seat } from '../../geometry/five.ts';
import { toldNow } from './acts.ts';
import { hasToDeny, turn, turning } from './deny.ts';
import { AWAY, OFF_THROWER, ON_BALL, PACE } from './figures.ts';
import { go } from './target.ts';
import { lagOf, look, ROLE, type World } from './world.ts';

/** Where defender d would stand if nothing special happened: by his man's place to the ball. */
export function normal(w: World, d: Seat): void {
  const j = w.man[d];
  const { offThrower } = w.plan;
  if (offThrower?.player === j && w.t < offThrower.until + w.lag.pass * w.dt) offHim(w, d, j);
  else if (j === w.owner) onBall(w, d, j, ON_BALL.gap);
  else away(w, d, j);
}

/** Between the man with the ball and the rim, closer when a screen comes and nearer to the rim. */
export function onBall(w: World, d: Seat, j: Seat, gap: number): void {
  const { seen } = w;
  look(w, j, w.lag.ball + w.later[d]);
  const drive = w.plan.driveHelp ? late(w, j) : -1;
  if (drive >= 0) {
    // He reads this dribble late: he still sees the man where it began.
    const i = drive * 5 + j;
    seen.x = w.rails.x[i]!;
    seen.y = w.rails.y[i]!;
    seen.vx = 0;
    seen.vy = 0;
  }
  const x = seen.x;
  const y = seen.y;
  const ry = w.rimY - y;
  const far = Math.sqrt(x * x + ry * ry);
  const deep = Math.min(1, Math.max(0, (far - ON_BALL.deepFrom) / (ON_BALL.deepTo - ON_BALL.deepFrom)));
  const off = Math.min(gap + (ON_BALL.deep - gap) * deep, Math.max(ON_BALL.least, ON_BALL.share * far));
  const k = far < 1e-9 ? 0 : off / far;
  go(
    w,
    d,
    x - x * k + ON_BALL.lead * seen.vx,
    y + ry * k + ON_BALL.lead * seen.vy,
    sliding(w, d, x, y) ? PACE.slide * w.speed[d] : PACE.run * w.speed[d],
  );
}

/** He leaves the thrower-in alone and stands before the basket on the ball's side, where he sees them all. */
function offHim(w: World, d: Seat, j: Seat): void {
  look(w, j, w.lag.off);
  const { x, y } = w.seen;
  const { wide, from, to } = OFF_THROWER;
  go(
    w,
    d,
    Math.min(wide, Math.max(-wide, OFF_THROWER.x * x)),
    Math.min(to, Math.max(from, OFF_THROWER.y * y)),
  );
}

/** In front of a man at (x, y), and near: he slides instead of running. */
function sliding(w: World, d: Seat, x: number, y: number): boolean {
  const dx = w.px[d] - x;
  const dy = w.py[d] - y;
  const inFront = dx * -x + dy * (w.rimY - y) > 0;
  return inFront && dx * dx + dy * dy < PACE.slideWithin * PACE.slideWithin;
}

/** The step at which a dribble began that player j's man still reads late; −1 when there is none. */
function late(w: World, j: Seat): number {
  for (const a of w.plan.lateReads)
    if (a.player === j && w.t >= a.from && w.t < a.from + a.seconds + w.lag.ball * w.dt)
      return Math.round(a.from / w.dt);
  return -1;
}

function away(w: World, d: Seat, j: Seat): void {
  const { seen } = w;
  look(w, j, lagOf(w, d, j));
  const x = seen.x;
  const y = seen.y;
  const rimwardX = -x;
  const rimwardY = w.rimY - y;
  const far = Math.sqrt(rimwardX * rimwardX + rimwardY * rimwardY) || 1e-9;
  const ballwardX = w.bx - x;
  const ballwardY = w.by - y;
  const toBall = Math.sqrt(ballwardX * ballwardX + ballwardY * ballwardY) || 1e-9;
  if (w.plan.denies[d] === 1 && turning(w, d, ballwardX, ballwardY)) return turn(w, d);
  if (far <= AWAY.post)
    return post(w, d, x, y, rimwardX / far, rimwardY / far, ballwardX / toBall, ballwardY / toBall);
  const role = w.role[j];
  const alone = w.plan.help === 'none';
  if (w.plan.denies[d] === 1 && hasToDeny(w, j, toBall)) {
    const k = Math.min(AWAY.denyMost, AWAY.denyShare * toBall) / toBall;
    return go(
      w,
      d,
      x + ballwardX * k + (rimwardX / far) * AWAY.denyBelow,
      y + ballwardY * k + (rimwardY / far) * AWAY.denyBelow,
    );
  }
  if (role === ROLE.oneAway) {
    const k = alone ? AWAY.gapAlone : AWAY.gap;
    return go(
      w,
      d,
      x + ballwardX * k + (rimwardX / far) * AWAY.below,
      y + ballwardY * k + (rimwardY / far) * AWAY.below,
    );
  }
  // Help side: across ballwardY where the ball is, up and down ballwardY where his man is.
  const helpX = Math.min(3, Math.max(-3, 0.16 * w.bx));
  const helpY = Math.min(15, Math.max(6.5, 8 + 0.35 * (y - 8)));
  const sag = alone ? AWAY.sagAlone : role === ROLE.twoAway ? AWAY.sagFar : AWAY.sag;
  go(w, d, x + (helpX - x) * sag, y + (helpY - y) * sag);
}

/** Close to the rim he plays his man where the team says: behind, between, or in front of him. */
function post(w: World, d: Seat, x: number, y: number, rx: number, ry: number, bx: number, by: number): void {
  const how = toldNow(w, w.man[d])?.post ?? w.plan.post;
  let ux = how === 'front' ? bx : rx;
  let uy = how === 'front' ? by : ry;
  if (how === 'threeQuarter') {
    ux = rx + bx;
    uy = ry + by;
    const size = Math.sqrt(ux * ux + uy * uy) || 1;
    ux /= size;
    uy /= size;
  }
  go(w, d, x + ux * AWAY.postGap, y + uy * AWAY.postGap);
}

/** Tight on his man, on the side of ball and rim, wherever he goes. */
export function attach(w: World, d: Seat, j: Seat): void {
  const { seen, px, py } = w;
  const i = w.k * 5 + j;
  const near = (w.rails.x[i]! - px[d]) ** 2 + (w.rails.y[i]! - py[d]) ** 2 < 36;
  look(w, j, near ? w.lag.near : w.lag.off);
  beside(w, d, seen.x, seen.y, 1.6, 1.4);
}

/** To (x, y), moved `rim` feet toward the rim and `ball` feet toward the ball. */
export function beside(w: World, d: Seat, x: number, y: number, rim: number, ball: number): void {
  const ry = w.rimY - y;
  const far = Math.sqrt(x * x + ry * ry) || 1e-9;
  const bx = w.bx - x;
  const by = w.by - y;
  const toBall = Math.sqrt(bx * bx + by * by) || 1e-9;
  go(w, d, x - (x / far) * rim + (bx / toBall) * ball, y + (ry / far) * rim + (by / toBall) * ball);
}
