import { describe, expect, it } from 'vitest';
import { playWith, ROLL, SLIP } from '../answers/plays.test-data.ts';
import type { Play, Read } from '../play/document.ts';
import { lineTo } from '../play/tree.ts';
import { walkThrough } from './walkthrough.ts';

const told = (play: Play, leaf: string): string[] =>
  walkThrough(play, lineTo(play, leaf))
    .filter((f) => f.code === 'reads')
    .map((f) => f.says.key);
const after = (play: Play, id: string, parent: string, read: Read): Play => ({
  ...play,
  frames: [
    ...play.frames,
    { id, parent, read, actions: [{ id: `${id}a`, by: '1', does: 'cut', path: [{ x: 0, y: 20 }] }] },
  ],
});

describe('reads of endings', () => {
  const play = playWith(ROLL, [{ read: { does: 'switch' }, actions: SLIP }]);
  const screen = play.frames[0]!.actions[0]!.id;
  it('are nothing to tell where each is for something else that can be seen', () => {
    expect(told(play, 'e1')).toEqual([]);
    const named = after(play, 'g', 'f1', { does: 'drop', at: { action: screen, event: 'used' } });
    expect(told(named, 'g')).toEqual([]);
    // Who helps is another question than how the screen is played.
    expect(told(after(named, 'h', 'g', { does: 'weakCorner' }), 'h')).toEqual([]);
  });
  it('of a screen that is no longer there are told', () => {
    expect(told(after(play, 'g', 'f1', { does: 'drop', at: { action: 'a99' } }), 'g')).toEqual(['read-gone']);
  });
  it('that are the same for two endings are told on the second', () => {
    const twice = playWith(ROLL, [
      { read: { does: 'switch' }, actions: SLIP },
      { read: { does: 'switch' }, actions: SLIP },
    ]);
    expect(told(twice, 'e1')).toEqual([]);
    expect(told(twice, 'e2')).toEqual(['read-same']);
  });
  it('that contradict what was seen at the same screen are told', () => {
    const at = { action: screen, event: 'used' as const };
    const first = after(play, 'g', 'f1', { does: 'drop', at });
    expect(told(after(first, 'h', 'g', { does: 'switch', at }), 'h')).toEqual(['read-against']);
  });
});
