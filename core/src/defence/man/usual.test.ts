import { describe, expect, it } from 'vitest';
import { SEATS } from '../../geometry/five.ts';
import type { Board, Shake, XY } from '../board.test-data.ts';
import { defend } from '../board.test-data.ts';
import { act, cut, drib, hold, screen } from './facts/measure.test-data.ts';
import { judgedOver } from './judge.test-data.ts';
import { stopped, STOPPERS, USUAL } from './usual.test-data.ts';

const SEEDS = 24;
const MOST = 0.6;
const shakes = (level: Shake['level']): Shake[] =>
  Array.from({ length: SEEDS }, (_, i) => ({ level, seed: i + 1, less: true, mirrored: i % 2 === 1 }));
const HS: Shake = { level: 'highSchool' };

describe('the usual answers (common practice), on shaken boards', () => {
  it.each(USUAL)('$key', ({ judge, open, worth }) => {
    const seen = judgedOver(SEEDS, judge);
    expect(seen.open >= MOST).toBe(open);
    if (worth !== undefined) expect(Math.abs(seen.worth - worth)).toBeLessThan(0.12);
  });
});

describe('who stops a drive (common practice: never by number)', () => {
  it.each(STOPPERS)('$key', ({ board, who }) => {
    for (const s of shakes('highSchool')) expect(stopped(board, s).who).toBe(who);
    for (const level of ['college', 'pro'] as const) expect(stopped(board, { level }).who).toBe(who);
  });
  it('with the numbers swapped the same man goes', () => {
    const { board, who } = STOPPERS[0]!;
    const swap = (n: string): string => ({ '2': '5', '5': '2' })[n] ?? n;
    const places = Object.fromEntries(Object.entries(board.places).map(([p, at]) => [swap(p), at]));
    const swapped = { ...board, places: places as Board['places'] };
    const [a, b] = [stopped(board, HS), stopped(swapped, HS)];
    expect(`${b.who + 1}`).toBe(swap(`${who + 1}`));
    expect(b.after).toBeCloseTo(a.after, 9);
  });
  it('the strong corner is left alone; lifted, his man is the one who helps', () => {
    const board = (second: XY): Board => ({
      places: { '1': [8, 26], '2': second, '3': [-20, 16], '4': [-8, 26], '5': [-8.5, 5] },
      frames: [[drib('1', [12, 19, 4, 8], { id: 'drive', kind: 'attack' })], [hold('1', 0.5)]],
    });
    const helps = (b: Board): boolean => {
      const d = defend(b, { help: 'weakCorner' });
      return Array.from({ length: d.rails.steps }, (_, k) => d.attends[k * 5 + 1]).includes(0);
    };
    /** How near 2's man comes to the ball while it is driven, feet. */
    const nearest = (b: Board): number => {
      const d = defend(b, { help: 'weakCorner' });
      const { start, end } = d.rails.timeline.actions.find((a) => a.action.id === 'drive')!;
      const steps = Array.from(
        { length: Math.floor((end - start) * 60) },
        (_, i) => (Math.round(start * 60) + i) * 5,
      );
      return Math.min(
        ...steps.map((k) => Math.hypot(d.x[k + 1]! - d.rails.x[k]!, d.y[k + 1]! - d.rails.y[k]!)),
      );
    };
    const [corner, lifted] = [board([22, 3.5]), board([19.5, 16])];
    expect(helps(corner)).toBe(false);
    expect(helps(lifted)).toBe(true);
    expect(nearest(lifted)).toBeLessThan(nearest(corner) - 4);
  });
});

/** A ball screen on top with the screener some feet off. */
const offBy = (dx: number, dy: number): Board => ({
  places: { '1': [0, 27], '2': [22, 3.5], '3': [-22, 3.5], '4': [-10, 26], '5': [4, 19] },
  frames: [
    [screen('5', '1', [2.4 + dx, 24.6 + dy], { hold: 4 }), drib('1', [2.6, 27.2, 9.5, 22.5])],
    [hold('1', 1.5)],
  ],
});

