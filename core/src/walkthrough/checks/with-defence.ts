import { PLAYERS, type PlayerId } from '../../alignment/library.ts';
import type { Point } from '../../geometry/vec.ts';
import type { Against } from '../../look/against.ts';
import { opennessAt, type Openness } from '../../look/openness.ts';
import { frameAt } from '../../motion/moments.ts';
import type { Flight } from '../../motion/timeline.ts';
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

/** How open a drawn shot is, from the first step at which its man surely has the ball; null when he never has. */
export function ownShot({ defended }: Against, shot: Flight, earlier = 0): Openness | null {
  const { rails } = defended;
  const seat = PLAYERS.indexOf(shot.passer);
  const start = rails.timeline.actions.find((a) => a.action.id === shot.action)?.start ?? shot.release;
  for (let k = Math.max(0, Math.round((start - earlier) / rails.dt)); k * rails.dt < shot.release; k++)
    if (rails.track.holder[k] === seat) return opennessAt(defended, k, seat);
  return null;
}
