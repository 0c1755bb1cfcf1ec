import { PLAYER_COLUMNS, PLAYERS, playerRows, presenceOn, type Kept, type Player } from '@corkscrew/core';
import {
  columnFilteringFeature,
  createColumnHelper,
  createFilteredRowModel,
  createSortedRowModel,
  rowSortingFeature,
  tableFeatures,
} from '@tanstack/react-table';

/** A man as a row: what stands in his cells, by column. */
export interface PlayerRow {
  readonly id: string;
  readonly cells: Readonly<Record<string, string>>;
}
export const TODAY = 'today';
/** What stands before what can be sorted: nothing known comes last, whichever way. */
const FIGURES: ReadonlySet<string> = new Set(PLAYER_COLUMNS.slice(PLAYER_COLUMNS.indexOf('height cm')));

export const rowsOf = (men: readonly Kept<Player>[], day: string): PlayerRow[] => {
  const cells = playerRows(men.map((m) => m.body));
  return men.map((m, i) => ({ id: m.id, cells: { ...cells[i], [TODAY]: presenceOn(m.body, day) } }));
};

export const features = tableFeatures({
  columnFilteringFeature,
  filteredRowModel: createFilteredRowModel(),
  rowSortingFeature,
  sortedRowModel: createSortedRowModel(),
});

const helper = createColumnHelper<typeof features, PlayerRow>();
const plain = (text: string): string => text.normalize('NFD').replace(/\p{M}/gu, '').toLocaleLowerCase();

/** Every column of a list of players, and whether a man is in. */
export const columns = helper.columns(
  [...PLAYER_COLUMNS.slice(0, 2), TODAY, ...PLAYER_COLUMNS.slice(2)].map((column) =>
    helper.accessor(
      ({ cells }): string | number | undefined => {
        const said = cells[column] ?? '';
        if (!FIGURES.has(column) || column === 'year') return said === '' ? undefined : said;
        return said === '' ? undefined : Number(said);
      },
      {
        id: column,
        header: column === 'height cm' ? 'Height, cm' : column.charAt(0).toUpperCase() + column.slice(1),
        sortUndefined: 'last',
        sortDescFirst: FIGURES.has(column),
        sortFn: (a, b, id) => compare(a.getValue(id), b.getValue(id)),
        filterFn: (row, id, wanted: string) =>
          id === 'plays'
            ? (row.original.cells[id] ?? '').split(' ').includes(wanted)
            : plain(row.original.cells[id] ?? '').includes(plain(wanted)),
      },
    ),
  ),
);

/** Figures by their size, texts as a reader would order them: shirts that are figures too. */
const compare = (a: unknown, b: unknown): number =>
  typeof a === 'number' && typeof b === 'number'
    ? a - b
    : String(a).localeCompare(String(b), undefined, { numeric: true });

/** Whom a table can be narrowed to by the numbers they play. */
export const NUMBERS = [['', 'Any number'], ...PLAYERS.map((p) => [p, `Plays ${p}`] as const)] as const;
