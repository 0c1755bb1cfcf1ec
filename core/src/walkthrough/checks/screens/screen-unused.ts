import { said } from '../../../language/said.ts';
import { compile } from '../../../motion/compile.ts';
import { leaves, lineTo } from '../../../play/tree.ts';
import type { Check, CheckInput } from '../../finding.ts';
import { aboutScreen, timed } from '../support.ts';

/** A choice of two screens is a choice: one that is used on any line of the play is used. */
const usedOnAnother = ({ play, court, level, walks }: CheckInput, id: string): boolean => {
  const here = walks.at(-1)?.frame.id;
  return leaves(play).some(
    (leaf) =>
      leaf.id !== here &&
      lineTo(play, leaf.id).some((f) => f.actions.some((a) => a.id === id)) &&
      compile(play, leaf.id, court, play.level, level).timeline.screens.some(
        (s) => s.action === id && s.used,
      ),
  );
};

export const screenUnused: Check = {
  code: 'screen-unused',
  group: 'screens',
  words: 'Every screen has somebody who uses it',
  limit: 'within 4 ft 6 in, in its frame or the next, on any line of the play',
  source: 'common practice',
  run: (input) =>
    input.timeline.screens.flatMap((s) => {
      const screen = timed(input, s.action);
      if (s.used || s.slip || !screen || screen.action.does !== 'screen' || screen.action.on) return [];
      if (usedOnAnother(input, s.action)) return [];
      return [
        {
          ...aboutScreen(s, screen),
          time: s.set,
          severity: 'costs' as const,
          says: said('screen-unused', { a: s.by, b: s.user }),
        },
      ];
    }),
};
