import type { Check } from '../../finding.ts';
import { timed } from '../support.ts';

export const cues: Check = {
  code: 'cues',
  group: 'cues',
  words: 'Every cue can happen',
  limit: 'a cue names something earlier, in no circle, and is met within 0.1 s',
  source: 'common practice',
  run: (input) =>
    input.faults.flatMap((fault) => {
      const first = fault.actions.map((id) => timed(input, id)).find((a) => a !== undefined);
      if (!first) return [];
      const { by } = first.action;
      return [
        {
          frame: first.frame,
          action: first.action.id,
          players: [...new Set(fault.actions.flatMap((id) => timed(input, id)?.action.by ?? []))],
          place: input.timeline.starts[by],
          time: first.start,
          severity: fault.code === 'cue-held' ? ('costs' as const) : ('breaks' as const),
          says: fault.says,
        },
      ];
    }),
};
