import type { Court } from '../court/court.ts';
import type { LevelRecord } from '../motion/level.ts';

/** The floor at one instant, as the questions of space ask for it: who is where, and who is held up. Feet, seconds. */
export interface Floor {
  readonly court: Court;
  readonly level: LevelRecord;
  /** The ball, and who has it (index, −1 nobody). */
  bx: number;
  by: number;
  holder: number;
  /** The five attackers; only the first `players` are there. */
  players: number;
  readonly ox: Float64Array;
  readonly oy: Float64Array;
  /** The five defenders, and how much later than usual each starts. */
  readonly dx: Float64Array;
  readonly dy: Float64Array;
  readonly delay: Float64Array;
  /** Attackers who seal their man: a bit each. */
  sealing: number;
  /** A screen on a defender: it holds him up toward it. */
  screens: readonly { readonly on: number; readonly x: number; readonly y: number }[];
}

export const floorOf = (court: Court, level: LevelRecord): Floor => ({
  court,
  level,
  bx: 0,
  by: 27,
  holder: -1,
  players: 0,
  ox: new Float64Array(5),
  oy: new Float64Array(5),
  dx: new Float64Array(5),
  dy: new Float64Array(5),
  delay: new Float64Array(5),
  sealing: 0,
  screens: [],
});
