import type { Check } from '../../finding.ts';
import { aboutInstant, withDefence } from '../with-defence.ts';

export const defenceWritten: Check = {
  code: 'defence-written',
  group: 'defence',
  words: 'The defence can be played as it is written',
  limit: 'each defender one man, every coverage on a screen of the play',
  source: 'common practice',
  run: withDefence((input, against) =>
    against.notes.map((says) => ({
      ...aboutInstant(input, 0),
      players: [],
      place: { x: 0, y: input.court.rimY },
      severity: 'know' as const,
      says,
    })),
  ),
};
