import { describe, expect, it } from 'vitest';
import { clockWords } from './clock.ts';

describe('the clock of a block', () => {
  it.each([
    [365, '6:05'],
    [60, '1:00'],
    [59.9, '0:59'],
    [0, '0:00'],
    [-0.9, '0:00'],
    [-1, '+0:01'],
    [-20, '+0:20'],
    [-75, '+1:15'],
    [3600, '60:00'],
  ])('%d seconds are %s', (seconds, words) => {
    expect(clockWords(seconds)).toBe(words);
  });
});
