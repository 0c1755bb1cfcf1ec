import { said } from '../../../language/said.ts';
import type { Check } from '../../finding.ts';
import { frameAt } from '../../../motion/moments.ts';
import { recue, timed } from '../support.ts';

/** Five seconds to release a throw-in: in every rule book (from memory). */
const THROW_IN = 5;

export const throwIn: Check = {
  code: 'throw-in-count',
  group: 'law',
  words: 'A throw-in is released within five seconds',
  limit: '5 s to the release',
  source: 'rule books, from memory',
  run: (input) => {
    const { walks, timeline } = input;
    const start = walks[0]?.before;
    if (!start?.thrower) return [];
    const first = timeline.flights[0];
    const released = first?.release ?? timeline.end;
    if (released <= THROW_IN) return [];
    return [
      {
        frame: frameAt(timeline, THROW_IN),
        ...(first ? { action: first.action } : {}),
        players: [start.thrower],
        place: start.places[start.thrower],
        time: THROW_IN,
        severity: 'illegal',
        says: first
          ? said('throw-in-late', { by: start.thrower, seconds: released })
          : said('throw-in-never', { by: start.thrower }),
        mends:
          first && timed(input, first.action)?.action.cue
            ? [
                {
                  says: said('mend-throw-in', {}),
                  changes: [recue(timed(input, first.action)!.action, undefined)],
                },
              ]
            : [],
      },
    ];
  },
};
