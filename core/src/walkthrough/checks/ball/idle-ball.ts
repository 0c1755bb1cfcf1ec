import { said } from '../../../language/said.ts';
import { PLAYERS } from '../../../alignment/library.ts';
import type { Check } from '../../finding.ts';
import { spells } from '../../../motion/moments.ts';

/** A man who holds the ball this long is counted on by every official (rule books: closely guarded, from memory). */
const LIMIT = 5;

export const idleBall: Check = {
  code: 'idle-ball',
  group: 'ball',
  words: 'Nobody holds the ball past five seconds',
  limit: '5 s without a dribble',
  source: 'rule books, from memory',
  run: ({ moments, walks, timeline }) => {
    // A thrower-in has a count of his own.
    const inPlay = walks[0]?.before.thrower ? (timeline.flights[0]?.release ?? timeline.end) : 0;
    return PLAYERS.flatMap((p) =>
      spells(moments, (m) => m.t >= inPlay && m.holder === p && !m.dribbling)
        .filter((s) => s.seconds > LIMIT)
        .map((s) => ({
          frame: s.from.frame,
          players: [p],
          place: s.from.places[p],
          time: s.from.t + LIMIT,
          severity: 'costs' as const,
          says: said('idle-ball', { who: p, seconds: s.seconds }),
        })),
    );
  },
};
