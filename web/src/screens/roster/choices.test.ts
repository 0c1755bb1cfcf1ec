import type { Player } from '@corkscrew/core';
import { presenceOn } from '@corkscrew/core';
import { describe, expect, it } from 'vitest';
import { speedsWith, withPresence } from './choices.ts';

const DAY = '2026-11-29';
const man = (out: Player['out']): Player => ({
  ...{ jersey: '4', name: 'Marlow, Bea', plays: [], hand: 'right', speed: 1 },
  ...{ skills: {}, cleared: [], out },
});

describe('who is in today', () => {
  it('is said from today on, and what is written of other days stays', () => {
    const before = { from: '2026-11-01', to: '2026-11-05', as: 'out' } as const;
    const after = { from: '2026-12-20', to: '2026-12-22', as: 'limited' } as const;
    const out = withPresence(man([before, after]), DAY, 'out');
    expect(out.out).toEqual([before, after, { from: DAY, as: 'out' }]);
    expect(presenceOn(out, DAY)).toBe('out');
    expect(withPresence(out, DAY, 'in').out).toEqual([before, after]);
  });

  it('takes away all that spoke of today', () => {
    const both = man([
      { from: '2026-11-20', as: 'limited' },
      { from: '2026-11-29', to: '2026-11-29', as: 'out' },
    ]);
    for (const as of ['in', 'limited', 'out'] as const)
      expect(presenceOn(withPresence(both, DAY, as), DAY)).toBe(as);
  });
});

describe('speeds to choose from', () => {
  it('are the usual ones, and a man’s own in its place', () => {
    const usual = speedsWith(1);
    expect(usual.map(([s]) => Number(s))).toEqual([0.85, 0.9, 0.95, 1, 1.05, 1.1, 1.15]);
    expect(usual.find(([s]) => s === '1')![1]).toBe('As most');
    const own = speedsWith(1.08);
    expect(own.map(([s]) => Number(s))).toEqual([0.85, 0.9, 0.95, 1, 1.05, 1.08, 1.1, 1.15]);
    expect(own.find(([s]) => s === '1.08')![1]).toBe('8 % faster');
    expect(speedsWith(0.92).find(([s]) => s === '0.92')![1]).toBe('8 % slower');
  });
});
