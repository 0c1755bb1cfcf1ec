import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { courtFor } from '../court/rulesets.ts';
import { SEATS, type Seat } from '../geometry/five.ts';
import { opennessAt } from '../look/openness.ts';
import { compile } from '../motion/compile.ts';
import { levelRecord, type LevelRecord } from '../motion/level.ts';
import { withFives, type Build, type Fives } from '../motion/men.ts';
import type { Play } from '../play/document.ts';
import { editAll } from '../play/edit.ts';
import { flip, permute, swapNumbers } from '../play/operations.ts';
import { anyChange, samplePlay } from '../play/sample.test-data.ts';
import { mainLine } from '../play/tree.ts';
import { man, playFrom, way, type Board } from './board.test-data.ts';
import type { Defended } from './defended.ts';
import type { ZonePlan } from './plan.ts';
import { railsOf } from './rails.ts';
import { simulate } from './simulate.ts';

const court = courtFor({ court: 'nfhs' });
const school = levelRecord('highSchool');

const build: fc.Arbitrary<Build> = fc.record({
  speed: fc.double({ min: 0.85, max: 1.15, noNaN: true }),
  heightCm: fc.integer({ min: 160, max: 215 }),
  makes: fc.record({ rim: fc.double({ min: 0.7, max: 1.2, noNaN: true }) }),
});
const five = fc.tuple(build, build, build, build, build);
const fives = fc.record({ ours: five, theirs: five });
const plays = fc.array(anyChange, { minLength: 4, maxLength: 18 }).map((changes) =>
  changes.reduce<Play>((play, change) => {
    const r = editAll(play, [change]);
    return r.ok && r.play.court === 'nfhs' ? r.play : play;
  }, samplePlay()),
);

function played(play: Play, record: LevelRecord, plan: ZonePlan | ReturnType<typeof man> = man()): Defended {
  const { timeline } = compile(play, mainLine(play).at(-1)!.id, court, 'highSchool', record);
  return simulate(railsOf(timeline, court, record), plan);
}

describe('known men on the floor', () => {
  it('are numbers only, and the same again', () => {
    fc.assert(
      fc.property(plays, fives, (play, men) => {
        const record = withFives(school, men);
        const [a, b] = [played(play, record), played(play, record)];
        expect(a.x.every(Number.isFinite) && a.y.every(Number.isFinite)).toBe(true);
        expect([...a.x]).toEqual([...b.x]);
        for (const j of SEATS) {
          const open = opennessAt(a, Math.min(40, a.rails.steps - 1), j);
          expect(Number.isFinite(open.value) && open.make <= 1).toBe(true);
        }
      }),
      { numRuns: 25 },
    );
  });

  it('are mirrored with the play', () => {
    fc.assert(
      fc.property(plays, fives, (play, men) => {
        const record = withFives(school, men);
        const [a, b] = [played(play, record), played(flip(play), record)];
        for (let i = 0; i < a.rails.steps * 5; i++) {
          expect(Math.abs(a.x[i]! + b.x[i]!)).toBeLessThan(1e-9);
          expect(Math.abs(a.y[i]! - b.y[i]!)).toBeLessThan(1e-9);
        }
        const k = Math.min(60, a.rails.steps - 1);
        for (const j of SEATS) expect(opennessAt(b, k, j).value).toBeCloseTo(opennessAt(a, k, j).value, 9);
      }),
      { numRuns: 15 },
    );
  });

  it('go with their numbers: two who change numbers, and their men with them, change nothing', () => {
    const drawn = editAll(samplePlay('fiveOut'), [
      { do: 'addAction', frame: 'f1', action: { by: '2', does: 'cut', path: [{ x: 3, y: 8 }] } },
      { do: 'addAction', frame: 'f1', action: { by: '1', does: 'dribble', path: [{ x: -8, y: 16 }] } },
    ]);
    if (!drawn.ok) throw new Error(drawn.sentence);
    const { play } = drawn;
    const as = [0, 3, 2, 1, 4];
    fc.assert(
      fc.property(fives, ({ ours, theirs }) => {
        const other: Fives = { ours: as.map((i) => ours[i]!), theirs: as.map((i) => theirs[i]!) };
        const a = played(play, withFives(school, { ours, theirs }));
        const b = played(permute(play, swapNumbers('2', '4')), withFives(school, other));
        for (let i = 0; i < a.rails.steps * 5; i++) {
          const k = Math.floor(i / 5) * 5 + as[i % 5]!;
          expect(Math.abs(a.x[i]! - b.x[k]!)).toBeLessThan(1e-9);
          expect(Math.abs(a.y[i]! - b.y[k]!)).toBeLessThan(1e-9);
        }
      }),
      { numRuns: 10 },
    );
  });
});

