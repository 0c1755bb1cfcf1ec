import { arcMeetsCorner, FLOOR_DEPTH, FLOOR_MARGIN, type Court } from './court.ts';

import { isSpotKey, spotPoint } from './spots.ts';
import { distance, type Point } from '../geometry/vec.ts';

export const rimOf = (court: Court): Point => ({ x: 0, y: court.rimY });
export const distanceToRim = (court: Court, p: Point): number => distance(p, rimOf(court));

/** Inside the lane or on its lines: the lines belong to the lane. */
export function inLane(court: Court, p: Point): boolean {
  return Math.abs(p.x) <= court.laneWidth / 2 && p.y >= 0 && p.y <= court.freeThrowY;
}

/** About the high post: from the nail down to where a man still turns and faces (common practice). */
export function atHighPost(court: Court, p: Point): boolean {
  return (
    Math.abs(p.x) <= court.laneWidth / 2 + 2 && p.y >= court.freeThrowY - 5 && p.y <= court.freeThrowY + 3.5
  );
}

/** Wholly behind the three-point line: on the line does not count. */
export function behindArc(court: Court, p: Point): boolean {
  if (p.y <= arcMeetsCorner(court)) return Math.abs(p.x) > court.cornerX;
  return distanceToRim(court, p) > court.arcRadius;
}

/** Inside the boundary lines: the lines themselves are out. */
export function inBounds(court: Court, p: Point): boolean {
  return Math.abs(p.x) < court.width / 2 && p.y > 0 && p.y < court.length;
}

/** Keeps a point on the drawn floor and its throw-in margin. */
export function clampToFloor(court: Court, p: Point): Point {
  const half = court.width / 2 + FLOOR_MARGIN;
  return { x: Math.min(half, Math.max(-half, p.x)), y: Math.min(FLOOR_DEPTH, Math.max(-FLOOR_MARGIN, p.y)) };
}

/**
 * A place carried to another court: a place with a spot follows the spot; another keeps its side of
 * the arc, moved along its line to the rim by the difference of the two arcs when it stood outside.
 */
export function moveToCourt<P extends Point & { spot?: string | undefined }>(
  from: Court,
  to: Court,
  place: P,
): P {
  if (place.spot && isSpotKey(place.spot)) return { ...place, ...spotPoint(to, place.spot) };
  if (behindArc(from, place) === behindArc(to, place)) return place;
  if (place.y <= Math.min(arcMeetsCorner(from), arcMeetsCorner(to))) {
    const shift = to.cornerX - from.cornerX;
    return { ...place, x: place.x + Math.sign(place.x) * shift };
  }
  const d = distanceToRim(from, place);
  if (d < 1e-6) return place;
  const k = (d + to.arcRadius - from.arcRadius) / d;
  const rim = rimOf(from);
  return { ...place, ...clampToFloor(to, { x: place.x * k, y: rim.y + (place.y - rim.y) * k }) };
}

/** Feet beyond the three-point line; negative inside it. */
export function beyondArc(court: Court, x: number, y: number): number {
  const dy = y - court.rimY;
  const r = Math.sqrt(x * x + dy * dy);
  return Math.max(r - court.arcRadius, Math.abs(x) - court.cornerX - Math.max(0, y - arcMeetsCorner(court)));
}
