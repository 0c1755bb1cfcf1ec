import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { through } from '../geometry/curve.ts';
import { distance } from '../geometry/vec.ts';
import type { Level, Tempo } from '../play/document.ts';
import { TEMPOS } from '../play/vocabulary.ts';
import { levelRecord, TEMPO } from './level.ts';
import { LEVELS } from './levels.ts';
import { distanceAfter, nearestOnRun, placeAfter, runAlong, speedAfter, timeTo, type Pace } from './run.ts';

const straight = (feet: number) => through({ x: 0, y: 0 }, [{ x: 0, y: feet }]);
const levels: Level[] = ['youth', 'highSchool', 'college', 'pro'];
const sprint: Pace = { tempo: 'sprint' };
const seconds = (feet: number, level: Level, pace: Pace = sprint, women = false) =>
  runAlong(straight(feet), levelRecord(level, women), pace).duration;
const point = fc.record({ x: fc.integer({ min: -24, max: 24 }), y: fc.integer({ min: 1, max: 34 }) });
const anyPath = fc.tuple(point, fc.array(point, { minLength: 1, maxLength: 4 }));

describe('sprinting', () => {
  it('75 ft by a professional man takes 3.2 to 3.5 s (three-quarter-court sprint, from memory)', () => {
    const t = seconds(75, 'pro', { ...sprint, to: null });
    expect(t).toBeGreaterThan(3.2);
    expect(t).toBeLessThan(3.5);
  });
  it('is faster at each higher level, slower for women, and slower with the ball', () => {
    for (const feet of [10, 20, 75]) {
      const all = levels.map((l) => seconds(feet, l));
      expect(all).toEqual([...all].sort((a, b) => b - a));
      for (const l of levels) {
        expect(seconds(feet, l, sprint, true)).toBeGreaterThan(seconds(feet, l));
        expect(seconds(feet, l, { ...sprint, dribbling: true })).toBeGreaterThan(seconds(feet, l));
      }
    }
  });
  it('follows the closed form x = V(t − τ(1 − e^(−t/τ))) to a hundredth of a second over 75 ft', () => {
    for (const level of levels) {
      const { speed, tau } = LEVELS[level].man;
      const run = runAlong(straight(75), LEVELS[level], { ...sprint, to: null });
      const t = run.duration;
      const reached = speed * (t - tau * (1 - Math.exp(-t / tau)));
      expect(Math.abs(reached - 75) / speed).toBeLessThan(0.015);
    }
  });
});

describe('tempo and bends', () => {
  it('walk, jog, cut, sprint: each is faster, and none above its share of the top speed', () => {
    const all = TEMPOS.map((tempo) => seconds(25, 'college', { tempo }));
    expect(all).toEqual([...all].sort((a, b) => b - a));
    for (const tempo of TEMPOS) {
      const run = runAlong(straight(40), LEVELS.pro, { tempo });
      expect(Math.max(...run.v)).toBeLessThanOrEqual(TEMPO[tempo].speed * LEVELS.pro.man.speed + 1e-9);
    }
  });
  it('a curved way costs more than a straight one of the same length', () => {
    const bent = through({ x: -12, y: 20 }, [
      { x: 0, y: 27 },
      { x: 12, y: 20 },
      { x: 3, y: 12 },
    ]);
    expect(runAlong(bent, LEVELS.highSchool, sprint).duration).toBeGreaterThan(
      seconds(bent.length, 'highSchool'),
    );
  });
  it('three planted corners round the lane cost more than rounded ones, and those more than none', () => {
    const corners = [
      { x: 6, y: 19 },
      { x: -6, y: 19 },
      { x: -6, y: 0 },
    ];
    const planted = through(
      { x: 6, y: 0 },
      corners.map((c) => ({ ...c, plant: true })),
    );
    const rounded = through({ x: 6, y: 0 }, corners);
    const time = (c: typeof planted) => runAlong(c, LEVELS.college, sprint).duration / c.length;
    expect(time(planted)).toBeGreaterThan(time(rounded));
    expect(time(rounded)).toBeGreaterThan(seconds(50, 'college') / 50);
  });
  it('slow, slow, quick: a way walked first and sprinted last lies between both, and changes pace where said', () => {
    const paced = (to: number): Pace => ({ tempo: 'sprint', stretches: [{ to, tempo: 'walk' }] });
    const run = runAlong(straight(24), LEVELS.college, paced(0.5));
    expect(run.duration).toBeLessThan(seconds(24, 'college', { tempo: 'walk' }));
    expect(run.duration).toBeGreaterThan(seconds(24, 'college'));
    expect(speedAfter(run, 10)).toBeLessThanOrEqual(TEMPO.walk.speed * LEVELS.college.man.speed + 1e-9);
    expect(speedAfter(run, 18)).toBeGreaterThan(2 * speedAfter(run, 10));
  });
  it('stops at the end unless he runs on, and starts with the speed he brings', () => {
    const stop = runAlong(straight(20), LEVELS.pro, sprint);
    expect(stop.v.at(-1)).toBe(0);
    const on = runAlong(straight(20), LEVELS.pro, { ...sprint, to: 12 });
    expect(on.v.at(-1)).toBeCloseTo(12, 6);
    expect(runAlong(straight(20), LEVELS.pro, { ...sprint, from: 10 }).duration).toBeLessThan(stop.duration);
  });
});

describe('any way', () => {
  const tempo = fc.constantFrom<Tempo>(...TEMPOS);
  it('never breaks a limit: top speed, braking, push at the start', () => {
    fc.assert(
      fc.property(anyPath, tempo, fc.constantFrom(...levels), ([from, way], tempo, level) => {
        const { man } = LEVELS[level];
        const run = runAlong(through(from, way), LEVELS[level], { tempo });
        for (let i = 1; i < run.v.length; i++) {
          const a = (run.v[i]! ** 2 - run.v[i - 1]! ** 2) / (2 * run.ds);
          expect(a).toBeLessThanOrEqual(man.speed / man.tau + 1e-6);
          expect(a).toBeGreaterThanOrEqual(-man.brake - 1e-6);
          expect(run.t[i]!).toBeGreaterThan(run.t[i - 1]!);
        }
      }),
    );
  });
  it('time and distance are inverses, and every place is on the way', () => {
    fc.assert(
      fc.property(anyPath, tempo, fc.double({ min: 0, max: 1, noNaN: true }), ([from, way], tempo, share) => {
        const run = runAlong(through(from, way), LEVELS.college, { tempo });
        const s = run.length * share;
        expect(distanceAfter(run, timeTo(run, s))).toBeCloseTo(s, 4);
        const out = { x: 0, y: 0 };
        placeAfter(run, s, out);
        expect(nearestOnRun(run, out.x, out.y).distance).toBeLessThanOrEqual(run.ds);
        placeAfter(run, run.length, out);
        expect(distance(out, way.at(-1)!)).toBeLessThan(1e-9);
      }),
    );
  });
  it('a way without length takes no time', () => {
    const run = runAlong(through({ x: 3, y: 3 }, [{ x: 3, y: 3 }]), LEVELS.pro, sprint);
    expect([run.duration, distanceAfter(run, 1), timeTo(run, 1), speedAfter(run, 0)]).toEqual([0, 0, 0, 0]);
  });
});
