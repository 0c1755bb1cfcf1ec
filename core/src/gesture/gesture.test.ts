import { describe, expect, it } from 'vitest';
import { courtFor } from '../court/rulesets.ts';
import type { Action } from '../play/document.ts';
import { newPlay } from '../play/new-play.ts';
import { startState, walkFrame, type FrameWalk } from '../play/state.ts';
import { comesTo, HANDS, propose } from './propose.ts';
import { reread } from './reread.ts';
import { between, snap, toward } from './snap.ts';
import { unavailable } from './verbs.ts';

const play = newPlay({ id: 'x', name: 'x', court: 'nfhs', level: 'pro', alignment: 'horns', ball: '1' });
const court = courtFor(play);
const state = startState(play);
/** The first frame of a play from Horns after these actions: 1 on top with the ball, 4 and 5 at the elbows. */
const after = (...actions: Omit<Action, 'id'>[]): FrameWalk =>
  walkFrame(state, {
    id: 'f1',
    parent: null,
    actions: actions.map((a, i) => ({ ...a, id: `a${i + 1}` }) as Action),
  });
const fresh = after();
const at = { x: 12, y: 20 };
const drag = (walk: FrameWalk, who: '1' | '2' | '4' | '5', to: { x: number; y: number }, ball = false) =>
  propose(walk, { who, at: to, ball, verb: null });
const apartFrom = (a: { path?: readonly { x: number; y: number }[] }, p: { x: number; y: number }) =>
  Math.hypot(a.path!.at(-1)!.x - p.x, a.path!.at(-1)!.y - p.y);

describe('snapping', () => {
  it('takes the nearest spot within 0.8 m, unless the hand is free', () => {
    expect(snap(court, { x: 6.5, y: 18 }, false)).toMatchObject({ spot: 'elbowR' });
    expect(snap(court, { x: 6.5, y: 18 }, true)).toEqual({ x: 6.5, y: 18 });
    expect(snap(court, { x: 10, y: 14 }, false).spot).toBeUndefined();
  });
  it('keeps a point on the floor and its margin', () => {
    expect(snap(court, { x: 99, y: 99 }, true)).toEqual({ x: 29, y: 35 });
  });
  it('a way is bent in its middle, and a man stops short of another, wherever he comes from', () => {
    expect(between({ x: 0, y: 0 }, { x: 10, y: 4 })).toEqual({ x: 5, y: 2 });
    expect(toward({ x: 0, y: 10 }, { x: 0, y: 30 }, 3)).toEqual({ x: 0, y: 13 });
    expect(toward({ x: 4, y: 4 }, { x: 4, y: 4 }, 3)).toEqual({ x: 4, y: 7 });
  });
});

describe('what a drag means', () => {
  it('a man without the ball cuts; with it he dribbles', () => {
    expect(drag(fresh, '2', at)).toMatchObject({ does: 'cut', path: [at] });
    expect(drag(fresh, '1', at)).toMatchObject({ does: 'dribble', path: [at] });
  });
  it('the ball onto a man is a pass, onto the floor a dribble', () => {
    expect(drag(fresh, '1', state.places['4'], true)).toEqual({ by: '1', does: 'pass', to: '4' });
    expect(drag(fresh, '1', at, true)).toMatchObject({ does: 'dribble' });
  });
  it('a man without the ball onto the one who has it, or onto any other, screens for him: beside and not on him', () => {
    for (const [who, mate] of [
      ['5', '1'],
      ['5', '2'],
    ] as const) {
      const a = drag(fresh, who, state.places[mate]);
      expect(a).toMatchObject({ does: 'screen', for: mate });
      expect(apartFrom(a as never, state.places[mate])).toBeGreaterThan(2.5);
    }
  });
  it('the man with the ball hands it to one who comes or is within reach, and dribbles at one who stands', () => {
    expect(drag(fresh, '1', state.places['2'])).toMatchObject({ does: 'dribble' });
    const comes = after({ by: '2', does: 'cut', path: [{ x: 2, y: state.places['1'].y + 1 }] } as never);
    expect(drag(comes, '1', comes.after.places['2'])).toEqual({ by: '1', does: 'handoff', to: '2' });
    const runsBy = after({
      by: '2',
      does: 'cut',
      path: [{ ...state.places['1'] }, { x: 18, y: 20 }],
    } as never);
    expect(comesTo(runsBy, '2', state.places['1'])).toBe(true);
  });
  it('nobody eight feet away is handed the ball', () => {
    const eight = after({
      by: '2',
      does: 'cut',
      path: [{ x: state.places['1'].x + 8, y: state.places['1'].y }],
    } as never);
    const a = drag(eight, '1', eight.after.places['2']);
    expect(a?.does).toBe('dribble');
    expect(apartFrom(a as never, eight.after.places['2'])).toBeLessThanOrEqual(HANDS);
  });
  it('the ball passed on in the frame belongs to its receiver', () => {
    const passed = after({ by: '1', does: 'pass', to: '4' } as never);
    expect(drag(passed, '4', at)).toMatchObject({ by: '4', does: 'dribble' });
    expect(drag(passed, '1', at)).toMatchObject({ by: '1', does: 'cut' });
  });
});

