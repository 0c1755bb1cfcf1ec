import type { PlayerId } from '../alignment/library.ts';

/** How long two plays look the same (s), and whose way tells them apart. */
export interface Head {
  readonly seconds: number;
  readonly by: PlayerId | 'ball' | null;
}

/** Plays that look the same up to an instant, and how they go on: a play alone goes on by itself. */
export interface Fork<T> {
  readonly plays: readonly T[];
  /** When they can be told apart (s), and by whose way; of a play alone null. */
  readonly at: number | null;
  readonly by: PlayerId | 'ball' | null;
  readonly branches: readonly Fork<T>[];
}

/** Two instants this near each other are one (s). */
const ONE = 0.1;

/**
 * Where plays part, as a tree: all look the same up to the first instant at which two groups of them can be told
 * apart. Plays of a group look longer like at least one of it than like any of the others.
 */
export function forksOf<T>(plays: readonly T[], head: (a: T, b: T) => Head): Fork<T> {
  if (plays.length < 2) return { plays, at: null, by: null, branches: [] };
  const pairs = plays.flatMap((a, i) => plays.slice(i + 1).map((b) => ({ a, b, ...head(a, b) })));
  const instants = [...new Set(pairs.map((p) => p.seconds))].sort((x, y) => x - y);
  for (const at of instants) {
    const groups = joined(
      plays,
      pairs.filter((p) => p.seconds > at + ONE),
    );
    if (groups.length < 2) continue;
    const apart = pairs.find((p) => p.seconds === at)!;
    if (apart.by === null) break;
    return { plays, at, by: apart.by, branches: groups.map((g) => forksOf(g, head)) };
  }
  return { plays, at: instants.at(-1)!, by: null, branches: [] };
}

/** Groups of what is joined by a pair, in the order of the first of each. */
function joined<T>(plays: readonly T[], pairs: readonly { readonly a: T; readonly b: T }[]): T[][] {
  const groups = plays.map((p) => [p]);
  for (const { a, b } of pairs) {
    const i = groups.findIndex((g) => g.includes(a));
    const j = groups.findIndex((g) => g.includes(b));
    if (i === j) continue;
    const [low, high] = i < j ? [i, j] : [j, i];
    groups[low]!.push(...groups[high]!);
    groups.splice(high, 1);
  }
  return groups;
}
