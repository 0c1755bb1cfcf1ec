import { EMPTY_PLAN, planValue, quickPlan, wrongInPlan, type InstallPlan } from '@corkscrew/core';
import { describe, expect, it } from 'vitest';
import { randomFrom } from '../../../core/src/install/plan/search.ts';
import { breaks, everyPlan, randomSeason } from '../../../core/src/install/plan/seasons.test-data.ts';
import { T1, T2 } from '../../../core/src/install/plan/tiny.test-data.ts';
import { solvePlan } from './solve.ts';

const whole = { start: EMPTY_PLAN, held: EMPTY_PLAN, seconds: 20, gap: 0 };

describe('the solver', { timeout: 90_000 }, () => {
  it.each([
    [T1, 4.5],
    [T2, 6.44],
  ])('proves the two tiny seasons', async (problem, worth) => {
    const { value, plan, ended } = await solvePlan(problem, whole);
    expect(value).toBeCloseTo(worth, 6);
    expect(planValue(problem, plan).value).toBeCloseTo(worth, 6);
    expect(ended).toBe('proved');
  });

  it('finds on small seasons what trying every plan finds', async () => {
    let compared = 0;
    for (let seed = 1; seed <= 60 && compared < 6; seed++) {
      const problem = randomSeason(seed, { practices: 4, options: 3 });
      const small = {
        ...problem,
        options: problem.options
          .slice(0, 2)
          .map((o) => ({ ...o, concepts: o.concepts.slice(0, 1), main: null })),
        games: problem.games.map((g) => ({ ...g, wants: g.wants.filter((w) => w.option < 2) })),
        practices: problem.practices.map((p) => ({ ...p, barred: p.barred.filter((o) => o < 2) })),
        concepts: problem.concepts.slice(0, 60),
      };
      const used = [...new Set(small.options.flatMap((o) => o.concepts))];
      const lean = {
        ...small,
        concepts: used.map((c) => small.concepts[c]!),
        options: small.options.map((o) => ({ ...o, concepts: o.concepts.map((c) => used.indexOf(c)) })),
      };
      const { best, plans } = everyPlan(lean, (p) => planValue(lean, p).value);
      if (plans < 20) continue;
      compared++;
      const { value } = await solvePlan(lean, whole);
      expect(value, `season ${seed}`).toBeCloseTo(best, 3);
    }
    expect(compared).toBe(6);
  });

  it('finds with what stands what trying every plan that has it finds', async () => {
    const stands = { touches: [{ practice: 0, option: 0, minutes: 9 }], drills: [] };
    const held = { touches: [{ practice: 0, option: 0, is: 'in' as const }], drills: [] };
    for (const [tiny, minutes] of [
      [T1, 20 - 9],
      [{ ...T2, practices: T2.practices.map((p) => ({ ...p, minutes: 14 })) }, 14 - 9],
    ] as const) {
      const problem = {
        ...tiny,
        stands,
        practices: tiny.practices.map((p, t) => (t === 0 ? { ...p, minutes } : p)),
      };
      const has = (p: InstallPlan): boolean =>
        p.touches.some((x) => x.practice === 0 && x.option === 0 && x.is === 'in');
      const { best } = everyPlan(problem, (p) => (has(p) ? planValue(problem, p).value : -Infinity));
      const solved = await solvePlan(problem, { ...whole, held, start: held });
      expect(has(solved.plan)).toBe(true);
      expect(breaks(problem, solved.plan)).toEqual([]);
      expect(solved.value).toBeCloseTo(best, 3);
    }
  });

  it('never comes back with less than it was given, breaks no rule, and is near what it says is the most', async () => {
    for (const seed of [3, 8, 12, 13, 15, 27]) {
      const problem = randomSeason(seed, { practices: 14, options: 8 });
      const quick = quickPlan(problem, (n) => n < 40);
      const solved = await solvePlan(problem, { ...whole, start: quick.plan, gap: 0.01, seconds: 6 });
      expect(breaks(problem, solved.plan), `season ${seed}`).toEqual([]);
      expect(wrongInPlan(problem, solved.plan)).toEqual([]);
      expect(solved.value).toBeGreaterThanOrEqual(quick.value - 1e-6);
      // The best of many other plans is no better than the bound that was proved.
      const others = quickPlan(problem, (n) => n < 400).value;
      expect(others).toBeLessThanOrEqual(solved.bound + 0.02);
    }
  });

  it('is not beaten by 2,000 plans put together at random by more than what it says may be missing', async () => {
    const problem = randomSeason(12, { practices: 10, options: 6 });
    const solved = await solvePlan(problem, { ...whole, gap: 0.01, seconds: 6 });
    const random = randomFrom(4711);
    const int = (n: number): number => Math.floor(random() * n);
    const kinds = ['in', 'review', 'live', 'both'] as const;
    let best = 0;
    let blocks = 0;
    for (let k = 0; k < 2000; k++) {
      let plan = EMPTY_PLAN;
      // Blocks are put in anywhere; one that breaks a rule is left out again.
      for (let tries = 0; tries < 40; tries++) {
        const touch = { practice: int(10), option: int(6), is: kinds[tries < 10 ? 0 : int(4)]! };
        if (touch.practice >= problem.practices.length || touch.option >= problem.options.length) continue;
        const next = { ...plan, touches: [...plan.touches, touch] };
        if (wrongInPlan(problem, next).length === 0) plan = next;
      }
      blocks += plan.touches.length;
      best = Math.max(best, planValue(problem, plan).value);
    }
    // They are plans, not empty ones.
    expect(blocks / 2000).toBeGreaterThan(3);
    expect(best).toBeGreaterThan(0);
    expect(best).toBeLessThanOrEqual(solved.bound + 1e-6);
    expect(best).toBeLessThanOrEqual(solved.value * (1 + solved.gap) + 1e-6);
  });

  it('keeps a new plan near the old one, and leaves when it is told to', async () => {
    const problem = randomSeason(12, { practices: 14, options: 8 });
    const old = quickPlan(problem, (n) => n < 100).plan;
    const again = await solvePlan(problem, {
      ...whole,
      start: old,
      was: { plan: old, change: 5 },
      seconds: 6,
    });
    const key = (t: { practice: number; option: number; is: string }) => `${t.practice} ${t.option} ${t.is}`;
    expect(new Set(again.plan.touches.map(key))).toEqual(new Set(old.touches.map(key)));
    const left = await solvePlan(randomSeason(9), { ...whole, seconds: 20, goOn: () => false });
    expect(left.ended).not.toBe('time');
  });
});
