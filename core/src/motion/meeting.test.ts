import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { courtFor } from '../court/rulesets.ts';
import { distance } from '../geometry/vec.ts';
import { cuedPlays } from '../gesture/drawn.test-data.ts';
import { lineTo, mainLine } from '../play/tree.ts';
import { walkThrough } from '../walkthrough/walkthrough.ts';
import { compile } from './compile.ts';
import { LEVELS } from './levels.ts';
import { positionAt } from './track.ts';

describe('ball and man meet', () => {
  it('every pass comes down where its receiver is, or the walk-through says that it does not', () => {
    let [met, missed] = [0, 0];
    fc.assert(
      fc.property(cuedPlays, fc.constantFrom(...Object.keys(LEVELS)), (drawn, level) => {
        const play = { ...drawn, level: level as typeof drawn.level };
        const leaf = mainLine(play).at(-1)!.id;
        const { timeline } = compile(play, leaf, courtFor(play), play.level);
        const apart = timeline.flights.filter((f) => {
          if (!f.receiver) return false;
          const off = distance(f.to, positionAt(timeline, f.receiver, f.arrive));
          if (off <= 1.5) met++;
          return off > 1.5;
        });
        missed += apart.length;
        if (apart.length === 0) return;
        const told = walkThrough(play, lineTo(play, leaf)).filter((f) => f.severity === 'breaks');
        for (const f of apart) expect(told.map((x) => x.action)).toContain(f.action);
      }),
      { numRuns: 1500 },
    );
    expect(met).toBeGreaterThan(100);
    // Told or not, they are the odd ones: the coach himself has set the two apart.
    expect(missed).toBeLessThan(met / 20);
  });
});
