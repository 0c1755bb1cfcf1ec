import { frameOf, type Frame, type Held } from './greedy.ts';
import { DUE, LATE, type PlanOption, type Problem, type TouchKind } from './problem.ts';
import type { Rows, Var } from './rows.ts';

/** Of two plans worth the same, the one with fewer blocks: so small that it decides nothing else. */
const THRIFT = 1e-4;

/** By option or concept, and by practice. */
type Grid = Var[][];
type Block = Exclude<TouchKind, 'in'>;

/** What a plan decides. */
export interface Columns {
  readonly frame: Frame;
  /** An option is introduced by a practice; a concept is taught by it. */
  readonly introduced: Grid;
  readonly taught: Grid;
  /** Concepts that cost nothing: the team has them. */
  readonly paid: readonly boolean[];
  /** Blocks of an option in a practice. */
  readonly blocks: Readonly<Record<Block, (number | null)[][]>>;
  /** Blocks so far: all, those that review, those that are live. */
  readonly touched: (number | null)[][];
  readonly reviewed: (number | null)[][];
  readonly lived: (number | null)[][];
  /** Touches that are late at a practice. */
  readonly late: (number | null)[][];
}

/** The columns of a plan's program, with the rows that hold each to itself; what is held stands. */
export function columnsOf(problem: Problem, held: Held, rows: Rows): Columns {
  const { options, practices, concepts } = problem;
  const frame = frameOf(problem, held);
  const heldFor = new Map(held.touches.map((x) => [`${x.practice} ${x.option}`, x.is]));
  const introduced = options.map((o, i) =>
    o.past.introduced === null
      ? introductions(problem, frame, heldFor, rows, i)
      : practices.map((): Var => 'one'),
  );
  const learntBy = concepts.map((_, c) => options.flatMap((o, i) => (o.concepts.includes(c) ? [i] : [])));
  const paid = concepts.map(
    (m, c) => m === 0 || learntBy[c]!.some((o) => options[o]!.past.introduced !== null),
  );
  const drilled = new Set(held.drills.map((d) => `${d.practice} ${d.concept}`));
  const taught = concepts.map((_, c): Var[] => {
    if (paid[c]) return practices.map((): Var => 'one');
    let before: Var = null;
    return practices.map((p, t): Var => {
      const drill = drilled.has(`${t} ${c}`);
      const locked = drill || learntBy[c]!.some((o) => heldFor.get(`${t} ${o}`) === 'in');
      if (p.nothingNew && !locked) return before;
      const v = rows.column(0);
      if (before !== null) rows.under(before, v);
      if (drill) rows.lower[v] = 1;
      before = v;
      return v;
    });
  });
  const grid = (kind: Block): (number | null)[][] =>
    options.map((o, i) =>
      practices.map((_p, t) => {
        if (heldFor.get(`${t} ${i}`) === kind) {
          const v = rows.column(0);
          rows.lower[v] = 1;
          return v;
        }
        if (sinceOf(frame, introduced[i]!, o, t) === null) return null;
        if (kind !== 'review' && frame.barred[t]!.has(i)) return null;
        return rows.column(-THRIFT);
      }),
    );
  const blocks = { review: grid('review'), live: grid('live'), both: grid('both') };
  const soFar = (...kinds: Block[]): (number | null)[][] =>
    options.map((_, o) => {
      let before: number | null = null;
      return practices.map((_p, t) => {
        const now = kinds.flatMap((k) => blocks[k][o]![t] ?? []);
        if (now.length === 0) return before;
        const v = rows.column(0, practices.length, false);
        rows.between([[v, 1], [before, -1], ...now.map((c) => [c, -1] as const)], 0, 0);
        before = v;
        return v;
      });
    });
  return {
    ...{ frame, introduced, taught, paid, blocks },
    touched: soFar('review', 'live', 'both'),
    reviewed: soFar('review', 'both'),
    lived: soFar('live', 'both'),
    late: options.map((o, i) =>
      practices.map((_, t) => {
        const due = DUE.filter((n) =>
          t - n >= 0
            ? introduced[i]![t - n] !== null
            : o.past.introduced !== null && o.past.introduced <= t - n,
        );
        return due.length > o.past.touches ? rows.column(-LATE * o.importance, DUE.length, false) : null;
      }),
    ),
  };
}

/** By which practices an option may be in that the past has not seen. */
function introductions(
  { practices }: Problem,
  frame: Frame,
  heldFor: ReadonlyMap<string, TouchKind>,
  rows: Rows,
  o: number,
): Var[] {
  let before: number | null = null;
  return practices.map((p, t) => {
    const locked = heldFor.get(`${t} ${o}`) === 'in';
    if ((p.nothingNew || frame.barred[t]!.has(o)) && !locked) return before;
    const v = rows.column(0);
    if (before !== null) rows.under(before, v);
    if (locked) {
      rows.lower[v] = 1;
      if (before !== null) rows.upper[before] = 0;
    }
    before = v;
    return v;
  });
}

/** Whether an option was in on an earlier day than a practice: only then it may be reviewed there. */
function sinceOf(frame: Frame, introduced: readonly Var[], { past }: PlanOption, t: number): Var {
  const d = frame.earlier[t]!;
  if (d >= 0) return introduced[d]!;
  return past.introduced === null || past.today ? null : 'one';
}
