import { PLAYERS, type PlayerId } from '../../alignment/library.ts';
import { behindArc, distanceToRim, inLane } from '../../court/queries.ts';
import type { Court } from '../../court/court.ts';
import { SPOTS, type Spot } from '../../court/spots.ts';
import { distance, type Point } from '../../geometry/vec.ts';
import type { Flight, ScreenBody, TimedAction } from '../../motion/timeline.ts';
import type { Action, Cue, Verb } from '../../play/document.ts';
import type { ActionPatch, Change } from '../../play/change.ts';
import type { FrameWalk, Step } from '../../play/state.ts';
import type { Bare, CheckInput, Mark, Told } from '../finding.ts';

export const apart = (a: Point, b: Point): Bare<Mark> => ({ is: 'distance', a, b });

/** Runs over every action of the line. */
export const eachStep = (
  { walks }: CheckInput,
  fn: (step: Step, walk: FrameWalk) => Told | undefined,
): Told[] => walks.flatMap((w) => w.steps.flatMap((s) => fn(s, w) ?? []));

export const timed = ({ timeline }: CheckInput, id: string): TimedAction | undefined =>
  timeline.actions.find((a) => a.action.id === id);

/** Where and when a step starts, for a finding about it. */
export function at(input: CheckInput, step: Step, walk: FrameWalk) {
  return {
    frame: walk.frame.id,
    action: step.action.id,
    players: [step.action.by] as PlayerId[],
    place: step.before.places[step.action.by] as Point,
    time: timed(input, step.action.id)?.start ?? 0,
  };
}

const isVerb =
  <V extends Verb>(verb: V) =>
  (s: Step): s is Step & { action: Extract<Action, { does: V }> } =>
    s.action.does === verb;

/** Where, when and who, for a finding about a ball in the air. */
export const aboutFlight = (f: Flight, { frame }: TimedAction) => ({
  frame,
  action: f.action,
  players: f.receiver === null ? [f.passer] : [f.passer, f.receiver],
  place: f.from,
  time: f.release,
});

/** Where and who, for a finding about a screen. */
export const aboutScreen = (s: ScreenBody, { frame }: TimedAction) => ({
  frame,
  action: s.action,
  players: [s.by, s.user],
  place: s.at,
});

/** The change that gives an action another cue, or none. */
export const recue = ({ id }: Action, cue: Cue | undefined): Change =>
  cue ? { do: 'patchAction', id, set: { cue } } : { do: 'patchAction', id, unset: ['cue'] };

export const readdress = ({ id }: Action, set: ActionPatch): Change => ({ do: 'patchAction', id, set });

/** A dribble goes at the basket that gets this much nearer to it (feet), or into the lane. */
const AT_BASKET = 6;

/** Drives of the line: dribbles that go at the basket, whatever they are called. */
export const drives = (input: CheckInput): { step: Step; walk: FrameWalk; run: TimedAction }[] =>
  input.walks.flatMap((walk) =>
    walk.steps.filter(isVerb('dribble')).flatMap((step) => {
      const run = timed(input, step.action.id);
      const from = step.before.places[step.action.by];
      const to = step.after.places[step.action.by];
      const nearer = distanceToRim(input.court, from) - distanceToRim(input.court, to);
      const goes =
        nearer >= AT_BASKET || (nearer > 0 && inLane(input.court, to) && !inLane(input.court, from));
      return run && goes ? [{ step, walk, run }] : [];
    }),
  );

/** Who has just screened for a driver or given him the ball is his partner, no help: so long before his drive (s). */
const JUST = 1.5;

/** The men who play a drive together with the driver: who screened for him or handed him the ball, and rolls or pops from it. */
export function partnersOf({ timeline }: CheckInput, driver: PlayerId, run: TimedAction): Set<PlayerId> {
  const out = new Set<PlayerId>();
  for (const s of timeline.screens)
    if (s.user === driver && s.arrive <= run.end && s.left >= run.start - JUST) out.add(s.by);
  for (const { action, end } of timeline.actions)
    if (action.does === 'handoff' && action.to === driver && end >= run.start - JUST && end <= run.end)
      out.add(action.by);
  return out;
}

/** The nearest perimeter spot to a place with room from everybody else; undefined when there is none near. */
export function freeSpot(
  court: Court,
  from: Point,
  others: readonly Point[],
  room: number,
): (Spot & { place: Point }) | undefined {
  const free = SPOTS.filter((s) => s.key !== 'point' && !s.key.startsWith('hash'))
    .map((s) => ({ ...s, place: s.at(court) }))
    .filter((s) => behindArc(court, s.place) && others.every((o) => distance(o, s.place) >= room))
    .sort((a, b) => distance(a.place, from) - distance(b.place, from));
  const best = free[0];
  return best && distance(best.place, from) <= 18 ? best : undefined;
}

export const others = (player: PlayerId): PlayerId[] => PLAYERS.filter((p) => p !== player);
