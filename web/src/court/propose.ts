import {
  clampToFloor,
  distance,
  holderOf,
  nearestSpot,
  playerAt,
  PLAYERS,
  unit,
  type Court,
  type FloorState,
  type NewAction,
  type PlayerId,
  type Verb,
  type Waypoint,
} from '@corkscrew/core';

type P = { readonly x: number; readonly y: number };

/** A point snaps to a named spot this near (feet). */
const SNAP = 2.6;
/** A drop this near a teammate means him (feet). */
const ON_MAN = 3.4;
/** A screener stands this far from the man he screens for (feet). */
const HIP = 2.8;

/** A point on the floor, snapped to the nearest spot unless the hand is free. */
export function snap(court: Court, p: P, free: boolean): Waypoint {
  const at = clampToFloor(court, p);
  const near = nearestSpot(court, at);
  if (free || near.distance > SNAP) return { x: Math.round(at.x * 20) / 20, y: Math.round(at.y * 20) / 20 };
  return { ...near.spot.at(court), spot: near.spot.key };
}

export interface Gesture {
  readonly who: PlayerId;
  /** Where it was dropped or said to go. */
  readonly at: P & { spot?: string | undefined };
  /** The ball itself was dragged. */
  readonly ball: boolean;
  readonly verb: Verb | null;
  readonly to?: PlayerId | undefined;
}

/** What a drag or a said verb means as an action: the order is who, verb, where. Null while it means nothing yet. */
export function propose(state: FloorState, g: Gesture): NewAction | null {
  const { who, at } = g;
  const has = holderOf(state) === who;
  const man = g.to ?? playerAt(state.places, at, ON_MAN, who);
  const verb = g.verb ?? guess(has, g.ball, man);
  const end: Waypoint = at.spot === undefined ? { x: at.x, y: at.y } : { x: at.x, y: at.y, spot: at.spot };
  const moves = distance(state.places[who], at) > 0.5;
  switch (verb) {
    case 'pass':
    case 'handoff': {
      const to = man ?? playerAt(state.places, at, 12, who);
      return to ? { by: who, does: verb, to } : null;
    }
    case 'shot':
      return { by: who, does: 'shot' };
    case 'hold':
      return { by: who, does: 'hold' };
    case 'fake':
      return man
        ? { by: who, does: 'fake', of: 'pass', to: man }
        : { by: who, does: 'fake', of: has ? 'shot' : 'screen' };
    case 'seal':
      return moves ? { by: who, does: 'seal', path: [end] } : { by: who, does: 'seal' };
    case 'screen': {
      const user = man ?? nearestMate(state, at, who);
      return {
        by: who,
        does: 'screen',
        for: user,
        path: [beside(state.places[user], at.spot ? at : end, state.places[who])],
      };
    }
    case 'cut':
    case 'dribble':
      return moves ? { by: who, does: verb, path: [end], tempo: 'cut' } : null;
  }
}

function guess(has: boolean, ball: boolean, man: PlayerId | undefined): Verb {
  if (has) return ball && man ? 'pass' : man ? 'handoff' : 'dribble';
  return man ? 'screen' : 'cut';
}

function nearestMate(state: FloorState, p: P, who: PlayerId): PlayerId {
  const mates = PLAYERS.filter((m) => m !== who);
  return mates.reduce((a, b) => (distance(state.places[b], p) < distance(state.places[a], p) ? b : a));
}

/** A screen stands at the man's hip, not on him. */
function beside(man: P, at: P & { spot?: string | undefined }, from: P): Waypoint {
  const d = distance(man, at);
  if (d >= HIP - 0.1)
    return at.spot === undefined ? { x: at.x, y: at.y } : { x: at.x, y: at.y, spot: at.spot };
  const u = d > 0.4 ? unit(man, at) : unit(man, from);
  return { x: Math.round((man.x + u.x * HIP) * 20) / 20, y: Math.round((man.y + u.y * HIP) * 20) / 20 };
}

export const VERB_KEYS: Readonly<Record<string, Verb>> = {
  c: 'cut',
  d: 'dribble',
  p: 'pass',
  s: 'screen',
  h: 'handoff',
  f: 'shot',
  q: 'fake',
  z: 'hold',
  e: 'seal',
};
export const VERB_WORDS: Readonly<Record<Verb, string>> = {
  cut: 'Cut',
  dribble: 'Dribble',
  pass: 'Pass',
  screen: 'Screen',
  handoff: 'Hand off',
  shot: 'Shoot',
  fake: 'Fake',
  hold: 'Hold',
  seal: 'Seal',
};

/** Why a verb is not to be had for a player just now; null when it is. It stays pickable: findings say the rest. */
export function unavailable(state: FloorState, who: PlayerId, verb: Verb): string | null {
  const has = holderOf(state) === who;
  if (['pass', 'dribble', 'handoff', 'shot'].includes(verb) && !has) return `${who} hasn’t got the ball.`;
  if (verb === 'dribble' && state.dribble === 'dead') return `${who} has picked up his dribble.`;
  if (verb === 'cut' && has) return `${who} has the ball: he dribbles.`;
  return null;
}
