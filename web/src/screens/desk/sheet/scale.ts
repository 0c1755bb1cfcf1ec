import type { BeatBlock } from '@corkscrew/core';

/** Measures of the beat sheet, pixels. */
export const RULER = 30;
export const ROW = 24;
export const STAVE = 20.5;
export const BLOCK = 17;
const ROWS = 6;
export const HEIGHT = RULER + ROWS * ROW + 4;
export const PAD = 12;

/** Pixels a second at the least, as drawn first, and at the most. */
const ZOOM = { least: 30, most: 260, easy: 62, full: 120 } as const;

/** A play that fits is shown whole; a longer one at an easy size, to be scrolled. */
export const fitZoom = (seconds: number, width: number): number =>
  Math.min(ZOOM.full, Math.max(ZOOM.easy, (width - 2 * PAD) / Math.max(1, seconds)));

export const clampZoom = (z: number): number => Math.min(ZOOM.most, Math.max(ZOOM.least, z));

/** Room behind a block for the knot it is tied by, pixels. */
const KNOT = 14;
/** About the width of a letter of a block's label. */
const LETTER = 5.6;

/** As much of a label as a space takes: all of it, its first word, or nothing. */
export function fitLabel(words: string, width: number): string {
  if (words.length * LETTER <= width) return words;
  const [first = ''] = words.split(' ');
  return first.length * LETTER <= width ? first : '';
}

/**
 * Where a coverage's tag goes, pixels from the left of its block: within it when the label fits as well, else
 * behind it in the free space, else within it beside the label's first word; null when there is no room.
 */
export function wayTag(
  way: string,
  label: string,
  room: number,
  free: number,
): { readonly x: number; readonly width: number; readonly within: boolean } | null {
  const width = way.length * LETTER + 8;
  const within = (words: string) => words.length * LETTER + 8 + width <= room;
  const inside = { x: room - width - 2, width, within: true };
  if (within(label)) return inside;
  if (KNOT + width + 3 <= free) return { x: room + KNOT, width, within: false };
  return within(label.split(' ')[0]!) ? inside : null;
}

export const xOf = (zoom: number, t: number): number => PAD + t * zoom;
export const top = (row: number): number => RULER + row * ROW;

/** Where a block is drawn, perhaps shifted or stretched by the hand (seconds). */
export const blockBox = (block: BeatBlock, zoom: number, shift = 0, stretch = 0) => ({
  x: xOf(zoom, block.from + shift),
  y: top(block.row) + 1.5,
  width: Math.max(block.instant ? 9 : 5, (block.to - block.from + stretch) * zoom),
});