/** 3 comes off a screen of 5 and catches on the wing; 1 passes. */
const pin: Board = {
  places: { '1': [0, 27], '2': [-18.5, 18], '3': [20, 4], '4': [-22, 3.5], '5': [12, 17] },
  frames: [
    [
      { by: '5', does: 'screen', for: '3', path: way([17, 9]), tempo: 'cut' },
      { by: '3', does: 'cut', path: way([17.5, 11, 18.5, 18]), tempo: 'sprint' },
    ],
    [{ by: '1', does: 'pass', to: '3' }],
    [{ by: '3', does: 'hold', seconds: 0.8 }],
  ] as unknown as Board['frames'],
};
/** Five out and nobody moves: who helps off his man has to come back to a pass. */
const still: Board = {
  places: { '1': [18, 20], '2': [-18.5, 18], '3': [0, 27], '4': [-22, 3.5], '5': [22, 3.5] },
  frames: [[{ by: '1', does: 'hold', seconds: 3 }]] as unknown as Board['frames'],
};
const zone: ZonePlan = {
  ...{ type: 'zone', zone: '2-3', schools: [], acts: [] },
  chases: Int8Array.from([-1, -1, -1, -1, -1]) as unknown as ZonePlan['chases'],
};

describe('what a coach would expect of them (common practice)', () => {
  /** Seconds until a hand is there at a shooter on the far side. */
  const room = (
    theirs: Fives['theirs'],
    seat: Seat,
    plan: ZonePlan | ReturnType<typeof man> = man(),
  ): number => {
    const ours = SEATS.map(() => ({ speed: 1 }));
    const d = played(playFrom(still), withFives(school, { ours, theirs }), plan);
    return opennessAt(d, 120, seat).contestIn;
  };
  const all = (speed: number) => SEATS.map(() => ({ speed }));

  it('a slower five is longer on its way to the far shooters, a quicker one shorter: man to man and in a zone', () => {
    for (const plan of [man(), zone])
      for (const seat of [1, 3] as const) {
        const [slow, usual, quick] = [0.85, 1, 1.15].map((s) => room(all(s), seat, plan)) as [
          number,
          number,
          number,
        ];
        expect(slow).toBeGreaterThan(usual);
        expect(usual).toBeGreaterThan(quick);
      }
  });

  it('only the legs of the man who runs there matter', () => {
    const slow = (seat: Seat) => SEATS.map((s) => ({ speed: s === seat ? 0.85 : 1 }));
    expect(room(slow(1), 1)).toBeGreaterThan(room(all(1), 1));
    expect(room(slow(4), 1)).toBeCloseTo(room(all(1), 1), 6);
  });

  it('a shorter man is no nearer by running: his hand is lower, and the shot worth more', () => {
    const value = (cm: number): number => {
      const ours = SEATS.map(() => ({ speed: 1, heightCm: 190 }));
      const theirs = SEATS.map(() => ({ speed: 1, heightCm: cm }));
      const d = played(playFrom(still), withFives(school, { ours, theirs }));
      return opennessAt(d, 120, 1).atShot;
    };
    expect(value(175)).toBeGreaterThan(value(190));
    expect(value(190)).toBeGreaterThan(value(205));
  });

  it('a quicker shooter is there sooner, and his pass with him', () => {
    const caught = (speed: number): number => {
      const record = withFives(school, { ours: SEATS.map((s) => ({ speed: s === 2 ? speed : 1 })) });
      const { timeline } = compile(playFrom(pin), 'f3', court, 'highSchool', record);
      return timeline.flights[0]!.arrive;
    };
    expect(caught(1.15)).toBeLessThan(caught(1));
    expect(caught(1)).toBeLessThan(caught(0.85));
  });
});
