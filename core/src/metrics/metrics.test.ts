import { describe, expect, it } from 'vitest';
import { courtFor } from '../court/rulesets.ts';
import { compile } from '../motion/compile.ts';
import type { Play } from '../play/document.ts';
import type { NewAction } from '../play/change.ts';
import { flip } from '../play/operations.ts';
import { playOf } from '../play/sample.test-data.ts';
import { mainLine } from '../play/tree.ts';
import { figuresOf, metricsOf } from './metrics.ts';

const make = (frames: NewAction[][]): Play => playOf(frames);
const metrics = (play: Play) => {
  const line = mainLine(play);
  const court = courtFor(play);
  return metricsOf(court, line, compile(play, line.at(-1)!.id, court, play.level).timeline);
};

const play = () =>
  make([
    [{ by: '1', does: 'dribble', path: [{ x: 12, y: 22 }] }],
    [
      { by: '1', does: 'pass', to: '4' },
      { by: '5', does: 'screen', for: '3', path: [{ x: 17, y: 14 }] },
    ],
    [{ by: '4', does: 'pass', to: '2' }],
    [{ by: '2', does: 'shot' }],
  ]);

describe('figures of a constructed play, counted by hand', () => {
  const m = metrics(play());
  it('passes, screens, dribbles, reversals, touches', () => {
    expect(m).toMatchObject({ passes: 2, screens: 1, reversals: 1, paintTouches: 1, highPostTouches: 1 });
    expect(m.dribbles).toBeGreaterThanOrEqual(3);
    expect(m.longestPass).toBeCloseTo(Math.hypot(21.75 - 6, 19 - 3.5), 6);
  });
  it('feet run and time stood, player by player', () => {
    expect(m.players['1'].feet).toBeCloseTo(Math.hypot(12, 4.5), 6);
    expect(m.players['2'].feet).toBe(0);
    expect(m.players['2'].stands).toBeCloseTo(m.seconds, 0);
    expect(m.players['5'].stands).toBeLessThan(m.players['2'].stands);
  });
  it('looks: the catch in the lane and the shot, whose catch is not told twice', () => {
    expect(m.looks.map((l) => [l.player, l.kind])).toEqual([
      ['4', 'pass'],
      ['2', 'shot'],
    ]);
    expect(figuresOf(m).firstLook).toBeLessThan(m.seconds);
  });
});

describe('looks', () => {
  it('the coach’s own replace what is inferred, in his order', () => {
    const p = play();
    const own: Play = {
      ...p,
      frames: p.frames.map((f) =>
        f.id === 'f3'
          ? {
              ...f,
              looks: [
                { id: 'l2', player: '3', kind: 'drive', order: 2 },
                { id: 'l1', player: '4', kind: 'pass', order: 1, after: 'a2' },
              ],
            }
          : f,
      ),
    };
    expect(metrics(own).looks.map((l) => [l.player, l.own])).toEqual([
      ['4', true],
      ['3', true],
    ]);
  });
  it('a play without a shot or a catch has none', () => {
    const m = metrics(make([[{ by: '2', does: 'cut', path: [{ x: -10, y: 20 }] }]]));
    expect([m.looks, figuresOf(m).firstLook]).toEqual([[], null]);
  });
});

it('the mirrored play has the same figures', () => {
  const [a, b] = [figuresOf(metrics(play())), figuresOf(metrics(flip(play())))];
  for (const key of Object.keys(a) as (keyof typeof a)[]) expect(b[key]).toBeCloseTo(a[key]!, 6);
});
