import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { degrees, distance, fromDegrees, lerp, nearestOnSegment, unit } from './vec.ts';

const point = fc.record({
  x: fc.double({ min: -40, max: 40, noNaN: true }),
  y: fc.double({ min: -5, max: 60, noNaN: true }),
});

describe('vectors', () => {
  it('a 3-4-5 triangle, and the way to where one stands already', () => {
    expect(distance({ x: 0, y: 0 }, { x: 3, y: 4 })).toBe(5);
    expect(unit({ x: 0, y: 0 }, { x: 3, y: 4 })).toEqual({ x: 0.6, y: 0.8 });
    expect(unit({ x: 2, y: 2 }, { x: 2, y: 2 })).toEqual({ x: 0, y: 0 });
    expect(lerp({ x: 0, y: 10 }, { x: 8, y: 30 }, 0.25)).toEqual({ x: 2, y: 15 });
  });
  it('degrees run counter-clockwise from the offence’s right and come back as the same direction', () => {
    expect(degrees({ x: 1, y: 0 })).toBe(0);
    expect(degrees({ x: 0, y: 1 })).toBeCloseTo(90, 12);
    expect(degrees({ x: -1, y: -1 })).toBeCloseTo(225, 12);
    fc.assert(
      fc.property(fc.double({ min: 0, max: 359.9, noNaN: true }), (a) => {
        expect(degrees(fromDegrees(a))).toBeCloseTo(a, 6);
      }),
    );
  });
  it('the nearest place on a segment beats every sampled one', () => {
    fc.assert(
      fc.property(point, point, point, (p, a, b) => {
        const near = nearestOnSegment(p, a, b);
        expect(near.t).toBeGreaterThanOrEqual(0);
        expect(near.t).toBeLessThanOrEqual(1);
        for (let i = 0; i <= 40; i++)
          expect(near.distance).toBeLessThanOrEqual(distance(p, lerp(a, b, i / 40)) + 2e-6);
      }),
    );
  });
});
