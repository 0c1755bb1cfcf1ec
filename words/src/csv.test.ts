import type { TeamWord } from '@corkscrew/core';
import { parse } from 'csv-parse/sync';
import { describe, expect, it } from 'vitest';
import { readWordsCsv, wordsCsv } from './csv.ts';

const words: TeamWord[] = [
  { key: 'cut.roll', word: 'swell', forms: { third: 'swells, hard' } },
  { means: 'pull it out, "reset"', word: 'slack\nagain', signal: { words: 'Hand; down' } },
  { key: 'spot.corner', word: 'נמל 🏀' },
];

describe('words as a table', () => {
  it('is read by an independent parser (csv-parse) as it was meant', () => {
    const rows = parse<Record<string, string>>(wordsCsv(words), { columns: true });
    expect(rows.map((r) => [r.standard, r.word, r.means])).toEqual([
      ['cut.roll', 'swell', 'roll'],
      ['', 'slack\nagain', 'pull it out, "reset"'],
      ['spot.corner', 'נמל 🏀', 'corner'],
    ]);
    expect(rows[0]!.third).toBe('swells, hard');
  });
  it('comes back as it went out, with a mark at its start or semicolons as well', () => {
    expect(readWordsCsv(`\uFEFF${wordsCsv(words)}`)).toEqual({ ok: true, words });
    expect(readWordsCsv('Standard;Word\r\ncut.roll;swell\r\n')).toEqual({
      ok: true,
      words: [{ key: 'cut.roll', word: 'swell' }],
    });
  });
  it.each([
    ['standard,word\ncut.roll,"swell\n', /quotation mark is opened and not closed/],
    ['standard,word\ncut.roll\n', /Line 2: there are fewer columns/],
    ['standard,word\ncut.roll,a,b\n', /Line 2: there are more columns/],
    ['name,number\nx,1\n', /“word” is missing/],
    ['', /no words/],
  ])('%j: a sentence, and nothing is taken', (text, sentence) => {
    const read = readWordsCsv(text);
    expect(read.ok ? 'taken' : read.sentence).toMatch(sentence);
  });
  it('ten thousand rows are read as such', () => {
    const many = ['means,word', ...Array.from({ length: 10_000 }, (_, i) => `m${i},w${i}`)].join('\n');
    const read = readWordsCsv(many);
    expect(read.ok && read.words.length).toBe(10_000);
  });
});
