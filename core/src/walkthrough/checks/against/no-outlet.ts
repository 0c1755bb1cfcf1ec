import { said } from '../../../language/said.ts';
import type { Check } from '../../finding.ts';
import { aboutInstant, attackerAt, shootsNow, withDefence } from '../with-defence.ts';

/** A lane with less than this to spare is no outlet (s). */
const SAFE = 0.1;

export const noOutlet: Check = {
  code: 'no-outlet',
  group: 'defence',
  words: 'A trapped man has somebody to pass to',
  limit: 'one lane with 0.1 s to spare',
  source: 'common practice',
  run: withDefence((input, against) =>
    against.seeing.traps.flatMap((t) => {
      if (t.options.some((o) => o.margin >= SAFE) || shootsNow(input, { t: t.from, holder: t.holder }))
        return [];
      return [
        {
          ...aboutInstant(input, t.from),
          players: [t.holder],
          place: attackerAt(against, t.holder, t.from),
          severity: 'breaks' as const,
          says: said('no-outlet', { who: t.holder, seconds: t.to - t.from }),
        },
      ];
    }),
  ),
};
