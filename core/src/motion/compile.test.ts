import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { courtFor } from '../court/rulesets.ts';
import { distance } from '../geometry/vec.ts';
import type { Level, Play } from '../play/document.ts';
import type { Change, NewAction } from '../play/change.ts';
import { edit, editAll } from '../play/edit.ts';
import { anyChange, samplePlay } from '../play/sample.test-data.ts';
import { leaves } from '../play/tree.ts';
import { SHOULDER } from './bend.ts';
import { tell } from '../language/tell.ts';
import { teller } from '../language/teller.ts';
import { compile } from './compile.ts';
import { levelRecord, SETTLE } from './level.ts';
import { positionAt } from './track.ts';

const make = (...changes: Change[]): Play => {
  const r = editAll(samplePlay(), changes);
  if (!r.ok) throw new Error(r.sentence);
  return r.play;
};
const act = (action: NewAction, frame = 'f1'): Change => ({ do: 'addAction', frame, action });
const timed = (play: Play, leaf = play.frames.at(-1)!.id) => compile(play, leaf, courtFor(play), play.level);
const byId = (play: Play, id: string) => timed(play).timeline.actions.find((a) => a.action.id === id)!;

const PIN: NewAction = { by: '5', does: 'screen', for: '3', path: [{ x: 17, y: 14 }] };
const CURL: NewAction = {
  by: '3',
  does: 'cut',
  path: [
    { x: 17, y: 16.5 },
    { x: 2, y: 22 },
  ],
  tempo: 'sprint',
};
const CUT2: NewAction = { by: '2', does: 'cut', path: [{ x: -10, y: 20 }], tempo: 'jog' };

describe('screens', () => {
  it('the cutter waits until it is set, and the screener leaves after he is by (common practice)', () => {
    const play = make(act(PIN), act(CURL), act({ by: '5', does: 'cut', path: [{ x: 3, y: 6 }] }));
    const { timeline } = timed(play);
    const screen = timeline.screens[0]!;
    expect(byId(play, 'a2').start).toBeCloseTo(screen.set + 0.05, 9);
    expect(screen.set - screen.arrive).toBeCloseTo(SETTLE, 9);
    expect(screen.used!.at).toBeGreaterThan(screen.set);
    expect(byId(play, 'a3').start).toBeCloseTo(screen.used!.at + 0.1, 9);
    expect(screen.left).toBeCloseTo(byId(play, 'a3').start, 9);
  });
  it('a way drawn through the screener goes round his shoulder', () => {
    const through: NewAction = { by: '3', does: 'cut', path: [{ x: 6, y: 27 }] };
    const play = make(act({ ...PIN, path: [{ x: 14, y: 15 }] } as NewAction), act(through));
    const { timeline } = timed(play);
    const { at } = timeline.screens[0]!;
    const cut = byId(play, 'a2');
    let least = Infinity;
    for (let t = cut.start; t < cut.end; t += 0.01)
      least = Math.min(least, distance(positionAt(timeline, '3', t), at));
    expect(least).toBeGreaterThan(SHOULDER - 0.25);
    expect(least).toBeLessThan(SHOULDER + 0.6);
  });
  it('a slip is never set, and its user need not wait for that', () => {
    const play = make(act({ ...PIN, slip: true } as NewAction), act(CURL));
    expect(timed(play).timeline.screens[0]!.slip).toBe(true);
    expect(byId(play, 'a1').events.set).toBeUndefined();
    expect(byId(play, 'a2').start).toBeCloseTo(byId(play, 'a1').end, 9);
  });
  it('nobody uses it: the screener moves on after a moment, or after the hold asked for', () => {
    const leave = (hold?: number) => {
      const play = make(
        act({ ...PIN, ...(hold === undefined ? {} : { hold }) } as NewAction),
        act({ by: '5', does: 'cut', path: [{ x: 3, y: 6 }] }),
      );
      return byId(play, 'a2').start - byId(play, 'a1').events.set!;
    };
    expect(leave()).toBeCloseTo(0.35, 9);
    expect(leave(1.5)).toBeCloseTo(1.5, 9);
  });
});

