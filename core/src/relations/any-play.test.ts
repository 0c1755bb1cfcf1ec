import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { PLAYERS } from '../alignment/library.ts';
import type { Play } from '../play/document.ts';
import { edit } from '../play/edit.ts';
import { flip, permute, rotateNumbers, swapNumbers } from '../play/operations.ts';
import { anyChange, samplePlay } from '../play/sample.test-data.ts';
import { headOf, tailOf } from './alike.ts';
import { readyOf, relatedContent, relatedOf, relationOf } from './related.ts';
import { cyclesOf, jobIn, turnsHome } from './round.ts';

/** Whatever a coach may have drawn, in whatever order. */
const anyPlay = fc.array(anyChange, { maxLength: 18 }).map((changes): Play => {
  let play = samplePlay();
  for (const c of changes) {
    const r = edit(play, c);
    if (r.ok) play = r.play;
  }
  return play;
});

describe('any play', () => {
  it('can be compared with any other, and the other way round it is as much alike', () => {
    fc.assert(
      fc.property(anyPlay, anyPlay, (a, b) => {
        const [x, y] = [readyOf(relatedOf(a)), readyOf(relatedOf(b))];
        const [there, back] = [relationOf(x, y), relationOf(y, x)];
        expect(back?.head?.seconds).toBe(there?.head?.seconds);
        expect(back?.tail?.seconds).toBe(there?.tail?.seconds);
        expect(back?.into).toEqual(there?.back);
      }),
      { numRuns: 40 },
    );
  });
  it('is itself for ever in a mirror and under other numbers', () => {
    const numbers = fc.constantFrom(rotateNumbers, swapNumbers('1', '4'), swapNumbers('2', '5'));
    fc.assert(
      fc.property(anyPlay, numbers, (play, to) => {
        const [x, y] = [readyOf(relatedOf(play)), readyOf(relatedOf(flip(permute(play, to))))];
        expect(headOf(x.compared, y.compared)!.by).toBeNull();
        expect(tailOf(x.compared, y.compared)!.seconds).toBeCloseTo(x.of.trace.over, 6);
      }),
      { numRuns: 40 },
    );
  });
  it('has chances in the order they come, of lines it has, and the same content when it is read again', () => {
    fc.assert(
      fc.property(anyPlay, (play) => {
        const { chances, ends, trace } = relatedOf(play);
        const lines = new Set(ends.map((e) => e.leaf));
        for (const c of chances) expect(lines.has(c.leaf)).toBe(true);
        expect(chances.map((c) => c.at)).toEqual(chances.map((c) => c.at).sort((a, b) => a - b));
        expect(trace.held).toHaveLength(trace.way.length / 12);
        expect(relatedContent(JSON.parse(JSON.stringify(play)) as Play)).toBe(relatedContent(play));
      }),
      { numRuns: 40 },
    );
  });
});

describe('an exchange of five', () => {
  const orders = fc.shuffledSubarray([...PLAYERS], { minLength: 5, maxLength: 5 });
  it('has rings that together are all five, and is home when, one by one, everybody is', () => {
    fc.assert(
      fc.property(orders, fc.boolean(), (order, mirrored) => {
        const to = Object.fromEntries(PLAYERS.map((p, i) => [p, order[i]!])) as Record<
          (typeof PLAYERS)[number],
          (typeof PLAYERS)[number]
        >;
        expect(cyclesOf(to).flat().sort()).toEqual([...PLAYERS]);
        // By brute force: turn after turn until everybody has his own job on his own side.
        let turn = 1;
        while (!PLAYERS.every((p) => jobIn({ to }, p, turn) === p) || (mirrored && turn % 2 === 1)) turn++;
        expect(turnsHome({ to, mirrored })).toBe(turn);
      }),
    );
  });
});
