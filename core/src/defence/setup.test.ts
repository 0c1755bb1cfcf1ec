import { describe, expect, it } from 'vitest';
import { courtFor } from '../court/rulesets.ts';
import { tell } from '../language/tell.ts';
import { compile } from '../motion/compile.ts';
import type { Defence, Play } from '../play/document.ts';
import { playOf } from '../play/sample.test-data.ts';
import { mainLine } from '../play/tree.ts';
import { defenceByWord, defenceWords, playsAs, PRESETS } from './presets.ts';
import type { ManPlan, ZonePlan } from './plan.ts';
import { asRead, setupOf } from './setup.ts';

const court = courtFor({ court: 'nfhs' });
const play = playOf([
  [
    { by: '5', does: 'screen', for: '1', path: [{ x: -3, y: 24 }] },
    { by: '1', does: 'fake', of: 'pass', to: '2' },
    { by: '1', does: 'dribble', path: [{ x: -8, y: 20 }] },
  ],
]);
const setup = (d: Partial<Defence>, p: Play = play) => {
  const { timeline } = compile(p, mainLine(p).at(-1)!.id, court, 'highSchool');
  const { plan, notes } = setupOf(p, { id: 'd', name: 'd', type: 'man', ...d }, timeline, court);
  return { plan, notes: notes.map((n) => tell(n)) };
};
const man = (d: Partial<Defence>, p?: Play): ManPlan => setup(d, p).plan as ManPlan;

describe('a man-to-man defence as it is written', () => {
  it('fills in what most teams play, and says nothing about it', () => {
    const { plan, notes } = setup({});
    expect(notes).toEqual([]);
    expect([...(plan as ManPlan).guards]).toEqual([0, 1, 2, 3, 4]);
    expect(plan).toMatchObject({
      onBall: 'drop',
      offBall: 'trail',
      help: 'weakCorner',
    });
  });
  it('gives a man without one his own number, or whoever is left', () => {
    const { plan, notes } = setup({ matchup: { x1: '2', x2: '1', x4: '4', x5: '5' } });
    expect([...(plan as ManPlan).guards]).toEqual([1, 0, 2, 3, 4]);
    expect(notes).toEqual(['x3 has no man: he takes 3.']);
  });
  it('never puts two on one man', () => {
    const { plan, notes } = setup({ matchup: { x1: '1', x2: '3', x3: '4', x4: '3', x5: '5' } });
    expect([...(plan as ManPlan).guards].sort()).toEqual([0, 1, 2, 3, 4]);
    expect(notes).toEqual(['x2 and x4 both guard 3: x4 takes 2.']);
  });
  it('leaves out the coverage of a screen that was deleted, and one that is none', () => {
    const { plan, notes } = setup({ overrides: { gone: { does: 'switch' }, a1: { does: 'rotation' } } });
    expect((plan as ManPlan).per).toEqual({});
    expect(notes).toEqual([
      'A coverage is kept for a screen that is no longer in the play (switch): it is left out.',
      '"rotation" is no coverage for a screen: the usual one is played on 5\'s.',
    ]);
    expect(man({ overrides: { a1: { does: 'switch' } } }).per).toEqual({ a1: 'switch' });
  });
  it('plays the usual coverage for one that does not belong there', () => {
    const { plan, notes } = setup({ onBall: 'topLock' });
    expect((plan as ManPlan).onBall).toBe('drop');
    expect(notes).toEqual(['"topLock" is no coverage for a screen on the ball: drop is played.']);
  });
  it('knows that a dribble after a fake is read late', () => {
    expect(man({}).lateReads).toMatchObject([{ player: 0, seconds: 0.45 }]);
  });
});

describe('a zone as it is written', () => {
  it('falls back to a 2-3 for one it does not know, and leaves out schools of another', () => {
    const { plan, notes } = setup({ type: 'zone', zone: '4-1', schools: ['wingTrap'] });
    expect(plan).toMatchObject({ type: 'zone', zone: '2-3', schools: [] });
    expect(notes).toEqual([
      'No zone is called "4-1": a 2-3 is played.',
      'A 2-3 knows no "wingTrap": it is left out.',
    ]);
  });
  it('keeps one way of a thing when two are on', () => {
    const { plan, notes } = setup({ type: 'zone', zone: '2-3', schools: ['cornerTrap', 'middleUp'] });
    expect((plan as ZonePlan).schools).toEqual(['cornerTrap']);
    expect(notes).toHaveLength(1);
  });
  it('sends a chaser after whom the coach says, or the nearest', () => {
    const told = setup({ type: 'zone', zone: 'box-and-one', chases: { x5: '3' } }).plan as ZonePlan;
    expect([...told.chases]).toEqual([-1, -1, -1, -1, 2]);
    const near = setup({ type: 'zone', zone: 'triangle-and-two' }).plan as ZonePlan;
    expect([...near.chases].filter((j) => j >= 0)).toHaveLength(2);
  });
});

describe('a read on the line', () => {
  it('says how the defence plays there', () => {
    const base: Defence = { id: 'd', name: 'd', type: 'man', onBall: 'drop', help: 'weakCorner' };
    const line = [
      { id: 'f1', parent: null, actions: [] },
      { id: 'f2', parent: 'f1', read: { does: 'switch' as const }, actions: [] },
      { id: 'f3', parent: 'f2', read: { does: 'none' as const }, actions: [] },
    ];
    expect(asRead(base, line)).toMatchObject({ onBall: 'switch', offBall: 'switch', help: 'none' });
    expect(asRead({ ...base, type: 'zone' }, line)).toMatchObject({ onBall: 'drop' });
  });
});

it('every preset can be named in a word, and a coverage too', () => {
  for (const p of PRESETS) expect(defenceByWord(`${p.defence.type}:${p.key}`)).toMatchObject(p.defence);
  expect(defenceByWord('man:show')).toMatchObject({ type: 'man', onBall: 'show' });
  expect(defenceByWord('zone:show')).toBeUndefined();
  expect(defenceByWord('man:nothing')).toBeUndefined();
});

it('is a preset by how it plays and not by its name, whoever guards whom', () => {
  const [drop] = PRESETS;
  const own: Defence = { ...drop!.defence, id: 'd', name: 'Ours', matchup: { x1: '2', x2: '1' } };
  expect(playsAs(drop!, own)).toBe(true);
  expect(defenceWords(own)).toBe(drop!.words);
  const changed: Defence = { ...drop!.defence, id: 'd', onBall: 'trap', help: 'none' };
  expect(playsAs(drop!, changed)).toBe(false);
  expect(defenceWords(changed)).toBe('On the ball: trap. Off the ball: trail. Tags the roller: nobody');
  expect(defenceWords({ id: 'd', name: '2-3', type: 'zone', zone: '2-3', schools: ['cornerTrap'] })).toBe(
    'Two on top, three low',
  );
});
