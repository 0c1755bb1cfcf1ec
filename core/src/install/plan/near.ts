import type { Held } from './greedy.ts';
import { LATER, MINUTES, touchKey, type Plan, type Problem, type Touch } from './problem.ts';
import { standing } from './repair.ts';
import { valueOf } from './value.ts';
import { wrongIn } from './wrong.ts';

/** What each block that is otherwise than before costs a plan that is to stay near the old one. */
export const CHANGE = 0.1;

/** Blocks that are in one of two plans and not in the other. */
export function changesOf(before: Plan, after: Plan): number {
  const [was, now] = [before, after].map((p) => new Set(p.touches.map(touchKey)));
  return [...was!].filter((k) => !now!.has(k)).length + [...now!].filter((k) => !was!.has(k)).length;
}

/** What a plan is worth to who has another one already: each change is charged. */
export const worthNear = (problem: Problem, was: Plan, plan: Plan): number =>
  valueOf(problem, plan).value - CHANGE * changesOf(was, plan);

/** A block that is planned with minutes of its own: as long as it stays, it keeps them. */
export interface OwnMinutes extends Touch {
  readonly minutes: number;
}

/**
 * A plan mended with few changes: what can no longer be done is left out, then one block after the other is put in, or in
 * the place of another, whatever is worth most for the changes it makes; a block that stays keeps the minutes it has. What
 * is held stands. Each step yields the plan so far: it may be left at any time.
 */
export function* nearPlan(
  problem: Problem,
  held: Held,
  was: Plan,
  owned: readonly OwnMinutes[] = [],
): Generator<Plan, Plan> {
  const kept = new Set(held.touches.map(touchKey));
  // Once it is out, such a block does not come back shorter than it was.
  const theirs = new Set(owned.map(touchKey));
  let plan = standing(withOwn(problem, owned), was, held);
  for (;;) {
    const own = ownIn(plan, owned);
    const now = worthNear(problem, was, plan);
    let [best, gain] = [plan, 1e-6];
    for (const t of problem.practices.keys()) {
      const here = plan.touches.filter((x) => x.practice === t && !kept.has(touchKey(x)));
      for (const gone of [null, ...here]) {
        const left = gone ? { ...plan, touches: plan.touches.filter((x) => x !== gone) } : plan;
        const then = withOwn(problem, gone ? ownIn(left, own) : own);
        for (const tried of withOneMore(then, left, t)) {
          if (theirs.has(touchKey(tried.touches.at(-1)!))) continue;
          const more = worthNear(problem, was, tried) - now;
          if (more <= gain || wrongIn(then, tried).length > 0) continue;
          [best, gain] = [tried, more];
        }
      }
      yield plan;
    }
    if (best === plan) return plan;
    plan = best;
  }
}

/** Those that are in a plan as they are. */
const ownIn = ({ touches }: Plan, own: readonly OwnMinutes[]): OwnMinutes[] => {
  const there = new Set(touches.map(touchKey));
  return own.filter((x) => there.has(touchKey(x)));
};

/** The problem in which some blocks stand with their own minutes. */
function withOwn(problem: Problem, own: readonly OwnMinutes[]): Problem {
  if (own.length === 0) return problem;
  const taken = problem.practices.map(() => 0);
  for (const { practice, minutes } of own) taken[practice]! += minutes;
  const { touches = [], drills = [] } = problem.stands ?? {};
  return {
    ...problem,
    practices: problem.practices.map((p, t) => ({ ...p, minutes: Math.max(0, p.minutes - taken[t]!) })),
    stands: { touches: [...touches, ...own], drills },
  };
}

/** A plan with one block more in a practice, as far as its minutes go: each that could bring something. */
function* withOneMore(problem: Problem, plan: Plan, t: number): Generator<Plan> {
  const { options, practices } = problem;
  const { minutes, ready } = valueOf(problem, plan);
  const room = practices[t]!.minutes - minutes[t]!;
  const lacking = new Set(ready.filter((r) => r.value < 1 - 1e-9).map((r) => r.option));
  const isIn = new Set(plan.touches.flatMap((x) => (x.is === 'in' ? [x.option] : [])));
  const here = new Set(plan.touches.flatMap((x) => (x.practice === t ? [x.option] : [])));
  for (const option of lacking) {
    if (here.has(option)) continue;
    const known = options[option]!.past.introduced !== null || isIn.has(option);
    for (const is of known ? LATER : (['in'] as const)) {
      const takes = is === 'in' ? options[option]!.base : MINUTES[is];
      if (takes <= room + 1e-9) yield { ...plan, touches: [...plan.touches, { practice: t, option, is }] };
    }
  }
}
