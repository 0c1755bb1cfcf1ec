import { PLAYERS, type PlayerId } from '../../alignment/library.ts';
import type { Point } from '../../geometry/vec.ts';
import type { Against } from '../../look/against.ts';
import { frameAt } from '../../motion/moments.ts';
import type { Check, CheckInput, Told } from '../finding.ts';

/** A check that has nothing to say until a defence is chosen. */
export const withDefence =
  (run: (input: CheckInput, against: Against) => readonly Told[]): Check['run'] =>
  (input) =>
    input.against ? run(input, input.against) : [];

const stepAt = ({ defended: { rails } }: Against, t: number): number =>
  Math.max(0, Math.min(rails.steps - 1, Math.round(t / rails.dt)));

export function defenderAt(against: Against, d: number, t: number): Point {
  const i = stepAt(against, t) * 5 + d;
  return { x: against.defended.x[i]!, y: against.defended.y[i]! };
}
export function attackerAt(against: Against, player: PlayerId, t: number): Point {
  const { rails } = against.defended;
  const i = stepAt(against, t) * 5 + PLAYERS.indexOf(player);
  return { x: rails.x[i]!, y: rails.y[i]! };
}

/** Where and when, for a finding about an instant. */
export const aboutInstant = (input: CheckInput, t: number) => ({
  frame: frameAt(input.timeline, t),
  time: t,
});

/** The man with the ball shoots at once: what else there is does not matter then. */
export const shootsNow = (input: CheckInput, i: { readonly t: number; readonly holder: PlayerId }): boolean =>
  input.timeline.actions.some(
    (a) =>
      a.action.does === 'shot' && a.action.by === i.holder && a.start > i.t - 0.1 && a.start < i.t + AT_ONCE,
  );
const AT_ONCE = 0.7;
