import { describe, expect, it } from 'vitest';
import { evenFavour, frameOf, greedyPlan } from './greedy.ts';
import { EMPTY, NO_PAST, type Plan, type Problem } from './problem.ts';
import { planProgram } from './program.ts';
import { quickPlan, randomFrom } from './search.ts';
import { breaks, everyPlan, randomSeason } from './seasons.test-data.ts';
import { T1, T2 } from './tiny.test-data.ts';
import { valueOf } from './value.ts';
import { wrongIn } from './wrong.ts';

/** Many seasons on a busy machine. */
const SLOW = { timeout: 90_000 };
const seeds = Array.from({ length: 200 }, (_, i) => i + 1);

describe('two tiny seasons, every plan tried', SLOW, () => {
  it.each([
    ['the first', T1, 4.5],
    ['the second', T2, 6.44],
  ])('%s', (_name, problem, worth) => {
    const { best, plans } = everyPlan(problem, (p) => valueOf(problem, p).value);
    expect(plans).toBeGreaterThan(500);
    expect(best).toBeCloseTo(worth, 9);
    expect(quickPlan(problem, (n) => n < 300).value).toBeCloseTo(worth, 9);
  });
});

describe('200 seasons nobody made for it', SLOW, () => {
  it('no plan breaks a rule, by a checker of its own and by ours; its value is what it was told to be', () => {
    for (const seed of seeds) {
      const problem = randomSeason(seed);
      const { plan, value } = quickPlan(problem, (n) => n < 3);
      expect(breaks(problem, plan), `season ${seed}`).toEqual([]);
      expect(wrongIn(problem, plan), `season ${seed}`).toEqual([]);
      expect(value).toBeCloseTo(valueOf(problem, plan).value, 9);
    }
  });
  it('what the greedy sums up on its way is what the plan is worth', () => {
    for (const seed of seeds) {
      const problem = randomSeason(seed);
      const { plan, value } = greedyPlan(frameOf(problem, EMPTY), {
        favour: evenFavour(problem),
        ranks: null,
      });
      expect(value, `season ${seed}`).toBeCloseTo(valueOf(problem, plan).value, 6);
    }
  });
  it('looking longer never makes it worse', () => {
    for (const seed of seeds.slice(0, 20)) {
      const problem = randomSeason(seed);
      const [short, long] = [1, 60].map((n) => quickPlan(problem, (k) => k < n).value);
      expect(long!).toBeGreaterThanOrEqual(short! - 1e-9);
    }
  });
});

/** A row of the program too much or too little, and what a plan is worth by its columns. */
function inProgram(problem: Problem, plan: Plan): { broken: number; worth: number; again: Plan } {
  const { program: p, write, read } = planProgram(problem, EMPTY, null);
  const x = write(plan);
  let broken = 0;
  p.rowLower.forEach((low, r) => {
    let sum = 0;
    for (let k = p.starts[r]!; k < p.starts[r + 1]!; k++) sum += p.values[k]! * x[p.columns[k]!]!;
    if (sum < low - 1e-6 || sum > p.rowUpper[r]! + 1e-6) broken++;
  });
  x.forEach((v, c) => {
    if (v < p.lower[c]! - 1e-9 || v > p.upper[c]! + 1e-9) broken++;
  });
  return { broken, worth: x.reduce((n, v, c) => n + v * p.cost[c]!, 0), again: read(x) };
}

const sorted = (p: Plan) => p.touches.map((t) => `${t.practice} ${t.option} ${t.is}`).sort();
const same = (a: Plan, b: Plan): boolean => sorted(a).join() === sorted(b).join();

