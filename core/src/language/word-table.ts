import type { TeamWord } from '../playbook/records.ts';
import { DICTIONARY, isTermKey } from './dictionary.ts';

/** The columns of a table of words, in their order: what a spreadsheet has. */
export const WORD_COLUMNS = [
  'standard',
  'means',
  'word',
  'plural',
  'base',
  'third',
  'ing',
  'figure',
  'signal',
  'sounds like',
] as const;
type Column = (typeof WORD_COLUMNS)[number];

/** A team's words as rows of a table, the columns in their order. */
export const wordRows = (words: readonly TeamWord[]): Record<Column, string>[] =>
  words.map(({ key, means, word, forms, signal, sounds }) => ({
    standard: key ?? '',
    means: means ?? (key !== undefined && isTermKey(key) ? DICTIONARY[key].word : ''),
    word,
    plural: forms?.plural ?? '',
    base: forms?.base ?? '',
    third: forms?.third ?? '',
    ing: forms?.ing ?? '',
    figure: signal?.figure ?? '',
    signal: signal?.words ?? '',
    'sounds like': sounds ?? '',
  }));

export type WordsRead =
  | { readonly ok: true; readonly words: readonly TeamWord[] }
  | { readonly ok: false; readonly sentence: string };

/** Longer than this nothing of a word is. */
const LONGEST = 200;

/** Rows of a table as words; or, in a sentence with its line, the first thing that is wrong: then none is taken. */
export function readWordRows(rows: readonly Readonly<Record<string, unknown>>[]): WordsRead {
  const no = (sentence: string): WordsRead => ({ ok: false, sentence });
  if (rows.length === 0) return no('There are no words in this file.');
  const columns = Object.keys(rows[0]!);
  const unknown = columns.find((c) => !(WORD_COLUMNS as readonly string[]).includes(c));
  if (!columns.includes('word'))
    return no(`The column “word” is missing. The columns are ${WORD_COLUMNS.join(', ')}.`);
  if (unknown !== undefined)
    return no(`“${unknown}” is no column of words. The columns are ${WORD_COLUMNS.join(', ')}.`);
  const words: TeamWord[] = [];
  const seen = new Map<string, number>();
  for (const [i, row] of rows.entries()) {
    const at = i + 2;
    const of = (c: Column): string => (typeof row[c] === 'string' ? row[c].trim() : '');
    const word = of('word');
    const key = of('standard');
    if (word === '') return no(`Line ${at} has no word.`);
    const long = WORD_COLUMNS.find((c) => of(c).length > (c === 'means' || c === 'signal' ? LONGEST : 80));
    if (long) return no(`Line ${at}: what stands under “${long}” is too long.`);
    if (key !== '' && !isTermKey(key)) return no(`Line ${at}: “${key}” is no standard word of Corkscrew.`);
    if (key === '' && of('means') === '')
      return no(`Line ${at}: “${word}” stands for nothing. Say a standard word, or what it means.`);
    const before = key === '' ? undefined : seen.get(key);
    if (before !== undefined) return no(`Lines ${before} and ${at} are both for “${key}”.`);
    if (key !== '') seen.set(key, at);
    const forms = { plural: of('plural'), base: of('base'), third: of('third'), ing: of('ing') };
    const said = Object.fromEntries(Object.entries(forms).filter(([, v]) => v !== ''));
    const signal = {
      ...(of('figure') && { figure: of('figure') }),
      ...(of('signal') && { words: of('signal') }),
    };
    words.push({
      ...(key === '' ? { means: of('means') } : { key }),
      word,
      ...(Object.keys(said).length > 0 ? { forms: said } : {}),
      ...(Object.keys(signal).length > 0 ? { signal } : {}),
      ...(of('sounds like') ? { sounds: of('sounds like') } : {}),
    });
  }
  return { ok: true, words };
}
