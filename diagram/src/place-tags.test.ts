import { describe, expect, it } from 'vitest';
import { placeTags, TALL, type Tag } from './place-tags.ts';

const SIZE = { width: 700, height: 500 };
const overlap = (a: Tag, b: Tag): boolean =>
  Math.abs(a.c.x - b.c.x) < (a.width + b.width) / 2 && Math.abs(a.c.y - b.c.y) < TALL;
const covers = (t: Tag, p: { x: number; y: number }): boolean =>
  Math.abs(t.c.x - p.x) < t.width / 2 && Math.abs(t.c.y - p.y) < TALL / 2;

describe('tags beside screens', () => {
  it('stands under its screen when nothing is there', () => {
    expect(placeTags([{ at: { x: 300, y: 200 }, text: 'trail' }], [], SIZE)).toEqual([
      { text: 'trail', c: { x: 300, y: 231 }, width: 50, height: TALL },
    ]);
  });
  it('steps aside for a man, for another tag, and for the edge of the drawing', () => {
    const at = { x: 300, y: 200 };
    const below = { x: 300, y: 236 };
    const [tag] = placeTags([{ at, text: 'drops' }], [below], SIZE);
    expect(covers(tag!, below)).toBe(false);
    expect(tag!.c.y).toBeLessThan(231);

    const two = placeTags(
      [
        { at, text: 'switch' },
        { at: { x: 305, y: 204 }, text: 'bump the cutter' },
      ],
      [],
      SIZE,
    );
    expect(overlap(two[0]!, two[1]!)).toBe(false);

    const [low] = placeTags([{ at: { x: 10, y: 490 }, text: 'trail' }], [], SIZE);
    expect(low!.c.y + TALL / 2).toBeLessThanOrEqual(SIZE.height);
    expect(low!.c.x - low!.width / 2).toBeGreaterThanOrEqual(0);
  });
  it('stands under its screen all the same when there is no room anywhere', () => {
    const crowd = Array.from({ length: 400 }, (_, i) => ({ x: (i % 20) * 35, y: Math.floor(i / 20) * 25 }));
    const [tag] = placeTags([{ at: { x: 300, y: 200 }, text: 'trail' }], crowd, SIZE);
    expect(tag!.c).toEqual({ x: 300, y: 231 });
  });
});