describe('the plan as a program of whole numbers', SLOW, () => {
  it('holds every plan that can be carried out, at its worth, and reads it back', () => {
    for (const seed of seeds.slice(0, 40)) {
      const problem = randomSeason(seed);
      const { plan, value } = quickPlan(problem, (n) => n < 3);
      const { broken, worth, again } = inProgram(problem, plan);
      expect(broken, `season ${seed}`).toBe(0);
      expect(Math.abs(worth - value), `season ${seed}`).toBeLessThan(0.1);
      expect(same(again, plan)).toBe(true);
      expect(valueOf(problem, again).value).toBeCloseTo(value, 9);
    }
  });
  it('holds no plan that breaks a rule', () => {
    const random = randomFrom(5);
    let tried = 0;
    for (const seed of seeds.slice(0, 40)) {
      const problem = randomSeason(seed, { practices: 10, options: 8 });
      const { plan } = quickPlan(problem, (n) => n < 2);
      if (plan.touches.length === 0) continue;
      // One block moved or made another: what breaks a rule must break a row, or have no column at all.
      for (let k = 0; k < 10; k++) {
        const i = Math.floor(random() * plan.touches.length);
        const touches = plan.touches.map((x, j) =>
          j === i ? { ...x, practice: Math.floor(random() * problem.practices.length) } : x,
        );
        const moved = { ...plan, touches };
        if (breaks(problem, moved).length === 0) continue;
        tried++;
        const { broken, again } = inProgram(problem, moved);
        expect(broken > 0 || !same(again, moved), `season ${seed}: ${JSON.stringify(touches[i])}`).toBe(true);
      }
    }
    expect(tried).toBeGreaterThan(50);
  });
});

