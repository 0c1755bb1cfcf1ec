import { arcMeetsCorner, type Court } from './court.ts';
import { distanceToRim } from './queries.ts';
import { spotPoint, type SpotKey } from './spots.ts';
import type { Point } from '../geometry/vec.ts';

/** Perimeter players stand on a line this far outside the arc (feet). */
const OUTSIDE = 1.5;
/** Farther inside the arc than this a man is no perimeter player (feet). */
const INSIDE = 3;

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

/** The spots a gap is counted in, and what they count (common practice): the slots lie between top and wing. */
const COUNT: readonly (readonly [SpotKey, number])[] = [
  ['cornerL', 0],
  ['wingL', 1],
  ['slotL', 1.5],
  ['top', 2],
  ['slotR', 2.5],
  ['wingR', 3],
  ['cornerR', 4],
];
/** Along the perimeter, feet, and in spots: the court's own spots, left to right. */
type Ruler = readonly { readonly feet: number; readonly spots: number }[];
const rulers = new WeakMap<Court, Ruler>();

function rulerOf(court: Court): Ruler {
  const kept = rulers.get(court);
  if (kept) return kept;
  const ruler = COUNT.map(([key, spots]) => ({ feet: alongPerimeter(court, spotPoint(court, key)), spots }));
  rulers.set(court, ruler);
  return ruler;
}

/**
 * Where a place lies along the perimeter in spots: corner 0, wing 1, slot 1.5, top 2, and on to 4 at the right corner,
 * even between them by arc length and on beyond the corners. What is next to each other is so on every court.
 */
export function spotsAlong(court: Court, p: Point): number {
  const ruler = rulerOf(court);
  const feet = alongPerimeter(court, p);
  let i = 0;
  while (i < ruler.length - 2 && feet > ruler[i + 1]!.feet) i++;
  const [a, b] = [ruler[i]!, ruler[i + 1]!];
  return a.spots + ((feet - a.feet) * (b.spots - a.spots)) / (b.feet - a.feet);
}

export const onPerimeter = (court: Court, p: Point): boolean =>
  distanceToRim(court, p) >= court.arcRadius - INSIDE;

export type GapSize = 'onTop' | 'single' | 'double' | 'triple' | 'open';

/** The floor between the ball and the next perimeter player on one side of it. */
export interface Gap<Who> {
  readonly side: 'left' | 'right';
  /** Nobody that way: an open side. */
  readonly to: Who | null;
  /** Feet along the perimeter, and spots; Infinity for an open side. */
  readonly feet: number;
  readonly spots: number;
  readonly size: GapSize;
}

/** How a gap is called (common practice): the next spot filled, one empty spot between, two; a quarter of one is as good as one. */
export function gapSize(spots: number): GapSize {
  if (spots === Infinity) return 'open';
  const whole = Math.floor(spots + 0.25);
  return whole < 1 ? 'onTop' : whole === 1 ? 'single' : whole === 2 ? 'double' : 'triple';
}

/** The gaps to the left and right of the ball, over the teammates given. */
export function gapsBeside<Who>(
  court: Court,
  ball: Point,
  mates: readonly (readonly [Who, Point])[],
): readonly [Gap<Who>, Gap<Who>] {
  const here = spotsAlong(court, ball);
  const others = mates
    .filter(([, p]) => onPerimeter(court, p))
    .map(([who, p]) => ({ who, p, off: spotsAlong(court, p) - here }));
  const toward = (side: 'left' | 'right'): Gap<Who> => {
    const sign = side === 'left' ? -1 : 1;
    let next: (typeof others)[number] | undefined;
    for (const o of others) if (o.off * sign > 0 && (!next || o.off * sign < next.off * sign)) next = o;
    if (!next) return { side, to: null, feet: Infinity, spots: Infinity, size: 'open' };
    const feet = Math.abs(alongPerimeter(court, next.p) - alongPerimeter(court, ball));
    const spots = Math.abs(next.off);
    return { side, to: next.who, feet, spots, size: gapSize(spots) };
  };
  return [toward('left'), toward('right')];
}
