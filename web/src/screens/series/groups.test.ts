import { newPlay, summarise, SummarySchema, type PlayRow, type Relations } from '@corkscrew/core';
import { describe, expect, it } from 'vitest';
import { pairOf } from '../../keeping/pairs.ts';
import { groupsOf } from './groups.ts';

const row = (name: string, series = '', option = '', status?: 'retired'): PlayRow => {
  const play = newPlay({ id: name, name, court: 'nfhs', level: 'pro', alignment: 'horns', ball: '1' });
  return {
    ...{ id: name, revision: 1, updatedAt: '', deletedAt: null, card: null, verdict: 'none' },
    summary: SummarySchema.parse(summarise({ ...play, series, option, ...(status ? { status } : {}) })),
  };
};
const as = { '1': '1', '2': '2', '3': '3', '4': '4', '5': '5' } as const;
const relations = (...pairs: [string, string, number][]): Relations => ({
  ...{ plays: {}, counters: [], comparing: [], trying: [] },
  pairs: pairs.map(([a, b, seconds]) => ({
    ...{ a, b, tail: null, back: null },
    head: { seconds, mirrored: false, as, by: '1' },
    into: { leaf: 'f1', flipped: false, who: '3', feet: 9, seconds: 1.1, there: 4, pass: null },
  })),
});
const shown = (groups: ReturnType<typeof groupsOf>) =>
  groups.map((g) => `${g.word ?? 'alike'}: ${g.plays.map((p) => p.id).join(' ')}`);

describe('plays shown together', () => {
  it('series in the team’s order, their plays by number, retired ones left out', () => {
    const rows = [
      row('Quay ten', 'Quay', '10'),
      row('Quay four', 'Quay', '4'),
      row('Quay four A', 'Quay', '4A'),
      row('Old', 'Quay', '5', 'retired'),
      row('Bell two', 'Bell', '2'),
    ];
    const order = (w: string): number => (w === 'Quay' ? 0 : 1);
    expect(shown(groupsOf(rows, undefined, order))).toEqual([
      'Quay: Quay four Quay four A Quay ten',
      'Bell: Bell two',
    ]);
  });
  it('plays in no series that look alike long enough, joined over those between', () => {
    const rows = ['a', 'b', 'c', 'd', 'e', 'f'].map((n) => row(n));
    const known = relations(['a', 'b', 1.2], ['c', 'd', 0.9], ['b', 'c', 0.8], ['e', 'f', 0.2]);
    expect(shown(groupsOf(rows, known, () => 0))).toEqual(['alike: a b c d']);
  });
  it('a pair is seen from whichever of the two is asked', () => {
    const known = relations(['a', 'b', 1]);
    expect(pairOf(known, 'a', 'b')).toMatchObject({ a: 'a', into: { who: '3' }, back: null });
    expect(pairOf(known, 'b', 'a')).toMatchObject({ a: 'b', into: null, back: { who: '3' } });
    expect(pairOf(known, 'a', 'c')).toBeUndefined();
  });
});
