import { describe, expect, it } from 'vitest';
import { courtFor } from '../court/rulesets.ts';
import { compile } from '../motion/compile.ts';
import { LEVELS } from '../motion/levels.ts';
import type { Play } from '../play/document.ts';
import type { Change, NewAction } from '../play/change.ts';
import { edit, editAll } from '../play/edit.ts';
import { samplePlay } from '../play/sample.test-data.ts';
import { lastFor, startAt, tempoFor, tieTo, untie } from './retime.ts';

const make = (...actions: NewAction[]): Play => {
  const r = editAll(
    samplePlay(),
    actions.map((action) => ({ do: 'addAction' as const, frame: 'f1', action })),
  );
  if (!r.ok) throw new Error(r.sentence);
  return r.play;
};
const timeline = (play: Play) => compile(play, 'f1', courtFor(play), play.level).timeline;
const after = (play: Play, change: Change | null): Play => {
  const r = change && edit(play, change);
  if (!r?.ok) throw new Error('no change');
  return r.play;
};
const start = (play: Play, id: string) => timeline(play).actions.find((a) => a.action.id === id)!.start;

const play = () =>
  make(
    { by: '2', does: 'cut', path: [{ x: -10, y: 20 }], tempo: 'jog' },
    { by: '3', does: 'cut', path: [{ x: 10, y: 20 }] },
    { by: '5', does: 'screen', for: '3', path: [{ x: 17, y: 14 }] },
  );

describe('dragging a block', () => {
  it('starts it there, to the hundredth; again moves it again', () => {
    const once = after(play(), startAt(timeline(play()), 'a2', 1.3));
    expect(start(once, 'a2')).toBeCloseTo(1.3, 9);
    expect(start(after(once, startAt(timeline(once), 'a2', 0.456)), 'a2')).toBeCloseTo(0.46, 9);
  });
  it('keeps what it waits for and changes the delay', () => {
    const tied = after(play(), tieTo(timeline(play()), 'a1', 'a2'));
    const end = timeline(tied).actions.find((a) => a.action.id === 'a1')!.end;
    const later = after(tied, startAt(timeline(tied), 'a2', end + 0.5));
    expect(later.frames[0]!.actions[1]!.cue).toMatchObject({ on: 'a1', event: 'end', delay: 0.5 });
    expect(start(later, 'a2')).toBeCloseTo(end + 0.5, 2);
  });
});

describe('tying', () => {
  it('to a set screen, to a pass in the air, to the end of a run', () => {
    const p = make(
      { by: '5', does: 'screen', for: '1', path: [{ x: 3, y: 25 }] },
      { by: '1', does: 'pass', to: '4' },
      { by: '2', does: 'cut', path: [{ x: -10, y: 20 }] },
      { by: '3', does: 'cut', path: [{ x: 10, y: 20 }] },
    );
    const event = (from: string) =>
      after(p, tieTo(timeline(p), from, 'a4')).frames[0]!.actions[3]!.cue?.event;
    expect(['a1', 'a2', 'a3'].map(event)).toEqual(['set', 'release', 'end']);
  });
  it('not to itself, and untying brings the inferred cue back', () => {
    expect(tieTo(timeline(play()), 'a1', 'a1')).toBeNull();
    expect(untie(timeline(play()), 'a1')).toBeNull();
    const tied = after(play(), tieTo(timeline(play()), 'a1', 'a2'));
    expect(after(tied, untie(timeline(tied), 'a2'))).toEqual(play());
  });
});

describe('dragging the edge of a block', () => {
  it('takes the tempo that lasts about as long', () => {
    const t = timeline(play());
    const cut = t.actions.find((a) => a.action.id === 'a2')!;
    expect(tempoFor(cut, LEVELS.highSchool, 0.1)).toBe('sprint');
    expect(tempoFor(cut, LEVELS.highSchool, cut.end - cut.start)).toBe('cut');
    expect(tempoFor(cut, LEVELS.highSchool, 30)).toBe('walk');
    const slow = after(play(), lastFor(t, LEVELS.highSchool, 'a2', 30));
    expect(slow.frames[0]!.actions[1]).toMatchObject({ tempo: 'walk' });
    expect(lastFor(t, LEVELS.highSchool, 'a2', cut.end - cut.start)).toBeNull();
  });
});
