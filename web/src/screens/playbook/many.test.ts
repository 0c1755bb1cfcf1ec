import { editAll, newPlay, type Change } from '@corkscrew/core';
import { describe, expect, it } from 'vitest';
import { undoing } from './Many.tsx';

describe('a change of several plays', () => {
  it('can be undone, whatever it was', () => {
    const play = newPlay({ id: 'a', name: 'A', court: 'nfhs', level: 'pro', alignment: 'horns', ball: '1' });
    const was = { ...play, series: 'Quay', situation: ['lateClock'], against: ['man'] };
    const changes: Change[] = [
      { do: 'series', series: 'Bell' },
      { do: 'situation', situation: ['lateClock', 'needThree'] },
      { do: 'against', against: ['man', '2-3'] },
      { do: 'about', status: 'retired' },
    ];
    const done = editAll(was, changes);
    if (!done.ok) throw new Error(done.sentence);
    const back = editAll(done.play, undoing(was, changes));
    expect(back.ok && back.play).toEqual(was);
  });
});
