import type { Player, TeamWord } from '@corkscrew/core';
import { parse } from 'csv-parse/sync';
import { describe, expect, it } from 'vitest';
import { playersCsv, readPlayersCsv, readWordsCsv, wordsCsv } from './csv.ts';

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

describe('a team’s men as a table', () => {
  const man = (name: string): Player => ({
    ...{ jersey: '00', name, plays: ['2', '3'], hand: 'left', heightCm: 183, speed: 1.05 },
    ...{ skills: { shootCorner: 4.5 }, cleared: [], out: [] },
  });
  it('is read by another reader, and comes back as it was: commas, quotes, right to left, no formulas', () => {
    const men = ['Quillfeather, Tam', '=HYPERLINK("x")', '@sum', 'נגד "אזור"', '山田'].map(man);
    const text = playersCsv(men);
    const rows = parse(text, { columns: true }) as Record<string, string>[];
    expect(rows).toHaveLength(5);
    expect(rows[0]).toMatchObject({ name: 'Quillfeather, Tam', plays: '2 3', 'corner three': '4.5' });
    // A spreadsheet must not run what somebody is called.
    expect(rows.every((r) => !/^[=+\-@]/.test(r.name!))).toBe(true);
    const back = readPlayersCsv(`\uFEFF${text}`, []);
    expect(back).toMatchObject({ ok: true, players: men.map((body) => ({ id: null, body })) });
  });
  it('a broken table is told with its line', () => {
    expect(readPlayersCsv('name,shirt\n"A,1\n', [])).toMatchObject({ ok: false });
    expect(readPlayersCsv('name,shirt\nA,1,2\n', [])).toMatchObject({
      sentence: 'Line 2: there are more columns than in the first line.',
    });
  });
});
