import fc from 'fast-check';
import { linearSumAssignment } from 'linear-sum-assignment';
import { describe, expect, it } from 'vitest';
import { bestFive, bestForSheet, whoElse, type Scores, type SheetPlay } from './five.ts';

/** Every way to give five numbers to five of some men. */
function* ways(men: number): Generator<number[]> {
  const pick: number[] = [];
  function* go(): Generator<number[]> {
    if (pick.length === 5) return void (yield [...pick]);
    for (let m = 0; m < men; m++)
      if (!pick.includes(m)) {
        pick.push(m);
        yield* go();
        pick.pop();
      }
  }
  yield* go();
}
const sumOf = (scores: Scores, men: readonly number[]): number | null =>
  men.reduce<number | null>((n, m, k) => {
    const s = scores[m]![k];
    return n === null || s === null || s === undefined ? null : n + s;
  }, 0);
/** The most any way gives, by trying all of them. */
const brute = (scores: Scores, allowed: (men: readonly number[]) => boolean = () => true): number | null => {
  let best: number | null = null;
  for (const men of ways(scores.length)) {
    const sum = sumOf(scores, men);
    if (sum !== null && allowed(men) && (best === null || sum > best)) best = sum;
  }
  return best;
};

const score = fc.option(fc.double({ min: 0, max: 5, noNaN: true }), { freq: 6 });
const table = (men: number) =>
  fc.array(fc.array(score, { minLength: 5, maxLength: 5 }), { minLength: men, maxLength: men });

/** FiveMen men by five numbers whose best sum is known; a sixth, who ties. */
const KNOWN: Scores = [
  [4, 3, 2, 1, 1],
  [5, 4, 2, 2, 1],
  [3, 3, 3, 2, 2],
  [2, 2, 3, 4, 3],
  [1, 1, 2, 4, 5],
];
const SIXTH: Scores = [...KNOWN, [2, 4, 4, 1, 1]];

describe('the best five for a play', () => {
  it('worked examples: 20; the last man barred from 5: 18; with a sixth 21, and 21 with the first two apart', () => {
    expect(bestFive(KNOWN)!.value).toBe(20);
    const barred = KNOWN.map((row, m) => (m === 4 ? [...row.slice(0, 4), null] : row));
    expect(bestFive(barred)!.value).toBe(18);
    expect(bestFive(SIXTH)!.value).toBe(21);
    const apart = bestFive(SIXTH, { apart: [[0, 1]] })!;
    expect(apart.value).toBe(21);
    expect(apart.men.includes(0) && apart.men.includes(1)).toBe(false);
  });
  it('is as good as the best of all ways', () => {
    fc.assert(
      fc.property(fc.integer({ min: 5, max: 7 }).chain(table), (scores) => {
        const found = bestFive(scores);
        const best = brute(scores);
        if (best === null) expect(found).toBeNull();
        else {
          expect(found!.value).toBeCloseTo(best, 9);
          expect(sumOf(scores, found!.men)).toBeCloseTo(best, 9);
          expect(new Set(found!.men).size).toBe(5);
        }
      }),
      { numRuns: 60 },
    );
  });
  it('is as good as an assignment library finds it (linear-sum-assignment)', () => {
    const whole = fc.array(
      fc.array(fc.double({ min: 0, max: 5, noNaN: true }), { minLength: 5, maxLength: 5 }),
      {
        minLength: 5,
        maxLength: 15,
      },
    );
    fc.assert(
      fc.property(whole, (scores) => {
        const { rowAssignments } = linearSumAssignment(
          scores.map((r) => [...r]),
          { maximaze: true },
        );
        const theirs = [...rowAssignments].reduce((n, col, m) => (col >= 0 ? n + scores[m]![col]! : n), 0);
        expect(bestFive(scores)!.value).toBeCloseTo(theirs, 6);
      }),
    );
  });
  it('locked men and men who are not together are kept to, and nothing better is left out', () => {
    fc.assert(
      fc.property(
        fc
          .integer({ min: 6, max: 7 })
          .chain((n) => fc.tuple(table(n), fc.nat(n - 1), fc.nat(4), fc.nat(n - 1))),
        ([scores, man, number, other]) => {
          fc.pre(man !== other && scores[man]![number] !== null);
          const found = bestFive(scores, { locked: { [number]: man }, apart: [[man, other]] });
          const best = brute(scores, (men) => men[number] === man && !men.includes(other));
          if (best === null) expect(found).toBeNull();
          else expect(found!.value).toBeCloseTo(best, 9);
        },
      ),
      { numRuns: 60 },
    );
  });
  it('ties go to who stands first', () => {
    expect(bestFive(Array.from({ length: 9 }, () => [3, 3, 3, 3, 3]))!.men.toSorted()).toEqual([
      0, 1, 2, 3, 4,
    ]);
  });
  it('four men are no five', () => {
    expect(bestFive(KNOWN.slice(0, 4))).toBeNull();
    expect(bestFive([])).toBeNull();
  });
});

