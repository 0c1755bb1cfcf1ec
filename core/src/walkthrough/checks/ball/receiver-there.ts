import { said } from '../../../language/said.ts';
import { nearestOnCurve, through } from '../../../geometry/curve.ts';
import { distance } from '../../../geometry/vec.ts';
import { pathOf } from '../../../play/state.ts';
import type { Check } from '../../finding.ts';
import { apart, at, eachStep } from '../support.ts';

/** A handoff reaches an arm and a little (feet, common practice). */
const REACH = 4.5;

export const receiverThere: Check = {
  code: 'receiver-not-there',
  group: 'ball',
  words: 'A handoff is within an arm; nobody passes to himself',
  limit: '4 ft 6 in between the two',
  source: 'common practice',
  run: (input) =>
    eachStep(input, (step, walk) => {
      const { action, before } = step;
      if (action.does !== 'pass' && action.does !== 'handoff') return undefined;
      if (action.to === action.by)
        return {
          ...at(input, step, walk),
          severity: 'illegal',
          says: said('to-himself', { who: action.by, does: action.does }),
        };
      if (action.does === 'pass') return undefined;
      const here = before.places[action.by];
      const runs = walk.steps.filter((s) => s.action.by === action.to && pathOf(s.action).length > 0);
      const ways = runs.map(
        (s) => nearestOnCurve(through(s.before.places[action.to], pathOf(s.action)), here).distance,
      );
      const feet = Math.min(distance(here, before.places[action.to]), ...ways);
      if (feet <= REACH) return undefined;
      return {
        ...at(input, step, walk),
        severity: 'breaks',
        players: [action.by, action.to],
        marks: [apart(here, before.places[action.to])],
        says: said('receiver-not-there', { a: action.by, b: action.to, feet }),
      };
    }),
};
