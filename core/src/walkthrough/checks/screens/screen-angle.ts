import { said } from '../../../language/said.ts';
import { degrees, distance, fromDegrees } from '../../../geometry/vec.ts';
import { positionAt } from '../../../motion/track.ts';
import type { Check } from '../../finding.ts';
import { aboutScreen, readdress, timed } from '../support.ts';

/** A screener whose back is turned farther than this from the cutter's way does not free him there (degrees, common practice). */
const TURNED = 75;

export const screenAngleFits: Check = {
  code: 'screen-angle',
  group: 'screens',
  words: 'A screener’s back faces where the cutter goes',
  limit: '75° off the way the user goes, where the coach turned the screener',
  source: 'common practice',
  run: (input) =>
    input.timeline.screens.flatMap((s) => {
      const screen = timed(input, s.action);
      const use = s.used && timed(input, s.used.action);
      if (!screen || !use || screen.action.does !== 'screen' || screen.action.angle === undefined) return [];
      const goes = positionAt(input.timeline, s.user, use.end);
      if (distance(goes, s.at) < 3) return [];
      const wanted = degrees({ x: goes.x - s.at.x, y: goes.y - s.at.y });
      const a = fromDegrees(s.angle);
      const b = fromDegrees(wanted);
      const off = (Math.acos(Math.max(-1, Math.min(1, a.x * b.x + a.y * b.y))) * 180) / Math.PI;
      if (off <= TURNED) return [];
      return [
        {
          ...aboutScreen(s, screen),
          time: s.set,
          severity: 'costs' as const,
          marks: [{ is: 'angle' as const, at: s.at, from: s.angle, to: wanted }],
          says: said('screen-angle', { a: s.by, b: s.user, degrees: off }),
          mends: [
            {
              says: said('mend-turn', { a: s.by, b: s.user }),
              changes: [readdress(screen.action, { angle: Math.round(wanted) })],
            },
          ],
        },
      ];
    }),
};
