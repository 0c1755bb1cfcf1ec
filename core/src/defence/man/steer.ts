import { next, type Seat } from '../../geometry/five.ts';
import { BODY, PACE, STEER } from './figures.ts';
import type { World } from './world.ts';

/** How fast everybody's target moves, from where it was so many seconds ago; one that leaps does not move. */
export function carryOn(w: World, seconds: number): void {
  const { tx, ty, lastX, lastY } = w;
  for (let d: Seat = 0; d < 5; d = next(d)) {
    const x = (tx[d] - lastX[d]) / seconds;
    const y = (ty[d] - lastY[d]) / seconds;
    const leaps = x * x + y * y > STEER.carryMost * STEER.carryMost;
    w.carryX[d] = leaps ? 0 : x;
    w.carryY[d] = leaps ? 0 : y;
    lastX[d] = tx[d];
    lastY[d] = ty[d];
  }
}

/** One step of one defender: where he heads, round what stands in his way, at what speed he can. */
export function steer(w: World, d: Seat): void {
  const { px, py, vx, vy, tx, ty, dt } = w;
  const push = w.push[d];
  let cap = w.cap[d];
  const c = w.forced[d];
  if (c >= 0) {
    const s = w.contexts[c]!;
    const near = (px[d] - s.sx) ** 2 + (py[d] - s.sy) ** 2 < BODY.fights * BODY.fights;
    if (near && standing(w, c)) {
      const over = s.fought > PACE.fightsFor ? PACE.slidesOff : s.handoff ? PACE.overHandoff : PACE.over;
      if (w.side[d] > 0) s.fought += dt;
      cap = Math.min(cap, (w.side[d] > 0 ? over : PACE.under) * w.speed[d]);
    }
  }

  way.x = tx[d];
  way.y = ty[d];
  way.detour = false;
  if (!sidestep(w, d)) obstacles(w, d);
  const { detour } = way;
  const ex = way.x - px[d];
  const ey = way.y - py[d];
  const toWay = Math.sqrt(ex * ex + ey * ey);
  const rest = detour ? toWay + Math.sqrt((tx[d] - way.x) ** 2 + (ty[d] - way.y) ** 2) : toWay;
  const most = Math.min(cap, Math.sqrt(2 * STEER.brake * push * rest), STEER.near * rest);
  const k = toWay < 1e-9 ? 0 : most / toWay;
  const carry = detour ? 0 : STEER.carry;
  let wx = carry * w.carryX[d] + ex * k;
  let wy = carry * w.carryY[d] + ey * k;
  let top = Math.min(cap, Math.sqrt(2 * push * (rest + STEER.slack)));
  if (w.t < w.hitUntil[d]) top *= w.hitKeeps[d];
  const size = Math.sqrt(wx * wx + wy * wy);
  if (size > top) {
    wx *= top / size;
    wy *= top / size;
  }
  let ax = wx - vx[d];
  let ay = wy - vy[d];
  const braking = ax * vx[d] + ay * vy[d] < 0;
  const change = Math.sqrt(ax * ax + ay * ay);
  const can = push * dt * (braking ? STEER.braking : 1);
  if (change > can) {
    ax *= can / change;
    ay *= can / change;
  }
  vx[d] = vx[d] + ax;
  vy[d] = vy[d] + ay;
  px[d] = px[d] + vx[d] * dt;
  py[d] = py[d] + vy[d] * dt;
  keepOffRim(w, d);
}

/** Nobody stands in the rim. */
export function keepOffRim(w: World, d: Seat): void {
  const x = w.px[d];
  const y = w.py[d] - w.rimY;
  const far = Math.sqrt(x * x + y * y);
  if (far >= BODY.rim) return;
  // From the very middle he steps out toward half court.
  const ux = far < 1e-9 ? 0 : x / far;
  const uy = far < 1e-9 ? 1 : y / far;
  w.px[d] = ux * BODY.rim;
  w.py[d] = w.rimY + uy * BODY.rim;
}

/** Whether the screener of a context stands there as a body now. */
export function standing(w: World, c: number): boolean {
  const s = w.contexts[c]!;
  return w.t >= s.set && w.t < s.leaves;
}

/** Whether a defender knows that a screen is there: a ball watcher feels a back screen before he sees it. */
export function knows(w: World, d: Seat, c: number): boolean {
  const s = w.contexts[c]!;
  return !s.back || s.called || w.plan.watches[d] === 0 || w.felt[d * w.contexts.length + c] === 1;
}

/** A place this near to his own man (ft²) he goes to straight. */
const OWN_NEAR = 2.3 * 2.3;

/** Where he heads (x, y), and whether that is a detour. */
const way = { x: 0, y: 0, detour: false };

