import { describe, expect, it } from 'vitest';
import { PLAYERS } from '../alignment/library.ts';
import { courtFor } from '../court/rulesets.ts';
import { levelRecord } from '../motion/level.ts';
import type { Play } from '../play/document.ts';
import { edit } from '../play/edit.ts';
import { samplePlay } from '../play/sample.test-data.ts';
import { endOf, flowsOf, setOf, wayTo } from './ends.ts';
import { ringFrom } from './ring.ts';

const done = (play: Play, change: Parameters<typeof edit>[1]): Play => {
  const r = edit(play, change);
  if (!r.ok) throw new Error(r.sentence);
  return r.play;
};
const cut = (by: '2' | '3', x: number, y: number) => ({ by, does: 'cut' as const, path: [{ x, y }] });
/** 1 passes to 2, and 3 runs to the left block. */
const drawn = (): Play => {
  const passed = done(samplePlay('horns'), {
    do: 'addAction',
    frame: 'f1',
    action: { by: '1', does: 'pass', to: '2' },
  });
  return done(passed, { do: 'addAction', frame: 'f1', action: cut('3', -7, 7) });
};
const way = (play: Play, leaf: string, start = play.start) =>
  wayTo(play, leaf, start, courtFor(play), levelRecord(play.level));

describe('how a line ends', () => {
  it('is a shot where one is drawn, what the coach says of it, what he says of all, or nobody’s word', () => {
    const play = drawn();
    expect(endOf(play, 'f1')).toBeNull();
    const all = done(play, { do: 'end', frame: null, end: { reset: 'asDrawn' } });
    expect(endOf(all, 'f1')).toEqual({ is: 'reset', flipped: false });
    const own = done(all, { do: 'end', frame: 'f1', end: { play: { id: 'p2', name: 'Other' } } });
    expect(endOf(own, 'f1')).toEqual({ is: 'play', id: 'p2', name: 'Other' });
    expect(flowsOf(own)).toEqual(['p2']);
    const shot = done(all, { do: 'addAction', frame: 'f1', action: { by: '2', does: 'shot' } });
    expect(endOf(shot, 'f1')).toEqual({ is: 'shot' });
    expect(endOf(done(own, { do: 'end', frame: 'f1', end: null }), 'f1')?.is).toBe('reset');
  });
  it('is said where it ends: it moves with a frame that is added, and is refused where frames follow', () => {
    const said = done(drawn(), { do: 'end', frame: 'f1', end: { reset: 'flipped' } });
    const longer = done(said, { do: 'addFrame', after: 'f1' });
    const last = longer.frames.find((f) => f.parent === 'f1')!;
    expect(longer.frames.find((f) => f.id === 'f1')!.end).toBeUndefined();
    expect(endOf(longer, last.id)).toEqual({ is: 'reset', flipped: true });
    expect(edit(longer, { do: 'end', frame: 'f1', end: { shot: true } })).toMatchObject({
      ok: false,
      why: { key: 'line-goes-on' },
    });
  });
});

describe('the way to a set', () => {
  it('is as long as the men are from their places, and takes as long as the frame that goes it', () => {
    const play = drawn();
    const { feet, farthest, ball, seconds, frame } = way(play, 'f1');
    const from = play.start.places['3'];
    expect(feet['3']).toBeCloseTo(Math.hypot(from.x + 7, from.y - 7), 6);
    expect(feet['4']).toBe(0);
    expect(farthest).toBe('3');
    expect(ball).toEqual(['2', '1']);
    // He jogs at some 10 to 14 feet a second once he runs (from memory).
    expect(seconds).toBeGreaterThan(feet['3'] / 20);
    expect(seconds).toBeLessThan(feet['3'] / 5 + 2);
    const there = done(play, { do: 'pasteFrame', after: 'f1', frame: frame! });
    const leaf = there.frames.find((f) => f.parent === 'f1')!.id;
    expect(way(there, leaf)).toMatchObject({ frame: null, ball: null, seconds: 0 });
  });
  it('leads to the other side as well, and the ball comes to who starts with it on his way', () => {
    const play = drawn();
    const other = setOf(play, true);
    const { frame } = way(play, 'f1', other);
    const there = done(play, { do: 'pasteFrame', after: 'f1', frame: frame! });
    const leaf = there.frames.find((f) => f.parent === 'f1')!.id;
    const then = way(there, leaf, other);
    expect(then.frame).toBeNull();
    for (const p of PLAYERS) expect(then.feet[p]).toBeLessThanOrEqual(1);
    expect(setOf(play, false)).toEqual(play.start);
  });
});

describe('plays that flow into each other', () => {
  const flows = (all: Record<string, string[]>) => (id: string) => all[id] ?? [];
  it('are followed once: to their end, back to the first, or back into the middle', () => {
    expect(ringFrom('a', flows({ a: ['b'], b: ['c'] }))).toEqual({ ids: ['a', 'b', 'c'], back: null });
    expect(ringFrom('a', flows({ a: ['b'], b: ['a'] }))).toEqual({ ids: ['a', 'b'], back: 0 });
    expect(ringFrom('a', flows({ a: ['b'], b: ['c'], c: ['b'] }))).toEqual({ ids: ['a', 'b', 'c'], back: 1 });
    expect(ringFrom('a', flows({ a: ['a'] }))).toEqual({ ids: ['a'], back: 0 });
  });
});
