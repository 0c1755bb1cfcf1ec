import { PHASE, type Context } from './context.ts';
import { HELP, PACE } from './figures.ts';
import type { Help } from '../plan.ts';
import { go } from './normal.ts';
import { look, ROLE, type World } from './world.ts';

/** Whom the tag is asked of, and when it is over. */
export function tag(w: World, c: Context): void {
  if (!c.onBall || w.plan.help === 'none' || c.tagger === -1) return;
  if (c.tagger === -2) {
    if (w.t - w.lag.off * w.dt < c.leaves || w.t < c.uses - 0.3) return;
    if (!rolls(w, c)) {
      c.tagger = -1;
      return;
    }
    c.tagger = chooseTagger(w, c);
    if (w.plan.help === 'rotation' && c.tagger >= 0) chooseSplitter(w, c);
  }
  if (c.tagger < 0) return;
  if (tagIsOver(w, c)) {
    w.attends[c.tagger] = -1;
    c.tagger = -1;
    c.splitter = -1;
    return;
  }
  w.attends[c.tagger] = c.screener;
  wall(w, c.tagger, c.screener);
  if (c.splitter >= 0) split(w, c);
}

/** The man who leaves the screen goes to the rim: away from it nobody tags him. */
function rolls(w: World, c: Context): boolean {
  const { rails } = w;
  const i = Math.min(rails.steps - 1, w.k + Math.round(0.6 / w.dt)) * 5 + c.screener;
  const now = w.k * 5 + c.screener;
  const then = rails.x[i]! ** 2 + (rails.y[i]! - w.rimY) ** 2;
  const here = rails.x[now]! ** 2 + (rails.y[now]! - w.rimY) ** 2;
  return then < here - 1 && then < 17 * 17;
}

/** The man the team sends; when nobody stands in the strong corner, the one in the weak corner. */
function chooseTagger(w: World, c: Context): number {
  const { rails, plan } = w;
  const i = Math.min(rails.steps - 1, Math.round((c.uses + 0.9) / w.dt)) * 5 + c.user;
  const bx = rails.x[i]!;
  const side = Math.abs(bx) < 2 ? (c.wx === 0 ? bx : c.wx) : bx;
  const asked = bestTagger(w, c, side, plan.help);
  return asked < 0 && plan.help === 'strongCorner' ? bestTagger(w, c, side, 'weakCorner') : asked;
}

