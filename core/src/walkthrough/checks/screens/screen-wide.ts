import { said } from '../../../language/said.ts';
import { positionAt } from '../../../motion/track.ts';
import type { Check } from '../../finding.ts';
import { apart, timed } from '../support.ts';

/** Shoulder to hip: farther than this the defender slips between (feet, common practice). */
const WIDE = 3.6;

export const screenWide: Check = {
  code: 'screen-wide',
  group: 'screens',
  words: 'The cutter goes shoulder to hip past his screen',
  limit: '3 ft 7 in from the screener’s middle',
  source: 'common practice',
  run: (input) =>
    input.timeline.screens.flatMap((s) => {
      const screen = timed(input, s.action);
      if (!s.used || !screen || s.slip || s.used.distance <= WIDE) return [];
      const by = positionAt(input.timeline, s.user, s.used.at);
      return [
        {
          frame: screen.frame,
          action: s.used.action,
          players: [s.user, s.by],
          place: s.at,
          time: s.used.at,
          severity: 'costs' as const,
          marks: [apart(by, s.at)],
          says: said('screen-wide', { a: s.by, b: s.user, feet: s.used.distance }),
        },
      ];
    }),
};
