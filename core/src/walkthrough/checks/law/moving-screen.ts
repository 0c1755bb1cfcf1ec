import type { Check } from '../../finding.ts';
import { missing } from '../screens/timing.ts';

/** A screener must stand still before contact: in every rule book (from memory). */
export const movingScreen: Check = {
  code: 'moving-screen',
  group: 'law',
  words: 'A screen stands still before it is used',
  limit: 'still before the user is by',
  source: 'rule books, from memory',
  run: missing(false),
};
