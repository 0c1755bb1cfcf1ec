import type { Said } from '../language/said.ts';
import type { Point } from '../geometry/vec.ts';
import type { Defence } from '../play/document.ts';
import { tenOf } from '../defence/ten.ts';
import type { Against } from './against.ts';
import type { Seeing } from './seeing.ts';

/** What of all that is seen is drawn; the checks read the rest where it was computed. */
type Shown = 'times' | 'openness' | 'windows' | 'passes' | 'splits' | 'splitAt' | 'blocked';

/** A defended line as it is drawn: ten bodies a step, and what was seen. Plain data that can be sent from a worker. */
export interface AgainstView {
  readonly defence: Defence;
  readonly notes: readonly Said[];
  /** Seconds a step. */
  readonly dt: number;
  readonly steps: number;
  /** Ten a step, feet and degrees: 0 to 4 are ours, 5 to 9 theirs. */
  readonly x: Float64Array;
  readonly y: Float64Array;
  readonly facing: Float64Array;
  /** Five a step: the player each defender guards, −1 nobody. */
  readonly guards: Int8Array;
  readonly seeing: Pick<Seeing, Shown>;
}

export function viewOf({ defence, notes, defended, seeing }: Against): AgainstView {
  const { dt, steps, x, y, facing } = tenOf(defended);
  const { times, openness, windows, passes, splits, splitAt, blocked } = seeing;
  const shown = { times, openness, windows, passes, splits, splitAt, blocked };
  return { defence, notes, dt, steps, x, y, facing, guards: defended.guards, seeing: shown };
}

/** The step of a defended line nearest to time t (seconds). */
export const stepOf = (a: AgainstView, t: number): number =>
  Math.max(0, Math.min(a.steps - 1, Math.round(t / a.dt)));

/** Where a body is at a step, feet: 0 to 4 are ours, 5 to 9 theirs. */
export const bodyAt = (a: AgainstView, k: number, b: number): Point => ({
  x: a.x[k * 10 + b]!,
  y: a.y[k * 10 + b]!,
});

/** Seconds between two looks at the floor. */
const LOOKS_EVERY = 0.1;

/** The index of what was seen nearest to time t (seconds): ten times a second. */
export const timeOf = (a: AgainstView, t: number): number =>
  Math.max(0, Math.min(a.seeing.times.length - 1, Math.round(t / LOOKS_EVERY)));
