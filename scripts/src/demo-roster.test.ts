import {
  fromToday,
  playRoster,
  PLAYERS,
  readPlayText,
  recordSave,
  type Clearance,
  type Play,
  type Player,
  type PlayerId,
} from '@corkscrew/core';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { DEMO_PLAYS } from './paths.ts';

interface Kept<T> {
  readonly id: string;
  readonly body: T;
}
const DAY = '2026-11-29';
const team = fromToday(JSON.parse(readFileSync(join(DEMO_PLAYS, '../team.json'), 'utf8')), DAY) as {
  readonly players: readonly Kept<Player>[];
  readonly clearances: readonly Kept<Clearance>[];
};
const plays = readdirSync(DEMO_PLAYS).map((f): Play => {
  const read = readPlayText(readFileSync(join(DEMO_PLAYS, f), 'utf8'));
  if (!read.ok) throw new Error(read.sentence);
  return read.play;
});
const named = (name: string): Play => plays.find((p) => p.name === name)!;
const roster = (play: Play) => playRoster(play, team.players, team.clearances, DAY);
/** What a number needs most, the most first. */
const main = (play: Play, number: PlayerId): string[] =>
  [...roster(play).needs[number].needs].sort((a, b) => b.weight - a.weight).map((n) => n.skill);

describe('what the numbers of the demo plays need, as a coach would name it (common practice)', () => {
  it.each([
    // Off two screens to the top; whoever screens for him must screen.
    ['Quay 4', '3', 'shootTop'],
    ['Quay 4', '4', 'pass'],
    // A handoff, then the ball screen: 2 handles it, 5 screens.
    ['Pilot 5', '2', 'handle'],
    // 5 throws it to the rim, 4 finishes it.
    ['Quay 5', '4', 'finish'],
    ['Quay 5', '5', 'pass'],
    ['Fog 3', '2', 'shootCorner'],
    ['Shoal 6', '4', 'shootCorner'],
    ['Pier 7', '5', 'screen'],
    // 1 throws it in.
    ['Gull 1', '1', 'pass'],
    ['Gull 1', '2', 'shootCorner'],
  ] as const)('%s: %s above all %s', (name, number, skill) => {
    expect(main(named(name), number)[0]).toBe(skill);
  });
  it.each(['Quay 4', 'Pilot 5', 'Rope 1'])(
    '%s: 5 screens, and is there to finish when they switch or show',
    (name) => {
      expect(main(named(name), '5').slice(0, 2).sort()).toEqual(['finish', 'screen']);
    },
  );
  it('every need says what it comes from, and weighs no more than it may', () => {
    for (const play of plays) {
      const ids = new Set(play.frames.flatMap((f) => f.actions.map((a) => a.id)));
      for (const p of PLAYERS)
        for (const need of roster(play).needs[p].needs) {
          expect(need.from.length, `${play.name} ${p} ${need.skill}`).toBeGreaterThan(0);
          expect(need.weight).toBeGreaterThanOrEqual(0.1);
          expect(need.weight).toBeLessThanOrEqual(1.2);
          for (const a of need.from) expect(a.action === null || ids.has(a.action)).toBe(true);
        }
    }
  });
});

describe('the demo’s men', () => {
  it('can be kept as they are, and are cleared for what there is', () => {
    for (const { body } of team.players)
      expect(recordSave('players').safeParse({ revision: 0, sitting: 'x', body }).success).toBe(true);
    for (const { body } of team.clearances)
      expect(recordSave('clearances').safeParse({ revision: 0, sitting: 'x', body }).success).toBe(true);
    const ids = new Set(team.clearances.map((c) => c.id));
    for (const { body } of team.players) for (const c of body.cleared) expect(ids).toContain(c.clearance);
    expect(new Set(team.players.map((p) => p.body.jersey)).size).toBe(13);
  });
  it('who is not cleared for a series is in no five of it', () => {
    const wraxall = team.players.findIndex((p) => p.body.name.startsWith('Wraxall'));
    const { men, best, scores } = roster(named('Tide 1'));
    expect(scores[wraxall]).toEqual([null, null, null, null, null]);
    expect(men[wraxall]![4]!.bars).toContainEqual({
      ...{ is: 'clearance', id: 'demo-clear-tide', name: 'Tide', practice: false },
    });
    expect(best === null || !best.men.includes(wraxall)).toBe(true);
  });
  it('most plays have five, each number once, nobody twice; who is out is in none', () => {
    const out = team.players.findIndex((p) => p.body.out.some((o) => o.as === 'out'));
    const fives = plays.map((p) => roster(p).best);
    expect(fives.filter(Boolean).length).toBeGreaterThan(plays.length / 2);
    for (const five of fives) {
      if (!five) continue;
      expect(new Set(five.men).size).toBe(5);
      expect(five.men).not.toContain(out);
    }
  });
});
