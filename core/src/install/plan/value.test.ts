import { describe, expect, it } from 'vitest';
import { NO_PAST, type Plan, type Problem, type Touch } from './problem.ts';
import { paidAt, valueOf } from './value.ts';

/** One option of weight 2, practices every other day, a game the day after the last. */
const season = (practices: number, more: Partial<Problem> = {}): Problem => ({
  options: [{ key: 'A', importance: 2, base: 4, concepts: [0], main: null, past: NO_PAST }],
  concepts: [3],
  practices: Array.from({ length: practices }, (_, i) => ({
    ...{ day: 2 * i, minutes: 30, barred: [], nothingNew: false },
  })),
  games: [{ day: 2 * practices - 1, wants: [{ option: 0, weight: 2 }] }],
  ...{ newEach: 2, liveMinutes: 10 },
  ...more,
});
const plan = (...touches: (readonly [number, Touch['is'], number?])[]): Plan => ({
  touches: touches.map(([practice, is, option = 0]) => ({ practice, option, is })),
  drills: [],
});
const worth = (p: Problem, x: Plan): number => valueOf(p, x).value;

describe('how ready a play is, by hand', () => {
  it('a fifth for being in, a fifth for a review on another day, half for its live minutes, a tenth for being fresh', () => {
    const p = season(3);
    expect(worth(p, plan())).toBe(0);
    // In only, and then twice late: due once after one practice, at two practices.
    expect(worth(p, plan([0, 'in']))).toBeCloseTo(2 * 0.2 - 2 * 0.03 * 2, 9);
    expect(worth(p, plan([0, 'in'], [1, 'review']))).toBeCloseTo(2 * (0.2 + 0.2 + 0.1), 9);
    expect(worth(p, plan([0, 'in'], [1, 'review'], [2, 'live']))).toBeCloseTo(2 * (0.5 + 0.25), 9);
    expect(worth(p, plan([0, 'in'], [1, 'both'], [2, 'live']))).toBeCloseTo(2, 9);
  });
  it('more live minutes than are asked for give nothing; without a review none count', () => {
    const p = season(4);
    const full = worth(p, plan([0, 'in'], [1, 'both'], [2, 'live']));
    expect(worth(p, plan([0, 'in'], [1, 'both'], [2, 'live'], [3, 'live']))).toBeCloseTo(full, 9);
    const { ready } = valueOf(p, plan([0, 'in'], [1, 'live'], [2, 'live']));
    expect(ready[0]).toMatchObject({ reviewed: false, live: 10 });
    expect(ready[0]!.value).toBeCloseTo(0.2 + 0.1, 9);
  });
  it('live blocks that stand count the minutes they have', () => {
    const p = season(3, { longer: [{ practice: 1, option: 0, by: 5 }] });
    expect(worth(p, plan([0, 'in'], [1, 'both']))).toBeCloseTo(2, 9);
  });
  it('what came in on the eve is in and no more; after the game nothing counts for it', () => {
    const p = season(3);
    expect(valueOf(p, plan([2, 'in'])).ready[0]).toMatchObject({ in: true, reviewed: false, value: 0.2 });
    const later = season(3, { games: [{ day: 1, wants: [{ option: 0, weight: 2 }] }] });
    expect(valueOf(later, plan([1, 'in'], [2, 'both'])).ready[0]!.value).toBe(0);
  });
  it('what was done a fortnight before the game is fresh, a day more and it is not', () => {
    const at = (day: number): Problem => season(2, { games: [{ day, wants: [{ option: 0, weight: 2 }] }] });
    const touched = plan([0, 'in'], [1, 'review']);
    expect(valueOf(at(16), touched).ready[0]!.fresh).toBe(true);
    expect(valueOf(at(17), touched).ready[0]!.fresh).toBe(false);
  });
  it('what was done before the plan counts', () => {
    const past = { introduced: -1, today: false, touches: 2, reviewed: true, live: 5, last: -1 };
    const p = season(2, { options: [{ ...season(1).options[0]!, past }] });
    expect(valueOf(p, plan()).ready[0]).toMatchObject({ in: true, reviewed: true, live: 5, fresh: true });
    // In, reviewed, half of its live minutes, fresh; due once by the first practice, twice touched: nothing is late.
    expect(worth(p, plan())).toBeCloseTo(2 * (0.2 + 0.2 + 0.25 + 0.1), 9);
  });
});

describe('what a plan takes', () => {
  const two = season(3, {
    options: [
      { key: 'A', importance: 2, base: 4, concepts: [0, 1], main: null, past: NO_PAST },
      { key: 'B', importance: 1, base: 5, concepts: [1, 2], main: null, past: NO_PAST },
    ],
    concepts: [3, 2, 1],
  });
  it('a concept is paid for once, by what comes in first', () => {
    const { minutes, introductions } = valueOf(two, plan([0, 'in'], [1, 'in', 1]));
    expect(introductions).toEqual([4 + 3 + 2, 5 + 1]);
    expect(minutes).toEqual([9, 6, 0]);
    expect(paidAt(two, plan([0, 'in'], [1, 'in', 1]))).toEqual([0, 0, 1]);
    expect(valueOf(two, plan([1, 'in'], [0, 'in', 1])).introductions).toEqual([4 + 3, 5 + 2 + 1]);
  });
  it('a drill ahead takes it from the introduction, and costs its minutes on its own day', () => {
    const x = { ...plan([1, 'in']), drills: [{ practice: 0, concept: 0 }] };
    expect(valueOf(two, x).minutes).toEqual([3, 4 + 2, 0]);
    expect(valueOf(two, x).introductions[0]).toBe(6);
  });
  it('what the team knows already costs nothing', () => {
    const past = { introduced: -1, today: false, touches: 1, reviewed: false, live: 0, last: -1 };
    const known = { ...two, options: [{ ...two.options[0]!, past }, two.options[1]!] };
    expect(valueOf(known, plan([0, 'in', 1])).minutes).toEqual([5 + 1, 0, 0]);
    expect(paidAt(known, plan())).toEqual([-1, -1, null]);
  });
  it('reviews take three minutes, live work five, both eight', () => {
    expect(valueOf(two, plan([0, 'in'], [1, 'review'], [2, 'live'])).minutes).toEqual([9, 3, 5]);
    expect(valueOf(two, plan([0, 'in'], [1, 'both'])).minutes).toEqual([9, 8, 0]);
  });
});
