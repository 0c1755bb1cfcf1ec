import { said } from '../../../language/said.ts';
import { PLAYERS } from '../../../alignment/library.ts';
import type { Check } from '../../finding.ts';

/** Frames in a row without a job before it is told. */
const IN_A_ROW = 4;

export const noJob: Check = {
  code: 'no-job',
  group: 'idle',
  words: 'Nobody is left out frame after frame',
  limit: 'four frames in a row',
  source: 'common practice',
  run: ({ walks, timeline, teaching }) =>
    PLAYERS.flatMap((p) => {
      let from = -1;
      let best = { from: 0, count: 0 };
      walks.forEach((w, i) => {
        const busy = w.steps.some(
          ({ action: a }) =>
            a.by === p ||
            ((a.does === 'pass' || a.does === 'handoff') && a.to === p) ||
            (a.does === 'screen' && a.for === p),
        );
        if (busy) from = -1;
        else {
          if (from < 0) from = i;
          if (i - from + 1 > best.count) best = { from, count: i - from + 1 };
        }
      });
      const { bars } = timeline;
      const lasts = best.count > 0 ? bars[best.from + best.count - 1]!.end - bars[best.from]!.start : 0;
      // A longer time is told as standing.
      if (best.count < IN_A_ROW || lasts > teaching.idle) return [];
      const walk = walks[best.from]!;
      return [
        {
          frame: walk.frame.id,
          players: [p],
          place: walk.before.places[p],
          time: bars[best.from]!.start,
          severity: 'know' as const,
          says: said('no-job', { who: p, from: best.from + 1, to: best.from + best.count }),
        },
      ];
    }),
};
