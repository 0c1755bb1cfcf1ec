import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { PLAYERS } from '../alignment/library.ts';
import { courtFor } from '../court/rulesets.ts';
import type { Play } from '../play/document.ts';
import { LIMITS } from '../play/limits.ts';
import type { Change, NewAction } from '../play/change.ts';
import { edit, editAll } from '../play/edit.ts';
import { anyChange, samplePlay } from '../play/sample.test-data.ts';
import { leaves, mainLine } from '../play/tree.ts';
import { walkThrough } from '../walkthrough/walkthrough.ts';
import { compile } from './compile.ts';
import { levelRecord } from './level.ts';
import { nearestOnRun } from './run.ts';
import { track } from './track.ts';

const make = (...actions: NewAction[]): Play => {
  const r = editAll(
    samplePlay(),
    actions.map((action): Change => ({ do: 'addAction', frame: 'f1', action })),
  );
  if (!r.ok) throw new Error(r.sentence);
  return r.play;
};
const compiled = (play: Play, leaf = play.frames.at(-1)!.id) =>
  compile(play, leaf, courtFor(play), play.level);

/** Times are numbers in order, and the walk-through has nothing but sentences to say. */
function sane(play: Play): ReturnType<typeof compiled> {
  const c = compiled(play);
  for (const a of c.timeline.actions) {
    expect([a.start, a.end, a.slack].every(Number.isFinite)).toBe(true);
    expect(a.end).toBeGreaterThanOrEqual(a.start);
  }
  const { x, y, ballX, ballY } = track(c.timeline);
  for (const values of [x, y, ballX, ballY]) expect(values.every(Number.isFinite)).toBe(true);
  for (const f of walkThrough(play, mainLine(play))) {
    expect(f.sentence).not.toMatch(/NaN|undefined|Infinity|null/);
    expect(Number.isFinite(f.time)).toBe(true);
  }
  return c;
}

describe('bad input', () => {
  it('a way to where he stands, and the same point many times over', () => {
    const here = samplePlay().start.places['2'];
    sane(make({ by: '2', does: 'cut', path: [{ x: here.x, y: here.y }] }));
    sane(
      make({ by: '2', does: 'cut', path: Array.from({ length: 12 }, () => ({ x: 3, y: 20, plant: true })) }),
    );
  });
  it('a screen for a man who does not move, for himself, and where the cutter stands', () => {
    const codes = (play: Play) => {
      sane(play);
      return walkThrough(play, mainLine(play)).map((f) => f.code);
    };
    expect(codes(make({ by: '5', does: 'screen', for: '3', path: [{ x: 17, y: 14 }] }))).toContain(
      'screen-unused',
    );
    sane(make({ by: '5', does: 'screen', for: '5', path: [{ x: 17, y: 14 }] }));
    const { x, y } = samplePlay().start.places['3'];
    sane(
      make(
        { by: '5', does: 'screen', for: '3', path: [{ x, y }] },
        { by: '3', does: 'cut', path: [{ x: 0, y: 20 }] },
      ),
    );
  });
  it('a way straight through two screeners on one spot', () => {
    sane(
      make(
        { by: '5', does: 'screen', for: '3', path: [{ x: 12, y: 14 }] },
        { by: '4', does: 'screen', for: '3', path: [{ x: 12, y: 14 }] },
        { by: '3', does: 'cut', path: [{ x: 2, y: 24.5 }] },
      ),
    );
  });
  it('forty actions in a frame', () => {
    const play = make(
      ...Array.from({ length: LIMITS.actions }, (_, i): NewAction => ({
        by: PLAYERS[i % 5]!,
        does: 'cut',
        path: [{ x: ((i * 11) % 40) - 20, y: 6 + ((i * 7) % 25) }],
      })),
    );
    expect(sane(play).timeline.actions).toHaveLength(LIMITS.actions);
  });
  it('the longest waits there may be: nothing happens before the play starts', () => {
    const { timeline } = sane(
      make(
        { by: '2', does: 'cut', path: [{ x: 0, y: 20 }], cue: { on: 'frame', delay: -10 } },
        { by: '3', does: 'cut', path: [{ x: 9, y: 20 }], cue: { on: 'frame', delay: 30 } },
      ),
    );
    expect(timeline.actions[0]!.start).toBe(0);
    expect(timeline.end).toBeGreaterThan(30);
  });
  it('stretches of pace in the wrong order or beyond the end', () => {
    sane(
      make({
        by: '2',
        does: 'cut',
        path: [{ x: 0, y: 20 }],
        stretches: [
          { to: 1, tempo: 'walk' },
          { to: 0.2, tempo: 'sprint' },
          { to: 0, tempo: 'jog' },
        ],
      }),
    );
  });
  it('everybody waits for the next man: a ring of five', () => {
    const ids = ['a1', 'a2', 'a3', 'a4', 'a5'];
    let play = make(
      ...PLAYERS.map((by, i): NewAction => ({ by, does: 'cut', path: [{ x: i * 3, y: 20 - i }] })),
    );
    PLAYERS.forEach((by, i) => {
      const r = edit(play, {
        do: 'setAction',
        id: ids[i]!,
        action: {
          by,
          does: 'cut',
          path: [{ x: i * 3, y: 20 - i }],
          cue: { on: ids[(i + 1) % 5]!, event: 'end' },
        },
      });
      if (r.ok) play = r.play;
    });
    const { faults } = sane(play);
    expect(faults).toHaveLength(1);
    expect([...faults[0]!.actions].sort()).toEqual(ids);
  });
});

describe('any play a coach could draw', () => {
  it('nobody jumps, outruns his level or leaves his way; the ball is in a hand, in the air or at the rim', () => {
    fc.assert(
      fc.property(fc.array(anyChange, { maxLength: 24 }), (changes) => {
        let play = samplePlay();
        for (const c of changes) {
          const r = edit(play, c);
          if (r.ok) play = r.play;
        }
        const leaf = leaves(play)[0]!;
        const { timeline } = compiled(play, leaf.id);
        const t = track(timeline);
        const most = levelRecord(play.level, play.women ?? false).man.speed * t.dt + 1e-6;
        for (let k = 0; k < t.steps; k += 2) {
          for (let i = 0; i < 5; i++) {
            const [x, y] = [t.x[k * 5 + i]!, t.y[k * 5 + i]!];
            if (k > 0)
              expect(Math.hypot(x - t.x[(k - 1) * 5 + i]!, y - t.y[(k - 1) * 5 + i]!)).toBeLessThanOrEqual(
                most,
              );
            const now = k * t.dt;
            const move = timeline.moves[PLAYERS[i]!].find((m) => m.start <= now && now <= m.end);
            if (move?.run) expect(nearestOnRun(move.run, x, y).distance).toBeLessThan(0.2);
          }
          const flies = timeline.flights.some(
            (f) => f.release - 0.02 <= k * t.dt && k * t.dt <= f.arrive + 0.02,
          );
          const shot = timeline.flights.some((f) => f.receiver === null && f.arrive <= k * t.dt);
          expect(t.holder[k]! >= 0 || flies || shot).toBe(true);
        }
      }),
      { numRuns: 60 },
    );
  });
});
