import { seatOf } from '../../alignment/library.ts';
import { judgeLook, type Judged } from '../../answers/judge.ts';
import { heldAt } from '../../motion/held.ts';
import type { Board, Shake } from '../board.test-data.ts';
import { man, railsFrom } from '../board.test-data.ts';
import type { Defended } from '../defended.ts';
import type { ManPlan } from '../plan.ts';
import { railsOf } from '../rails.ts';
import { simulateMan } from './man.ts';

/** From when on it is asked: the moment the read can be seen (s), or the start of an action. */
export type Since = (d: Defended) => number;

/** A shot off the dribble is looked at so long before it is drawn and after; a pass until so long after its release (s). */
const PULL = [0.7, 0.2] as const;
const WAITS = 0.8;
const EYE = 0.2;

/** The look a drawn pass gives, from when it can be seen until it has waited: the passer holds it, and everybody else goes on. */
export function judgePass(b: Board, plan: Partial<ManPlan>, s: Shake, pass: string, since: Since): Judged {
  const rails = railsFrom(b, s);
  const p = man(plan);
  const timed = rails.timeline.actions.find((a) => a.action.id === pass)!;
  const { action } = timed;
  if (action.does !== 'pass') throw new Error('A pass is judged.');
  const plain = simulateMan(rails, p);
  const from = since(plain) + EYE;
  const held = simulateMan(railsOf(heldAt(rails.timeline, pass, 2.5), rails.court, rails.level), p);
  return judgeLook(held, seatOf(action.to), from, (timed.events.release ?? timed.start) + WAITS);
}

/** A drawn shot off the dribble. */
export function judgeShot(b: Board, plan: Partial<ManPlan>, s: Shake, shot: string): Judged {
  const rails = railsFrom(b, s);
  const d = simulateMan(rails, man(plan));
  const timed = rails.timeline.actions.find((a) => a.action.id === shot)!;
  return judgeLook(d, seatOf(timed.action.by), timed.start - PULL[0], timed.start + PULL[1]);
}

/** Over shaken boards: the share that is open, and the median of what it is worth. */
export function judgedOver(seeds: number, judge: (s: Shake) => Judged, level: Shake['level'] = 'highSchool') {
  const all = Array.from({ length: seeds }, (_, i) =>
    judge({ level, seed: i + 1, less: true, mirrored: i % 2 === 1 }),
  );
  const worth = all.map((j) => j.worth).sort((a, b) => a - b);
  return { open: all.filter((j) => j.open).length / seeds, worth: worth[Math.floor(seeds / 2)]! };
}
