import { describe, expect, it } from 'vitest';
import { courtFor } from '../court/rulesets.ts';
import { compile } from '../motion/compile.ts';
import { edit } from '../play/edit.ts';
import { flip } from '../play/operations.ts';
import type { Look, Play } from '../play/document.ts';
import { looksIn, reordered, worthOf, type LookIn } from './looks.ts';
import { judged, man, playWith, POP, ROLL } from './plays.test-data.ts';

const looks = (play: Play, frame = 'f1'): LookIn[] =>
  looksIn(play, frame, courtFor(play), (leaf) => compile(play, leaf, courtFor(play), play.level).timeline);
/** The roller does not shoot at once: against a show he throws it on. */
const caught = playWith({ ...ROLL, frames: [ROLL.frames[0]!.slice(0, -1)] });
const forked: Play = {
  ...caught,
  frames: [
    ...caught.frames,
    {
      id: 'f2',
      parent: 'f1',
      read: { does: 'show', who: ['x5'] },
      actions: [{ id: 'b1', by: '5', does: 'pass', to: '3' }],
    },
  ],
};

describe('the looks of a frame', () => {
  it('until the coach says are what anybody would call one: a catch that is shot at once is one', () => {
    expect(looks(playWith(ROLL)).map((l) => [l.look.player, l.look.kind, l.inferred])).toEqual([
      ['5', 'pass', true],
    ]);
  });
  it('and then what each ending that starts there is for, with its read', () => {
    const all = looks(forked);
    expect(all).toHaveLength(2);
    expect(all[1]!.look).toMatchObject({ player: '3', frame: 'f2', when: { does: 'show' } });
    expect(all[1]!.leaf).toBe('f2');
  });
  it('moved once they are the coach’s, in his order, and stay so through a mirror; taken away they are read again', () => {
    const order = reordered(looks(forked), 1, 0);
    expect(order.map((l) => [l.player, l.order])).toEqual([
      ['3', 1],
      ['5', 2],
    ]);
    const said = edit(forked, { do: 'looks', frame: 'f1', looks: order });
    if (!said.ok) throw new Error(said.sentence);
    const now = looks(said.play);
    expect(now.map((l) => [l.look.player, l.inferred])).toEqual([
      ['3', false],
      ['5', false],
    ]);
    expect(looks(flip(said.play)).map((l) => l.look.player)).toEqual(['3', '5']);
    const again = edit(said.play, { do: 'looks', frame: 'f1', looks: [] });
    expect(again.ok && looks(again.play).every((l) => l.inferred)).toBe(true);
  });
  it('are worth what the defence chosen leaves: the roll more against a show than against a drop', () => {
    const play = playWith(ROLL);
    const [roll] = looks(play);
    const worth = (onBall: 'show' | 'drop') => worthOf(judged(play, man({ onBall })).drawn, roll!)!;
    expect(worth('show').worth).toBeGreaterThan(worth('drop').worth + 0.3);
    expect(worth('show').open).toBe(true);
    expect(worth('drop').open).toBe(false);
  });
  it('one that nothing is thrown or shot for has no figure', () => {
    const keep: Look = { id: 'l1', player: '1', kind: 'keep', order: 1 };
    expect(
      worthOf(judged(playWith({ ...ROLL, frames: [POP] })).drawn, { look: keep, leaf: 'f1' }),
    ).toBeNull();
  });
});
