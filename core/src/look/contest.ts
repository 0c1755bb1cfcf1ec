import { next, type Seat } from '../geometry/five.ts';
import type { Defended } from '../defence/defended.ts';
import { ourMan, theirMan } from '../motion/level.ts';
import { covered } from '../space/legs.ts';

/** How a defender gets to a shot: feet, seconds, shares (from memory of common practice). */
export const CONTEST = {
  /** Until he sees a pass, and his own man rise; and longer for one he does not guard. */
  seesPass: 0.25,
  seesShot: 0.2,
  notHis: 0.15,
  speed: 0.88,
  push: 0.85,
  share: 0.8,
  least: 2,
  /** A hand is in the way from here. */
  hand: 3,
  /** A hand that reaches a foot higher than the shooter's is worth so many feet nearer, and no nearer than this. */
  over: 1,
  closest: 1,
} as const;

/** The nearest defender to a shot or catch: effective feet (from behind counts double), plain feet, and who. */
export interface Contest {
  feet: number;
  plain: number;
  who: number;
}

export interface Shot {
  /** Step at which it is decided (the pass starts, the shooter rises). */
  k: number;
  /** The place, and seconds from step k until the contest is needed. */
  x: number;
  y: number;
  t: number;
  player: number;
  /** Seconds from k until the defence sees it. */
  seen: number;
  /** It is a shot: who reaches higher than the shooter counts as nearer. */
  rises: boolean;
  /** A finish at the rim: a man behind the runner is no wall. NaN for a shot. */
  runnerToRim: number;
}

/**
 * How near the nearest defender can be to a place after t seconds. Until he has seen what happens he goes
 * where the simulation has him; from then on he runs to it with the speed he has.
 */
export function contest(d: Defended, s: Shot, out: Contest): Contest {
  const { rails } = d;
  const { level } = rails;
  const shooter = s.rises ? ourMan(level, s.player as Seat).pass.hands.stand : 0;
  out.feet = Infinity;
  out.plain = Infinity;
  out.who = -1;
  const shotX = s.x;
  const shotY = s.y - rails.court.rimY;
  const far = Math.sqrt(shotX * shotX + shotY * shotY) || 1e-9;
  for (let i: Seat = 0; i < 5; i = next(i)) {
    const now = s.k * 5 + i;
    const { man, pass } = theirMan(level, i);
    const his = d.guards[now] === s.player || d.attends[now] === s.player;
    const react = s.seen + (his ? 0 : CONTEST.notHis * man.react);
    const at = Math.min(rails.steps - 1, s.k + Math.round(Math.min(react, s.t) / rails.dt)) * 5 + i;
    const toShotX = s.x - d.x[at]!;
    const toShotY = s.y - d.y[at]!;
    const straight = Math.sqrt(toShotX * toShotX + toShotY * toShotY);
    const length = straight + detour(d, at, i, s);
    const v0 = straight < 1e-9 ? 0 : (d.vx[at]! * toShotX + d.vy[at]! * toShotY) / straight;
    const top = CONTEST.speed * man.speed;
    const push = CONTEST.push * man.defend;
    const ran = CONTEST.share * covered(s.t - react - d.held[at]!, v0, top, push);
    const over = s.rises ? CONTEST.over * (pass.hands.stand - shooter) : 0;
    const plain = Math.max(CONTEST.closest, Math.max(CONTEST.least, length - ran) - over);
    let behind: number;
    if (Number.isNaN(s.runnerToRim))
      behind = Math.max(0, (-toShotX * shotX - toShotY * shotY) / (far * (straight || 1e-9)));
    else {
      const toRim = Math.sqrt(d.x[at]! ** 2 + (d.y[at]! - rails.court.rimY) ** 2);
      behind = Math.min(1, Math.max(0, (toRim - s.runnerToRim) / 2));
    }
    const feet = plain * (1 + behind);
    if (feet < out.feet) {
      out.feet = feet;
      out.who = i;
    }
    if (plain < out.plain) out.plain = plain;
  }
  return out;
}

/** Feet he runs more because a set screen stands on his straight way. */
function detour(d: Defended, at: number, i: number, s: Shot): number {
  const { screens } = d.rails.timeline;
  const t = Math.floor(at / 5) * d.rails.dt;
  let more = 0;
  for (const b of screens) {
    if (b.slip || t < b.set || t >= b.left) continue;
    const dx = s.x - d.x[at]!;
    const dy = s.y - d.y[at]!;
    const l2 = dx * dx + dy * dy;
    if (l2 < 1) continue;
    const u = ((b.at.x - d.x[at]!) * dx + (b.at.y - d.y[at]!) * dy) / l2;
    if (u <= 0.05 || u >= 0.95) continue;
    const off = Math.abs((b.at.x - d.x[at]!) * dy - (b.at.y - d.y[at]!) * dx) / Math.sqrt(l2);
    if (off < BODY_WIDE && d.guards[Math.floor(at / 5) * 5 + i] !== Number(b.by) - 1) more += BODY_WIDE - off;
  }
  return more;
}
const BODY_WIDE = 2.4;
