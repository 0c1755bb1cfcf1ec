import { polyline } from '@corkscrew/core';
import { describe, expect, it } from 'vitest';
import { bar, bowed, circle, curveData, direction, fin, outside, vee, waveData } from './strokes.ts';

const flat = polyline([
  { x: 0, y: 0 },
  { x: 130, y: 0 },
]);
const numbers = (d: string): number[] => (d.match(/-?[\d.]+(?:e-?\d+)?/g) ?? []).map(Number);
/** Every coordinate pair of a path without arcs. */
const pairs = (d: string): [number, number][] => {
  const n = numbers(d);
  return Array.from({ length: n.length / 2 }, (_, i) => [n[2 * i]!, n[2 * i + 1]!]);
};

describe('lines', () => {
  it('a straight line needs two points', () => {
    expect(curveData(flat)).toBe('M0,0L130,0');
  });
  it('a wave swings to both sides by its height, starts on the line and ends straight on it', () => {
    const ys = pairs(waveData(flat, 1)).map((p) => p[1]);
    expect(Math.max(...ys)).toBeCloseTo(3.7, 1);
    expect(Math.min(...ys)).toBeCloseTo(-3.7, 1);
    expect(pairs(waveData(flat, 1))[0]).toEqual([0, 0]);
    expect(pairs(waveData(flat, 1)).at(-1)).toEqual([130, 0]);
  });
  it('a way too short for a wave is drawn plain', () => {
    const short = polyline([
      { x: 0, y: 0 },
      { x: 15, y: 0 },
    ]);
    expect(waveData(short, 1)).toBe(curveData(short));
  });
  it('a wave has as many swings as its length holds: one every 13 pixels', () => {
    const ys = pairs(waveData(flat, 1)).map((p) => p[1]);
    const crossings = ys.slice(1).filter((y, i) => y * ys[i]! < 0).length;
    expect(crossings).toBeLessThanOrEqual(2 * Math.round(120 / 13));
  });
  it('a bowed line leaves the straight one to one side by about half its share', () => {
    const bow = bowed({ x: 0, y: 0 }, { x: 100, y: 0 }, 0.1);
    const ys = bow.points.map((p) => p.y);
    expect(Math.max(...ys)).toBeCloseTo(5, 6);
    expect(Math.min(...ys)).toBe(0);
    expect(bowed({ x: 0, y: 0 }, { x: 100, y: 0 }, 0).points).toHaveLength(2);
  });
  it('what lies under the bodies at both ends is left out; nothing left is null', () => {
    const cut = outside(flat, 18, 17)!;
    expect([cut.points[0]!.x, cut.points.at(-1)!.x]).toEqual([18, 113]);
    expect(outside(flat, 70, 60)).toBeNull();
  });
  it('direction at an end looks back along the line; a line without length points down the floor', () => {
    expect(direction(flat, flat.length)).toEqual({ x: 1, y: 0 });
    expect(direction(polyline([{ x: 3, y: 3 }]), 0)).toEqual({ x: 0, y: 1 });
  });
});

describe('ends', () => {
  const tip = { x: 50, y: 50 };
  const down = { x: 0, y: 1 };
  it('a fin is filled, its tip on the point, symmetric about its direction', () => {
    const p = pairs(fin(tip, down, 1));
    expect(p[0]).toEqual([50, 50]);
    expect(p[1]![0] + p[3]![0]).toBeCloseTo(100, 6);
    expect(p[1]![1]).toBe(p[3]![1]);
    expect(p[1]![1]).toBe(38);
  });
  it('a V opens back from the point, a bar stands across, a ring has its radius', () => {
    expect(pairs(vee(tip, down, 1))[1]).toEqual([50, 50]);
    expect(pairs(bar(tip, down, 12))).toEqual([
      [38, 50],
      [62, 50],
    ]);
    expect(circle(tip, 13).startsWith('M37 50a13 13')).toBe(true);
  });
});
