import type { Check } from '../finding.ts';
import { spells } from '../moments.ts';
import { seconds } from './support.ts';

/** A man who holds the ball this long is counted on by every official (rule books: closely guarded, from memory). */
const LIMIT = 5;

export const idleBall: Check = {
  code: 'idle-ball',
  group: 'ball',
  words: 'Nobody holds the ball past five seconds',
  limit: '5 s without a dribble',
  source: 'rule books, from memory',
  run: ({ moments, walks }) => {
    const thrower = walks[0]?.before.thrower ?? null;
    let released = thrower === null;
    return spells(moments, (m) => {
      if (!released && m.holder !== thrower) released = true;
      return released && m.holder !== null && !m.dribbling;
    }).flatMap((s) => {
      // One spell may pass through several hands: count each man's own.
      const own = spells(
        moments.filter((m) => m.t >= s.from.t && m.t <= s.to.t),
        (m) => m.holder === s.from.holder,
      );
      const first = own[0];
      const holder = s.from.holder!;
      return first && first.seconds > LIMIT
        ? [
            {
              frame: first.from.frame,
              players: [holder],
              place: first.from.places[holder],
              time: first.from.t + LIMIT,
              severity: 'costs' as const,
              sentence: `${holder} holds the ball for ${seconds(first.seconds)}: five is the count when he is closely guarded.`,
            },
          ]
        : [];
    });
  },
};
