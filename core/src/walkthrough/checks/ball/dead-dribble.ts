import { said } from '../../../language/said.ts';
import { holderOf } from '../../../play/state.ts';
import type { Check } from '../../finding.ts';
import { at, eachStep } from '../support.ts';

/** One dribble each time a man gets the ball: in every rule book (from memory). */
export const deadDribble: Check = {
  code: 'dead-dribble',
  group: 'ball',
  words: 'Nobody dribbles again after picking it up',
  limit: 'no exception',
  source: 'rule books, from memory',
  run: (input) =>
    eachStep(input, (step, walk) => {
      const { action, before } = step;
      if (action.does !== 'dribble' || holderOf(before) !== action.by || before.dribble !== 'dead')
        return undefined;
      return {
        ...at(input, step, walk),
        severity: 'illegal',
        says: said('dead-dribble', { who: action.by }),
      };
    }),
};
