import { sayDistance } from '../court/units.ts';
import { nearestOnCurve, through } from '../geometry/curve.ts';
import { distance } from '../geometry/vec.ts';
import type { Verb } from '../play/document.ts';
import { holderOf, pathOf, type FrameWalk, type Step } from '../play/state.ts';
import type { Check, Finding } from './finding.ts';

/** A handoff reaches an arm and a little (feet, common practice). */
const HANDOFF_REACH = 4.5;

const NEEDS_BALL: Partial<Record<Verb, string>> = {
  pass: 'pass',
  dribble: 'dribble',
  handoff: 'hand off',
  shot: 'shoot',
};

function finding(
  walk: FrameWalk,
  step: Step,
  code: string,
  sentence: string,
  extra: Partial<Finding> = {},
): Finding {
  return {
    code,
    group: 'ball',
    severity: 'illegal',
    frame: walk.frame.id,
    action: step.action.id,
    players: [step.action.by],
    place: step.before.places[step.action.by],
    sentence,
    ...extra,
  };
}

const eachStep = (
  walks: readonly FrameWalk[],
  fn: (walk: FrameWalk, step: Step) => Finding | undefined,
): Finding[] => walks.flatMap((w) => w.steps.flatMap((s) => fn(w, s) ?? []));

export const onlyHolder: Check = {
  code: 'ball-not-his',
  words: 'Only the man with the ball passes, dribbles, hands off or shoots',
  run: ({ walks }) =>
    eachStep(walks, (walk, step) => {
      const { action, before } = step;
      if (!NEEDS_BALL[action.does] || holderOf(before) === action.by) return undefined;
      const holder = holderOf(before);
      const where = holder ? `${holder} has` : 'the shot is up';
      return finding(
        walk,
        step,
        'ball-not-his',
        `${action.by} can't ${NEEDS_BALL[action.does]}: ${where}${holder ? ' it' : ''}.`,
      );
    }),
};

export const deadDribble: Check = {
  code: 'dead-dribble',
  words: 'Nobody dribbles again after picking it up',
  run: ({ walks }) =>
    eachStep(walks, (walk, step) =>
      step.action.does === 'dribble' &&
      holderOf(step.before) === step.action.by &&
      step.before.dribble === 'dead'
        ? finding(
            walk,
            step,
            'dead-dribble',
            `${step.action.by} has picked up his dribble and can't start another.`,
          )
        : undefined,
    ),
};

export const receiverThere: Check = {
  code: 'receiver-not-there',
  words: 'A handoff is within an arm; nobody passes to himself',
  run: ({ walks, units }) =>
    eachStep(walks, (walk, step) => {
      const { action, before } = step;
      if (action.does !== 'pass' && action.does !== 'handoff') return undefined;
      if (action.to === action.by)
        return finding(
          walk,
          step,
          'receiver-not-there',
          `${action.by} can't ${NEEDS_BALL[action.does]} to himself.`,
        );
      if (action.does === 'pass') return undefined;
      const here = before.places[action.by];
      const runs = walk.steps.filter((s) => s.action.by === action.to && pathOf(s.action).length > 0);
      const ways = runs.map(
        (s) => nearestOnCurve(through(s.before.places[action.to], pathOf(s.action)), here).distance,
      );
      const apart = Math.min(distance(here, before.places[action.to]), ...ways);
      return apart <= HANDOFF_REACH
        ? undefined
        : finding(
            walk,
            step,
            'receiver-not-there',
            `${action.to} isn't there for the handoff: he comes no nearer than ${sayDistance(Math.round(apart), units)} to ${action.by}.`,
            { players: [action.by, action.to] },
          );
    }),
};
