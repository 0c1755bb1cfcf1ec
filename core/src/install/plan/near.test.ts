import { describe, expect, it } from 'vitest';
import { changesOf, nearPlan, worthNear, type OwnMinutes } from './near.ts';
import { EMPTY, type Plan, type Problem } from './problem.ts';
import { standing } from './repair.ts';
import { quickPlan, randomFrom } from './search.ts';
import { breaks, everyPlan, randomSeason } from './seasons.test-data.ts';
import { T1, T2 } from './tiny.test-data.ts';
import { valueOf } from './value.ts';
import { wrongIn } from './wrong.ts';

const SLOW = { timeout: 90_000 };
function mended(problem: Problem, was: Plan, held: Plan = EMPTY, own: readonly OwnMinutes[] = []): Plan {
  const near = nearPlan(problem, held, was, own);
  for (;;) {
    const { value, done } = near.next();
    if (done) return value;
  }
}
/** A season in which a practice does not take place. */
const missed = (problem: Problem, t: number): Problem => ({
  ...problem,
  practices: problem.practices.map((p, i) => (i === t ? { ...p, minutes: 0 } : p)),
});

/** Seasons with a plan of which one practice is missed. */
const random = randomFrom(41);
const cases = Array.from({ length: 40 }, (_, i) => {
  const problem = randomSeason(i + 1, { practices: 12, options: 8 });
  const { plan } = quickPlan(problem, (n) => n < 40);
  const t = Math.floor(random() * problem.practices.length);
  return { problem: missed(problem, t), was: plan, t };
}).filter(({ was, t }) => was.touches.some((x) => x.practice === t));

describe('a plan of which a practice was missed, mended with few changes', SLOW, () => {
  const all = cases.map((c) => ({ ...c, plan: mended(c.problem, c.was) }));
  it('breaks no rule, and is worth its changes: more than what is left of the old one', () => {
    expect(all.length).toBeGreaterThan(20);
    for (const { problem, was, plan } of all) {
      expect(breaks(problem, plan)).toEqual([]);
      expect(wrongIn(problem, plan)).toEqual([]);
      const left = standing(problem, was, EMPTY);
      expect(worthNear(problem, was, plan)).toBeGreaterThanOrEqual(worthNear(problem, was, left) - 1e-9);
    }
    const better = all.filter(
      ({ problem, was, plan }) =>
        valueOf(problem, plan).value > valueOf(problem, standing(problem, was, EMPTY)).value + 0.1,
    );
    expect(better.length).toBeGreaterThan(all.length / 2);
  });
  it('changes far less than one made anew, for little less', () => {
    const sum = (of: (c: (typeof all)[number]) => number): number => all.reduce((n, c) => n + of(c), 0);
    const anew = new Map(all.map((c) => [c, quickPlan(c.problem, (n) => n < 40).plan]));
    expect(sum((c) => changesOf(c.was, c.plan))).toBeLessThan(
      0.6 * sum((c) => changesOf(c.was, anew.get(c)!)),
    );
    expect(sum((c) => valueOf(c.problem, c.plan).value)).toBeGreaterThan(
      0.93 * sum((c) => valueOf(c.problem, anew.get(c)!).value),
    );
  });
  it('no single block more, or in the place of another, would be worth its change', () => {
    for (const { problem, was, plan } of all.slice(0, 8)) {
      const now = worthNear(problem, was, plan);
      for (let k = 0; k < 200; k++) {
        const at = Math.floor(random() * problem.practices.length);
        const option = Math.floor(random() * problem.options.length);
        const is = (['in', 'review', 'live', 'both'] as const)[Math.floor(random() * 4)]!;
        const here = plan.touches.filter((x) => x.practice === at);
        const gone = random() < 0.5 ? undefined : here[Math.floor(random() * here.length)];
        const touches = [...plan.touches.filter((x) => x !== gone), { practice: at, option, is }];
        const other = { ...plan, touches };
        if (wrongIn(problem, other).length > 0) continue;
        expect(worthNear(problem, was, other)).toBeLessThanOrEqual(now + 1e-5);
      }
    }
  });
  it('what is held stands, whatever that costs', () => {
    for (const { problem, was, t } of all) {
      const held: Plan = {
        touches: was.touches.filter((x) => x.is === 'in' && x.practice !== t).slice(0, 2),
        drills: [],
      };
      const left = standing(problem, was, held);
      const plan = mended(problem, was, held);
      for (const x of held.touches) expect(plan.touches).toContainEqual(x);
      if (wrongIn(problem, left).length === 0) expect(wrongIn(problem, plan)).toEqual([]);
    }
  });
});

describe('blocks with minutes of their own', SLOW, () => {
  it('keep them as long as they stay, and give them back when they go', () => {
    const problem: Problem = {
      ...T1,
      practices: T1.practices.map((p) => ({ ...p, minutes: 20 })),
    };
    const was: Plan = {
      touches: [
        { practice: 0, option: 0, is: 'in' },
        { practice: 1, option: 0, is: 'both' },
      ],
      drills: [],
    };
    const own: OwnMinutes[] = [{ practice: 1, option: 0, is: 'both', minutes: 18 }];
    // B would come in on the second day, but what stands there leaves it two minutes.
    const plan = mended(problem, was, EMPTY, own);
    expect(plan.touches).toEqual(expect.arrayContaining([...was.touches]));
    expect(plan.touches.some((x) => x.option === 1)).toBe(false);
    expect(mended(problem, was).touches).toContainEqual({ practice: 1, option: 1, is: 'in' });
    // Worth far more than what is there, it takes its place.
    const heavy: Problem = {
      ...problem,
      games: [
        {
          day: 5,
          wants: [
            { option: 0, weight: 0.1 },
            { option: 1, weight: 3 },
          ],
        },
      ],
    };
    const other = mended(heavy, was, EMPTY, own);
    expect(other.touches).toContainEqual({ practice: 1, option: 1, is: 'in' });
    expect(other.touches).not.toContainEqual(was.touches[1]);
  });
});

describe('a plan that is as good as it can be', SLOW, () => {
  it.each([
    ['the first tiny season', T1],
    ['the second', T2],
  ])('%s: nothing is changed, and from nothing most of it is found', (_name, problem) => {
    let best: Plan = EMPTY;
    const { best: worth } = everyPlan(problem, (p) => {
      const { value } = valueOf(problem, p);
      if (value > valueOf(problem, best).value) best = p;
      return value;
    });
    expect(mended(problem, best)).toEqual(best);
    expect(valueOf(problem, mended(problem, EMPTY)).value).toBeGreaterThan(0.5 * worth);
  });
});

describe('changes', () => {
  it('are blocks that went and blocks that came; one made another counts as both', () => {
    const a: Plan = {
      touches: [
        { practice: 0, option: 0, is: 'in' },
        { practice: 1, option: 0, is: 'review' },
      ],
      drills: [],
    };
    expect(changesOf(a, a)).toBe(0);
    expect(changesOf(a, EMPTY)).toBe(2);
    expect(changesOf(EMPTY, a)).toBe(2);
    const other: Plan = { touches: [a.touches[0]!, { practice: 1, option: 0, is: 'both' }], drills: [] };
    expect(changesOf(a, other)).toBe(2);
    expect(worthNear(T1, a, other)).toBeCloseTo(valueOf(T1, other).value - 0.2, 9);
  });
});
