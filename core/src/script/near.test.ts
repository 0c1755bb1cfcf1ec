import { describe, expect, it } from 'vitest';
import { nearest } from './near.ts';

describe('what somebody may have meant', () => {
  const words = ['cuts', 'curls', 'pops', 'passes', 'screens', 'left slot', 'left short corner'];
  it.each([
    ['popps', 'pops'],
    ['pasess', 'passes'],
    ['CUTS', 'cuts'],
    ['screen', 'screens'],
    ['left slott', 'left slot'],
    ['left shrot corner', 'left short corner'],
  ])('%s: %s', (written, meant) => expect(nearest(written, words)).toBe(meant));
  it('is nobody’s guess where it is too far off, or no word at all', () => {
    expect(nearest('elephant', words)).toBeUndefined();
    expect(nearest('x'.repeat(500), words)).toBeUndefined();
    expect(nearest('', words)).toBeUndefined();
    expect(nearest('cuts', [])).toBeUndefined();
  });
});
