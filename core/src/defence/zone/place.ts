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
  const atX = spot.x;
  const atY = spot.y;
  let weightA = 0;
  let weightB = 0;
  let weightC = 0;
  let tri = TRIANGLES[0]!;
  let deepest = -Infinity;
  for (const t of TRIANGLES) {
    const [a, b, c] = t;
    const cornerX = ANCHOR_X[a]!;
    const cornerY = ANCHOR_Y[a]!;
    const bx0 = ANCHOR_X[b]! - cornerX;
    const by0 = ANCHOR_Y[b]! - cornerY;
    const cx0 = ANCHOR_X[c]! - cornerX;
    const cy0 = ANCHOR_Y[c]! - cornerY;
    const size = bx0 * cy0 - by0 * cx0;
    const v = ((atX - cornerX) * cy0 - (atY - cornerY) * cx0) / size;
    const u = ((atY - cornerY) * bx0 - (atX - cornerX) * by0) / size;
    const least = Math.min(v, u, 1 - v - u);
    if (least > deepest) {
      deepest = least;
      tri = t;
      weightB = v;
      weightC = u;
      weightA = 1 - v - u;
      if (least > 0) break;
    }
  }
  const [a, b, c] = tri;
  for (let d = 0; d < 5; d++) {
    x[d] = weightA * s.x[a * 5 + d]! + weightB * s.x[b * 5 + d]! + weightC * s.x[c * 5 + d]!;
    y[d] = weightA * s.y[a * 5 + d]! + weightB * s.y[b * 5 + d]! + weightC * s.y[c * 5 + d]!;
  }
}
