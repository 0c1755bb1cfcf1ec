import { seatOf, type PlayerId } from '../../alignment/library.ts';
import { distanceToRim } from '../../court/queries.ts';
import { heldAt } from '../../motion/held.ts';
import { opennessAt, type Openness } from '../../look/openness.ts';
import type { Board, Shake } from '../board.test-data.ts';
import { man, railsFrom, sustained } from '../board.test-data.ts';
import type { Defended } from '../defended.ts';
import type { ManPlan } from '../plan.ts';
import { railsOf } from '../rails.ts';
import { simulateMan } from './man.ts';

/** How an answer comes out on a board: is its look open for three tenths of a second, with a clear lane; and what it is worth. */
export interface Judged {
  readonly open: boolean;
  readonly worth: number;
}
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
  return look(held, action.to, from, (timed.events.release ?? timed.start) + WAITS);
}

/** A drawn shot off the dribble. */
export function judgeShot(b: Board, plan: Partial<ManPlan>, s: Shake, shot: string): Judged {
  const rails = railsFrom(b, s);
  const d = simulateMan(rails, man(plan));
  const timed = rails.timeline.actions.find((a) => a.action.id === shot)!;
  return look(d, timed.action.by, timed.start - PULL[0], timed.start + PULL[1]);
}

function look(d: Defended, who: PlayerId, from: number, to: number): Judged {
  const { rails } = d;
  const seat = seatOf(who);
  const open: number[] = [];
  const worth: number[] = [];
  for (let t = Math.max(0, from); t <= to + 1e-9; t += 0.1) {
    const k = Math.min(rails.steps - 1, Math.round(t / rails.dt));
    const o = opennessAt(d, k, seat);
    const blocked = d.blocked.some(
      (b) => b.player === seat && b.seconds >= 0.25 && b.from >= t - 1.5 && b.from <= t,
    );
    worth.push(o.value * (blocked ? 0.6 : 1));
    open.push(!blocked && isOpen(rails, k, seat, o) ? 1 : 0);
  }
  return { open: sustained(open) === 1, worth: Math.max(0, sustained(worth)) };
}

function isOpen({ court, x, y }: Defended['rails'], k: number, seat: number, o: Openness): boolean {
  const near = o.how === 'finish' || distanceToRim(court, { x: x[k * 5 + seat]!, y: y[k * 5 + seat]! }) < 5;
  return o.margin >= 0.1 && o.atShot >= (near ? 3 : 4);
}

/** Over shaken boards: the share that is open, and the median of what it is worth. */
export function judgedOver(seeds: number, judge: (s: Shake) => Judged, level: Shake['level'] = 'highSchool') {
  const all = Array.from({ length: seeds }, (_, i) =>
    judge({ level, seed: i + 1, less: true, mirrored: i % 2 === 1 }),
  );
  const worth = all.map((j) => j.worth).sort((a, b) => a - b);
  return { open: all.filter((j) => j.open).length / seeds, worth: worth[Math.floor(seeds / 2)]! };
}
