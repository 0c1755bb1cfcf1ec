import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { book, trial } from './book.test-data.ts';
import { SheetSchema, type Sheet, type SheetEntry } from './records.ts';
import { changeSheet, entryOf, nextNumber, sheetTold, type SheetChange } from './sheet.ts';

const entry = (id: string, more: Partial<SheetEntry> = {}): SheetEntry => ({
  ...{ id, play: id, name: id, call: id, number: '', note: '' },
  ...more,
});
const sheet: Sheet = {
  name: 'Gorsedale',
  sections: [
    { id: 'first', need: 'First trips', weight: 3, entries: [entry('a'), entry('b'), entry('c')] },
    { id: 'late', need: 'Late clock', weight: 1, entries: [entry('d')] },
  ],
};
const after = (...changes: SheetChange[]): Sheet => changes.reduce(changeSheet, sheet);
const ids = (s: Sheet): string[] => s.sections.map((x) => `${x.id}: ${x.entries.map((e) => e.id).join(' ')}`);

describe('a call sheet', () => {
  it('takes plays at a place, moves them within and across sections, and lets them go', () => {
    expect(ids(after({ do: 'add', section: 'late', entries: [entry('x')], before: 'd' }))[1]).toBe(
      'late: x d',
    );
    expect(ids(after({ do: 'move', entries: ['c'], section: 'first', before: 'a' }))[0]).toBe('first: c a b');
    expect(ids(after({ do: 'move', entries: ['a', 'c'], section: 'late' }))).toEqual([
      'first: b',
      'late: d a c',
    ]);
    expect(ids(after({ do: 'remove', id: 'b' }))[0]).toBe('first: a c');
    expect(after({ do: 'move', entries: ['a'], section: 'nowhere' })).toEqual(sheet);
  });
  it('has its sections in order, with a weight, and what it is filled by', () => {
    const made = after(
      { do: 'addSection', id: 'zone', need: 'Against 2-3' },
      { do: 'moveSection', id: 'zone', to: 0 },
      { do: 'section', id: 'zone', weight: 1, query: 'against 2-3' },
    );
    expect(made.sections[0]).toMatchObject({
      id: 'zone',
      need: 'Against 2-3',
      weight: 1,
      query: 'against 2-3',
    });
    expect(changeSheet(made, { do: 'section', id: 'zone', query: '' }).sections[0]).not.toHaveProperty(
      'query',
    );
    expect(after({ do: 'removeSection', id: 'first' }).sections.map((s) => s.id)).toEqual(['late']);
  });
  it('numbers from 1 on through all sections, and a new play takes the next', () => {
    const numbered = after({ do: 'number' });
    expect(numbered.sections.flatMap((s) => s.entries.map((e) => e.number))).toEqual(['1', '2', '3', '4']);
    expect(nextNumber(numbered)).toBe('5');
    expect(nextNumber(after({ do: 'entry', id: 'a', number: 'Red' }))).toBe('1');
    const { rows } = book({ Gate: {} });
    expect(entryOf(numbered, 'e', rows[0]!)).toMatchObject({ play: 'Gate', name: 'Gate', number: '5' });
  });
  it('whatever is done to it can be kept, and loses no play on the way but what is removed', () => {
    const section = fc.constantFrom('first', 'late', 'gone');
    const some = fc.subarray(['a', 'b', 'c', 'd', 'x']);
    const change = fc.oneof(
      fc.record({
        do: fc.constant('move' as const),
        entries: some,
        section,
        before: fc.constantFrom('a', 'd', 'x'),
      }),
      fc.record({ do: fc.constant('moveSection' as const), id: section, to: fc.nat(3) }),
      fc.record({ do: fc.constant('number' as const) }),
      fc.record({
        do: fc.constant('section' as const),
        id: section,
        query: fc.constantFrom('', 'against 2-3'),
      }),
      fc.record({
        do: fc.constant('head' as const),
        opponent: fc.constantFrom('o1', null),
        date: fc.constantFrom('2026-12-04', null),
      }),
    );
    fc.assert(
      fc.property(fc.array(change, { maxLength: 12 }), (changes) => {
        const made = changes.reduce<Sheet>(changeSheet, sheet);
        expect(SheetSchema.safeParse(made).success).toBe(true);
        expect(made.sections.flatMap((s) => s.entries.map((e) => e.id)).sort()).toEqual(['a', 'b', 'c', 'd']);
      }),
    );
  });
});

describe('what a sheet is told', () => {
  const { rows, relations } = book({
    a: { tried: { switch: trial('hole', 0.1), drop: trial('answered', 0.9) } },
    b: { status: 'retired', tried: { switch: trial('contested', 0.5) } },
    c: { against: ['2-3'], tried: { switch: trial('hole', 0.1) } },
    d: { tried: {} },
  });
  const told = (s: Sheet, expects: string[] = []) =>
    sheetTold(s, rows, (id) => relations.plays[id], { name: 'They', expects });
  const one = (is: string, s: Sheet, expects: string[] = []) => told(s, expects).filter((t) => t.is === is);

  it('a play twice in one section, not one in two; a number for two plays; what is retired or gone', () => {
    const twice = after({ do: 'add', section: 'first', entries: [entry('a2', { play: 'a' })] });
    expect(one('twice', twice)).toMatchObject([{ entry: 'a2', need: 'First trips' }]);
    expect(
      one('twice', after({ do: 'add', section: 'late', entries: [entry('a2', { play: 'a' })] })),
    ).toEqual([]);
    const numbers = after({ do: 'entry', id: 'a', number: '7' }, { do: 'entry', id: 'd', number: '7' });
    expect(one('number', numbers)).toMatchObject([{ entry: 'd', number: '7' }]);
    expect(one('retired', sheet)).toMatchObject([{ entry: 'b' }]);
    expect(
      one('gone', after({ do: 'add', section: 'late', entries: [entry('lost', { name: 'Lost' })] })),
    ).toMatchObject([{ name: 'Lost' }]);
  });
  it('what has nothing against what they play, of plays that are for it, and what nobody has anything against', () => {
    expect(one('hole', sheet, ['man:switch'])).toMatchObject([{ entry: 'a', against: 'man:switch' }]);
    expect(one('nothing', sheet, ['man:switch', 'man:drop'])).toEqual([
      { is: 'nothing', against: 'man:switch' },
    ]);
    expect(told(sheet, ['no such thing']).filter((t) => t.is === 'hole' || t.is === 'nothing')).toEqual([]);
  });
});

describe('one ending of a play', () => {
  it('is called where it is chosen, and all of it again', () => {
    const one = after({ do: 'entry', id: 'a', leaf: 'f3' }, { do: 'entry', id: 'a', note: 'late' });
    expect(one.sections[0]!.entries[0]).toMatchObject({ leaf: 'f3', note: 'late' });
    const all = changeSheet(one, { do: 'entry', id: 'a', leaf: null });
    expect(all.sections[0]!.entries[0]).not.toHaveProperty('leaf');
    expect(SheetSchema.safeParse(all).success).toBe(true);
  });
});
