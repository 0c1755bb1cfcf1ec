import { said } from '../../../language/said.ts';
import { screenUse } from '../../../defence/meet.ts';
import { screenKind } from '../../../play/kinds.ts';
import type { Check } from '../../finding.ts';
import { aboutScreen, timed } from '../support.ts';

/** The passer could wait so long for its user and no longer (s, common practice). */
const WAITS = 0.1;

export const screenMissed: Check = {
  code: 'screen-missed',
  group: 'screens',
  words: 'A flare or back screen is set while its passer can still throw',
  limit: 'used before the ball is thrown elsewhere',
  source: 'common practice',
  run: (input) =>
    input.walks.flatMap((walk) =>
      walk.steps.flatMap((step) => {
        const { action } = step;
        const s = input.timeline.screens.find((x) => x.action === action.id);
        if (action.does !== 'screen' || !s?.used || s.slip || screenUse(input.timeline, s).onBall) return [];
        const kind = screenKind(input.court, walk, { ...step, action });
        const screen = timed(input, action.id);
        if ((kind !== 'flare' && kind !== 'back') || !screen) return [];
        const { used } = s;
        // Who had the ball when the screener set out meant to throw it: gone elsewhere before anybody came off.
        const gone = input.timeline.flights.find(
          (f) =>
            f.receiver !== s.user &&
            f.receiver !== s.by &&
            f.release > screen.start &&
            f.release < used.at - WAITS,
        );
        const later = input.timeline.flights.some((f) => f.receiver === s.user && f.release >= s.set - 0.5);
        if (!gone || later) return [];
        return [
          {
            ...aboutScreen(s, screen),
            time: used.at,
            severity: 'costs' as const,
            says: said('screen-missed', {
              a: s.by,
              b: s.user,
              passer: gone.passer,
              late: used.at - gone.release,
            }),
          },
        ];
      }),
    ),
};
