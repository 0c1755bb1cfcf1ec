import { linearSumAssignment } from 'linear-sum-assignment';
import { ALIGNMENTS, alignmentPlaces, PLAYERS, type Alignment, type PlayerId } from './library.ts';
import type { Court } from '../court/court.ts';
import { distance, type Point } from '../geometry/vec.ts';

export interface Recognised {
  readonly alignment: Alignment;
  /** True when it is the library's alignment seen in a mirror. */
  readonly flipped: boolean;
  /** Sum over the five of the way to their spot, feet; a thrower-in does not count. */
  readonly displacement: number;
  /** For each player, the index of the alignment's spot he stands on. */
  readonly spotOf: Record<PlayerId, number>;
}

/** Farther than this in all, or for any one man, and it is not that alignment (feet, common practice: about a step each). */
const REASON = { total: 26, one: 8 } as const;
/** Two alignments this close (feet) are a tie: both names are honest. */
const TIE = 0.5;

/** Cheapest way of putting five players on five spots, feet. One without a place may stand anywhere. */
export function assign(
  players: readonly (Point | null)[],
  spots: readonly Point[],
): { total: number; worst: number; spotOf: number[] } {
  const cost = players.map((p) => spots.map((s) => (p ? distance(p, s) : 0)));
  const { rowAssignments } = linearSumAssignment(cost, { maximaze: false });
  const spotOf = Array.from(rowAssignments);
  const ways = spotOf.map((s, i) => cost[i]![s]!);
  return { total: ways.reduce((a, b) => a + b, 0), worst: Math.max(...ways), spotOf };
}

/**
 * Every alignment the five places could be, nearest first: ties of the best within half a foot stand
 * together at the front in the library's order. Empty when none is within reason. A thrower-in stands
 * outside of it: the other four make the alignment.
 */
export function recogniseAll(
  court: Court,
  places: Record<PlayerId, Point>,
  thrower: PlayerId | null = null,
): Recognised[] {
  const five = PLAYERS.map((p) => (p === thrower ? null : places[p]));
  const found: Recognised[] = [];
  for (const alignment of ALIGNMENTS) {
    const sides = [false, true].map((flipped) => {
      const spots = Object.values(alignmentPlaces(court, alignment, flipped));
      return { flipped, ...assign(five, spots) };
    });
    const best = sides[1]!.total < sides[0]!.total - 1e-6 ? sides[1]! : sides[0]!;
    if (best.total > REASON.total || best.worst > REASON.one) continue;
    found.push({
      alignment,
      flipped: best.flipped,
      displacement: best.total,
      spotOf: Object.fromEntries(PLAYERS.map((p, i) => [p, best.spotOf[i]!])) as Record<PlayerId, number>,
    });
  }
  return found.sort((a, b) => a.displacement - b.displacement);
}

/** The alignment the five stand in, with every other one that ties with it; null when none is within reason. */
export function recognise(
  court: Court,
  places: Record<PlayerId, Point>,
  thrower: PlayerId | null = null,
): (Recognised & { ties: Alignment[] }) | null {
  const all = recogniseAll(court, places, thrower);
  const best = all[0];
  if (!best) return null;
  const ties = all
    .slice(1)
    .filter((r) => r.displacement - best.displacement <= TIE)
    .map((r) => r.alignment);
  return { ...best, ties };
}
