import { said } from '../../../language/said.ts';
import { PLAYERS } from '../../../alignment/library.ts';
import { behindArc, distanceToRim } from '../../../court/queries.ts';
import { positionAt } from '../../../motion/track.ts';
import type { Check } from '../../finding.ts';
import { timed } from '../support.ts';
import { shots } from './taken.ts';

export const longRebound: Check = {
  code: 'long-rebound',
  group: 'shot',
  words: 'Somebody is there for a long rebound',
  limit: 'somebody 7 to 19 ft from the rim after a three',
  source: 'common practice',
  run: (input) =>
    shots(input).flatMap((f) => {
      const { court, timeline } = input;
      const shot = timed(input, f.action);
      if (!shot || !behindArc(court, f.from)) return [];
      const there = PLAYERS.filter((p) => {
        const d = distanceToRim(court, positionAt(timeline, p, f.arrive));
        return p !== f.passer && d >= 7 && d <= 19;
      });
      if (there.length > 0) return [];
      return [
        {
          frame: shot.frame,
          action: f.action,
          players: [f.passer],
          place: f.to,
          time: f.arrive,
          severity: 'know' as const,
          says: said('long-rebound', { feet: distanceToRim(court, f.from) }),
        },
      ];
    }),
};
