import { describe, expect, it } from 'vitest';
import type { Change, NewAction } from './change.ts';
import type { Play } from './document.ts';
import { edit, editAll } from './edit.ts';
import { playOf, samplePlay } from './sample.test-data.ts';
import { childrenOf, lineTo, mainLine } from './tree.ts';

const HOLD: NewAction = { by: '1', does: 'hold' };
const after = (play: Play, ...changes: Change[]): Play => {
  const r = editAll(play, changes);
  if (!r.ok) throw new Error(r.sentence);
  return r.play;
};
/** Three frames in line; two answers beside the second. */
const forked = (): Play =>
  after(
    playOf([[HOLD], [HOLD], [HOLD]]),
    { do: 'addFrame', after: 'f1', fork: true, read: { does: 'switch' } },
    { do: 'addFrame', after: 'f1', fork: true, read: { does: 'trap' } },
  );
const order = (p: Play): string[] => childrenOf(p, 'f1').map((f) => f.id);

describe('endings', () => {
  it('are named, named otherwise, and made the line as drawn again', () => {
    const named = after(forked(), { do: 'read', frame: 'f4', read: { does: 'drop', who: ['x5'] } });
    expect(named.frames.find((f) => f.id === 'f4')!.read).toEqual({ does: 'drop', who: ['x5'] });
    const plain = after(named, { do: 'read', frame: 'f4', read: null });
    expect(plain.frames.find((f) => f.id === 'f4')).not.toHaveProperty('read');
  });
  it('are ordered; the first is the play as drawn', () => {
    const play = forked();
    expect(order(play)).toEqual(['f2', 'f4', 'f5']);
    const promoted = after(play, { do: 'orderEnding', id: 'f5', to: 0 });
    expect(order(promoted)).toEqual(['f5', 'f2', 'f4']);
    expect(mainLine(promoted).map((f) => f.id)).toEqual(['f1', 'f5']);
    expect(order(after(promoted, { do: 'orderEnding', id: 'f5', to: 9 }))).toEqual(['f2', 'f4', 'f5']);
  });
  it('from the set are ordered as well: the first is frame 1 of the document', () => {
    const play = after(samplePlay(), { do: 'addFrame', after: null, fork: true, read: { does: 'deny' } });
    const turned = after(play, { do: 'orderEnding', id: 'f2', to: 0 });
    expect(turned.frames[0]!.id).toBe('f2');
  });
  it('are taken away with everything that follows, never the last line there is', () => {
    expect(after(forked(), { do: 'removeEnding', id: 'f2' }).frames.map((f) => f.id)).toEqual([
      'f1',
      'f4',
      'f5',
    ]);
    expect(edit(forked(), { do: 'removeEnding', id: 'f1' })).toMatchObject({
      sentence: 'It is all there is: empty its frames instead.',
    });
  });
});

describe('frames on a line', () => {
  const line = (p: Play): string[] => mainLine(p).map((f) => f.id);
  const three = () => playOf([[HOLD], [HOLD], [HOLD]]);
  it('go earlier, later, to the front and behind their own followers', () => {
    expect(line(after(three(), { do: 'moveFrame', id: 'f3', after: 'f1' }))).toEqual(['f1', 'f3', 'f2']);
    expect(line(after(three(), { do: 'moveFrame', id: 'f3', after: null }))).toEqual(['f3', 'f1', 'f2']);
    expect(line(after(three(), { do: 'moveFrame', id: 'f1', after: 'f3' }))).toEqual(['f2', 'f3', 'f1']);
    expect(line(after(three(), { do: 'moveFrame', id: 'f2', after: 'f1' }))).toEqual(['f1', 'f2', 'f3']);
  });
  it('a read stays where its ending starts', () => {
    const play = after(forked(), { do: 'addFrame', after: 'f4' }, { do: 'moveFrame', id: 'f4', after: 'f6' });
    expect(lineTo(play, 'f4').map((f) => [f.id, f.read?.does])).toEqual([
      ['f1', undefined],
      ['f6', 'switch'],
      ['f4', undefined],
    ]);
  });
  it('where answers start, and what is an ending alone, stays', () => {
    expect(edit(forked(), { do: 'moveFrame', id: 'f1', after: 'f3' })).toMatchObject({
      sentence: '3 answers start from it: it stays where it is.',
    });
    expect(edit(forked(), { do: 'moveFrame', id: 'f5', after: 'f3' }).ok).toBe(false);
  });
  it('a pasted frame has ids of its own, its ties among each other, and none to what is not here', () => {
    const frame = {
      id: 'other',
      parent: null,
      actions: [
        { ...HOLD, id: 'x1' },
        { by: '2' as const, does: 'hold' as const, id: 'x2', cue: { on: 'x1', event: 'end' as const } },
        { by: '3' as const, does: 'hold' as const, id: 'x3', cue: { on: 'elsewhere' } },
      ],
    };
    const play = after(three(), { do: 'pasteFrame', after: 'f1', frame: frame as never });
    expect(line(play)).toEqual(['f1', 'f4', 'f2', 'f3']);
    expect(play.frames.find((f) => f.id === 'f4')!.actions.map((a) => [a.id, a.cue?.on])).toEqual([
      ['a4', undefined],
      ['a5', 'a4'],
      ['a6', undefined],
    ]);
  });
});
