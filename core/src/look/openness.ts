import type { Defended } from '../defence/defended.ts';
import { WINDUP } from '../motion/level.ts';
import { CONTEST, contest, timeFor, type Contest, type Shot } from './contest.ts';
import { lane, type Lane, type PassKind } from './lane.ts';
import { make, points } from './worth.ts';

/** The usual bands of how open a shooter is, feet to the nearest man. */
export const BANDS = ['0–2', '2–4', '4–6', '6+'] as const;
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
  readonly open: boolean;
  /** He can catch it, whatever he does then. */
  readonly catchable: boolean;
}

/** A receiver is open with the lane this safe (s) and the nearest man this far off at the shot (ft); less at the rim. */
export const OPEN = { margin: 0.1, shot: 4, rim: 3, catch: 4 } as const;
const KINDS: readonly PassKind[] = ['chest', 'bounce', 'lob', 'skip'];
const LOB_WITHIN = 13;
const SKIP_FROM = 22;
const FRONTED = 3.4;

/** What one way to get him the ball would give; written again and again. */
interface Chance {
  pass: PassKind | null;
  atCatch: number;
  atShot: number;
  jumper: number;
  by: number;
  margin: number;
  laneMan: number;
  risk: number;
  value: number;
  make: number;
  points: number;
  how: 'shot' | 'finish';
  open: boolean;
  catchable: boolean;
}
const none = (): Chance => ({
  pass: null,
  atCatch: 0,
  atShot: 0,
  jumper: 0,
  by: -1,
  margin: -Infinity,
  laneMan: -1,
  risk: 1,
  value: 0,
  make: 0,
  points: 0,
  how: 'shot',
  open: false,
  catchable: false,
});
const NONE = none();
const chances = [none(), none()] as const;

const shot: Shot = { k: 0, x: 0, y: 0, t: 0, player: 0, seen: 0, runnerToRim: NaN };
const near: Contest = { feet: 0, plain: 0, who: -1 };
const beside: Lane = { margin: 0, who: -1, risk: 0 };
const now = { feet: 0, nearest: -1, contestIn: 0 };
const from = { x: 0, y: 0 };
const to = { x: 0, y: 0 };
const target = { x: 0, y: 0 };

function placeAt(d: Defended, k: number, player: number, out: { x: number; y: number }): void {
  const i = Math.min(d.rails.steps - 1, Math.max(0, k)) * 5 + player;
  out.x = d.rails.x[i]!;
  out.y = d.rails.y[i]!;
}

/** How open `player` is at step k. Feet and seconds. */
export function opennessAt(d: Defended, k: number, player: number): Openness {
  const c = chanceAt(d, k, player);
  nearestNow(d, k, player);
  return {
    player,
    feet: now.feet,
    nearest: now.nearest,
    contestIn: now.contestIn,
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
    open: c.open,
    catchable: c.catchable,
  };
}

/** The best chance he has now: an open one before any other, then the one worth most. */
function chanceAt(d: Defended, k: number, player: number): Chance {
  const passer = d.rails.track.holder[k]!;
  if (passer === player) return ownShot(d, k, player, chances[0]);
  if (passer < 0) return NONE;
  placeAt(d, k, passer, from);
  placeAt(d, k, player, to);
  const length = Math.sqrt((to.x - from.x) ** 2 + (to.y - from.y) ** 2);
  const toRim = Math.sqrt(to.x ** 2 + (to.y - d.rails.court.rimY) ** 2);
  let best: Chance | undefined;
  for (const kind of KINDS) {
    if ((kind === 'lob' && toRim > LOB_WITHIN) || (kind === 'skip' && length < SKIP_FROM)) continue;
    const o = byPass(d, k, player, kind, best === chances[0] ? chances[1] : chances[0]);
    if (!best || (o.open && !best.open) || (o.open === best.open && o.value > best.value)) best = o;
  }
  return best ?? NONE;
}

