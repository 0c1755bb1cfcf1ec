import { LIMITS } from './limits.ts';

const characters = new Intl.Segmenter(undefined, { granularity: 'grapheme' });

/** A text cut to at most `max` units, at whole characters: no half emoji, no lost accent. */
export function cutText(text: string, max: number): string {
  if (text.length <= max) return text;
  let end = 0;
  for (const { index, segment } of characters.segment(text)) {
    if (index + segment.length > max) break;
    end = index + segment.length;
  }
  return text.slice(0, end);
}

/** A name with something behind it that tells it apart, cut where it must be: "Lantern (copy)". */
export const suffixed = (name: string, suffix: string): string =>
  `${cutText(name, LIMITS.name - suffix.length)}${suffix}`;
