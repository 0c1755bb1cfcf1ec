import type { Columns } from './columns.ts';
import {
  DUE,
  FRESH,
  freeIn,
  freeKey,
  LATER,
  MINUTES,
  OPTIONS_EACH,
  SHARES,
  type Problem,
} from './problem.ts';
import type { Rows, Var } from './rows.ts';

type Entry = readonly [Var, number];

/** What holds an option in each practice: concepts before it, the drawn line before its counters, stages in their order. */
export function orderRules({ options, practices }: Problem, c: Columns, rows: Rows): void {
  const { introduced, taught, blocks } = c;
  options.forEach((o, i) =>
    practices.forEach((_, t) => {
      const v = introduced[i]![t]!;
      if (typeof v === 'number') {
        if (t === 0 || introduced[i]![t - 1] !== v)
          for (const k of o.concepts) if (taught[k]![t] !== 'one') rows.under(v, taught[k]![t]!);
        if (o.main !== null) rows.under(v, introduced[o.main]![t]!);
      }
      const d = c.frame.earlier[t]!;
      const { review, live, both } = blocks;
      const three = [review, live, both].map((g): Entry => [g[i]![t]!, 1]);
      if (three.some(([x]) => x !== null)) {
        const since: Var = d >= 0 ? introduced[i]![d]! : o.past.introduced === null ? null : 'one';
        rows.atMost([...three, [since, -1]], 0);
      }
      if (live[i]![t] !== null && !o.past.reviewed)
        rows.under(live[i]![t]!, t > 0 ? c.reviewed[i]![t - 1]! : null);
      if (c.late[i]![t] !== null) {
        const due = DUE.map((n): Entry => {
          if (t - n >= 0) return [introduced[i]![t - n]!, 1];
          return [o.past.introduced !== null && o.past.introduced <= t - n ? 'one' : null, 1];
        });
        rows.atMost([...due, [c.touched[i]![t]!, -1], [c.late[i]![t]!, -1]], o.past.touches);
      }
    }),
  );
}

/** What is taught only together with an option comes with one of them that comes in that day. */
export function togetherRules(
  { options, practices, concepts, together }: Problem,
  c: Columns,
  rows: Rows,
): void {
  concepts.forEach((_, k) => {
    if (!together?.[k] || c.paid[k]) return;
    const learners = options.flatMap((o, i) => (o.concepts.includes(k) ? [i] : []));
    const grows = (row: readonly Var[], t: number, by: number): Entry[] => [
      [row[t]!, by],
      [t > 0 ? row[t - 1]! : null, -by],
    ];
    practices.forEach((_p, t) =>
      rows.atMost(
        [...grows(c.taught[k]!, t, 1), ...learners.flatMap((o) => grows(c.introduced[o]!, t, -1))],
        0,
      ),
    );
  });
}

/** What a practice has room for: minutes, new options, options at all. */
export function roomRules(problem: Problem, c: Columns, rows: Rows): void {
  const { options, practices, concepts } = problem;
  const free = freeIn(problem);
  practices.forEach((p, t) => {
    const spent: Entry[] = [];
    const news: Entry[] = [];
    const each: Entry[] = [];
    const grows = (table: readonly (readonly Var[])[], i: number, by: number, into: Entry[]): void => {
      const now = table[i]![t]!;
      const before = t > 0 ? table[i]![t - 1]! : null;
      if (now === before || now === 'one') return;
      into.push([now, by]);
      if (before !== null) into.push([before, -by]);
    };
    options.forEach((o, i) => {
      const stands = free.options.has(freeKey(t, i));
      if (!stands) grows(c.introduced, i, o.base, spent);
      grows(c.introduced, i, 1, news);
      grows(c.introduced, i, 1, each);
      for (const kind of LATER) {
        const v = c.blocks[kind][i]![t]!;
        if (v === null) continue;
        if (!stands) spent.push([v, MINUTES[kind]]);
        each.push([v, 1]);
      }
    });
    concepts.forEach((minutes, k) => {
      if (!free.concepts.has(freeKey(t, k))) grows(c.taught, k, minutes, spent);
    });
    rows.atMost(spent, p.minutes);
    rows.atMost(news, problem.newEach);
    rows.atMost(each, OPTIONS_EACH);
  });
}

/** What makes up a game's readiness for an option: columns for reviewed, live and fresh; null what can't be had or is there. */
export interface ReadyColumns {
  reviewed: number | null;
  live: number | null;
  fresh: number | null;
}

/** Live minutes that blocks which stand have beyond the usual, by a practice. */
const stands = ({ longer }: Problem, option: number, last: number): number =>
  (longer ?? []).reduce((n, x) => (x.option === option && x.practice <= last ? n + x.by : n), 0);

/** What each game wants of each option, and what that is worth; by game and option. */
export function readyRules(problem: Problem, c: Columns, rows: Rows): Map<string, ReadyColumns> {
  const { options, practices, games } = problem;
  const made = new Map<string, ReadyColumns>();
  games.forEach((game, g) => {
    const last = c.frame.last[g]!;
    const eve = c.frame.eve[g]!;
    for (const { option: o, weight } of game.wants) {
      const { past } = options[o]!;
      const by = (t: number): Var =>
        t >= 0 ? c.introduced[o]![t]! : past.introduced !== null ? 'one' : null;
      const sum = (sums: (number | null)[][], t: number): number | null => (t >= 0 ? sums[o]![t]! : null);
      const [inBy, early] = [by(last), by(eve)];
      if (typeof inBy === 'number') rows.cost[inBy]! += weight * SHARES.in;
      const ready: ReadyColumns = { reviewed: null, live: null, fresh: null };
      made.set(`${g} ${o}`, ready);
      if (early === null) continue;
      if (!past.reviewed) {
        ready.reviewed = rows.column(weight * SHARES.reviewed);
        rows.under(ready.reviewed, sum(c.reviewed, last));
        if (early !== 'one') rows.under(ready.reviewed, early);
      }
      if (past.live < problem.liveMinutes || ready.reviewed !== null) {
        ready.live = rows.column(weight * SHARES.live, 1, false);
        if (past.live < problem.liveMinutes)
          rows.atMost(
            [
              [ready.live, problem.liveMinutes],
              [sum(c.lived, last), -MINUTES.live],
            ],
            past.live + stands(problem, o, last),
          );
        if (ready.reviewed !== null) rows.under(ready.live, ready.reviewed);
      }
      if (past.last === null || past.last < game.day - FRESH) {
        ready.fresh = rows.column(weight * SHARES.fresh, 1, false);
        const from = practices.findIndex((p) => p.day >= game.day - FRESH);
        if (from < 0) rows.upper[ready.fresh] = 0;
        else
          rows.atMost(
            [
              [ready.fresh, 1],
              [sum(c.touched, last), -1],
              [sum(c.touched, Math.min(from, last + 1) - 1), 1],
            ],
            0,
          );
        if (early !== 'one') rows.under(ready.fresh, early);
      }
    }
  });
  return made;
}
