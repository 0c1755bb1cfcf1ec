import { frameOf, type Held } from './greedy.ts';
import {
  DUE,
  FRESH,
  LATE,
  MINUTES,
  OPTIONS_EACH,
  SHARES,
  type Drill,
  type Plan,
  type Problem,
  type Touch,
  type TouchKind,
} from './problem.ts';
import { paidAt, valueOf } from './value.ts';

/** A linear program to be made largest, in rows; every column stands between 0 and `upper`. */
interface Program {
  readonly cost: number[];
  readonly upper: number[];
  readonly lower: number[];
  /** 1 where the column is a whole number. */
  readonly whole: number[];
  readonly rowLower: number[];
  readonly rowUpper: number[];
  readonly starts: number[];
  readonly columns: number[];
  readonly values: number[];
}
export interface PlanProgram {
  readonly program: Program;
  /** The program's columns as a plan. */
  readonly read: (columns: ArrayLike<number>) => Plan;
  /** A plan that can be carried out as columns, to start from. */
  readonly write: (plan: Plan) => number[];
}

/** Of two plans worth the same, the one with fewer blocks: so small that it decides nothing else. */
const THRIFT = 1e-4;

/**
 * The plan as a program of whole numbers: y (introduced by then), K (concept taught by then), r, l, m (review, live,
 * both), z (touches that are late), and for each game and option R, L, F. What is held stands; `was` keeps a new plan near
 * an old one, at `change` a block that is otherwise.
 */
