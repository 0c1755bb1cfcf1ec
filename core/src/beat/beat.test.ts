import { describe, expect, it } from 'vitest';
import { courtFor } from '../court/rulesets.ts';
import { compile } from '../motion/compile.ts';
import type { Play } from '../play/document.ts';
import type { NewAction } from '../play/change.ts';
import { playOf } from '../play/sample.test-data.ts';
import { beatOf } from './beat.ts';
import { beatText } from './text.ts';

const make = (...frames: NewAction[][]): Play => playOf(frames);
const beat = (play: Play) =>
  beatOf(compile(play, play.frames.at(-1)!.id, courtFor(play), play.level).timeline, (id) => id);

const play = () =>
  make(
    [
      { by: '5', does: 'screen', for: '3', path: [{ x: 17, y: 14 }], tempo: 'jog' },
      {
        by: '3',
        does: 'cut',
        path: [
          { x: 17, y: 16.5 },
          { x: 4, y: 24 },
        ],
        tempo: 'sprint',
      },
      { by: '1', does: 'dribble', path: [{ x: -6, y: 26 }] },
      { by: '1', does: 'pass', to: '3' },
    ],
    [{ by: '3', does: 'shot' }],
  );

describe('the score', () => {
  it('one block an action, on its man’s stave, at its tempo', () => {
    const b = beat(play());
    expect(b.blocks.map((x) => [x.id, x.row, x.tempo, x.instant])).toEqual(
      expect.arrayContaining([
        ['a1', 4, 'jog', false],
        ['a2', 2, 'sprint', false],
        ['a3', 0, 'cut', false],
        ['a4', 0, null, true],
        ['a5', 2, null, true],
      ]),
    );
    expect(b.blocks.every((x) => x.to >= x.from)).toBe(true);
  });
  it('a change of pace shows when it comes: walked first, sprinted last', () => {
    const b = beat(
      make([
        {
          by: '2',
          does: 'cut',
          path: [{ x: -8, y: 24 }],
          tempo: 'sprint',
          stretches: [{ to: 0.5, tempo: 'walk' }],
        },
      ]),
    );
    const [block] = b.blocks;
    expect(block!.paces.map((p) => p.tempo)).toEqual(['walk', 'sprint']);
    expect(block!.paces[0]!.to - block!.from).toBeGreaterThan(2 * (block!.to - block!.paces[0]!.to));
    expect(
      beatText(b)
        .split('\n')
        .find((l) => l.startsWith('2 ')),
    ).toMatch(/^2 \.{9,}#{3,}/);
  });
  it('the ball’s thread is unbroken: each piece starts where the last one ended', () => {
    const { thread } = beat(play());
    expect(thread.map((x) => x.is)).toEqual(['dribbled', 'held', 'pass', 'held', 'shot']);
    for (let i = 1; i < thread.length; i++) {
      expect(thread[i]!.from.t).toBeCloseTo(thread[i - 1]!.to.t, 9);
      expect(thread[i]!.from.row).toBe(thread[i - 1]!.to.row);
    }
    expect(beat(play()).ball.map((x) => x.player)).toEqual(['1', '3']);
  });
  it('a tie goes from the moment waited for to the start of who waited', () => {
    const b = beat(play());
    const tie = b.ties.find((t) => t.action === 'a2')!;
    expect(tie).toMatchObject({ by: 'inferred', from: { row: 4 }, to: { row: 2 } });
    expect(tie.to.t - tie.from.t).toBeCloseTo(0.05, 6);
    expect(b.misses).toEqual([]);
  });
  it('two who miss each other lean by the seconds between them', () => {
    const late = make([
      { by: '2', does: 'cut', path: [{ x: -10, y: 20 }], tempo: 'walk', cue: { on: 'frame' } },
      { by: '1', does: 'pass', to: '2', cue: { on: 'frame' } },
    ]);
    const [miss] = beat(late).misses;
    expect(miss!.late).toBeCloseTo(Math.abs(miss!.from.t - miss!.to.t), 9);
    expect(miss!.late).toBeGreaterThan(1);
  });
});

describe('the score as text', () => {
  it('has a ruler, a stave for each of the five and the ball, and says tempo by its texture', () => {
    const lines = beatText(beat(play())).split('\n');
    expect(lines[0]).toContain('[1]');
    expect(lines[0]).toContain('[2]');
    expect(lines[1]!.startsWith('s 0         1')).toBe(true);
    const stave = (p: string) => lines.find((l) => l.startsWith(`${p} `))!;
    expect(stave('3')).toMatch(/#{5,}/);
    expect(stave('5')).toMatch(/-{5,}/);
    expect(stave('2').trim()).toMatch(/^2 *\|?$/);
    expect(lines.at(-1)).toMatch(/^o 1_+ +3_+/);
  });
});
