import { PLAYERS, type PlayerId } from '../alignment/library.ts';
import type { Seat } from '../geometry/five.ts';
import { BODIES, filmOf, momentOf, STEP, WIDE, type Film, type Trace } from './trace.ts';

/** Nobody tells places apart that are within half a yard (feet). */
export const TELLS = 1.5;

/** How long two plays look the same, numbers and side aside. */
export interface Alike {
  /** Seconds: from the start on, or up to the end. */
  readonly seconds: number;
  /** The other one is seen in a mirror. */
  readonly mirrored: boolean;
  /** For each of ours, who does his part in the other. */
  readonly as: Readonly<Record<PlayerId, PlayerId>>;
  /** Whose way tells them apart: one of ours, or the ball; null when nothing ever does. */
  readonly by: PlayerId | 'ball' | null;
}

/** A play as it is compared: made once, run both ways. */
export interface Compared {
  readonly trace: Trace;
  readonly ahead: Film;
  readonly back: Film;
}
export const comparedOf = (trace: Trace): Compared => ({
  trace,
  ahead: filmOf(trace),
  back: filmOf(trace, true),
});

/** How long two plays look the same from their start: up to the first instant at which a defender could tell. */
export const headOf = (a: Compared, b: Compared): Alike | null => alike(a.ahead, b.ahead, true);
/** How long they look the same before they are over. */
export const tailOf = (a: Compared, b: Compared): Alike | null => alike(a.back, b.back, false);

/**
 * The longest of all ways to see one as the other: a mirror and an exchange of numbers, fixed where both begin. Null
 * when they begin apart. What is over stands still where `stands`; else the shorter one ends it.
 */
function alike(a: Film, b: Film, stands: boolean): Alike | null {
  let best: Alike | null = null;
  for (const mirrored of [false, true])
    for (const as of seatings(a, b, mirrored)) {
      const found = until(a, b, mirrored, as, stands);
      if (!best || found.seconds > best.seconds + 1e-9)
        best = {
          seconds: found.seconds,
          mirrored,
          as: Object.fromEntries(as.map((q, p) => [PLAYERS[p]!, PLAYERS[q]!])) as Record<PlayerId, PlayerId>,
          by: found.body === null ? null : found.body === BALL ? 'ball' : PLAYERS[found.body]!,
        };
    }
  return best;
}
const BALL = BODIES - 1;

/** Every exchange of numbers by which all five, and the ball, begin within what nobody tells. */
function seatings(a: Film, b: Film, mirrored: boolean): Seat[][] {
  if (apart(a, b, 0, BALL, BALL, mirrored) > TELLS) return [];
  const found: Seat[][] = [];
  const seat = (taken: Seat[]): void => {
    if (taken.length === 5) {
      found.push(taken);
      return;
    }
    for (let q = 0; q < 5; q++) {
      const other = q as Seat;
      if (!taken.includes(other) && apart(a, b, 0, taken.length, other, mirrored) <= TELLS)
        seat([...taken, other]);
    }
  };
  seat([]);
  return found;
}

/** Feet between a body of one film and one of the other at moment k; what is over stands still. */
function apart(a: Film, b: Film, k: number, p: number, q: number, mirrored: boolean): number {
  const i = Math.min(k, a.steps - 1) * WIDE + p * 2;
  const j = Math.min(k, b.steps - 1) * WIDE + q * 2;
  const dx = a.rows[i]! - (mirrored ? -b.rows[j]! : b.rows[j]!);
  return Math.hypot(dx, a.rows[i + 1]! - b.rows[j + 1]!);
}

/** Up to when nobody is farther from his part than can be told, and who is first; a step between two moments is straight. */
function until(
  a: Film,
  b: Film,
  mirrored: boolean,
  as: readonly Seat[],
  stands: boolean,
): { seconds: number; body: number | null } {
  const steps = stands ? Math.max(a.steps, b.steps) : Math.min(a.steps, b.steps);
  const end = stands ? Math.max(a.seconds, b.seconds) : Math.min(a.seconds, b.seconds);
  for (let k = 1; k < steps; k++) {
    let first: { at: number; body: number } | null = null;
    for (let p = 0; p < BODIES; p++) {
      const q = p === BALL ? BALL : as[p]!;
      if (apart(a, b, k, p, q, mirrored) <= TELLS) continue;
      const at = crossing(a, b, k, p, q, mirrored);
      if (!first || at < first.at) first = { at, body: p };
    }
    if (first) {
      const from = (k - 1) * STEP;
      const to = Math.min(end, Math.max(momentOf(a, k), momentOf(b, k)));
      return { seconds: Math.min(end, from + first.at * Math.max(0, to - from)), body: first.body };
    }
  }
  return { seconds: end, body: null };
}

/** The share of the step to moment k after which two bodies are just as far apart as can be told. */
function crossing(a: Film, b: Film, k: number, p: number, q: number, mirrored: boolean): number {
  const delta = (m: number): [number, number] => {
    const i = Math.min(m, a.steps - 1) * WIDE + p * 2;
    const j = Math.min(m, b.steps - 1) * WIDE + q * 2;
    return [a.rows[i]! - (mirrored ? -b.rows[j]! : b.rows[j]!), a.rows[i + 1]! - b.rows[j + 1]!];
  };
  const [x, y] = delta(k - 1);
  const [x1, y1] = delta(k);
  const dx = x1 - x;
  const dy = y1 - y;
  // |d + s·Δ| = the limit: the larger root, since it begins within and ends beyond.
  const A = dx * dx + dy * dy;
  const B = x * dx + y * dy;
  const C = x * x + y * y - TELLS * TELLS;
  return A < 1e-12 ? 1 : Math.min(1, Math.max(0, (-B + Math.sqrt(Math.max(0, B * B - A * C))) / A));
}
