import { cardOf, newPlay, summarise, type PlayRow } from '@corkscrew/core';
import { expect, it } from 'vitest';
import { choose, shelve, type Filter } from './shelves.ts';

const row = (name: string, alignment: string, against: string[], updatedAt = '2026-01-01'): PlayRow => {
  const play = { ...newPlay({ id: name, name, court: 'nfhs', level: 'pro', alignment, ball: '1' }), against };
  const s = summarise(play);
  return {
    id: name,
    revision: 1,
    updatedAt,
    deletedAt: null,
    summary: { ...s, against: [...s.against] },
    card: cardOf(play),
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
it('puts the fullest shelf first and lets small ones share a line', () => {
  const lines = shelve(choose(all, filter({})), 7, 'name');
  expect(lines).toHaveLength(1);
  expect(lines[0]!.map((s) => s.heading)).toEqual(['Horns', null, 'Box']);
  expect(shelve(choose(all, filter({})), 2, 'name').map((l) => l[0]!.heading)).toEqual(['Horns', 'Box']);
  expect(shelve(all, 2, 'recent').every((l) => l.every((s) => s.heading === null))).toBe(true);
});
