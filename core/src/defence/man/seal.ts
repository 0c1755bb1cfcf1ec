import { seatOf } from '../../alignment/library.ts';
import { next, type Seat } from '../../geometry/five.ts';
import type { ManPlan } from '../plan.ts';
import type { Rails } from '../rails.ts';
import { SEAL } from './figures.ts';
import type { World } from './world.ts';

/** A man who seals: who, and from when to when at most, seconds. */
export interface Seal {
  readonly player: Seat;
  readonly from: number;
  readonly to: number;
}

/** The seals of a line: each until the sealer's next move, the ball's arrival, or as long as a seal holds. */
/** Those that a read tells hold whoever guards the man. */
export function sealsOf({ timeline }: Rails, plan: ManPlan): Seal[] {
  const told = plan.acts
    .filter((a) => a.does === 'sealed')
    .map((a) => ({ player: plan.guards[a.who], from: a.from, to: a.to }));
  const drawn = timeline.actions.flatMap((a): Seal[] => {
    if (a.action.does !== 'seal') return [];
    const { by } = a.action;
    const next = timeline.moves[by].find((m) => m.start > a.start + 1e-6)?.start ?? Infinity;
    const ball = timeline.flights.find((f) => f.receiver === by && f.arrive > a.start)?.arrive ?? Infinity;
    return [{ player: seatOf(by), from: a.start, to: Math.min(a.start + SEAL.most, next, ball) }];
  });
  return [...drawn, ...told];
}

/** Who is sealed now: his man is hardly his own master, until he is let go. */
export function seal(w: World): void {
  for (let d: Seat = 0; d < 5; d = next(d)) {
    const held = isSealed(w, d);
    if (held) {
      w.hitUntil[d] = w.t + SEAL.late / (1 - SEAL.keeps);
      w.hitKeeps[d] = SEAL.keeps;
    } else if (w.sealed[d] === 1) w.hitUntil[d] = w.t;
    w.sealed[d] = held ? 1 : 0;
  }
}

function isSealed(w: World, d: Seat): boolean {
  for (const s of w.seals) {
    if (s.player !== w.man[d] || w.t < s.from || w.t >= s.to) continue;
    const his = w.now[s.player];
    const dx = w.px[d] - his.x;
    const dy = w.py[d] - his.y;
    const still = his.vx * his.vx + his.vy * his.vy < SEAL.still * SEAL.still;
    if (still && dx * dx + dy * dy < SEAL.near * SEAL.near) return true;
  }
  return false;
}
