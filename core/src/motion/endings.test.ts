import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { PLAYERS } from '../alignment/library.ts';
import { courtFor } from '../court/rulesets.ts';
import { distance } from '../geometry/vec.ts';
import { cuedPlays } from '../gesture/drawn.test-data.ts';
import type { Change, NewAction } from '../play/change.ts';
import type { Play, Read } from '../play/document.ts';
import { edit, editAll } from '../play/edit.ts';
import { samplePlay } from '../play/sample.test-data.ts';
import { leaves, mainLine } from '../play/tree.ts';
import { REACTIONS } from '../play/vocabulary.ts';
import { compile } from './compile.ts';
import { levelRecord } from './level.ts';
import { positionAt, track } from './track.ts';

const make = (...changes: Change[]): Play => {
  const r = editAll(samplePlay(), changes);
  if (!r.ok) throw new Error(r.sentence);
  return r.play;
};
const act = (action: NewAction, frame = 'f1'): Change => ({ do: 'addAction', frame, action });
const lineOf = (play: Play, leaf: string) => compile(play, leaf, courtFor(play), play.level);
const timed = (play: Play, leaf: string, id: string) =>
  lineOf(play, leaf).timeline.actions.find((a) => a.action.id === id)!;

/** A ball screen on top: 5 for 1, who goes left; 2 lifts slowly, 4 cuts late. Then an ending on what x5 does. */
const head: Change[] = [
  act({ by: '5', does: 'screen', for: '1', path: [{ x: -2.4, y: 24.6 }] }),
  act({
    by: '1',
    does: 'dribble',
    path: [
      { x: -2.6, y: 27.2 },
      { x: -9.5, y: 22.5 },
    ],
  }),
  act({ by: '2', does: 'cut', path: [{ x: -17, y: 18 }], tempo: 'walk' }),
];
const ending = (read: Read, ...actions: NewAction[]): Play => {
  const play = make(...head, { do: 'addFrame', after: 'f1' });
  const [frame] = play.frames.slice(-1);
  const r = editAll(play, [{ do: 'read', frame: frame!.id, read }, ...actions.map((a) => act(a, frame!.id))]);
  if (!r.ok) throw new Error(r.sentence);
  return r.play;
};

