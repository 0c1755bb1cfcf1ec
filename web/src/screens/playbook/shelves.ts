import { alignmentByKey, type PlayRow } from '@corkscrew/core';

export const SORTS = {
  name: 'By alignment',
  recent: 'Newest change first',
  length: 'Shortest first',
  frames: 'Fewest frames first',
} as const;

export interface Filter {
  readonly words: string;
  readonly against: string | null;
  readonly alignment: string | null;
  readonly sort: keyof typeof SORTS;
}

/** A card in a line of the playbook; the first of its shelf in that line carries the shelf's name. */
export interface Slot {
  readonly play: PlayRow;
  readonly heading: string | null;
  readonly words: string | null;
}

const plain = (s: string): string => s.toLocaleLowerCase().normalize('NFKD').replace(/\p{M}/gu, '');

/** The plays that match every word typed and the filters, in order. */
export function choose(all: readonly PlayRow[], f: Filter): PlayRow[] {
  const words = plain(f.words).split(/\s+/).filter(Boolean);
  const kept = all.filter((p) => {
    if (f.against !== null && !p.summary.against.includes(f.against)) return false;
    if (f.alignment !== null && p.summary.alignment !== f.alignment) return false;
    const text = plain(
      [
        p.summary.name,
        p.summary.call,
        p.summary.signal,
        p.summary.alignmentName ?? '',
        ...p.summary.against,
      ].join(' '),
    );
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
  return Array.from({ length: Math.ceil(items.length / size) }, (_, i) =>
    items.slice(i * size, (i + 1) * size),
  );
}

/**
 * Puts plays on shelves, one an alignment, the fullest first; small shelves share a line, so that a
 * screen shows as many plays as it can. In another order there is one shelf without a name.
 */
export function shelve(rows: readonly PlayRow[], perLine: number, sort: Filter['sort']): Slot[][] {
  if (sort !== 'name')
    return chunks(
      rows.map((play) => ({ play, heading: null, words: null })),
      perLine,
    );
  const groups = new Map<string, PlayRow[]>();
  for (const r of rows) {
    const key = r.summary.alignment ?? '';
    groups.set(key, [...(groups.get(key) ?? []), r]);
  }
  const named = [...groups].sort(
    (a, b) =>
      Number(a[0] === '') - Number(b[0] === '') || b[1].length - a[1].length || a[0].localeCompare(b[0]),
  );
  const cards = named.flatMap(([key, plays]) => plays.map((play) => ({ key, play })));
  return chunks(cards, perLine).map((line) =>
    line.map(({ key, play }, i): Slot => {
      const first = i === 0 || line[i - 1]!.key !== key;
      const alignment = alignmentByKey(key);
      return {
        play,
        heading: first ? (alignment?.name ?? 'Own set') : null,
        words: first ? (alignment?.words ?? 'Five places of your own') : null,
      };
    }),
  );
}
