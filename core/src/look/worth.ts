import { behindArc, distanceToRim } from '../court/queries.ts';
import type { Court } from '../court/court.ts';
import { threePlace } from '../space/shot-worth.ts';
import type { LevelRecord } from '../motion/level.ts';
import type { Point } from '../geometry/vec.ts';

/** Where a shot is taken from, as far as makes differ. */
type ShotZone = 'rim' | 'short' | 'mid' | 'three' | 'deep';

/** Share of shots a professional makes with the nearest man 1, 3, 5 and 7 feet off (from memory). */
const MAKES: Readonly<Record<ShotZone, readonly [number, number, number, number]>> = {
  rim: [0.43, 0.54, 0.66, 0.8],
  short: [0.34, 0.39, 0.44, 0.5],
  mid: [0.32, 0.36, 0.4, 0.44],
  three: [0.26, 0.3, 0.34, 0.38],
  deep: [0.16, 0.2, 0.24, 0.27],
};
const CORNER = 0.02;

function shotZone(court: Court, p: Point): ShotZone {
  const far = distanceToRim(court, p);
  if (far <= 4.5) return 'rim';
  if (far <= 10) return 'short';
  if (!behindArc(court, p)) return 'mid';
  return far > court.arcRadius + 3 ? 'deep' : 'three';
}

/** Chance that a shot from p goes in with the nearest man `feet` off. */
export function make(court: Court, level: LevelRecord, p: Point, feet: number): number {
  const zone = shotZone(court, p);
  const row = MAKES[zone];
  const k = Math.min(3, Math.max(0, (feet - 1) / 2));
  const i = Math.min(2, Math.floor(k));
  const three = zone === 'three' || zone === 'deep';
  const share = level.man.makes[three ? 'three' : zone] * (three ? threeShare(court, level, p) : 1);
  const corner = zone === 'three' && p.y < court.rimY ? CORNER : 0;
  return (row[i]! + (row[i + 1]! - row[i]!) * (k - i) + corner) * share;
}

/** What a man makes from a place behind the arc beside what he makes from behind it in all. */
const threeShare = (court: Court, { man }: LevelRecord, p: Point): number =>
  man.threes ? man.threes[threePlace(court, p)] : 1;

export const points = (court: Court, p: Point): number => (behindArc(court, p) ? 3 : 2);

/** Of a hundred open shots (nearest man 5 ft off) how many go in, by where they are taken. */
const KINDS = ['rim', 'short', 'mid', 'three'] as const;
export type OpenMakes = Readonly<Record<(typeof KINDS)[number], number>>;
const OPEN = 2;

export function openMakes(level: LevelRecord): OpenMakes {
  const of = (kind: (typeof KINDS)[number]) => Math.round(100 * MAKES[kind][OPEN]! * level.man.makes[kind]);
  return { rim: of('rim'), short: of('short'), mid: of('mid'), three: of('three') };
}

/** A level with a team's own makes; a man who comes near takes off as large a share of them as of anybody's. */
export function withMakes(
  level: LevelRecord,
  own?: { readonly [K in keyof OpenMakes]?: number | undefined },
): LevelRecord {
  if (!own) return level;
  const makes = { ...level.man.makes };
  for (const kind of KINDS) if (own[kind] !== undefined) makes[kind] = own[kind] / 100 / MAKES[kind][OPEN]!;
  return { ...level, man: { ...level.man, makes } };
}
