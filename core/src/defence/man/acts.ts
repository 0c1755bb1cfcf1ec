import { next, type Seat } from '../../geometry/five.ts';
import type { Own } from '../plan.ts';
import { PACE } from './figures.ts';
import { go } from './target.ts';
import { look, type World } from './world.ts';

/** A man who helps stands this far before the ball; one who sags sits in the lane, this much of the way to his man (ft, shares). */
const HELPS = 3;
const SAGS = { share: 0.25, wide: 5, from: 7, to: 13, high: 0.5 } as const;
/** One who steps up comes so near to the ball, or so far from where he is (ft). */
const STEPS = { near: 4, most: 8 } as const;
/** How much later a man sees who is late (s, from memory). */
const LATE = 0.45;

/** What single men are seen to do by the reads of the line, in place of their normal places. */
export function act(w: World): void {
  for (const a of w.plan.acts) {
    if (w.t < a.from || w.t >= a.to) continue;
    const d = a.who;
    if (a.does === 'helps' && w.man[d] !== w.owner) helps(w, d);
    else if (a.does === 'sags' && w.man[d] !== w.owner) sags(w, d);
    else if (a.does === 'stepsUp' && w.man[d] !== w.owner) stepsUp(w, d);
  }
}

/** He leaves his man for the ball. */
function helps(w: World, d: Seat): void {
  const far = Math.sqrt(w.bx * w.bx + (w.rimY - w.by) ** 2) || 1e-9;
  const k = Math.min(HELPS, far / 2) / far;
  go(w, d, w.bx - w.bx * k, w.by + (w.rimY - w.by) * k, PACE.run * w.speed[d]);
  w.attends[d] = w.owner;
}

/** He sits in the lane, on his man's side. */
function sags(w: World, d: Seat): void {
  look(w, w.man[d], w.lag.off);
  const { x, y } = w.seen;
  const wide = Math.min(SAGS.wide, Math.max(-SAGS.wide, SAGS.share * x));
  go(w, d, wide, Math.min(SAGS.to, Math.max(SAGS.from, SAGS.high * y)));
}

function stepsUp(w: World, d: Seat): void {
  const dx = w.bx - w.px[d];
  const dy = w.by - w.py[d];
  const far = Math.sqrt(dx * dx + dy * dy) || 1e-9;
  const k = Math.min(STEPS.most, Math.max(0, far - STEPS.near)) / far;
  go(w, d, w.px[d] + dx * k, w.py[d] + dy * k);
  w.attends[d] = w.owner;
}

/** Who is late, steps: told by the reads of the line. */
export function lateness(w: World): void {
  for (let d: Seat = 0; d < 5; d = next(d)) w.later[d] = 0;
  for (const a of w.plan.acts)
    if (a.does === 'late' && w.t >= a.from && w.t < a.to)
      w.later[a.who] = Math.round((LATE * w.react) / w.dt);
}

/** How an action that is on now is met otherwise, as far as it is about a player; undefined as usual. */
export function toldNow(w: World, player: Seat): Own | undefined {
  for (const o of w.plan.own) if (o.player === player && w.t >= o.from - 1 && w.t <= o.to) return o;
  return undefined;
}
