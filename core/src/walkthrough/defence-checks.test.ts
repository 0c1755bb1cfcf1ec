import { describe, expect, it } from 'vitest';
import { courtFor } from '../court/rulesets.ts';
import { playFrom, way, type Board } from '../defence/board.test-data.ts';
import { playAgainst } from '../look/against.ts';
import { compile } from '../motion/compile.ts';
import { levelRecord } from '../motion/level.ts';
import type { Action, Defence, Play } from '../play/document.ts';
import { mainLine } from '../play/tree.ts';
import { walkThrough } from './walkthrough.ts';

const act = (a: object) => a as Omit<Action, 'id'>;
const hold = (by: string, seconds = 1.5) => act({ by, does: 'hold', seconds });
const man = (d: Partial<Defence> = {}): Defence => ({
  id: 'd',
  name: 'Man',
  type: 'man',
  help: 'none',
  ...d,
});
const zone = (key: string, d: Partial<Defence> = {}): Defence => ({
  id: 'd',
  name: key,
  type: 'zone',
  zone: key,
  ...d,
});

function told(board: Board, defence: Defence | null, change: Partial<Play> = {}) {
  const play = { ...playFrom(board), ...change };
  const court = courtFor(play);
  const line = mainLine(play);
  const compiled = compile(play, line.at(-1)!.id, court, play.level);
  const against = defence && playAgainst(play, compiled.timeline, defence, court, levelRecord(play.level));
  return walkThrough(play, line, { compiled, against });
}
const codes = (...args: Parameters<typeof told>): string[] => told(...args).map((f) => f.code);

const FIVE_OUT: Board['places'] = {
  '1': [0, 27],
  '2': [-18.5, 18],
  '3': [18.5, 18],
  '4': [-22, 3.5],
  '5': [22, 3.5],
};
const everyone = ['x1', 'x2', 'x3', 'x4', 'x5'] as const;
const swing: Board = {
  places: FIVE_OUT,
  frames: [[hold('1', 1)], [act({ by: '1', does: 'pass', to: '2' })], [hold('2', 0.5)]],
};
const ballScreen = (...more: Omit<Action, 'id'>[]): Board => ({
  places: { '1': [0, 27], '2': [-22, 3.5], '3': [22, 3.5], '4': [10, 26], '5': [4, 19] },
  frames: [
    [
      act({ by: '5', does: 'screen', for: '1', path: way([-2.4, 24.6]), tempo: 'cut' }),
      act({ by: '1', does: 'dribble', path: way([-2.6, 27.2, -9.5, 22.5]), tempo: 'sprint' }),
      act({ by: '5', does: 'cut', path: way([-1, 6.5]), tempo: 'sprint' }),
    ],
    [hold('1', 1), ...more],
  ],
});

