import { describe, expect, it } from 'vitest';
import { courtFor } from '../court/rulesets.ts';
import { tell } from '../language/tell.ts';
import { compile } from '../motion/compile.ts';
import type { Defence, Play, Read } from '../play/document.ts';
import { playOf } from '../play/sample.test-data.ts';
import { mainLine } from '../play/tree.ts';
import { defenceByWord, defenceWords, playsAs, PRESETS } from './presets.ts';
import type { ManPlan, ZonePlan } from './plan.ts';
import { levelRecord } from '../motion/level.ts';
import type { Timeline } from '../motion/timeline.ts';
import type { Change } from '../play/change.ts';
import { editAll } from '../play/edit.ts';
import { DEFENDERS } from '../play/vocabulary.ts';
import { railsOf } from './rails.ts';
import { asRead, readsOn, type ReadSeen } from './reads.ts';
import { setupOf } from './setup.ts';
import { simulate } from './simulate.ts';

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
function edited(p: Play, ...changes: Change[]): Play {
  const r = editAll(p, changes);
  if (!r.ok) throw new Error(r.sentence);
  return r.play;
}
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
  const base: Defence = { id: 'd', name: 'd', type: 'man', onBall: 'drop', help: 'weakCorner' };
  /** The play, and after it a frame with a read. */
  const read = (r: Read): { p: Play; reads: readonly ReadSeen[]; timeline: Timeline } => {
    const p = edited(
      play,
      { do: 'addFrame', after: 'f1', read: r },
      { do: 'addAction', frame: 'f2', action: { by: '2', does: 'cut', path: [{ x: -4, y: 8 }] } },
    );
    const { timeline } = compile(p, 'f2', court, 'highSchool');
    return { p, reads: readsOn(p, timeline, court), timeline };
  };
  it('says how the screen it reads is played, and no other one', () => {
    const { reads, p, timeline } = read({ does: 'switch' });
    expect(reads[0]!.action!.action.id).toBe('a1');
    const as = asRead(base, reads);
    expect(as).toMatchObject({ onBall: 'drop', overrides: { a1: { does: 'switch' } } });
    expect((setupOf(p, as, timeline, court, reads).plan as ManPlan).per).toEqual({ a1: 'switch' });
    expect(asRead({ ...base, type: 'zone' }, reads)).toMatchObject({ onBall: 'drop' });
  });
  it('of help, denial and the post holds for the line', () => {
    expect(asRead(base, read({ does: 'none' }).reads)).toMatchObject({ help: 'none' });
    expect(asRead(base, read({ does: 'front' }).reads)).toMatchObject({ post: 'front' });
    expect(asRead(base, read({ does: 'deny', who: ['x2'] }).reads)).toMatchObject({ deny: ['x2'] });
    expect(asRead(base, read({ does: 'watches', who: ['x3'] }).reads)).toMatchObject({ watches: ['x3'] });
  });
  it('over is over, whatever the big does; who cheats goes for the gap', () => {
    const per = (does: 'over' | 'cheats', onBall: Defence['onBall']) => {
      const { p, reads, timeline } = read({ does, who: ['x1'], at: { action: 'a1' } });
      return (setupOf(p, asRead({ ...base, onBall }, reads), timeline, court, reads).plan as ManPlan).per;
    };
    expect(per('over', 'under')).toEqual({ a1: 'drop' });
    expect(per('over', 'show')).toEqual({ a1: 'show' });
    expect(per('cheats', 'drop')).toEqual({ a1: 'under' });
  });
  it.each([
    ['helps', 3],
    ['sags', 3],
    ['late', 0],
    ['sealed', 0],
  ] as const)('%s: he who is named does, and nobody else', (does, who) => {
    const { p, reads, timeline } = read({ does, who: [DEFENDERS[who]] });
    const { plan } = setupOf(p, asRead(base, reads), timeline, court, reads);
    expect(plan.acts.map((a) => [a.does, a.who])).toEqual([[does, who]]);
    const rails = railsOf(timeline, court, levelRecord('highSchool'));
    const [as, usual] = [plan, { ...plan, acts: [] }].map((x) => simulate(rails, x));
    const apart = as!.x.map((x, i) =>
      i % 5 === who ? Math.hypot(x - usual!.x[i]!, as!.y[i]! - usual!.y[i]!) : 0,
    );
    // A seal holds one who has stopped by his man: it shows less on a dribble.
    expect(Math.max(...apart)).toBeGreaterThan(does === 'sealed' ? 0.05 : 1);
  });
  it.each(['goes', 'stays', 'stepsUp', 'trap'] as const)('a zone man %s', (does) => {
    const moved = edited(
      play,
      { do: 'addFrame', after: 'f1' },
      { do: 'addAction', frame: 'f2', action: { by: '1', does: 'pass', to: '4' } },
      { do: 'addFrame', after: 'f2', read: { does, who: ['x4'] } },
      { do: 'addAction', frame: 'f3', action: { by: '4', does: 'hold', seconds: 2 } },
    );
    const { timeline } = compile(moved, 'f3', court, 'highSchool');
    const reads = readsOn(moved, timeline, court);
    const zone: Defence = { id: 'z', name: 'z', type: 'zone', zone: '2-3' };
    const { plan } = setupOf(moved, zone, timeline, court, reads);
    expect(plan.acts).toHaveLength(1);
    const rails = railsOf(timeline, court, levelRecord('highSchool'));
    const [as, usual] = [plan, { ...plan, acts: [] }].map((x) => simulate(rails, x));
    const k = Math.round((plan.acts[0]!.from + 1.5) / rails.dt) * 5 + 3;
    expect(Math.hypot(as!.x[k]! - usual!.x[k]!, as!.y[k]! - usual!.y[k]!)).toBeGreaterThan(0.5);
  });
});

describe('help, tag and post are told for one action', () => {
  it('and hold there only', () => {
    const d: Defence = {
      id: 'd',
      name: 'd',
      type: 'man',
      help: 'weakCorner',
      overrides: { a1: { does: 'own', help: 'none' }, a3: { does: 'own', help: 'none' } },
    };
    const { timeline } = compile(play, 'f1', court, 'highSchool');
    const { plan, notes } = setupOf(play, d, timeline, court);
    expect(notes.map((n) => tell(n))).toEqual([]);
    expect((plan as ManPlan).own.map((o) => [o.action, o.help])).toEqual([
      ['a1', 'none'],
      ['a3', 'none'],
    ]);
    expect((plan as ManPlan).per).toEqual({});
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
