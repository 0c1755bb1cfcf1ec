import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { covered, timeFor, travel } from './legs.ts';

const top = fc.double({ min: 8, max: 30, noNaN: true });
const push = fc.double({ min: 5, max: 25, noNaN: true });
const feet = fc.double({ min: 0, max: 90, noNaN: true });

describe('a man’s legs', () => {
  it('from rest he runs by the equations of constant acceleration (any textbook of mechanics)', () => {
    // 2 s at 10 ft/s² are 20 ft; he has 20 ft/s then, and keeps them.
    expect(travel(20, 20, 10)).toBeCloseTo(2, 12);
    expect(travel(60, 20, 10)).toBeCloseTo(4, 12);
    expect(travel(5, 20, 10)).toBeCloseTo(1, 12);
    expect(covered(1, 0, 20, 10)).toBeCloseTo(5, 12);
    expect(covered(4, 0, 20, 10)).toBeCloseTo(60, 12);
    expect(travel(0, 20, 10)).toBe(0);
    expect(travel(-3, 20, 10)).toBe(0);
  });
  it('a sprint of three quarters of a court takes about what a good man takes (common practice: 3.0 to 3.6 s)', () => {
    // 75 ft less the baseline to the far free-throw line; a fit man tops 25 ft/s and gets there at 16 ft/s².
    const t = travel(75, 25, 16);
    expect(t).toBeGreaterThan(3.0);
    expect(t).toBeLessThan(4.0);
  });
  it('who is on his way already is there sooner, who runs away later', () => {
    expect(timeFor(20, 10, 20, 10)).toBeLessThan(timeFor(20, 0, 20, 10));
    expect(timeFor(20, -10, 20, 10)).toBeGreaterThan(timeFor(20, 0, 20, 10));
    // He brakes first: for a moment he gets farther away.
    expect(covered(0.3, -10, 20, 10)).toBeLessThan(0);
  });
  it('way and time are each other’s inverse, from whatever speed', () => {
    fc.assert(
      fc.property(feet, fc.double({ min: -15, max: 25, noNaN: true }), top, push, (way, v, t, p) => {
        fc.pre(way > 0.01);
        expect(covered(timeFor(way, v, t, p), v, t, p)).toBeCloseTo(way, 6);
      }),
    );
  });
  it('farther takes longer, and a better man takes less', () => {
    fc.assert(
      fc.property(feet, feet, top, push, (a, b, t, p) => {
        fc.pre(Math.abs(a - b) > 1e-6);
        expect(travel(a, t, p) < travel(b, t, p)).toBe(a < b);
        expect(travel(a, t * 1.1, p * 1.1)).toBeLessThanOrEqual(travel(a, t, p));
      }),
    );
  });
  it('never runs faster than he can', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 8, noNaN: true }), top, push, (t, most, p) => {
        expect(covered(t, 0, most, p)).toBeLessThanOrEqual(most * t + 1e-9);
      }),
    );
  });
});
