import type { PairRow, PlayRow, Relations } from '@corkscrew/core';

/** Plays shown together: a series by its word, or plays that only look alike. */
export interface Group {
  /** The word of the series; null for plays that are in none. */
  readonly word: string | null;
  readonly name: string;
  readonly plays: readonly PlayRow[];
}

/** Plays that look the same for so long (s) may be a series. */
const ALIKE = 0.5;

const byOption = (a: PlayRow, b: PlayRow): number =>
  (a.summary.option || a.summary.name).localeCompare(b.summary.option || b.summary.name, undefined, {
    numeric: true,
  });

/** All series of the playbook in the team's order, then what looks alike and is in none. Retired plays are left out. */
export function groupsOf(
  rows: readonly PlayRow[],
  relations: Relations | undefined,
  order: (word: string) => number,
): Group[] {
  const live = rows.filter((r) => r.summary.status !== 'retired');
  const words = [...new Set(live.map((r) => r.summary.series).filter(Boolean))];
  const series = words
    .sort((a, b) => order(a) - order(b) || a.localeCompare(b))
    .map((word): Group => ({
      word,
      name: word,
      plays: live.filter((r) => r.summary.series === word).sort(byOption),
    }));
  const alone = new Map(live.filter((r) => r.summary.series === '').map((r) => [r.id, r]));
  const alike = (relations?.pairs ?? []).filter(
    (p) => (p.head?.seconds ?? 0) >= ALIKE && alone.has(p.a) && alone.has(p.b),
  );
  return [...series, ...joined(alike).map((ids): Group => group(ids.map((id) => alone.get(id)!)))];
}

const group = (plays: readonly PlayRow[]): Group => ({
  word: null,
  name: plays.map((p) => p.summary.name).join(', '),
  plays: [...plays].sort(byOption),
});

function joined(pairs: readonly PairRow[]): string[][] {
  const groups: string[][] = [];
  for (const { a, b } of pairs) {
    const [one, two] = [groups.find((g) => g.includes(a)), groups.find((g) => g.includes(b))];
    if (one && two && one !== two) {
      one.push(...two);
      groups.splice(groups.indexOf(two), 1);
    } else if (one ?? two) (one ?? two)!.push(...[a, b].filter((x) => !(one ?? two)!.includes(x)));
    else groups.push([a, b]);
  }
  return groups;
}
