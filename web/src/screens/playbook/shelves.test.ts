import { cardOf, newPlay, summarise, SummarySchema, type PlayRow } from '@corkscrew/core';
import { expect, it } from 'vitest';
import { choose, shelve, type Filter } from './shelves.ts';

const row = (name: string, alignment: string, against: string[], updatedAt = '2026-01-01'): PlayRow => {
  const play = { ...newPlay({ id: name, name, court: 'nfhs', level: 'pro', alignment, ball: '1' }), against };
  return {
    id: name,
    revision: 1,
    updatedAt,
    deletedAt: null,
    summary: SummarySchema.parse(summarise(play)),
    card: cardOf(play),
    verdict: 'none',
  };
};
const all = [
  row('Zebra', 'horns', ['man']),
  row('Ärmel', 'box', ['2-3'], '2026-03-01'),
  row('Apple', 'horns', ['man', '2-3']),
];
const filter = (f: Partial<Filter>): Filter => ({
  words: '',
  against: null,
  alignment: null,
  sort: 'name',
  ...f,
});
const names = (f: Partial<Filter>) => choose(all, filter(f)).map((p) => p.id);

it('finds every word typed, whatever its accents, in name, call, defence or alignment', () => {
  expect(names({ words: 'armel' })).toEqual(['Ärmel']);
  expect(names({ words: 'horns zeb' })).toEqual(['Zebra']);
  expect(names({ words: '2-3' })).toEqual(['Apple', 'Ärmel']);
  expect(names({ words: 'nothing' })).toEqual([]);
});
it('filters and sorts', () => {
  expect(names({ against: '2-3' })).toEqual(['Apple', 'Ärmel']);
  expect(names({ alignment: 'horns' })).toEqual(['Apple', 'Zebra']);
  expect(names({ sort: 'recent' })[0]).toBe('Ärmel');
});
/** A line of cells in short: heads in brackets, plays by name, "." for nothing. */
const lines = (rows: readonly PlayRow[], perLine: number, sort: Filter['sort']) =>
  shelve(rows, perLine, sort).map((l) =>
    l.map((c) =>
      c.is === 'shelf' ? `[${c.shelf.title} ${c.shelf.count}]` : c.is === 'play' ? c.play.id : '.',
    ),
  );
it('shelves share a line where they fit, and a long one goes on under itself', () => {
  const found = choose([...all, row('Beta', 'box', [])], filter({}));
  expect(lines(found, 7, 'name')).toEqual([['[Box 2]', 'Ärmel', 'Beta', '[Horns 2]', 'Apple', 'Zebra']]);
  expect(lines(found, 4, 'name')).toEqual([
    ['[Box 2]', 'Ärmel', 'Beta'],
    ['[Horns 2]', 'Apple', 'Zebra'],
  ]);
  expect(lines(found, 2, 'name')).toEqual([
    ['[Box 2]', 'Ärmel'],
    ['.', 'Beta'],
    ['[Horns 2]', 'Apple'],
    ['.', 'Zebra'],
  ]);
});
it('where the page is narrow the head of a shelf has a line of its own', () => {
  const found = choose([...all, row('Beta', 'box', [])], filter({}));
  const short = shelve(found, 2, 'name', 'above').map((l) =>
    l.map((c) => (c.is === 'play' ? c.play.id : c.is)),
  );
  expect(short).toEqual([['shelf'], ['Ärmel', 'Beta'], ['shelf'], ['Apple', 'Zebra']]);
});
it('what is alone in its kind stands on one shelf, each with the name of its kind', () => {
  const cells = shelve(choose(all, filter({})), 7, 'name')[0]!;
  expect(lines(choose(all, filter({})), 7, 'name')).toEqual([
    ['[Horns 2]', 'Apple', 'Zebra', '[One of a kind 1]', 'Ärmel'],
  ]);
  expect(cells.map((c) => (c.is === 'play' ? c.one : undefined))).toEqual([
    undefined,
    null,
    null,
    undefined,
    'Box',
  ]);
});
it('shelves by series; plays without one stand last; other orders have no shelves', () => {
  const inSeries = all.map((p, i) => ({ ...p, summary: { ...p.summary, series: i < 2 ? 'Fist' : '' } }));
  expect(lines(choose(inSeries, filter({ sort: 'series' })), 9, 'series')).toEqual([
    ['[Fist 2]', 'Ärmel', 'Zebra', '[No series 1]', 'Apple'],
  ]);
  expect(lines(all, 2, 'recent')).toEqual([['Zebra', 'Ärmel'], ['Apple']]);
  expect(shelve([], 5, 'name')).toEqual([]);
});
