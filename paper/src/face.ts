import * as fontkit from 'fontkit';
import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';

/** The cuts of the app's fonts that paper is set in: headings, items, labels, and text to be read. */
export const FACES = ['head', 'item', 'label', 'body', 'strong'] as const;
export type Face = (typeof FACES)[number];

export const facePath = (face: Face): string =>
  fileURLToPath(new URL(`../fonts/${face}.ttf`, import.meta.url));

interface Letters {
  readonly font: fontkit.Font;
  readonly widths: Map<string, number>;
}
const opened = new Map<Face, Letters>();
function lettersOf(face: Face): Letters {
  let known = opened.get(face);
  if (!known) {
    known = { font: fontkit.create(readFileSync(facePath(face))) as fontkit.Font, widths: new Map() };
    opened.set(face, known);
  }
  return known;
}

/** Signs that have a near relative in the fonts. */
const KIN: Readonly<Record<string, string>> = {
  '→': '›',
  '←': '‹',
  '′': '’',
  '″': '”',
  '\u00a0': ' ',
  '\t': ' ',
};
const SHOWN = '?';

/** A text as the fonts can show it: a letter they lack is a question mark, and is told. */
export function showable(text: string, face: Face, lacks?: Set<string>): string {
  const { font } = lettersOf(face);
  let out = '';
  for (const sign of text.normalize('NFC')) {
    const code = sign.codePointAt(0)!;
    if (code < 32 || (code >= 0x200b && code <= 0x200f) || (code >= 0x202a && code <= 0x202e)) continue;
    if (font.hasGlyphForCodePoint(code)) out += sign;
    else if (KIN[sign] !== undefined && font.hasGlyphForCodePoint(KIN[sign].codePointAt(0)!))
      out += KIN[sign];
    else {
      lacks?.add(sign);
      out += SHOWN;
    }
  }
  return out;
}

/** How wide a text is set, points. Letters are set side by side, without kerning: everywhere the same. */
export function widthOf(text: string, face: Face, size: number): number {
  const { font, widths } = lettersOf(face);
  let sum = 0;
  for (const sign of text) {
    let w = widths.get(sign);
    if (w === undefined) {
      w = font.glyphForCodePoint(sign.codePointAt(0)!).advanceWidth / font.unitsPerEm;
      widths.set(sign, w);
    }
    sum += w;
  }
  return sum * size;
}
