import { said } from '../../../language/said.ts';
import type { Check } from '../../finding.ts';
import { aboutScreen, recue, timed } from '../support.ts';

export const screenLeft: Check = {
  code: 'screen-left',
  group: 'screens',
  words: 'A screen is held until it is used',
  limit: 'held until the user is nearest',
  source: 'common practice',
  run: (input) =>
    input.timeline.screens.flatMap((s) => {
      if (!s.used || s.slip || s.left >= s.used.at - 1e-6) return [];
      const screen = timed(input, s.action);
      const next = input.timeline.actions.find(
        (a) => a.action.by === s.by && Math.abs(a.start - s.left) < 1e-6,
      );
      if (!screen || screen.end > s.used.at) return [];
      return [
        {
          ...aboutScreen(s, screen),
          time: s.left,
          severity: 'breaks' as const,
          says: said('screen-left', { a: s.by, b: s.user, early: s.used.at - s.left }),
          mends: next?.action.cue
            ? [
                {
                  says: said('mend-leave-once-by', { a: s.by, b: s.user }),
                  changes: [recue(next.action, undefined)],
                },
              ]
            : [],
        },
      ];
    }),
};