/** The lowest man of a corner, or the highest who stands in none. */
function bestTagger(w: World, c: Context, side: number, help: Help): number {
  let best = -1;
  let bestScore = Infinity;
  for (let d = 0; d < 5; d++) {
    const j = w.man[d]!;
    if (j === c.user || j === c.screener) continue;
    look(w, j, w.lag.off);
    const x = w.seen[0]!;
    const y = w.seen[1]!;
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
function chooseSplitter(w: World, c: Context): void {
  const { rails } = w;
  const left = w.man[c.tagger]!;
  const a = w.k * 5 + left;
  let nearest = Infinity;
  for (let d = 0; d < 5; d++) {
    const j = w.man[d]!;
    if (d === c.tagger || j === c.user || j === c.screener) continue;
    const b = w.k * 5 + j;
    const gap = (rails.x[a]! - rails.x[b]!) ** 2 + (rails.y[a]! - rails.y[b]!) ** 2;
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
  const big = w.of[c.screener]!;
  if (big === c.tagger) return false;
  const i = w.k * 5 + c.screener;
  const x = w.rails.x[i]!;
  const y = w.rails.y[i]!;
  const dx = w.px[big]! - x;
  const dy = w.py[big]! - y;
  return dx * dx + dy * dy < HELP.bigBack * HELP.bigBack && dx * -x + dy * (w.rimY - y) > 0;
}

/** Before the man who rolls, on his way to the rim, never past it and not too far out. */
function wall(w: World, d: number, j: number): void {
  const { seen, rimY } = w;
  look(w, j, w.lag.near);
  const x = seen[0]! + HELP.tagLead * seen[2]!;
  const y = seen[1]! + HELP.tagLead * seen[3]! - rimY;
  const far = Math.sqrt(x * x + y * y) || 1e-9;
  const at = Math.min(HELP.tagDeep, Math.max(0, far - HELP.tagGap));
  go(w, d, (x / far) * at, rimY + (y / far) * at);
}

function split(w: World, c: Context): void {
  const { seen, rimY } = w;
  look(w, c.splitFirst, w.lag.off);
  const ax = seen[0]!;
  const ay = seen[1]!;
  look(w, c.splitSecond, w.lag.off);
  const x = (ax + seen[0]!) / 2;
  const y = (ay + seen[1]!) / 2;
  const far = Math.sqrt(x * x + (rimY - y) ** 2) || 1e-9;
  go(w, c.splitter, x - (2 * x) / far, y + (2 * (rimY - y)) / far);
}

/** Help on a drive: the gaps stunt at it, and when its man is beaten somebody stops it. */
export function driveHelp(w: World): void {
  const { rails, px, py, rimY } = w;
  const j = w.owner;
  const i = Math.max(0, w.k - w.lag.off) * 5 + j;
  const held = rails.track.holder[Math.max(0, w.k - w.lag.off)] === j;
  const x = rails.x[i]!;
  const y = rails.y[i]!;
  const driveX = rails.vx[i]!;
  const driveY = rails.vy[i]!;
  const speed = Math.sqrt(driveX * driveX + driveY * driveY);
  const far = Math.sqrt(x * x + (rimY - y) ** 2) || 1e-9;
  const rimwardX = -x / far;
  const rimwardY = (rimY - y) / far;
  const cos = speed < 1e-9 ? 0 : (driveX * rimwardX + driveY * rimwardY) / speed;
  if (!held || speed < HELP.stops || cos < 0) w.driveHelper = -1;
  if (!held || !w.plan.driveHelp) return;
  if (speed > HELP.drives && cos > HELP.toRim) {
    for (let d = 0; d < 5; d++) {
      const m = w.man[d]!;
      const role = w.role[m]!;
      if (m === j || w.busy[d] === 1 || !((w.apart >> m) & 1) || role === ROLE.twoAway) continue;
      const dx = px[d]! - x;
      const dy = py[d]! - y;
      const along = Math.max(0, Math.min(HELP.stuntAhead, (dx * driveX + dy * driveY) / speed));
      const meetX = x + (driveX / speed) * along;
      const meetY = y + (driveY / speed) * along;
      const ox = px[d]! - meetX;
      const oy = py[d]! - meetY;
      const off = Math.sqrt(ox * ox + oy * oy);
      if (off >= HELP.stuntWithin || off < 1e-9) continue;
      go(w, d, meetX + (ox / off) * HELP.stuntShort, meetY + (oy / off) * HELP.stuntShort);
      w.attends[d] = j;
    }
  }
  if (
    w.driveHelper < 0 &&
    speed > HELP.drives &&
    cos > HELP.beatenToRim &&
    beaten(w, x, y, rimwardX, rimwardY)
  )
    w.driveHelper = chooseStopper(w, x, y, rimwardX, rimwardY, far, speed);
  if (w.driveHelper >= 0) stop(w, x, y, rimwardX, rimwardY, far);
}

/** Neither the man on the ball nor one of a two-man coverage is before it on its way to the rim. */
function beaten(w: World, x: number, y: number, rx: number, ry: number): boolean {
  const own = w.of[w.owner]!;
  for (let d = 0; d < 5; d++) {
    if (d !== own && w.busy[d] === 0) continue;
    const dx = w.px[d]! - x;
    const dy = w.py[d]! - y;
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
): number {
  let best = -1;
  let bestSpare = -Infinity;
  let low = -1;
  let lowest = Infinity;
  for (let d = 0; d < 5; d++) {
    if (w.man[d] === w.owner || w.busy[d] === 1) continue;
    const px = w.px[d]!;
    const py = w.py[d]!;
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
  return best >= 0 ? best : low;
}

/** On the ball's way to the rim, as far out as he can get. */
function stop(w: World, x: number, y: number, rx: number, ry: number, far: number): void {
  const d = w.driveHelper;
  if (w.man[d] === w.owner) {
    w.driveHelper = -1;
    return;
  }
  const dx = w.px[d]! - x;
  const dy = w.py[d]! - y;
  const along = dx * rx + dy * ry;
  const off = Math.abs(dx * ry - dy * rx);
  // He aims ahead of where he stands beside the way, so that he meets it and does not chase it.
  const s = Math.min(far - 2, Math.max(3, along + 0.35 * off));
  go(w, d, x + rx * s, y + ry * s, PACE.run * w.speed);
  w.attends[d] = w.owner;
}
