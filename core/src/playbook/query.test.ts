import { describe, expect, it } from 'vitest';
import { findPlays, readQuery, wantedWords } from './query.ts';
import { book, look, trial } from './book.test-data.ts';

describe('what a coach types', () => {
  it.each([
    [
      'first look within 5 s, against 2-3, ends in a three, not for 4',
      ['Look within 5 s', 'Against 2-3', 'Ends in a three', 'Not for 4'],
      [],
    ],
    ['quay late clock', ['Late clock'], ['quay']],
    ['4 s left, they switch', ['Look within 4 s', 'Open against: switch everything'], []],
    ['under the basket vs man', ['Under the basket', 'Against man'], []],
    ['after a timeout on the left for 3', ['After a time-out', 'On the left', 'For 3'], []],
    ['2 is denied', ['2 is denied'], []],
    ['deny 2', ['2 is denied'], []],
    ['5 missing', ['Not for 5'], []],
    ['need a three', ['Need a three'], []],
    ['layup, right side, under 3,5 seconds', ['At the rim', 'On the right', 'Look within 3.5 s'], []],
    ['1-3-1', ['Against 1-3-1'], []],
    ['against zone retired', ['Against a zone', 'Retired'], []],
    ['no hole', ['No hole'], []],
    ['Überlauf horns', [], ['uberlauf', 'horns']],
    ['', [], []],
    ['2-3 2-3', ['Against 2-3'], []],
  ] as const)('%s', (text, wanted, words) => {
    const query = readQuery(text);
    expect(query.wanted.map(wantedWords)).toEqual(wanted);
    expect(query.words).toEqual(words);
  });
});

describe('plays by need', () => {
  const { rows, relations } = book({
    Gate: {
      situation: ['baseline'],
      tried: { switch: trial('answered', 1.1) },
      chances: [look('rim', 2.1, '5'), look('three', 4.8, '2')],
    },
    Fog: { against: ['2-3'], tried: { '2-3': trial('answered', 0.97) }, chances: [look('three', 5.2, '2')] },
    Mist: { against: ['2-3'], tried: { '2-3': trial('answered', 0.8) }, chances: [look('three', 4.1, '4')] },
    Kite: {
      tried: { switch: trial('contested', 0.6) },
      chances: [{ ...look('rim', 3, '2'), reads: ['deny x2'] }],
    },
    Old: { status: 'retired', chances: [look('three', 1)] },
  });
  const ask = (text: string) => findPlays(rows, (id) => relations.plays[id], readQuery(text));
  const names = (text: string) => ask(text).found.map((f) => f.row.id);

  it('has all that is wanted, one look that is everything asked of a look', () => {
    expect(names('against 2-3 three')).toEqual(['Fog', 'Mist']);
    expect(names('against 2-3, three, not for 4')).toEqual(['Fog']);
    expect(names('three within 5')).toEqual(['Mist', 'Gate']);
    // Gate has a look within 3 s, and a three: not a three within 3 s.
    expect(names('three within 3')).toEqual([]);
  });
  it('says why, and what the nearest lack', () => {
    const { found, near } = ask('they switch');
    expect(found[0]!.reasons).toEqual([
      'open against switch everything, 1.10',
      '5 at the rim on the left at 2.1 s',
    ]);
    expect(near.find((n) => n.row.id === 'Kite')!.lacks).toEqual(['contested against switch everything']);
    expect(ask('three within 3').near.map((n) => [n.row.id, ...n.lacks])).toContainEqual([
      'Mist',
      'no such look within 3 s',
    ]);
  });
  it('knows the moment of the game, who is denied, and leaves out what is retired', () => {
    expect(names('under the basket')).toEqual(['Gate']);
    expect(names('2 denied')).toContain('Kite');
    expect(names('late clock')).toEqual(['Gate', 'Kite']);
    expect(names('')).not.toContain('Old');
    expect(names('retired')).toEqual(['Old']);
  });
  it('words are found in name, call, series and alignment', () => {
    expect(names('horns gate')).toEqual(['Gate']);
    expect(names('nothing like it')).toEqual([]);
  });
});
