import type { Point } from '@corkscrew/core';
import type { AgainstView } from '../../../workers/analyse.ts';

/** The step of a defended line nearest to time t (seconds). */
export const stepOf = (a: AgainstView, t: number): number =>
  Math.max(0, Math.min(a.steps - 1, Math.round(t / a.dt)));

/** Where a body is at a step, feet: 0 to 4 are ours, 5 to 9 theirs. */
export const bodyAt = (a: AgainstView, k: number, b: number): Point => ({
  x: a.x[k * 10 + b]!,
  y: a.y[k * 10 + b]!,
});

/** The index of what was seen nearest to time t (seconds): ten times a second. */
export const timeOf = (a: AgainstView, t: number): number =>
  Math.max(0, Math.min(a.seeing.times.length - 1, Math.round(t / 0.1)));
