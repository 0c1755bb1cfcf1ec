import { said } from '../../../language/said.ts';
import { inLane } from '../../../court/queries.ts';
import { positionAt } from '../../../motion/track.ts';
import type { Check } from '../../finding.ts';
import { drives, others } from '../support.ts';

export const laneCrowded: Check = {
  code: 'lane-crowded',
  group: 'spacing',
  words: 'The lane is free for a drive',
  limit: 'two teammates in the lane',
  source: 'common practice',
  run: (input) =>
    drives(input).flatMap(({ step, walk, run }) => {
      const at = run.start + (run.end - run.start) * 0.6;
      const inside = others(step.action.by).filter((p) =>
        inLane(input.court, positionAt(input.timeline, p, at)),
      );
      if (inside.length < 2) return [];
      return [
        {
          frame: walk.frame.id,
          action: step.action.id,
          players: [step.action.by, ...inside],
          place: positionAt(input.timeline, inside[0]!, at),
          time: at,
          severity: 'costs' as const,
          marks: inside.map((p) => ({ is: 'place' as const, at: positionAt(input.timeline, p, at) })),
          says: said('lane-crowded', { who: step.action.by, inside }),
        },
      ];
    }),
};
