import { next, NONE, type None, type Seat } from '../../geometry/five.ts';
import { onRails, type Moving } from '../rails.ts';
import { PHASE, type Context } from './context.ts';
import { HELP, PACE } from './figures.ts';
import type { Help } from '../plan.ts';
import { go } from './normal.ts';
import { look, ROLE, type World } from './world.ts';

/** Where a man will be, looked up and read at once; nothing in a step makes an object. */
const ahead: Moving = { x: 0, y: 0, vx: 0, vy: 0 };

/** Whom the tag is asked of, and when it is over. */
export function tag(w: World, c: Context): void {
  if (!c.onBall || w.plan.help === 'none' || (c.decided && c.tagger === NONE)) return;
  if (!c.decided) {
    if (w.t - w.lag.off * w.dt < c.leaves || w.t < c.uses - 0.3) return;
    c.decided = true;
    if (!rolls(w, c)) return;
    c.tagger = chooseTagger(w, c);
    if (w.plan.help === 'rotation' && c.tagger !== NONE) chooseSplitter(w, c, c.tagger);
  }
  if (c.tagger === NONE) return;
  if (tagIsOver(w, c)) {
    w.attends[c.tagger] = NONE;
    c.tagger = NONE;
    c.splitter = NONE;
    return;
  }
  w.attends[c.tagger] = c.screener;
  wall(w, c.tagger, c.screener);
  if (c.splitter !== NONE) split(w, c, c.splitter);
}

/** The man who leaves the screen goes to the rim: away from it nobody tags him. */
function rolls(w: World, c: Context): boolean {
  const later = onRails(w.rails, w.k + Math.round(0.6 / w.dt), c.screener, ahead);
  const then = later.x ** 2 + (later.y - w.rimY) ** 2;
  const here = w.now[c.screener].x ** 2 + (w.now[c.screener].y - w.rimY) ** 2;
  return then < here - 1 && then < 17 * 17;
}

/** The man the team sends; when nobody stands in the strong corner, the one in the weak corner. */
function chooseTagger(w: World, c: Context): Seat | None {
  const { rails, plan } = w;
  const bx = onRails(rails, Math.round((c.uses + 0.9) / w.dt), c.user, ahead).x;
  const side = Math.abs(bx) < 2 ? (c.wx === 0 ? bx : c.wx) : bx;
  const asked = bestTagger(w, c, side, plan.help);
  return asked === NONE && plan.help === 'strongCorner' ? bestTagger(w, c, side, 'weakCorner') : asked;
}

/** The lowest man of a corner, or the highest who stands in none. */
function bestTagger(w: World, c: Context, side: number, help: Help): Seat | None {
  let best: Seat | None = NONE;
  let bestScore = Infinity;
  for (let d: Seat = 0; d < 5; d = next(d)) {
    const j = w.man[d];
    if (j === c.user || j === c.screener) continue;
    look(w, j, w.lag.off);
    const x = w.seen.x;
    const y = w.seen.y;
    const corner = y < 12 && Math.abs(x) > 12;
    const strong = x * side > 0;
    const fits = help === 'top' ? !corner : corner && strong === (help === 'strongCorner');
    const score = !fits ? Infinity : help === 'top' ? -y : y;
    if (score < bestScore) {
      bestScore = score;
      best = d;
    }
  }
  return best;
}

/** The next man over splits the tagger's man and his own. */
function chooseSplitter(w: World, c: Context, tagger: Seat): void {
  const left = w.man[tagger];
  const his = w.now[left];
  let nearest = Infinity;
  for (let d: Seat = 0; d < 5; d = next(d)) {
    const j = w.man[d];
    if (d === tagger || j === c.user || j === c.screener) continue;
    const gap = (his.x - w.now[j].x) ** 2 + (his.y - w.now[j].y) ** 2;
    if (gap < nearest) {
      nearest = gap;
      c.splitter = d;
      c.splitFirst = left;
      c.splitSecond = j;
    }
  }
}

function tagIsOver(w: World, c: Context): boolean {
  if (w.owner !== c.user && w.owner !== c.screener) return true;
  if (c.phase !== PHASE.done) return false;
  const big = w.of[c.screener];
  if (big === c.tagger) return false;
  const { x, y } = w.now[c.screener];
  const dx = w.px[big] - x;
  const dy = w.py[big] - y;
  return dx * dx + dy * dy < HELP.bigBack * HELP.bigBack && dx * -x + dy * (w.rimY - y) > 0;
}

/** Before the man who rolls, on his way to the rim, never past it and not too far out. */
function wall(w: World, d: Seat, j: Seat): void {
  const { seen, rimY } = w;
  look(w, j, w.lag.near);
  const x = seen.x + HELP.tagLead * seen.vx;
  const y = seen.y + HELP.tagLead * seen.vy - rimY;
  const far = Math.sqrt(x * x + y * y) || 1e-9;
  const at = Math.min(HELP.tagDeep, Math.max(0, far - HELP.tagGap));
  go(w, d, (x / far) * at, rimY + (y / far) * at);
}

