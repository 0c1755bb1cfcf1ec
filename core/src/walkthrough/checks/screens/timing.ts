import { said } from '../../../language/said.ts';
import type { Check } from '../../finding.ts';
import { aboutScreen, recue, timed } from '../support.ts';

/** A user this long before the screener's arrival has run past an empty place; later it is contact with a moving man (s). */
const EMPTY = 0.6;

export const missing =
  (early: boolean): Check['run'] =>
  (input) =>
    input.timeline.screens.flatMap((s) => {
      if (!s.used || s.slip || s.used.at >= s.set - 1e-6) return [];
      if (s.used.at < s.arrive - EMPTY !== early) return [];
      const use = timed(input, s.used.action);
      const screen = timed(input, s.action);
      if (!use || !screen) return [];
      return [
        {
          ...aboutScreen(s, screen),
          time: s.used.at,
          severity: early ? ('breaks' as const) : ('illegal' as const),
          marks: [{ is: 'place' as const, at: s.at }],
          mends: [
            {
              says: said('mend-start-when-set', { who: s.user }),
              changes: [recue(use.action, { on: s.action, event: 'set', delay: 0.05 })],
            },
          ],
          says: said(early ? 'screen-late' : 'moving-screen', {
            a: s.by,
            b: s.user,
            late: s.set - s.used.at,
          }),
        },
      ];
    });
