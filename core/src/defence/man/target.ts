import type { Seat } from '../../geometry/five.ts';
import { BODY, PACE } from './figures.ts';
import type { World } from './world.ts';

/** Sends defender d to (x, y), or as near as the lines allow, at no more than `cap` ft/s. */
export function go(w: World, d: Seat, x: number, y: number, cap = PACE.run * w.speed[d]): void {
  const wide = w.rails.court.width / 2 - BODY.inBounds;
  w.tx[d] = x > wide ? wide : x < -wide ? -wide : x;
  w.ty[d] = y < BODY.inBounds ? BODY.inBounds : y;
  w.cap[d] = cap;
}