describe('the best five for a sheet', () => {
  const sheet = (plays: number, men: number) =>
    fc.array(fc.record({ scores: table(men), weight: fc.constantFrom(1, 2, 3) }), {
      minLength: plays,
      maxLength: plays,
    });
  /** What five men are worth, by all ways to give them out in each play. */
  const worth = (plays: readonly SheetPlay[], five: readonly number[]): number =>
    plays.reduce((n, { scores, weight }) => {
      const own = brute(five.map((m) => scores[m]!));
      return n + weight * (own ?? 0);
    }, 0);
  function* fives(men: readonly number[], from = 0, five: number[] = []): Generator<number[]> {
    if (five.length === 5) return void (yield five);
    for (let i = from; i < men.length; i++) yield* fives(men, i + 1, [...five, men[i]!]);
  }
  it('is as good as the best of all fives, each play by all ways; the next and what an absence costs too', () => {
    fc.assert(
      fc.property(sheet(3, 7), (plays) => {
        const men = [0, 1, 2, 3, 4, 5, 6];
        const all = [...fives(men)].map((five) => ({ five, value: worth(plays, five) }));
        const values = all.map((a) => a.value).sort((a, b) => b - a);
        const found = bestForSheet(plays, men)!;
        expect(found.best.value).toBeCloseTo(values[0]!, 9);
        expect(found.next!.value).toBeCloseTo(values[1]!, 9);
        for (const m of men) {
          const left = Math.max(...all.filter((a) => !a.five.includes(m)).map((a) => a.value));
          expect(found.without[m]).toBeCloseTo(found.best.men.includes(m) ? values[0]! - left : 0, 9);
        }
      }),
      { numRuns: 12 },
    );
  });
  it('who must be there is, who may not be together are not, and who is away is not asked', () => {
    const plays = [{ scores: SIXTH, weight: 2 }];
    expect(bestForSheet(plays, [0, 1, 2, 3, 4, 5], { must: [5] })!.best.men).toContain(5);
    const apart = bestForSheet(plays, [0, 1, 2, 3, 4, 5], { apart: [[0, 1]] })!;
    expect(apart.best.value).toBe(42);
    expect(bestForSheet(plays, [0, 1, 2, 3, 4])!.best.value).toBe(40);
    expect(bestForSheet(plays, [0, 1, 2, 3])).toBeNull();
  });
  it('a play that a five can’t play counts nothing, and is told', () => {
    const nobody: Scores = KNOWN.map((row) => [...row.slice(0, 4), null]);
    const found = bestForSheet(
      [
        { scores: KNOWN, weight: 1 },
        { scores: nobody, weight: 3 },
      ],
      [0, 1, 2, 3, 4],
    )!;
    expect(found.best.value).toBe(20);
    expect(found.best.plays.map((p) => p?.value ?? null)).toEqual([20, null]);
    // Without any of five there are none.
    expect(found.without).toEqual([null, null, null, null, null]);
  });
});

it('who else: by how well each fits, the barred left out', () => {
  expect(whoElse([[1], [null], [3], [3]], 0)).toEqual([2, 3, 0]);
});
