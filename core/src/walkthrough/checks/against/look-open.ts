import { said } from '../../../language/said.ts';
import { distanceToRim } from '../../../court/queries.ts';
import { OPEN } from '../../../look/chance.ts';
import type { Openness } from '../../../look/openness.ts';
import type { Against } from '../../../look/against.ts';
import type { Flight } from '../../../motion/timeline.ts';
import type { Check, CheckInput } from '../../finding.ts';
import { timed } from '../support.ts';
import { shots } from '../shot/taken.ts';
import { attackerAt, ownShot, withDefence } from '../with-defence.ts';

/** Feet are told by the half: what reads as the limit is not short of it. */
const TOLD = 0.25;

/** A shot off the dribble could have gone up this much earlier, any other this much (s, from memory). */
const EARLIER = { dribble: 0.7, other: 0.2 } as const;

export const lookOpen: Check = {
  code: 'look-open',
  group: 'defence',
  words: 'The shot at the end is open',
  limit: '4 ft when it leaves his hand, 3 at the rim',
  source: 'common practice',
  run: withDefence((input, against) =>
    shots(input).flatMap((f) => {
      const shot = timed(input, f.action);
      const o = ownShot(against, f);
      if (!shot || !o) return [];
      const place = attackerAt(against, f.passer, shot.start);
      const least = distanceToRim(input.court, place) < 5 ? OPEN.rim : OPEN.shot;
      if (feetOf(o) >= least - TOLD || o.by < 0) return [];
      return [
        {
          frame: shot.frame,
          action: f.action,
          players: [f.passer],
          place,
          time: f.release,
          severity: 'costs' as const,
          says: said('look-open', {
            who: f.passer,
            by: o.by,
            feet: feetOf(o),
            earlier: openEarlier(input, against, f, least),
          }),
        },
      ];
    }),
  ),
};

/** A shot is judged as it is drawn: a jumper where he is, or the finish it is on the run. */
const feetOf = (o: Openness): number => (o.how === 'finish' ? o.atShot : o.jumper);

/** Seconds earlier at which the same shot was open; 0 never. */
function openEarlier(input: CheckInput, against: Against, f: Flight, least: number): number {
  const dribbled = input.timeline.actions.some(
    ({ action, end }) =>
      action.does === 'dribble' && action.by === f.passer && Math.abs(end - f.release) < 1.2,
  );
  for (let early = 0.1; early <= (dribbled ? EARLIER.dribble : EARLIER.other) + 1e-9; early += 0.1) {
    const o = ownShot(against, f, early);
    if (o && feetOf(o) >= least) return early;
  }
  return 0;
}
