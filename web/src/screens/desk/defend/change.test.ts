import { MAN_PRESETS, newPlay, ZONE_PRESETS } from '@corkscrew/core';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { openOnDesk, undo, useDesk } from '../store.ts';

const kept = vi.hoisted(() => new Map<string, string>());
const storage = {
  getItem: (k: string) => kept.get(k) ?? null,
  setItem: (k: string, v: string) => void kept.set(k, v),
  removeItem: (k: string) => void kept.delete(k),
};
vi.stubGlobal('window', { localStorage: storage });
const { changeDefence, chooseType, coverScreen, takeDefence, tellAction } = await import('./change.ts');
const { showLayer, useView } = await import('./view.ts');

const defences = () => useDesk.getState().play.defences ?? [];
const preset = (key: string) => [...MAN_PRESETS, ...ZONE_PRESETS].find((p) => p.key === key)!.defence;

beforeEach(() => {
  openOnDesk(newPlay({ id: 'x', name: 'X', court: 'nfhs', level: 'pro', alignment: 'horns', ball: '1' }), 0, {
    is: 'saved',
    at: '10:00',
  });
  useView.setState({ on: true });
});

describe('choosing a defence', () => {
  it('puts it first in the play, and undo takes it back', () => {
    chooseType('man');
    expect(defences()).toMatchObject([{ id: 'd1', type: 'man', name: 'Drop' }]);
    chooseType('zone', ZONE_PRESETS);
    expect(defences().map((d) => d.type)).toEqual(['zone', 'man']);
    chooseType('man');
    expect(defences().map((d) => d.type)).toEqual(['man', 'zone']);
    undo();
    expect(defences().map((d) => d.type)).toEqual(['zone', 'man']);
  });
  it('nobody is a way of looking, and changes no document', () => {
    chooseType('man');
    const before = useDesk.getState().play;
    chooseType('none');
    expect(useView.getState().on).toBe(false);
    expect(useDesk.getState().play).toBe(before);
    chooseType('man');
    expect(useView.getState().on).toBe(true);
    expect(useDesk.getState().play).toBe(before);
  });
  it('a preset taken over keeps who guards whom and how single screens are played', () => {
    chooseType('man');
    changeDefence(defences()[0]!, { matchup: { x1: '2', x2: '1', x3: '3', x4: '4', x5: '5' } });
    coverScreen(defences()[0]!, 'a1', 'switch');
    takeDefence(preset('trap'));
    expect(defences()).toHaveLength(1);
    expect(defences()[0]).toMatchObject({
      onBall: 'trap',
      matchup: { x1: '2' },
      overrides: { a1: { does: 'switch' } },
    });
    coverScreen(defences()[0]!, 'a1', null);
    expect(defences()[0]).not.toHaveProperty('overrides');
  });
  it('leaves the instant that is looked at', () => {
    useDesk.setState({ time: 1.4 });
    chooseType('man');
    expect(useDesk.getState().time).toBe(1.4);
  });
});

it('tells of one action its coverage, help and post apart: each goes back to the usual alone', () => {
  chooseType('man');
  coverScreen(defences()[0]!, 'a1', 'switch');
  tellAction(defences()[0]!, 'a1', { help: 'none' });
  expect(defences()[0]).toMatchObject({ overrides: { a1: { does: 'switch', help: 'none' } } });
  coverScreen(defences()[0]!, 'a1', null);
  expect(defences()[0]).toMatchObject({ overrides: { a1: { does: 'own', help: 'none' } } });
  tellAction(defences()[0]!, 'a1', { help: null });
  expect(defences()[0]).not.toHaveProperty('overrides');
});

it('what is shown is remembered on the device', () => {
  showLayer('ghosts', false);
  expect(JSON.parse(kept.get('corkscrew.defence')!)).toMatchObject({
    state: { layers: { ghosts: false, shields: true } },
  });
});
