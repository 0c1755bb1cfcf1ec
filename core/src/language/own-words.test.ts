import { describe, expect, it } from 'vitest';
import { courtFor } from '../court/rulesets.ts';
import { walkLine } from '../play/state.ts';
import { playOf } from '../play/sample.test-data.ts';
import { captionOf } from './caption.ts';
import { dictionaryOf, formsFor, termOf } from './own-words.ts';
import { readWords } from './read.ts';
import { tell } from './tell.ts';
import { teller } from './teller.ts';
import { readWordRows, wordRows } from './word-table.ts';

const play = playOf(
  [
    [{ by: '1', does: 'pass', to: '4' }],
    [
      { by: '5', does: 'cut', path: [{ x: 0, y: 6 }], kind: 'roll' },
      { by: '2', does: 'cut', path: [{ x: 22, y: 3.5, spot: 'cornerR' }], kind: 'drift' },
      { by: '3', does: 'screen', for: '1', path: [{ x: 3, y: 24 }], kind: 'onBall' },
    ],
  ],
  [],
);
const ours = teller({
  words: dictionaryOf([
    { key: 'cut.roll', word: 'swell' },
    { key: 'spot.corner', word: 'jetty' },
    { key: 'screen.onBall', word: 'bollard' },
    { key: 'coverage.switch', word: 'trade', forms: { base: 'trade men' } },
    { key: 'coverage.drop', word: 'sink' },
    { key: 'cut.roll', word: 'second' },
    { means: 'leave him, he cannot shoot', word: 'let go' },
    { key: 'no.such.word', word: 'nothing' },
  ]),
});

describe('a team that speaks its own language', () => {
  it('says what is done, where, and for whom, in its words', () => {
    const walks = walkLine(play, play.frames);
    const court = courtFor(play);
    const plain = captionOf(court, walks[1]!, walks.slice(0, 1));
    const own = captionOf(court, walks[1]!, walks.slice(0, 1), ours);
    expect(plain).toContain('5 rolls to the rim');
    expect(own).toContain('5 swells to the rim');
    expect(own).toContain('right jetty');
    expect(own).toContain('3 sets a bollard for 1');
  });
  it('says what they do, and what answers it, in its words as well', () => {
    expect(readWords({ does: 'switch' }, ours)).toBe('They trade men');
    expect(readWords({ does: 'drop', who: ['x5'] }, ours)).toBe('x5 sinks');
    expect(readWords({ does: 'drop', who: ['x5'] })).toBe('x5 drops');
    expect(tell({ key: 'answer-recipe', with: { recipe: 'roll', to: '5' } }, ours)).toBe('Swell, ball to 5');
    expect(tell({ key: 'read-gone', with: { read: { does: 'switch' } } }, ours)).toContain('They trade men');
  });
  it('offers the forms a word most likely has, and takes those that are said', () => {
    expect(formsFor('cut.slip', 'luff')).toMatchObject({ plural: 'luffs', third: 'luffs', ing: 'luffing' });
    expect(formsFor('cut.roll', 'ebb')).toMatchObject({ third: 'ebbs', ing: 'ebbing' });
    expect(formsFor('cut.roll', 'ferry')).toMatchObject({
      plural: 'ferries',
      third: 'ferries',
      ing: 'ferrying',
    });
    expect(formsFor('cut.roll', 'wake')).toMatchObject({ ing: 'waking' });
    expect(formsFor('cut.roll', 'dip')).toMatchObject({ ing: 'dipping' });
    expect(formsFor('screen.back', 'anvil').base).toBe('set an anvil');
    expect(termOf({ key: 'cut.roll', word: 'go', forms: { third: 'goes on', ing: '' } })).toMatchObject({
      third: 'goes on',
      ing: 'going',
    });
  });
});

describe('a table of words', () => {
  const words = [
    {
      key: 'cut.roll',
      word: 'swell',
      forms: { ing: 'swelling' },
      signal: { figure: 'roll', words: 'Hand rolls' },
    },
    { means: 'pull it out, reset', word: 'slack', sounds: 'black' },
  ];
  it('comes back as it went out', () => {
    expect(readWordRows(wordRows(words))).toEqual({ ok: true, words });
  });
  it.each([
    [[], /no words/],
    [[{ standard: 'cut.roll' }], /“word” is missing/],
    [[{ word: 'a', colour: 'red' }], /“colour” is no column/],
    [[{ standard: '', means: '', word: 'x' }], /Line 2: “x” stands for nothing/],
    [[{ standard: 'cut.fly', word: 'x' }], /Line 2: “cut\.fly” is no standard word/],
    [
      [
        { standard: 'cut.roll', word: 'x' },
        { standard: 'cut.roll', word: 'y' },
      ],
      /Lines 2 and 3/,
    ],
    [[{ standard: 'cut.roll', word: 'x'.repeat(81) }], /too long/],
    [[{ standard: 'cut.roll', word: ' ' }], /Line 2 has no word/],
  ])('says in a sentence what is wrong, and takes none: %o', (rows, words) => {
    const read = readWordRows(rows);
    expect(read.ok ? '' : read.sentence).toMatch(words);
  });
  it('right to left, emoji and markup are words like others', () => {
    const odd = { standard: '', means: 'שלום <b>', word: '🏀 <script>' };
    expect(readWordRows([odd])).toEqual({ ok: true, words: [{ means: 'שלום <b>', word: '🏀 <script>' }] });
  });
});