/** The chance by one kind of pass from the man with the ball. */
export function passChance(d: Defended, k: number, player: number, kind: PassKind): Readonly<Chance> {
  const passer = d.rails.track.holder[k]!;
  if (passer < 0 || passer === player) return NONE;
  placeAt(d, k, passer, from);
  return { ...byPass(d, k, player, kind, chances[0]) };
}

function nearestNow(d: Defended, k: number, player: number): void {
  const { man } = d.rails.level;
  placeAt(d, k, player, to);
  now.feet = Infinity;
  now.nearest = -1;
  now.contestIn = Infinity;
  for (let i = 0; i < 5; i++) {
    const at = k * 5 + i;
    const dx = to.x - d.x[at]!;
    const dy = to.y - d.y[at]!;
    const gap = Math.sqrt(dx * dx + dy * dy);
    if (gap < now.feet) {
      now.feet = gap;
      now.nearest = i;
    }
    const v0 = gap < 1e-9 ? 0 : (d.vx[at]! * dx + d.vy[at]! * dy) / gap;
    const his = d.guards[at] === player || d.attends[at] === player;
    const react = (CONTEST.seesPass + (his ? 0 : CONTEST.notHis)) * man.react;
    const run = timeFor(gap - CONTEST.hand, v0, CONTEST.speed * man.speed, CONTEST.push * man.defend);
    now.contestIn = Math.min(now.contestIn, gap <= CONTEST.hand ? 0 : react + run + d.held[at]!);
  }
}

/** Seconds of flight to a man who runs on, and where he is then (in `to`). */
function meet(d: Defended, k: number, player: number, windup: number, speed: number): number {
  let flight = 0;
  for (let i = 0; i < 4; i++) {
    placeAt(d, k + Math.round((windup + flight) / d.rails.dt), player, to);
    flight = Math.sqrt((to.x - from.x) ** 2 + (to.y - from.y) ** 2) / speed;
  }
  return flight;
}

function byPass(d: Defended, k: number, player: number, kind: PassKind, out: Chance): Chance {
  const { rails } = d;
  const { man } = rails.level;
  const windup = WINDUP[kind];
  const t = windup + meet(d, k, player, windup, man.pass[kind]);
  target.x = to.x;
  target.y = to.y;
  if (kind === 'lob') overTheTop(d, k, player);
  lane(d, k, from, target, kind, windup, beside);
  shot.k = k;
  shot.player = player;
  shot.seen = windup + CONTEST.seesPass * man.react;
  shot.runnerToRim = NaN;
  shot.x = to.x;
  shot.y = to.y;
  shot.t = t;
  out.pass = kind;
  out.atCatch = contest(d, shot, near).feet;
  best(d, k, player, t, man.catchToShot, out);
  const toRim = Math.sqrt(to.x ** 2 + (to.y - rails.court.rimY) ** 2);
  out.margin = beside.margin;
  out.laneMan = beside.who;
  out.risk = beside.risk;
  out.value = out.make * out.points * (1 - out.risk);
  out.open = out.margin >= OPEN.margin && out.atShot >= (toRim < 5 ? OPEN.rim : OPEN.shot);
  out.catchable = out.margin >= OPEN.margin && out.atCatch >= OPEN.catch;
  return out;
}

/** A lob over a man who fronts is aimed beyond the receiver, away from the passer and to the rim. */
function overTheTop(d: Defended, k: number, player: number): void {
  for (let i = 0; i < 5; i++) {
    const at = k * 5 + i;
    if (d.guards[at] !== player) continue;
    const gx = d.x[at]! - to.x;
    const gy = d.y[at]! - to.y;
    const ax = from.x - to.x;
    const ay = from.y - to.y;
    if (gx * gx + gy * gy > FRONTED * FRONTED || gx * ax + gy * ay <= 0) return;
    const a = Math.sqrt(ax * ax + ay * ay) || 1e-9;
    const ry = d.rails.court.rimY - to.y;
    const r = Math.sqrt(to.x * to.x + ry * ry) || 1e-9;
    const x = -ax / a - to.x / r;
    const y = -ay / a + ry / r;
    const size = Math.sqrt(x * x + y * y) || 1e-9;
    target.x = to.x + (3.5 * x) / size;
    target.y = to.y + (3.5 * y) / size;
    return;
  }
}

