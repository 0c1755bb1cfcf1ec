import { said } from '../../../language/said.ts';
import { LONGEST_LINE } from '../../../play/limits.ts';
import type { Check } from '../../finding.ts';
import { frameAt } from '../../../motion/moments.ts';

/** No possession is planned for longer than this, with a shot clock or without. */
export const lineLong: Check = {
  code: 'line-long',
  group: 'document',
  words: 'A line is over within two minutes',
  limit: `${LONGEST_LINE} s; nothing later is looked at or measured`,
  source: 'common practice',
  run: ({ timeline, walks }) =>
    timeline.end <= LONGEST_LINE
      ? []
      : [
          {
            frame: frameAt(timeline, LONGEST_LINE),
            players: [],
            place: walks.at(-1)!.after.places['1'],
            time: LONGEST_LINE,
            severity: 'breaks',
            says: said('line-long', { seconds: timeline.end, most: LONGEST_LINE }),
          },
        ],
};
