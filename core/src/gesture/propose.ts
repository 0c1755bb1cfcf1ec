import { PLAYERS, type PlayerId } from '../alignment/library.ts';
import { through, nearestOnCurve } from '../geometry/curve.ts';
import { distance, type Point } from '../geometry/vec.ts';
import type { NewAction } from '../play/change.ts';
import type { Verb, Waypoint } from '../play/document.ts';
import { playerAt } from '../play/kinds.ts';
import { holderOf, pathOf, type FloorState, type FrameWalk } from '../play/state.ts';
import { toward } from './snap.ts';

/** A drop this near a teammate means him (feet). */
export const ON_MAN = 3.4;
/** A screener, and a man who dribbles at another, stop this far from him (feet). */
const BESIDE = 2.8;
/** Hands meet within this (feet): farther off nobody is handed a ball. */
export const HANDS = 4;
/** A place nearer than this is where he is already (feet). */
export const THERE = 0.5;

export interface Gesture {
  readonly who: PlayerId;
  /** Where it was dropped or said to go. */
  readonly at: Point & { readonly spot?: string | undefined };
  /** The ball itself was dragged. */
  readonly ball: boolean;
  /** The verb that was said; null leaves it to what the floor tells. */
  readonly verb: Verb | null;
  /** The man who was said, whoever stands where it was dropped. */
  readonly to?: PlayerId | undefined;
}

/**
 * What a drag or a said verb means as an action: the order is who, verb, where. Null while it means nothing
 * yet. `walk` is the frame as drawn so far: the gesture comes after everything in it.
 */
export function propose(walk: FrameWalk, g: Gesture): NewAction | null {
  const state = walk.after;
  const { who, at } = g;
  const man = g.to ?? playerAt(state.places, at, ON_MAN, who);
  const verb = g.verb ?? guess(walk, g, man);
  const end: Waypoint = at.spot === undefined ? { x: at.x, y: at.y } : { x: at.x, y: at.y, spot: at.spot };
  const moves = distance(state.places[who], at) > THERE;
  switch (verb) {
    case 'pass':
    case 'handoff': {
      // A said verb takes whoever is nearest to where it was pointed at.
      const to = man ?? (g.verb ? playerAt(state.places, at, 3 * ON_MAN, who) : undefined);
      return to ? { by: who, does: verb, to } : null;
    }
    case 'shot':
      return { by: who, does: 'shot' };
    case 'hold':
      return { by: who, does: 'hold' };
    case 'fake': {
      const has = holderOf(state) === who;
      return man && has
        ? {
            by: who,
            does: 'fake',
            of: distance(state.places[who], state.places[man]) <= HANDS ? 'handoff' : 'pass',
            to: man,
          }
        : { by: who, does: 'fake', of: has ? 'shot' : 'screen' };
    }
    case 'seal':
      return moves ? { by: who, does: 'seal', path: [end] } : { by: who, does: 'seal' };
    case 'screen': {
      const user = man ?? nearestMate(state, at, who);
      return {
        by: who,
        does: 'screen',
        for: user,
        path: [atHip(state.places[user], end, state.places[who])],
      };
    }
    case 'cut':
      return moves ? { by: who, does: 'cut', path: [end], tempo: 'cut' } : null;
    case 'dribble': {
      if (!moves) return null;
      // At a man who stands there he stops beside him.
      const stands = man && distance(state.places[man], at) < BESIDE;
      const path = [stands ? toward(state.places[man], state.places[who], BESIDE) : end];
      return { by: who, does: 'dribble', path, tempo: 'cut' };
    }
  }
}

/** What a drag is where nothing was said: by who has the ball, and who stands where it ends. */
function guess(walk: FrameWalk, { who, ball }: Gesture, man: PlayerId | undefined): Verb {
  const state = walk.after;
  if (holderOf(state) !== who) return man ? 'screen' : 'cut';
  if (!man) return 'dribble';
  if (ball) return 'pass';
  return comesTo(walk, man, state.places[who]) ? 'handoff' : 'dribble';
}

/** Whether a man is near enough to take the ball from hand to hand, or runs by in this frame. */
export function comesTo(walk: FrameWalk, man: PlayerId, place: Point): boolean {
  if (distance(walk.after.places[man], place) <= HANDS) return true;
  return walk.steps.some((s) => {
    const path = pathOf(s.action);
    return (
      s.action.by === man &&
      path.length > 0 &&
      nearestOnCurve(through(s.before.places[man], path), place).distance <= HANDS
    );
  });
}

function nearestMate(state: FloorState, p: Point, who: PlayerId): PlayerId {
  const mates = PLAYERS.filter((m) => m !== who);
  return mates.reduce((a, b) => (distance(state.places[b], p) < distance(state.places[a], p) ? b : a));
}

/** A screen stands at the man's hip, not on him: on the side it was drawn to, else on the side he comes from. */
function atHip(man: Point, at: Waypoint, from: Point): Waypoint {
  const d = distance(man, at);
  if (d >= BESIDE - 0.1) return at;
  return toward(man, d > 0.4 ? at : from, BESIDE);
}