describe('a verb that was said', () => {
  const say = (
    who: '1' | '2' | '5',
    verb: 'cut' | 'pass' | 'fake' | 'seal' | 'screen' | 'handoff',
    p = at,
    to?: '2' | '4' | '5',
  ) => propose(fresh, { who, at: p, ball: false, verb, to });
  it('wins over what the floor tells, also where a teammate stands', () => {
    expect(say('2', 'seal')).toMatchObject({ does: 'seal', path: [at] });
    expect(say('2', 'cut', state.places['4'])).toMatchObject({
      does: 'cut',
      path: [{ ...state.places['4'] }],
    });
    expect(say('2', 'pass', at, '5')).toEqual({ by: '2', does: 'pass', to: '5' });
  });
  it('takes the man nearest to where it was pointed; a place he is in already is none', () => {
    expect(say('1', 'pass', { x: -3, y: 24 })).toMatchObject({ does: 'pass' });
    expect(say('2', 'cut', state.places['2'])).toBeNull();
  });
  it('a fake takes a man: of a pass, or of a handoff where he is near; without one it is of a shot or a screen', () => {
    expect(say('1', 'fake', at, '5')).toEqual({ by: '1', does: 'fake', of: 'pass', to: '5' });
    expect(say('1', 'fake')).toEqual({ by: '1', does: 'fake', of: 'shot' });
    expect(say('2', 'fake')).toEqual({ by: '2', does: 'fake', of: 'screen' });
  });
});

describe('a stroke read anew', () => {
  const made = (action: Omit<Action, 'id'>, verb: Action['does']) => {
    const walk = after(action);
    return reread(walk, walk.frame.actions[0]!, verb);
  };
  it('a screen becomes a cut to the man and back, a cut beside a man a screen for him', () => {
    const hip = toward(state.places['1'], state.places['5'], 2.8);
    expect(made({ by: '5', does: 'screen', for: '1', path: [hip] } as never, 'cut')).toMatchObject({
      by: '5',
      does: 'cut',
      path: [hip],
    });
    expect(made({ by: '5', does: 'cut', path: [hip] } as never, 'screen')).toMatchObject({
      does: 'screen',
      for: '1',
    });
  });
  it('keeps the bends, the cue and the note', () => {
    const way = [
      { x: 10, y: 10 },
      { x: 14, y: 20 },
    ];
    expect(
      made(
        { by: '2', does: 'cut', path: way, cue: { on: 'frame', delay: 1 }, note: 'wide' } as never,
        'seal',
      ),
    ).toMatchObject({ does: 'seal', path: way, cue: { on: 'frame', delay: 1 }, note: 'wide' });
  });
  it('a dribble at a man is a pass or a handoff to him, never a cut', () => {
    const hip = toward(state.places['4'], state.places['1'], 2.8);
    const dribble = { by: '1', does: 'dribble', path: [hip] } as never;
    expect(made(dribble, 'handoff')).toEqual({ by: '1', does: 'handoff', to: '4' });
    expect(made(dribble, 'pass')).toEqual({ by: '1', does: 'pass', to: '4' });
    expect(made(dribble, 'cut')).toBeNull();
  });
  it('what it can’t be is the next verb: a shot, or a pass to nobody', () => {
    expect(made({ by: '1', does: 'dribble', path: [{ x: 15, y: 30 }] } as never, 'pass')).toBeNull();
    expect(made({ by: '1', does: 'dribble', path: [{ x: 15, y: 30 }] } as never, 'shot')).toBeNull();
  });
});

it('says why a verb is not to be had', () => {
  expect(unavailable(state, '5', 'pass')).toBe('noBall');
  expect(unavailable(state, '1', 'pass')).toBeNull();
  expect(unavailable(state, '1', 'cut')).toBe('hasBall');
  const dead = after(
    { by: '1', does: 'dribble', path: [{ x: 3, y: 25 }] } as never,
    { by: '1', does: 'hold' } as never,
  );
  expect(unavailable(dead.after, '1', 'dribble')).toBe('pickedUp');
});