describe('passes and handoffs', () => {
  it('ball and receiver arrive together two feet before the end of his cut', () => {
    const play = make(act(PIN), act(CURL), act({ by: '1', does: 'pass', to: '3' }));
    const { timeline } = timed(play);
    const flight = timeline.flights[0]!;
    expect(distance(flight.to, positionAt(timeline, '3', flight.arrive))).toBeLessThan(1e-6);
    expect(distance(flight.to, { x: 2, y: 22 })).toBeCloseTo(2, 1);
    const meet = timeline.meetings.find((m) => m.kind === 'pass')!;
    expect(Math.abs(meet.first - meet.second)).toBeLessThan(0.02);
  });
  it('who catches on the move steps into his shot: it starts with the catch, before he has stopped', () => {
    const play = make(act(CUT2), act({ by: '1', does: 'pass', to: '2' }), act({ by: '2', does: 'shot' }));
    const [cut, pass, shot] = ['a1', 'a2', 'a3'].map((id) => byId(play, id));
    expect(shot!.start).toBeCloseTo(pass!.end, 6);
    expect(shot!.start).toBeLessThan(cut!.end - 0.1);
    expect(shot!.events.release).toBeGreaterThan(cut!.end);
  });
  it('a pass that is called times the cut back from its catch', () => {
    const play = make(
      act({ by: '1', does: 'pass', to: '2', cue: { on: 'frame', delay: 3 } }),
      act({ by: '2', does: 'cut', path: [{ x: -10, y: 20 }] }),
    );
    const { timeline } = timed(play);
    const meet = timeline.meetings[0]!;
    expect(byId(play, 'a1').start).toBeCloseTo(3, 9);
    expect(meet.second).toBeCloseTo(meet.first, 6);
    expect(byId(play, 'a2').start).toBeGreaterThan(1);
  });
  it('a call that comes too soon for the cut is late by the seconds missing', () => {
    const play = make(
      act({ by: '1', does: 'pass', to: '2', cue: { on: 'frame', delay: 0.1 } }),
      act({ by: '2', does: 'cut', path: [{ x: -10, y: 20 }], tempo: 'walk' }),
    );
    const meet = timed(play).timeline.meetings[0]!;
    expect(meet.second - meet.first).toBeGreaterThan(1);
  });
  it('a pass that leaves while its man still runs in the frame before leads him', () => {
    const play = make(
      act({ by: '2', does: 'cut', path: [{ x: 0, y: 8 }] }),
      { do: 'addFrame', after: 'f1' },
      act({ by: '1', does: 'pass', to: '2', kind: 'lob', cue: { on: 'frame', delay: -0.7 } }, 'f2'),
    );
    const { timeline } = timed(play);
    const flight = timeline.flights[0]!;
    const run = timeline.moves['2'][0]!;
    expect(flight.release).toBeLessThan(run.end);
    expect(distance(flight.to, positionAt(timeline, '2', flight.arrive))).toBeLessThan(0.05);
  });
  it('a plain pass is chest to chest under 22 ft and overhead from there; a drawn kind flies as drawn', () => {
    const far = (x: number, kind?: 'lob') => {
      const play = make(
        act({ by: '1', does: 'dribble', path: [{ x, y: 20 }] }),
        { do: 'addFrame', after: 'f1' },
        act({ by: '1', does: 'pass', to: '2', ...(kind ? { kind } : {}) }, 'f2'),
      );
      const flight = timed(play).timeline.flights[0]!;
      return { kind: flight.kind, feet: distance(flight.from, flight.to), t: flight.arrive - flight.release };
    };
    const { pass } = levelRecord('highSchool');
    const [near, over, lob] = [far(-8), far(14), far(14, 'lob')];
    expect([near.kind, over.kind, lob.kind]).toEqual(['chest', 'skip', 'lob']);
    expect(near.t).toBeCloseTo(near.feet / pass.speed.chest, 6);
    expect(over.t).toBeCloseTo(over.feet / pass.speed.skip, 6);
    expect(lob.t).toBeCloseTo(lob.feet / pass.speed.lob, 6);
  });
  it('a handoff happens when both are there; a slow giver holds the receiver', () => {
    const play = make(
      act({ by: '1', does: 'pass', to: '4' }),
      { do: 'addFrame', after: 'f1' },
      act({ by: '4', does: 'dribble', path: [{ x: -12, y: 24 }], tempo: 'walk' }, 'f2'),
      act({ by: '4', does: 'handoff', to: '2' }, 'f2'),
      act(
        {
          by: '2',
          does: 'cut',
          path: [
            { x: -14, y: 24.5 },
            { x: 0, y: 27 },
          ],
          tempo: 'sprint',
        },
        'f2',
      ),
    );
    const { timeline } = timed(play);
    const [handoff, cut] = [byId(play, 'a3'), byId(play, 'a4')];
    expect(cut.start).toBeGreaterThan(timeline.bars[1]!.start + 0.5);
    const where = positionAt(timeline, '2', handoff.events.catch!);
    expect(distance(where, { x: -12, y: 24 })).toBeLessThan(4.5);
  });
  it('the next pass leaves no sooner than a man can catch and release', () => {
    const play = make(act({ by: '1', does: 'pass', to: '4' }), act({ by: '4', does: 'pass', to: '5' }));
    const [a, b] = [byId(play, 'a1'), byId(play, 'a2')];
    expect(b.events.release! - a.events.catch!).toBeCloseTo(levelRecord('highSchool').man.catchToPass, 9);
  });
});

