import type { Point } from '@corkscrew/core';

/** How high a tag is, and round a man as drawn with his ball and the way he faces; drawing units. */
export const TALL = 20;
const MAN = 21;
const LETTER = 7.2;

/** A tag to be put beside a place. */
interface Asked {
  readonly at: Point;
  readonly text: string;
}
/** A box with words in it, about its middle; drawing units. */
export interface Label {
  readonly c: Point;
  readonly width: number;
  readonly height: number;
}
export interface Tag extends Label {
  readonly text: string;
}

/** Whether a label lies within the drawing, on no man and on no other label. */
export const isFree = (
  { c, width, height }: Label,
  men: readonly Point[],
  others: readonly Label[],
  size: { readonly width: number; readonly height: number },
  man = MAN,
): boolean =>
  c.x > width / 2 &&
  c.x < size.width - width / 2 &&
  c.y > height / 2 &&
  c.y < size.height - height / 2 &&
  men.every((p) => apart(c, p, width / 2 + man, height / 2 + man)) &&
  others.every((o) => apart(c, o.c, (width + o.width) / 2 + 3, (height + o.height) / 2 + 3));

/**
 * The tags, in their order, each beside its place where it covers no man and no other tag; under its place when
 * there is no such spot, and always within the drawing.
 */
export function placeTags(
  asked: readonly Asked[],
  men: readonly Point[],
  size: { readonly width: number; readonly height: number },
): Tag[] {
  const tags: Tag[] = [];
  for (const { at, text } of asked) {
    const width = text.length * LETTER + 14;
    const side = width / 2 + 24;
    const free = (c: Point): boolean => isFree({ c, width, height: TALL }, men, tags, size);
    const around = [
      { x: at.x, y: at.y + 31 },
      { x: at.x + side, y: at.y },
      { x: at.x - side, y: at.y },
      { x: at.x, y: at.y - 31 },
      { x: at.x, y: at.y + 46 },
      { x: at.x + side, y: at.y + 31 },
      { x: at.x - side, y: at.y + 31 },
      { x: at.x, y: at.y - 46 },
    ];
    const inside = {
      x: Math.min(size.width - width / 2, Math.max(width / 2, at.x)),
      y: Math.min(size.height - TALL / 2, at.y + 31),
    };
    tags.push({ text, width, height: TALL, c: around.find(free) ?? inside });
  }
  return tags;
}

const apart = (a: Point, b: Point, x: number, y: number): boolean =>
  Math.abs(a.x - b.x) >= x || Math.abs(a.y - b.y) >= y;
