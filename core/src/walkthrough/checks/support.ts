import { PLAYERS, type PlayerId } from '../../alignment/library.ts';
import { behindArc } from '../../court/queries.ts';
import type { Court } from '../../court/court.ts';
import { SPOTS, type Spot } from '../../court/spots.ts';
import { distance, type Point } from '../../geometry/vec.ts';
import type { Flight, ScreenBody, TimedAction } from '../../motion/timeline.ts';
import type { Action, Cue, Verb } from '../../play/document.ts';
import type { ActionPatch, Change } from '../../play/change.ts';
import { dribbleKind } from '../../play/kinds.ts';
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

/** Drives of the line: dribbles that get well nearer to the rim, or are called so. */
export const drives = (input: CheckInput): { step: Step; walk: FrameWalk; run: TimedAction }[] =>
  input.walks.flatMap((walk) =>
    walk.steps.filter(isVerb('dribble')).flatMap((step) => {
      const run = timed(input, step.action.id);
      return run && dribbleKind(input.court, step) === 'drive' ? [{ step, walk, run }] : [];
    }),
  );

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
