import { describe, expect, it } from 'vitest';
import { PLAYERS } from '../alignment/library.ts';
import { courtFor } from '../court/rulesets.ts';
import { distance } from '../geometry/vec.ts';
import { playOf } from '../play/sample.test-data.ts';
import { walkLine } from '../play/state.ts';
import { lineThrough } from '../play/tree.ts';
import { compile } from './compile.ts';
import { restTimes } from './rest.ts';
import { positionAt } from './track.ts';

const court = courtFor({ court: 'nfhs' });
const play = playOf([
  [
    { by: '2', does: 'cut', path: [{ x: -20, y: 20 }], tempo: 'jog', background: true },
    { by: '4', does: 'cut', path: [{ x: -8, y: 12 }] },
  ],
  [
    { by: '1', does: 'pass', to: '4' },
    { by: '3', does: 'cut', path: [{ x: 10, y: 25 }] },
  ],
  [{ by: '4', does: 'dribble', path: [{ x: -3, y: 8 }] }],
]);
const { timeline } = compile(play, 'f3', court, 'highSchool');

describe('when each stands where a picture has him', () => {
  it('is the start of the frame, and later for one who still runs in the background', () => {
    const [first, second] = [restTimes(timeline, 'f1'), restTimes(timeline, 'f2')];
    expect(first).toEqual([0, 0, 0, 0, 0]);
    const { start } = timeline.bars[1]!;
    expect(second[1]).toBeGreaterThan(start + 0.2);
    expect(second.filter((_, j) => j !== 1)).toEqual([start, start, start, start]);
  });
  it('is when he is at the place of the picture, in every frame', () => {
    const walks = walkLine(play, lineThrough(play, 'f3'));
    timeline.bars.forEach((b, i) => {
      const times = restTimes(timeline, b.frame);
      PLAYERS.forEach((p, j) =>
        expect(distance(positionAt(timeline, p, times[j]!), walks[i]!.before.places[p])).toBeLessThan(0.01),
      );
    });
  });
  it('is the start of the play for a frame that is not on the line', () => {
    expect(restTimes(timeline, 'f9')).toEqual([0, 0, 0, 0, 0]);
  });
});
