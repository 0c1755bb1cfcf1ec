import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { courtFor, RULE_SETS } from '../court/rulesets.ts';
import { distance, type Point } from '../geometry/vec.ts';
import { alignmentByKey, ALIGNMENTS, alignmentPlaces, byPlayer, PLAYERS } from './library.ts';
import { assign, recognise, recogniseAll } from './recognise.ts';

const court = courtFor({ court: 'nfhs' });

/** Reference: every way of putting five on five. */
function bruteForce(players: readonly Point[], spots: readonly Point[]): number {
  const go = (i: number, free: readonly number[]): number =>
    i === players.length
      ? 0
      : Math.min(
          ...free.map(
            (s) =>
              distance(players[i]!, spots[s]!) +
              go(
                i + 1,
                free.filter((f) => f !== s),
              ),
          ),
        );
  return go(0, [0, 1, 2, 3, 4]);
}

const point = fc.record({
  x: fc.double({ min: -24, max: 24, noNaN: true }),
  y: fc.double({ min: 1, max: 34, noNaN: true }),
});
const five = fc.array(point, { minLength: 5, maxLength: 5 });

describe('assignment', () => {
  it('is the cheapest of all 120, by brute force', () => {
    fc.assert(
      fc.property(five, five, (players, spots) => {
        expect(assign(players, spots).total).toBeCloseTo(bruteForce(players, spots), 6);
      }),
      { numRuns: 60 },
    );
  });
});

describe('recognition', () => {
  for (const { court: c, name } of Object.entries(RULE_SETS).map(([court, r]) => ({
    court: courtFor({ court: court as 'nfhs' }),
    name: r.name,
  }))) {
    it.each(ALIGNMENTS.map((a) => [a.name, a] as const))(
      `${name}: finds %s in its own places, numbers free and mirrored`,
      (_, a) => {
        const places = alignmentPlaces(c, a);
        const turned = byPlayer((_p, i) => places[PLAYERS[(i + 2) % 5]!]);
        const mirrored = byPlayer((p) => ({ x: -turned[p].x, y: turned[p].y }));
        for (const at of [places, turned, mirrored]) {
          const found = recognise(c, at)!;
          expect([found.alignment, ...found.ties].map((x) => x.key)).toContain(a.key);
          expect(found.displacement).toBeLessThan(0.001);
        }
      },
    );
  }
  it('tells how far they are off', () => {
    const places = alignmentPlaces(court, ALIGNMENTS[0]!);
    const found = recognise(court, { ...places, '2': { x: places['2'].x + 3, y: places['2'].y + 4 } })!;
    expect(found.alignment.key).toBe('horns');
    expect(found.displacement).toBeCloseTo(5, 6);
  });
  it('names nothing when nothing is within reason', () => {
    expect(
      recognise(
        court,
        byPlayer((_p, i) => ({ x: -20 + i, y: 30 })),
      ),
    ).toBeNull();
  });
  it('is sorted by displacement', () => {
    const all = recogniseAll(
      court,
      alignmentPlaces(
        court,
        ALIGNMENTS.find((a) => a.key === 'oneFourHigh')!,
      ),
    );
    expect(all.map((r) => r.displacement)).toEqual([...all.map((r) => r.displacement)].sort((a, b) => a - b));
  });
  it('leaves a thrower-in out: the other four make the alignment', () => {
    const box = alignmentPlaces(court, alignmentByKey('box')!);
    const outside = { ...box, '1': { x: 4, y: -3 } };
    expect(recognise(court, outside)).toBeNull();
    expect(recognise(court, outside, '1')!.alignment.key).toBe('box');
  });
});
