import { said } from '../../../language/said.ts';
import { BALL_EARLY } from '../../../motion/meeting.ts';
import { distance } from '../../../geometry/vec.ts';
import type { Check } from '../../finding.ts';
import { recue, timed } from '../support.ts';
import { passMeetings } from './meetings.ts';

export const passEarly: Check = {
  code: 'pass-early',
  group: 'passes',
  words: 'A pass does not come before its man',
  limit: '0.3 s before the receiver',
  source: 'from memory',
  run: (input) =>
    passMeetings(input).flatMap((m) => {
      const early = m.second - m.first;
      const pass = timed(input, m.action);
      const bar = input.timeline.bars.find((b) => b.frame === pass?.frame);
      if (early <= BALL_EARLY || !pass || !bar) return [];
      const [passer, receiver] = m.players;
      // The ball flies to where he will be, not to where he is now.
      const flight = input.timeline.flights.find((f) => f.action === m.action);
      const speed = flight ? distance(flight.from, flight.to) / (flight.arrive - flight.release) : Infinity;
      const way = flight ? flight.release - pass.start + distance(flight.from, m.place) / speed : 0;
      const delay = Math.round((m.second - way - bar.start) * 10) / 10;
      return [
        {
          frame: pass.frame,
          action: m.action,
          players: [passer, receiver],
          place: m.place,
          time: m.first,
          severity: 'breaks' as const,
          marks: [{ is: 'place' as const, at: m.place }],
          says: said('pass-early', { who: receiver, early }),
          mends: pass.action.cue
            ? [
                {
                  says: said('mend-pass-when-there', { who: receiver }),
                  changes: [recue(pass.action, undefined)],
                },
                {
                  says: said('mend-delay-pass', { seconds: delay - pass.start + bar.start }),
                  changes: [recue(pass.action, { on: 'frame', delay })],
                },
              ]
            : [],
        },
      ];
    }),
};
