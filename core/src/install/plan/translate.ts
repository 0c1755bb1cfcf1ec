import type { Columns } from './columns.ts';
import { DUE, LATER, type Drill, type Plan, type Problem, type Touch } from './problem.ts';
import type { ReadyColumns } from './rules.ts';
import type { Var } from './rows.ts';
import { paidAt, valueOf } from './value.ts';

/** The program's columns as a plan. */
export function planFrom({ options, practices, concepts }: Problem, c: Columns, x: ArrayLike<number>): Plan {
  const on = (v: Var): boolean => v === 'one' || (v !== null && x[v]! > 0.5);
  const first = (row: readonly Var[], t: number): boolean => on(row[t]!) && !(t > 0 && on(row[t - 1]!));
  const touches: Touch[] = [];
  const drills: Drill[] = [];
  options.forEach((o, i) =>
    practices.forEach((_, t) => {
      if (o.past.introduced === null && first(c.introduced[i]!, t))
        touches.push({ practice: t, option: i, is: 'in' });
      for (const is of LATER) if (on(c.blocks[is][i]![t]!)) touches.push({ practice: t, option: i, is });
    }),
  );
  concepts.forEach((_, k) =>
    practices.forEach((_p, t) => {
      if (c.paid[k] || !first(c.taught[k]!, t)) return;
      const asked = touches.some(
        (y) => y.is === 'in' && y.practice === t && options[y.option]!.concepts.includes(k),
      );
      if (!asked) drills.push({ practice: t, concept: k });
    }),
  );
  return { touches, drills };
}

/** A plan that can be carried out as columns of the program. */
export function columnsFrom(
  problem: Problem,
  c: Columns,
  made: ReadonlyMap<string, ReadyColumns>,
  count: number,
  plan: Plan,
): number[] {
  const { options, practices, concepts } = problem;
  const x = Array.from({ length: count }, () => 0);
  const set = (v: Var, to: number): void => {
    if (typeof v === 'number') x[v] = to;
  };
  const introduced = options.map(
    (o, i) =>
      o.past.introduced ?? plan.touches.find((q) => q.is === 'in' && q.option === i)?.practice ?? null,
  );
  const taught = paidAt(problem, plan);
  const since = (at: number | null | undefined, t: number): number =>
    at !== null && at !== undefined && at <= t ? 1 : 0;
  options.forEach((_, o) => practices.forEach((_p, t) => set(c.introduced[o]![t]!, since(introduced[o], t))));
  concepts.forEach((_, k) => practices.forEach((_p, t) => set(c.taught[k]![t]!, since(taught[k], t))));
  for (const { option: o, practice: t, is } of plan.touches) if (is !== 'in') set(c.blocks[is][o]![t]!, 1);
  for (const [sums, kinds] of [
    [c.touched, LATER],
    [c.reviewed, ['review', 'both']],
    [c.lived, ['live', 'both']],
  ] as const)
    options.forEach((_, o) => {
      let n = 0;
      practices.forEach((_p, t) => {
        for (const k of kinds) n += x[c.blocks[k][o]![t] ?? -1] ?? 0;
        set(sums[o]![t]!, n);
      });
    });
  for (const q of valueOf(problem, plan).ready) {
    const ready = made.get(`${q.game} ${q.option}`)!;
    set(ready.reviewed, q.reviewed ? 1 : 0);
    set(ready.live, q.reviewed ? Math.min(1, q.live / problem.liveMinutes) : 0);
    set(ready.fresh, q.fresh ? 1 : 0);
  }
  options.forEach((o, i) => {
    let done = o.past.touches;
    practices.forEach((_, t) => {
      if (LATER.some((k) => x[c.blocks[k][i]![t] ?? -1] === 1)) done++;
      const at = introduced[i];
      const due = at === null || at === undefined ? 0 : DUE.filter((n) => at <= t - n).length;
      set(c.late[i]![t]!, Math.max(0, due - done));
    });
  });
  return x;
}
