import { said } from '../../../language/said.ts';
import type { Verb } from '../../../play/document.ts';
import { holderOf } from '../../../play/state.ts';
import type { Check } from '../../finding.ts';
import { at, eachStep } from '../support.ts';

const NEEDS_BALL: ReadonlySet<Verb> = new Set<Verb>(['pass', 'dribble', 'handoff', 'shot']);

export const onlyHolder: Check = {
  code: 'ball-not-his',
  group: 'ball',
  words: 'Only the man with the ball passes, dribbles, hands off or shoots',
  limit: 'no exception',
  source: 'rule books, from memory',
  run: (input) =>
    eachStep(input, (step, walk) => {
      const { action, before } = step;
      const holder = holderOf(before);
      if (!NEEDS_BALL.has(action.does) || holder === action.by) return undefined;
      return {
        ...at(input, step, walk),
        severity: 'illegal',
        says: said('ball-not-his', { who: action.by, does: action.does, holder }),
      };
    }),
};
