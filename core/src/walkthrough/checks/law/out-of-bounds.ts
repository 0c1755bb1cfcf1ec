import { said } from '../../../language/said.ts';
import { PLAYERS } from '../../../alignment/library.ts';
import { inBounds } from '../../../court/queries.ts';
import { holderOf, pathOf } from '../../../play/state.ts';
import type { Check } from '../../finding.ts';
import { at, eachStep } from '../support.ts';

/** The lines are out: in every rule book (from memory). */
export const outOfBounds: Check = {
  code: 'out-of-bounds',
  group: 'law',
  words: 'Nobody is out of bounds, the thrower-in aside',
  limit: 'the lines are out',
  source: 'rule books, from memory',
  run: (input) => {
    const { court, walks } = input;
    const start = walks[0];
    const opening = start
      ? PLAYERS.filter((p) => p !== start.before.thrower && !inBounds(court, start.before.places[p])).map(
          (p) => ({
            frame: start.frame.id,
            players: [p],
            place: start.before.places[p],
            time: 0,
            severity: 'illegal' as const,
            says: said('starts-out', { who: p }),
          }),
        )
      : [];
    const moves = eachStep(input, (step, walk) => {
      const { action, before } = step;
      const out = pathOf(action).find((p) => !inBounds(court, p));
      if (!out || before.thrower === action.by) return undefined;
      return {
        ...at(input, step, walk),
        place: out,
        severity: 'illegal',
        says: said('goes-out', { who: action.by, ball: holderOf(before) === action.by }),
      };
    });
    return [...opening, ...moves];
  },
};
