import { describe, expect, it } from 'vitest';
import { courtFor } from '../court/rulesets.ts';
import { make } from '../look/worth.ts';
import { levelRecord, ourMan } from '../motion/level.ts';
import { withFives } from '../motion/men.ts';
import { buildOf } from './build.ts';
import { SKILLS, type Player } from './player.ts';

const nobody = { speed: 1, heightCm: undefined, skills: {} };
const rated = (skills: Player['skills']) => buildOf({ ...nobody, skills });

describe('what a man of the roster is to the engine', () => {
  it('nothing rated is as most, everything at 3 as well', () => {
    const plain = buildOf(nobody);
    expect(plain.makes).toEqual({ rim: 1, short: 1, mid: 1 });
    expect(plain.threes).toEqual({ corner: 1, wing: 1, top: 1 });
    const threes = Object.fromEntries(SKILLS.map((s) => [s, 3]));
    expect(rated(threes)).toEqual(plain);
  });

  it('a point more is 8 % of the makes, a point less as much less; from short it is both skills', () => {
    expect(rated({ finish: 4 }).makes!.rim).toBeCloseTo(1.08, 12);
    expect(rated({ mid: 2 }).makes!.mid).toBeCloseTo(0.92, 12);
    expect(rated({ finish: 5, mid: 1 }).makes!.short).toBeCloseTo(1, 12);
    // One of two that was never rated takes no part.
    expect(rated({ finish: 5 }).makes!.short).toBeCloseTo(1.16, 12);
    expect(rated({ shootWing: 0 }).threes!.wing).toBeCloseTo(0.76, 12);
  });

  it('nobody makes more than everything, at any level, from anywhere', () => {
    const all = Object.fromEntries(SKILLS.map((s) => [s, 5]));
    for (const level of ['youth', 'highSchool', 'college', 'pro'] as const)
      for (const key of ['nfhs', 'fiba', 'usPro'] as const) {
        const court = courtFor({ court: key });
        const record = withFives(levelRecord(level), { ours: [rated(all)] });
        for (let x = -24; x <= 24; x += 4)
          for (let y = 2; y <= 34; y += 4) {
            const best = make(court, ourMan(record, 0), { x, y }, 8);
            expect(best).toBeGreaterThanOrEqual(make(court, levelRecord(level), { x, y }, 8));
            expect(best).toBeLessThan(1);
          }
      }
  });

  it('speed and height go through as they are', () => {
    expect(buildOf({ ...nobody, speed: 1.07, heightCm: 193 })).toMatchObject({ speed: 1.07, heightCm: 193 });
  });
});
