import { type Five, next, type Seat } from '../../geometry/five.ts';
import type { BallFloor, Scheme } from './scheme.ts';

const spot = { x: 0, y: 0 };
/** The three rows of the table between which the ball was last, and how much of each. */
const mix = { rowA: 0, rowB: 0, rowC: 0, weightA: 0, weightB: 0, weightC: 0 };

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
      mix.rowA = a.row;
      mix.rowB = b.row;
      mix.rowC = c.row;
      mix.weightB = v;
      mix.weightC = u;
      mix.weightA = 1 - v - u;
      if (least > 0) break;
    }
  }
  const { rowA, rowB, rowC, weightA, weightB, weightC } = mix;
  for (let d: Seat = 0; d < 5; d = next(d)) {
    x[d] = weightA * s.x[rowA * 5 + d]! + weightB * s.x[rowB * 5 + d]! + weightC * s.x[rowC * 5 + d]!;
    y[d] = weightA * s.y[rowA * 5 + d]! + weightB * s.y[rowB * 5 + d]! + weightC * s.y[rowC * 5 + d]!;
  }
}

/** How much it is a man's job to stand before the rim for the ball of the last `basePlaces`: 0 to 1. */
export function atRim({ jobs }: Scheme, d: Seat): number {
  const { rowA, rowB, rowC, weightA, weightB, weightC } = mix;
  let share = 0;
  if (jobs[rowA * 5 + d] === 'rim') share += weightA;
  if (jobs[rowB * 5 + d] === 'rim') share += weightB;
  if (jobs[rowC * 5 + d] === 'rim') share += weightC;
  return Math.min(1, Math.max(0, share));
}
