import type { Held } from './greedy.ts';
import { MINUTES, type Plan, type Problem, type Touch, type TouchKind } from './problem.ts';
import { standing } from './repair.ts';
import { valueOf } from './value.ts';
import { wrongIn } from './wrong.ts';

/** What each block that is otherwise than before costs a plan that is to stay near the old one. */
export const CHANGE = 0.1;

const keyOf = (x: Touch): string => `${x.practice} ${x.option} ${x.is}`;

/** Blocks that are in one of two plans and not in the other. */
export function changesOf(before: Plan, after: Plan): number {
  const [was, now] = [before, after].map((p) => new Set(p.touches.map(keyOf)));
  return [...was!].filter((k) => !now!.has(k)).length + [...now!].filter((k) => !was!.has(k)).length;
}

/** What a plan is worth to who has another one already: each change is charged. */
export const worthNear = (problem: Problem, was: Plan, plan: Plan): number =>
  valueOf(problem, plan).value - CHANGE * changesOf(was, plan);

/** A plan on the way, and whether nothing better was found round it. */
export interface Near {
  readonly plan: Plan;
  readonly ended: boolean;
}

/**
 * A plan mended with few changes: what can no longer be done is left out, then one block after the other is put in, or in
 * the place of another, whatever is worth most for the changes it makes. What is held stands. It may be left at any time.
 */
export function* nearPlan(problem: Problem, held: Held, was: Plan): Generator<Near, Near> {
  const kept = new Set(held.touches.map(keyOf));
  let plan = standing(problem, was, held);
  for (;;) {
    const now = worthNear(problem, was, plan);
    const found: { plan: Plan; gain: number } = { plan, gain: 1e-6 };
    for (const t of problem.practices.keys()) {
      for (const tried of tries(problem, plan, t, kept)) {
        const gain = worthNear(problem, was, tried) - now;
        if (gain <= found.gain || wrongIn(problem, tried).length > 0) continue;
        found.plan = tried;
        found.gain = gain;
      }
      yield { plan, ended: false };
    }
    if (found.plan === plan) return { plan, ended: true };
    plan = found.plan;
  }
}

const TOUCHES: readonly TouchKind[] = ['review', 'live', 'both'];

/** Plans with one block more in a practice, or one in the place of another, as far as its minutes go. */
function* tries(problem: Problem, plan: Plan, t: number, kept: ReadonlySet<string>): Generator<Plan> {
  const { options, practices } = problem;
  const { minutes, introductions, ready } = valueOf(problem, plan);
  const lacking = new Set(ready.filter((r) => r.value < 1 - 1e-9).map((r) => r.option));
  const isIn = new Set(plan.touches.flatMap((x) => (x.is === 'in' ? [x.option] : [])));
  const here = plan.touches.filter((x) => x.practice === t);
  for (const gone of [null, ...here.filter((x) => !kept.has(keyOf(x)))]) {
    const rest = gone ? plan.touches.filter((x) => x !== gone) : plan.touches;
    const freed = gone ? (gone.is === 'in' ? introductions[gone.option]! : MINUTES[gone.is]) : 0;
    const room = practices[t]!.minutes - minutes[t]! + freed;
    for (const option of lacking) {
      if (here.some((x) => x.option === option && x !== gone)) continue;
      const known = options[option]!.past.introduced !== null || isIn.has(option);
      for (const is of known ? TOUCHES : (['in'] as const)) {
        const takes = is === 'in' ? options[option]!.base : MINUTES[is];
        if (takes <= room + 1e-9) yield { ...plan, touches: [...rest, { practice: t, option, is }] };
      }
    }
  }
}
