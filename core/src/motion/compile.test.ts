import { describe, expect, it } from 'vitest';
import { PLAYERS } from '../alignment/library.ts';
import { courtFor } from '../court/rulesets.ts';
import { polyline, through } from '../geometry/curve.ts';
import { distance } from '../geometry/vec.ts';
import type { Level, Play } from '../play/document.ts';
import { editAll, type Change } from '../play/edit.ts';
import { flip } from '../play/operations.ts';
import { samplePlay } from '../play/sample.test-data.ts';
import { compile } from './compile.ts';
import { LEVELS, levelRecord, TEMPO } from './level.ts';
import { ballAt, positionAt, track } from './track.ts';

const make = (...changes: Change[]): Play => {
  const r = editAll(samplePlay(), changes);
  if (!r.ok) throw new Error(r.sentence);
  return r.play;
};
const act = (action: Extract<Change, { do: 'addAction' }>['action'], frame = 'f1'): Change => ({
  do: 'addAction',
  frame,
  action,
});
const timed = (play: Play, leaf = play.frames.at(-1)!.id) => compile(play, leaf, courtFor(play), play.level);
const byId = (play: Play, id: string) => timed(play).timeline.actions.find((a) => a.action.id === id)!;

const screenPlay = () =>
  make(
    act({ by: '5', does: 'screen', for: '3', path: [{ x: 17, y: 14 }] }),
    act({
      by: '3',
      does: 'cut',
      path: [
        { x: 17, y: 16.5 },
        { x: 2, y: 22 },
      ],
      tempo: 'sprint',
    }),
    act({ by: '1', does: 'pass', to: '3' }),
  );

describe('paths', () => {
  it('a bent path’s length agrees with a fine numeric reference', () => {
    // Reference: a quarter circle of radius 10 through five points; its length is 5π.
    const points = [0, 1, 2, 3, 4].map((i) => ({
      x: 10 * Math.cos((i * Math.PI) / 8),
      y: 10 * Math.sin((i * Math.PI) / 8),
    }));
    expect(through(points[0]!, points.slice(1)).length).toBeCloseTo(5 * Math.PI, 0);
    expect(through({ x: 0, y: 0 }, [{ x: 3, y: 4 }]).length).toBe(5);
  });
  it('a plant is a corner: the two parts stay straight', () => {
    const planted = through({ x: 0, y: 0 }, [
      { x: 10, y: 0, plant: true },
      { x: 10, y: 10 },
    ]);
    expect(planted.length).toBeCloseTo(20, 9);
  });
  it('repeated points do no harm', () => {
    expect(
      through({ x: 1, y: 1 }, [
        { x: 1, y: 1 },
        { x: 1, y: 1 },
      ]).length,
    ).toBe(0);
    expect(polyline([]).length).toBe(0);
  });
});

