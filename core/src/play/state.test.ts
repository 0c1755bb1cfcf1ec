import { describe, expect, it } from 'vitest';
import type { Action } from './document.ts';
import { samplePlay } from './sample.test-data.ts';
import { applyAction, holderOf, startState, type FloorState } from './state.ts';

const start = startState(samplePlay());
const run = (from: FloorState, ...actions: Omit<Action, 'id'>[]): FloorState =>
  actions.reduce((s, a, i) => applyAction(s, { ...a, id: `a${i}` } as Action), from);
const dribble = { by: '1', does: 'dribble', path: [{ x: 2, y: 22 }] } as const;

describe('the ball and the dribble (rule books: one dribble each time a man gets the ball)', () => {
  it('live, then used, then dead once he holds it; live again for the man who catches', () => {
    expect(start.dribble).toBe('live');
    expect(run(start, dribble).dribble).toBe('used');
    expect(run(start, dribble, dribble).dribble).toBe('used');
    expect(run(start, dribble, { by: '1', does: 'hold' } as Action).dribble).toBe('dead');
    const caught = run(start, dribble, { by: '1', does: 'pass', to: '4' } as Action);
    expect([holderOf(caught), caught.dribble]).toEqual(['4', 'live']);
  });
  it('a fake by one without the ball ends nobody’s dribble', () => {
    expect(run(start, dribble, { by: '3', does: 'fake', of: 'screen' } as Action).dribble).toBe('used');
  });
  it('what the ball does not allow leaves it where it is, while the man still moves', () => {
    expect(holderOf(run(start, { by: '2', does: 'pass', to: '3' } as Action))).toBe('1');
    expect(holderOf(run(start, { by: '1', does: 'pass', to: '1' } as Action))).toBe('1');
    const moved = run(start, { by: '2', does: 'dribble', path: [{ x: -9, y: 9 }] } as Action);
    expect(moved.places['2']).toEqual({ x: -9, y: 9 });
    expect(moved.dribble).toBe('live');
  });
  it('after a shot nobody holds it, and the rim knows whose it was', () => {
    const shot = run(start, { by: '1', does: 'shot' } as Action);
    expect(holderOf(shot)).toBeNull();
    expect(shot.ball).toEqual({ at: 'rim', shooter: '1' });
    expect(run(shot, { by: '1', does: 'shot' } as Action)).toEqual(shot);
  });
  it('the thrower-in stands outside until the ball leaves his hands', () => {
    const play = samplePlay();
    const outside = startState({ ...play, start: { ...play.start, throwIn: 'baseline' } });
    expect(outside.thrower).toBe('1');
    expect(run(outside, { by: '1', does: 'fake', of: 'pass' } as Action).thrower).toBe('1');
    expect(run(outside, { by: '1', does: 'pass', to: '2' } as Action).thrower).toBeNull();
  });
  it('a place named by a spot stays named; a free one is not', () => {
    const to = (w: object) => run(start, { by: '2', does: 'cut', path: [w] } as Action).places['2'];
    expect(to({ x: -17, y: 18, spot: 'wingL', plant: true })).toEqual({ x: -17, y: 18, spot: 'wingL' });
    expect(to({ x: -17, y: 18 })).toEqual({ x: -17, y: 18 });
  });
});
