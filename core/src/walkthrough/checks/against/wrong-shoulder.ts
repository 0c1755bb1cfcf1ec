import { said } from '../../../language/said.ts';
import { screenUse } from '../../../defence/meet.ts';
import { PLAYERS } from '../../../alignment/library.ts';
import { SEATS } from '../../../geometry/five.ts';
import { distance, unit } from '../../../geometry/vec.ts';
import { positionAt } from '../../../motion/track.ts';
import type { Check } from '../../finding.ts';
import { aboutScreen, apart, timed } from '../support.ts';
import { defenderAt, withDefence } from '../with-defence.ts';

/** His man is so far to the side he goes, past the screen, that it is between nobody (feet, common practice). */
const PAST = 2;
const NEAR = 7;

export const wrongShoulder: Check = {
  code: 'wrong-shoulder',
  group: 'defence',
  words: 'A handler comes off the shoulder that stops his man',
  limit: 'his man not on that side already',
  source: 'common practice',
  run: withDefence((input, against) =>
    input.timeline.screens.flatMap((s) => {
      const screen = timed(input, s.action);
      if (!screen || !s.used || s.slip || against.plan.type !== 'man') return [];
      const { onBall, starts } = screenUse(input.timeline, s);
      if (!onBall) return [];
      const { defended } = against;
      const k = Math.min(defended.rails.steps - 1, Math.max(0, Math.round(starts / defended.rails.dt)));
      const user = PLAYERS.indexOf(s.user);
      const d = SEATS.find((i) => defended.guards[k * 5 + i] === user);
      if (d === undefined) return [];
      const at = defenderAt(against, d, starts);
      const by = positionAt(input.timeline, s.user, s.used.at);
      // From the screener to where the user passes him: his man beyond that is in front of him.
      const n = unit(s.at, by);
      const beyond = (at.x - s.at.x) * n.x + (at.y - s.at.y) * n.y;
      const after = positionAt(input.timeline, s.user, s.used.at + 0.5);
      const ahead = distance(at, after) < distance(at, positionAt(input.timeline, s.user, starts)) + 1;
      if (beyond < PAST || distance(at, by) > NEAR || !ahead) return [];
      return [
        {
          ...aboutScreen(s, screen),
          time: s.used.at,
          severity: 'costs' as const,
          marks: [apart(by, at)],
          says: said('wrong-shoulder', { who: s.user, screener: s.by, by: d }),
        },
      ];
    }),
  ),
};
