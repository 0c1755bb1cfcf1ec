import type { Seat } from '../geometry/five.ts';
import type { Defended } from '../defence/defended.ts';
import { ourMan, WINDUP, type LevelRecord, type PassKind } from '../motion/level.ts';
import { flightOf } from '../motion/flight.ts';
import { laneOf, laneSeen, SAFE_LANE, type Lane } from '../space/lane.ts';
import { CONTEST, contest, type Contest, type Shot } from './contest.ts';
import { make, points } from './worth.ts';

/** A receiver is open with the lane this safe (s) and the nearest man this far off at the shot (ft); less at the rim. */
export const OPEN = { margin: SAFE_LANE, shot: 4, rim: 3, catch: 4 } as const;
/** About the rim less room is open, and the ball is up sooner: within these feet, in this share of the time (from memory). */
const CLOSE = 5;
const AT_RIM_RELEASE = 0.5;
/**
 * A shooter who comes on the run: he brakes harder than a cutter by a factor, slides on for a share of the time it
 * takes him to stop, and is ready after a share of it (from memory).
 */
const STOP = { brake: 1.25, slide: 0.45, gather: 0.6 } as const;
/** A shot at the rim in a crowd loses at most this share of makes (from memory). */
const RIM_LOSS = 0.1;
/**
 * Two steps and a layup (feet, seconds, shares; from memory): tried from `from` to `to` feet of the rim; laid up from
 * `lays`, at a share `pace` of his speed, after a `gather`; looked at on the way at `looks`, where a man counts as
 * `onTheWay` farther off; it ends `ends` from the rim. A wall costs at most `walled`, the more the farther he comes
 * from, from `near` on over `deep`.
 */
const FINISH = {
  from: 4.5,
  to: 17,
  lays: 3,
  pace: 0.5,
  gather: 0.2,
  looks: [0.35, 0.7, 1],
  onTheWay: 1,
  ends: 2.5,
  walled: 0.4,
  near: 5,
  deep: 8,
} as const;
/** How much a man at so many feet is in the way of a finish: wholly within two, not at all beyond three and a half. */
const crowding = (feet: number): number => Math.min(1, Math.max(0, (3.5 - feet) / 1.5));

/** What one way to get him the ball would give; written again and again. */
export interface Chance {
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
  close: boolean;
  open: boolean;
  catchable: boolean;
}
export const none = (): Chance => ({
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
  close: false,
  open: false,
  catchable: false,
});
export const NONE = none();

/** What one question is worked out in: written again and again, and handed from step to step. Feet and seconds. */
export interface Work {
  /** The passer, the man who gets the ball, and where the ball is sent or the shot taken. */
  readonly from: Place;
  readonly to: Place;
  readonly target: Place;
  readonly shot: Shot;
  readonly near: Contest;
  readonly lane: Lane;
}
interface Place {
  x: number;
  y: number;
}
export const work = (): Work => ({
  from: { x: 0, y: 0 },
  to: { x: 0, y: 0 },
  target: { x: 0, y: 0 },
  shot: { k: 0, x: 0, y: 0, t: 0, player: 0, seen: 0, rises: false, runnerToRim: NaN },
  near: { feet: 0, plain: 0, who: -1 },
  lane: laneSeen(),
});

/** Feet to the rim of a place. */
export const rimFrom = (place: Place, rimY: number): number =>
  Math.sqrt(place.x ** 2 + (place.y - rimY) ** 2);

export function placeAt(d: Defended, k: number, player: number, out: { x: number; y: number }): void {
  const i = Math.min(d.rails.steps - 1, Math.max(0, k)) * 5 + player;
  out.x = d.rails.x[i]!;
  out.y = d.rails.y[i]!;
}

/** Rounds after which ball and runner meet within a step. */
const MEET_ROUNDS = 4;

/** Where a man is when a ball comes down that is thrown to him now, into `to`; gives its seconds in the air. */
export function meet({ from, to }: Work, d: Defended, k: number, player: number, kind: PassKind): number {
  const { level, dt } = d.rails;
  let flight = 0;
  for (let i = 0; i < MEET_ROUNDS; i++) {
    placeAt(d, k + Math.round((WINDUP[kind] + flight) / dt), player, to);
    flight = flightOf(level.pass, kind, Math.sqrt((to.x - from.x) ** 2 + (to.y - from.y) ** 2));
  }
  return flight;
}

/** A pass thrown now as far as its catch: its lane, and the catch as it would be contested. */
export function toCatch(w: Work, d: Defended, k: number, player: number, kind: PassKind): void {
  const { from, to, shot, lane } = w;
  const { level, court } = d.rails;
  const least = meet(w, d, k, player, kind);
  laneOf(level, court.rimY, d, k * 5, from.x, from.y, to.x, to.y, kind, least, lane);
  shot.k = k;
  shot.player = player;
  shot.seen = WINDUP[kind] + CONTEST.seesPass * level.man.react;
  shot.rises = false;
  shot.runnerToRim = NaN;
  shot.x = to.x;
  shot.y = to.y;
  shot.t = WINDUP[kind] + lane.flight;
}

