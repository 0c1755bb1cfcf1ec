import type { Court } from '../court/court.ts';
import { clampToFloor } from '../court/queries.ts';
import { nearestSpot } from '../court/spots.ts';
import type { Point } from '../geometry/vec.ts';
import type { Waypoint } from '../play/document.ts';

/** A point snaps to a named spot this near (feet). */
const SNAP = 2.6;
/** What a press of an arrow key moves, and with Shift: a quarter metre and a metre, in feet. */
export const NUDGE = { fine: 0.82, coarse: 3.28 } as const;

/** Places are kept to a twentieth of a foot: finer than any hand. */
const tidy = (v: number): number => Math.round(v * 20) / 20;

/** A point on the floor, snapped to the nearest spot unless the hand is free. */
export function snap(court: Court, p: Point, free: boolean): Waypoint {
  const at = clampToFloor(court, p);
  const near = nearestSpot(court, at);
  if (free || near.distance > SNAP) return { x: tidy(at.x), y: tidy(at.y) };
  return { ...near.spot.at(court), spot: near.spot.key };
}

/** The point halfway between two, where a line can be bent. */
export const between = (a: Point, b: Point): Waypoint => ({
  x: tidy((a.x + b.x) / 2),
  y: tidy((a.y + b.y) / 2),
});

/** The point this far from another one in the direction of a third, feet. */
export function toward(from: Point, to: Point, feet: number): Waypoint {
  const d = Math.sqrt((to.x - from.x) ** 2 + (to.y - from.y) ** 2);
  if (d < 1e-9) return { x: tidy(from.x), y: tidy(from.y + feet) };
  return { x: tidy(from.x + ((to.x - from.x) * feet) / d), y: tidy(from.y + ((to.y - from.y) * feet) / d) };
}
