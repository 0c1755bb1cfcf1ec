import { said } from '../../../language/said.ts';
import { distanceToRim } from '../../../court/queries.ts';
import { distance } from '../../../geometry/vec.ts';
import { OFF_THE_DRIBBLE } from '../../../defence/rails.ts';
import { notThrown } from '../../../space/lane.ts';
import type { Check } from '../../finding.ts';
import { aboutFlight, apart, timed } from '../support.ts';

/** Half a foot is nobody's limit. */
const NEAR = 0.5;

export const passKind: Check = {
  code: 'pass-kind',
  group: 'passes',
  words: 'A pass is of a kind that can be thrown there',
  limit: 'bounce 18 ft, pocket 14 ft off the dribble, lob to within 13 ft of the rim, overhead from 9 ft',
  source: 'from memory',
  run: (input) =>
    input.timeline.flights.flatMap((f) => {
      const pass = timed(input, f.action);
      const kind = pass?.action.does === 'pass' ? pass.action.kind : undefined;
      if (!kind || f.receiver === null || !pass) return [];
      const feet = distance(f.from, f.to);
      const toRim = distanceToRim(input.court, f.to);
      const dribbled =
        input.timeline.possessions.findLast((p) => p.from <= pass.start - OFF_THE_DRIBBLE)?.dribbling ??
        false;
      const no = notThrown(kind, feet, toRim, dribbled);
      if (!no) return [];
      const { why, limit } = no;
      if (why === 'long' && feet < limit + NEAR) return [];
      if (why === 'short' && feet > limit - NEAR) return [];
      if (why === 'rim' && toRim < limit + NEAR) return [];
      return [
        {
          ...aboutFlight(f, pass),
          severity: 'costs' as const,
          marks: [apart(f.from, f.to)],
          says: said('pass-kind', {
            a: f.passer,
            b: f.receiver,
            kind,
            why,
            feet: why === 'rim' ? toRim : feet,
            limit,
          }),
        },
      ];
    }),
};
