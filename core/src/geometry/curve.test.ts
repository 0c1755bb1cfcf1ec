import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { headingAt, nearestOnCurve, pointAt, polyline, slice, through } from './curve.ts';
import { distance, type Point } from './vec.ts';

const place = fc.record({ x: fc.integer({ min: -24, max: 24 }), y: fc.integer({ min: 1, max: 35 }) });
const ways = fc.array(place, { minLength: 1, maxLength: 5 });

/** Length of a centripetal Catmull-Rom line by tiny steps of its recursive definition, written anew as a reference. */
function referenceLength(points: Point[], steps: number): number {
  const ends = [
    { x: 2 * points[0]!.x - points[1]!.x, y: 2 * points[0]!.y - points[1]!.y },
    ...points,
    {
      x: 2 * points.at(-1)!.x - points.at(-2)!.x,
      y: 2 * points.at(-1)!.y - points.at(-2)!.y,
    },
  ];
  let total = 0;
  for (let i = 0; i + 3 < ends.length; i++) {
    const p = ends.slice(i, i + 4);
    const t = [0];
    for (let k = 1; k < 4; k++)
      t.push(t[k - 1]! + Math.hypot(p[k]!.x - p[k - 1]!.x, p[k]!.y - p[k - 1]!.y) ** 0.5);
    const at = (u: number): Point => {
      let level: Point[] = p;
      for (let d = 1; d < 4; d++) {
        // A and B levels interpolate over their own knots, C over the middle pair (Barry and Goldman).
        const span = d === 1 ? 1 : d === 2 ? 2 : 1;
        level = level.slice(0, -1).map((a, k) => {
          const b = level[k + 1]!;
          const [ta, tb] = d === 3 ? [t[1]!, t[2]!] : [t[k]!, t[k + span]!];
          const w = (u - ta) / (tb - ta);
          return { x: a.x + (b.x - a.x) * w, y: a.y + (b.y - a.y) * w };
        });
      }
      return level[0]!;
    };
    let last = at(t[1]!);
    for (let k = 1; k <= steps; k++) {
      const next = at(t[1]! + ((t[2]! - t[1]!) * k) / steps);
      total += Math.hypot(next.x - last.x, next.y - last.y);
      last = next;
    }
  }
  return total;
}

describe('the line a man runs', () => {
  it('is straight through two points and passes every way point', () => {
    expect(through({ x: 0, y: 0 }, [{ x: 6, y: 8 }]).length).toBeCloseTo(10, 12);
    fc.assert(
      fc.property(place, ways, (start, way) => {
        const curve = through(start, way);
        for (const w of way) expect(nearestOnCurve(curve, w).distance).toBeLessThan(1e-6);
        expect(distance(curve.points.at(-1)!, way.at(-1)!)).toBeLessThan(1e-9);
      }),
    );
  });
  it('has the length of an independent fine-step reference, within a hundredth of a foot a bend', () => {
    for (const points of [
      [
        { x: -17, y: 14 },
        { x: -6, y: 22 },
        { x: 9, y: 12 },
      ],
      [
        { x: 22, y: 4 },
        { x: 15, y: 12 },
        { x: 6, y: 9 },
        { x: 0, y: 6 },
      ],
      [
        { x: 0, y: 30 },
        { x: -3, y: 22 },
        { x: 5, y: 19 },
        { x: 4, y: 8 },
        { x: -12, y: 6 },
      ],
    ]) {
      const ours = through(points[0]!, points.slice(1)).length;
      expect(Math.abs(ours - referenceLength(points, 4000))).toBeLessThan(0.01 * (points.length - 1));
    }
  });
  it('is never shorter than the way points in a straight line, and a plant keeps its corner', () => {
    fc.assert(
      fc.property(place, ways, (start, way) => {
        const direct = polyline([start, ...way]).length;
        expect(through(start, way).length).toBeGreaterThanOrEqual(direct - 1e-9);
        const planted = way.map((w) => ({ ...w, plant: true }));
        expect(through(start, planted).length).toBeCloseTo(direct, 9);
      }),
    );
  });
  it('in a mirror is the mirrored line, to a billionth of a foot', () => {
    const mirror = (p: Point) => ({ x: -p.x, y: p.y });
    fc.assert(
      fc.property(place, ways, fc.double({ min: 0, max: 1, noNaN: true }), (start, way, share) => {
        const a = through(start, way);
        const b = through(mirror(start), way.map(mirror));
        expect(Math.abs(a.length - b.length)).toBeLessThan(1e-9);
        expect(distance(mirror(pointAt(a, a.length * share)), pointAt(b, b.length * share))).toBeLessThan(
          1e-9,
        );
      }),
    );
  });
});

describe('along a line', () => {
  const bend = polyline([
    { x: 0, y: 0 },
    { x: 4, y: 0 },
    { x: 4, y: 3 },
  ]);
  it('places and headings by arc length, held at both ends', () => {
    expect(pointAt(bend, 5.5)).toEqual({ x: 4, y: 1.5 });
    expect(pointAt(bend, -1)).toEqual({ x: 0, y: 0 });
    expect(pointAt(bend, 99)).toEqual({ x: 4, y: 3 });
    expect(headingAt(bend, 2)).toEqual({ x: 1, y: 0 });
    expect(headingAt(bend, 6)).toEqual({ x: 0, y: 1 });
    expect(headingAt(polyline([{ x: 1, y: 1 }]), 0)).toEqual({ x: 0, y: 0 });
  });
  it('a slice keeps its corners, and nothing left is a point', () => {
    expect(slice(bend, 2, 6).points).toEqual([
      { x: 2, y: 0 },
      { x: 4, y: 0 },
      { x: 4, y: 2 },
    ]);
    expect(slice(bend, 5, 3).length).toBe(0);
  });
});
