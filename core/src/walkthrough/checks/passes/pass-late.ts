import { said } from '../../../language/said.ts';
import { MAN_WAITS } from '../../../motion/meeting.ts';
import type { Check } from '../../finding.ts';
import { recue, timed } from '../support.ts';
import { passMeetings } from './meetings.ts';

export const passLate: Check = {
  code: 'pass-late',
  group: 'passes',
  words: 'A cutter does not wait for the ball',
  limit: '0.8 s after the receiver',
  source: 'from memory',
  run: (input) =>
    passMeetings(input).flatMap((m) => {
      const late = m.first - m.second;
      const pass = timed(input, m.action);
      const [passer, receiver] = m.players;
      const cut = input.timeline.actions.findLast(
        (a) => a.action.by === receiver && a.run && a.frame === pass?.frame,
      );
      const bar = input.timeline.bars.find((b) => b.frame === pass?.frame);
      if (late <= MAN_WAITS || !pass || !cut || !bar) return [];
      const delay = Math.round((cut.start - bar.start + late) * 10) / 10;
      return [
        {
          frame: pass.frame,
          action: m.action,
          players: [receiver, passer],
          place: m.place,
          time: m.second,
          severity: 'costs' as const,
          marks: [{ is: 'place' as const, at: m.place }],
          says: said('pass-late', { who: receiver, late }),
          mends: [
            {
              says: said('mend-delay-cut', { who: receiver, seconds: late }),
              changes: [recue(cut.action, { on: 'frame', delay })],
            },
          ],
        },
      ];
    }),
};
