import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { splitLines } from './split.ts';

const size = { width: 725, height: 494 };
const far = (a: { x: number; y: number }, b: { x: number; y: number }) => Math.hypot(a.x - b.x, a.y - b.y);
/** Ten men, none nearer than 90 to another. */
const spread = fc
  .tuple(
    fc.shuffledSubarray([...Array(20).keys()], { minLength: 10, maxLength: 10 }),
    fc.array(fc.tuple(fc.integer({ min: -10, max: 10 }), fc.integer({ min: -8, max: 8 })), {
      minLength: 10,
      maxLength: 10,
    }),
  )
  .map(([cells, by]) =>
    cells.map((cell, i) => ({
      x: 100 + (cell % 5) * 120 + by[i]![0],
      y: 80 + Math.floor(cell / 5) * 108 + by[i]![1],
    })),
  );

/** The boxes of a picture: left, top, width, height. */
const boxesOf = (items: ReturnType<typeof splitLines>) =>
  items.flatMap((i) => {
    if (i.shape !== 'path' || i.part !== 'close-out-box') return [];
    const [x, y, w, h] = i.d.match(/-?[\d.]+/g)!.map(Number);
    return [{ x: x!, y: y!, w: w!, h: h! }];
  });

describe('the words of a split', () => {
  it('stand in the middle of a line that is long and free', () => {
    const items = splitLines({ x: 200, y: 200 }, [{ to: { x: 400, y: 200 }, text: '+0.50 s' }], {
      men: [
        { x: 200, y: 200 },
        { x: 400, y: 200 },
      ],
      size,
    });
    const [box] = boxesOf(items);
    expect(box!.x + box!.w / 2).toBeCloseTo(300);
    expect(box!.y + box!.h / 2).toBeCloseTo(200);
  });

  it('stand at the man himself when he is too near for a line with words', () => {
    const man = { x: 220, y: 200 };
    const items = splitLines({ x: 200, y: 200 }, [{ to: man, text: '+0.42 s' }], {
      men: [{ x: 200, y: 200 }, man],
      size,
    });
    const [box] = boxesOf(items);
    expect(far({ x: box!.x + box!.w / 2, y: box!.y + box!.h / 2 }, man)).toBeLessThan(60);
  });

  it('cover no man and not each other, wherever ten men stand who leave room', () => {
    fc.assert(
      fc.property(spread, (men) => {
        const [from, a, b] = men;
        const boxes = boxesOf(
          splitLines(
            from!,
            [
              { to: a!, text: '+0.42 s' },
              { to: b!, text: '+1.05 s' },
            ],
            { men, size },
          ),
        );
        for (const { x, y, w, h } of boxes)
          for (const m of men)
            expect(m.x > x - 10 && m.x < x + w + 10 && m.y > y - 10 && m.y < y + h + 10).toBe(false);
        const [p, q] = boxes;
        expect(p!.x < q!.x + q!.w && q!.x < p!.x + p!.w && p!.y < q!.y + q!.h && q!.y < p!.y + p!.h).toBe(
          false,
        );
      }),
      { numRuns: 60 },
    );
  });
});
