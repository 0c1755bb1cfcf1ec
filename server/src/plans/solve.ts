import { planProgram, planValue, wrongInPlan, type InstallPlan, type PlanProblem } from '@corkscrew/core';
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

/** The best plan a solver of whole-number programs (HiGHS) finds in the time it has; the thread is busy until then. */
export async function solvePlan(problem: PlanProblem, options: SolveOptions): Promise<Solved> {
  const highs = await (loaded ??= loadHighs());
  const { held, start, was = null } = options;
  const { program: p, read, write } = planProgram(problem, held, was);
  const columns = p.cost.length;
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
        time_limit: options.seconds,
        mip_rel_gap: options.gap,
        random_seed: 1,
        // Our rows are lean already: simplifying them takes longer than it saves, and no two options are alike.
        presolve: 'off',
        mip_detect_symmetry: false,
      });
      model.setSolution({ colValue: write(start) });
      const begun = performance.now();
      model.run({
        [highs.constants.callbackType.mipImprovingSolution](event) {
          if (event.data.mip_solution) options.onBetter?.(read(event.data.mip_solution));
          return undefined;
        },
        [highs.constants.callbackType.mipInterrupt](event) {
          const gap = event.data.mip_gap ?? 1;
          if (options.goOn?.({ gap, seconds: (performance.now() - begun) / 1000 }) === false) {
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
      const bound = Number.isFinite(dual) ? Math.max(dual, best) : Infinity;
      return {
        plan: keep ? found : start,
        value: best,
        bound,
        gap: bound > 0 ? (bound - best) / bound : 0,
        ended: proved ? 'proved' : ended.left ? 'left' : 'time',
      };
    },
  );
}
