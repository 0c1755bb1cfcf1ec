import { said } from '../../../language/said.ts';
import { distance } from '../../../geometry/vec.ts';
import type { Check } from '../../finding.ts';
import { aboutFlight, apart, timed } from '../support.ts';

export const passLong: Check = {
  code: 'pass-long',
  group: 'passes',
  words: 'No pass is longer than is safe at the level',
  limit: '22 ft youth, 30 ft high school, 35 ft college, 40 ft professional',
  source: 'from memory',
  run: (input) =>
    input.timeline.flights.flatMap((f) => {
      const feet = distance(f.from, f.to);
      const pass = timed(input, f.action);
      if (f.receiver === null || !pass || feet <= input.level.pass.safe) return [];
      return [
        {
          ...aboutFlight(f, pass),
          severity: 'costs' as const,
          marks: [apart(f.from, f.to)],
          says: said('pass-long', { a: f.passer, b: f.receiver, feet, safe: input.level.pass.safe }),
        },
      ];
    }),
};
