import { compile, courtFor, leaves, teller } from '@corkscrew/core';
import { describe, expect, it } from 'vitest';
import { DEMO_PLAYS } from '../demo.test-data.ts';
import { RATE, scriptFor, shownAt } from './script.ts';

const PLAIN = teller();
const lantern = DEMO_PLAYS.find((p) => p.name === 'Horns Lantern')!;

describe('what a video of a play shows', () => {
  it('one ending begins at once, and goes on as long as it takes', () => {
    const [leaf] = leaves(lantern);
    const { takes, seconds } = scriptFor(lantern, leaf!.id, PLAIN);
    const { timeline } = compile(lantern, leaf!.id, courtFor(lantern), lantern.level);
    expect(takes).toHaveLength(1);
    expect(takes[0]).toMatchObject({ from: 0, runs: 0 });
    expect(seconds).toBeGreaterThan(timeline.end + 0.5);
    expect(seconds).toBeLessThan(timeline.end + 1);
  });
  it('all endings follow each other, each announced by its own name', () => {
    const { takes } = scriptFor(lantern, 'all', PLAIN);
    expect(takes).toHaveLength(leaves(lantern).length);
    expect(new Set(takes.map((k) => k.label)).size).toBe(takes.length);
    takes.forEach((take, i) => {
      expect(take.from).toBe(i === 0 ? 0 : takes[i - 1]!.to);
      expect(take.runs - take.from).toBeCloseTo(1.2, 9);
    });
  });
  it.each(DEMO_PLAYS.map((p) => [p.name, p] as const))(
    '%s takes whole pictures, none of two takes',
    (_n, play) => {
      const made = scriptFor(play, 'all', PLAIN);
      for (const { to } of made.takes) expect(to * RATE).toBeCloseTo(Math.round(to * RATE), 6);
      expect(made.frames / RATE).toBeCloseTo(made.seconds, 9);
      let last = -1;
      for (let i = 0; i < made.frames; i++) {
        const { take, time } = shownAt(made, i / RATE);
        const at = made.takes.indexOf(take);
        expect(at).toBeGreaterThanOrEqual(last);
        expect(time).toBeLessThanOrEqual(take.timeline.end);
        last = at;
      }
      expect(last).toBe(made.takes.length - 1);
    },
  );
  it('a title stands while nothing runs; then the caption is that of the frame that runs', () => {
    const made = scriptFor(lantern, 'all', PLAIN);
    const [take] = made.takes;
    expect(shownAt(made, 0)).toMatchObject({ time: 0, isTitle: true });
    for (const bar of take!.timeline.bars) {
      const seen = shownAt(made, take!.runs + bar.start + 1e-6);
      expect(seen.isTitle).toBe(false);
      expect(seen.subtitle!.frame).toBe(bar.frame);
    }
    // Over, it stands still until the next one.
    expect(shownAt(made, take!.to - 0.01).time).toBe(take!.timeline.end);
    expect(shownAt(made, 1e6).take).toBe(made.takes.at(-1));
  });
});
