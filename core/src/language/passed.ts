import type { Court } from '../court/court.ts';
import { nearestOnCurve, pointAt, through } from '../geometry/curve.ts';
import { pathOf, type Step } from '../play/state.ts';
import { atPlace, placeSaid, placeWords } from './place.ts';

/** A place a man passes on his way, as a share of it: what a cue may wait for. */
export interface Passed {
  readonly at: number;
  readonly words: string;
}

/** Half-way, and every point the coach drew his way through, in the order he passes them. */
export function placesPassed(court: Court, step: Step): Passed[] {
  const path = pathOf(step.action);
  if (path.length === 0) return [];
  const curve = through(step.before.places[step.action.by], path);
  if (curve.length < 1) return [];
  const drawn = path.slice(0, -1).map((w): Passed => ({
    at: Math.round((nearestOnCurve(curve, w).s / curve.length) * 100) / 100,
    words: `passes ${placeWords(court, w)}`,
  }));
  const middle = placeSaid(court, pointAt(curve, curve.length / 2));
  const half = {
    at: 0.5,
    words: middle.is === 'between' ? 'is half-way' : `is half-way, ${atPlace(middle)}`,
  };
  return [...drawn.filter((p) => Math.abs(p.at - 0.5) > 0.03), half].sort((a, b) => a.at - b.at);
}
