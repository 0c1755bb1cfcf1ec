import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { courtFor } from '../court/rulesets.ts';
import { drawnPlays } from '../gesture/drawn.test-data.ts';
import type { NewAction } from '../play/change.ts';
import type { Frame, Play } from '../play/document.ts';
import { playOf } from '../play/sample.test-data.ts';
import { pathOf, walkLine } from '../play/state.ts';
import { mainLine } from '../play/tree.ts';
import { actionWords } from './caption.ts';

/** The words of every action of a line's frame. */
function wordsIn(play: Play, line: readonly Frame[], i: number): string[] {
  const walks = walkLine(play, line);
  return walks[i]!.steps.map((s) => actionWords(courtFor(play), walks[i]!, s, walks.slice(0, i)));
}

describe('words follow the moment', () => {
  it('what comes later in a frame changes none of what came before, but where a pass meets its man who runs', () => {
    let told = 0;
    fc.assert(
      fc.property(drawnPlays, (play) => {
        const line = mainLine(play);
        for (const [i, frame] of line.entries()) {
          const whole = wordsIn(play, line, i);
          for (let n = 1; n < frame.actions.length; n++) {
            const until = line.map((f) => (f === frame ? { ...f, actions: f.actions.slice(0, n) } : f));
            for (const [k, words] of wordsIn({ ...play, frames: until }, until, i).entries()) {
              told++;
              const action = frame.actions[k]!;
              const runs = (id: string): boolean =>
                frame.actions
                  .slice(n)
                  .some((a) => a.by === id && a.does !== 'dribble' && pathOf(a).length > 0);
              if (action.does === 'pass' && runs(action.to)) continue;
              expect(words).toBe(whole[k]);
            }
          }
        }
      }),
      { numRuns: 150 },
    );
    expect(told).toBeGreaterThan(300);
  });

  it('a pass goes to where its man is when he has it, though he dribbles on', () => {
    const pass: NewAction = { by: '1', does: 'pass', to: '2' };
    const places = fc.record({
      x: fc.double({ min: -20, max: 20, noNaN: true }),
      y: fc.double({ min: 3, max: 30, noNaN: true }),
    });
    const first = (...actions: NewAction[]): string | undefined => {
      const play = playOf([actions], [], 'fiveOut');
      return wordsIn(play, mainLine(play), 0)[0];
    };
    expect(first(pass)).toBe('1 passes to 2 at the right wing');
    fc.assert(
      fc.property(places, (place) => {
        const dribble: NewAction = { by: '2', does: 'dribble', path: [place], tempo: 'cut' };
        expect(first(pass, dribble)).toBe(first(pass));
      }),
      { numRuns: 40 },
    );
  });
});
