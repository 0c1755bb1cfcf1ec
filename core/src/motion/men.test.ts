import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import { courtFor } from '../court/rulesets.ts';
import { man, playFrom, way, type Board } from '../defence/board.test-data.ts';
import { railsOf } from '../defence/rails.ts';
import { simulate } from '../defence/simulate.ts';
import { through } from '../geometry/curve.ts';
import { SEATS } from '../geometry/five.ts';
import { opennessAt } from '../look/openness.ts';
import { make } from '../look/worth.ts';
import { buildOf } from '../people/build.ts';
import type { Action, Play } from '../play/document.ts';
import { editAll } from '../play/edit.ts';
import { anyChange, samplePlay } from '../play/sample.test-data.ts';
import { mainLine } from '../play/tree.ts';
import { laneOf, laneSeen } from '../space/lane.ts';
import { compile } from './compile.ts';
import { faster, levelRecord, ourMan, theirMan, type LevelRecord } from './level.ts';
import { usualHeight, withFives, type Build } from './men.ts';
import { runAlong } from './run.ts';

const court = courtFor({ court: 'nfhs' });
const school = levelRecord('highSchool');
const PLAIN: Build = { speed: 1 };
const all = (build: Build) => SEATS.map(() => build);
const only = (seat: number, build: Build) => SEATS.map((s) => (s === seat ? build : null));

/** Everything that can be measured of a play as drawn, played with a record. */
function measured(play: Play, record: LevelRecord): string {
  const { timeline } = compile(play, mainLine(play).at(-1)!.id, court, 'highSchool', record);
  const d = simulate(railsOf(timeline, court, record), man());
  const open = [0, 40, 90].flatMap((k) => SEATS.map((j) => opennessAt(d, Math.min(k, d.rails.steps - 1), j)));
  return JSON.stringify([timeline.actions.map((a) => [a.start, a.end, a.events]), [...d.x], [...d.y], open]);
}

describe('five who are as their level', () => {
  it('change nothing, to the bit', () => {
    const five = withFives(school, { ours: all(PLAIN), theirs: all(PLAIN) });
    fc.assert(
      fc.property(fc.array(anyChange, { minLength: 4, maxLength: 15 }), (changes) => {
        const play = changes.reduce<Play>((p, change) => {
          const r = editAll(p, [change]);
          return r.ok && r.play.court === 'nfhs' ? r.play : p;
        }, samplePlay());
        expect(measured(play, five)).toBe(measured(play, school));
      }),
      { numRuns: 12 },
    );
  });

  it('are none when nobody is named', () => {
    const none = withFives(school, { ours: all(PLAIN).map(() => null), theirs: undefined });
    expect(none).toEqual(school);
  });
});

