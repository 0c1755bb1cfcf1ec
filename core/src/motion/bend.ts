import { nearestOnCurve, pointAt, through, headingAt, type Curve } from '../geometry/curve.ts';
import { distance, type Point } from '../geometry/vec.ts';
import type { Waypoint } from '../play/document.ts';

/** Middle to middle of two men who brush shoulders (feet, common practice: hip to hip, no daylight). */
export const SHOULDER = 2.4;
/** A bend nearer than this to either end of a path is not made: he starts or stops at the screen. */
const FREE_END = 1.5;

/**
 * The path of a man who uses screens: where it runs through a screener it goes round his shoulder, on
 * the side where it passes him already; straight through the middle, on the side of the rim.
 */
export function aroundScreens(
  start: Point,
  path: readonly Waypoint[],
  screens: readonly Point[],
  rim: Point,
): Curve {
  let way: readonly Waypoint[] = path;
  let curve = through(start, way);
  for (const s of screens) {
    const near = nearestOnCurve(curve, s);
    if (near.distance >= SHOULDER - 0.05 || near.s < FREE_END || near.s > curve.length - FREE_END) continue;
    const q = pointAt(curve, near.s);
    const h = headingAt(curve, near.s);
    // Across the path, to the left of the way he runs.
    const across = { x: -h.y, y: h.x };
    const off = (q.x - s.x) * across.x + (q.y - s.y) * across.y;
    const toRim = (rim.x - s.x) * across.x + (rim.y - s.y) * across.y;
    const side = (Math.abs(off) > 0.2 ? off : toRim) >= 0 ? 1 : -1;
    const shoulder = { x: s.x + across.x * side * SHOULDER, y: s.y + across.y * side * SHOULDER };
    way = withPoint(start, way, curve, near.s, shoulder);
    curve = through(start, way);
  }
  return curve;
}

/** The way points with one more where the bend is; a point drawn on top of the screen gives way to it. */
function withPoint(
  start: Point,
  way: readonly Waypoint[],
  curve: Curve,
  s: number,
  point: Point,
): readonly Waypoint[] {
  const reached = way.map((w) => nearestOnCurve(curve, w).s);
  const i = reached.findIndex((r) => r > s);
  const at = i < 0 ? way.length - 1 : i;
  const before = way.slice(0, at).filter((w) => distance(w, point) > SHOULDER || distance(w, start) < 0.5);
  return [...before, point, ...way.slice(at)];
}