describe('what stands', SLOW, () => {
  it('is in every plan, and the rest is made round it', () => {
    const held: Plan = { touches: [{ practice: 1, option: 0, is: 'in' }], drills: [] };
    const { plan } = quickPlan(T1, (n) => n < 100, held);
    expect(plan.touches).toContainEqual(held.touches[0]);
    expect(breaks(T1, plan)).toEqual([]);
    expect(plan.touches.filter((x) => x.option === 0 && x.is === 'in')).toHaveLength(1);
  });
  it('is charged nothing, for its minutes are none of the practice’s any more, and what it teaches is taught', () => {
    const held: Plan = {
      touches: [{ practice: 0, option: 0, is: 'in' }],
      drills: [{ practice: 1, concept: 2 }],
    };
    const problem: Problem = {
      ...T1,
      stands: { touches: [{ practice: 0, option: 0, minutes: 11 }], drills: held.drills },
    };
    // B comes in with nothing of A's to learn, and with the drill of that day: its base of four is all it takes.
    const plan: Plan = { ...held, touches: [...held.touches, { practice: 1, option: 1, is: 'in' }] };
    expect(valueOf(problem, plan).minutes).toEqual([0, 4, 0]);
    expect(valueOf(T1, plan).minutes).toEqual([10, 7, 0]);
    // Taught earlier by another, it costs its minutes there.
    const earlier: Plan = { touches: [{ practice: 0, option: 1, is: 'in' }], drills: held.drills };
    expect(valueOf({ ...problem, stands: { touches: [], drills: held.drills } }, earlier).minutes).toEqual([
      4 + 2 + 3,
      0,
      0,
    ]);
  });
  it('in any season nothing goes over, in every way a plan is made, and the program holds it', () => {
    const random = randomFrom(77);
    let stood = 0;
    for (const seed of seeds.slice(0, 40)) {
      const before = randomSeason(seed, { practices: 14, options: 8 });
      const first = quickPlan(before, (n) => n < 3).plan;
      // Some of its blocks are the coach's now, and shorter or longer than a plan would have them.
      const touches = first.touches.filter((x) => x.is === 'in' && random() < 0.5);
      const drills = first.drills.filter(() => random() < 0.5);
      const mine = touches.map((x) => ({ ...x, minutes: 1 + Math.floor(random() * 9) }));
      const problem: Problem = {
        ...before,
        practices: before.practices.map((p, t) => ({
          ...p,
          minutes: Math.max(0, p.minutes - mine.reduce((n, x) => n + (x.practice === t ? x.minutes : 0), 0)),
        })),
        stands: { touches: mine, drills },
      };
      const held: Plan = { touches, drills };
      stood += touches.length;
      const { plan, value } = quickPlan(problem, (n) => n < 5, held);
      expect(breaks(problem, plan), `season ${seed}`).toEqual([]);
      expect(wrongIn(problem, plan), `season ${seed}`).toEqual([]);
      const greedy = greedyPlan(frameOf(problem, held), { favour: evenFavour(problem), ranks: null });
      expect(greedy.value).toBeCloseTo(valueOf(problem, greedy.plan).value, 6);
      const { broken, worth } = inProgram(problem, plan);
      expect(broken, `season ${seed}`).toBe(0);
      expect(Math.abs(worth - value)).toBeLessThan(0.1);
    }
    expect(stood).toBeGreaterThan(40);
  });
  it('live work that stands counts as long as it is, in every way a plan is made', () => {
    const touches: Plan['touches'] = [
      { practice: 0, option: 0, is: 'in' },
      { practice: 1, option: 0, is: 'both' },
    ];
    const held: Plan = { touches, drills: [] };
    const long: Problem = { ...T1, longer: [{ practice: 1, option: 0, by: 5 }] };
    const live = (problem: Problem): number => valueOf(problem, held).ready.find((r) => r.option === 0)!.live;
    expect([live(T1), live(long)]).toEqual([5, 10]);
    // What the greedy sums up on its way, and the program, say the same.
    const greedy = greedyPlan(frameOf(long, held), { favour: evenFavour(long), ranks: null });
    expect(greedy.value).toBeCloseTo(valueOf(long, greedy.plan).value, 9);
    const { broken, worth } = inProgram(long, held);
    expect(broken).toBe(0);
    expect(worth).toBeCloseTo(valueOf(long, held).value, 2);
    // Nothing more live is asked of it, where else there would be.
    const more = (problem: Problem): boolean =>
      quickPlan(problem, (n) => n < 60, held).plan.touches.some(
        (x) => x.option === 0 && x.is === 'live' && x.practice === 2,
      );
    expect([more(T1), more(long)]).toEqual([true, false]);
  });
  it('what the past did need not be done again', () => {
    const past = { ...NO_PAST, introduced: -2, touches: 2, reviewed: true, live: 10, last: -3 };
    const problem = { ...T1, options: T1.options.map((o, i) => (i === 0 ? { ...o, past } : o)) };
    const { plan } = quickPlan(problem, (n) => n < 100);
    expect(plan.touches.some((x) => x.option === 0 && x.is === 'in')).toBe(false);
    const ready = valueOf(problem, EMPTY).ready.find((r) => r.option === 0)!;
    expect(ready).toMatchObject({ in: true, reviewed: true, live: 10, fresh: true, value: 1 });
  });
  it('a season with a game after every practice has nothing to decide', () => {
    const problem: Problem = {
      ...T1,
      practices: T1.practices.map((p) => ({ ...p, nothingNew: true })),
    };
    expect(quickPlan(problem, (n) => n < 20).plan.touches).toEqual([]);
  });
  it('says what speaks against a plan', () => {
    const wrong = (touches: Plan['touches']) => wrongIn(T1, { touches, drills: [] }).map((w) => w.is);
    expect(wrong([{ practice: 2, option: 0, is: 'in' }])).toContain('nothingNew');
    expect(wrong([{ practice: 0, option: 0, is: 'review' }])).toContain('notIn');
    expect(
      wrong([
        { practice: 0, option: 0, is: 'in' },
        { practice: 1, option: 0, is: 'live' },
      ]),
    ).toContain('liveBeforeReview');
    expect(
      wrong([
        { practice: 0, option: 0, is: 'in' },
        { practice: 0, option: 1, is: 'in' },
      ]),
    ).toContain('new');
  });
});
