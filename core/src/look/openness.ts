import { next, type Seat } from '../geometry/five.ts';
import type { Defended } from '../defence/defended.ts';
import { theirMan, type PassKind } from '../motion/level.ts';
import { canThrow } from '../space/lane.ts';
import { timeFor } from '../space/legs.ts';
import { CONTEST, contest } from './contest.ts';

import {
  byPass,
  caught,
  meet,
  NONE,
  none,
  OPEN,
  ownShot,
  placeAt,
  rimFrom,
  toCatch,
  work,
  type Chance,
  type Work,
} from './chance.ts';

/** The usual bands of how open a shooter is, feet to the nearest man. */
const BANDS = ['0–2', '2–4', '4–6', '6+'] as const;
export type Band = (typeof BANDS)[number];
export const bandOf = (feet: number): Band => BANDS[Math.min(3, Math.max(0, Math.floor(feet / 2)))]!;

/** How open one player is at one instant, were the ball thrown to him now, or shot by him who has it. */
export interface Openness {
  readonly player: number;
  /** Feet to the nearest defender now, who that is, and seconds until he has a hand there. */
  readonly feet: number;
  readonly nearest: number;
  readonly contestIn: number;
  /** The pass that is best to throw him; null for the man with the ball. */
  readonly pass: PassKind | null;
  /** Effective feet to the nearest man at the catch, and when the shot leaves his hand. */
  readonly atCatch: number;
  readonly atShot: number;
  /** The same for a jump shot where he is, whatever is better. */
  readonly jumper: number;
  /** The defender nearest to that shot. */
  readonly by: number;
  /** Seconds by which the ball beats the nearest hand in its lane, who that is, and the chance it is lost. */
  readonly margin: number;
  readonly laneMan: number;
  readonly risk: number;
  /** make × points × (1 − turnover), and the factors. */
  readonly value: number;
  readonly make: number;
  readonly points: number;
  /** From where: the shot itself, or a finish at the rim. */
  readonly how: 'shot' | 'finish';
  /** He has the ball about the rim: less room is open there. */
  readonly close: boolean;
  readonly open: boolean;
  /** He can catch it, whatever he does then. */
  readonly catchable: boolean;
}

/** How open `player` is at step k. Feet and seconds. */
export function opennessAt(d: Defended, k: number, player: number): Openness {
  const w = work();
  const c = chanceAt(w, d, k, player);
  return {
    player,
    ...nearestNow(w, d, k, player),
    pass: c.pass,
    atCatch: c.atCatch,
    atShot: c.atShot,
    jumper: c.jumper,
    by: c.by,
    margin: c.margin,
    laneMan: c.laneMan,
    risk: c.risk,
    value: c.value,
    make: c.make,
    points: c.points,
    how: c.how,
    close: c.close,
    open: c.open,
    catchable: c.catchable,
  };
}

const KINDS: readonly PassKind[] = ['chest', 'bounce', 'lob', 'skip', 'pocket'];
/** A straight pass with this much to spare is the best there is, but for a pocket pass: that is out of the hand sooner (s). */
const PLENTY = 0.3;

/**
 * The best chance he has now: an open one before any other, then the one worth most. Lanes are looked at first, and only
 * the passes whose lane is safe are followed to their catch; where none is, the one that is lost least.
 */
function chanceAt(w: Work, d: Defended, k: number, player: number): Chance {
  const passer = d.rails.track.holder[k]!;
  if (passer === player) return ownShot(w, d, k, player, none());
  if (passer < 0) return NONE;
  const { from, to, lane } = w;
  placeAt(d, k, passer, from);
  placeAt(d, k, player, to);
  const length = Math.sqrt((to.x - from.x) ** 2 + (to.y - from.y) ** 2);
  const toRim = rimFrom(to, d.rails.court.rimY);
  const dribbled = d.rails.dribbled[k] === 1;
  let best: Chance | undefined;
  let least: PassKind = 'chest';
  let risk = Infinity;
  for (const kind of KINDS) {
    if (!canThrow(kind, length, toRim, dribbled)) continue;
    toCatch(w, d, k, player, kind);
    const { margin } = lane;
    if (lane.risk < risk) {
      risk = lane.risk;
      least = kind;
    }
    if (margin < OPEN.margin) continue;
    const o = caught(w, d, k, player, kind, none());
    if (!best || (o.open && !best.open) || (o.open === best.open && o.value > best.value)) best = o;
    if (kind === 'chest' && margin >= PLENTY && !canThrow('pocket', length, toRim, dribbled)) break;
  }
  return best ?? byPass(w, d, k, player, least, none());
}

/** Whether a kind of pass can be thrown from the man with the ball to a player now: to where he is when it comes down. */
export function kindPossible(d: Defended, k: number, player: number, kind: PassKind): boolean {
  const passer = d.rails.track.holder[k]!;
  if (passer < 0 || passer === player) return false;
  const { from, to } = scratch;
  placeAt(d, k, passer, from);
  meet(scratch, d, k, player, kind);
  const length = Math.sqrt((to.x - from.x) ** 2 + (to.y - from.y) ** 2);
  return canThrow(kind, length, rimFrom(to, d.rails.court.rimY), d.rails.dribbled[k] === 1);
}

/** The chance by one kind of pass from the man with the ball. */
export function passChance(d: Defended, k: number, player: number, kind: PassKind): Readonly<Chance> {
  const passer = d.rails.track.holder[k]!;
  if (passer < 0 || passer === player) return NONE;
  const w = work();
  placeAt(d, k, passer, w.from);
  return byPass(w, d, k, player, kind, none());
}

/** Whether a kind of pass to a player could be caught now, and how far the nearest man would be then (ft): no more is worked out. */
export function catchable(d: Defended, k: number, player: number, kind: PassKind): boolean {
  const passer = d.rails.track.holder[k]!;
  if (passer < 0 || passer === player) return false;
  placeAt(d, k, passer, scratch.from);
  toCatch(scratch, d, k, player, kind);
  return scratch.lane.margin >= OPEN.margin && contest(d, scratch.shot, scratch.near).feet >= OPEN.catch;
}
const scratch = work();

/** The man nearest to a player now, and seconds until anybody has a hand there. */
function nearestNow(
  { to }: Work,
  d: Defended,
  k: number,
  player: number,
): Pick<Openness, 'feet' | 'nearest' | 'contestIn'> {
  placeAt(d, k, player, to);
  let feet = Infinity;
  let nearest = -1;
  let contestIn = Infinity;
  for (let i: Seat = 0; i < 5; i = next(i)) {
    const at = k * 5 + i;
    const dx = to.x - d.x[at]!;
    const dy = to.y - d.y[at]!;
    const gap = Math.sqrt(dx * dx + dy * dy);
    if (gap < feet) {
      feet = gap;
      nearest = i;
    }
    const v0 = gap < 1e-9 ? 0 : (d.vx[at]! * dx + d.vy[at]! * dy) / gap;
    const { man } = theirMan(d.rails.level, i);
    const his = d.guards[at] === player || d.attends[at] === player;
    const react = (CONTEST.seesPass + (his ? 0 : CONTEST.notHis)) * man.react;
    const run = timeFor(gap - CONTEST.hand, v0, CONTEST.speed * man.speed, CONTEST.push * man.defend);
    contestIn = Math.min(contestIn, gap <= CONTEST.hand ? 0 : react + run + d.held[at]!);
  }
  return { feet, nearest, contestIn };
}
