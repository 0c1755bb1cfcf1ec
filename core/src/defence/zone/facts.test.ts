import { describe, expect, it } from 'vitest';
import { ZONE_FACTS } from './facts.test-data.ts';

/** Facts of the trade (common practice) at the high-school level: as drawn, mirrored, and shaken over fixed seeds. */
const SEEDS = 24;

describe.each(ZONE_FACTS)('$key: $words', ({ measure, reported }) => {
  it('holds as drawn, and mirrored', () => {
    const drawn = measure({ level: 'highSchool' });
    expect(drawn.holds, JSON.stringify(drawn.figures)).toBe(true);
    expect(measure({ level: 'highSchool', mirrored: true }).holds).toBe(true);
  });
  it('holds on most of the shaken boards', () => {
    let held = 0;
    for (let seed = 1; seed <= SEEDS; seed++)
      if (measure({ level: 'highSchool', seed, mirrored: seed % 2 === 0 }).holds) held++;
    // The share the model was found with, less ten points, and four in five at least.
    expect(held / SEEDS).toBeGreaterThanOrEqual(Math.max(0.8, reported - 0.1));
  });
});
