import { type Five, next, type Seat } from '../../geometry/five.ts';
import type { BallFloor, Scheme } from './scheme.ts';

const spot = { x: 0, y: 0 };

/** The nearest place of the hull of all anchors; the place itself inside it. Written into `spot`. */
function ontoHull({ hull }: BallFloor, x: number, y: number): void {
  let inside = true;
  let best = Infinity;
  for (const [a, b] of hull) {
    const ex = b.x - a.x;
    const ey = b.y - a.y;
    const px = x - a.x;
    const py = y - a.y;
    // The hull runs clockwise: inside is on the right of every edge.
    if (ex * py - ey * px > 1e-12) inside = false;
    const u = Math.min(1, Math.max(0, (px * ex + py * ey) / (ex * ex + ey * ey)));
    const qx = a.x + u * ex;
    const qy = a.y + u * ey;
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
export function basePlaces(s: Scheme, bx: number, by: number, x: Five, y: Five): void {
  ontoHull(s.ball, bx, by);
  const atX = spot.x;
  const atY = spot.y;
  let weightA = 0;
  let weightB = 0;
  let weightC = 0;
  let [rowA, rowB, rowC] = [0, 0, 0];
  let deepest = -Infinity;
  for (const [a, b, c] of s.ball.triangles) {
    const bx0 = b.x - a.x;
    const by0 = b.y - a.y;
    const cx0 = c.x - a.x;
    const cy0 = c.y - a.y;
    const size = bx0 * cy0 - by0 * cx0;
    const v = ((atX - a.x) * cy0 - (atY - a.y) * cx0) / size;
    const u = ((atY - a.y) * bx0 - (atX - a.x) * by0) / size;
    const least = Math.min(v, u, 1 - v - u);
    if (least > deepest) {
      deepest = least;
      rowA = a.row;
      rowB = b.row;
      rowC = c.row;
      weightB = v;
      weightC = u;
      weightA = 1 - v - u;
      if (least > 0) break;
    }
  }
  for (let d: Seat = 0; d < 5; d = next(d)) {
    x[d] = weightA * s.x[rowA * 5 + d]! + weightB * s.x[rowB * 5 + d]! + weightC * s.x[rowC * 5 + d]!;
    y[d] = weightA * s.y[rowA * 5 + d]! + weightB * s.y[rowB * 5 + d]! + weightC * s.y[rowC * 5 + d]!;
  }
}