describe('bodies', () => {
  it('a standing screener holds the man who goes over him for about half a second, not for long by half a foot', () => {
    for (const [dx, dy] of [-1, -0.5, 0, 0.5, 1].flatMap((x) => [-1, 0, 1].map((y) => [x, y] as const))) {
      const d = defend(offBy(dx, dy), { onBall: 'stay' });
      let held = 0;
      for (let k = 0; k < d.rails.steps; k++) {
        const [i, j] = [k * 5, k * 5 + 4];
        const near = Math.hypot(d.x[i]! - d.rails.x[j]!, d.y[i]! - d.rails.y[j]!) < 2.7;
        if (near && k * d.rails.dt > d.rails.timeline.screens[0]!.set) held += d.rails.dt;
      }
      expect(held).toBeLessThan(1.2);
    }
  });
  it('nobody jumps at the start, and everybody starts in bounds', () => {
    const edge: Board = {
      places: { '1': [0, -3], '2': [24.5, 2], '3': [-24.5, 1], '4': [1, 5.25], '5': [-8, 7] },
      frames: [[hold('1', 1)]],
    };
    for (const b of [edge, offBy(0, 0), STOPPERS[0]!.board]) {
      const d = defend(b);
      for (const i of SEATS) {
        expect(Math.abs(d.x[i]!)).toBeLessThanOrEqual(24);
        expect(d.y[i]!).toBeGreaterThanOrEqual(1);
        expect(Math.hypot(d.x[5 + i]! - d.x[i]!, d.y[5 + i]! - d.y[i]!)).toBeLessThan(0.05);
      }
    }
  });
  it('after a switch each guards the man he took: nobody is guarded by two, and nobody left', () => {
    const twice: Board = {
      places: { '1': [0, 27], '2': [18, 18], '3': [-22, 3.5], '4': [-10, 26], '5': [4, 19] },
      frames: [
        [screen('5', '1', [2.4, 24.6]), drib('1', [2.6, 27.2, 9.5, 22.5]), cut('5', [1, 6.5])],
        [
          act({ id: 'second', by: '4', does: 'screen', for: '1', path: [{ x: 7, y: 22 }] }),
          drib('1', [4, 24, -6, 22]),
        ],
        [hold('1', 1)],
      ],
    };
    for (const s of shakes('highSchool')) {
      const d = defend(twice, { onBall: 'switch', offBall: 'switch' }, s);
      expect(d.events.filter((e) => e.is === 'switch').length).toBeGreaterThan(0);
      for (let k = 0; k < d.rails.steps; k++)
        expect(new Set(SEATS.map((i) => d.guards[k * 5 + i])).size).toBe(5);
    }
  });
});

describe('a handoff that is shown and kept', () => {
  const keep: Board = {
    places: { '1': [12, 22], '2': [-4, 24], '3': [-22, 4], '4': [22, 4], '5': [-7, 8] },
    ball: '2',
    frames: [
      [
        act({
          id: 'fake',
          by: '2',
          does: 'fake',
          of: 'handoff',
          to: '1',
          cue: { on: 'run', event: 'at', at: 0.3 },
        }),
        cut('1', [-3, 26.5, -14, 22], { id: 'run' }),
      ],
      [drib('2', [4, 16, 1.5, 7], { id: 'keep', cue: { on: 'run', event: 'at', at: 0.6 } })],
      [hold('2')],
    ],
  };
  it('is met as a handoff is, each coverage its own way', () => {
    const paths = (['drop', 'show', 'switch', 'under', 'trap'] as const).map((onBall) => {
      const d = defend(keep, { onBall, handoff: onBall });
      const t = d.rails.timeline.actions.find((a) => a.action.id === 'keep')!.start;
      const k = Math.round(t / d.rails.dt) * 5;
      return [0, 1].map((i) => `${d.x[k + i]!.toFixed(1)},${d.y[k + i]!.toFixed(1)}`).join(' ');
    });
    expect(new Set(paths).size).toBeGreaterThanOrEqual(4);
  });
});
