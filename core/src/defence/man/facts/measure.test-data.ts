import { type Shake, type XY, over, sustained, way } from '../../board.test-data.ts';
import { type Openness, opennessAt } from '../../../look/openness.ts';
import { type Defended } from '../../defended.ts';
import { type Help, type ManPlan, type OnBall } from '../../plan.ts';
import { type Action } from '../../../play/document.ts';

/**
 * Facts of the trade about man-to-man defence, each on a small play of our own (all common practice). A fact
 * measures its play under a shake and says what came out and whether it holds.
 */
export interface Fact {
  readonly key: string;
  readonly words: string;
  /** Share of shaken boards on which the model it was found with held it. */
  readonly reported: number;
  readonly measure: (s: Shake) => Measured;
}
interface Measured {
  readonly holds: boolean;
  readonly figures: Readonly<Record<string, number>>;
}

export type Drawn = Omit<Action, 'id'> & { id?: string };
export const act = (a: object): Drawn => a as Drawn;
export const cut = (by: string, path: readonly number[], more: object = {}): Drawn =>
  act({ by, does: 'cut', path: way(path), tempo: 'sprint', ...more });
export const drib = (by: string, path: readonly number[], more: object = {}): Drawn =>
  act({ by, does: 'dribble', path: way(path), tempo: 'sprint', ...more });
export const hold = (by: string, seconds = 1.5): Drawn => act({ by, does: 'hold', seconds });
export const screen = (by: string, user: string, spot: XY, more: object = {}): Drawn =>
  act({ id: 'screen', by, does: 'screen', for: user, path: way(spot), tempo: 'cut', ...more });

export const values = (d: Defended, player: number, from: number, to: number): Openness[] =>
  over(d, from, to, (k) => opennessAt(d, k, player));
export const worth = (d: Defended, player: number, from: number, to: number): number =>
  Math.max(
    0,
    sustained(values(d, player, from, to).map((o) => o.value)) *
      (blockedFor(d, player, from, to) >= 0.25 ? 0.6 : 1),
  );
export const most = (all: readonly number[]): number => all.reduce((a, b) => Math.max(a, b), 0);
export const blockedFor = (d: Defended, player: number, from: number, to: number): number =>
  d.blocked
    .filter((b) => b.player === player && b.from >= from - 1 && b.from <= to)
    .reduce((s, b) => s + b.seconds, 0);
/** The best catch that lane and defenders allow, effective feet. */
export const bestCatch = (d: Defended, player: number, from: number, to: number, margin = 0.1): number =>
  most(values(d, player, from, to).map((o) => (o.margin >= margin ? o.atCatch : 0)));
export const useOf = (d: Defended): number => {
  const s = d.rails.timeline.screens[0]!;
  return s.used?.at ?? s.left;
};

export const plan = (onBall: OnBall, help: Help = 'none', more: Partial<ManPlan> = {}): Partial<ManPlan> => ({
  onBall,
  handoff: onBall,
  help,
  ...more,
});
/** A shot is looked at when the shooter has just stopped, seconds after his pick-up. */
export const LATER = 0.2;
export const atPickUp = (d: Defended, player: number, after = 0): Openness => {
  const end = d.rails.timeline.moves[`${player + 1}` as '1'].findLast(
    (m) => m.action.does === 'dribble',
  )!.end;
  return opennessAt(d, Math.round((end + after) / d.rails.dt), player);
};
