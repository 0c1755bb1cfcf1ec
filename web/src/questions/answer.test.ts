import {
  compile,
  courtFor,
  editAll,
  fiveOf,
  lineContent,
  lineTo,
  mainLine,
  newPlay,
  NONE,
  PRESETS,
  walkThrough,
  type Defence,
  type Play,
  type Seat,
} from '@corkscrew/core';
import { describe, expect, it } from 'vitest';
import { ANSWERERS } from './answer.ts';
import type { LineAsk } from './kinds.ts';

/** Horns: a pass to the elbow, and a cut through. */
const play = ((): Play => {
  const r = editAll(
    newPlay({
      id: 'asked',
      name: 'Asked',
      court: 'nfhs',
      level: 'highSchool',
      alignment: 'horns',
      ball: '1',
    }),
    [
      { do: 'addAction', frame: 'f1', action: { does: 'pass', by: '1', to: '4' } },
      {
        do: 'addAction',
        frame: 'f1',
        action: {
          does: 'cut',
          by: '1',
          path: [
            { x: -12, y: 20 },
            { x: -20, y: 8 },
          ],
        },
      },
    ],
  );
  if (!r.ok) throw new Error(r.sentence);
  return r.play;
})();
const leaf = mainLine(play).at(-1)!.id;
const line = lineTo(play, leaf);
const compiled = compile(play, leaf, courtFor(play), play.level);
const presetOf = (key: string): Defence => ({ ...PRESETS.find((p) => p.key === key)!.defence, id: key });
const asks = (changes: Partial<LineAsk> = {}): LineAsk => ({
  play,
  leaf,
  compiled,
  content: lineContent(play, line),
  units: 'feet',
  man: 'man',
  teaching: {},
  defence: null,
  asIs: false,
  soon: false,
  ...changes,
});

/** What is told on the way, a breath as null, and the answer. */
function all<P, A>(steps: Generator<P, A>): { told: P[]; answer: A } {
  const told: P[] = [];
  for (let step = steps.next(); ; step = steps.next()) {
    if (step.done) return { told, answer: step.value };
    told.push(step.value);
  }
}

describe('answers', () => {
  it('a line against nobody: what the walk-through finds, its figures, and nobody', () => {
    const { told, answer } = all(ANSWERERS.line(asks({ soon: true })));
    expect(told).toEqual([]);
    expect(answer.findings).toEqual(walkThrough(play, line, { compiled }));
    expect(answer.metrics.passes).toBe(1);
    expect(answer.against).toBeNull();
  });

  it('one who waits hears first what is wrong with nobody in the way; else a breath is all there is', () => {
    const waits = all(ANSWERERS.line(asks({ defence: presetOf('pressure'), soon: true })));
    expect(waits.told).toEqual([
      { findings: walkThrough(play, line, { compiled }), metrics: waits.answer.metrics },
      null,
    ]);
    expect(all(ANSWERERS.line(asks({ defence: presetOf('pack') }))).told).toEqual([null]);
    const { against } = waits.answer;
    expect(against!.x).toHaveLength(against!.steps * 10);
    // A pass from the top to an elbow is thirteen feet or so: it is seen, with its lane.
    expect(against!.seeing.passes.map((p) => [p.passer, p.receiver])).toEqual([['1', '4']]);
  });

  it('what changes no line and no defender moves no defender again', () => {
    const defence = presetOf('switch');
    const first = all(ANSWERERS.line(asks({ defence }))).answer;
    const { told, answer } = all(ANSWERERS.line(asks({ defence, units: 'metres', soon: true })));
    expect(told).toEqual([null]);
    expect(answer.against!.guards).toBe(first.against!.guards);
    const other = all(ANSWERERS.line(asks({ defence, teaching: { makes: { rim: 0.1 } } }))).answer;
    expect(other.against!.guards).not.toBe(first.against!.guards);
  });

  it('a line tried against a defence: no shot, no worth of it; a hand in a lane counts', () => {
    const tried = (key: string) =>
      all(ANSWERERS.tried({ play, compiled, defence: presetOf(key), teaching: {} })).answer;
    expect(tried('drop').shot).toBeNull();
    // Common practice: pressure is in the lanes, a pack gives the pass.
    expect(tried('pressure').contested).toBeGreaterThanOrEqual(tried('pack').contested);
  });

  it('places against a zone: the ball stays where it is, and nobody stands in another’s way', () => {
    const ball = { x: -18, y: 17 };
    const { answer } = all(
      ANSWERERS.places({
        court: 'nfhs',
        level: 'highSchool',
        women: false,
        zone: '2-3',
        schools: [],
        ball,
        rules: { inside: 1, spacing: 12 },
        chased: fiveOf<Seat | typeof NONE>(() => NONE),
      }),
    );
    expect(answer).toHaveLength(3);
    for (const { places } of answer) {
      expect(places[0]).toEqual(ball);
      // Men inside may stand nearer to each other than the others.
      for (const [i, a] of places.entries())
        for (const b of places.slice(i + 1))
          expect(Math.hypot(a.x - b.x, a.y - b.y)).toBeGreaterThanOrEqual(12 * 0.6 - 1e-9);
    }
  });
});
