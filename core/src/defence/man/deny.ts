import { next, NONE, type None, type Seat } from '../../geometry/five.ts';
import { DENY } from './figures.ts';
import { wall } from './help.ts';
import { go } from './target.ts';
import { look, type World } from './world.ts';

/**
 * Whether defender d, who denies player j (seen at x, y, so far from the ball), has a pass to deny: no longer than is
 * thrown, and nobody on the perimeter between. One at the elbow is nobody: the pass goes past him.
 */
export function hasToDeny(w: World, j: Seat, toBall: number): boolean {
  if (toBall > DENY.longest) return false;
  const s = w.sigma[j];
  for (let o: Seat = 0; o < 5; o = next(o)) {
    if (o === j || o === w.owner || !((w.apart >> o) & 1) || (w.elbow >> o) & 1) continue;
    if (w.sigma[o] * s > 0 && Math.abs(w.sigma[o]) < Math.abs(s) - DENY.between) return false;
  }
  return true;
}

/** His player breaks behind him to the rim: on the ball side of him he must first turn. True while he does. */
export function turning(w: World, d: Seat, ballwardX: number, ballwardY: number): boolean {
  const { x, y, vx, vy } = w.seen;
  const far = Math.sqrt(x * x + (w.rimY - y) ** 2) || 1e-9;
  const breaks = (vx * -x + vy * (w.rimY - y)) / far > DENY.breaks;
  if (!breaks || far <= DENY.inside) {
    if (!breaks && w.turned[d] >= 0 && w.t > w.turned[d] + DENY.turn) w.turned[d] = -1;
    return w.turned[d] >= 0 && w.t < w.turned[d] + DENY.turn;
  }
  if (w.turned[d] < 0) {
    const beside = (w.px[d] - x) * ballwardX + (w.py[d] - y) * ballwardY > 0;
    if (!beside) return false;
    w.turned[d] = w.t;
  }
  return w.t < w.turned[d] + DENY.turn;
}

/** A cut behind a man who denies is met by the low man, until the denier is back on the rim's side of it. */
export function lowHelp(w: World): void {
  if (w.plan.help === 'none') return;
  for (let d: Seat = 0; d < 5; d = next(d)) {
    const j = w.man[d];
    if (w.plan.denies[d] === 0 || w.turned[d] < 0 || w.t < w.turned[d] + DENY.lowAfter) continue;
    if (j === w.owner || back(w, d, j)) {
      w.lowHelper[d] = NONE;
      continue;
    }
    if (w.lowHelper[d] === NONE) w.lowHelper[d] = lowest(w, d);
    const low = w.lowHelper[d];
    if (low === NONE) continue;
    wall(w, low, j, DENY.deep);
    w.attends[low] = j;
  }
}

/** He is on the rim's side of his player again, and near. */
function back(w: World, d: Seat, j: Seat): boolean {
  const { x, y } = w.now[j];
  const dx = w.px[d] - x;
  const dy = w.py[d] - y;
  return dx * dx + dy * dy < DENY.back * DENY.back && dx * -x + dy * (w.rimY - y) > 0;
}

/** The man nearest to the rim, not the strong corner's. */
function lowest(w: World, denier: Seat): Seat | None {
  let best: Seat | None = NONE;
  let least = DENY.low * DENY.low;
  for (let d: Seat = 0; d < 5; d = next(d)) {
    const j = w.man[d];
    if (d === denier || j === w.owner || w.busy[d] === 1) continue;
    look(w, j, w.lag.off);
    if (w.seen.y < 12 && Math.abs(w.seen.x) > 12 && w.seen.x * w.bx > 0) continue;
    const far = w.px[d] * w.px[d] + (w.py[d] - w.rimY) ** 2;
    if (far >= least) continue;
    least = far;
    best = d;
  }
  return best;
}

/** On the spot: he turns. */
export const turn = (w: World, d: Seat): void => go(w, d, w.px[d], w.py[d]);
