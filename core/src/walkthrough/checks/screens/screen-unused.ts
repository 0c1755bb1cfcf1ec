import { said } from '../../../language/said.ts';
import type { Check } from '../../finding.ts';
import { aboutScreen, timed } from '../support.ts';

export const screenUnused: Check = {
  code: 'screen-unused',
  group: 'screens',
  words: 'Every screen has somebody who uses it',
  limit: 'within 4 ft 6 in, in its frame or the next',
  source: 'common practice',
  run: (input) =>
    input.timeline.screens.flatMap((s) => {
      const screen = timed(input, s.action);
      if (s.used || s.slip || !screen || screen.action.does !== 'screen' || screen.action.on) return [];
      return [
        {
          ...aboutScreen(s, screen),
          time: s.set,
          severity: 'costs' as const,
          says: said('screen-unused', { a: s.by, b: s.user }),
        },
      ];
    }),
};
