import {
  neutral,
  PLAYER_COLUMNS,
  playerRows,
  readPlayerRows,
  readWordRows,
  unneutral,
  WORD_COLUMNS,
  wordRows,
  type Player,
  type PlayersRead,
  type TeamWord,
  type WordsRead,
} from '@corkscrew/core';
import Papa from 'papaparse';

type Rows = readonly Readonly<Record<string, string | undefined>>[];

/** Rows as a table that spreadsheets read (RFC 4180), nothing in it a formula. */
const tableOf = (rows: Rows, columns: readonly string[]): string =>
  Papa.unparse(
    rows.map((row) => Object.fromEntries(Object.entries(row).map(([k, v]) => [k, neutral(v ?? '')]))),
    { columns: [...columns], newline: '\r\n' },
  );

/** The rows of a table by the names of their columns; or in a sentence why it is none. */
function rowsOf(text: string): { rows: Record<string, string>[] } | { ok: false; sentence: string } {
  const { data, errors } = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (h) => h.trim().toLowerCase(),
    transform: unneutral,
  });
  const [first] = errors.filter((e) => e.type !== 'Delimiter');
  if (!first) return { rows: data };
  const line = first.row === undefined ? '' : `Line ${first.row + 2}: `;
  return { ok: false, sentence: `${line}${REASONS[first.code] ?? 'this can’t be read as a table.'}` };
}

/** A team's words as a table. */
export const wordsCsv = (words: readonly TeamWord[]): string => tableOf(wordRows(words), WORD_COLUMNS);

/** A table as words; or in a sentence why not. */
export function readWordsCsv(text: string): WordsRead {
  const table = rowsOf(text);
  return 'rows' in table ? readWordRows(table.rows) : table;
}

/** The men of a team as a table. */
export const playersCsv = (players: readonly Player[]): string =>
  tableOf(playerRows(players), PLAYER_COLUMNS);

/** A table as players, beside those who are here; or in a sentence why not. */
export function readPlayersCsv(
  text: string,
  here: readonly { readonly id: string; readonly body: Player }[],
): PlayersRead {
  const table = rowsOf(text);
  return 'rows' in table ? readPlayerRows(table.rows, here) : table;
}

const REASONS: Readonly<Record<string, string>> = {
  MissingQuotes: 'a quotation mark is opened and not closed.',
  InvalidQuotes: 'a quotation mark stands where none belongs.',
  TooFewFields: 'there are fewer columns than in the first line.',
  TooManyFields: 'there are more columns than in the first line.',
};
