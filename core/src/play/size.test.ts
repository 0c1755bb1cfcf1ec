import { describe, expect, it } from 'vitest';
import { bytesOf, deeperThan, utf8Length } from './size.ts';

/** Bytes by the platform's own encoder. */
const encoded = (text: string): number => new TextEncoder().encode(text).length;

const TEXTS = [
  ...['', 'plain words', '"quoted"', 'back\\slash', 'a\tb\nc', '\u0000\u001f\u007f', 'Größe', 'नमस्ते'],
  ...['🏀 and 🏀', 'half \ud83c', '\udfc0 half', '\u2028\u2029', '[]^_`{|}~', '#$%&'],
];

describe('bytes', () => {
  it.each(TEXTS)('of %j in UTF-8 are those of the encoder (WHATWG Encoding)', (text) => {
    expect(utf8Length(text)).toBe(encoded(text));
  });
  it.each(TEXTS)('of %j as JSON, as a value and as a field', (text) => {
    expect(bytesOf(text)).toBe(encoded(JSON.stringify(text)));
    const object = { [text]: [text, 1.5, -0, 1e21, null, true], gone: undefined };
    expect(bytesOf(object)).toBe(encoded(JSON.stringify(object)));
  });
  it('of what is empty, and of what is measured twice', () => {
    const shared = { a: [{}, [], ''] };
    expect(bytesOf(shared)).toBe(JSON.stringify(shared).length);
    expect(bytesOf([shared, shared])).toBe(JSON.stringify([shared, shared]).length);
  });
});

it('how deep a value goes is told without going deeper', () => {
  let nested: unknown = 1;
  for (let i = 0; i < 5000; i++) nested = [nested];
  expect(deeperThan(nested, 1000)).toBe(true);
  expect(deeperThan([[1]], 2)).toBe(false);
  expect(deeperThan([[1]], 1)).toBe(true);
});
