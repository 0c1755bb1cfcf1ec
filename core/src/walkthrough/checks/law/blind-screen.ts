import { said } from '../../../language/said.ts';
import { PLAYERS } from '../../../alignment/library.ts';
import { screenUse } from '../../../defence/meet.ts';
import { looksAt } from '../../../defence/ten.ts';
import { SEATS } from '../../../geometry/five.ts';
import { distance, fromDegrees, unit } from '../../../geometry/vec.ts';
import type { Check } from '../../finding.ts';
import { aboutScreen, apart, timed } from '../support.ts';
import { defenderAt, withDefence } from '../with-defence.ts';

/** Middle to middle: a step of room between two bodies (ft), and how far round his shoulder a man still sees (cosine). */
const STEP = 4;
const SEES = 0.1;

export const blindScreen: Check = {
  code: 'blind-screen',
  group: 'law',
  words: 'A screen a man cannot see leaves him a step',
  limit: 'one normal step; off the ball',
  source: 'rule books, from memory',
  run: withDefence((input, against) =>
    input.timeline.screens.flatMap((s) => {
      const screen = timed(input, s.action);
      if (!screen || s.slip || against.plan.type !== 'man' || screenUse(input.timeline, s).onBall) return [];
      const { defended } = against;
      const k = Math.min(defended.rails.steps - 1, Math.round(s.set / defended.rails.dt));
      const user = PLAYERS.indexOf(s.user);
      const d = SEATS.find((i) => defended.guards[k * 5 + i] === user);
      if (d === undefined) return [];
      const at = defenderAt(against, d, s.set);
      const near = distance(at, s.at);
      const looks = fromDegrees(looksAt(defended, k, d));
      const to = unit(at, s.at);
      if (near >= STEP || looks.x * to.x + looks.y * to.y > SEES) return [];
      const i = k * 5 + d;
      if (defended.vx[i]! ** 2 + defended.vy[i]! ** 2 > 4) return [];
      return [
        {
          ...aboutScreen(s, screen),
          time: s.set,
          severity: 'costs' as const,
          marks: [apart(at, s.at)],
          says: said('blind-screen', { who: s.by, on: d, feet: near }),
        },
      ];
    }),
  ),
};
