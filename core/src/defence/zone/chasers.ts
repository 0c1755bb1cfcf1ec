import type { Court } from '../../court/court.ts';
import type { Point } from '../../geometry/vec.ts';
import { basePlaces } from './place.ts';
import { schemeOf } from './scheme.ts';
import type { ZoneTable } from './tables.ts';

/**
 * Whom each man of a zone chases (player index), −1 for all who chase nobody: as told (by defender, −1 where
 * nothing is said), else the free player nearest to where he would stand. Only a zone's chasers chase.
 */
export function chasedBy(
  table: ZoneTable,
  court: Court,
  players: readonly Point[],
  ball: Point,
  told: readonly number[] = [],
): number[] {
  const out = table.men.map((_, d) => (table.chasers.includes(d) ? (told[d] ?? -1) : -1));
  if (table.chasers.length === 0) return out;
  const x = new Float64Array(5);
  const y = new Float64Array(5);
  basePlaces(schemeOf(table, [], court), ball.x, ball.y, x, y);
  for (const d of table.chasers) {
    if (out[d]! >= 0) continue;
    let least = Infinity;
    players.forEach((p, j) => {
      const far = (p.x - x[d]!) ** 2 + (p.y - y[d]!) ** 2;
      if (out.includes(j) || far >= least) return;
      least = far;
      out[d] = j;
    });
  }
  return out;
}
