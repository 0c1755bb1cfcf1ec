import type { Held } from './greedy.ts';
import type { Plan, Problem, TouchKind } from './problem.ts';
import { valueOf } from './value.ts';
import { wrongIn } from './wrong.ts';

/** One thing a plan is held by that could be let go: minutes of a practice, new options in one, a block that stands. */
export type Relax =
  | { readonly is: 'minutes'; readonly practice: number; readonly by: number }
  | { readonly is: 'new'; readonly by: number }
  | { readonly is: 'unlock'; readonly practice: number; readonly option: number };

/** What letting one thing go would bring. */
export interface Gives {
  /** Its place among those that were tried. */
  readonly relax: number;
  /** The plan that was found with it let go. */
  readonly plan: Plan;
  /** By how much a plan is worth more then than any without it, for certain. */
  readonly sure: number;
  /** How ready options become for games: shares from 0 to 1. */
  readonly ready: readonly {
    readonly game: number;
    readonly option: number;
    readonly from: number;
    readonly to: number;
  }[];
}

/**
 * The same problem with one thing let go: whatever could be done before still can, but that an opened block is a usual one then:
 * it gives back its minutes, takes the usual ones, and loses the live ones it had beyond them.
 */
export function relaxed(problem: Problem, held: Held, relax: Relax): { problem: Problem; held: Held } {
  if (relax.is === 'new') return { problem: { ...problem, newEach: problem.newEach + relax.by }, held };
  if (relax.is === 'unlock') {
    const opened = (x: { readonly practice: number; readonly option: number }): boolean =>
      x.practice === relax.practice && x.option === relax.option;
    const had = (problem.stands?.touches ?? []).reduce((n, x) => n + (opened(x) ? x.minutes : 0), 0);
    return {
      problem: {
        ...problem,
        practices: problem.practices.map((p, t) =>
          t === relax.practice ? { ...p, minutes: p.minutes + had } : p,
        ),
        stands: problem.stands && {
          ...problem.stands,
          touches: problem.stands.touches.filter((x) => !opened(x)),
        },
        longer: problem.longer?.filter((x) => !opened(x)),
      },
      held: {
        ...held,
        touches: held.touches.filter((x) => !opened(x)),
      },
    };
  }
  const practices = problem.practices.map((p, t) =>
    t === relax.practice ? { ...p, minutes: p.minutes + relax.by } : p,
  );
  return { problem: { ...problem, practices }, held };
}

const KINDS: readonly TouchKind[] = ['in', 'review', 'live', 'both'];

/** A plan with what fits besides into some practices, the block that is worth most first, until nothing brings more. */
export function fuller(problem: Problem, plan: Plan, practices: readonly number[]): Plan {
  let best = plan;
  let value = valueOf(problem, plan).value;
  for (;;) {
    let next: Plan | null = null;
    for (const practice of practices)
      for (const [option] of problem.options.entries())
        for (const is of KINDS) {
          const rest = best.touches.filter((x) => x.practice !== practice || x.option !== option);
          const tried = { ...best, touches: [...rest, { practice, option, is }] };
          const worth = valueOf(problem, tried).value;
          if (worth <= value + NOTHING / 10 || wrongIn(problem, tried).length > 0) continue;
          next = tried;
          value = worth;
        }
    if (!next) return best;
    best = next;
  }
}

/** A difference of readiness that is worth a word, and one of worth that is none. */
const TELLS = 0.15;
const NOTHING = 0.01;

/**
 * What a plan found with one thing let go gives beside the best plan without it, of which no plan is worth more than
 * `bound`; null where that is not certain, or nothing becomes readier that a coach would see.
 */
export function givesOf(
  problem: Problem,
  relax: number,
  before: Plan,
  after: Plan,
  bound: number,
): Gives | null {
  const then = valueOf(problem, after);
  const sure = then.value - bound;
  if (sure < NOTHING) return null;
  const now = new Map(valueOf(problem, before).ready.map((r) => [`${r.game} ${r.option}`, r.value]));
  const ready = then.ready.flatMap(({ game, option, value }) => {
    const from = now.get(`${game} ${option}`) ?? 0;
    return value - from >= TELLS ? [{ game, option, from, to: value }] : [];
  });
  return ready.length === 0 ? null : { relax, plan: after, sure, ready };
}
