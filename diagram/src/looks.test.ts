import type { Point } from '@corkscrew/core';
import { describe, expect, it } from 'vitest';
import { lookNumbers, type LookLine } from './looks.ts';
import { DESK, toScene } from './scene.ts';

const look = (number: number, at: Point, from: Point | null = null): LookLine => ({
  ...{ number, at, from, walks: [] },
});
/** Where each number stands: about its middle (drawing units). */
const placed = (looks: readonly LookLine[], men: readonly Point[] = []) =>
  lookNumbers(looks, DESK, men).flatMap((i) =>
    i.shape === 'text' ? [{ text: i.text, x: i.x, y: i.y - 5 * DESK.mark }] : [],
  );
const off = (a: Point, b: Point): number => Math.hypot(a.x - b.x, a.y - b.y);

describe('looks by their numbers', () => {
  it('a number at both ends: where the ball leaves, on its way, and where it is caught', () => {
    const [leaves, caught] = placed([look(1, { x: 10, y: 10 }, { x: -10, y: 10 })]);
    expect([leaves!.text, caught!.text]).toEqual(['1', '1']);
    const from = toScene(DESK, { x: -10, y: 10 });
    expect(leaves!.x).toBeGreaterThan(from.x);
    expect(leaves!.y).toBeCloseTo(from.y, 6);
    // A look of his own has one end.
    expect(placed([look(2, { x: 0, y: 10 })])).toHaveLength(1);
  });
  it('stands clear of every man, also of one who stands where it would be', () => {
    const men = [
      { x: 0, y: 20 },
      { x: 2.4, y: 20 },
      { x: 0, y: 17.6 },
      { x: -12, y: 12 },
    ];
    for (const at of men)
      for (const n of placed([look(1, at, { x: at.x + 8, y: at.y }), look(2, at), look(3, at)], men))
        for (const man of men) expect(off(n, toScene(DESK, man))).toBeGreaterThan(16.25 * DESK.mark);
  });
  it('several in one place are all read', () => {
    const all = placed([1, 2, 3, 4].map((n) => look(n, { x: 5, y: 15 })));
    all.forEach((a, i) => {
      for (const b of all.slice(i + 1)) expect(off(a, b)).toBeGreaterThan(9 * DESK.mark);
    });
  });
  it('where there is no room at all they stand side by side, none is left out', () => {
    const crowd = Array.from({ length: 60 }, (_, i) => ({
      x: (i % 10) * 1.2 - 6,
      y: 12 + Math.floor(i / 10) * 1.2,
    }));
    const all = placed(
      [1, 2, 3].map((n) => look(n, { x: 0, y: 15 })),
      crowd,
    );
    expect(all.map((a) => a.text)).toEqual(['1', '2', '3']);
    expect(new Set(all.map((a) => a.x)).size).toBe(3);
  });
});