describe('checks that need a defence', () => {
  it('say nothing without one', () => {
    const alone = told(swing, null);
    expect(alone.filter((f) => f.group === 'defence')).toEqual([]);
    expect(alone.map((f) => f.code)).not.toContain('closely-guarded');
  });

  it('lane-contested: a pass to a man who is denied', () => {
    const found = told(swing, man({ deny: [...everyone] })).find((f) => f.code === 'lane-contested')!;
    expect(found.sentence).toMatch(
      /^x2 is in the lane of 1's pass to 2: his hand is there 0\.\d s before the ball\.$/,
    );
    expect(found.severity).toBe('breaks');
    expect(codes(swing, man())).not.toContain('lane-contested');
  });

  it('pass-window: a pass before the cutter is free, and its mend', () => {
    const curl = (at: number): Board => ({
      places: { '1': [-3, 27], '2': [22, 4.5], '3': [-22, 3.5], '4': [-18, 19], '5': [11, 17] },
      frames: [
        [
          act({ id: 'screen', by: '5', does: 'screen', for: '2', path: way([17.4, 8.4]), tempo: 'cut' }),
          act({
            by: '2',
            does: 'cut',
            path: way([19.3, 10, 15.2, 10.4, 3, 6.5]),
            tempo: 'sprint',
            cue: { on: 'screen', event: 'set' },
          }),
          act({ by: '1', does: 'pass', to: '2', cue: { on: 'frame', delay: at } }),
        ],
      ],
    });
    const found = told(curl(1), man({ offBall: 'trail' })).find((f) => f.code === 'pass-window')!;
    expect(found.sentence).toMatch(/^The pass to 2 comes 0\.\d s early: he is free from \d\.\d to \d\.\d\.$/);
    expect(found.mends[0]!.words).toMatch(/^Throw it at \d\.\d$/);
    expect(codes(curl(2.4), man({ offBall: 'trail' }))).not.toContain('pass-window');
  });

  it('closely-guarded: five seconds by the book, and none in the US professional one', () => {
    const still = (seconds: number): Board => ({ places: FIVE_OUT, frames: [[hold('1', seconds)]] });
    expect(codes(still(6), man())).toContain('closely-guarded');
    expect(codes(still(3), man())).not.toContain('closely-guarded');
    expect(codes(still(6), man(), { court: 'usPro' })).not.toContain('closely-guarded');
    // Out of bounds he has the five seconds of a throw-in, and no others.
    const outside: Board = { places: { ...FIVE_OUT, '1': [8, -3] }, frames: [[hold('1', 6)]] };
    expect(codes(outside, man())).not.toContain('closely-guarded');
  });

  it('blind-screen: a screen right behind a man who does not see it', () => {
    const back = (x: number, y: number): Board => ({
      places: { '1': [-7, 26], '2': [-22, 3.5], '3': [18.5, 18.5], '4': [-19, 17], '5': [9, 9.5] },
      frames: [
        [
          hold('1', 1),
          act({ by: '5', does: 'screen', for: '3', path: way([x, y]), back: true }),
          act({ by: '3', does: 'cut', path: way([13, 12.2, 2.5, 6]), tempo: 'sprint' }),
        ],
        [hold('1', 1)],
      ],
    });
    expect(codes(back(11.2, 14.4), man({ offBall: 'stay', watches: ['x3'] }))).toContain('blind-screen');
    expect(codes(back(8.5, 11.5), man({ offBall: 'stay', watches: ['x3'] }))).not.toContain('blind-screen');
  });

  it('look-open: a shot with a man on it, and one without', () => {
    const shot: Board = { places: FIVE_OUT, frames: [[hold('1', 1)], [act({ by: '1', does: 'shot' })]] };
    expect(codes(shot, man())).toContain('look-open');
    const skip: Board = {
      places: { ...FIVE_OUT, '1': [-18.5, 17], '2': [0, 27] },
      frames: [[act({ by: '1', does: 'pass', to: '3', kind: 'skip' }), act({ by: '3', does: 'shot' })]],
    };
    expect(codes(skip, zone('2-3'))).not.toContain('look-open');
  });

  it('wrong-shoulder: a handler who goes where nothing is between him and his man; a reject is meant', () => {
    const off = (path: readonly number[], kind?: string): Board => ({
      places: { '1': [0, 27], '2': [-22, 3.5], '3': [22, 3.5], '4': [10, 26], '5': [4, 19] },
      frames: [
        [
          act({ by: '5', does: 'screen', for: '1', path: way([2.6, 24.6]), tempo: 'cut' }),
          act({ by: '1', does: 'dribble', path: way(path), tempo: 'sprint', ...(kind ? { kind } : {}) }),
        ],
        [hold('1', 1)],
      ],
    });
    for (const onBall of ['drop', 'show', 'under'] as const) {
      expect(codes(off([2.8, 27.2, 9.5, 22.5]), man({ onBall }))).not.toContain('wrong-shoulder');
      expect(codes(off([-1.2, 25.5, -8, 18]), man({ onBall }))).toContain('wrong-shoulder');
      expect(codes(off([-1.2, 25.5, -8, 18], 'reject'), man({ onBall }))).not.toContain('wrong-shoulder');
    }
  });

  it('screen-missed: a flare set when the ball has been thrown elsewhere; in time, it is not told', () => {
    const flare = (early: boolean): Board => ({
      places: { '1': [0, 27], '2': [15, 21], '3': [-17, 18], '4': [9, 24], '5': [-8, 8] },
      frames: [
        [
          act({
            id: 'flare',
            by: '4',
            does: 'screen',
            for: '2',
            path: way([16.5, 17.5]),
            kind: 'flare',
            tempo: 'jog',
          }),
          act({ id: 'cut', by: '2', does: 'cut', path: way([19.5, 17, 22, 6]), tempo: 'cut' }),
          act({
            by: '1',
            does: 'pass',
            to: early ? '2' : '3',
            cue: early ? { on: 'cut', event: 'at', at: 0.7 } : { on: 'frame', delay: 0.2 },
          }),
        ],
        [hold(early ? '2' : '3', 1)],
      ],
    });
    expect(codes(flare(false), man())).toContain('screen-missed');
    expect(codes(flare(true), man())).not.toContain('screen-missed');
  });

  it('help-unseen and close-out-unused: the corner a tag comes from, and nobody looks there', () => {
    const found = codes(ballScreen(), man({ onBall: 'show', help: 'weakCorner' }));
    expect(found).toContain('help-unseen');
    // Nobody shoots, so nothing is taken that could be worth less.
    expect(found).not.toContain('close-out-unused');
    const forced = ballScreen(act({ by: '1', does: 'shot' }));
    expect(codes(forced, man({ onBall: 'show', help: 'weakCorner' }))).toContain('close-out-unused');
    const thrown = ballScreen(act({ by: '1', does: 'pass', to: '3', kind: 'skip' }));
    expect(codes(thrown, man({ onBall: 'show', help: 'weakCorner' }))).not.toContain('help-unseen');
  });

  it('no-outlet: two on the ball and every lane denied', () => {
    const corner: Board = {
      places: { '1': [22, 3.5], '2': [10.5, 15], '3': [6, 7], '4': [-2, 6.5], '5': [2, 7] },
      frames: [[hold('1', 2.5)]],
    };
    expect(codes(corner, zone('1-3-1'))).toContain('no-outlet');
    const spread: Board = { ...corner, places: { ...corner.places, '2': [18, 20], '5': [2, 19] } };
    expect(codes(spread, zone('1-3-1'))).not.toContain('no-outlet');
  });

  it('soft-empty and backside: all five on one side of a zone', () => {
    const bunched: Board = {
      places: { '1': [18, 17], '2': [14, 22], '3': [13, 12], '4': [9, 8], '5': [16, 8] },
      frames: [
        [hold('1', 1)],
        [act({ by: '1', does: 'pass', to: '2' })],
        [act({ by: '2', does: 'pass', to: '1' })],
        [hold('1', 1)],
      ],
    };
    expect(codes(bunched, zone('2-3'))).toContain('backside');
    const spread: Board = {
      ...bunched,
      places: { ...bunched.places, '3': [-20, 17], '4': [-22, 4], '5': [22, 4] },
    };
    const found = codes(spread, zone('2-3'));
    expect(found).not.toContain('backside');
    expect(found).not.toContain('soft-empty');
    const nobody: Board = {
      ...bunched,
      places: { ...bunched.places, '1': [0, 26], '2': [4, 30], '3': [-4, 30], '4': [3, 23], '5': [-3, 23] },
    };
    expect(codes(nobody, zone('2-3'))).toContain('soft-empty');
  });

  it('defence-written: what of a defence could not be played', () => {
    const found = told(swing, man({ matchup: { x1: '2', x2: '2' } })).filter(
      (f) => f.code === 'defence-written',
    );
    expect(found.map((f) => f.sentence).join(' ')).toContain('x1 and x2 both guard 2');
  });
});