describe('times', () => {
  it('a cut lasts its length over the level’s speed at its tempo', () => {
    const play = make(act({ by: '2', does: 'cut', path: [{ x: -21.75, y: 23.5 }], tempo: 'sprint' }));
    expect(byId(play, 'a1').end).toBeCloseTo(20 / (LEVELS.highSchool.man.speed * TEMPO.sprint), 9);
  });
  it('is faster at each higher level and slower for women', () => {
    const play = make(act({ by: '2', does: 'cut', path: [{ x: -10, y: 20 }], tempo: 'cut' }));
    const end = (level: Level) => compile({ ...play, level }, 'f1', courtFor(play), level).timeline.end;
    expect(end('youth')).toBeGreaterThan(end('highSchool'));
    expect(end('highSchool')).toBeGreaterThan(end('college'));
    expect(end('college')).toBeGreaterThan(end('pro'));
    expect(levelRecord('pro', true).man.speed).toBeLessThan(levelRecord('pro').man.speed);
  });
  it('a cutter comes by his screen when it is set, and the pass meets him (common practice)', () => {
    const play = screenPlay();
    const { timeline } = timed(play);
    const screen = timeline.screens[0]!;
    const cut = byId(play, 'a2');
    const at = positionAt(timeline, '3', screen.set + 0.05);
    expect(distance(at, screen.at)).toBeLessThan(4.5);
    const flight = timeline.flights[0]!;
    expect(distance(flight.to, positionAt(timeline, '3', flight.arrive))).toBeLessThan(0.3);
    expect(flight.arrive).toBeLessThanOrEqual(cut.end + 0.5);
  });
  it('a coach’s cue replaces the frame’s start; its delay is in seconds', () => {
    const play = make(
      act({ by: '2', does: 'cut', path: [{ x: -10, y: 20 }], tempo: 'jog' }),
      act({ by: '3', does: 'cut', path: [{ x: 10, y: 22 }], cue: { on: 'a1', event: 'end', delay: 0.5 } }),
    );
    expect(byId(play, 'a2').start).toBeCloseTo(byId(play, 'a1').end + 0.5, 9);
  });
  it('a circle of cues is survived and names its actions', () => {
    const play = make(
      act({ by: '2', does: 'hold' }),
      act({ by: '3', does: 'cut', path: [{ x: 10, y: 22 }], cue: { on: 'a1', event: 'end' } }),
      {
        do: 'setAction',
        id: 'a1',
        action: { by: '2', does: 'cut', path: [{ x: -10, y: 20 }], cue: { on: 'a2', event: 'end' } },
      },
    );
    const { timeline, faults } = timed(play);
    expect(
      faults.some((f) => f.code === 'cue-circle' && f.actions.includes('a1') && f.actions.includes('a2')),
    ).toBe(true);
    expect(faults).toHaveLength(1);
    expect(Number.isFinite(timeline.end)).toBe(true);
  });
  it('a cue to a removed action is a fault, not a crash', () => {
    const play = make(
      act({ by: '2', does: 'cut', path: [{ x: -10, y: 20 }], cue: { on: 'gone', event: 'end' } }),
    );
    expect(timed(play).faults).toEqual([expect.objectContaining({ code: 'cue-lost', actions: ['a1'] })]);
  });
  it('a background drift does not hold up the next frame', () => {
    const drift = (background: boolean) =>
      make(
        act({ by: '1', does: 'pass', to: '4' }),
        act({ by: '2', does: 'cut', path: [{ x: -21, y: 20 }], tempo: 'walk', background }),
        { do: 'addFrame', after: 'f1' },
        act({ by: '4', does: 'shot' }, 'f2'),
      );
    expect(byId(drift(true), 'a3').start).toBeLessThan(byId(drift(false), 'a3').start);
  });
});

describe('track', () => {
  it('nobody jumps, and the ball is in a hand or in flight at every step', () => {
    const play = make(
      act({ by: '1', does: 'dribble', path: [{ x: 9, y: 24 }], tempo: 'cut' }),
      act({ by: '1', does: 'pass', to: '3' }),
      { do: 'addFrame', after: 'f1' },
      act({ by: '3', does: 'shot' }, 'f2'),
    );
    const { timeline } = timed(play);
    const t = track(timeline);
    const most = (LEVELS.highSchool.man.speed / 60) * 1.01;
    for (let k = 1; k < t.steps; k++) {
      for (let i = 0; i < 5; i++)
        expect(
          Math.hypot(t.x[k * 5 + i]! - t.x[(k - 1) * 5 + i]!, t.y[k * 5 + i]! - t.y[(k - 1) * 5 + i]!),
        ).toBeLessThanOrEqual(most);
      const ball = ballAt(timeline, k * t.dt);
      expect(ball.holder !== null || Number.isFinite(ball.point.x)).toBe(true);
    }
    expect(t.events.map((e) => e.t)).toEqual([...t.events.map((e) => e.t)].sort((a, b) => a - b));
  });
  it('the mirrored play is the mirrored track, and the same input gives the same bytes', () => {
    const play = screenPlay();
    const a = track(timed(play).timeline);
    const b = track(timed(flip(play)).timeline);
    expect(b.steps).toBe(a.steps);
    for (let i = 0; i < a.x.length; i++) {
      expect(Math.abs(a.x[i]! + b.x[i]!)).toBeLessThan(1e-9);
      expect(Math.abs(a.y[i]! - b.y[i]!)).toBeLessThan(1e-9);
    }
    expect(track(timed(play).timeline).x).toEqual(a.x);
  });
  it('nobody moves who has nothing to do', () => {
    const { timeline } = timed(screenPlay());
    for (const p of PLAYERS.filter((x) => x === '2' || x === '4'))
      expect(positionAt(timeline, p, timeline.end)).toEqual(timeline.starts[p]);
  });
});
