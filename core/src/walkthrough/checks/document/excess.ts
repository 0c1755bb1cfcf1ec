import { excessOf } from '../../../play/gate.ts';
import type { Check } from '../../finding.ts';

/** An older Corkscrew let a play say things that can't be set today; they stay as they are, and are told. */
export const excess: Check = {
  code: 'excess',
  group: 'document',
  words: 'What the play says can be kept and drawn',
  limit: 'holds, waits, places, courts and texts as they can be set today',
  source: 'common practice',
  run: ({ play, walks, timeline }) => {
    const line = new Map(walks.map((w) => [w.frame.id, w]));
    return excessOf(play).flatMap(({ path, says }) => {
      const framed = path[0] === 'frames' ? play.frames[Number(path[1])] : undefined;
      const walk = framed ? line.get(framed.id) : walks[0]!;
      if (!walk) return [];
      const action = path[2] === 'actions' ? framed?.actions[Number(path[3])] : undefined;
      return [
        {
          frame: walk.frame.id,
          ...(action ? { action: action.id } : {}),
          players: action ? [action.by] : [],
          place: walk.before.places[action?.by ?? '1'],
          time: timeline.actions.find((a) => a.action.id === action?.id)?.start ?? 0,
          severity: 'know' as const,
          says,
        },
      ];
    });
  },
};
