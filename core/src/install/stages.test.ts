import { describe, expect, it } from 'vitest';
import { addDays } from '../calendar/day.ts';
import { progressOf, retentionOn, strengthOf, type BlockStage, type Done, type Went } from './stages.ts';

const START = '2026-11-02';
const done = (on: number, stage: BlockStage | 'game', more: Partial<Done> = {}): Done => ({
  ...{ day: addDays(START, on), stage, minutes: 5, clean: null, tried: null, went: 'well' },
  ...more,
});
const live = (on: number, clean = 4): Done => done(on, 'live', { clean, tried: 7 });
const on = (n: number, ...all: Done[]) => progressOf(all, addDays(START, n));

describe('stages come from what was done (common practice)', () => {
  it('nothing done is drawn, one walk introduced, the same day again still introduced', () => {
    expect(on(0).stage).toBe('drawn');
    expect(on(0, done(0, 'walk')).stage).toBe('introduced');
    expect(on(0, done(0, 'walk'), done(0, 'guided')).stage).toBe('introduced');
    expect(on(1, done(0, 'walk'), done(1, 'guided')).stage).toBe('reviewed');
  });
  it('what is still to come does not count', () => {
    expect(on(0, done(0, 'walk'), done(1, 'guided')).stage).toBe('introduced');
  });
  it('ten live minutes and eight clean repetitions make it live, neither alone', () => {
    const taught = [done(0, 'walk'), done(1, 'guided')];
    expect(on(5, ...taught, live(3), live(5)).stage).toBe('live');
    expect(on(5, ...taught, live(3, 3), live(5, 3)).stage).toBe('reviewed');
    expect(on(5, ...taught, live(5, 9)).stage).toBe('reviewed');
  });
  it('used again within two weeks it is settled; after that it falls back to live', () => {
    const all = [done(0, 'walk'), done(1, 'guided'), live(3), live(5), done(8, 'game', { minutes: 0 })];
    expect(on(8, ...all)).toMatchObject({ stage: 'settled', faded: false });
    expect(on(22, ...all).stage).toBe('settled');
    expect(on(27, ...all)).toMatchObject({ stage: 'live', faded: true, since: 19 });
  });
});

/** exp(−t/S) after blocks on days, by the formula written out a second time. */
function closedForm(days: readonly number[], bad: readonly number[]): number {
  let s = 3;
  for (let i = 1; i < days.length; i++) {
    const r = Math.exp(-(days[i]! - days[i - 1]!) / s);
    s = bad.includes(days[i]!) ? Math.max(2, 0.7 * s) : Math.min(40, s * (1 + 1.6 * Math.min(0.5, 1 - r)));
  }
  return s;
}

describe('retention', () => {
  const rows: { days: number[]; bad: number[]; s: number; r: number }[] = [
    { days: [0, 1, 2, 3, 4], bad: [], s: 8.8, r: 0.2 },
    { days: [0, 2, 4, 7, 9, 11, 14, 16, 18, 21, 23, 25], bad: [], s: 39.3, r: 0.7 },
    { days: [0, 2, 7, 16, 32], bad: [], s: 31.1, r: 0.64 },
    { days: [0, 2, 4, 7, 9], bad: [4], s: 9.5, r: 0.23 },
  ];
  it.each(rows)('blocks on days $days: S $s, and $r two weeks later', ({ days, bad, s, r }) => {
    const all = days.map((d) => ({
      day: addDays(START, d),
      went: (bad.includes(d) ? 'badly' : 'well') as Went,
    }));
    expect(strengthOf(all)).toBeCloseTo(closedForm(days, bad), 9);
    expect(Math.abs(strengthOf(all)! - s)).toBeLessThan(0.75);
    expect(retentionOn(all, addDays(START, days.at(-1)! + 14))).toBeCloseTo(r, 1);
  });
  it('grows only on another day', () => {
    const twice = ['well', 'well'].map((went) => ({ day: START, went: went as Went }));
    expect(strengthOf(twice)).toBe(3);
    expect(retentionOn(twice, START)).toBe(1);
    expect(retentionOn([], START)).toBe(0);
  });
});
