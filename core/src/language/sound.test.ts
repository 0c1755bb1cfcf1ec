import { describe, expect, it } from 'vitest';
import { heardAlike, rhymeLetters } from './sound.ts';

const s = (text: string): string[] => text.split(' ');

/** Sounds as the CMU Pronouncing Dictionary writes them (from memory, checked against it in the web's tests). */
const WORDS = {
  tide: s('T AY1 D'),
  slide: s('S L AY1 D'),
  type: s('T AY1 P'),
  kite: s('K AY1 T'),
  tow: s('T OW1'),
  toe: s('T OW1'),
  pilot: s('P AY1 L AH0 T'),
  pirate: s('P AY1 R AH0 T'),
  dog: s('D AO1 G'),
  fog: s('F AA1 G'),
  bell: s('B EH1 L'),
  ball: s('B AO1 L'),
} as const;
type Name = keyof typeof WORDS;

describe('what carries of a word across a gym', () => {
  it.each<[Name, Name, ReturnType<typeof heardAlike>]>([
    ['tow', 'toe', 'same'],
    ['tide', 'slide', 'rhyme'],
    ['tide', 'kite', 'near'],
    ['pilot', 'pirate', 'near'],
    ['dog', 'fog', 'near'],
    ['tide', 'type', null],
    ['bell', 'ball', null],
    ['tide', 'pilot', null],
  ])('%s and %s: %s', (a, b, heard) => {
    expect(heardAlike(WORDS[a], WORDS[b])).toBe(heard);
    expect(heardAlike(WORDS[b], WORDS[a])).toBe(heard);
  });
  it('what has no sounds is like nothing', () => {
    expect(heardAlike([], WORDS.tide)).toBeNull();
    expect(heardAlike(['S', 'T'], WORDS.tide)).toBeNull();
  });
  it('the letters a rhyme is written with', () => {
    expect('slide'.slice(rhymeLetters('slide'))).toBe('ide');
    expect('swell'.slice(rhymeLetters('swell'))).toBe('ell');
    expect('tow'.slice(rhymeLetters('tow'))).toBe('ow');
    expect(rhymeLetters('x')).toBe(0);
  });
});