describe('cues', () => {
  it('the coach’s cue replaces the start of the frame; its delay is in seconds', () => {
    const play = make(
      act(CUT2),
      act({ by: '3', does: 'cut', path: [{ x: 10, y: 22 }], cue: { on: 'a1', event: 'end', delay: 0.5 } }),
    );
    expect(byId(play, 'a2').start).toBeCloseTo(byId(play, 'a1').end + 0.5, 9);
    expect(timed(play).timeline.ties).toEqual([
      { from: 'a1', event: 'end', to: 'a2', by: 'coach', at: byId(play, 'a2').start, binds: true },
    ]);
  });
  it('at half the path, and over the bar of the frame', () => {
    const play = make(
      act({ by: '2', does: 'cut', path: [{ x: -21, y: 25 }], tempo: 'walk' }),
      { do: 'addFrame', after: 'f1' },
      act({ by: '3', does: 'cut', path: [{ x: 10, y: 22 }], cue: { on: 'a1', event: 'at', at: 0.5 } }, 'f2'),
    );
    const [a, b] = [byId(play, 'a1'), byId(play, 'a2')];
    expect(b.start).toBeGreaterThan(a.start + 0.4 * (a.end - a.start));
    expect(b.start).toBeLessThan(a.end);
  });
  it('a circle is survived, names its actions once, and leaves out the tie set last', () => {
    const play = make(
      act({ by: '2', does: 'hold' }),
      act({ by: '3', does: 'cut', path: [{ x: 10, y: 22 }], cue: { on: 'a1', event: 'end' } }),
      { do: 'setAction', id: 'a1', action: { ...CUT2, cue: { on: 'a2', event: 'end' } } as NewAction },
    );
    const { timeline, faults } = timed(play);
    expect(faults).toHaveLength(1);
    expect(faults[0]!.code).toBe('cue-circle');
    expect(tell(faults[0]!.says)).toMatch(/2 and 3|3 and 2/);
    expect([...faults[0]!.actions].sort()).toEqual(['a1', 'a2']);
    expect(Number.isFinite(timeline.end)).toBe(true);
  });
  it('a cue to something gone, or still to come, is a fault and not a crash', () => {
    const gone = make(act({ ...CUT2, cue: { on: 'gone', event: 'end' } } as NewAction));
    expect(timed(gone).faults).toEqual([expect.objectContaining({ code: 'cue-lost', actions: ['a1'] })]);
    const later = make(act(CUT2), { do: 'addFrame', after: 'f1' }, act({ by: '3', does: 'hold' }, 'f2'), {
      do: 'setAction',
      id: 'a1',
      action: { ...CUT2, cue: { on: 'a2' } } as NewAction,
    });
    expect(tell(timed(later).faults[0]!.says)).toBe('2 waits for something that comes later in the play.');
  });
  it('a cue that something stronger outlasts is told with the seconds', () => {
    const play = make(
      act({ by: '2', does: 'cut', path: [{ x: -21, y: 25 }], tempo: 'walk' }),
      act({ by: '3', does: 'hold', seconds: 0.5 }),
      act({ by: '2', does: 'cut', path: [{ x: 0, y: 20 }], cue: { on: 'a2', event: 'end' } }),
    );
    const [held] = timed(play).faults;
    expect(held!.code).toBe('cue-held');
    expect(tell(held!.says)).toMatch(/^2 starts \d\.\d s after his cue: he is still on his way\.$/);
    expect(tell(held!.says, teller({ women: true }))).toMatch(/after her cue: she is still on her way\.$/);
  });
});

