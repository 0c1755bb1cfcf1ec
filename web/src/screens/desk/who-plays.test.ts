import { newPlay, PLAYERS, type Kept, type Lineup, type Player } from '@corkscrew/core';
import { describe, expect, it } from 'vitest';
import { BEST, oursFor, theirsFor } from './who-plays.ts';

const play = newPlay({
  ...{ id: 'p', name: 'P', court: 'nfhs', level: 'highSchool', alignment: 'horns', ball: '1' },
});
const man = (id: string, more: Partial<Player> = {}): Kept<Player> => ({
  id,
  body: {
    ...{ jersey: '', name: id, plays: [...PLAYERS], hand: 'right', speed: 1 },
    ...{ skills: {}, cleared: [], out: [] },
    ...more,
  },
});
const men = [
  ...['a', 'b', 'c', 'd'].map((id) => man(id)),
  man('quick', { plays: ['1'], speed: 1.1, heightCm: 180, skills: { handle: 5, pass: 5, finish: 5 } }),
  man('away', { out: [{ from: '2020-01-01', as: 'out' }], speed: 1.15 }),
];
const lineup = (men: Lineup['men']): Kept<Lineup> => ({ id: 'l', body: { name: 'Small', men } });

describe('our five', () => {
  it('is the best for the play, of those who are there', () => {
    const five = oursFor(play, BEST, men, [], [])!;
    expect(five).toHaveLength(5);
    expect(five.every((b) => b !== null && b.speed < 1.15)).toBe(true);
  });

  it('is a lineup’s, whoever is out: a coach may look at it all the same', () => {
    const five = oursFor(play, 'l', men, [], [lineup({ '1': 'quick', '3': 'away' })])!;
    expect(five.map((b) => b?.speed ?? null)).toEqual([1.1, null, 1.15, null, null]);
    expect(five[0]!.heightCm).toBe(180);
  });

  it('names nobody where a man of a lineup is gone, where there are too few, and where nothing is chosen', () => {
    expect(oursFor(play, 'l', men, [], [lineup({ '1': 'gone' })])).toEqual([null, null, null, null, null]);
    expect(oursFor(play, BEST, men.slice(0, 3), [], [])).toBeUndefined();
    expect(oursFor(play, 'none', men, [], [])).toBeUndefined();
  });

  it('bars whoever is not cleared from the best, and from no lineup', () => {
    const rule = { id: 'c', body: { name: 'P', covers: { play: 'p' } } };
    expect(oursFor(play, BEST, men, [rule], [])).toBeUndefined();
    expect(oursFor(play, 'l', men, [rule], [lineup({ '1': 'a' })])![0]).not.toBeNull();
  });
});

describe('their five', () => {
  it('is who is known of them; whose speed is not known runs as most', () => {
    const men = { '1': { heightCm: 185 }, '5': { speed: 0.9 } };
    expect(theirsFor({ name: 'X', expects: [], men })).toEqual([
      { heightCm: 185, speed: 1 },
      null,
      null,
      null,
      { heightCm: undefined, speed: 0.9 },
    ]);
    expect(theirsFor({ name: 'X', expects: [] })).toBeUndefined();
    expect(theirsFor(undefined)).toBeUndefined();
  });
});
