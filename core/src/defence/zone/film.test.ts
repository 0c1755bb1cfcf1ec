import { type Five, next, type None, type Seat, SEATS } from '../../geometry/five.ts';
import { describe, expect, it } from 'vitest';
import { courtFor } from '../../court/rulesets.ts';
import { spotPoint, type SpotKey } from '../../court/spots.ts';
import { distance } from '../../geometry/vec.ts';
import { levelRecord } from '../../motion/level.ts';
import { DT } from '../../motion/track.ts';
import { chaseFloor, startChase, stepChase, throwTo, type Chase } from './chase.ts';
import { chasedBy } from './chasers.ts';
import { ballOf, jobAt, sampleAt, slidesOf, type Film } from './film.ts';
import { schemeOf, zoneByKey } from './scheme.ts';

const court = courtFor({ court: 'nfhs' });
const level = levelRecord('highSchool');
const at = (...keys: SpotKey[]) => keys.map((k) => spotPoint(court, k));
const five = at('top', 'wingR', 'wingL', 'cornerR', 'cornerL');

function begin(zone = '2-3', schools: string[] = [], chases?: Five<Seat | None>): Chase {
  const table = zoneByKey(zone)!;
  return startChase({
    scheme: schemeOf(table, schools, court),
    bump: schemeOf(table, schools, court, true),
    level,
    players: five,
    holder: 0,
    ...(chases ? { chases } : {}),
  });
}
/** The ball goes round: a pass to each in turn, half a second after the catch of the one before. */
function goRound(chase: Chase, to: readonly number[], dt = DT): Chase {
  for (const j of to) {
    throwTo(chase, j, court);
    const until = chase.chased.at(-1)!.caught + 0.5;
    while (chase.t < until) stepChase(chase, dt);
  }
  while (stepChase(chase, dt));
  return chase;
}
const placeIn = (film: Film, k: number, d: number) => ({ x: film.x[k * 5 + d]!, y: film.y[k * 5 + d]! });

describe('a film of a chase', () => {
  const chase = goRound(begin(), [1, 3, 0, 2]);
  const { film } = chase;

  it('has a sample each step, and the floor of any of them', () => {
    const samples = Math.round(chase.t / DT) + 1;
    expect(film.holder).toHaveLength(samples);
    expect(film.x).toHaveLength(samples * 5);
    expect(sampleAt(film, 1) * DT).toBeCloseTo(1, 9);
    expect([sampleAt(film, -1), sampleAt(film, 1e6)]).toEqual([0, samples - 1]);
    expect(chaseFloor(chase, court, 0).holder).toBe(0);
    expect(chaseFloor(chase, court).holder).toBe(2);
    expect(chaseFloor(chase, court, chase.chased[1]!.released + 0.1).holder).toBe(-1);
  });

  it('is the same however the seconds come in', () => {
    const a = begin();
    const b = begin();
    for (const c of [a, b]) throwTo(c, 3, court);
    for (let i = 0; i < 60; i++) stepChase(a, DT);
    for (let i = 0; i < 20; i++) stepChase(b, 3 * DT);
    expect(b.film).toEqual(a.film);
  });

  it('shows every man from where he stood to where he stands: ways add up, none faster than a run', () => {
    const slides = slidesOf(film, chase.t, chase.scheme, level);
    for (let d = 0; d < 5; d++) {
      const mine = slides.filter((s) => s.defender === d);
      for (const s of mine) {
        expect(s.to).toBeGreaterThan(s.from);
        expect(s.feet / (s.to - s.from)).toBeLessThanOrEqual(level.zone.run + 1e-6);
        const straight = distance(
          placeIn(film, sampleAt(film, s.from), d),
          placeIn(film, sampleAt(film, s.to), d),
        );
        expect(s.feet).toBeGreaterThanOrEqual(straight - 1e-6);
      }
      // What lies between his ways is next to nothing.
      const all = film.holder
        .slice(1)
        .reduce((sum, _, i) => sum + distance(placeIn(film, i, d), placeIn(film, i + 1, d)), 0);
      expect(mine.reduce((sum, s) => sum + s.feet, 0)).toBeGreaterThan(all * 0.9);
    }
    // Common practice: whoever goes out to the ball runs, men off the ball slide.
    expect(slides.some((s) => s.pace === 'run' && s.job === 'ball')).toBe(true);
    expect(slides.some((s) => s.pace !== 'run')).toBe(true);
    expect(slides.filter((s) => s.from < level.zone.react - DT)).toEqual([]);
  });

  it('has the ball with one man or in the air at any moment', () => {
    const ball = ballOf(film, chase.t);
    expect(ball.map((b) => b.holder)).toEqual([0, -1, 1, -1, 3, -1, 0, -1, 2]);
    ball.slice(1).forEach((b, i) => expect(b.from).toBe(ball[i]!.to));
    expect(ballOf(film, chase.chased[0]!.caught + 0.1).map((b) => b.holder)).toEqual([0, -1, 1]);
    expect(ball.at(-1)!.to).toBeCloseTo(chase.t, 9);
    chase.chased.forEach((c, i) => expect(Math.abs(ball[2 * i + 1]!.to - c.caught)).toBeLessThan(2 * DT));
  });

  it('names a job by where the ball is', () => {
    const { scheme } = chase;
    const jobs = (p: { x: number; y: number }) => SEATS.map((d) => jobAt(scheme, p.x, p.y, d));
    expect(jobs(spotPoint(court, 'cornerR'))).toContain('ball');
    expect(jobs(spotPoint(court, 'cornerR'))).not.toEqual(jobs(spotPoint(court, 'cornerL')));
  });
});

