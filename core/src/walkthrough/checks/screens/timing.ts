import type { Check } from '../../finding.ts';
import { aboutScreen, recue, seconds, timed } from '../support.ts';

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
      const late = seconds(s.set - s.used.at);
      return [
        {
          ...aboutScreen(s, screen),
          time: s.used.at,
          severity: early ? ('breaks' as const) : ('illegal' as const),
          marks: [{ is: 'place' as const, at: s.at }],
          mends: [
            {
              words: `Start ${s.user} when the screen is set`,
              changes: [recue(use.action, { on: s.action, event: 'set', delay: 0.05 })],
            },
          ],
          sentence: early
            ? `${s.user} is gone ${late} before ${s.by} has set the screen.`
            : `${s.by} still moves when ${s.user} comes off him: the screen is set ${late} late.`,
        },
      ];
    });
