import { said } from '../../../language/said.ts';
import type { Check } from '../../finding.ts';
import { aboutFlight, apart, timed } from '../support.ts';

/** A low post: just outside the lane, no higher than this above the baseline (feet). */
const LOW = 13;

export const entryAngle: Check = {
  code: 'entry-angle',
  group: 'passes',
  words: 'The post is fed from an angle',
  limit: 'from above the key or from the other side, to a man who stands in the low post',
  source: 'common practice',
  run: (input) =>
    input.timeline.flights.flatMap((f) => {
      const pass = timed(input, f.action);
      const { court } = input;
      const lane = court.laneWidth / 2;
      const side = Math.sign(f.to.x);
      const posted = f.to.y < LOW && Math.abs(f.to.x) > lane - 2 && Math.abs(f.to.x) < lane + 6;
      const cuts = input.timeline.moves[f.receiver ?? '1'].some(
        (m) => m.start < f.arrive && m.end > f.release,
      );
      if (!pass || f.receiver === null || !posted || cuts || f.kind === 'lob') return [];
      const above = f.from.y > court.freeThrowY + 4;
      const across = side * f.from.x < -6;
      if (!above && !across) return [];
      return [
        {
          ...aboutFlight(f, pass),
          severity: 'know' as const,
          marks: [apart(f.from, f.to)],
          says: said('entry-angle', { a: f.passer, b: f.receiver, across }),
        },
      ];
    }),
};
