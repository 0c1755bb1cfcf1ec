import { said } from '../../../language/said.ts';
import { screenUse } from '../../../defence/meet.ts';
import { PLAYERS } from '../../../alignment/library.ts';
import { SEATS } from '../../../geometry/five.ts';
import { distance } from '../../../geometry/vec.ts';
import { positionAt } from '../../../motion/track.ts';
import type { Check } from '../../finding.ts';
import { aboutScreen, apart, timed } from '../support.ts';
import { defenderAt, withDefence } from '../with-defence.ts';

/** A body is in the way within this of it, for a man this near; where he goes is looked at so long after (feet, s; common practice). */
const BODY = 3;
const NEAR = 7;
const SOON = 0.5;

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
      // Away from it on purpose is a reject.
      const use = timed(input, s.used.action)?.action;
      if (!onBall || (use?.does === 'dribble' && use.kind === 'reject')) return [];
      const { defended } = against;
      const k = Math.min(defended.rails.steps - 1, Math.max(0, Math.round(starts / defended.rails.dt)));
      const user = PLAYERS.indexOf(s.user);
      const d = SEATS.find((i) => defended.guards[k * 5 + i] === user);
      if (d === undefined) return [];
      const at = defenderAt(against, d, starts);
      const by = positionAt(input.timeline, s.user, s.used.at);
      const after = positionAt(input.timeline, s.user, s.used.at + SOON);
      // The screener stands in his man's way to where he goes, or he has stopped nobody.
      const way = { x: after.x - at.x, y: after.y - at.y };
      const far2 = way.x * way.x + way.y * way.y;
      const u = far2 < 1e-9 ? 0 : ((s.at.x - at.x) * way.x + (s.at.y - at.y) * way.y) / far2;
      const off = distance(s.at, { x: at.x + way.x * u, y: at.y + way.y * u });
      const between = u > 0 && u < 1 && off < BODY;
      // Behind him already, his man is out of it whatever shoulder he takes.
      const ahead = (at.x - by.x) * (after.x - by.x) + (at.y - by.y) * (after.y - by.y) > 0;
      if (between || !ahead || distance(at, by) > NEAR) return [];
      return [
        {
          ...aboutScreen(s, screen),
          time: s.used.at,
          severity: 'costs' as const,
          marks: [apart(by, at)],
          says: said('wrong-shoulder', { who: s.user, receiver: s.by, by: d }),
        },
      ];
    }),
  ),
};
