import { said } from '../../../language/said.ts';
import { PLAYERS } from '../../../alignment/library.ts';
import { speedAt } from '../../../motion/track.ts';
import { aboutFlight } from '../support.ts';
import type { Check } from '../../finding.ts';
import { onZone } from './zone-only.ts';

/** Passes in a row with nobody moving before it is told. */
const STILL = 2;

export const zoneStill: Check = {
  code: 'zone-still',
  group: 'zone',
  words: 'Players move while the ball moves',
  limit: 'two passes in a row with nobody moving',
  source: 'common practice',
  run: onZone(({ timeline }) => {
    let row = 0;
    return timeline.flights.flatMap((f) => {
      if (f.receiver === null) return [];
      const moves = PLAYERS.some((p) =>
        [f.release, (f.release + f.arrive) / 2, f.arrive].some((t) => speedAt(timeline, p, t) > 2),
      );
      row = moves ? 0 : row + 1;
      const pass = timeline.actions.find((a) => a.action.id === f.action);
      if (row !== STILL || !pass) return [];
      return [
        {
          ...aboutFlight(f, pass),
          severity: 'costs' as const,
          says: said('zone-still', { passes: STILL }),
        },
      ];
    });
  }),
};
