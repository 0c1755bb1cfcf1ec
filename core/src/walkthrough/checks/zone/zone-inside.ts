import { PLAYERS } from '../../../alignment/library.ts';
import type { Court } from '../../../court/court.ts';
import { type Point } from '../../../geometry/vec.ts';
import type { Check } from '../../finding.ts';
import { missing } from './zone-only.ts';

const inside = (court: Court, p: Point): boolean =>
  Math.abs(p.x) <= court.laneWidth / 2 + 4 && p.y <= court.freeThrowY + 2;

export const zoneInside: Check = {
  code: 'zone-inside',
  group: 'zone',
  words: 'Somebody is inside a zone',
  limit: '2.5 s with nobody inside',
  source: 'common practice',
  run: missing((court, m) => PLAYERS.some((p) => inside(court, m.places[p])), 'zone-inside'),
};
