import { describe, expect, it } from 'vitest';
import type { PlayerId } from '../alignment/library.ts';
import { newPlay } from '../play/new-play.ts';
import { whatWeHave, type Need } from './have.ts';
import type { Relations } from './relation-shapes.ts';
import { SummarySchema, type PlayRow } from './shapes.ts';
import { summarise } from './summary.ts';

type Tried = Relations['plays'][string]['tried'];
const trial = (state: 'answered' | 'contested' | 'hole', worth: number, at = 3): Tried[string] => ({
  ...{ state, worth, at },
  leaf: 'f1',
  player: '5',
});
const look = (shot: 'three' | 'rim' | 'two', at: number, player: PlayerId = '2') => ({
  ...{ leaf: 'f1', player, shot, at },
  side: 'left' as const,
  reads: [],
});

interface Of {
  against?: string[];
  situation?: string[];
  status?: 'retired';
  holes?: boolean;
  tried?: Tried;
  chances?: ReturnType<typeof look>[];
}
function book(plays: Readonly<Record<string, Of>>): Need[] {
  const rows = Object.entries(plays).map(([id, of]): PlayRow => {
    const play = {
      ...newPlay({ id, name: id, court: 'nfhs', level: 'highSchool', alignment: 'horns', ball: '1' }),
      against: of.against ?? ['man'],
      situation: of.situation ?? [],
      ...(of.status ? { status: of.status } : {}),
    };
    const hole = { kind: 'onBall', by: '5', user: '1', does: 'drop', who: [] } as const;
    const verdict = {
      against: 'Man',
      answered: 1,
      of: 2,
      worst: 0.7,
      hole: of.holes ? { ...hole, who: [] } : null,
    };
    return {
      ...{ id, revision: 1, updatedAt: '', deletedAt: null, card: null, verdict },
      summary: SummarySchema.parse(summarise(play)),
    };
  });
  const relations: Relations = {
    plays: Object.fromEntries(
      Object.entries(plays).map(([id, { chances = [], tried = {} }]) => [
        id,
        { chances, tried, round: null },
      ]),
    ),
    ...{ pairs: [], counters: [], comparing: [], trying: [] },
  };
  return whatWeHave(rows, relations);
}
const of = (needs: readonly Need[], key: string): Need => needs.find((n) => n.key === key)!;

describe('what we have, and what we lack', () => {
  it('a defence counts the plays that are for it; the best of the others is nearest where none is', () => {
    const needs = book({
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
    const needs = book({ New: { against: ['2-3'] } });
    expect(of(needs, '2-3')).toMatchObject({ empty: false, has: { New: { state: null } } });
  });
  it('a retired play fills nothing', () => {
    const needs = book({ Old: { status: 'retired', situation: ['afterTimeout'] } });
    expect(of(needs, 'afterTimeout')).toMatchObject({ empty: true, has: {}, nearest: null });
  });
  it('a moment of the game is as good as the answers of what is for it; an early look is for the clock', () => {
    const needs = book({
      Slow: { situation: ['firstTrips'], chances: [look('rim', 6)] },
      Squib: { chances: [look('three', 2.9)], holes: true },
    });
    expect(of(needs, 'firstTrips').has).toMatchObject({ Slow: { state: 'answered', at: 6 } });
    expect(of(needs, 'lateClock').has).toMatchObject({ Squib: { state: 'contested', at: 2.9 } });
  });
  it('names what comes nearest: thrown in from elsewhere, or with that look first', () => {
    const needs = book({
      Gull: { situation: ['baseline'], chances: [look('rim', 4.5), look('three', 5)] },
      Tide: { chances: [look('three', 6.3)] },
    });
    expect(of(needs, 'sideline').nearest).toMatchObject({ play: 'Gull', how: 'thrownIn', at: 4.5 });
    expect(of(needs, 'needThree').nearest).toMatchObject({ play: 'Gull', how: 'first', at: 5 });
    expect(of(needs, 'keepBall').nearest).toBeNull();
  });
});
