import { courtFor, newPlay, startState, walkFrame, type FloorState } from '@corkscrew/core';
import { describe, expect, it } from 'vitest';
import { propose, snap, unavailable } from './propose.ts';

const play = newPlay({ id: 'x', name: 'x', court: 'nfhs', level: 'pro', alignment: 'horns', ball: '1' });
const court = courtFor(play);
const state: FloorState = startState(play);

describe('snapping', () => {
  it('takes the nearest spot within 0.8 m, unless the hand is free', () => {
    expect(snap(court, { x: 6.5, y: 18 }, false)).toMatchObject({ spot: 'elbowR' });
    expect(snap(court, { x: 6.5, y: 18 }, true)).toEqual({ x: 6.5, y: 18 });
    expect(snap(court, { x: 10, y: 14 }, false).spot).toBeUndefined();
  });
  it('keeps a point on the floor and its margin', () => {
    expect(snap(court, { x: 99, y: 99 }, true)).toEqual({ x: 29, y: 35 });
  });
});

describe('what a drag means', () => {
  const at = { x: 12, y: 20 };
  it('a man without the ball cuts; with it he dribbles', () => {
    expect(propose(state, { who: '2', at, ball: false, verb: null })).toMatchObject({ does: 'cut' });
    expect(propose(state, { who: '1', at, ball: false, verb: null })).toMatchObject({ does: 'dribble' });
  });
  it('the ball onto a man is a pass, onto the floor a dribble', () => {
    expect(propose(state, { who: '1', at: state.places['4'], ball: true, verb: null })).toEqual({
      by: '1',
      does: 'pass',
      to: '4',
    });
    expect(propose(state, { who: '1', at, ball: true, verb: null })).toMatchObject({ does: 'dribble' });
  });
  it('onto a teammate’s hip is a screen for him, beside and not on him', () => {
    const a = propose(state, { who: '5', at: { x: 21, y: 4.5 }, ball: false, verb: null });
    expect(a).toMatchObject({ does: 'screen', for: '3' });
    const p = a && 'path' in a ? a.path![0]! : { x: 0, y: 0 };
    expect(Math.hypot(p.x - state.places['3'].x, p.y - state.places['3'].y)).toBeGreaterThan(2.5);
  });
  it('a said verb wins; too short a way is nothing yet', () => {
    expect(propose(state, { who: '2', at, ball: false, verb: 'seal' })).toMatchObject({
      does: 'seal',
      path: [at],
    });
    expect(propose(state, { who: '2', at: state.places['2'], ball: false, verb: 'cut' })).toBeNull();
    expect(propose(state, { who: '1', at: { x: -3, y: 24 }, ball: false, verb: 'pass' })).toMatchObject({
      does: 'pass',
    });
    expect(propose(state, { who: '2', at, ball: false, verb: 'pass', to: '5' })).toEqual({
      by: '2',
      does: 'pass',
      to: '5',
    });
  });
});

it('says why a verb is not to be had', () => {
  expect(unavailable(state, '5', 'pass')).toBe('5 hasn’t got the ball.');
  expect(unavailable(state, '1', 'pass')).toBeNull();
  const dead = walkFrame(state, {
    id: 'f',
    parent: null,
    actions: [
      { id: 'a', by: '1', does: 'dribble', path: [{ x: 3, y: 25 }] },
      { id: 'b', by: '1', does: 'hold' },
    ],
  }).after;
  expect(unavailable(dead, '1', 'dribble')).toBe('1 has picked up his dribble.');
});
