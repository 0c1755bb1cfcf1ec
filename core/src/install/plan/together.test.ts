import { describe, expect, it } from 'vitest';
import { EMPTY, type Plan, type Problem } from './problem.ts';
import { planProgram } from './program.ts';
import { quickPlan } from './search.ts';
import { breaks, everyPlan, randomSeason } from './seasons.test-data.ts';
import { T1, T2 } from './tiny.test-data.ts';
import { valueOf } from './value.ts';
import { wrongIn } from './wrong.ts';

/** Nothing is taught by itself. */
const wholly = (p: Problem): Problem => ({ ...p, together: p.concepts.map(() => true) });

describe('what is taught only with its play', { timeout: 60_000 }, () => {
  it('is never a drill, and the best plan is the best of those without drills', () => {
    for (const season of [T1, T2]) {
      const problem = wholly(season);
      const { best } = everyPlan(problem, (p) =>
        p.drills.length > 0 ? -Infinity : valueOf(problem, p).value,
      );
      const found = quickPlan(problem, (n) => n < 400);
      expect(found.plan.drills).toEqual([]);
      expect(found.value).toBeCloseTo(best, 6);
    }
  });

  it('breaks a rule as a drill, by both checkers and in the program', () => {
    const drill: Plan = { touches: [], drills: [{ practice: 0, concept: 0 }] };
    expect(wrongIn(T1, drill)).toEqual([]);
    const problem = wholly(T1);
    expect(wrongIn(problem, drill).map((w) => w.is)).toEqual(['alone']);
    expect(breaks(problem, drill)).toEqual(['taught by itself, 0']);
    const { program: p, write } = planProgram(problem, EMPTY, null);
    const x = write(drill);
    const broken = p.rowLower.some((low, r) => {
      let sum = 0;
      for (let k = p.starts[r]!; k < p.starts[r + 1]!; k++) sum += p.values[k]! * x[p.columns[k]!]!;
      return sum < low - 1e-6 || sum > p.rowUpper[r]! + 1e-6;
    });
    expect(broken).toBe(true);
  });

  it('makes no season worth more', () => {
    for (let seed = 1; seed <= 10; seed++) {
      const free = { ...randomSeason(seed, { practices: 8, options: 5 }), together: undefined };
      const bound = wholly(free);
      const { plan } = quickPlan(bound, (n) => n < 20);
      expect(breaks(bound, plan), `season ${seed}`).toEqual([]);
      // Whatever can be done without drills can be done where they are allowed.
      expect(wrongIn(free, plan)).toEqual([]);
    }
  });
});
