import { describe, expect, it } from 'vitest';
import { courtFor } from '../court/rulesets.ts';
import { wayTo } from '../flow/ends.ts';
import { levelRecord } from '../motion/level.ts';
import { contentOf } from '../play/content.ts';
import { edit } from '../play/edit.ts';
import { flip } from '../play/operations.ts';
import { drawn, FIVE_OUT, fiveRing, pass, run, shot } from './boards.test-data.ts';
import { endingsOf, into } from './into.ts';
import { readyOf, relatedContent, relatedOf, relationOf } from './related.ts';

const record = levelRecord('highSchool');
const three = drawn(FIVE_OUT, [[pass('1', '2'), run('5', [-8, 8])], [pass('2', '3')], [shot('3')]]);

describe('where a play flows', () => {
  it('as far and, to a quarter of a second, as long as the frame that goes there', () => {
    const ends = endingsOf(three);
    const to = { places: { ...three.start.places, '5': { x: -19, y: 10 } }, ball: '3' as const };
    const found = into(ends, to, record)!;
    const exact = wayTo(three, ends[0]!.leaf, { ...three.start, ...to } as never, courtFor(three), record);
    expect(found).toMatchObject({ who: '5', flipped: false, pass: null, there: 4 });
    expect(found.feet).toBeCloseTo(exact.feet['5'], 6);
    expect(Math.abs(found.seconds - exact.seconds)).toBeLessThan(0.25);
  });
  it('into the other side where that is nearer, nowhere where it is far, and says who gives the ball back', () => {
    const other = flip(three).start;
    expect(into(endingsOf(three), { places: other.places, ball: '1' }, record)).toMatchObject({
      flipped: true,
      pass: ['3', '1'],
    });
    const far = Object.fromEntries(['1', '2', '3', '4', '5'].map((p, i) => [p, { x: -24 + i, y: 34 }]));
    expect(into(endingsOf(three), { places: far as never, ball: '1' }, record)).toBeNull();
  });
});

describe('what is kept of a play', () => {
  it('its chances with shot, side and time, and how it goes round', () => {
    const { chances, round, trace } = relatedOf(three);
    expect(chances.map((c) => `${c.player} ${c.shot} ${c.side}`)).toContain('3 three right');
    expect(chances.map((c) => c.at)).toEqual([...chances.map((c) => c.at)].sort((a, b) => a - b));
    expect(trace.over).toBeGreaterThan(1);
    expect(round).toBeNull();
    expect(relatedOf(fiveRing()).round).toMatchObject({ mirrored: false });
  });
  it('survives being written and read, and does not change with a name', () => {
    const of = relatedOf(three);
    const again = JSON.parse(JSON.stringify(of)) as typeof of;
    expect(relationOf(readyOf(again), readyOf(relatedOf(fiveRing())))).toEqual(
      relationOf(readyOf(of), readyOf(relatedOf(fiveRing()))),
    );
    const named = edit(three, { do: 'name', name: 'Other' });
    expect(named.ok && relatedContent(named.play)).toBe(relatedContent(three));
    const moved = edit(three, { do: 'place', player: '4', place: { x: -17, y: 18 } });
    expect(moved.ok && contentOf(relatedContent(moved.play))).not.toBe(contentOf(relatedContent(three)));
  });
  it('two plays without anything in common have no relation', () => {
    const away = drawn({ '1': [0, 33], '2': [-3, 33], '3': [3, 33], '4': [-6, 33], '5': [6, 33] }, [
      [pass('1', '2')],
    ]);
    expect(relationOf(readyOf(relatedOf(three)), readyOf(relatedOf(away)))).toBeNull();
  });
});