describe('a man of his own', () => {
  const straight = through({ x: 0, y: 10 }, [{ x: 0, y: 40 }]);

  test('runs a sprint as the closed form says, with his own top speed', () => {
    const record = withFives(school, { ours: only(2, { speed: 1.1 }) });
    const run = runAlong(straight, ourMan(record, 2), { tempo: 'sprint', to: null });
    const v = 1.1 * school.man.speed;
    const t = run.duration;
    const { tau } = school.man;
    // x = V(t − τ(1 − e^(−t/τ))), the usual model of a sprinter's start.
    expect(Math.abs(v * (t - tau * (1 - Math.exp(-t / tau))) - 30)).toBeLessThan(0.2);
  });

  test('a faster cutter is there sooner; the four others are as before', () => {
    const board: Board = {
      places: { '1': [0, 27], '2': [-18.5, 18], '3': [18.5, 18], '4': [-22, 3.5], '5': [22, 3.5] },
      frames: [
        [
          { by: '2', does: 'cut', path: way([-6, 6]) },
          { by: '3', does: 'cut', path: way([6, 6]) },
        ] as unknown as Omit<Action, 'id'>[],
      ],
    };
    const play = playFrom(board);
    const ends = (record: LevelRecord) =>
      compile(play, 'f1', court, 'highSchool', record).timeline.actions.map((a) => a.end);
    const [two, three] = ends(school);
    const [fast, same] = ends(withFives(school, { ours: only(1, { speed: 1.15 }) }));
    expect(fast!).toBeLessThan(two!);
    expect(same).toBe(three);
  });

  test('makes what his skills say, and from each place behind the arc by itself', () => {
    const rated = { speed: 1, heightCm: undefined, skills: { shootCorner: 5, shootTop: 1, finish: 3 } };
    const record = withFives(school, { ours: only(0, buildOf(rated)) });
    const of = (x: number, y: number) => {
      const p = { x, y };
      return make(court, ourMan(record, 0), p, 6) / make(court, school, p, 6);
    };
    expect(of(22, 3)).toBeCloseTo(1.16, 9);
    expect(of(0, 27)).toBeCloseTo(0.84, 9);
    // Rated as most, and not rated at all.
    expect(of(1, 7)).toBeCloseTo(1, 9);
    expect(of(17, 17)).toBeCloseTo(1, 9);
  });

  test('reaches as high as anthropometry has it: about 1.33 of his height (common practice)', () => {
    const record = withFives(school, { theirs: only(4, { speed: 1, heightCm: 206 }) });
    expect(theirMan(record, 4).pass.hands.stand).toBeCloseTo((206 / 30.48) * 1.33, 6);
    expect(theirMan(record, 0)).toBe(school);
    // Men of a level are as tall as such men are: 165 to 200 cm.
    expect(usualHeight(levelRecord('highSchool'))).toBeGreaterThan(165);
    expect(usualHeight(levelRecord('pro'))).toBeLessThan(200);
  });

  test('a taller hand in a lane is never later, a shorter one never sooner', () => {
    const hands = { x: [3, 9, 20, 20, 20], y: [18, 20, 3, 5, 7], vx: Z, vy: Z, held: Z };
    const margin = (record: LevelRecord, kind: 'chest' | 'lob') =>
      laneOf(record, court.rimY, hands, 0, 0, 27, 2, 8, kind, 0, laneSeen()).margin;
    for (const kind of ['chest', 'lob'] as const) {
      const tall = withFives(school, { theirs: all({ speed: 1, heightCm: 205 }) });
      const short = withFives(school, { theirs: all({ speed: 1, heightCm: 160 }) });
      expect(margin(tall, kind)).toBeLessThanOrEqual(margin(school, kind));
      expect(margin(short, kind)).toBeGreaterThanOrEqual(margin(school, kind));
    }
  });

  test('a shot over a shorter man is worth more than over a taller one', () => {
    const board: Board = {
      places: { '1': [0, 27], '2': [-14, 12], '3': [18.5, 18], '4': [-22, 3.5], '5': [22, 3.5] },
      frames: [[{ by: '1', does: 'hold', seconds: 2 } as unknown as Omit<Action, 'id'>]],
    };
    const play = playFrom(board);
    const value = (ours: number, theirs: number) => {
      const record = withFives(school, {
        ours: all({ speed: 1, heightCm: ours }),
        theirs: all({ speed: 1, heightCm: theirs }),
      });
      const { timeline } = compile(play, 'f1', court, 'highSchool', record);
      return opennessAt(simulate(railsOf(timeline, court, record), man()), 60, 1).value;
    };
    expect(value(200, 180)).toBeGreaterThan(value(190, 190));
    expect(value(190, 190)).toBeGreaterThan(value(180, 200));
  });

  test('a level that is made faster takes its men along', () => {
    const record = withFives(school, { ours: only(1, { speed: 1.1 }), theirs: only(3, { speed: 0.9 }) });
    const quick = faster(record, { speed: 1.05, react: 1, push: 1 });
    expect(ourMan(quick, 1).man.speed).toBeCloseTo(1.05 * 1.1 * school.man.speed, 9);
    expect(theirMan(quick, 3).man.speed).toBeCloseTo(1.05 * 0.9 * school.man.speed, 9);
  });
});

const Z = [0, 0, 0, 0, 0];
