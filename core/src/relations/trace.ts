import { PLAYERS } from '../alignment/library.ts';
import type { Timeline } from '../motion/timeline.ts';
import { ballAt, positionAt } from '../motion/track.ts';
import { LONGEST_LINE } from '../play/limits.ts';

/** Five men and the ball. */
const BODIES = 6;
/** Figures of one moment. */
const WIDE = BODIES * 2;
/** Seconds from moment to moment; between two everybody goes straight. */
export const STEP = 0.1;
/** Feet are kept in hundredths. */
const FINE = 100;

/** Where the five and the ball of a line are, ten times a second: plain data, to be kept beside a play. */
export interface Trace {
  /** Hundredths of a foot, moment by moment: x and y of 1 to 5, then of the ball. */
  readonly way: readonly number[];
  /** Who has the ball, or had it last, at each moment: "1112". */
  readonly held: string;
  /** When it is over, s: the ball leaves for the rim, or the last man stands. */
  readonly over: number;
}

/** A line in time as a trace of it. */
export function traceOf(timeline: Timeline): Trace {
  const shot = timeline.flights.find((f) => f.receiver === null);
  const over = Math.min(LONGEST_LINE, shot?.release ?? timeline.end);
  const way: number[] = [];
  let held = '';
  const put = (feet: number) => way.push(Math.round(feet * FINE));
  for (let k = 0; ; k++) {
    const t = Math.min(over, k * STEP);
    for (const p of PLAYERS) {
      const at = positionAt(timeline, p, t);
      put(at.x);
      put(at.y);
    }
    const { point, holder } = ballAt(timeline, t);
    put(point.x);
    put(point.y);
    held += holder ?? held.at(-1) ?? '1';
    if (t >= over) return { way, held, over };
  }
}

/** A trace run forwards from its first moment, or backwards from its last: feet, a row a moment. */
export interface Film {
  readonly rows: Float64Array;
  readonly steps: number;
  readonly seconds: number;
}

/** A trace as it runs; backwards its moments stand as long before its end as they are numbered. */
export function filmOf({ way, over }: Trace, backwards = false): Film {
  const steps = Math.floor(way.length / WIDE);
  const rows = new Float64Array(steps * WIDE);
  for (let k = 0; k < steps; k++) {
    const t = Math.min(over, k * STEP);
    rowAt(way, over, backwards ? over - t : t, rows, k * WIDE);
  }
  return { rows, steps, seconds: over };
}

/** The moment at t, between the two kept ones it lies between. */
function rowAt(way: readonly number[], over: number, t: number, out: Float64Array, at: number): void {
  const last = way.length / WIDE - 1;
  const before = Math.min(last, Math.floor(t / STEP + 1e-9));
  const next = Math.min(last, before + 1);
  const from = before * STEP;
  const to = Math.min(over, next * STEP);
  const share = to > from ? Math.min(1, Math.max(0, (t - from) / (to - from))) : 0;
  for (let i = 0; i < WIDE; i++) {
    const a = way[before * WIDE + i]!;
    out[at + i] = (a + (way[next * WIDE + i]! - a) * share) / FINE;
  }
}

/** When moment k of a film is (s). */
export const momentOf = ({ seconds }: Film, k: number): number => Math.min(seconds, k * STEP);

export { BODIES, WIDE };