function obstacles(w: World, d: Seat): void {
  const { px, py, contexts } = w;
  for (let c = 0; c < contexts.length; c++) {
    const s = contexts[c]!;
    if (!standing(w, c) || s.screener === w.man[d] || !knows(w, d, c)) continue;
    const dx = px[d] - s.sx;
    const dy = py[d] - s.sy;
    if (dx * dx + dy * dy > BODY.sees * BODY.sees) continue;
    const side = w.forced[d] === c ? w.side[d] : 0;
    round(w, d, c, s.sx, s.sy, BODY.roundScreen, s.nx * side, s.ny * side, side !== 0);
    if (way.detour) return;
  }
  for (let j: Seat = 0; j < 5; j = next(j)) {
    const his = w.now[j];
    const own = j === w.man[d];
    const limit = own ? BODY.ownSlow : BODY.slow;
    if (his.vx * his.vx + his.vy * his.vy > limit * limit) continue;
    const dx = his.x - px[d];
    const dy = his.y - py[d];
    if (dx * dx + dy * dy > BODY.sees * BODY.sees) continue;
    if (own && (w.tx[d] - his.x) ** 2 + (w.ty[d] - his.y) ** 2 < OWN_NEAR) continue;
    round(w, d, MEN + j, his.x, his.y, own ? BODY.roundOwn : BODY.roundMan, 0, 0, false);
    if (way.detour) return;
  }
}

/** On a drive the man on the ball and he who stops it have eyes for nothing else: a running mate neither moves nor pushes them. */
export const playsBall = (w: World, d: Seat, j: Seat): boolean =>
  w.driving && j !== w.owner && (d === w.driveHelper || d === w.of[w.owner]);

/** Out of the way of an attacker who runs at him: across that run, on the side he wanted to go to. */
function sidestep(w: World, d: Seat): boolean {
  const { px, py } = w;
  for (let j: Seat = 0; j < 5; j = next(j)) {
    if (j === w.man[d]) continue;
    const his = w.now[j];
    const dx = px[d] - his.x;
    const dy = py[d] - his.y;
    const off2 = dx * dx + dy * dy;
    if (off2 > BODY.steps * BODY.steps || playsBall(w, d, j)) continue;
    const { vx, vy } = his;
    const v = Math.sqrt(vx * vx + vy * vy);
    if (v < BODY.slow || dx * vx + dy * vy < BODY.ahead * v * Math.sqrt(off2)) continue;
    const ax = -vy / v;
    const ay = vx / v;
    const wanted = (w.tx[d] - px[d]) * ax + (w.ty[d] - py[d]) * ay;
    const beside = dx * ax + dy * ay;
    const side = (Math.abs(wanted) > 0.5 ? wanted : beside) < 0 ? -1 : 1;
    way.x = px[d] + BODY.aside * side * ax;
    way.y = py[d] + BODY.aside * side * ay;
    return true;
  }
  return false;
}

/**
 * Sends him round a body at (sx, sy) if his straight way comes nearer than `room`: to the tangent point on
 * the side (nx, ny), or on the nearer side when he may choose.
 */
/** Bodies of players beside those of screens. */
const MEN = 100;

function round(
  w: World,
  d: Seat,
  body: number,
  sx: number,
  sy: number,
  room: number,
  nx: number,
  ny: number,
  forced: boolean,
): void {
  const x = w.px[d];
  const y = w.py[d];
  const goalX = way.x! - x;
  const goalY = way.y! - y;
  const goal2 = goalX * goalX + goalY * goalY;
  if (goal2 < 1e-9) return;
  const raw = ((sx - x) * goalX + (sy - y) * goalY) / goal2;
  const u = raw < 0 ? 0 : raw > 1 ? 1 : raw;
  const passX = x + goalX * u - sx;
  const passY = y + goalY * u - sy;
  const passes = raw > 0 && raw < 1;
  const blocked = passes && passX * passX + passY * passY < room * room - 1e-6;
  const wrong = forced && passes && passX * nx + passY * ny < 0;
  if (!blocked && !wrong) return;
  const fromBodyX = x - sx;
  const fromBodyY = y - sy;
  const away = Math.sqrt(fromBodyX * fromBodyX + fromBodyY * fromBodyY) || 1e-9;
  const outX = fromBodyX / away;
  const outY = fromBodyY / away;
  // Two ways round, left and right of the line from the body to him; on his side already, he goes on as he will.
  const there = outX * nx + outY * ny > 0.3;
  let sign = forced && !there ? -outY * nx + outX * ny : -outY * goalX + outX * goalY;
  if (Math.abs(sign) < 0.15 && forced) sign = -outY * goalX + outX * goalY;
  if (Math.abs(sign) < 1e-9) sign = -outY * (passX || -x) + outX * (passY || w.rimY - y);
  const kept = w.roundBody[d] === body && w.t < w.roundUntil[d];
  const s = kept ? w.roundSide[d] : sign < 0 ? -1 : 1;
  w.roundBody[d] = body;
  w.roundSide[d] = s;
  w.roundUntil[d] = w.t + BODY.keepsSide;
  const r = Math.min(1, room / Math.max(away, room));
  const out = Math.sqrt(Math.max(0, 1 - r * r));
  // Inside the room he first works his way along it.
  const along = away <= room ? 0.8 : out;
  const back = away <= room ? 0.6 : r;
  way.x = sx + room * (outX * back - outY * s * along);
  way.y = sy + room * (outY * back + outX * s * along);
  way.detour = true;
}
