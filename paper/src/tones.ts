import type { Tone } from '@corkscrew/diagram';
import type { Ink } from './page.ts';

/** Black only, so that a copier keeps every line: shape and texture carry every difference. */
export const INKS: Readonly<Record<Ink, string>> = {
  black: '#000000',
  grey: '#333333',
  line: '#8d8d8d',
  paint: '#f2f2f2',
  white: '#ffffff',
};

/** What the roles of a diagram become on paper. */
export const TONES: Readonly<Record<Tone, string>> = {
  ink: INKS.black,
  ink2: INKS.grey,
  ink3: INKS.grey,
  live: INKS.black,
  pen: INKS.black,
  penWash: INKS.white,
  gap: INKS.black,
  gapWash: INKS.white,
  def: INKS.grey,
  shade: INKS.line,
  court: INKS.line,
  paint: INKS.paint,
  sheet: INKS.white,
  raised: INKS.white,
  onInk: INKS.white,
};
