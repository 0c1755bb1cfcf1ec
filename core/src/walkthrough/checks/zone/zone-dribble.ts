import { said } from '../../../language/said.ts';
import { distanceToRim } from '../../../court/queries.ts';
import { distance } from '../../../geometry/vec.ts';
import type { Check } from '../../finding.ts';
import { at, eachStep } from '../support.ts';
import { onZone } from './zone-only.ts';

/** A dribble that gets this much nearer, or goes this far across, attacks or moves a defender (feet, common practice). */
const PURPOSE = { nearer: 3, across: 9 } as const;

export const zoneDribble: Check = {
  code: 'zone-dribble',
  group: 'zone',
  words: 'A dribble against a zone attacks or moves a defender',
  limit: '3 ft nearer or 9 ft across',
  source: 'common practice',
  run: onZone((input) =>
    eachStep(input, (step, walk) => {
      if (step.action.does !== 'dribble') return undefined;
      const [a, b] = [step.before.places[step.action.by], step.after.places[step.action.by]];
      const nearer = distanceToRim(input.court, a) - distanceToRim(input.court, b);
      if (nearer >= PURPOSE.nearer || distance(a, b) >= PURPOSE.across) return undefined;
      return {
        ...at(input, step, walk),
        severity: 'know',
        says: said('zone-dribble', { who: step.action.by }),
      };
    }),
  ),
};
