import { byPlayer, type PlayerId } from '../alignment/library.ts';
import type { Action, Frame, Place, Play, Waypoint } from './document.ts';
import { lineTo } from './tree.ts';

/** The ball is always somewhere: in one player's hands, or at the rim after his shot. */
type Ball =
  { readonly at: 'player'; readonly player: PlayerId } | { readonly at: 'rim'; readonly shooter: PlayerId };

/** live = may start a dribble; used = is dribbling and may go on; dead = has picked it up. */
type Dribble = 'live' | 'used' | 'dead';

/** The logical state of the floor between actions; nothing of it is stored. */
export interface FloorState {
  readonly places: Readonly<Record<PlayerId, Place>>;
  readonly ball: Ball;
  readonly dribble: Dribble;
  /** The player still standing out of bounds to throw in. */
  readonly thrower: PlayerId | null;
}

export interface Step {
  readonly action: Action;
  readonly before: FloorState;
  readonly after: FloorState;
}
export interface FrameWalk {
  readonly frame: Frame;
  readonly before: FloorState;
  readonly steps: readonly Step[];
  readonly after: FloorState;
}

export function startState(play: Play): FloorState {
  const places = byPlayer((p) => play.start.places[p]);
  return {
    places,
    ball: { at: 'player', player: play.start.ball },
    dribble: 'live',
    thrower: play.start.throwIn ? play.start.ball : null,
  };
}

export const holderOf = (state: FloorState): PlayerId | null =>
  state.ball.at === 'player' ? state.ball.player : null;

/** The way points an action moves its player through; empty when he stays. */
export const pathOf = (action: Action): readonly Waypoint[] =>
  action.does === 'cut' || action.does === 'dribble' || action.does === 'screen' || action.does === 'seal'
    ? (action.path ?? [])
    : [];

/**
 * The state after one action. An action that the ball does not allow (a pass by one who has not got
 * it) leaves the ball where it is: the findings say so, nothing is repaired.
 */
export function applyAction(state: FloorState, action: Action): FloorState {
  const end = pathOf(action).at(-1);
  const places = end ? { ...state.places, [action.by]: placeOf(end) } : state.places;
  const has = holderOf(state) === action.by;
  const thrower = has && (action.does === 'pass' || action.does === 'handoff') ? null : state.thrower;
  switch (action.does) {
    case 'pass':
    case 'handoff':
      if (!has || action.to === action.by) return { ...state, places };
      return { places, ball: { at: 'player', player: action.to }, dribble: 'live', thrower };
    case 'dribble':
      return { ...state, places, dribble: has && state.dribble === 'live' ? 'used' : state.dribble };
    case 'shot':
      return has
        ? { places, ball: { at: 'rim', shooter: action.by }, dribble: 'dead', thrower }
        : { ...state, places };
    case 'fake':
      // A handoff is shown off the dribble, with one hand; for a pass or a shot he must take the ball up.
      return action.of === 'handoff'
        ? { ...state, places }
        : { ...state, places, dribble: has && state.dribble === 'used' ? 'dead' : state.dribble };
    case 'hold':
      return { ...state, places, dribble: has && state.dribble === 'used' ? 'dead' : state.dribble };
    default:
      return { ...state, places };
  }
}

function placeOf(w: Waypoint): Place {
  return w.spot === undefined ? { x: w.x, y: w.y } : { x: w.x, y: w.y, spot: w.spot };
}

export function walkFrame(before: FloorState, frame: Frame): FrameWalk {
  const steps: Step[] = [];
  let state = before;
  for (const action of frame.actions) {
    const after = applyAction(state, action);
    steps.push({ action, before: state, after });
    state = after;
  }
  return { frame, before, steps, after: state };
}

/** Walks a line of frames from the start of the play. */
export function walkLine(play: Play, line: readonly Frame[]): FrameWalk[] {
  const walks: FrameWalk[] = [];
  let state = startState(play);
  for (const frame of line) {
    const walk = walkFrame(state, frame);
    walks.push(walk);
    state = walk.after;
  }
  return walks;
}

/** Places, ball and dribble when a frame starts, after all earlier frames' actions on its line. */
export function stateAt(play: Play, frameId: string): FloorState {
  const line = lineTo(play, frameId);
  return walkLine(play, line.slice(0, -1)).at(-1)?.after ?? startState(play);
}
