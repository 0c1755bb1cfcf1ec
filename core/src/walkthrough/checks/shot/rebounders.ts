import { said } from '../../../language/said.ts';
import { PLAYERS } from '../../../alignment/library.ts';
import { distanceToRim } from '../../../court/queries.ts';
import { positionAt } from '../../../motion/track.ts';
import type { Check } from '../../finding.ts';
import { timed } from '../support.ts';
import { shots } from './taken.ts';

/** A man this near the rim when the ball comes off goes to the boards; one this far up stays back (feet, common practice). */
const BOARDS = 15;

const BACK = 21;

export const rebounders: Check = {
  code: 'rebounders',
  group: 'shot',
  words: 'Enough go to the boards and somebody stays back',
  limit: 'three within 15 ft of the rim and one back above 21 ft, when the ball comes off; your own numbers',
  source: 'common practice',
  run: (input) =>
    shots(input).flatMap((f) => {
      const { court, timeline, teaching } = input;
      const shot = timed(input, f.action);
      if (!shot) return [];
      const at = PLAYERS.map((p) => ({ p, place: positionAt(timeline, p, f.arrive) }));
      const boards = at.filter((m) => distanceToRim(court, m.place) <= BOARDS);
      const back = at.filter((m) => m.place.y >= BACK);
      const base = {
        frame: shot.frame,
        action: f.action,
        place: f.to,
        time: f.arrive,
        severity: teaching.rebounders - boards.length > 1 ? ('costs' as const) : ('know' as const),
        marks: boards.map((m) => ({ is: 'place' as const, at: m.place })),
      };
      return [
        ...(boards.length < teaching.rebounders
          ? [
              {
                ...base,
                players: boards.map((m) => m.p),
                says: said('rebounders', { count: boards.length, sent: teaching.rebounders }),
              },
            ]
          : []),
        ...(back.length < teaching.safeties
          ? [
              {
                ...base,
                severity: 'costs' as const,
                players: [],
                says: said('nobody-back', {}),
              },
            ]
          : []),
      ];
    }),
};
