import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { linesOf } from './lines.ts';

const words = (text: string): string[][] => linesOf(text).map((l) => l.tokens.map((t) => t.text));
const types = (text: string): string[] => linesOf(text).flatMap((l) => l.tokens.map((t) => t.type));

describe('lines and words of a text', () => {
  it('are told apart; spaces, empty lines and what is behind a # are nothing', () => {
    expect(words('1 passes to 4  # now\n\n   \n# only this\n3 cuts to (4.5, -2)')).toEqual([
      ['1', 'passes', 'to', '4'],
      ['3', 'cuts', 'to', '(', '4.5', ',', '-2', ')'],
    ]);
  });
  it('have their kinds: a zone is no sum, a share no number, a man of theirs a word', () => {
    expect(types('2-3 1-2-2 45% 0.5 -1e-7 @2.3 @4 x4 V-cuts “x” "a \\" b" ! ?')).toEqual(
      [
        ...['zone', 'zone', 'percent', 'number', 'number', 'ref', 'ref', 'word', 'word'],
        ...['word', 'word', 'word', 'text', 'punct', 'other'],
      ].filter((_, i) => i !== 9 && i !== 10),
    );
  });
  it('keep their numbers whatever ends a line', () => {
    expect(linesOf('a\r\nb\rc\n\nd\u2028e').map((l) => l.number)).toEqual([1, 2, 3, 5, 6]);
  });
  it('lie where they say, whatever the text', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme', maxLength: 200 }), (text) => {
        let last = 0;
        for (const line of linesOf(text))
          for (const token of line.tokens) {
            expect(token.from).toBeGreaterThanOrEqual(last);
            expect(text.slice(token.from, token.to)).toBe(token.text);
            last = token.to;
          }
      }),
    );
  });
});

describe('a text read after another', () => {
  const BASE = `set horns, ball 1\n1: "Start"\n  1 passes to 4, when 3 cuts # why\n  3 screens for 2, at left wing, sprint\nif x4 drops\n`;
  /** Read by itself: a text of its own before it leaves nothing to go on from. */
  const alone = (text: string) => {
    linesOf('"');
    return linesOf(text);
  };
  it.each([
    ['a word in the middle', BASE.replace('passes', 'throws')],
    ['a quotation mark opened', BASE.replace('"Start"', '"Start')],
    ['a comment begun', BASE.replace('sprint', '# sprint')],
    ['two lines made one', BASE.replace('# why\n', '# why ')],
    ['a line in between', BASE.replace('if x4', '2:\n  4 shoots\nif x4')],
    ['nothing left', ''],
    ['the same twice over', BASE + BASE],
    ['its end alone', BASE.slice(-20)],
    ['another sign before a number', BASE.replace('1 passes', '-1 passes')],
    ['a man more', BASE.replace('x4', 'x45-6')],
  ])('is read as by itself: %s', (_what, text) => {
    const lines = alone(text);
    linesOf(BASE);
    expect(linesOf(text)).toEqual(lines);
    expect(linesOf(BASE)).toEqual(alone(BASE));
  });
  it('however it was changed, place by place', () => {
    for (let at = 0; at <= BASE.length; at++)
      for (const put of ['"', '\n', '#', '-', 'a', '']) {
        const text = BASE.slice(0, at) + put + BASE.slice(at + (at % 3));
        linesOf(BASE);
        const after = linesOf(text);
        expect(after).toEqual(alone(text));
      }
  });
});
