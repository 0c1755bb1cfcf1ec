import { distance, lerp, nearestOnSegment, type Point } from './vec.ts';

/** A polyline with the arc length (feet) reached at each of its points. */
export interface Curve {
  readonly points: readonly Point[];
  readonly lengths: readonly number[];
  readonly length: number;
}

const STEP = 0.5;

/**
 * The smooth line through the given points: a centripetal Catmull-Rom spline (Barry–Goldman form,
 * end points reflected), sampled about every half foot. Two points give a straight line. A plant
 * (sharp turn) is made by splitting: see `through`.
 */
function spline(points: readonly Point[]): Point[] {
  if (points.length < 3) return [...points];
  const reflect = (a: Point, b: Point): Point => ({ x: 2 * a.x - b.x, y: 2 * a.y - b.y });
  const first = reflect(points[0]!, points[1]!);
  const last = reflect(points.at(-1)!, points.at(-2)!);
  const all = [first, ...points, last];
  const out: Point[] = [points[0]!];
  for (let i = 1; i < all.length - 2; i++) {
    const [p0, p1, p2, p3] = [all[i - 1]!, all[i]!, all[i + 1]!, all[i + 2]!];
    const knot = (a: Point, b: Point) => Math.max(1e-4, Math.sqrt(distance(a, b)));
    const t1 = knot(p0, p1);
    const t2 = t1 + knot(p1, p2);
    const t3 = t2 + knot(p2, p3);
    const blend = (a: Point, b: Point, ta: number, tb: number, t: number) => lerp(a, b, (t - ta) / (tb - ta));
    const n = Math.max(1, Math.ceil(distance(p1, p2) / STEP));
    for (let k = 1; k <= n; k++) {
      const t = t1 + ((t2 - t1) * k) / n;
      const a1 = blend(p0, p1, 0, t1, t);
      const a2 = blend(p1, p2, t1, t2, t);
      const a3 = blend(p2, p3, t2, t3, t);
      const b1 = blend(a1, a2, 0, t2, t);
      const b2 = blend(a2, a3, t1, t3, t);
      out.push(k === n ? p2 : blend(b1, b2, t1, t2, t));
    }
  }
  return out;
}

export function polyline(points: readonly Point[]): Curve {
  const lengths = [0];
  for (let i = 1; i < points.length; i++)
    lengths.push(lengths[i - 1]! + distance(points[i - 1]!, points[i]!));
  return { points, lengths, length: lengths.at(-1) ?? 0 };
}

/** The line a man runs from `start` through the waypoints; `plant` makes a sharp corner. */
export function through(
  start: Point,
  waypoints: readonly (Point & { plant?: boolean | undefined })[],
): Curve {
  const parts: Point[] = [start];
  let run: Point[] = [start];
  const flush = () => {
    parts.push(...spline(dropRepeats(run)).slice(1));
  };
  waypoints.forEach((w, i) => {
    run.push(w);
    if (w.plant && i < waypoints.length - 1) {
      flush();
      run = [w];
    }
  });
  flush();
  return polyline(parts);
}

function dropRepeats(points: readonly Point[]): Point[] {
  return points.filter((p, i) => i === 0 || distance(p, points[i - 1]!) > 1e-3);
}

/** The point at arc length `s` (clamped to the curve). */
export function pointAt(curve: Curve, s: number): Point {
  const { points, lengths } = curve;
  if (s <= 0 || points.length < 2) return points[0]!;
  if (s >= curve.length) return points.at(-1)!;
  let lo = 0;
  let hi = lengths.length - 1;
  while (hi - lo > 1) {
    const mid = (lo + hi) >> 1;
    if (lengths[mid]! <= s) lo = mid;
    else hi = mid;
  }
  const span = lengths[hi]! - lengths[lo]!;
  return lerp(points[lo]!, points[hi]!, span < 1e-12 ? 0 : (s - lengths[lo]!) / span);
}

/** Unit direction of travel at arc length `s`. */
export function headingAt(curve: Curve, s: number): Point {
  const a = pointAt(curve, Math.max(0, s - 0.25));
  const b = pointAt(curve, Math.min(curve.length, s + 0.25));
  const d = distance(a, b);
  return d < 1e-9 ? { x: 0, y: 0 } : { x: (b.x - a.x) / d, y: (b.y - a.y) / d };
}

/** Arc length at which the curve comes nearest to `p`, and that distance in feet. */
export function nearestOnCurve(curve: Curve, p: Point): { s: number; distance: number } {
  let best = { s: 0, distance: distance(curve.points[0]!, p) };
  for (let i = 1; i < curve.points.length; i++) {
    const hit = nearestOnSegment(p, curve.points[i - 1]!, curve.points[i]!);
    if (hit.distance < best.distance - 1e-12) {
      const span = curve.lengths[i]! - curve.lengths[i - 1]!;
      best = { s: curve.lengths[i - 1]! + span * hit.t, distance: hit.distance };
    }
  }
  return best;
}

/** The part of a curve between two arc lengths; a single point when nothing is left. */
export function slice(curve: Curve, from: number, to: number): Curve {
  if (to <= from) return polyline([pointAt(curve, (from + to) / 2)]);
  const inner = curve.points.filter(
    (_, i) => curve.lengths[i]! > from + 1e-9 && curve.lengths[i]! < to - 1e-9,
  );
  return polyline([pointAt(curve, from), ...inner, pointAt(curve, to)]);
}
