import { said } from '../../../language/said.ts';
import type { Check } from '../../finding.ts';
import { timed } from '../support.ts';
import { attackerAt, defenderAt, withDefence } from '../with-defence.ts';

/** Within this of the ball a hand is a risk every pass takes (s). */
const EVEN = -0.02;
/** A hand this much earlier than the ball takes it (s). */
const STOLEN = -0.1;

export const laneContested: Check = {
  code: 'lane-contested',
  group: 'defence',
  words: 'The lane of a pass is free',
  limit: 'the ball before every hand',
  source: 'from memory',
  run: withDefence((input, against) =>
    against.seeing.passes.flatMap((p) => {
      const pass = timed(input, p.action);
      if (!pass || p.margin >= EVEN) return [];
      return [
        {
          frame: pass.frame,
          action: p.action,
          players: [p.passer, p.receiver],
          place: attackerAt(against, p.passer, p.at),
          time: p.at,
          severity: p.margin < STOLEN ? ('breaks' as const) : ('costs' as const),
          marks: p.laneMan < 0 ? [] : [{ is: 'place' as const, at: defenderAt(against, p.laneMan, p.at) }],
          says: said('lane-contested', {
            by: p.laneMan,
            passer: p.passer,
            receiver: p.receiver,
            early: -p.margin,
            better: p.better,
          }),
        },
      ];
    }),
  ),
};
