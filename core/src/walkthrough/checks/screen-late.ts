import type { Check } from '../finding.ts';
import { missing } from './screen-timing.ts';

export const screenLate: Check = {
  code: 'screen-late',
  group: 'screens',
  words: 'A screen is set before the cutter leaves',
  run: missing(true),
};
