import type { Check } from '../../finding.ts';
import { seconds, timed } from '../support.ts';
import { attackerAt, defender, defenderAt, withDefence } from '../with-defence.ts';

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
      const by = p.laneMan < 0 ? 'a hand' : defender(p.laneMan);
      return [
        {
          frame: pass.frame,
          action: p.action,
          players: [p.passer, p.receiver],
          place: attackerAt(against, p.passer, p.at),
          time: p.at,
          severity: p.margin < STOLEN ? ('breaks' as const) : ('costs' as const),
          marks: p.laneMan < 0 ? [] : [{ is: 'place' as const, at: defenderAt(against, p.laneMan, p.at) }],
          sentence: `${by} is in the lane of ${p.passer}'s pass to ${p.receiver}: his hand is there ${seconds(-p.margin)} before the ball.`,
        },
      ];
    }),
  ),
};
