import type { Court } from '../court/court.ts';
import { arcMeetsCorner } from '../court/court.ts';
import { beyondArc } from '../court/queries.ts';
import { spotsAlong } from '../court/perimeter.ts';
import type { Point } from '../geometry/vec.ts';
import type { LevelRecord, ShotPlace, ThreePlace } from '../motion/level.ts';

const clamp01 = (v: number): number => (v < 0 ? 0 : v > 1 ? 1 : v);

/** What kind of shot a place gives, for a zone to honour. */
export function shotPlace(court: Court, x: number, y: number): ShotPlace {
  const dy = y - court.rimY;
  const r = Math.sqrt(x * x + dy * dy);
  const bend = arcMeetsCorner(court);
  const three = y <= bend ? Math.abs(x) >= court.cornerX : r >= court.arcRadius;
  if (three) return Math.abs(x) > court.cornerX && y < Math.max(9, bend) ? 'corner3' : 'above3';
  return r <= 4 ? 'rim' : r <= 10 ? 'floater' : 'mid';
}

/** Half-way between wing and slot, in spots along the arc. */
const WING = 1.25;

/** Where behind the arc a place is. */
export function threePlace(court: Court, p: Point): ThreePlace {
  if (shotPlace(court, p.x, p.y) === 'corner3') return 'corner';
  const along = spotsAlong(court, p);
  return along < WING || along > 4 - WING ? 'wing' : 'top';
}

/** From behind the backboard a shot is worth less. */
const behindBackboard = (x: number, y: number): number =>
  1 - 0.45 * clamp01((4.5 - y) / 2.5) * clamp01((9 - Math.abs(x)) / 4);

/** An open two from a distance, before the backboard; continuous. */
function two(level: LevelRecord, r: number): number {
  const { rim, floater, mid } = level.zone.worth;
  if (r < 3) return rim;
  if (r < 5) return rim + ((floater - rim) * (r - 3)) / 2;
  if (r < 9) return floater;
  if (r < 11) return floater + ((mid - floater) * (r - 9)) / 2;
  return mid;
}

function deep(level: LevelRecord, court: Court, r: number): number {
  const { deepFree, deepZero } = level.zone;
  return clamp01(1 - (r - court.arcRadius - deepFree) / (deepZero - deepFree));
}

/** Points that an open shot from a place is worth (from memory; editable with the level). It jumps at the arc. */
export function shotWorth(court: Court, level: LevelRecord, x: number, y: number): number {
  const { worth } = level.zone;
  const kind = shotPlace(court, x, y);
  const dy = y - court.rimY;
  const r = Math.sqrt(x * x + dy * dy);
  if (kind === 'corner3') return worth.corner3;
  if (kind === 'above3') return worth.above3 * deep(level, court, r);
  return two(level, r) * behindBackboard(x, y) - (worth.mid - worth.longTwo) * clamp01((r - 14.5) / 3.5);
}

/** The same without the jump, for how much a zone leans to a man. */
export function threat(court: Court, level: LevelRecord, x: number, y: number): number {
  const dy = y - court.rimY;
  const r = Math.sqrt(x * x + dy * dy);
  const near = two(level, r) * behindBackboard(x, y);
  const far = level.zone.worth.above3 * deep(level, court, r);
  return near + (far - near) * clamp01((beyondArc(court, x, y) + 2) / 2);
}
