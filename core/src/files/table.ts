import { STATUS_WORDS, againstWords, situationWords } from '../language/labels.ts';
import type { PlaySummary } from '../playbook/summary.ts';

/** What a spreadsheet would take for a formula is made a plain text by a mark before it. */
const FORMULA = /^[=+\-@\t\r]/;
export const neutral = (cell: string): string => (FORMULA.test(cell) ? `'${cell}` : cell);
/** The cell as it was before `neutral`. */
export const unneutral = (cell: string): string => (/^'[=+\-@\t\r]/.test(cell) ? cell.slice(1) : cell);

/** A table by RFC 4180: lines end in CR LF, quotes are doubled, and nothing in it is a formula. */
export const csvText = (rows: readonly (readonly string[])[]): string =>
  rows.map((r) => `${r.map((c) => quoted(neutral(c))).join(',')}\r\n`).join('');
const quoted = (cell: string): string => (/[",\r\n]/.test(cell) ? `"${cell.replaceAll('"', '""')}"` : cell);

const COLUMNS = [
  'name',
  'call',
  'signal',
  'series',
  'option',
  'against',
  'when',
  'status',
  'purpose',
  'frames',
  'endings',
  'seconds',
  'id',
] as const;

/** The playbook as a table, a play a line. */
export const bookTable = (
  rows: readonly { readonly id: string; readonly summary: PlaySummary }[],
): string[][] => [
  [...COLUMNS],
  ...rows.map(({ id, summary: s }) => [
    ...[s.name, s.call, s.signal, s.series, s.option],
    s.against.map((a) => againstWords(a)).join('; '),
    s.situation.map(situationWords).join('; '),
    ...[STATUS_WORDS[s.status], s.purpose, String(s.frames), String(s.endings), s.seconds.toFixed(1), id],
  ]),
];
