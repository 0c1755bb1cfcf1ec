import {
  neutral,
  readWordRows,
  unneutral,
  WORD_COLUMNS,
  wordRows,
  type TeamWord,
  type WordsRead,
} from '@corkscrew/core';
import Papa from 'papaparse';

/** A team's words as a table that spreadsheets read. */
export const wordsCsv = (words: readonly TeamWord[]): string =>
  Papa.unparse(
    wordRows(words).map((row) =>
      Object.fromEntries(Object.entries(row).map(([k, v]) => [k, neutral(v ?? '')])),
    ),
    { columns: [...WORD_COLUMNS], newline: '\r\n' },
  );

/** A table as words; or in a sentence why not. */
export function readWordsCsv(text: string): WordsRead {
  const { data, errors } = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (h) => h.trim().toLowerCase(),
    transform: unneutral,
  });
  const [first] = errors.filter((e) => e.type !== 'Delimiter');
  if (first) {
    const line = first.row === undefined ? '' : `Line ${first.row + 2}: `;
    return { ok: false, sentence: `${line}${REASONS[first.code] ?? 'this can’t be read as a table.'}` };
  }
  return readWordRows(data);
}

const REASONS: Readonly<Record<string, string>> = {
  MissingQuotes: 'a quotation mark is opened and not closed.',
  InvalidQuotes: 'a quotation mark stands where none belongs.',
  TooFewFields: 'there are fewer columns than in the first line.',
  TooManyFields: 'there are more columns than in the first line.',
};
