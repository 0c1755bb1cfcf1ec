import { said } from '../../../language/said.ts';
import { alongPerimeter, gapsBeside, onPerimeter } from '../../../court/perimeter.ts';
import { positionAt } from '../../../motion/track.ts';
import type { Check, Told } from '../../finding.ts';
import { apart, drives, others } from '../support.ts';

export const driveGap: Check = {
  code: 'drive-gap',
  group: 'spacing',
  words: 'Drives go into double gaps, or wider',
  limit: 'a gap under a spot and a half, about 22 ft along the perimeter',
  source: 'common practice',
  run: (input) =>
    drives(input).flatMap(({ step, walk, run }): Told[] => {
      const { court, timeline } = input;
      const driver = step.action.by;
      const from = step.before.places[driver];
      if (!onPerimeter(court, from)) return [];
      const mid = positionAt(timeline, driver, run.start + (run.end - run.start) * 0.4);
      const turn = alongPerimeter(court, mid) - alongPerimeter(court, from);
      if (Math.abs(turn) < 1) return [];
      const mates = others(driver).map((p) => [p, positionAt(timeline, p, run.start)] as const);
      const gap = gapsBeside(court, from, mates)[turn < 0 ? 0 : 1];
      const base = {
        frame: walk.frame.id,
        action: step.action.id,
        place: from,
        time: run.start,
      };
      if (gap.to === null)
        return [
          {
            ...base,
            players: [driver],
            severity: 'know' as const,
            says: said('drive-open-side', { who: driver }),
          },
        ];
      if (gap.size !== 'single') return [];
      return [
        {
          ...base,
          players: [driver, gap.to],
          severity: 'costs' as const,
          marks: [apart(from, positionAt(timeline, gap.to, run.start))],
          says: said('drive-gap', { who: driver, side: gap.side, to: gap.to, feet: gap.feet }),
        },
      ];
    }),
};
