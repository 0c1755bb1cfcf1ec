import { columnsOf, type Columns } from './columns.ts';
import type { Held } from './greedy.ts';
import type { Plan, Problem } from './problem.ts';
import { orderRules, readyRules, roomRules, togetherRules } from './rules.ts';
import { Rows, type Program } from './rows.ts';
import { columnsFrom, planFrom } from './translate.ts';

export interface PlanProgram {
  readonly program: Program;
  /** The program's columns as a plan. */
  readonly read: (columns: ArrayLike<number>) => Plan;
  /** A plan that can be carried out as columns, to start from. */
  readonly write: (plan: Plan) => number[];
}

/**
 * The plan as a program of whole numbers: what is introduced and taught by each practice, blocks of each option in each,
 * touches that are late, and what makes up the readiness of each option for each game. What is held stands; `was` keeps a
 * new plan near an old one, at `change` a block that is otherwise.
 */
export function planProgram(
  problem: Problem,
  held: Held,
  was: { readonly plan: Plan; readonly change: number } | null,
): PlanProgram {
  const rows = new Rows();
  const columns = columnsOf(problem, held, rows);
  orderRules(problem, columns, rows);
  togetherRules(problem, columns, rows);
  roomRules(problem, columns, rows);
  const ready = readyRules(problem, columns, rows);
  if (was) stayNear(was.plan, was.change, columns, rows);
  return {
    program: rows.program(),
    read: (x) => planFrom(problem, columns, x),
    write: (plan) => columnsFrom(problem, columns, ready, rows.cost.length, plan),
  };
}

/** A block that was there is worth keeping, one that was not costs as much. */
function stayNear({ touches }: Plan, change: number, { blocks, introduced }: Columns, rows: Rows): void {
  for (const grid of Object.values(blocks))
    for (const line of grid) for (const v of line) if (v !== null) rows.cost[v]! -= change;
  for (const { practice: t, option: o, is } of touches) {
    if (is !== 'in') {
      const v = blocks[is][o]![t]!;
      if (v !== null) rows.cost[v]! += 2 * change;
      continue;
    }
    const now = introduced[o]![t]!;
    const before = t > 0 ? introduced[o]![t - 1]! : null;
    if (typeof now !== 'number' || now === before) continue;
    rows.cost[now]! += change;
    if (typeof before === 'number') rows.cost[before]! -= change;
  }
}
