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
  const [start] = points;
  if (!start || points.length < 3) return [...points];
  const reflect = (a: Point, b: Point): Point => ({ x: 2 * a.x - b.x, y: 2 * a.y - b.y });
  const out: Point[] = [start];
  for (const [i, p2] of points.entries()) {
    const p1 = points[i - 1];
    if (!p1) continue;
    const p0 = points[i - 2] ?? reflect(p1, p2);
    const p3 = points[i + 1] ?? reflect(p2, p1);
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
  let length = 0;
  const lengths = points.map((p, i) => (length += distance(points[i - 1] ?? p, p)));
  return { points, lengths, length };
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
  return points.filter((p, i) => {
    const before = points[i - 1];
    return !before || distance(p, before) > 1e-3;
  });
}

/** A point of a curve and how far along it is. One that is not there is an error in the code that asks. */
function knotOf({ points, lengths }: Curve, i: number): { readonly p: Point; readonly s: number } {
  const p = points[i];
  const s = lengths[i];
  if (p === undefined || s === undefined) throw new RangeError(`A curve has no point ${i}.`);
  return { p, s };
}

/** The point at arc length `s` (clamped to the curve). */
export function pointAt(curve: Curve, s: number): Point {
  const last = curve.points.length - 1;
  if (s <= 0 || last < 1) return knotOf(curve, 0).p;
  if (s >= curve.length) return knotOf(curve, last).p;
  // The first point beyond s; the piece before it holds the place.
  const beyond = curve.lengths.findIndex((length) => length > s);
  const hi = beyond < 0 ? last : beyond;
  const a = knotOf(curve, hi - 1);
  const b = knotOf(curve, hi);
  const span = b.s - a.s;
  return lerp(a.p, b.p, span < 1e-12 ? 0 : (s - a.s) / span);
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
  let a = knotOf(curve, 0);
  let best = { s: 0, distance: distance(a.p, p) };
  for (let i = 1; i < curve.points.length; i++) {
    const b = knotOf(curve, i);
    const hit = nearestOnSegment(p, a.p, b.p);
    if (hit.distance < best.distance - 1e-12) best = { s: a.s + (b.s - a.s) * hit.t, distance: hit.distance };
    a = b;
  }
  return best;
}

/** The part of a curve between two arc lengths; a single point when nothing is left. */
export function slice(curve: Curve, from: number, to: number): Curve {
  if (to <= from) return polyline([pointAt(curve, (from + to) / 2)]);
  const inner = curve.points.filter((_, i) => {
    const { s } = knotOf(curve, i);
    return s > from + 1e-9 && s < to - 1e-9;
  });
  return polyline([pointAt(curve, from), ...inner, pointAt(curve, to)]);
}
