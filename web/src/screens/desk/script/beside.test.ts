import { compile, courtFor, leaves, writtenOf } from '@corkscrew/core';
import { describe, expect, it } from 'vitest';
import { DEMO_PLAYS } from '../../../demo.test-data.ts';
import { besideOf } from './beside.ts';

const lantern = DEMO_PLAYS.find((p) => p.name === 'Horns Lantern')!;
const lineWith = (text: string, words: string): number =>
  text.split('\n').findIndex((l) => l.includes(words)) + 1;

describe('what stands beside the lines of a script', () => {
  const written = writtenOf(lantern);
  const text = written.lines.map((l) => l.text).join('\n');
  const beside = besideOf(lantern, written, lantern.frames[1]!.id);
  it('a box a frame, numbered as on the ladder; the one in hand is marked', () => {
    const boxes = [...beside.values()].flatMap((b) =>
      b.sign !== null && typeof b.sign === 'object' && 'box' in b.sign ? [b.sign] : [],
    );
    expect(boxes).toHaveLength(lantern.frames.length);
    expect(boxes.filter((b) => b.here).map((b) => b.box)).toEqual([2]);
    // An ending goes on with the number of the frame it starts from.
    expect(boxes.map((b) => b.box)).toEqual([1, 2, 3, 4, 4, 4]);
  });
  it('what they do is theirs, what we do has its sign', () => {
    expect(beside.get(lineWith(text, 'if x4'))).toMatchObject({ sign: 'theirs', time: '' });
    expect(beside.get(lineWith(text, '1 passes to 4'))).toMatchObject({ sign: { verb: 'pass' } });
    expect(beside.get(1)).toBeUndefined();
  });
  it.each(DEMO_PLAYS.map((p) => [p.name, p] as const))('%s: times are those it is run by', (_name, play) => {
    const lines = writtenOf(play);
    const times = besideOf(play, lines, play.frames[0]!.id);
    const main = leaves(play)[0]!.id;
    const { timeline } = compile(play, main, courtFor(play), play.level);
    const first = play.frames.find((f) => f.parent === null && f.actions.length > 0)!;
    for (const [line, of] of lines.says) {
      if (of.is !== 'action' || of.frame !== first.id) continue;
      const timed = timeline.actions.find((a) => a.action.id === of.action);
      if (!timed) continue;
      const [from, to = from] = times.get(line)!.time.split(' to ').map(Number);
      expect(from).toBeCloseTo(timed.start, 0);
      expect(Math.abs(from! - timed.start)).toBeLessThanOrEqual(0.0501);
      expect(Math.abs(to! - timed.end)).toBeLessThanOrEqual(0.1);
    }
  });
});
