import { alignmentByKey, type PlayRow } from '@corkscrew/core';

export const SORTS = {
  name: 'Shelves by alignment',
  series: 'Shelves by series',
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

/** What stands at the head of a shelf. */
export interface Shelf {
  readonly title: string;
  readonly words: string;
  readonly count: number;
  /** The alignment it is for, where it is for one. */
  readonly alignment: string | null;
  /** The series it is of, '' for none: a card may be put on it. Null where shelves are of something else. */
  readonly series: string | null;
}
/** A place in the playbook's grid: the head of a shelf, a play, or nothing. */
export type Cell =
  | { readonly is: 'shelf'; readonly shelf: Shelf }
  | {
      readonly is: 'play';
      readonly play: PlayRow;
      /** What it is one of, where its shelf does not say. */ readonly one: string | null;
    }
  | { readonly is: 'blank' };

const BY_STATUS: readonly PlayRow['summary']['status'][] = ['adopted', 'candidate', 'retired'];

const plain = (s: string): string => s.toLocaleLowerCase().normalize('NFKD').replace(/\p{M}/gu, '');

/** The plays that match every word typed and the filters, in order. */
export function choose(all: readonly PlayRow[], f: Filter): PlayRow[] {
  const words = plain(f.words).split(/\s+/).filter(Boolean);
  const kept = all.filter((p) => {
    if (f.against !== null && !p.summary.against.includes(f.against)) return false;
    if (f.alignment !== null && p.summary.alignment !== f.alignment) return false;
    const { name, call, signal, series, alignmentName, against } = p.summary;
    const text = plain([name, call, signal, series, alignmentName ?? '', ...against].join(' '));
    return words.every((w) => text.includes(w));
  });
  const option = ({ summary: s }: PlayRow): string => s.option || s.name;
  const bySeries = (a: PlayRow, b: PlayRow) =>
    option(a).localeCompare(option(b), undefined, { numeric: true });
  const byName = (a: PlayRow, b: PlayRow) =>
    a.summary.name.localeCompare(b.summary.name, undefined, { numeric: true });
  // On a shelf what is ours stands first, then what may become it, then what was.
  const byStatus = (a: PlayRow, b: PlayRow) =>
    BY_STATUS.indexOf(a.summary.status) - BY_STATUS.indexOf(b.summary.status);
  const order: Record<Filter['sort'], (a: PlayRow, b: PlayRow) => number> = {
    name: (a, b) => byStatus(a, b) || byName(a, b),
    series: (a, b) => byStatus(a, b) || bySeries(a, b),
    recent: (a, b) => b.updatedAt.localeCompare(a.updatedAt),
    length: (a, b) => a.summary.seconds - b.summary.seconds,
    frames: (a, b) => a.summary.frames - b.summary.frames,
  };
  return kept.sort((a, b) => order[f.sort](a, b) || byName(a, b));
}

function chunks<T>(items: readonly T[], size: number): T[][] {
  return Array.from({ length: Math.ceil(items.length / size) }, (_, i) =>
    items.slice(i * size, (i + 1) * size),
  );
}

const nameOf = (p: PlayRow, by: 'name' | 'series'): string =>
  by === 'series' ? p.summary.series : (p.summary.alignmentName ?? '');

/** Shelves of more than one play, the fullest first, then one of all that are alone in their kind. */
function shelvesOf(rows: readonly PlayRow[], by: 'name' | 'series'): { shelf: Shelf; plays: PlayRow[] }[] {
  const groups = new Map<string, PlayRow[]>();
  for (const r of rows) groups.set(nameOf(r, by), [...(groups.get(nameOf(r, by)) ?? []), r]);
  const lonely = [...groups].filter(([key, plays]) => key !== '' && plays.length === 1).flatMap(([, p]) => p);
  const named = [...groups]
    .filter(([key, plays]) => key !== '' && plays.length > 1)
    .sort((a, b) => b[1].length - a[1].length || a[0].localeCompare(b[0]))
    .map(([title, plays]) => {
      const alignment = by === 'name' ? (plays[0]!.summary.alignment ?? null) : null;
      const words = alignment ? (alignmentByKey(alignment)?.words ?? '') : '';
      const series = by === 'series' ? title : null;
      return { shelf: { title, words, count: plays.length, alignment, series }, plays };
    });
  const rest = groups.get('') ?? [];
  const more = (title: string, words: string, plays: PlayRow[], series: string | null = null) =>
    plays.length > 0
      ? [{ shelf: { title, words, count: plays.length, alignment: null, series }, plays }]
      : [];
  return [
    ...named,
    ...more(
      named.length > 0 ? 'One of a kind' : by === 'name' ? 'All alignments' : 'All series',
      by === 'name' ? 'Alignments with one play each' : 'Series of one play',
      lonely,
    ),
    ...(by === 'name'
      ? more('Own sets', 'Five places of your own', rest)
      : more('No series', 'Not in a series yet', rest, '')),
  ];
}

/**
 * Puts plays on shelves, by alignment or by series, in lines of so many cells of one size. A shelf's head is a cell
 * before its plays; shelves share a line where they fit, and a long one goes on under itself. Where the page is narrow
 * the head has a line of its own above them. In another order there are no shelves.
 */
export function shelve(
  rows: readonly PlayRow[],
  perLine: number,
  sort: Filter['sort'],
  heads: 'beside' | 'above' = 'beside',
): Cell[][] {
  if (sort !== 'name' && sort !== 'series')
    return chunks(
      rows.map((play): Cell => ({ is: 'play', play, one: null })),
      perLine,
    );
  const lines: Cell[][] = [];
  for (const { shelf, plays } of shelvesOf(rows, sort)) {
    const alone = shelf.alignment === null && plays.some((p) => nameOf(p, sort) !== shelf.title);
    const cells = plays.map((play): Cell => ({
      is: 'play',
      play,
      one: alone ? nameOf(play, sort) || null : null,
    }));
    const head: Cell = { is: 'shelf', shelf };
    if (heads === 'above') {
      lines.push([head], ...chunks(cells, perLine));
      continue;
    }
    const last = lines.at(-1);
    if (last && last.length + 1 + cells.length <= perLine) last.push(head, ...cells);
    else
      chunks(cells, Math.max(1, perLine - 1)).forEach((part, i) =>
        lines.push([i === 0 ? head : { is: 'blank' }, ...part]),
      );
  }
  return lines;
}