export function planProgram(
  problem: Problem,
  held: Held,
  was: { readonly plan: Plan; readonly change: number } | null,
): PlanProgram {
  const { options, practices, games, concepts } = problem;
  const frame = frameOf(problem, held);
  const cost: number[] = [];
  const lower: number[] = [];
  const upper: number[] = [];
  const whole: number[] = [];
  const column = (c: number, most = 1, isWhole = 1): number => {
    cost.push(c);
    lower.push(0);
    upper.push(most);
    whole.push(isWhole);
    return cost.length - 1;
  };
  const rows: { low: number; high: number; row: [number, number][] }[] = [];
  const row = (entries: readonly (readonly [number | null, number])[], low: number, high: number): void => {
    const sums = new Map<number, number>();
    for (const [c, v] of entries) if (c !== null) sums.set(c, (sums.get(c) ?? 0) + v);
    const kept = [...sums].filter(([, v]) => v !== 0);
    if (kept.length > 0) rows.push({ low, high, row: kept });
  };
  const INF = Infinity;

  // Columns. A null column is 0, 'one' is what the past has settled.
  type Var = number | null | 'one';
  const plus = (v: Var, by: number): { entry: [number | null, number]; constant: number } =>
    v === 'one' ? { entry: [null, 0], constant: by } : { entry: [v, by], constant: 0 };
  /** Σ entries ≤ high, where some are settled. */
  const atMost = (entries: readonly (readonly [Var, number])[], high: number): void => {
    const parts = entries.map(([v, by]) => plus(v, by));
    row(
      parts.map((p) => p.entry),
      -INF,
      high - parts.reduce((n, p) => n + p.constant, 0),
    );
  };
  const heldFor = new Map(held.touches.map((x) => [`${x.practice} ${x.option}`, x.is]));

  const y: Var[][] = options.map(({ past }, o) => {
    let before: Var = past.introduced === null ? null : 'one';
    return practices.map((p, t): Var => {
      if (before === 'one') return 'one';
      const may = !p.nothingNew && !frame.barred[t]!.has(o);
      const locked = heldFor.get(`${t} ${o}`) === 'in';
      if (!may && !locked) return before;
      const v = column(0);
      if (before !== null)
        row(
          [
            [v, 1],
            [before, -1],
          ],
          0,
          INF,
        );
      if (locked) {
        lower[v] = 1;
        if (before !== null) upper[before] = 0;
      }
      before = v;
      return v;
    });
  });
  const learntBy = concepts.map((_, c) => options.flatMap((o, i) => (o.concepts.includes(c) ? [i] : [])));
  const drilled = new Map(held.drills.map((d) => [`${d.practice} ${d.concept}`, true]));
  const paid = concepts.map(
    (m, c) => m === 0 || learntBy[c]!.some((o) => options[o]!.past.introduced !== null),
  );
  const K: Var[][] = concepts.map((_, c) => {
    if (paid[c]) return practices.map((): Var => 'one');
    let before: Var = null;
    return practices.map((p, t): Var => {
      const locked = drilled.has(`${t} ${c}`) || learntBy[c]!.some((o) => heldFor.get(`${t} ${o}`) === 'in');
      if (p.nothingNew && !locked) return before;
      const v = column(0);
      if (before !== null)
        row(
          [
            [v, 1],
            [before as number, -1],
          ],
          0,
          INF,
        );
      if (drilled.has(`${t} ${c}`)) lower[v] = 1;
      before = v;
      return v;
    });
  });
  const touch =
    (kind: TouchKind) =>
    (o: number, t: number): number | null => {
      const { past } = options[o]!;
      const d = frame.earlier[t]!;
      const since =
        d >= 0 ? y[o]![d]! : past.introduced === null || (past.today && d < 0) ? null : ('one' as const);
      const locked = heldFor.get(`${t} ${o}`) === kind;
      if (locked) {
        const v = column(0);
        lower[v] = 1;
        return v;
      }
      if (since === null) return null;
      if (kind !== 'review' && frame.barred[t]!.has(o)) return null;
      return column(-THRIFT);
    };
  const grid = (kind: TouchKind): (number | null)[][] =>
    options.map((_, o) => practices.map((_p, t) => touch(kind)(o, t)));
  const r = grid('review');
  const l = grid('live');
  const m = grid('both');
  /** What there is of some blocks of an option by each practice, summed up as it goes. */
  const soFar = (grids: readonly (number | null)[][][]): (number | null)[][] =>
    options.map((_, o) => {
      let before: number | null = null;
      return practices.map((_p, t) => {
        const now = grids.flatMap((g) => g[o]![t] ?? []);
        if (now.length === 0) return before;
        const v = column(0, practices.length, 0);
        row([[v, 1], [before, -1], ...now.map((c) => [c, -1] as const)], 0, 0);
        before = v;
        return v;
      });
    });
  const touched = soFar([r, l, m]);
  const reviewed = soFar([r, m]);
  const lived = soFar([l, m]);
  const z: (number | null)[][] = options.map((o, i) =>
    practices.map((_, t) => {
      const due = DUE.filter((n) =>
        t - n >= 0 ? y[i]![t - n] !== null : o.past.introduced !== null && o.past.introduced <= t - n,
      );
      return due.length > o.past.touches ? column(-LATE * o.importance, DUE.length, 0) : null;
    }),
  );

  options.forEach((o, i) => {
    practices.forEach((_, t) => {
      const v = y[i]![t]!;
      if (typeof v === 'number') {
        if (t === 0 || y[i]![t - 1] !== v)
          for (const c of o.concepts)
            if (K[c]![t] !== 'one')
              atMost(
                [
                  [v, 1],
                  [K[c]![t]!, -1],
                ],
                0,
              );
        if (o.main !== null)
          atMost(
            [
              [v, 1],
              [y[o.main]![t]!, -1],
            ],
            0,
          );
      }
      const d = frame.earlier[t]!;
      const three: readonly (readonly [Var, number])[] = [
        [r[i]![t]!, 1],
        [l[i]![t]!, 1],
        [m[i]![t]!, 1],
      ];
      if (three.some(([x]) => x !== null)) {
        const since: Var = d >= 0 ? y[i]![d]! : o.past.introduced === null ? null : 'one';
        atMost([...three, [since, -1]], 0);
      }
      if (l[i]![t] !== null && !o.past.reviewed)
        atMost(
          [
            [l[i]![t]!, 1],
            [t > 0 ? reviewed[i]![t - 1]! : null, -1],
          ],
          0,
        );
      if (z[i]![t] !== null) {
        const due = DUE.map((n): readonly [Var, number] => {
          if (t - n >= 0) return [y[i]![t - n]!, 1];
          return [o.past.introduced !== null && o.past.introduced <= t - n ? 'one' : null, 1];
        });
        atMost([...due, [touched[i]![t]!, -1], [z[i]![t]!, -1]], o.past.touches);
      }
    });
  });

  practices.forEach((p, t) => {
    const spent: [Var, number][] = [];
    const news: [Var, number][] = [];
    const each: [Var, number][] = [];
    const grows = (table: Var[][], i: number, by: number, into: [Var, number][]): void => {
      const now = table[i]![t]!;
      const before = t > 0 ? table[i]![t - 1]! : null;
      if (now === before || now === 'one') return;
      into.push([now, by]);
      if (before !== null) into.push([before, -by]);
    };
    options.forEach((o, i) => {
      grows(y, i, o.base, spent);
      grows(y, i, 1, news);
      grows(y, i, 1, each);
      for (const [g, minutes] of [
        [r, MINUTES.review],
        [l, MINUTES.live],
        [m, MINUTES.both],
      ] as const)
        if (g[i]![t] !== null) {
          spent.push([g[i]![t]!, minutes]);
          each.push([g[i]![t]!, 1]);
        }
    });
    concepts.forEach((minutes, c) => grows(K, c, minutes, spent));
    atMost(spent, p.minutes);
    atMost(news, problem.newEach);
    atMost(each, OPTIONS_EACH);
  });

  const R = new Map<string, { R: number | null; L: number | null; F: number | null }>();
  games.forEach((game, g) => {
    const last = frame.last[g]!;
    const eve = frame.eve[g]!;
    for (const { option: o, weight } of game.wants) {
      const { past } = options[o]!;
      const inBy: Var = last >= 0 ? y[o]![last]! : past.introduced !== null ? 'one' : null;
      const early: Var = eve >= 0 ? y[o]![eve]! : past.introduced !== null ? 'one' : null;
      if (typeof inBy === 'number') cost[inBy]! += weight * SHARES.in;
      const by = (sums: (number | null)[][], t: number): number | null => (t >= 0 ? sums[o]![t]! : null);
      const made = { R: null as number | null, L: null as number | null, F: null as number | null };
      R.set(`${g} ${o}`, made);
      if (early === null) continue;
      if (!past.reviewed) {
        made.R = column(weight * SHARES.reviewed, 1, 0);
        whole[made.R] = 1;
        atMost(
          [
            [made.R, 1],
            [by(reviewed, last), -1],
          ],
          0,
        );
        if (early !== 'one')
          atMost(
            [
              [made.R, 1],
              [early, -1],
            ],
            0,
          );
      }
      if (past.live < problem.liveMinutes || made.R !== null) {
        made.L = column(weight * SHARES.live, 1, 0);
        if (past.live < problem.liveMinutes)
          atMost(
            [
              [made.L, problem.liveMinutes],
              [by(lived, last), -MINUTES.live],
            ],
            past.live,
          );
        if (made.R !== null)
          atMost(
            [
              [made.L, 1],
              [made.R, -1],
            ],
            0,
          );
      }
      if (past.last === null || past.last < game.day - FRESH) {
        made.F = column(weight * SHARES.fresh, 1, 0);
        const from = practices.findIndex((p) => p.day >= game.day - FRESH);
        if (from >= 0)
          atMost(
            [
              [made.F, 1],
              [by(touched, last), -1],
              [by(touched, Math.min(from, last + 1) - 1), 1],
            ],
            0,
          );
        else upper[made.F] = 0;
        if (early !== 'one')
          atMost(
            [
              [made.F, 1],
              [early, -1],
            ],
            0,
          );
      }
    }
  });

  if (was) {
    // A block that was there is worth keeping, one that was not costs as much.
    for (const { practice: t, option: o, is } of was.plan.touches) {
      if (is === 'in') continue;
      const v = (is === 'review' ? r : is === 'live' ? l : m)[o]![t]!;
      if (v !== null) cost[v]! += 2 * was.change;
    }
    for (const g of [r, l, m])
      for (const line of g) for (const v of line) if (v !== null) cost[v]! -= was.change;
    for (const { practice: t, option: o, is } of was.plan.touches)
      if (is === 'in') {
        const now = y[o]![t]!;
        const before = t > 0 ? y[o]![t - 1]! : null;
        if (typeof now === 'number' && now !== before) {
          cost[now]! += was.change;
          if (typeof before === 'number') cost[before]! -= was.change;
        }
      }
  }

  const starts: number[] = [0];
  const columns: number[] = [];
  const values: number[] = [];
  for (const { row: entries } of rows) {
    for (const [c, v] of entries) {
      columns.push(c);
      values.push(v);
    }
    starts.push(columns.length);
  }
  const read = (x: ArrayLike<number>): Plan => {
    const on = (v: Var): boolean => v === 'one' || (v !== null && x[v]! > 0.5);
    const touches: Touch[] = [];
    const drills: Drill[] = [];
    options.forEach((o, i) =>
      practices.forEach((_, t) => {
        if (o.past.introduced === null && on(y[i]![t]!) && !(t > 0 && on(y[i]![t - 1]!)))
          touches.push({ practice: t, option: i, is: 'in' });
        for (const [g, is] of [
          [r, 'review'],
          [l, 'live'],
          [m, 'both'],
        ] as const)
          if (on(g[i]![t]!)) touches.push({ practice: t, option: i, is });
      }),
    );
    concepts.forEach((_, c) =>
      practices.forEach((_p, t) => {
        const first = on(K[c]![t]!) && !(t > 0 && on(K[c]![t - 1]!)) && !paid[c];
        const asked = touches.some(
          (x) => x.is === 'in' && x.practice === t && options[x.option]!.concepts.includes(c),
        );
        if (first && !asked) drills.push({ practice: t, concept: c });
      }),
    );
    return { touches, drills };
  };
  const write = (plan: Plan): number[] => {
    const x = cost.map(() => 0);
    const set = (v: Var, to: number): void => {
      if (typeof v === 'number') x[v] = to;
    };
    const introduced = options.map(
      (o) =>
        o.past.introduced ??
        plan.touches.find((q) => q.is === 'in' && options[q.option] === o)?.practice ??
        null,
    );
    const taught = paidAt(problem, plan);
    options.forEach((_, o) =>
      practices.forEach((_p, t) => set(y[o]![t]!, introduced[o] !== null && introduced[o]! <= t ? 1 : 0)),
    );
    concepts.forEach((_, c) =>
      practices.forEach((_p, t) => set(K[c]![t]!, taught[c] !== null && taught[c]! <= t ? 1 : 0)),
    );
    for (const { option: o, practice: t, is } of plan.touches)
      if (is !== 'in') set((is === 'review' ? r : is === 'live' ? l : m)[o]![t]!, 1);
    for (const [sums, grids] of [
      [touched, [r, l, m]],
      [reviewed, [r, m]],
      [lived, [l, m]],
    ] as const)
      options.forEach((_, o) => {
        let n = 0;
        practices.forEach((_p, t) => {
          for (const g of grids) if (g[o]![t] !== null) n += x[g[o]![t]!]!;
          set(sums[o]![t]!, n);
        });
      });
    const { ready } = valueOf(problem, plan);
    for (const q of ready) {
      const made = R.get(`${q.game} ${q.option}`)!;
      set(made.R, q.reviewed ? 1 : 0);
      set(made.L, q.reviewed ? Math.min(1, q.live / problem.liveMinutes) : 0);
      set(made.F, q.fresh ? 1 : 0);
    }
    options.forEach((o, i) => {
      let done = o.past.touches;
      practices.forEach((_, t) => {
        if ([r, l, m].some((g) => typeof g[i]![t] === 'number' && x[g[i]![t]!] === 1)) done++;
        const at = introduced[i];
        const due = at === null || at === undefined ? 0 : DUE.filter((n) => at <= t - n).length;
        set(z[i]![t]!, Math.max(0, due - done));
      });
    });
    return x;
  };
  return {
    program: {
      cost,
      lower,
      upper,
      whole,
      starts,
      columns,
      values,
      rowLower: rows.map((q) => q.low),
      rowUpper: rows.map((q) => q.high),
    },
    read,
    write,
  };
}
