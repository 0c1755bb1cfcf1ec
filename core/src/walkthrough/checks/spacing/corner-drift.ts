import { said } from '../../../language/said.ts';
import { onPerimeter, spotsAlong } from '../../../court/perimeter.ts';
import type { Point } from '../../../geometry/vec.ts';
import { positionAt } from '../../../motion/track.ts';
import type { Check } from '../../finding.ts';
import { apart, drives, others } from '../support.ts';

/** A man who leaves the corner by more than this while a teammate drives his way brings a defender (feet). */
const DRIFT = 4;

export const cornerDrift: Check = {
  code: 'corner-drift',
  group: 'spacing',
  words: 'The corner is held while a teammate drives',
  limit: '4 ft up from the corner on the side of the drive',
  source: 'common practice',
  run: (input) =>
    drives(input).flatMap(({ step, walk, run }) => {
      const { court, timeline } = input;
      const driver = step.action.by;
      const from = step.before.places[driver];
      const end = positionAt(timeline, driver, run.end);
      return others(driver).flatMap((p) => {
        const a = positionAt(timeline, p, run.start);
        const b = positionAt(timeline, p, run.end);
        const corner = a.y < 9 && Math.abs(a.x) > court.cornerX - 3;
        const gap = (at: Point) => Math.abs(spotsAlong(court, at) - spotsAlong(court, from));
        const toward = gap(b) < gap(a);
        if (!corner || b.y - a.y < DRIFT || !onPerimeter(court, b) || !toward || a.x * end.x < -9) return [];
        return [
          {
            frame: walk.frame.id,
            action: step.action.id,
            players: [p, driver],
            place: a,
            time: run.start,
            severity: 'costs' as const,
            marks: [apart(a, b)],
            says: said('corner-drift', { who: p, driver, feet: b.y - a.y, was: gap(a), is: gap(b) }),
          },
        ];
      });
    }),
};
