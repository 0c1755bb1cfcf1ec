import { describe, expect, it } from 'vitest';
import { at, pass, playOf } from '../install/season.test-data.ts';
import { looksByMan, looksOf } from './looks.ts';

const shot = (by: '2' | '3' | '5') => ({ by, does: 'shot' }) as const;
const play = playOf(
  'p',
  [[{ by: '5', does: 'screen', for: '2', path: [at('wingR')] }, pass('1', '2'), shot('2')]],
  [{ read: { does: 'switch' }, actions: [pass('1', '5'), shot('5')] }],
);

describe('who gets the looks', () => {
  it('without looks of the coach’s the shot as drawn is first, that of an ending second', () => {
    const looks = looksOf(play);
    expect([looks['2'].first, looks['5'].second, looks['5'].screens]).toEqual([true, true, 1]);
    expect(looks['5'].feet).toBeGreaterThan(5);
  });
  it('the coach’s looks come before what is drawn', () => {
    const own = {
      ...play,
      frames: play.frames.map((f, i) =>
        i === 0 ? { ...f, looks: [{ id: 'l1', player: '3' as const, kind: 'shot' as const, order: 1 }] } : f,
      ),
    };
    const looks = looksOf(own);
    expect([looks['3'].first, looks['2'].second, looks['2'].first]).toEqual([true, true, false]);
  });
  it('a man has those of the number he plays, play by play', () => {
    const all = [
      { play, five: [0, 1, 2, 3, 4] },
      { play, five: [0, 4, 2, 3, 1] },
    ];
    expect(looksByMan(all, 1)).toMatchObject({ first: 1, second: 1, screens: 1 });
    expect(looksByMan(all, 9)).toEqual({ first: 0, second: 0, screens: 0, feet: 0 });
  });
});
