import { describe, expect, it } from 'vitest';
import { book, look, trial, type Of } from './book.test-data.ts';
import { whatWeHave, type Need } from './have.ts';

const needsOf = (plays: Readonly<Record<string, Of>>): Need[] => {
  const { rows, relations } = book(plays);
  return whatWeHave(rows, relations);
};
const of = (needs: readonly Need[], key: string): Need => needs.find((n) => n.key === key)!;

describe('what we have, and what we lack', () => {
  it('a defence counts the plays that are for it; the best of the others is nearest where none is', () => {
    const needs = needsOf({
      Gate: { against: ['man'], tried: { drop: trial('answered', 0.9), '2-3': trial('answered', 0.8) } },
      Kite: { against: ['man'], tried: { drop: trial('hole', 0.1), '2-3': trial('answered', 0.95, 2.1) } },
      Both: { against: ['any'], tried: { drop: trial('contested', 0.5), '2-3': trial('hole', 0.2) } },
    });
    expect(of(needs, 'drop').has).toMatchObject({
      Gate: { state: 'answered' },
      Kite: { state: 'hole' },
      Both: { state: 'contested' },
    });
    expect(of(needs, 'drop').empty).toBe(false);
    expect(Object.keys(of(needs, '2-3').has)).toEqual(['Both']);
    expect(of(needs, '2-3')).toMatchObject({
      empty: true,
      nearest: { play: 'Kite', how: 'against', at: 2.1 },
    });
    expect(of(needs, '1-3-1').nearest).toBeNull();
  });
  it('what waits to be tried is no hole', () => {
    const needs = needsOf({ New: { against: ['2-3'] } });
    expect(of(needs, '2-3')).toMatchObject({ empty: false, has: { New: { state: null } } });
  });
  it('a retired play fills nothing', () => {
    const needs = needsOf({ Old: { status: 'retired', situation: ['afterTimeout'] } });
    expect(of(needs, 'afterTimeout')).toMatchObject({ empty: true, has: {}, nearest: null });
  });
  it('a moment of the game is as good as the answers of what is for it; an early look is for the clock', () => {
    const needs = needsOf({
      Slow: { situation: ['firstTrips'], chances: [look('rim', 6)] },
      Squib: { chances: [look('three', 2.9)], holes: true },
    });
    expect(of(needs, 'firstTrips').has).toMatchObject({ Slow: { state: 'answered', at: 6 } });
    expect(of(needs, 'lateClock').has).toMatchObject({ Squib: { state: 'contested', at: 2.9 } });
  });
  it('names what comes nearest: thrown in from elsewhere, or with that look first', () => {
    const needs = needsOf({
      Gull: { situation: ['baseline'], chances: [look('rim', 4.5), look('three', 5)] },
      Tide: { chances: [look('three', 6.3)] },
    });
    expect(of(needs, 'sideline').nearest).toMatchObject({ play: 'Gull', how: 'thrownIn', at: 4.5 });
    expect(of(needs, 'needThree').nearest).toMatchObject({ play: 'Gull', how: 'first', at: 5 });
    expect(of(needs, 'keepBall').nearest).toBeNull();
  });
});
