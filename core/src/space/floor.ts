import type { Point } from '../geometry/vec.ts';
import type { Court } from '../court/court.ts';
import { five, type Five, next, NONE, type None, type Seat, SEATS } from '../geometry/five.ts';
import type { Hands } from './lane.ts';
import type { LevelRecord } from '../motion/level.ts';

/** The floor at one instant, as the questions of space ask for it: who is where, and who is held up. Feet, seconds. */
export interface Floor {
  readonly court: Court;
  readonly level: LevelRecord;
  /** The ball, and who has it (index, −1 nobody). */
  bx: number;
  by: number;
  holder: Seat | None;
  /** The five attackers; only the first `players` are there. */
  players: number;
  readonly ox: Five;
  readonly oy: Five;
  /** The five defenders, how fast they are, and how much later than usual each starts. */
  readonly dx: Five;
  readonly dy: Five;
  readonly vx: Five;
  readonly vy: Five;
  readonly delay: Five;
  /** The five defenders as a lane sees them. */
  readonly theirs: Hands;
  /** The man with the ball dribbles. */
  dribbled: boolean;
  /** Attackers who seal their man: a bit each. */
  sealing: number;
  /** A screen on a defender: it holds him up toward it. */
  screens: readonly { readonly on: number; readonly x: number; readonly y: number }[];
}

export function floorOf(court: Court, level: LevelRecord): Floor {
  const theirs = { x: five(), y: five(), vx: five(), vy: five(), held: five() };
  return {
    court,
    level,
    bx: 0,
    by: 27,
    holder: NONE,
    players: 0,
    ox: five(),
    oy: five(),
    dx: theirs.x,
    dy: theirs.y,
    vx: theirs.vx,
    vy: theirs.vy,
    delay: theirs.held,
    theirs: theirs as unknown as Hands,
    dribbled: false,
    sealing: 0,
    screens: [],
  };
}

/** Puts attackers on a floor, in their order, no more than five. */
export function putAttackers(f: Floor, places: readonly Point[]): void {
  f.players = Math.min(SEATS.length, places.length);
  for (let j: Seat = 0; j < 5; j = next(j)) {
    const p = places[j];
    if (!p) break;
    f.ox[j] = p.x;
    f.oy[j] = p.y;
  }
}

/** Where the attackers of a floor stand, feet. */
export const attackersOn = (f: Floor): Point[] =>
  SEATS.slice(0, f.players).map((j) => ({ x: f.ox[j], y: f.oy[j] }));

/** Where the five defenders of a floor stand, feet. */
export const defendersOn = (f: Floor): Point[] => SEATS.map((d) => ({ x: f.dx[d], y: f.dy[d] }));

/** A man who chases one player is this much later to everything else (s, from memory). */
export const CHASER_LATE = 0.4;

/** Makes those who chase late on a floor, by defender whom each chases (−1 nobody). */
export function chasersLate(f: Floor, chases: Five<Seat | None>): void {
  for (let d: Seat = 0; d < 5; d = next(d)) if (chases[d] !== NONE) f.delay[d] = CHASER_LATE;
}