function ownShot(d: Defended, k: number, player: number, out: Chance): Chance {
  placeAt(d, k, player, to);
  shot.k = k;
  shot.player = player;
  shot.seen = CONTEST.seesShot * d.rails.level.man.react;
  best(d, k, player, 0, d.rails.level.man.pullUp, out);
  const toRim = Math.sqrt(to.x ** 2 + (to.y - d.rails.court.rimY) ** 2);
  out.pass = null;
  out.atCatch = out.atShot;
  out.margin = Infinity;
  out.laneMan = -1;
  out.risk = 0;
  out.value = out.make * out.points;
  out.open = out.atShot >= (toRim < 5 ? OPEN.rim : OPEN.shot);
  out.catchable = false;
  return out;
}

/** The better of a shot where he is and a finish at the rim; `to` holds where he has the ball after t. */
function best(d: Defended, k: number, player: number, t: number, release: number, out: Chance): void {
  const { rails } = d;
  const { court, level } = rails;
  const { man } = level;
  const at = Math.min(rails.steps - 1, k + Math.round(t / rails.dt)) * 5 + player;
  const vx = rails.vx[at]!;
  const vy = rails.vy[at]!;
  const stop = Math.sqrt(vx * vx + vy * vy) / (1.25 * man.brake);
  target.x = to.x + 0.45 * stop * vx;
  target.y = to.y + 0.45 * stop * vy;
  const far = Math.sqrt(target.x ** 2 + (target.y - court.rimY) ** 2);
  shot.runnerToRim = NaN;
  shot.x = target.x;
  shot.y = target.y;
  shot.t = t + release * (far < 5 ? 0.5 : 1) + 0.6 * stop;
  contest(d, shot, near);
  out.atShot = near.feet;
  out.jumper = near.feet;
  out.by = near.who;
  out.make = rimLoss(make(court, level, target, near.feet), far, near.feet);
  out.points = points(court, target);
  out.how = 'shot';
  const here = Math.sqrt(to.x ** 2 + (to.y - court.rimY) ** 2);
  if (here > 4.5 && here <= 17) finish(d, t, here, out);
}

function rimLoss(made: number, far: number, feet: number): number {
  return far <= 4.5 ? made - 0.1 * Math.min(1, Math.max(0, (3.5 - feet) / 1.5)) : made;
}

/** Two steps and a layup, when that is the better: nobody may be on the way or at the rim. */
function finish(d: Defended, t: number, here: number, out: Chance): void {
  const { court, level } = d.rails;
  const fx = to.x;
  const fy = to.y;
  const whole = (here - 3) / (0.5 * level.man.speed) + 0.2;
  let feet = Infinity;
  let by = -1;
  for (let i = 0; i < 3; i++) {
    const share = i === 0 ? 0.35 : i === 1 ? 0.7 : 1;
    const left = i === 2 ? 2.5 : here * (1 - share);
    shot.x = (fx / here) * left;
    shot.y = court.rimY + ((fy - court.rimY) / here) * left;
    shot.t = t + whole * share;
    shot.runnerToRim = here;
    contest(d, shot, near);
    const gap = near.feet + (i === 2 ? 0 : 1);
    if (gap < feet) {
      feet = gap;
      by = near.who;
    }
  }
  target.x = 0;
  target.y = court.rimY + 2.5;
  const walled =
    1 - 0.4 * Math.min(1, Math.max(0, (3.5 - feet) / 1.5)) * Math.min(1, Math.max(0, (here - 5) / 8));
  const made = rimLoss(make(court, level, target, feet), 2.5, feet) * walled;
  if (made * 2 <= out.make * out.points) return;
  out.make = made;
  out.points = 2;
  out.atShot = feet;
  out.by = by;
  out.how = 'finish';
}
