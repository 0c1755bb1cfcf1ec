import { said } from '../../../language/said.ts';
import { PLAYERS } from '../../../alignment/library.ts';
import { distanceToRim } from '../../../court/queries.ts';
import { OPEN, opennessAt } from '../../../look/openness.ts';
import type { Check } from '../../finding.ts';
import { timed } from '../support.ts';
import { attackerAt, withDefence } from '../with-defence.ts';

export const lookOpen: Check = {
  code: 'look-open',
  group: 'defence',
  words: 'The shot at the end is open',
  limit: '4 ft when it leaves his hand, 3 at the rim',
  source: 'common practice',
  run: withDefence((input, against) =>
    input.timeline.flights.flatMap((f) => {
      const shot = timed(input, f.action);
      if (f.receiver !== null || !shot) return [];
      const { rails } = against.defended;
      const k = Math.min(rails.steps - 1, Math.round(shot.start / rails.dt));
      const o = opennessAt(against.defended, k, PLAYERS.indexOf(f.passer));
      const place = attackerAt(against, f.passer, shot.start);
      const near = distanceToRim(input.court, place) < 5;
      if (o.jumper >= (near ? OPEN.rim : OPEN.shot) || o.by < 0) return [];
      return [
        {
          frame: shot.frame,
          action: f.action,
          players: [f.passer],
          place,
          time: shot.start,
          severity: 'costs' as const,
          says: said('look-open', { who: f.passer, by: o.by, feet: o.jumper }),
        },
      ];
    }),
  ),
};
