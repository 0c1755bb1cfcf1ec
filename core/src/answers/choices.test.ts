import { describe, expect, it } from 'vitest';
import { courtFor } from '../court/rulesets.ts';
import { spotPoint } from '../court/spots.ts';
import { readWords } from '../language/read.ts';
import type { NewAction } from '../play/change.ts';
import type { Defence } from '../play/document.ts';
import { playOf, samplePlay } from '../play/sample.test-data.ts';
import { walkLine } from '../play/state.ts';
import { mainLine } from '../play/tree.ts';
import { readPoint } from './choices.ts';

const court = courtFor({ court: 'nfhs' });
const man: Defence = { id: 'd', name: 'd', type: 'man' };
const after = (actions: NewAction[], defence: Defence | null = man) => {
  const play = playOf([actions]);
  return readPoint(play, court, walkLine(play, mainLine(play)).slice(0, 1), defence);
};
const SCREEN: NewAction = { by: '5', does: 'screen', for: '1', path: [{ x: 3, y: 25 }] };
const words = (point: ReturnType<typeof after>) =>
  point.choices.map((c) => readWords({ does: c.does, who: [...c.who] }));

describe('what they may do here (common practice)', () => {
  it('at a ball screen: the screener’s man drops or shows, the user’s goes under, all switch', () => {
    const point = after([SCREEN, { by: '1', does: 'dribble', path: [{ x: 12, y: 22 }] }]);
    expect(point).toMatchObject({ is: 'ballScreen', action: 'a1' });
    expect(words(point)).toEqual(
      expect.arrayContaining(['x5 drops', 'x5 shows', 'x1 goes under', 'They switch', 'They trap']),
    );
  });
  it('off the ball, at a handoff, on an entry, on a drive and on a pass', () => {
    const of = (...actions: NewAction[]) => after(actions).is;
    expect(of({ by: '5', does: 'screen', for: '3', path: [{ x: 19, y: 6 }] })).toBe('offScreen');
    expect(of({ by: '1', does: 'handoff', to: '2' })).toBe('handoff');
    expect(of({ by: '1', does: 'pass', to: '4' })).toBe('entry');
    expect(of({ by: '1', does: 'dribble', path: [{ x: 0, y: 6 }] })).toBe('drive');
    expect(of({ by: '1', does: 'pass', to: '2' })).toBe('pass');
    expect(of({ by: '2', does: 'cut', path: [{ x: 0, y: 6 }] })).toBe('other');
    expect(readPoint(samplePlay(), court, [], man).is).toBe('set');
  });
  it('the last thing worth reading is read, not what was done beside it', () => {
    expect(after([SCREEN, { by: '2', does: 'cut', path: [{ x: -17, y: 18 }] }])).toMatchObject({
      is: 'ballScreen',
      action: 'a1',
    });
  });
  it('a screen that was set in the frame before is read where it is used', () => {
    const play = playOf([
      [SCREEN],
      [
        {
          by: '1',
          does: 'dribble',
          path: [
            { x: 3.5, y: 28 },
            { x: 12, y: 22 },
          ],
        },
      ],
    ]);
    const walks = walkLine(play, mainLine(play));
    expect(walks).toHaveLength(2);
    expect(readPoint(play, court, walks, man)).toMatchObject({ is: 'ballScreen', action: 'a1' });
  });
  it('by whom is as they are matched up', () => {
    const point = after([SCREEN], { ...man, matchup: { x1: '5', x5: '1' } });
    expect(words(point)).toEqual(expect.arrayContaining(['x1 drops', 'x5 goes under']));
  });
  it('a zone is read by its shields', () => {
    const point = after([SCREEN], { id: 'd', name: 'd', type: 'zone', zone: '2-3' });
    expect(point.choices.map((c) => c.does)).toEqual(['goes', 'stays', 'stepsUp', 'trap', 'late']);
  });
  it('each has a letter of its own, everywhere', () => {
    const points = [
      after([SCREEN]),
      after([{ by: '5', does: 'screen', for: '3', path: [{ x: spotPoint(court, 'wingR').x, y: 8 }] }]),
      after([{ by: '1', does: 'handoff', to: '2' }]),
      after([{ by: '1', does: 'pass', to: '4' }]),
      after([{ by: '1', does: 'dribble', path: [{ x: 0, y: 6 }] }]),
    ];
    for (const p of points) {
      const keys = p.choices.map((c) => c.key);
      expect(new Set(keys).size).toBe(keys.length);
      expect(keys.every((k) => /^[a-z]$/.test(k))).toBe(true);
    }
  });
});
