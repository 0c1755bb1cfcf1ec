import { five, type Five, fiveOf, next, NONE, type None, type Seat } from '../../geometry/five.ts';
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
  told?: Five<Seat | None>,
): Five<Seat | None> {
  const out = fiveOf<Seat | None>((d) => (table.chasers.includes(d) ? (told?.[d] ?? NONE) : NONE));
  if (table.chasers.length === 0) return out;
  const x = five();
  const y = five();
  basePlaces(schemeOf(table, [], court), ball.x, ball.y, x, y);
  for (const d of table.chasers) {
    if (out[d] !== NONE) continue;
    let least = Infinity;
    for (let j: Seat = 0; j < 5; j = next(j)) {
      const p = players[j];
      if (!p) break;
      const far = (p.x - x[d]) ** 2 + (p.y - y[d]) ** 2;
      if (far >= least || [...out].includes(j)) continue;
      least = far;
      out[d] = j;
    }
  }
  return out;
}