describe('an ending', () => {
  const show = ending(
    { does: 'show', who: ['x5'] },
    { by: '5', does: 'cut', path: [{ x: -1, y: 6.5 }] },
    { by: '2', does: 'cut', path: [{ x: -21, y: 4 }] },
  );
  const leaf = show.frames.at(-1)!.id;
  const used = timed(show, leaf, 'a1').events.used!;
  it('starts when its read can be seen: the use of the screen and the eye, while the others finish', () => {
    const { timeline } = lineOf(show, leaf);
    expect(timeline.bars[1]!.start).toBeCloseTo(used + 0.2, 6);
    expect(timed(show, leaf, 'a2').end).toBeGreaterThan(used + 0.5);
  });
  it('cuts the move short that its man is on: he goes on from where he is', () => {
    const { timeline } = lineOf(show, leaf);
    const [lift, back] = timeline.moves['2'];
    expect(lift!.end).toBeCloseTo(back!.start, 9);
    expect(lift!.end).toBeLessThan(lift!.start + lift!.run!.duration);
    const at = positionAt(timeline, '2', back!.start);
    expect(distance({ x: back!.run!.x[0]!, y: back!.run!.y[0]! }, at)).toBeLessThan(1e-6);
    expect(positionAt(timeline, '2', timeline.end)).toEqual({ x: -21, y: 4 });
  });
  it('throws to a man who still runs so that both are there at the end of his run, unless the coach says when', () => {
    const pinned = (pass: object): Play => {
      const drawn = make(
        act({ by: '4', does: 'screen', for: '2', path: [{ x: -17, y: 9 }] }),
        act({
          by: '2',
          does: 'cut',
          path: [
            { x: -19, y: 10 },
            { x: -12, y: 22 },
          ],
        }),
        { do: 'addFrame', after: 'f1' },
        act({ by: '1', does: 'pass', to: '2', ...pass } as NewAction, 'f2'),
        { do: 'read', frame: 'f2', read: { does: 'trail', at: { action: 'a1', event: 'used' } } },
      );
      return drawn;
    };
    const leadTo = (play: Play) => {
      const { timeline } = lineOf(play, 'f2');
      const run = timed(play, 'f2', 'a2').run!;
      const [flight] = timeline.flights;
      expect(distance(flight!.to, positionAt(timeline, '2', flight!.arrive))).toBeLessThan(0.5);
      return distance(flight!.to, { x: run.x.at(-1)!, y: run.y.at(-1)! });
    };
    expect(leadTo(pinned({}))).toBeLessThan(2.5);
    expect(leadTo(pinned({ cue: { on: 'read' } }))).toBeGreaterThan(4);
  });
  it('waits with the ball for what the frame before does with it', () => {
    const shot = ending({ does: 'under' }, { by: '1', does: 'shot' });
    const end = shot.frames.at(-1)!.id;
    const dribble = timed(shot, end, 'a2');
    expect(timed(shot, end, shot.frames.at(-1)!.actions[0]!.id).start).toBeGreaterThanOrEqual(
      dribble.end - 1e-9,
    );
  });
  it('lets the ball go out of the dribble when the coach says so: from where he is, and he goes on from there', () => {
    const kick = ending(
      { does: 'show', who: ['x5'] },
      { by: '1', does: 'pass', to: '2', kind: 'chest', cue: { on: 'read' } },
      { by: '1', does: 'cut', path: [{ x: 3, y: 6 }] },
    );
    const end = kick.frames.at(-1)!.id;
    const { timeline } = lineOf(kick, end);
    const dribble = timed(kick, end, 'a2');
    const [pass, cut] = kick.frames.at(-1)!.actions.map((a) => timed(kick, end, a.id));
    expect(pass!.start).toBeCloseTo(timeline.bars[1]!.start, 6);
    expect(dribble.end).toBeCloseTo(pass!.start, 6);
    expect(dribble.events.pickUp).toBeCloseTo(pass!.start, 6);
    expect(dribble.end).toBeLessThan(dribble.start + dribble.run!.duration - 0.3);
    const here = positionAt(timeline, '1', pass!.start);
    expect(distance(timeline.flights[0]!.from, here)).toBeLessThan(1e-6);
    expect(distance({ x: cut!.run!.x[0]!, y: cut!.run!.y[0]! }, here)).toBeLessThan(1e-6);
    expect(positionAt(timeline, '1', timeline.end)).toEqual({ x: 3, y: 6 });
    const dribbling = timeline.possessions.filter((p) => p.dribbling).map((p) => p.holder);
    expect(dribbling).toEqual(['1']);
  });
  it('cannot let go of a ball its man has not got yet', () => {
    const play = make(
      act({ by: '1', does: 'pass', to: '2' }),
      act({ by: '2', does: 'dribble', path: [{ x: -12, y: 15 }] }),
      { do: 'addFrame', after: 'f1' },
    );
    const r = editAll(play, [
      { do: 'read', frame: 'f2', read: { does: 'deny', at: { action: 'a1', event: 'release' } } },
      act({ by: '2', does: 'pass', to: '3', cue: { on: 'read' } }, 'f2'),
    ]);
    if (!r.ok) throw new Error(r.sentence);
    const [first, second] = lineOf(r.play, 'f2').timeline.flights;
    expect(second!.release).toBeGreaterThan(first!.arrive);
  });
  it('reads a screen in the frame in which it is used, though it was set in the one before', () => {
    const set = make(head[0]!, { do: 'addFrame', after: 'f1' });
    const r = editAll(set, [
      act(
        {
          by: '1',
          does: 'dribble',
          path: [
            { x: -2.6, y: 27.2 },
            { x: -9.5, y: 22.5 },
          ],
        },
        'f2',
      ),
      { do: 'addFrame', after: 'f2' },
      { do: 'read', frame: 'f3', read: { does: 'show', who: ['x5'] } },
      act({ by: '5', does: 'cut', path: [{ x: -1, y: 6.5 }] }, 'f3'),
    ]);
    if (!r.ok) throw new Error(r.sentence);
    const { timeline } = lineOf(r.play, 'f3');
    expect(timeline.bars[2]!.start).toBeCloseTo(timed(r.play, 'f3', 'a1').events.used! + 0.2, 6);
  });
  it('reads what the coach says it reads', () => {
    const at = ending(
      { does: 'own', note: 'he turns his head', at: { action: 'a1', event: 'set' } },
      {
        by: '4',
        does: 'cut',
        path: [{ x: 3, y: 6 }],
      },
    );
    const end = at.frames.at(-1)!.id;
    expect(lineOf(at, end).timeline.bars[1]!.start).toBeCloseTo(timed(at, end, 'a1').events.set! + 0.2, 6);
  });
  it('with nothing to read starts where the frame before is over, as ever', () => {
    const plain = make(act({ by: '2', does: 'cut', path: [{ x: -17, y: 18 }] }), {
      do: 'addFrame',
      after: 'f1',
    });
    const frame = plain.frames.at(-1)!.id;
    const r = edit(plain, { do: 'read', frame, read: { does: 'own', note: 'nothing' } });
    if (!r.ok) throw new Error(r.sentence);
    const { timeline } = lineOf(r.play, frame);
    expect(timeline.bars[1]!.start).toBeCloseTo(timeline.actions[0]!.end, 9);
  });
});

