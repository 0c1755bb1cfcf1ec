import type { PlayerId } from '../alignment/library.ts';
import type { Verb } from '../play/document.ts';
import { holderOf, type FloorState } from '../play/state.ts';

/** Why a verb is not to be had for a man just now. */
export type Unavailable = 'noBall' | 'pickedUp' | 'hasBall';

const WITH_BALL: ReadonlySet<Verb> = new Set<Verb>(['pass', 'dribble', 'handoff', 'shot']);

/** Null when he can; else it stays pickable, and findings say the rest. */
export function unavailable(state: FloorState, who: PlayerId, verb: Verb): Unavailable | null {
  const has = holderOf(state) === who;
  if (WITH_BALL.has(verb) && !has) return 'noBall';
  if (verb === 'dribble' && state.dribble === 'dead') return 'pickedUp';
  return verb === 'cut' && has ? 'hasBall' : null;
}

/** What the man of an action reaches: a place, or a teammate, or nothing more than to be said. */
export const NEEDS: Readonly<Record<Verb, 'place' | 'man' | 'man and place' | 'nothing'>> = {
  cut: 'place',
  dribble: 'place',
  seal: 'place',
  pass: 'man',
  handoff: 'man',
  fake: 'man',
  screen: 'man and place',
  shot: 'nothing',
  hold: 'nothing',
};
