import { describe, expect, test } from 'vitest';
import { courtFor } from '../court/rulesets.ts';
import { levelRecord } from '../motion/level.ts';
import { make, openMakes, points, withMakes } from './worth.ts';

const court = courtFor({ court: 'nfhs' });
const school = levelRecord('highSchool');
const CORNER = { x: 22, y: 3 };
const WING = { x: 16.5, y: 17 };
const RIM = { x: 1, y: 7 };

describe('what a shot makes', () => {
  test('a man who is nearer takes makes away, everywhere (common practice)', () => {
    for (const p of [CORNER, WING, RIM])
      for (let feet = 1; feet < 7; feet += 0.5)
        expect(make(court, school, p, feet + 0.5)).toBeGreaterThan(make(court, school, p, feet));
  });

  test('an open three is worth more than an open long two (common practice)', () => {
    const two = { x: 14, y: 15 };
    expect(points(court, WING)).toBe(3);
    expect(points(court, two)).toBe(2);
    expect(3 * make(court, school, WING, 6)).toBeGreaterThan(2 * make(court, school, two, 6));
  });

  test('the older the players the more goes in', () => {
    const of = (['youth', 'highSchool', 'college', 'pro'] as const).map((l) => openMakes(levelRecord(l)));
    for (let i = 1; i < of.length; i++)
      for (const kind of ['rim', 'short', 'mid', 'three'] as const)
        expect(of[i]![kind]).toBeGreaterThan(of[i - 1]![kind]);
  });
});

describe("a team's own makes", () => {
  test('are what an open shot of theirs makes, and change nothing else', () => {
    const ours = withMakes(school, { three: 40 });
    expect(openMakes(ours)).toEqual({ ...openMakes(school), three: 40 });
    expect(make(court, ours, WING, 5)).toBeCloseTo(0.4, 12);
    expect(make(court, ours, RIM, 3)).toBe(make(court, school, RIM, 3));
    expect({ ...ours.man, makes: null }).toEqual({ ...school.man, makes: null });
  });

  test('are contested by as large a share as anybody’s', () => {
    const ours = withMakes(school, { three: 20 });
    const share = (level: typeof school) => make(court, level, WING, 1) / make(court, level, WING, 5);
    expect(share(ours)).toBeCloseTo(share(school), 12);
  });

  test('without any the level stays as it is', () => {
    expect(withMakes(school, undefined)).toBe(school);
    expect(withMakes(school, {})).toEqual(school);
  });
});
