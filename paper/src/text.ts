import { widthOf, type Face } from './face.ts';

/** A text broken into lines of a width; a word too long for one is broken within. */
export function wrap(text: string, face: Face, size: number, width: number): string[] {
  const lines: string[] = [];
  for (const paragraph of text.split(/\n/)) {
    let line = '';
    for (const word of paragraph.split(/ +/)) {
      const whole = line === '' ? word : `${line} ${word}`;
      if (widthOf(whole, face, size) <= width) {
        line = whole;
        continue;
      }
      if (line !== '') lines.push(line);
      line = word;
      while (widthOf(line, face, size) > width && line.length > 1) {
        let n = line.length - 1;
        while (n > 1 && widthOf(line.slice(0, n), face, size) > width) n -= 1;
        lines.push(line.slice(0, n));
        line = line.slice(n);
      }
    }
    lines.push(line);
  }
  return lines;
}

/** As much of a text as one line takes, with an ellipsis where it was cut. */
export function cutTo(text: string, face: Face, size: number, width: number): string {
  if (widthOf(text, face, size) <= width) return text;
  let n = text.length;
  while (n > 0 && widthOf(`${text.slice(0, n).trimEnd()}…`, face, size) > width) n -= 1;
  return n === 0 ? '' : `${text.slice(0, n).trimEnd()}…`;
}

/** Lines of a text, the last of as many as there is room for cut. */
export function wrapTo(text: string, face: Face, size: number, width: number, most: number): string[] {
  const all = wrap(text, face, size, width);
  if (all.length <= most) return all;
  return [...all.slice(0, most - 1), cutTo(`${all.slice(most - 1).join(' ')} …`, face, size, width)];
}
