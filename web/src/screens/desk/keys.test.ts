import { newPlay, type Action } from '@corkscrew/core';
import type { KeyboardEvent } from 'react';
import { beforeEach, describe, expect, it } from 'vitest';
import { courtKey, deskKey } from './keys.ts';
import { goToFrame, openOnDesk, useDesk } from './store.ts';
import { timelineOf } from './timeline.ts';

const desk = useDesk.getState;
const actions = (): readonly Action[] => desk().play.frames.at(-1)!.actions;

const event = (key: string, mods: object) => ({
  key,
  shiftKey: false,
  ctrlKey: false,
  metaKey: false,
  altKey: false,
  preventDefault: () => undefined,
  stopPropagation: () => undefined,
  ...mods,
});
/** Presses keys on the court, one after another. */
const press = (...keys: (string | [string, object])[]): void => {
  for (const k of keys) {
    const [key, mods] = typeof k === 'string' ? [k, {}] : k;
    courtKey(event(key, mods) as unknown as KeyboardEvent);
  }
};
const onDesk = (key: string, mods: object = {}) =>
  deskKey(event(key, mods) as unknown as globalThis.KeyboardEvent);
const shift = (key: string): [string, object] => [key, { shiftKey: true }];

beforeEach(() => {
  openOnDesk(newPlay({ id: 'x', name: 'x', court: 'nfhs', level: 'pro', alignment: 'horns', ball: '1' }), 0, {
    is: 'saved',
    at: '',
  });
  useDesk.setState({ placing: false });
});

describe('who, then verb, then where', () => {
  it('2 C rs Enter: 2 cuts to the right slot', () => {
    press('2', 'c', 'r', 's', 'Enter');
    expect(actions()).toMatchObject([{ by: '2', does: 'cut', path: [{ spot: 'slotR' }] }]);
    expect(desk()).toMatchObject({ selected: '2', pending: null });
  });
  it('1 P 4 Enter: a pass; 5 S 1 Enter: a screen for him; 1 F: a shot at once', () => {
    press('1', 'p', '4', 'Enter', '5', 's', '3', 'Enter', '4', 'f');
    expect(actions()).toMatchObject([
      { by: '1', does: 'pass', to: '4' },
      { by: '5', does: 'screen', for: '3' },
      { by: '4', does: 'shot' },
    ]);
  });
  it('the arrows set an end point, a quarter metre a press, a metre with Shift', () => {
    const from = desk().play.start.places['2'];
    press('2', 'c', 'ArrowDown', shift('ArrowRight'), 'Enter');
    const [cut] = actions();
    expect(cut?.does === 'cut' && cut.path[0]).toEqual({
      x: expect.closeTo(from.x + 3.28, 1) as number,
      y: expect.closeTo(from.y + 0.82, 1) as number,
    });
  });
  it('a wrong code, nobody named, or the place he stands on: a sentence, and the verb stays open', () => {
    press('2', 'c', 'z', 'q', 'Enter');
    expect(desk().notice).toBe('“zq” is no spot. G shows the codes.');
    press('Backspace', 'Backspace', 'Enter');
    expect(desk().notice).toBe('Where to? Type a spot’s code, like rs, or use the arrows.');
    press('l', 'c', 'Enter');
    expect(desk().notice).toBe('2 is already there.');
    press('Escape', '1', 'p', 'Enter');
    expect(desk().notice).toBe('To whom? Press his number.');
    expect(actions()).toEqual([]);
  });
  it('0 is whoever has the ball; Escape lets go', () => {
    press('1', 'p', '4', 'Enter', '0');
    expect(desk().selected).toBe('4');
    press('Escape');
    expect(desk().selected).toBeNull();
  });
});

describe('the chosen action', () => {
  const chosen = () => actions().find((a) => a.id === desk().actionId)!;
  it('W goes through the tempos, Delete takes it away', () => {
    press('2', 'c', 'r', 's', 'Enter');
    useDesk.setState({ actionId: 'a1' });
    const seen = ['w', 'w', 'w', 'w'].map((k) => {
      press(k);
      const a = chosen();
      return a.does === 'cut' && a.tempo;
    });
    expect(seen).toEqual(['sprint', 'walk', 'jog', 'cut']);
    press('Delete');
    expect(actions()).toEqual([]);
  });
  it(', and . turn a screen by 15 degrees and come back', () => {
    press('5', 's', '3', 'Enter');
    useDesk.setState({ actionId: 'a1' });
    const angle = () => {
      const a = chosen();
      return a.does === 'screen' ? a.angle! : NaN;
    };
    press('.');
    const first = angle();
    press('.');
    expect((first - angle() + 360) % 360).toBe(15);
    press(',');
    expect(angle()).toBe(first);
  });
  it('neither does anything to an action that has no tempo or no angle', () => {
    press('1', 'p', '4', 'Enter');
    useDesk.setState({ actionId: 'a1' });
    const before = desk().play;
    press('w', '.');
    expect(desk().play).toBe(before);
  });
});

describe('placing the five', () => {
  it('arrows move the selected man before the first frame', () => {
    useDesk.setState({ placing: true });
    const from = desk().play.start.places['3'];
    press('3', 'ArrowLeft');
    expect(desk().play.start.places['3'].x).toBeCloseTo(from.x - 0.82, 1);
  });
});

describe('the whole desk', () => {
  it('[ and ] step through frames, N opens one; Ctrl Z and Ctrl Shift Z undo and redo', () => {
    press('1', 'p', '4', 'Enter', 'n');
    expect(desk().frameId).toBe('f2');
    onDesk('[');
    expect(desk().frameId).toBe('f1');
    onDesk(']');
    expect(desk().frameId).toBe('f2');
    onDesk('z', { ctrlKey: true });
    expect(desk().play.frames).toHaveLength(1);
    onDesk('Z', { ctrlKey: true, shiftKey: true });
    expect(desk().play.frames).toHaveLength(2);
  });
  it('Shift P presents, other keys with Ctrl or Alt are left to the browser', () => {
    expect(onDesk('p', { ctrlKey: true })).toBe(false);
    expect(onDesk('[', { altKey: true })).toBe(false);
    expect(onDesk('P', { shiftKey: true })).toBe(true);
    expect(desk().presenting).toBe(true);
  });
  it('J and L move through time by a tenth of a second and never leave the play', () => {
    press('1', 'p', '4', 'Enter');
    goToFrame('f1');
    press('l', 'l');
    expect(desk().time).toBeCloseTo(0.2, 9);
    press('j', 'j', 'j');
    expect(desk().time).toBe(0);
    for (let i = 0; i < 100; i++) press('l');
    const { play, branch, frameId } = desk();
    expect(desk().time).toBe(timelineOf(play, branch, frameId).end);
  });
  it('while it runs, keys that draw do nothing; K stops it', () => {
    press('1', 'p', '4', 'Enter', 'k');
    expect(desk().running).toBe(true);
    press('2', 'c', 'r', 's', 'Enter');
    expect(actions()).toHaveLength(1);
    press(' ');
    expect(desk().running).toBe(false);
  });
  it('O and G switch the last frame and the spots', () => {
    const { showLast, showSpots } = desk();
    press('o', 'g');
    expect(desk()).toMatchObject({ showLast: !showLast, showSpots: !showSpots });
    press('o', 'g');
  });
});
