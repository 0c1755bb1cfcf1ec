import { arcMeetsCorner, type Court } from './court.ts';
import { distanceToRim } from './queries.ts';
import type { Point } from '../geometry/vec.ts';

/** Perimeter players stand on a line this far outside the arc (feet). */
const OUTSIDE = 1.5;
/** One spot of the perimeter, feet (common practice: players stand 15 to 18 ft apart). */
const SPOT = 15;
/** Nearer to the rim than this a man is no perimeter player (feet). */
const INSIDE = 15;

/** The line perimeter players stand on: an arc between two straight parts. */
interface Line {
  readonly radius: number;
  readonly side: number;
  /** Where the straight part meets the arc (y), and the angle from the middle there. */
  readonly bend: number;
  readonly most: number;
}
const lines = new WeakMap<Court, Line>();

function lineOf(court: Court): Line {
  const kept = lines.get(court);
  if (kept) return kept;
  const radius = court.arcRadius + OUTSIDE;
  const side = court.cornerX + OUTSIDE;
  const bend = arcMeetsCorner({ ...court, arcRadius: radius, cornerX: side });
  const line = { radius, side, bend, most: Math.atan2(Math.min(side, radius), bend - court.rimY) };
  lines.set(court, line);
  return line;
}

/**
 * Where a place lies along the perimeter: feet along a line a step and a half outside the arc, straight
 * in the corners; 0 at the top, growing to the right as the offence faces the basket.
 */
export function alongPerimeter(court: Court, p: Point): number {
  const { radius, bend, most } = lineOf(court);
  const angle = Math.atan2(Math.abs(p.x), p.y - court.rimY);
  const feet = angle <= most ? radius * angle : radius * most + Math.max(0, bend - p.y);
  return p.x < 0 ? -feet : feet;
}

/** The place at a coordinate of the perimeter; the inverse of `alongPerimeter` for places on its line. */
export function perimeterPoint(court: Court, along: number): Point {
  const { radius, side, bend, most } = lineOf(court);
  const sign = along < 0 ? -1 : 1;
  const feet = Math.abs(along);
  if (feet > radius * most) return { x: sign * side, y: bend - (feet - radius * most) };
  return {
    x: sign * radius * Math.sin(feet / radius),
    y: court.rimY + radius * Math.cos(feet / radius),
  };
}

export const onPerimeter = (court: Court, p: Point): boolean => distanceToRim(court, p) >= INSIDE;

export type GapSize = 'single' | 'double' | 'triple' | 'open';

/** The floor between the ball and the next perimeter player on one side of it. */
export interface Gap<Who> {
  readonly side: 'left' | 'right';
  /** Nobody that way: an open side. */
  readonly to: Who | null;
  /** Feet along the perimeter; Infinity for an open side. */
  readonly feet: number;
  readonly spots: number;
  readonly size: GapSize;
}

/** How a gap is called (common practice): the next spot filled, one empty spot between, two. */
export const gapSize = (spots: number): GapSize =>
  spots === Infinity ? 'open' : spots < 1.5 ? 'single' : spots < 2.5 ? 'double' : 'triple';

/** The gaps to the left and right of the ball, over the teammates given. */
export function gapsBeside<Who>(
  court: Court,
  ball: Point,
  mates: readonly (readonly [Who, Point])[],
): readonly [Gap<Who>, Gap<Who>] {
  const here = alongPerimeter(court, ball);
  const others = mates
    .filter(([, p]) => onPerimeter(court, p))
    .map(([who, p]) => ({ who, off: alongPerimeter(court, p) - here }));
  const toward = (side: 'left' | 'right'): Gap<Who> => {
    const sign = side === 'left' ? -1 : 1;
    let next: { who: Who; off: number } | undefined;
    for (const o of others) if (o.off * sign > 0 && (!next || o.off * sign < next.off * sign)) next = o;
    const feet = next ? Math.abs(next.off) : Infinity;
    return { side, to: next?.who ?? null, feet, spots: feet / SPOT, size: gapSize(feet / SPOT) };
  };
  return [toward('left'), toward('right')];
}