function split(w: World, c: Context, d: Seat): void {
  const { seen, rimY } = w;
  look(w, c.splitFirst, w.lag.off);
  const ax = seen.x;
  const ay = seen.y;
  look(w, c.splitSecond, w.lag.off);
  const x = (ax + seen.x) / 2;
  const y = (ay + seen.y) / 2;
  const far = Math.sqrt(x * x + (rimY - y) ** 2) || 1e-9;
  go(w, d, x - (2 * x) / far, y + (2 * (rimY - y)) / far);
}

/** Help on a drive: the gaps stunt at it, and when its man is beaten somebody stops it. */
export function driveHelp(w: World): void {
  const { rails, px, py, rimY } = w;
  const j = w.owner;
  const from = onRails(rails, w.k - w.lag.off, j, ahead);
  const held = rails.track.holder[Math.max(0, w.k - w.lag.off)] === j;
  const { x, y, vx: driveX, vy: driveY } = from;
  const speed = Math.sqrt(driveX * driveX + driveY * driveY);
  const far = Math.sqrt(x * x + (rimY - y) ** 2) || 1e-9;
  const rimwardX = -x / far;
  const rimwardY = (rimY - y) / far;
  const cos = speed < 1e-9 ? 0 : (driveX * rimwardX + driveY * rimwardY) / speed;
  if (!held || speed < HELP.stops || cos < 0) w.driveHelper = NONE;
  if (!held || !w.plan.driveHelp) return;
  if (speed > HELP.drives && cos > HELP.toRim) {
    for (let d: Seat = 0; d < 5; d = next(d)) {
      const m = w.man[d];
      const role = w.role[m];
      if (m === j || w.busy[d] === 1 || !((w.apart >> m) & 1) || role === ROLE.twoAway) continue;
      const dx = px[d] - x;
      const dy = py[d] - y;
      const along = Math.max(0, Math.min(HELP.stuntAhead, (dx * driveX + dy * driveY) / speed));
      const meetX = x + (driveX / speed) * along;
      const meetY = y + (driveY / speed) * along;
      const ox = px[d] - meetX;
      const oy = py[d] - meetY;
      const off = Math.sqrt(ox * ox + oy * oy);
      if (off >= HELP.stuntWithin || off < 1e-9) continue;
      go(w, d, meetX + (ox / off) * HELP.stuntShort, meetY + (oy / off) * HELP.stuntShort);
      w.attends[d] = j;
    }
  }
  if (
    w.driveHelper === NONE &&
    speed > HELP.drives &&
    cos > HELP.beatenToRim &&
    beaten(w, x, y, rimwardX, rimwardY)
  )
    w.driveHelper = chooseStopper(w, x, y, rimwardX, rimwardY, far, speed);
  if (w.driveHelper !== NONE) stop(w, w.driveHelper, x, y, rimwardX, rimwardY, far);
}

/** Neither the man on the ball nor one of a two-man coverage is before it on its way to the rim. */
function beaten(w: World, x: number, y: number, rx: number, ry: number): boolean {
  const own = w.of[w.owner];
  for (let d: Seat = 0; d < 5; d = next(d)) {
    if (d !== own && w.busy[d] === 0) continue;
    const dx = w.px[d] - x;
    const dy = w.py[d] - y;
    const far = d === own ? HELP.beatenFar : HELP.coverFar;
    const front = dx * rx + dy * ry >= HELP.beatenFront;
    if (front && Math.abs(dx * ry - dy * rx) <= HELP.beatenOff && dx * dx + dy * dy <= far * far)
      return false;
  }
  return true;
}

/** Whoever can be on the way to the rim before the ball, soonest; else the one nearest the rim. */
function chooseStopper(
  w: World,
  x: number,
  y: number,
  rx: number,
  ry: number,
  far: number,
  speed: number,
): Seat | None {
  let best: Seat | None = NONE;
  let bestSpare = -Infinity;
  let low: Seat | None = NONE;
  let lowest = Infinity;
  for (let d: Seat = 0; d < 5; d = next(d)) {
    if (w.man[d] === w.owner || w.busy[d] === 1) continue;
    const px = w.px[d];
    const py = w.py[d];
    const toRim = px * px + (py - w.rimY) ** 2;
    if (toRim < lowest) {
      lowest = toRim;
      low = d;
    }
    for (let s = 2; s < far - 1; s += 1) {
      const gap = Math.max(0, Math.sqrt((px - x - rx * s) ** 2 + (py - y - ry * s) ** 2) - HELP.body);
      const spare = s / Math.max(speed, 1) - gap / (0.7 * w.speed) - 0.1;
      if (spare >= 0 && spare - s / 100 > bestSpare) {
        bestSpare = spare - s / 100;
        best = d;
      }
    }
  }
  return best === NONE ? low : best;
}

/** On the ball's way to the rim, as far out as he can get. */
function stop(w: World, d: Seat, x: number, y: number, rx: number, ry: number, far: number): void {
  if (w.man[d] === w.owner) {
    w.driveHelper = NONE;
    return;
  }
  const dx = w.px[d] - x;
  const dy = w.py[d] - y;
  const along = dx * rx + dy * ry;
  const off = Math.abs(dx * ry - dy * rx);
  // He aims ahead of where he stands beside the way, so that he meets it and does not chase it.
  const s = Math.min(far - 2, Math.max(3, along + 0.35 * off));
  go(w, d, x + rx * s, y + ry * s, PACE.run * w.speed);
  w.attends[d] = w.owner;
}
