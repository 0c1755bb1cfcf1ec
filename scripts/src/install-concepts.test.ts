import { cheapestOrder, knownBy, noveltyOf, readPlayText, teaches, type Play } from '@corkscrew/core';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { DEMO_PLAYS, ROOT } from './paths.ts';

const FIXTURES = join(ROOT, 'scripts', 'fixtures', 'plays');
const read = (folder: string): Play[] =>
  readdirSync(folder).map((f) => {
    const r = readPlayText(readFileSync(join(folder, f), 'utf8'));
    if (!r.ok) throw new Error(r.sentence);
    return r.play;
  });
const plays = read(FIXTURES);
const play = (name: string): Play => plays.find((p) => p.name.includes(name))!;
const NOTHING: ReadonlySet<string> = new Set();

/** What a coach's table says each of the twelve costs a team that knows nothing (minutes). */
const ALONE: Readonly<Record<string, number>> = {
  ...{ Windmill: 12, Anchor: 14, Gate: 15, Carousel: 16.5, 'Split Rail': 15, Lighthouse: 19.5 },
  ...{ Chimney: 19.5, Harbour: 21, Saddle: 14, Lantern: 27, Kite: 21.5, Tide: 15.5 },
};

describe('what the twelve plays cost to learn, against a table made by hand', () => {
  it('each within two minutes, half of them to the half minute, all together within five in a hundred', () => {
    const found = Object.keys(ALONE).map((name) => [name, noveltyOf(play(name), NOTHING).minutes] as const);
    for (const [name, minutes] of found)
      expect(Math.abs(minutes - ALONE[name]!), name).toBeLessThanOrEqual(2);
    expect(found.filter(([name, m]) => m === ALONE[name]).length).toBeGreaterThanOrEqual(6);
    const sum = (all: readonly number[]): number => all.reduce((n, m) => n + m, 0);
    const [ours, theirs] = [sum(found.map(([, m]) => m)), sum(Object.values(ALONE))];
    expect(Math.abs(ours - theirs) / theirs).toBeLessThan(0.05);
  });
  it('one alone is its concepts and its frames: 9 and 3, 17 and 4.5', () => {
    const parts = (name: string): number[] => {
      const { concepts, patterns } = teaches(play(name));
      return [concepts, patterns].map((m) => [...m.values()].reduce((n, v) => n + v, 0));
    };
    expect(parts('Windmill')).toEqual([9, 3]);
    expect(parts('Kite')).toEqual([17, 4.5]);
  });
  it('after a play of its kind another is cheaper by what both have', () => {
    const { minutes, shares } = noveltyOf(play('Lantern'), knownBy([play('Kite')]));
    const saved = noveltyOf(play('Lantern'), NOTHING).minutes - minutes;
    expect(saved).toBeGreaterThanOrEqual(6.5);
    expect(saved).toBeLessThanOrEqual(8);
    for (const key of ['alignment:horns', 'screener:pop', 'seal', 'read:drop', 'read:show'])
      expect(shares).toContain(key);
  });
  it('known, any play costs nothing; learnt one after the other they cost far less than each alone', () => {
    for (const p of plays) expect(noveltyOf(p, knownBy([p])).minutes).toBe(0);
    const order = cheapestOrder(plays, NOTHING);
    expect(order[0]!.play.name).toBe('Windmill');
    const sum = order.reduce((n, o) => n + o.novelty.minutes, 0);
    expect(sum).toBeGreaterThan(120);
    expect(sum).toBeLessThan(145);
  });
});

describe('the demo’s plays', () => {
  const demo = read(DEMO_PLAYS);
  it('a counter with the head of its series costs a team that has the first one at least a quarter less (common practice)', () => {
    const named = (name: string): Play => demo.find((p) => p.name === name)!;
    for (const [first, second] of [
      ['Quay 4', 'Squall 8'],
      ['Bell 2', 'Bell 2A'],
      ['Fog 3', 'Fog 3A'],
    ] as const) {
      const alone = noveltyOf(named(second), NOTHING).minutes;
      const after = noveltyOf(named(second), knownBy([named(first)])).minutes;
      expect(after, second).toBeLessThan(alone * 0.75);
    }
  });
});
