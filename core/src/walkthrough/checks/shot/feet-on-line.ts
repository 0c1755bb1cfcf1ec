import { said } from '../../../language/said.ts';
import type { Court } from '../../../court/court.ts';
import { arcMeetsCorner } from '../../../court/court.ts';
import { distanceToRim } from '../../../court/queries.ts';
import type { Point } from '../../../geometry/vec.ts';
import type { Flight } from '../../../motion/timeline.ts';
import type { Check, CheckInput } from '../../finding.ts';
import { aboutFlight, readdress, timed } from '../support.ts';
import { shots } from './taken.ts';

/** Feet a place lies outside the three-point line; negative inside it. */
function outsideArc(court: Court, p: Point): number {
  return p.y <= arcMeetsCorner(court)
    ? Math.abs(p.x) - court.cornerX
    : distanceToRim(court, p) - court.arcRadius;
}

/** From this far inside the line to this far outside a shooter's feet touch it (feet): a shoe's length. */
const FEET = { inside: 1.2, outside: 0.45 } as const;

function stepBack(input: CheckInput, f: Flight, out: number) {
  const before = input.timeline.moves[f.passer].findLast((m) => m.start < f.release && m.run);
  const path = before && 'path' in before.action ? before.action.path : undefined;
  if (!before || !path?.length) return [];
  const end = path.at(-1)!;
  const back = 1.2 - out;
  const d = distanceToRim(input.court, end);
  const corner = end.y <= arcMeetsCorner(input.court);
  const moved = corner
    ? { x: end.x + Math.sign(end.x) * back, y: end.y }
    : { x: (end.x * (d + back)) / d, y: input.court.rimY + ((end.y - input.court.rimY) * (d + back)) / d };
  return [
    {
      says: said('mend-step-out', {}),
      changes: [readdress(before.action, { path: [...path.slice(0, -1), moved] })],
    },
  ];
}

export const feetOnLine: Check = {
  code: 'feet-on-line',
  group: 'shot',
  words: 'No shooter has his feet on the three-point line',
  limit: '1.2 ft inside to 0.45 ft outside the line',
  source: 'common practice',
  run: (input) =>
    shots(input).flatMap((f) => {
      const out = outsideArc(input.court, f.from);
      const shot = timed(input, f.action);
      if (!shot || out > FEET.outside || out < -FEET.inside) return [];
      return [
        {
          ...aboutFlight(f, shot),
          severity: 'costs' as const,
          marks: [{ is: 'place' as const, at: f.from }],
          says: said('feet-on-line', { who: f.passer }),
          mends: stepBack(input, f, out),
        },
      ];
    }),
};
