import type { Seat } from '../../geometry/five.ts';
import { PACE } from './figures.ts';
import type { World } from './world.ts';

/** Sends defender d to (x, y) at no more than `cap` ft/s. */
export function go(w: World, d: Seat, x: number, y: number, cap = PACE.run * w.speed): void {
  w.tx[d] = x;
  w.ty[d] = y;
  w.cap[d] = cap;
}
