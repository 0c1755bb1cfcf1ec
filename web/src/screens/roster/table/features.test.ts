import { PLAYER_COLUMNS, type Kept, type Player } from '@corkscrew/core';
import { describe, expect, it } from 'vitest';
import { columns, rowsOf, TODAY, type PlayerRow } from './features.ts';

const DAY = '2026-11-29';
const man = (name: string, more: Partial<Player> = {}): Kept<Player> => ({
  id: name,
  body: {
    ...{ jersey: '', name, plays: [], hand: 'right', speed: 1, skills: {}, cleared: [], out: [] },
    ...more,
  },
});
const men = [
  man('Écluse, Ann', { jersey: '4', plays: ['1', '2'], heightCm: 170, skills: { screen: 2 } }),
  man('Marlow, Bea', { jersey: '10', plays: ['5'], skills: { screen: 4.5 } }),
  man('Marlow, Cy', { jersey: '00', out: [{ from: '2026-11-28', as: 'out' }], year: 'junior' }),
];
const rows = rowsOf(men, DAY);

type Row = { readonly original: PlayerRow; readonly getValue: (id: string) => unknown };
const column = (id: string) => {
  const found = columns.find((c) => c.id === id)! as unknown as {
    accessorFn: (row: PlayerRow) => unknown;
    sortFn: (a: Row, b: Row, id: string) => number;
    filterFn: (row: Row, id: string, wanted: string) => boolean;
    sortDescFirst: boolean;
  };
  return found;
};
const row = (r: PlayerRow): Row => ({ original: r, getValue: (id) => column(id).accessorFn(r) });
const found = (id: string, wanted: string): string[] =>
  rows.filter((r) => column(id).filterFn(row(r), id, wanted)).map((r) => r.id);
const sorted = (id: string): string[] =>
  rows
    .map(row)
    .filter((r) => r.getValue(id) !== undefined)
    .sort((a, b) => column(id).sortFn(a, b, id))
    .map((r) => r.original.id);

describe('the table of players', () => {
  it('has every column of a list, and whether a man is in', () => {
    expect([...columns.map((c) => c.id)].sort()).toEqual([...PLAYER_COLUMNS, TODAY].sort());
    expect(rows.map((r) => r.cells[TODAY])).toEqual(['in', 'in', 'out']);
  });

  it('sorts figures by their size, shirts as figures, texts as texts; what nobody knows is no figure', () => {
    expect(sorted('screening')).toEqual(['Écluse, Ann', 'Marlow, Bea']);
    expect(sorted('shirt')).toEqual(['Marlow, Cy', 'Écluse, Ann', 'Marlow, Bea']);
    expect(sorted('height cm')).toEqual(['Écluse, Ann']);
    expect(column('screening').sortDescFirst).toBe(true);
    expect(column('name').sortDescFirst).toBe(false);
  });

  it('finds a name by any part of it, whatever its accents and its letters', () => {
    expect(found('name', 'ecluse')).toEqual(['Écluse, Ann']);
    expect(found('name', 'MARLOW')).toEqual(['Marlow, Bea', 'Marlow, Cy']);
    expect(found('name', 'zz')).toEqual([]);
  });

  it('finds who plays a number, and who is there', () => {
    expect(found('plays', '2')).toEqual(['Écluse, Ann']);
    expect(found('plays', '5')).toEqual(['Marlow, Bea']);
    expect(found(TODAY, 'out')).toEqual(['Marlow, Cy']);
  });
});
