import { said } from '../../../language/said.ts';
import { PLAYERS } from '../../../alignment/library.ts';
import type { Check } from '../../finding.ts';

/** Off the middle by more than this a man is on a side (feet). */
const SIDE = 5;

export const overload: Check = {
  code: 'overload',
  group: 'spacing',
  words: 'An overloaded side has a threat on the other',
  limit: 'nobody on the weak side while the ball is on a side',
  source: 'common practice',
  run: ({ walks, timeline }) =>
    walks.flatMap((walk, i) => {
      const { places, ball } = walk.after;
      if (ball.at !== 'player' || walk.steps.length === 0) return [];
      const at = places[ball.player];
      if (Math.abs(at.x) < SIDE) return [];
      const weak = PLAYERS.filter((p) => places[p].x * Math.sign(at.x) < -1);
      if (weak.length > 0) return [];
      return [
        {
          frame: walk.frame.id,
          players: [ball.player],
          place: at,
          time: timeline.bars[i]!.end,
          severity: 'costs' as const,
          says: said('overload', {}),
        },
      ];
    }),
};