it.each([1, 2, 3, 4])('sees a pass to %i late, wherever he stands: nobody moves before', (to) => {
  const chase = begin();
  throwTo(chase, to, court);
  while (chase.t < level.zone.react - 1.5 * DT) stepChase(chase, DT);
  expect(chaseFloor(chase, court).dx).toEqual(chaseFloor(chase, court, 0).dx);
  while (chase.t < level.zone.react + 0.1) stepChase(chase, DT);
  expect(chaseFloor(chase, court).dx).not.toEqual(chaseFloor(chase, court, 0).dx);
});

it('begins where the men of the zone are said to be, and slides from there to where they belong', () => {
  const rest = chaseFloor(begin(), court);
  const table = zoneByKey('2-3')!;
  const scheme = schemeOf(table, [], court);
  const defenders = SEATS.map((d) => ({ x: rest.dx[d] - 3, y: rest.dy[d] + 1 }));
  const late = startChase({ scheme, bump: scheme, level, players: five, holder: 0, defenders });
  const first = chaseFloor(late, court, 0);
  expect([...first.dx]).toEqual(defenders.map((p) => p.x));
  while (stepChase(late, DT));
  const last = chaseFloor(late, court);
  for (let d: Seat = 0; d < 5; d = next(d)) expect(last.dx[d]).toBeCloseTo(rest.dx[d], 0);
});

describe('schools and chasers in a chase', () => {
  it('sends the low man out to the first wing pass and the guard after him, when that is the school', () => {
    const near = (chase: Chase, t: number) => {
      const f = chaseFloor(chase, court, t);
      const feet = SEATS.map((d) => Math.hypot(f.dx[d] - f.bx, f.dy[d] - f.by));
      return feet.indexOf(Math.min(...feet));
    };
    const usual = goRound(begin(), [1]);
    const bumped = goRound(begin('2-3', ['wingBump']), [1]);
    const caught = bumped.chased[0]!.caught;
    // x4 is the right forward, x2 the right guard of a 2-3.
    expect(near(bumped, caught + 0.8)).toBe(3);
    expect(near(usual, caught + 0.8)).toBe(1);
    expect(near(bumped, bumped.t)).toBe(1);
  });

  it('keeps a chaser on his man wherever the ball goes; without a word he takes the nearest', () => {
    const table = zoneByKey('box-and-one')!;
    const told = chasedBy(table, court, five, five[0]!, [-1, -1, -1, -1, 2]);
    expect([...told]).toEqual([-1, -1, -1, -1, 2]);
    const chase = goRound(begin('box-and-one', [], told), [1, 3]);
    const f = chaseFloor(chase, court);
    expect(Math.hypot(f.dx[4]! - five[2]!.x, f.dy[4]! - five[2]!.y)).toBeLessThan(6);
    expect(chasedBy(table, court, five, five[0]!)[4]).toBe(0);
    expect([...chasedBy(zoneByKey('2-3')!, court, five, five[0]!, [0, 0, 0, 0, 0])]).toEqual([
      -1, -1, -1, -1, -1,
    ]);
    expect([...chasedBy(table, court, [], { x: 0, y: 27 })]).toEqual([-1, -1, -1, -1, -1]);
  });
});
