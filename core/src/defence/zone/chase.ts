import type { Court } from '../../court/court.ts';
import type { Point } from '../../geometry/vec.ts';
import { floorOf, type Floor } from '../../look/floor.ts';
import { optionsOf } from '../../look/split.ts';
import { passTo, trapped } from '../../look/times.ts';
import type { LevelRecord } from '../../motion/level.ts';
import { movingFrom, plant, stepZone, type Moving } from './move.ts';
import type { Scheme } from './scheme.ts';
import { settled, type Seen } from './shade.ts';

/** One pass of a ball that goes round: what the man nearest to its receiver had to run. */
export interface Chased {
  readonly from: number;
  readonly to: number;
  readonly defender: number;
  /** Feet he was away when the ball left the hand, and how much of that he would not have had against a zone at rest. */
  readonly closeOut: number;
  readonly more: number;
  /** Seconds his contest comes too late for the shot. */
  readonly late: number;
}

/** A zone chasing a ball that is passed from man to man, in real time. */
export interface Chase {
  readonly scheme: Scheme;
  readonly level: LevelRecord;
  readonly players: readonly Point[];
  readonly moving: Moving;
  readonly chased: Chased[];
  /** Where the ball is, and who has it (−1: it flies). */
  ball: Point;
  holder: number;
  flight: { readonly from: Point; readonly to: number; readonly seconds: number; t: number } | null;
  /** Seconds until the pass is read; then they run to where it goes. */
  reads: number;
}

const still = new Float64Array(5).fill(1);

function seenAt(chase: Pick<Chase, 'players'>, ball: Point): Seen {
  return {
    x: Float64Array.from({ length: 5 }, (_, i) => chase.players[i]?.x ?? 0),
    y: Float64Array.from({ length: 5 }, (_, i) => chase.players[i]?.y ?? 0),
    bx: ball.x,
    by: ball.y,
    screening: 0,
    chases: new Int8Array(5).fill(-1),
    players: chase.players.length,
  };
}

/** Begins with the zone at rest against the man who has the ball. */
export function startChase(
  scheme: Scheme,
  level: LevelRecord,
  players: readonly Point[],
  holder: number,
): Chase {
  const x = new Float64Array(5);
  const y = new Float64Array(5);
  const ball = players[holder]!;
  settled(scheme, level, seenAt({ players }, ball), x, y);
  return {
    scheme,
    level,
    players,
    moving: movingFrom(x, y),
    chased: [],
    ball,
    holder,
    flight: null,
    reads: Infinity,
  };
}

/** The floor as it is now in a chase. */
export function chaseFloor(chase: Chase, court: Court, out: Floor = floorOf(court, chase.level)): Floor {
  out.bx = chase.ball.x;
  out.by = chase.ball.y;
  out.holder = chase.holder;
  out.players = chase.players.length;
  chase.players.forEach((p, j) => {
    out.ox[j] = p.x;
    out.oy[j] = p.y;
  });
  out.dx.set(chase.moving.x);
  out.dy.set(chase.moving.y);
  return out;
}

/** Throws the ball to another man, if somebody has it; says what it meets. */
export function throwTo(chase: Chase, to: number, court: Court): Chased | null {
  if (chase.holder < 0 || chase.holder === to || !chase.players[to]) return null;
  const now = chaseFloor(chase, court);
  const rest = floorOf(court, chase.level);
  Object.assign(rest, { bx: now.bx, by: now.by, holder: now.holder, players: now.players });
  rest.ox.set(now.ox);
  rest.oy.set(now.oy);
  settled(chase.scheme, chase.level, seenAt(chase, chase.ball), rest.dx, rest.dy);
  const o = optionsOf(now).find((x) => x.player === to)!;
  const atRest = optionsOf(rest).find((x) => x.player === to)!;
  const target = chase.players[to]!;
  const pass = passTo(now, target.x, target.y, trapped(now), {
    t: 0,
    length: 0,
    over: false,
    margin: 0,
    who: -1,
  });
  const chased: Chased = {
    from: chase.holder,
    to,
    defender: o.defender,
    closeOut: o.closeOut,
    more: o.closeOut - atRest.closeOut,
    late: o.late,
  };
  chase.chased.push(chased);
  chase.flight = { from: chase.ball, to, seconds: pass.t, t: 0 };
  chase.holder = -1;
  chase.reads = chase.level.zone.react;
  return chased;
}

/** Moves ball and zone on by `dt` seconds. True while anything still moves. */
export function stepChase(chase: Chase, dt: number): boolean {
  const { moving, flight } = chase;
  if (chase.reads !== Infinity) {
    chase.reads -= dt;
    if (chase.reads <= 0) {
      chase.reads = Infinity;
      const to = chase.players[flight?.to ?? Math.max(0, chase.holder)]!;
      plant(moving);
      settled(chase.scheme, chase.level, seenAt(chase, to), moving.tx, moving.ty);
    }
  }
  if (flight) {
    flight.t += dt;
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
  stepZone(moving, chase.level, chase.ball.x, chase.ball.y, dt, still);
  let rest = 0;
  for (let d = 0; d < 5; d++)
    rest = Math.max(rest, Math.abs(moving.tx[d]! - moving.x[d]!), Math.abs(moving.ty[d]! - moving.y[d]!));
  return chase.flight !== null || chase.reads !== Infinity || rest > 0.05;
}
