import { alignmentByKey, type PlayRow } from '@corkscrew/core';

export const SORTS = { name: 'By alignment', recent: 'Newest change first', length: 'Shortest first', frames: 'Fewest frames first' } as const;

export interface Filter {
  readonly words: string;
  readonly against: string | null;
  readonly alignment: string | null;
  readonly sort: keyof typeof SORTS;
}

/** One line of cards; the first of a shelf carries its name. */
export interface ShelfRow {
  readonly first: boolean;
  readonly title: string;
  readonly words: string;
  readonly alignment: string | null;
  readonly plays: readonly PlayRow[];
}

const plain = (s: string): string => s.toLocaleLowerCase().normalize('NFKD').replace(/\p{M}/gu, '');

/** The plays that match every word typed and the filters, in order. */
export function choose(all: readonly PlayRow[], f: Filter): PlayRow[] {
  const words = plain(f.words).split(/\s+/).filter(Boolean);
  const kept = all.filter((p) => {
    if (f.against !== null && !p.summary.against.includes(f.against)) return false;
    if (f.alignment !== null && p.summary.alignment !== f.alignment) return false;
    const text = plain([p.summary.name, p.summary.call, p.summary.signal, p.summary.alignmentName ?? '', ...p.summary.against].join(' '));
    return words.every((w) => text.includes(w));
  });
  const order: Record<Filter['sort'], (a: PlayRow, b: PlayRow) => number> = {
    name: (a, b) => a.summary.name.localeCompare(b.summary.name),
    recent: (a, b) => b.updatedAt.localeCompare(a.updatedAt),
    length: (a, b) => a.summary.seconds - b.summary.seconds,
    frames: (a, b) => a.summary.frames - b.summary.frames,
  };
  return kept.sort((a, b) => order[f.sort](a, b) || a.summary.name.localeCompare(b.summary.name));
}

function chunks<T>(items: readonly T[], size: number): T[][] {
  return Array.from({ length: Math.ceil(items.length / size) }, (_, i) => items.slice(i * size, (i + 1) * size));
}

/** Puts plays on shelves: one an alignment, or a single one in the order asked for. */
export function shelve(rows: readonly PlayRow[], perRow: number, sort: Filter['sort']): ShelfRow[] {
  if (sort !== 'name') {
    return chunks(rows, perRow).map((plays, i) => ({ first: i === 0, title: SORTS[sort], words: count(rows.length), alignment: null, plays }));
  }
  const groups = new Map<string, PlayRow[]>();
  for (const r of rows) {
    const key = r.summary.alignment ?? '';
    groups.set(key, [...(groups.get(key) ?? []), r]);
  }
  const named = [...groups].sort((a, b) => b[1].length - a[1].length || a[0].localeCompare(b[0]));
  return named.flatMap(([key, plays]) => {
    const alignment = alignmentByKey(key);
    return chunks(plays, perRow).map((line, i) => ({
      first: i === 0,
      title: alignment?.name ?? 'Own set',
      words: alignment?.words ?? 'Five places of your own',
      alignment: alignment?.key ?? null,
      plays: line,
    }));
  });
}

const count = (n: number): string => (n === 1 ? '1 play' : `${n} plays`);