describe('the whole line', () => {
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
  it('a man who goes on in the same direction does not stop at the bar, unless he has to wait', () => {
    const two = (wait: boolean) =>
      make(
        act({ by: '2', does: 'cut', path: [{ x: -16, y: 12 }], tempo: 'cut' }),
        ...(wait ? [act({ by: '3', does: 'hold', seconds: 8 } as NewAction)] : []),
        { do: 'addFrame', after: 'f1' },
        act({ by: '2', does: 'cut', path: [{ x: -10, y: 20.5 }], tempo: 'cut' }, 'f2'),
      );
    const run = (wait: boolean) => {
      const a = timed(two(wait)).timeline.moves['2'];
      return a[0]!.run!.v.at(-1)!;
    };
    expect(run(false)).toBeGreaterThan(8);
    expect(run(true)).toBe(0);
  });
  it('the critical path holds the play up; everything else has the slack it says', () => {
    const play = make(
      act(PIN),
      act(CURL),
      act({ by: '1', does: 'pass', to: '3' }),
      act({ by: '4', does: 'hold', seconds: 0.2 }),
      { do: 'addFrame', after: 'f1' },
      act({ by: '3', does: 'shot' }, 'f2'),
    );
    const { timeline } = timed(play);
    expect(timeline.criticalPath.at(-1)).toBe('a5');
    expect(timeline.criticalPath).toContain('a1');
    expect(timeline.criticalPath).not.toContain('a4');
    for (const id of timeline.criticalPath) expect(byId(play, id).slack).toBeLessThan(1e-6);
    const spare = byId(play, 'a4').slack;
    const later = edit(play, {
      do: 'setAction',
      id: 'a4',
      action: { by: '4', does: 'hold', seconds: 0.2, cue: { on: 'frame', delay: spare - 0.01 } },
    });
    expect(later.ok && timed(later.play).timeline.end).toBeCloseTo(timeline.end, 6);
    const tooLate = edit(play, {
      do: 'setAction',
      id: 'a4',
      action: { by: '4', does: 'hold', seconds: 0.2, cue: { on: 'frame', delay: spare + 0.2 } },
    });
    expect(tooLate.ok && timed(tooLate.play).timeline.end).toBeGreaterThan(timeline.end + 0.1);
  });
  it('is shorter at each higher level', () => {
    const play = make(act(PIN), act(CURL), act({ by: '1', does: 'pass', to: '3' }));
    const ends = (['youth', 'highSchool', 'college', 'pro'] as Level[]).map(
      (level) => compile({ ...play, level }, 'f1', courtFor(play), level).timeline.end,
    );
    expect(ends).toEqual([...ends].sort((a, b) => b - a));
  });
  it('any play, however odd, gets finite times, no cue but the coach’s is broken, and no man is in two places', () => {
    fc.assert(
      fc.property(fc.array(anyChange, { maxLength: 30 }), (changes) => {
        let play = samplePlay();
        for (const c of changes) {
          const r = edit(play, c);
          if (r.ok) play = r.play;
        }
        for (const leaf of leaves(play)) {
          const { timeline } = timed(play, leaf.id);
          for (const a of timeline.actions) {
            expect(Number.isFinite(a.start) && a.end >= a.start && a.slack >= 0).toBe(true);
          }
          for (const moves of Object.values(timeline.moves))
            for (let i = 1; i < moves.length; i++)
              expect(moves[i]!.start).toBeGreaterThanOrEqual(moves[i - 1]!.end - 1e-9);
          for (const t of timeline.ties) expect(t.from).not.toBe(t.to);
        }
      }),
      { numRuns: 120 },
    );
  });
});
