import { forksOf } from '@corkscrew/core';
import { describe, expect, it } from 'vitest';
import { LANE, LARGE, SMALL, stripOf, xAt, type Lane } from './strip.ts';

const lane = (id: string, starts: number[], end: number): Lane => ({ id, starts, end });
const kite = lane('kite', [0, 1.2, 3.1], 7.1);
const lantern = lane('lantern', [0, 1.2, 3.1, 5.1], 7.6);
const latch = lane('latch', [0, 1.2, 3.1], 6.3);
const heads: Record<string, number> = { 'kite lantern': 2.5, 'kite latch': 2.5, 'lantern latch': 4.6 };
const strip = (lanes: Lane[], of = heads) =>
  stripOf(forksOf(lanes, (a, b) => ({ seconds: of[[a.id, b.id].sort().join(' ')]!, by: '1' })));

describe('a series in time', () => {
  const all = strip([kite, lantern, latch]);
  it('shows what is shared once, and parts where the plays can be told apart', () => {
    expect(all.partings.map((p) => p.seconds)).toEqual([2.5, 4.6]);
    expect(all.partings[0]!.plays).toEqual([['kite'], ['lantern', 'latch']]);
    const shared = all.shots.filter((s) => s.plays.length === 3);
    expect(shared.map((s) => s.seconds)).toEqual([0]);
    // What they part in is drawn for each as it has it.
    expect(all.shots.filter((s) => s.seconds === 1.2).map((s) => s.plays)).toEqual([
      ['kite'],
      ['lantern', 'latch'],
    ]);
    expect(
      all.shots
        .filter((s) => s.large)
        .map((s) => s.seconds)
        .sort(),
    ).toEqual([6.3, 7.1, 7.6]);
  });
  it('gives every play a lane of its own, and the shared part the middle of its lanes', () => {
    const ys = Object.values(all.ends).map((e) => e.y);
    expect(new Set(ys).size).toBe(3);
    expect(Math.max(...ys) - Math.min(...ys)).toBe(2 * LANE);
    expect(all.height).toBeGreaterThan(Math.max(...ys));
  });
  it('stands where its second is, and is pushed to the right where pictures would collide', () => {
    expect(all.shots[0]!.x).toBe(xAt(0));
    for (const a of all.shots)
      for (const b of all.shots)
        if (a !== b && a.y === b.y && a.x <= b.x)
          expect(b.x - a.x, `${a.seconds} ${b.seconds}`).toBeGreaterThanOrEqual(SMALL);
    const apart = strip([kite, latch], { 'kite latch': 0.4 });
    expect(apart.shots[0]).toMatchObject({ frame: -1, plays: ['kite', 'latch'] });
    const tight = strip([lane('kite', [0, 0.2, 0.4], 0.6), lane('latch', [0, 0.3], 0.7)], {
      'kite latch': 0.1,
    });
    expect(tight.width).toBeGreaterThan(xAt(0) + LARGE);
    for (const s of tight.shots) expect(s.x).toBeGreaterThanOrEqual(xAt(0));
  });
  it('two that nobody can tell apart end together, each with its name', () => {
    const same = strip([kite, { ...kite, id: 'twin' }], { 'kite twin': 0 });
    expect(Object.keys(same.ends).sort()).toEqual(['kite', 'twin']);
  });
});