export function byPass(w: Work, d: Defended, k: number, player: number, kind: PassKind, out: Chance): Chance {
  toCatch(w, d, k, player, kind);
  return caught(w, d, k, player, kind, out);
}

/** The chance of a pass that was followed to its catch. */
export function caught(w: Work, d: Defended, k: number, player: number, kind: PassKind, out: Chance): Chance {
  const { to, shot, near } = w;
  const { man } = d.rails.level;
  const { t } = shot;
  out.pass = kind;
  out.atCatch = contest(d, shot, near).feet;
  best(w, d, k, player, t, man.catchToShot, out);
  const toRim = rimFrom(to, d.rails.court.rimY);
  out.margin = w.lane.margin;
  out.laneMan = w.lane.who;
  out.risk = w.lane.risk;
  out.value = out.make * out.points * (1 - out.risk);
  out.close = toRim < CLOSE;
  out.open = out.margin >= OPEN.margin && out.atShot >= (out.close ? OPEN.rim : OPEN.shot);
  out.catchable = out.margin >= OPEN.margin && out.atCatch >= OPEN.catch;
  return out;
}

export function ownShot(w: Work, d: Defended, k: number, player: number, out: Chance): Chance {
  const { to, shot } = w;
  placeAt(d, k, player, to);
  shot.k = k;
  shot.player = player;
  shot.seen = CONTEST.seesShot * d.rails.level.man.react;
  best(w, d, k, player, 0, d.rails.level.man.pullUp, out);
  const toRim = rimFrom(to, d.rails.court.rimY);
  out.pass = null;
  out.atCatch = out.atShot;
  out.margin = Infinity;
  out.laneMan = -1;
  out.risk = 0;
  out.value = out.make * out.points;
  out.close = toRim < CLOSE;
  out.open = out.atShot >= (out.close ? OPEN.rim : OPEN.shot);
  out.catchable = false;
  return out;
}

/** The better of a shot where he is and a finish at the rim; `to` holds where he has the ball after t. */
function best(
  w: Work,
  d: Defended,
  k: number,
  player: number,
  t: number,
  release: number,
  out: Chance,
): void {
  const { to, target, shot, near } = w;
  const { rails } = d;
  const { court } = rails;
  const level = ourMan(rails.level, player as Seat);
  const { man } = level;
  const at = Math.min(rails.steps - 1, k + Math.round(t / rails.dt)) * 5 + player;
  const vx = rails.vx[at]!;
  const vy = rails.vy[at]!;
  const stop = Math.sqrt(vx * vx + vy * vy) / (STOP.brake * man.brake);
  target.x = to.x + STOP.slide * stop * vx;
  target.y = to.y + STOP.slide * stop * vy;
  const far = rimFrom(target, court.rimY);
  shot.rises = true;
  shot.runnerToRim = NaN;
  shot.x = target.x;
  shot.y = target.y;
  shot.t = t + release * (far < CLOSE ? AT_RIM_RELEASE : 1) + STOP.gather * stop;
  contest(d, shot, near);
  out.atShot = near.feet;
  out.jumper = near.feet;
  out.by = near.who;
  out.make = rimLoss(make(court, level, target, near.feet), far, near.feet);
  out.points = points(court, target);
  out.how = 'shot';
  const here = rimFrom(to, court.rimY);
  if (here > FINISH.from && here <= FINISH.to) finish(w, d, level, t, here, out);
}

function rimLoss(made: number, far: number, feet: number): number {
  return far <= FINISH.from ? made - RIM_LOSS * crowding(feet) : made;
}

/** Two steps and a layup, when that is the better: nobody may be on the way or at the rim. */
function finish(
  { to, target, shot, near }: Work,
  d: Defended,
  level: LevelRecord,
  t: number,
  here: number,
  out: Chance,
): void {
  const { court } = d.rails;
  const whole = (here - FINISH.lays) / (FINISH.pace * level.man.speed) + FINISH.gather;
  let feet = Infinity;
  let by = -1;
  for (const share of FINISH.looks) {
    const last = share === 1;
    const left = last ? FINISH.ends : here * (1 - share);
    shot.x = (to.x / here) * left;
    shot.y = court.rimY + ((to.y - court.rimY) / here) * left;
    shot.t = t + whole * share;
    shot.runnerToRim = here;
    contest(d, shot, near);
    const gap = near.feet + (last ? 0 : FINISH.onTheWay);
    if (gap < feet) {
      feet = gap;
      by = near.who;
    }
  }
  target.x = 0;
  target.y = court.rimY + FINISH.ends;
  const far = Math.min(1, Math.max(0, (here - FINISH.near) / FINISH.deep));
  const made =
    rimLoss(make(court, level, target, feet), FINISH.ends, feet) * (1 - FINISH.walled * crowding(feet) * far);
  if (made * 2 <= out.make * out.points) return;
  out.make = made;
  out.points = 2;
  out.atShot = feet;
  out.by = by;
  out.how = 'finish';
}
