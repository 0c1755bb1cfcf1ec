import { describe, expect, it } from 'vitest';
import { compile } from '../motion/compile.ts';
import { courtFor } from '../court/rulesets.ts';
import { newPlay } from '../play/new-play.ts';
import type { Play } from '../play/document.ts';
import { SummarySchema } from './shapes.ts';
import { summarise } from './summary.ts';

const bare = (more: Partial<Play> = {}): Play => ({
  ...newPlay({ id: 'p', name: 'Kite', court: 'nfhs', level: 'highSchool', alignment: 'horns', ball: '1' }),
  ...more,
});
const frame = (id: string, parent: string | null, by: '1' | '2' = '1'): Play['frames'][number] => ({
  ...{ id, parent },
  actions: [{ id: `a-${id}`, by, does: 'pass', to: by === '1' ? '2' : '1' }],
});

describe('what lists show of a play', () => {
  it('of a play that says nothing more than its name', () => {
    const s = summarise(bare());
    expect(s).toMatchObject({
      ...{ name: 'Kite', call: '', signal: '', series: '', option: '', status: 'adopted' },
      ...{ counterTo: [], variantOf: null, flows: [], alignment: 'horns' },
    });
    // What is made here can be sent, and is read as it was.
    expect(SummarySchema.parse(s)).toEqual(s);
  });
  it('counts the frames of the play as drawn, and every ending', () => {
    const play = bare({
      frames: [frame('f1', null), frame('f2', 'f1', '2'), frame('f3', 'f2'), frame('f4', 'f1', '2')],
    });
    const s = summarise(play);
    expect([s.frames, s.endings]).toEqual([3, 2]);
    const { timeline } = compile(play, 'f3', courtFor(play), play.level);
    expect(s.seconds).toBeCloseTo(timeline.end, 1);
  });
  it('is called when the coach says, and when its throw-in says so; each once', () => {
    const situation = (more: Partial<Play>) => summarise(bare(more)).situation;
    expect(situation({ situation: ['after timeout'] })).toEqual(['after timeout']);
    const { start } = bare();
    expect(situation({ start: { ...start, throwIn: 'baseline' } })).toEqual(['baseline']);
    expect(situation({ situation: ['baseline', 'late'], start: { ...start, throwIn: 'baseline' } })).toEqual([
      'baseline',
      'late',
    ]);
    expect(situation({ start: { ...start, throwIn: 'sidelineLeft' } })).toEqual(['sideline']);
  });
  it('names the plays it answers, with their line where one is meant', () => {
    const s = summarise(
      bare({
        counterTo: [
          { play: 'a', name: 'A' },
          { play: 'b', name: 'B', line: 'f2' },
        ],
        variantOf: { play: 'c', name: 'C', kind: 'level' },
      }),
    );
    expect(s.counterTo).toEqual([
      { play: 'a', name: 'A' },
      { play: 'b', name: 'B', line: 'f2' },
    ]);
    expect(s.variantOf).toEqual({ play: 'c', name: 'C', kind: 'level' });
  });
});
