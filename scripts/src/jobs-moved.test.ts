import { PLAYERS, readPlayText, teaches, type Play, type PlayerId } from '@corkscrew/core';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { needsOf, type NumberNeeds } from '../../core/src/people/needs.ts';
import {
  flip,
  permute,
  rotateNumbers,
  swapNumbers,
  withCourt,
  type Numbers,
} from '../../core/src/play/operations.ts';
import { DEMO_PLAYS, ROOT } from './paths.ts';

/** Plays nobody drew for these tests: the demo's and those the walk-through is held against. */
const plays = [DEMO_PLAYS, join(ROOT, 'scripts', 'fixtures', 'plays')].flatMap((folder) =>
  readdirSync(folder).map((f): Play => {
    const read = readPlayText(readFileSync(join(folder, f), 'utf8'));
    if (!read.ok) throw new Error(read.sentence);
    return read.play;
  }),
);

const weights = ({ needs }: NumberNeeds): Record<string, number> =>
  Object.fromEntries(needs.map((n) => [n.skill, Number(n.weight.toFixed(6))]));
const keys = (of: ReadonlyMap<string, number>): string[] => [...of.keys()].sort();

describe.each(plays.map((p) => [p.name, p] as const))('%s', (_name, play) => {
  const needs = needsOf(play);
  const lessons = teaches(play);
  it('on the other side of the floor asks the same of every number, of the other hand, and teaches the same', () => {
    const other = flip(play);
    const there = needsOf(other);
    for (const p of PLAYERS) {
      expect(weights(there[p]), p).toEqual(weights(needs[p]));
      expect([...there[p].duties].sort(), p).toEqual([...needs[p].duties].sort());
      expect(there[p].feet, p).toBeCloseTo(needs[p].feet, 6);
      expect(there[p].drives.left, p).toBeCloseTo(needs[p].drives.right, 9);
      expect(there[p].drives.right, p).toBeCloseTo(needs[p].drives.left, 9);
    }
    expect(keys(teaches(other).concepts)).toEqual(keys(lessons.concepts));
    expect(keys(teaches(other).patterns)).toEqual(keys(lessons.patterns));
  });
  it.each([
    ['all numbers one on', rotateNumbers],
    ['1 and 4 exchanged', swapNumbers('1', '4')],
  ])('with %s the jobs go with them, and it teaches the same', (_how, to: Numbers) => {
    const other = permute(play, to);
    const there = needsOf(other);
    for (const p of PLAYERS) {
      expect(weights(there[to[p]]), p).toEqual(weights(needs[p]));
      expect([...there[to[p]].duties].sort(), p).toEqual([...needs[p].duties].sort());
      expect(there[to[p]].feet, p).toBeCloseTo(needs[p].feet, 6);
    }
    expect(keys(teaches(other).concepts)).toEqual(keys(lessons.concepts));
  });
});

/** The same row of figures every time, from 0 to 1. */
function figures(seed: number): () => number {
  let at = seed;
  return () => (at = (at * 16_807) % 2_147_483_647) / 2_147_483_647;
}
/** Every place half a foot off, each another way, and none of them a named spot any more. */
function shaken(play: Play, next: () => number): Play {
  const off = <P extends { readonly x: number; readonly y: number }>({ x, y }: P) => {
    const way = 2 * Math.PI * next();
    return { x: x + 0.5 * Math.cos(way), y: y + 0.5 * Math.sin(way) };
  };
  const places = Object.fromEntries(PLAYERS.map((p) => [p, off(play.start.places[p])]));
  return {
    ...play,
    start: { ...play.start, places: places as Record<PlayerId, ReturnType<typeof off>> },
    frames: play.frames.map((f) => ({
      ...f,
      actions: f.actions.map((a) => ('path' in a && a.path ? { ...a, path: a.path.map(off) } : a)),
    })),
  };
}
/** Needs of both, how many of them are another's or far heavier or lighter than before. */
function apart(a: Play, b: Play): { of: number; changed: number } {
  let [of, changed] = [0, 0];
  const [x, y] = [needsOf(a), needsOf(b)];
  for (const p of PLAYERS) {
    const [one, two] = [weights(x[p]), weights(y[p])];
    for (const skill of new Set([...Object.keys(one), ...Object.keys(two)])) {
      of += 1;
      if (Math.abs((one[skill] ?? 0) - (two[skill] ?? 0)) > 0.25) changed += 1;
    }
  }
  return { of, changed };
}
const sum = (all: readonly number[]): number => all.reduce((n, m) => n + m, 0);

describe('drawn half a foot off', () => {
  const boards = plays.flatMap((play, i) => {
    const next = figures(i + 1);
    return Array.from({ length: 5 }, () => [play, shaken(play, next)] as const);
  });
  it('a play asks the same of its numbers: fewer than one need in a hundred is another', () => {
    const found = boards.map(([a, b]) => apart(a, b));
    expect(sum(found.map((f) => f.of))).toBeGreaterThan(1500);
    expect(sum(found.map((f) => f.changed))).toBeLessThan(0.01 * sum(found.map((f) => f.of)));
  });
  it('it teaches the same: fewer than one concept in a hundred is no longer there, or new', () => {
    let [of, changed] = [0, 0];
    for (const [a, b] of boards) {
      const [one, two] = [teaches(a).concepts, teaches(b).concepts];
      for (const key of new Set([...one.keys(), ...two.keys()])) {
        of += 1;
        if (!one.has(key) || !two.has(key)) changed += 1;
      }
    }
    expect(of).toBeGreaterThan(2500);
    expect(changed).toBeLessThan(0.01 * of);
  });
});

describe('on the floor of other rules', () => {
  it.each(['nfhs', 'ncaa', 'fiba', 'usPro'] as const)(
    '%s: a play drawn at its spots asks and teaches the same',
    (court) => {
      const found = plays.map((play) => {
        const there = withCourt(play, court);
        const shared = keys(teaches(there).concepts).filter((k) => teaches(play).concepts.has(k));
        return { ...apart(play, there), concepts: teaches(play).concepts.size, shared: shared.length };
      });
      expect(sum(found.map((f) => f.changed))).toBeLessThan(0.03 * sum(found.map((f) => f.of)));
      expect(sum(found.map((f) => f.shared))).toBeGreaterThan(0.97 * sum(found.map((f) => f.concepts)));
    },
  );
});
