import {
  fullerPlan,
  givesOf,
  PLAN_CHANGE,
  planValue,
  relaxed,
  standingPlan,
  type Gives,
  type InstallPlan,
  type PlanOrder,
} from '@corkscrew/core';
import { solvePlan, type Solved } from './solve.ts';
import { Worker } from 'node:worker_threads';

/** What a thread is given: the order, how long it may take, and a cell that is 1 once it is to leave. */
interface Given {
  readonly order: PlanOrder;
  readonly seconds: number;
  readonly leave: Int32Array;
}
type Said =
  | { readonly is: 'better'; readonly plan: InstallPlan; readonly value: number }
  | { readonly is: 'gap'; readonly gap: number }
  | { readonly is: 'done'; readonly solved: SolvedOrder };
/** A plan, and what would give more where that was asked. */
type SolvedOrder = Solved & { readonly gives: readonly Gives[] | null };

/** Good enough: nobody sees a hundredth. */
const GAP = 0.01;

/** What would give is looked for when no more than this is missing, and so long for each thing that is let go (s). */
const CLEAR = 0.05;
const EACH = 1;

/** Solves an order in this thread. */
export async function solveHere({ order, seconds, leave }: Given, say: (said: Said) => void): Promise<Said> {
  const { problem, held, keep, relax } = order;
  const stays = (): boolean => Atomics.load(leave, 0) === 0;
  const start = standingPlan(problem, order.start, held);
  const solved = await solvePlan(problem, {
    ...{ start, held, seconds, gap: GAP, was: keep ? { plan: start, change: PLAN_CHANGE } : null },
    onBetter: (plan) => say({ is: 'better', plan, value: planValue(problem, plan).value }),
    goOn: ({ gap }) => {
      say({ is: 'gap', gap });
      return stays();
    },
  });
  if (!relax || solved.gap > CLEAR) return { is: 'done', solved: { ...solved, gives: null } };
  const gives: Gives[] = [];
  for (const [i, one] of relax.entries()) {
    if (!stays()) break;
    const other = relaxed(problem, held, one);
    // What fits besides is put in by hand first: then the solver has something to prove.
    const where = one.is === 'new' ? problem.practices.map((_, t) => t) : [one.practice];
    const from = standingPlan(other.problem, solved.plan, other.held);
    const then = await solvePlan(other.problem, {
      ...{ start: fullerPlan(other.problem, from, where), held: other.held },
      ...{ seconds: EACH, gap: 0, goOn: stays },
    });
    const found = givesOf(other.problem, i, solved.plan, then.plan, solved.bound);
    if (found) gives.push(found);
  }
  // What gives most comes first.
  gives.sort((a, b) => b.sure - a.sure);
  return { is: 'done', solved: { ...solved, gives } };
}

export interface Solving {
  readonly done: Promise<SolvedOrder>;
  /** The best so far, and what may still be missing. */
  readonly best: () => {
    readonly plan: InstallPlan;
    readonly value: number;
    readonly gap: number | null;
  } | null;
  readonly leave: () => void;
}

/** Solves an order in a thread of its own, which leaves when it is told to and comes back with the best so far. */
export function solveBeside(order: PlanOrder, seconds: number): Solving {
  const leave = new Int32Array(new SharedArrayBuffer(4));
  const worker = new Worker(new URL('./solve-worker.mjs', import.meta.url), {
    workerData: { order, seconds, leave } satisfies Given,
  });
  let best: { plan: InstallPlan; value: number } | null = null;
  let gap: number | null = null;
  const done = new Promise<SolvedOrder>((resolve, reject) => {
    worker.on('message', (said: Said) => {
      if (said.is === 'done') resolve(said.solved);
      else if (said.is === 'gap') gap = said.gap;
      else if (!best || said.value > best.value) best = said;
    });
    worker.once('error', reject);
    worker.once('exit', () => reject(new Error('The solver went away.')));
  });
  return {
    done,
    best: () => best && { ...best, gap },
    leave: () => {
      Atomics.store(leave, 0, 1);
      // Before its first look at the cell it may be long at work: then it is ended.
      setTimeout(() => void worker.terminate(), LEAVES).unref();
    },
  };
}
const LEAVES = 3000;
