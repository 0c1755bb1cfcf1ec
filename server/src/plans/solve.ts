import {
  planProgram,
  planValue,
  quickPlan,
  wrongInPlan,
  type InstallPlan,
  type PlanProblem,
} from '@corkscrew/core';
import loadHighs, { type Highs } from 'highs';

/** How a plan came out of the solver. */
export interface Solved {
  readonly plan: InstallPlan;
  readonly value: number;
  /** No plan is worth more than this. */
  readonly bound: number;
  /** Share of the bound that may still be missing, 0 when it is proved to be the best. */
  readonly gap: number;
  /** What stopped it. */
  readonly ended: 'proved' | 'time' | 'left';
}
export interface SolveOptions {
  /** Where it starts: it never comes back with less. */
  readonly start: InstallPlan;
  readonly held: InstallPlan;
  /** A plan that changes of it cost something, and how much each. */
  readonly was?: { readonly plan: InstallPlan; readonly change: number } | null;
  readonly seconds: number;
  /** Good enough. */
  readonly gap: number;
  /** Told every better plan on the way. */
  readonly onBetter?: (plan: InstallPlan) => void;
  /** Called now and then; false leaves with the best so far. */
  readonly goOn?: (so: { readonly gap: number; readonly seconds: number }) => boolean;
}

let loaded: Promise<Highs> | null = null;

/** The share of its time in which plans are tried before the solver begins, no longer than this, and a second for so many columns. */
const SEARCHES = { share: 0.4, most: 2, small: 3000 } as const;

/** The better of the plan it is given and one that was found by trying; told when it is better. */
function searched(problem: PlanProblem, options: SolveOptions, goOn: () => boolean): InstallPlan {
  const { start, held } = options;
  const from = planValue(problem, start).value;
  const found = quickPlan(problem, goOn, held, start);
  if (found.value <= from + 1e-9) return start;
  options.onBetter?.(found.plan);
  return found.plan;
}

/** The best plan a solver of whole-number programs (HiGHS) finds in the time it has; the thread is busy until then. */
export async function solvePlan(problem: PlanProblem, options: SolveOptions): Promise<Solved> {
  const highs = await (loaded ??= loadHighs());
  const { held, was = null } = options;
  const begun = performance.now();
  const since = (): number => (performance.now() - begun) / 1000;
  const { program: p, read, write } = planProgram(problem, held, was);
  const columns = p.cost.length;
  // Trying plans finds good ones sooner than the solver does, but in a small season, where it knows the best at once; near
  // an old plan trying knows nothing of what changes cost.
  const search = was
    ? 0
    : Math.min(SEARCHES.most, options.seconds * SEARCHES.share, columns / SEARCHES.small);
  const start = search > 0 ? searched(problem, options, () => since() < search) : options.start;
  if (columns === 0) {
    const { value } = planValue(problem, start);
    return { plan: start, value, bound: value, gap: 0, ended: 'proved' };
  }
  const ended = { left: false };
  return highs.withModel(
    {
      numCols: columns,
      numRows: p.rowLower.length,
      sense: highs.constants.objectiveSense.maximize,
      colCost: p.cost,
      colLower: p.lower,
      colUpper: p.upper,
      rowLower: p.rowLower,
      rowUpper: p.rowUpper,
      matrix: {
        format: 'csr',
        numRows: p.rowLower.length,
        numCols: columns,
        starts: p.starts,
        indices: p.columns,
        values: p.values,
      },
      integrality: Int32Array.from(p.whole),
    },
    (model): Solved => {
      model.options.set({
        output_flag: false,
        time_limit: Math.max(0.1, options.seconds - since()),
        mip_rel_gap: options.gap,
        random_seed: 1,
        // Our rows are lean already: simplifying them takes longer than it saves, and no two options are alike.
        presolve: 'off',
        mip_detect_symmetry: false,
      });
      model.setSolution({ colValue: write(start) });
      model.run({
        [highs.constants.callbackType.mipImprovingSolution](event) {
          if (event.data.mip_solution) options.onBetter?.(read(event.data.mip_solution));
          return undefined;
        },
        [highs.constants.callbackType.mipInterrupt](event) {
          const gap = event.data.mip_gap ?? 1;
          if (options.goOn?.({ gap, seconds: since() }) === false) {
            ended.left = true;
            event.interrupt();
          }
          return undefined;
        },
      });
      const proved = model.getModelStatus() === highs.constants.modelStatus.optimal;
      const x = model.getSolution().colValue;
      const found = x.length === columns ? read(x) : start;
      const value = planValue(problem, found).value;
      const from = planValue(problem, start).value;
      const usable = wrongInPlan(problem, found).length === 0;
      const keep = usable && (was !== null || value >= from - 1e-9);
      const dual = Number(model.info.get('mip_dual_bound'));
      const best = keep ? value : from;
      // What a change costs is in the program and not in the worth: what is missing is told by the program alone.
      const worth = write(keep ? found : start).reduce((n, v, i) => n + v * p.cost[i]!, 0);
      const bound = Number.isFinite(dual) ? best + Math.max(0, dual - worth) : Infinity;
      return {
        plan: keep ? found : start,
        value: best,
        bound,
        gap: bound === Infinity ? 1 : bound > 0 ? (bound - best) / bound : 0,
        ended: proved ? 'proved' : ended.left ? 'left' : 'time',
      };
    },
  );
}
