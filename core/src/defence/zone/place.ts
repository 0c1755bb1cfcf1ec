import { ANCHOR_X, ANCHOR_Y, HULL, TRIANGLES, type Scheme } from './scheme.ts';

const spot = { x: 0, y: 0 };

/** The nearest place of the hull of all anchors; the place itself inside it. Written into `spot`. */
function ontoHull(x: number, y: number): void {
  let inside = true;
  let best = Infinity;
  for (let i = 0; i < HULL.length; i++) {
    const a = HULL[i]!;
    const b = HULL[(i + 1) % HULL.length]!;
    const ex = ANCHOR_X[b]! - ANCHOR_X[a]!;
    const ey = ANCHOR_Y[b]! - ANCHOR_Y[a]!;
    const px = x - ANCHOR_X[a]!;
    const py = y - ANCHOR_Y[a]!;
    // The hull runs clockwise: inside is on the right of every edge.
    if (ex * py - ey * px > 1e-12) inside = false;
    const u = Math.min(1, Math.max(0, (px * ex + py * ey) / (ex * ex + ey * ey)));
    const qx = ANCHOR_X[a]! + u * ex;
    const qy = ANCHOR_Y[a]! + u * ey;
    const d = (x - qx) * (x - qx) + (y - qy) * (y - qy);
    if (d < best) {
      best = d;
      spot.x = qx;
      spot.y = qy;
    }
  }
  if (inside) {
    spot.x = x;
    spot.y = y;
  }
}

/** Where each man of a zone stands for a ball at (bx, by), before he looks at the players; feet, into `x` and `y`. */
export function basePlaces(s: Scheme, bx: number, by: number, x: Float64Array, y: Float64Array): void {
  ontoHull(bx, by);
  const px = spot.x;
  const py = spot.y;
  let wa = 0;
  let wb = 0;
  let wc = 0;
  let tri = TRIANGLES[0]!;
  let deepest = -Infinity;
  for (const t of TRIANGLES) {
    const [a, b, c] = t;
    const ax = ANCHOR_X[a]!;
    const ay = ANCHOR_Y[a]!;
    const bx0 = ANCHOR_X[b]! - ax;
    const by0 = ANCHOR_Y[b]! - ay;
    const cx0 = ANCHOR_X[c]! - ax;
    const cy0 = ANCHOR_Y[c]! - ay;
    const size = bx0 * cy0 - by0 * cx0;
    const v = ((px - ax) * cy0 - (py - ay) * cx0) / size;
    const u = ((py - ay) * bx0 - (px - ax) * by0) / size;
    const least = Math.min(v, u, 1 - v - u);
    if (least > deepest) {
      deepest = least;
      tri = t;
      wb = v;
      wc = u;
      wa = 1 - v - u;
      if (least > 0) break;
    }
  }
  const [a, b, c] = tri;
  for (let d = 0; d < 5; d++) {
    x[d] = wa * s.x[a * 5 + d]! + wb * s.x[b * 5 + d]! + wc * s.x[c * 5 + d]!;
    y[d] = wa * s.y[a * 5 + d]! + wb * s.y[b * 5 + d]! + wc * s.y[c * 5 + d]!;
  }
}
