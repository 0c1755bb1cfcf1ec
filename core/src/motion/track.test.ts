import { describe, expect, it } from 'vitest';
import { PLAYERS } from '../alignment/library.ts';
import { courtFor } from '../court/rulesets.ts';
import type { Play } from '../play/document.ts';
import type { NewAction } from '../play/change.ts';
import { flip, permute, swapNumbers } from '../play/operations.ts';
import { playOf } from '../play/sample.test-data.ts';
import { compile } from './compile.ts';
import { LEVELS } from './levels.ts';
import { ballAt, facingAt, positionAt, speedAt, track } from './track.ts';

const make = (...frames: NewAction[][]): Play => playOf(frames);
const timeline = (play: Play) => compile(play, play.frames.at(-1)!.id, courtFor(play), play.level).timeline;

const play = () =>
  make(
    [
      { by: '5', does: 'screen', for: '3', path: [{ x: 17, y: 14 }] },
      {
        by: '3',
        does: 'cut',
        path: [
          { x: 17, y: 16.5 },
          { x: 2, y: 22 },
        ],
        tempo: 'sprint',
      },
      { by: '1', does: 'dribble', path: [{ x: -9, y: 24 }] },
      { by: '1', does: 'pass', to: '3' },
    ],
    [{ by: '3', does: 'shot' }],
  );

describe('track', () => {
  it('nobody jumps, and the ball is in a hand or in the air at every step', () => {
    const t = track(timeline(play()));
    const most = LEVELS.highSchool.man.speed / 60 + 1e-6;
    for (let k = 1; k < t.steps; k++) {
      for (let i = 0; i < 5; i++)
        expect(
          Math.hypot(t.x[k * 5 + i]! - t.x[(k - 1) * 5 + i]!, t.y[k * 5 + i]! - t.y[(k - 1) * 5 + i]!),
        ).toBeLessThanOrEqual(most);
      expect(Number.isFinite(t.ballX[k]) && t.holder[k]! >= -1 && t.holder[k]! < 5).toBe(true);
      if (t.holder[k]! >= 0)
        expect(
          Math.hypot(t.ballX[k]! - t.x[k * 5 + t.holder[k]!]!, t.ballY[k]! - t.y[k * 5 + t.holder[k]!]!),
        ).toBeLessThan(1.2);
    }
    expect(t.events.map((e) => e.t)).toEqual([...t.events.map((e) => e.t)].sort((a, b) => a - b));
  });
  it('the same input gives the same bytes', () => {
    const [a, b] = [track(timeline(play())), track(timeline(play()))];
    expect(b).toEqual(a);
  });
  it('the mirrored play is the mirrored track, to a billionth of a foot', () => {
    const a = track(timeline(play()));
    const b = track(timeline(flip(play())));
    expect(b.steps).toBe(a.steps);
    for (let i = 0; i < a.x.length; i++) {
      expect(Math.abs(a.x[i]! + b.x[i]!)).toBeLessThan(1e-9);
      expect(Math.abs(a.y[i]! - b.y[i]!)).toBeLessThan(1e-9);
    }
  });
  it('with numbers exchanged the bodies are exchanged, to a billionth of a foot', () => {
    const a = track(timeline(play()));
    const b = track(timeline(permute(play(), swapNumbers('2', '5'))));
    for (let k = 0; k < a.steps; k++)
      for (const [i, j] of [
        [0, 0],
        [1, 4],
        [2, 2],
        [3, 3],
        [4, 1],
      ] as const) {
        expect(Math.abs(a.x[k * 5 + i]! - b.x[k * 5 + j]!)).toBeLessThan(1e-9);
        expect(Math.abs(a.y[k * 5 + i]! - b.y[k * 5 + j]!)).toBeLessThan(1e-9);
      }
  });
  it('nobody moves who has nothing to do', () => {
    const t = timeline(play());
    for (const p of PLAYERS.filter((x) => x === '2' || x === '4')) {
      expect(positionAt(t, p, t.end)).toMatchObject({ x: t.starts[p].x, y: t.starts[p].y });
      expect(speedAt(t, p, 1)).toBe(0);
    }
  });
  it('a shot rises over the rim, a chest pass stays flat', () => {
    const t = timeline(make([{ by: '1', does: 'pass', to: '4' }], [{ by: '4', does: 'shot' }]));
    const [pass, shot] = t.flights;
    // A hand's breadth and a little, chest to chest: gravity asks for that much on the way.
    const middle = ballAt(t, (pass!.release + pass!.arrive) / 2).height;
    expect(middle - pass!.high.from).toBeGreaterThan(0);
    expect(middle - pass!.high.from).toBeLessThan(1.5);
    expect(ballAt(t, (shot!.release + shot!.arrive) / 2).height).toBeGreaterThan(10);
    expect(ballAt(t, t.end + 1)).toMatchObject({ holder: null, point: shot!.to });
  });
});

describe('facing', () => {
  it('a runner faces where he runs, a set screener away from his back, one who stands the ball', () => {
    const t = timeline(play());
    const cut = t.actions.find((a) => a.action.does === 'cut')!;
    expect(facingAt(t, '3', cut.start + 0.3, { x: 0, y: 26 })).toBeGreaterThan(80);
    const screen = t.screens[0]!;
    expect(facingAt(t, '5', screen.set + 0.01, { x: 0, y: 26 })).toBeCloseTo((screen.angle + 180) % 360, 9);
    expect(facingAt(t, '4', 0, { x: t.starts['4'].x, y: 30 })).toBeCloseTo(90, 9);
  });
});
