import type { Check } from '../../finding.ts';
import { missing } from './timing.ts';

export const screenLate: Check = {
  code: 'screen-late',
  group: 'screens',
  words: 'A screen is set before the cutter leaves',
  limit: 'the user is more than 0.6 s ahead of the screener',
  source: 'common practice',
  run: missing(true),
};
