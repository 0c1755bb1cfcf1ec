import { five, type Five, next, type None, type Seat } from '../../geometry/five.ts';
import type { Court } from '../../court/court.ts';
import type { Point } from '../../geometry/vec.ts';
import { chasersLate, floorOf, putAttackers, type Floor } from '../../space/floor.ts';
import { optionsOf } from '../../space/split.ts';
import { passSeen, passTo } from '../../space/times.ts';
import type { LevelRecord } from '../../motion/level.ts';
import { DT } from '../../motion/track.ts';
import { BUMP, onWing } from './bump.ts';
import { newFilm, sampleAt, type Film } from './film.ts';
import { movingFrom, plant, stepZone, type Moving } from './move.ts';
import type { Scheme } from './scheme.ts';
import { situationAt, settled } from './shade.ts';

/** One pass of a ball that goes round: what the man nearest to its receiver had to run. */
export interface Chased {
  readonly from: number;
  readonly to: number;
  /** Seconds from the start of the chase. */
  readonly released: number;
  readonly caught: number;
  readonly defender: number;
  /** Feet he was away when the ball left the hand, and how much of that he would not have had against a zone at rest. */
  readonly closeOut: number;
  readonly more: number;
  /** Seconds his contest comes too late for the shot. */
  readonly late: number;
}

/** What a chase begins with: the zone as it is played, five who stand, and who has the ball. */
export interface ChaseStart {
  readonly scheme: Scheme;
  /** The same with its timed alternatives: how it is played until the usual man is at the wing. */
  readonly bump: Scheme;
  readonly level: LevelRecord;
  readonly players: readonly Point[];
  /** Whom each defender chases, −1: nobody. */
  readonly chases?: Five<Seat | None>;
  readonly holder: number;
  /** Where the five defenders are, feet; at rest against the ball when left out. */
  readonly defenders?: readonly Point[];
}

/** A zone chasing a ball that is passed from man to man, in real time. */
export interface Chase extends ChaseStart {
  readonly moving: Moving;
  readonly chased: Chased[];
  readonly film: Film;
  /** Seconds since it began, and seconds given that make no whole step yet. */
  t: number;
  rest: number;
  /** Where the ball is, and who has it (−1: it flies). */
  ball: Point;
  holder: number;
  flight: { readonly from: Point; readonly to: number; readonly seconds: number; t: number } | null;
  /** When the pass is read: then they run to where it goes. */
  reads: number;
  /** Until when the zone is played as it bumps; null when it does not. */
  bumps: number | null;
}

const still = five(1);

/** Begins with the zone at rest against the man who has the ball, or where its men are said to be. */
export function startChase(start: ChaseStart): Chase {
  const x = five();
  const y = five();
  const ball = start.players[start.holder]!;
  settled(start.scheme, start.level, situationAt(start.players, ball, start.chases), x, y);
  const moving = movingFrom(x, y);
  for (let d: Seat = 0; d < 5; d = next(d)) {
    const p = start.defenders?.[d];
    if (!p) break;
    moving.x[d] = p.x;
    moving.y[d] = p.y;
  }
  const chase: Chase = {
    ...start,
    moving,
    chased: [],
    film: newFilm(),
    t: 0,
    rest: 0,
    ball,
    flight: null,
    reads: Infinity,
    bumps: null,
  };
  record(chase);
  return chase;
}

function record({ film, moving, ball, holder }: Chase): void {
  film.x.push(...moving.x);
  film.y.push(...moving.y);
  film.bx.push(ball.x);
  film.by.push(ball.y);
  film.holder.push(holder);
}

/** The floor as it is now in a chase, or was `t` seconds after its start. */
export function chaseFloor(chase: Chase, court: Court, t = chase.t): Floor {
  const { film } = chase;
  const out = floorOf(court, chase.level);
  const k = sampleAt(film, t);
  out.bx = film.bx[k]!;
  out.by = film.by[k]!;
  out.holder = film.holder[k] as Seat | None;
  putAttackers(out, chase.players);
  if (chase.chases) chasersLate(out, chase.chases);
  for (let d: Seat = 0; d < 5; d = next(d)) {
    out.dx[d] = film.x[k * 5 + d]!;
    out.dy[d] = film.y[k * 5 + d]!;
  }
  return out;
}

/** Throws the ball to another man, if somebody has it; says what it meets. */
export function throwTo(chase: Chase, to: number, court: Court): Chased | null {
  if (chase.holder < 0 || chase.holder === to || !chase.players[to]) return null;
  const { scheme, level, players } = chase;
  const now = chaseFloor(chase, court);
  const rest = chaseFloor(chase, court);
  settled(scheme, level, situationAt(players, chase.ball, chase.chases), rest.dx, rest.dy);
  const o = optionsOf(now).find((x) => x.player === to)!;
  const atRest = optionsOf(rest).find((x) => x.player === to)!;
  const target = players[to]!;
  const pass = passTo(now, target.x, target.y, passSeen());
  const chased: Chased = {
    from: chase.holder,
    to,
    released: chase.t,
    caught: chase.t + pass.t,
    defender: o.defender,
    closeOut: o.closeOut,
    more: o.closeOut - atRest.closeOut,
    late: o.late,
  };
  chase.chased.push(chased);
  chase.flight = { from: chase.ball, to, seconds: pass.t, t: 0 };
  chase.holder = -1;
  chase.reads = chase.t + level.zone.react;
  chase.bumps = onWing(target.x, target.y) ? chased.caught + BUMP : null;
  return chased;
}

/** Moves ball and zone on by `dt` seconds, in whole steps. True while anything still moves. */
export function stepChase(chase: Chase, dt: number): boolean {
  chase.rest += dt;
  let more = true;
  while (more && chase.rest >= DT - 1e-9) {
    chase.rest -= DT;
    more = step(chase);
  }
  return more;
}

function step(chase: Chase): boolean {
  const { moving, flight } = chase;
  chase.t += DT;
  if (chase.t >= chase.reads) {
    chase.reads = Infinity;
    plant(moving);
    aim(chase);
  } else if (chase.bumps !== null && chase.t >= chase.bumps) {
    chase.bumps = null;
    aim(chase);
  }
  if (flight) {
    flight.t += DT;
    const to = chase.players[flight.to]!;
    const k = Math.min(1, flight.t / Math.max(1e-6, flight.seconds));
    chase.ball = {
      x: flight.from.x + (to.x - flight.from.x) * k,
      y: flight.from.y + (to.y - flight.from.y) * k,
    };
    if (k >= 1) {
      chase.flight = null;
      chase.holder = flight.to;
    }
  }
  stepZone(moving, chase.level, chase.ball.x, chase.ball.y, DT, still);
  record(chase);
  let off = 0;
  for (let d: Seat = 0; d < 5; d = next(d))
    off = Math.max(off, Math.abs(moving.tx[d] - moving.x[d]), Math.abs(moving.ty[d] - moving.y[d]));
  return chase.flight !== null || chase.reads !== Infinity || chase.bumps !== null || off > 0.05;
}

/** Everybody sets out for where he belongs with the ball where it is or flies to. */
function aim(chase: Chase): void {
  const { moving, level, players } = chase;
  const to = players[chase.flight?.to ?? Math.max(0, chase.holder)]!;
  const scheme = chase.bumps === null ? chase.scheme : chase.bump;
  settled(scheme, level, situationAt(players, to, chase.chases), moving.tx, moving.ty);
}
