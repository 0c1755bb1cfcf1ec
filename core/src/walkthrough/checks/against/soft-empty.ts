import { said } from '../../../language/said.ts';
import { PLAYERS } from '../../../alignment/library.ts';
import { inBounds } from '../../../court/queries.ts';
import { nearestSpot } from '../../../court/spots.ts';
import { distance } from '../../../geometry/vec.ts';
import type { Instant } from '../../../look/seeing.ts';
import type { Against } from '../../../look/against.ts';
import type { SoftSpot } from '../../../space/soft-spots.ts';
import type { Check, CheckInput } from '../../finding.ts';
import { aboutInstant, attackerAt, shootsNow, withDefence } from '../with-defence.ts';

/** A man fills a soft spot within this (ft); so many of the softest are looked at. */
const FILLS = 6;
const SOFTEST = 4;

const softOf = (i: Instant) => i.soft.filter((s) => !s.tooLong).slice(0, SOFTEST);

/** Somebody without the ball stands there, or where the same name is. */
export const filled = (input: CheckInput, against: Against, i: Instant, spot: SoftSpot): boolean =>
  PLAYERS.some((p) => {
    if (p === i.holder) return false;
    const at = attackerAt(against, p, i.t);
    return distance(at, spot) <= FILLS || nearestSpot(input.court, at).spot.key === spot.spot;
  });

export const softEmpty: Check = {
  code: 'soft-empty',
  group: 'defence',
  words: 'Somebody stands where a zone is soft',
  limit: '6 ft from one of the four softest spots',
  source: 'common practice',
  run: withDefence((input, against) => {
    if (against.plan.type !== 'zone') return [];
    const { instants } = against.seeing;
    // The last of a hold: by then the zone has come, and he lets the ball go.
    const holds = instants.filter(
      (i, n) =>
        instants[n + 1]?.holder !== i.holder &&
        // A zone gives way to the ball on the floor, not to the man who throws it in.
        inBounds(input.court, attackerAt(against, i.holder, i.t)),
    );
    const empty = holds.find((i) => {
      const soft = softOf(i);
      return !shootsNow(input, i) && soft.length > 0 && !soft.some((s) => filled(input, against, i, s));
    });
    if (!empty) return [];
    const ball = nearestSpot(input.court, attackerAt(against, empty.holder, empty.t)).spot.key;
    const soft = softOf(empty);
    return [
      {
        ...aboutInstant(input, empty.t),
        players: [empty.holder],
        place: soft[0]!,
        severity: 'costs' as const,
        marks: soft.map((s) => ({ is: 'place' as const, at: { x: s.x, y: s.y } })),
        says: said('soft-empty', { ball, soft: soft.map((s) => s.spot) }),
      },
    ];
  }),
};
