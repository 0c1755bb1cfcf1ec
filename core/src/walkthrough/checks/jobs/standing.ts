import { said } from '../../../language/said.ts';
import { PLAYERS } from '../../../alignment/library.ts';
import { onPerimeter } from '../../../court/perimeter.ts';
import type { Check } from '../../finding.ts';
import { longest, spells, STANDS } from '../../../motion/moments.ts';

export const standing: Check = {
  code: 'standing',
  group: 'idle',
  words: 'Nobody stands for long without a job',
  limit:
    '6 s without a move, the ball, a screen or being told to; spacers hold their spots, or nobody stands, as you teach it',
  source: 'common practice',
  run: ({ court, moments, timeline, teaching }) =>
    PLAYERS.flatMap((p) => {
      const told = timeline.actions.filter(({ action }) => action.by === p && action.does === 'hold');
      const screens = timeline.screens.filter((s) => s.by === p);
      const still = longest(
        spells(
          moments,
          (m) =>
            m.holder !== p &&
            m.speeds[p] < STANDS &&
            !told.some((a) => m.t >= a.start && m.t < a.end) &&
            !(teaching.spacing === 'hold' && onPerimeter(court, m.places[p])) &&
            !screens.some((s) => m.t >= s.set && m.t < Math.min(s.left, (s.used?.at ?? s.set) + 1)),
        ),
      );
      if (!still || still.seconds <= teaching.idle) return [];
      return [
        {
          frame: still.from.frame,
          players: [p],
          place: still.from.places[p],
          time: still.from.t,
          severity: 'know' as const,
          says: said('standing', { who: p, seconds: still.seconds }),
        },
      ];
    }),
};
