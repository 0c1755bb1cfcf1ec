import { next, NONE, type None, type Seat } from '../../geometry/five.ts';
import { onRails, type Moving } from '../rails.ts';
import { PHASE, type Context } from './context.ts';
import { HELP } from './figures.ts';
import type { Help } from '../plan.ts';
import { go } from './target.ts';
import { look, type World } from './world.ts';

/** Where a man will be, looked up and read at once; nothing in a step makes an object. */
const ahead: Moving = { x: 0, y: 0, vx: 0, vy: 0 };

/** Whom the tag is asked of, and when it is over. */
export function tag(w: World, c: Context): void {
  if (!c.onBall || (c.help === 'none' && c.tags === NONE) || (c.decided && c.tagger === NONE)) return;
  if (!c.decided) {
    if (w.t - w.lag.off * w.dt < c.leaves || w.t < c.uses - 0.3) return;
    c.decided = true;
    if (!rolls(w, c)) return;
    c.tagger = c.tags === NONE ? chooseTagger(w, c) : c.tags;
    if (c.help === 'rotation' && c.tagger !== NONE) chooseSplitter(w, c, c.tagger);
  }
  if (c.tagger === NONE) return;
  if (tagIsOver(w, c)) {
    w.attends[c.tagger] = NONE;
    c.tagger = NONE;
    c.splitter = NONE;
    return;
  }
  w.attends[c.tagger] = c.screener;
  wall(w, c.tagger, c.screener, HELP.tagDeep);
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
  const { rails } = w;
  const bx = onRails(rails, Math.round((c.uses + 0.9) / w.dt), c.user, ahead).x;
  const side = Math.abs(bx) < 2 ? (c.wx === 0 ? bx : c.wx) : bx;
  const asked = bestTagger(w, c, side, c.help);
  return asked === NONE && c.help === 'strongCorner' ? bestTagger(w, c, side, 'weakCorner') : asked;
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

/** Before a man who runs at the rim, on his way to it, never past it and not farther out than `deep` feet. */
export function wall(w: World, d: Seat, j: Seat, deep: number): void {
  const { seen, rimY } = w;
  look(w, j, w.lag.near);
  const x = seen.x + HELP.tagLead * seen.vx;
  const y = seen.y + HELP.tagLead * seen.vy - rimY;
  const far = Math.sqrt(x * x + y * y) || 1e-9;
  const at = Math.min(deep, Math.max(0, far - HELP.tagGap));
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
