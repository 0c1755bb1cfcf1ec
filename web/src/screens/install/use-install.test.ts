import {
  newPlay,
  taughtBy,
  type Game,
  type InstallTeam,
  type Kept,
  type Play,
  type Practice,
  type Season,
  type Sheet,
} from '@corkscrew/core';
import { describe, expect, it } from 'vitest';
import { gameName, readiness, weekOf } from './use-install.ts';

const DAY = '2026-11-30';
const play = (id: string, name: string, lines = 1): Play => ({
  ...newPlay({ id, name, court: 'nfhs', level: 'highSchool', alignment: 'horns', ball: '1' }),
  frames: [
    { id: 'f1', parent: null, actions: [{ id: 'a1', by: '1', does: 'pass', to: '5' }] },
    ...Array.from({ length: lines - 1 }, (_, i) => ({
      ...{ id: `e${i}`, parent: 'f1', read: { does: i === 0 ? ('stay' as const) : ('switch' as const) } },
      actions: [{ id: `b${i}`, by: '5' as const, does: 'pass' as const, to: '3' as const }],
    })),
  ],
});
const plays = [play('a', 'Anchor'), play('b', 'Bell', 3), play('c', 'Chime')];
const entry = (id: string) => ({
  ...{ id: `e-${id}`, play: id, name: plays.find((p) => p.id === id)!.name, call: '', number: '', note: '' },
});
const sheet: Kept<Sheet> = {
  id: 's',
  body: {
    name: 'Sheet',
    sections: [
      { id: 's1', need: 'Main', weight: 3, entries: [entry('b'), entry('c')] },
      { id: 's2', need: 'Late', weight: 1, entries: [entry('a'), entry('b')] },
    ],
  },
};
const game: Kept<Game> = { id: 'g', body: { date: '2026-12-11', start: '19:00', home: true, sheet: 's' } };
const season: Season = {
  ...{ name: 'Season', from: '2026-11-01', to: '2027-03-01', timeZone: 'Europe/Berlin' },
  ...{ weekly: [], expectations: [] },
};
const walked: Kept<Practice> = {
  id: 'p',
  body: {
    ...{ date: '2026-11-26', start: '18:00', minutes: 90, absent: [] },
    blocks: [
      {
        ...{ id: 'x', item: { is: 'play', play: 'c', name: 'Chime' }, stage: 'walk', minutes: 8 },
        done: { minutes: 8, went: 'well' },
      },
    ],
  },
};
const team = (more: Partial<InstallTeam> = {}): InstallTeam => ({
  ...{ season, practices: [walked], games: [game], sheets: [sheet], men: [], clearances: [] },
  plays: new Map(plays.map((p) => [p.id, p])),
  ...more,
});
const rows = (t: InstallTeam) =>
  readiness({ team: t, day: DAY }, game.body).map((r) => [r.name, r.unit.leaf] as const);

describe('the list of how plays stand', () => {
  it('begins with what is wanted most and lacks most; each play stands once, by its heaviest section', () => {
    expect(rows(team())).toEqual([
      ['Bell', null],
      ['Chime', null],
      ['Anchor', null],
    ]);
  });
  it('lines of a play that is taught line by line stand where the play would, the line as drawn first', () => {
    expect(rows(team({ season: taughtBy(season, 'b', true) }))).toEqual([
      ['Bell', 'e0'],
      ['Bell', 'e1'],
      ['Chime', null],
      ['Anchor', null],
    ]);
  });
  it('leaves out what is gone, and is empty for a game without a call sheet', () => {
    expect(rows(team({ plays: new Map([['a', plays[0]!]]) }))).toEqual([['Anchor', null]]);
    expect(readiness({ team: team(), day: DAY }, { ...game.body, sheet: 'none' })).toEqual([]);
  });
});

describe('names of games, and the days of a week', () => {
  it('an opponent we keep goes before a name written down; a scrimmage has no place', () => {
    const known = [{ id: 'o', body: { name: 'Gorsedale' } }];
    expect(gameName({ ...game.body, opponent: 'o', name: 'Old' }, known)).toBe('Gorsedale, home');
    expect(gameName({ ...game.body, name: 'Tarn Valley', home: false }, known)).toBe('Tarn Valley, away');
    expect(gameName(game.body, known)).toBe('Game, home');
    expect(gameName({ ...game.body, name: 'Own gym', scrimmage: true }, known)).toBe('Own gym');
  });
  it('seven days from Monday, across a month and a year', () => {
    const days = weekOf(team(), '2026-12-28').map((d) => d.day);
    expect(days).toHaveLength(7);
    expect(days.at(-1)).toBe('2027-01-03');
    const week = weekOf(team(), '2026-11-23');
    expect(week.map((d) => d.practices.length)).toEqual([0, 0, 0, 1, 0, 0, 0]);
    expect(weekOf(team(), '2026-12-07').map((d) => d.games.length)).toEqual([0, 0, 0, 0, 1, 0, 0]);
  });
});
