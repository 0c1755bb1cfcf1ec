import { MAN_PRESETS, PRESETS } from '../defence/presets.ts';
import { contentOf } from '../play/content.ts';
import type { Defence } from '../play/document.ts';
import { leaves } from '../play/tree.ts';
import type { Board, LookSeen } from './board.ts';
import type { PointKind, PointOnLine, Reaction } from './points.ts';
import { usualAt, type Told } from './told.ts';

/** The best a play has against what a defence does: its line, its look, points. */
export interface Worth {
  readonly leaf: string;
  readonly seen: LookSeen | null;
  readonly worth: number;
}

/** What hurts a play most: one reaction a point, and what is left against it. */
export interface Reply extends Worth {
  readonly told: Told;
  /** How many combinations were looked at, and whether those were all of them. */
  readonly looked: number;
  readonly all: boolean;
}

/** So many points are gone through in every combination; beyond it the best single change is made until nothing improves. */
const EXHAUSTIVE = 3;

/** What they do about a pass is seen in the pass itself. */
const THROWN: ReadonlySet<PointKind> = new Set<PointKind>(['entry', 'pass', 'zone']);
/** A look is looked at for so long at least (s). */
const ON_END = 0.2;

/** What a line is worth against what is told at its points, remembered by what of it the line meets. */
export class Values {
  readonly #known = new Map<string, Worth>();
  constructor(
    readonly board: Board,
    readonly points: readonly PointOnLine[],
  ) {}

  /** The best line of all: we know what they do. */
  best(told: Told): Worth {
    let best: Worth | null = null;
    for (const { id } of leaves(this.board.play)) {
      const of = this.line(id, told);
      if (!best || of.worth > best.worth + 1e-9) best = of;
    }
    return best!;
  }

  line(leaf: string, told: Told): Worth {
    const { points } = this.board.line(leaf);
    const met: Record<string, Reaction> = {};
    for (const p of points) if (told[p.id] !== undefined) met[p.id] = told[p.id]!;
    const key = `${leaf} ${contentOf(met)}`;
    let known = this.#known.get(key);
    if (!known) {
      known = this.#value(leaf, met);
      this.#known.set(key, known);
    }
    return known;
  }

  #value(leaf: string, told: Told): Worth {
    const { points, looks } = this.board.line(leaf);
    const plan = this.board.plan(leaf, told, []);
    let best: Worth = { leaf, seen: null, worth: 0 };
    for (const look of looks) {
      const before = points.filter((p) => !THROWN.has(p.kind) && p.seen <= look.to - ON_END).at(-1);
      const [seen] = this.board.look(leaf, plan, look, before?.seen ?? 0, 0);
      if (!seen) continue;
      const worth = seen.judged.worth * seen.chain;
      if (worth > best.worth) best = { leaf, seen, worth };
    }
    return best;
  }
}

/** The best a play has against one defence, as that plays. */
export interface AgainstOne extends Worth {
  readonly key: string;
}

/** The play against every defence there is a name for: its best line, and what it is worth. One after the other. */
export function* againstEverything(
  boardFor: (defence: Defence) => Board,
): Generator<AgainstOne, readonly AgainstOne[]> {
  const out: AgainstOne[] = [];
  for (const { key, defence } of PRESETS) {
    const board = boardFor({ ...defence, id: key });
    const one = { key, ...new Values(board, []).best({}) };
    out.push(one);
    yield one;
  }
  return out;
}

/** From where it is looked for: what every man to man usually does; of a zone what it does, and everybody going or staying. */
function startsOf(defence: Defence, points: readonly PointOnLine[]): Told[] {
  if (defence.type === 'man') return MAN_PRESETS.map((p) => usualTold({ ...p.defence, id: p.key }, points));
  const all = (does: Reaction): Told =>
    Object.fromEntries(points.map((p) => [p.id, p.reactions.includes(does) ? does : usualAt(defence, p)]));
  return [usualTold(defence, points), all('goes'), all('stays')];
}

/** What the defence does where nothing is told, at every point. */
const usualTold = (defence: Defence, points: readonly PointOnLine[]): Told =>
  Object.fromEntries(points.map((p) => [p.id, usualAt(defence, p)]));

/**
 * The combination of reactions, one a point, against which the best line of the play is worth least. Up to three points
 * every combination; beyond that from several starts the best single change, until nothing improves. What it yields
 * between is nothing but a chance to leave.
 */
export function* worstReply(values: Values): Generator<null, Reply> {
  const { points } = values;
  let looked = 0;
  let worst: { told: Told; of: Worth } | null = null;
  const look = (told: Told): Worth => {
    looked++;
    const of = values.best(told);
    if (!worst || of.worth < worst.of.worth - 1e-9) worst = { told, of };
    return of;
  };
  const all = points.length <= EXHAUSTIVE;
  if (all)
    for (const told of combinations(points)) {
      look(told);
      yield null;
    }
  else
    for (const start of startsOf(values.board.defence, points)) {
      let told = start;
      let worth = look(told).worth;
      for (;;) {
        let next: { told: Told; worth: number } | null = null;
        for (const p of points)
          for (const r of p.reactions) {
            if (told[p.id] === r || p.never.includes(r)) continue;
            const other = { ...told, [p.id]: r };
            const w = look(other).worth;
            yield null;
            if (w < (next?.worth ?? worth) - 1e-9) next = { told: other, worth: w };
          }
        if (!next) break;
        ({ told, worth } = next);
      }
    }
  const { told, of } = worst ?? { told: {}, of: values.best({}) };
  return { ...of, told, looked, all };
}

function* combinations(points: readonly PointOnLine[], i = 0, told: Told = {}): Generator<Told> {
  const p = points[i];
  if (!p) {
    yield told;
    return;
  }
  for (const r of p.reactions)
    if (!p.never.includes(r)) yield* combinations(points, i + 1, { ...told, [p.id]: r });
}