describe('cues', () => {
  it('on the use of a screen wait until its user is nearest to it, not until it is set', () => {
    const play = make(
      ...head,
      act({ by: '4', does: 'cut', path: [{ x: 3, y: 6 }], cue: { on: 'a1', event: 'used' } }),
    );
    const { timeline } = lineOf(play, 'f1');
    const screen = timeline.screens[0]!;
    expect(timed(play, 'f1', 'a4').start).toBeCloseTo(screen.used!.at, 6);
    expect(screen.used!.at).toBeGreaterThan(screen.set + 0.1);
  });
  it('on what an action does not have are told, and wait for its end', () => {
    const play = make(
      act({ by: '2', does: 'cut', path: [{ x: -17, y: 18 }] }),
      act({ by: '4', does: 'cut', path: [{ x: 3, y: 6 }], cue: { on: 'a1', event: 'catch' } }),
    );
    const { timeline, faults } = lineOf(play, 'f1');
    expect(faults.map((f) => f.code)).toContain('cue-event');
    expect(timed(play, 'f1', 'a2').start).toBeCloseTo(timeline.actions[0]!.end, 9);
  });
  it('a move of less than a quarter of a foot takes no time', () => {
    const { x, y } = samplePlay().start.places['2'];
    const play = make(act({ by: '2', does: 'cut', path: [{ x: x + 0.2, y }] }));
    expect(lineOf(play, 'f1').timeline.end).toBe(0);
  });
});

describe('screen again', () => {
  it('the second screen of a pair waits for its user to come back', () => {
    const play = make(
      ...head.slice(0, 2),
      act({ by: '5', does: 'screen', for: '1', path: [{ x: -6.5, y: 22 }] }),
      act({
        by: '1',
        does: 'dribble',
        path: [
          { x: -5, y: 25 },
          { x: 3, y: 22 },
        ],
      }),
    );
    const { screens, actions } = lineOf(play, 'f1').timeline;
    const [first, second] = screens;
    expect(first!.used!.action).toBe('a2');
    expect(second!.used!.action).toBe('a4');
    const back = actions.find((a) => a.action.id === 'a4')!;
    expect(back.start).toBeGreaterThanOrEqual(second!.set - 1e-6);
  });
});

describe('nobody jumps', () => {
  it('whatever is cut short, a man is where he was a step ago, or as far off as he can run', () => {
    let cut = 0;
    fc.assert(
      fc.property(cuedPlays, fc.constantFrom(...REACTIONS), (drawn, does) => {
        const last = mainLine(drawn).at(-1)!;
        const read = edit(drawn, { do: 'read', frame: last.id, read: { does } });
        const play = read.ok ? read.play : drawn;
        for (const leaf of leaves(play)) {
          const { timeline } = lineOf(play, leaf.id);
          const { x, y, steps, dt } = track(timeline);
          const most = levelRecord(play.level).man.speed * dt * 1.05;
          for (let k = 1; k < steps; k++)
            for (let i = 0; i < 5; i++)
              expect(
                Math.hypot(x[k * 5 + i]! - x[k * 5 + i - 5]!, y[k * 5 + i]! - y[k * 5 + i - 5]!),
              ).toBeLessThan(most);
          cut += PLAYERS.filter((p) =>
            timeline.moves[p].some((m) => m.run && m.end < m.start + m.run.duration - 1e-6),
          ).length;
        }
      }),
      { numRuns: 150 },
    );
    expect(cut).toBeGreaterThan(5);
  });
});
