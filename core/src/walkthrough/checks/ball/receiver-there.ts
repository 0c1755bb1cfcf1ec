import { said } from '../../../language/said.ts';
import { nearestOnCurve, through } from '../../../geometry/curve.ts';
import { distance } from '../../../geometry/vec.ts';
import { pathOf } from '../../../play/state.ts';
import { positionAt } from '../../../motion/track.ts';
import type { FrameWalk, Step } from '../../../play/state.ts';
import type { Check, CheckInput, Told } from '../../finding.ts';
import { apart, at, eachStep } from '../support.ts';

/** A handoff reaches an arm and a little (feet, common practice). */
const REACH = 4.5;

/** A ball that comes down this far from its man is not caught (feet, common practice). */
const CAUGHT = 1.5;

/** A pass and its receiver who are not in one place when it comes down. */
function ballMisses(input: CheckInput, step: Step, walk: FrameWalk): Told | undefined {
  const { timeline } = input;
  const flight = timeline.flights.find((f) => f.action === step.action.id);
  if (!flight?.receiver) return undefined;
  const man = positionAt(timeline, flight.receiver, flight.arrive);
  const feet = distance(man, flight.to);
  if (feet <= CAUGHT) return undefined;
  return {
    ...at(input, step, walk),
    time: flight.arrive,
    place: flight.to,
    severity: 'breaks',
    players: [flight.passer, flight.receiver],
    marks: [apart(flight.to, man)],
    says: said('ball-misses', { who: flight.receiver, feet }),
  };
}

export const receiverThere: Check = {
  code: 'receiver-not-there',
  group: 'ball',
  words: 'A handoff is within an arm, a pass comes down where its man is; nobody passes to himself',
  limit: '4 ft 6 in between the two; 1 ft 6 in of the ball',
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
      if (action.does === 'pass') return ballMisses(input, step, walk);
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
