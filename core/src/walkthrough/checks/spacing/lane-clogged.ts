import { said } from '../../../language/said.ts';
import { inLane } from '../../../court/queries.ts';
import { distance, type Point } from '../../../geometry/vec.ts';
import { STANDS } from '../../../motion/moments.ts';
import { positionAt, speedAt } from '../../../motion/track.ts';
import type { Check, Told } from '../../finding.ts';
import { drives, others, partnersOf } from '../support.ts';

/** A mate so near to where the ball goes next is in its way (feet); looked at so far ahead on the drive (s, common practice). */
const NEAR = 4;
const AHEAD = 0.6;
/** He stands there for this share of the drive, or comes into its way before this share of it. */
const STAYS = 0.5;

export const laneClogged: Check = {
  code: 'lane-clogged',
  group: 'spacing',
  words: 'Nobody stands or runs in the way of a drive',
  limit: '4 ft from where the ball goes next, in the lane',
  source: 'common practice',
  run: (input) =>
    drives(input).flatMap(({ step, walk, run }): Told[] => {
      const { court, timeline } = input;
      const driver = step.action.by;
      const partners = partnersOf(input, driver, run);
      return others(driver)
        .filter((p) => !partners.has(p))
        .flatMap((p): Told[] => {
          let stood = 0;
          let ran: { t: number; place: Point } | undefined;
          let seen = 0;
          for (let t = run.start; t <= run.end; t += 0.1) {
            seen++;
            const place = positionAt(timeline, p, t);
            const ball = positionAt(timeline, driver, Math.min(run.end, t + AHEAD));
            const still = speedAt(timeline, p, t) < STANDS;
            if (still && inLane(court, place) && cameByCut(timeline.moves[p], run.start)) stood++;
            if (!still && inLane(court, place) && distance(place, ball) < NEAR) ran ??= { t, place };
          }
          const stays = stood / seen > STAYS;
          if (!stays && !ran) return [];
          const at = stays ? run.start : ran!.t;
          const place = stays ? positionAt(timeline, p, run.start) : ran!.place;
          return [
            {
              frame: walk.frame.id,
              action: step.action.id,
              players: [p, driver],
              place,
              time: at,
              severity: 'costs' as const,
              marks: [{ is: 'place' as const, at: place }],
              says: said(stays ? 'lane-stays' : 'lane-runs', { who: p, driver }),
            },
          ];
        });
    }),
};

/** He cut there earlier: a post who has stood there all along is spaced by other rules. */
const cameByCut = (
  moves: readonly { readonly end: number; readonly action: { readonly does: string } }[],
  t: number,
): boolean => moves.some((m) => m.action.does === 'cut' && m.end <= t + 0.3);
