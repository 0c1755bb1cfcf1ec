import { PLAYERS } from '../../../alignment/library.ts';
import type { Check } from '../../finding.ts';
import { missing } from './zone-only.ts';

export const zoneBehind: Check = {
  code: 'zone-behind',
  group: 'zone',
  words: 'Somebody is behind a zone',
  limit: '2.5 s with nobody along the baseline',
  source: 'common practice',
  run: missing((_court, m) => PLAYERS.some((p) => m.places[p].y <= 9), 'zone-behind'),
};
