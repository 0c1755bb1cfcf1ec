import type { Verb } from '../../../play/document.ts';
import { holderOf } from '../../../play/state.ts';
import type { Check } from '../../finding.ts';
import { at, eachStep } from '../support.ts';

const NEEDS_BALL: Partial<Record<Verb, string>> = {
  pass: 'pass',
  dribble: 'dribble',
  handoff: 'hand off',
  shot: 'shoot',
};

export const onlyHolder: Check = {
  code: 'ball-not-his',
  group: 'ball',
  words: 'Only the man with the ball passes, dribbles, hands off or shoots',
  limit: 'no exception',
  source: 'rule books, from memory',
  run: (input) =>
    eachStep(input, (step, walk) => {
      const { action, before } = step;
      const verb = NEEDS_BALL[action.does];
      const holder = holderOf(before);
      if (!verb || holder === action.by) return undefined;
      const why = holder ? `${holder} has it` : 'the shot is up';
      return {
        ...at(input, step, walk),
        severity: 'illegal',
        sentence: `${action.by} can't ${verb}: ${why}.`,
      };
    }),
};
