import { said } from '../../../language/said.ts';
import type { Check } from '../../finding.ts';
import { aboutInstant, attackerAt, shootsNow, withDefence } from '../with-defence.ts';
import { filled } from './soft-empty.ts';

/** With the ball this far off the middle there is a far side (ft); it may go empty for this many decisions. */
const SIDE = 6;
const DECISIONS = 2;

export const backside: Check = {
  code: 'backside',
  group: 'defence',
  words: 'Somebody keeps the far side of a zone honest',
  limit: 'two decisions in a row with nobody where the far side is soft',
  source: 'common practice',
  run: withDefence((input, against) => {
    if (against.plan.type !== 'zone') return [];
    let row = 0;
    for (const i of against.seeing.instants) {
      if (shootsNow(input, i)) continue;
      const ball = attackerAt(against, i.holder, i.t);
      const far =
        Math.abs(ball.x) > SIDE ? i.soft.filter((s) => s.x * ball.x < 0 && Math.abs(s.x) > SIDE) : [];
      const open = far.length > 0 && !far.some((s) => filled(input, against, i, s));
      row = open ? row + 1 : 0;
      if (row < DECISIONS) continue;
      return [
        {
          ...aboutInstant(input, i.t),
          players: [i.holder],
          place: far[0]!,
          severity: 'costs' as const,
          marks: [{ is: 'place' as const, at: { x: far[0]!.x, y: far[0]!.y } }],
          says: said('backside', { soft: far[0]!.spot, decisions: DECISIONS }),
        },
      ];
    }
    return [];
  }),
};
