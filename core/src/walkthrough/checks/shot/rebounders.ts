import { said } from '../../../language/said.ts';
import { PLAYERS } from '../../../alignment/library.ts';
import { distanceToRim } from '../../../court/queries.ts';
import { positionAt } from '../../../motion/track.ts';
import { covered } from '../../../space/legs.ts';
import type { Check, CheckInput } from '../../finding.ts';
import { timed } from '../support.ts';
import { shots } from './taken.ts';

/** A man this near the rim goes to the boards; one this far up is back (feet, common practice). */
const BOARDS = 15;
const BACK = 21;
/** Seconds until a man has seen that the shot is up (from memory). */
const SEES = 0.2;

export const rebounders: Check = {
  code: 'rebounders',
  group: 'shot',
  words: 'Enough can go to the boards and somebody gets back',
  limit:
    'three who can be within 15 ft of the rim, and one above 21 ft, when the ball comes off; your own numbers',
  source: 'common practice',
  run: (input) =>
    shots(input).flatMap((f) => {
      const { court, timeline, teaching } = input;
      const shot = timed(input, f.action);
      if (!shot) return [];
      const goes = runs(input, f.arrive - f.release - SEES);
      const men = PLAYERS.map((p) => ({ p, place: positionAt(timeline, p, f.release) })).sort(
        (a, b) => b.place.y - a.place.y,
      );
      // Those highest up are told to get back.
      const back = men.slice(0, teaching.safeties).filter((m) => m.place.y + goes >= BACK);
      const boards = men
        .slice(teaching.safeties)
        .filter((m) => distanceToRim(court, m.place) - goes <= BOARDS);
      const base = {
        frame: shot.frame,
        action: f.action,
        place: f.to,
        time: f.release,
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

/** Feet a man of the level runs in so long from a stand. */
const runs = ({ level: { man } }: CheckInput, seconds: number): number =>
  covered(Math.max(0, seconds), 0, man.speed, man.speed / man.tau);
