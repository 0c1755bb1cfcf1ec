import { five, type Five, fiveOf, fiveSmall, next, NONE, type None, type Seat } from '../../geometry/five.ts';
import { alongPerimeter } from '../../court/perimeter.ts';
import { theirMan } from '../../motion/level.ts';
import { onRails, ownerAt, type Moving, type Rails } from '../rails.ts';
import type { ManPlan } from '../plan.ts';
import { AHEAD, AWAY, DENY, NEAR, REACT } from './figures.ts';
import { sealsOf, type Seal } from './seal.ts';
import type { Context } from './context.ts';

/** Where a player stands to the ball, as the defence sees it. */
export const ROLE = { ball: 0, oneAway: 1, far: 2, twoAway: 3 } as const;

/** The state of five defenders and all they know; made once, then only written into. */
export interface World {
  readonly rails: Rails;
  readonly plan: ManPlan;
  readonly contexts: readonly Context[];
  readonly rimY: number;
  readonly dt: number;
  /** Each one's top speed and push (ft/s, ft/s²), and reaction as a multiple of a grown player's. */
  readonly speed: Five;
  readonly push: Five;
  readonly react: number;
  /** Steps until something is seen. */
  readonly lag: { readonly ball: number; readonly off: number; readonly near: number; readonly pass: number };
  /** The attackers as they are now: five that are written over in each step. */
  readonly now: readonly [Moving, Moving, Moving, Moving, Moving];
  readonly px: Five;
  readonly py: Five;
  readonly vx: Five;
  readonly vy: Five;
  /** Where each wants to be now, and wanted to be when he decided before. */
  readonly tx: Five;
  readonly ty: Five;
  readonly lastX: Five;
  readonly lastY: Five;
  /** How fast that moves, ft/s. */
  readonly carryX: Five;
  readonly carryY: Five;
  readonly cap: Five;
  /** Whom a defender guards, and who guards a player. */
  readonly man: Five<Seat>;
  readonly of: Five<Seat>;
  /** Screen a defender must pass on a side: index of its context or −1, and +1 over, −1 under. */
  readonly forced: Five;
  readonly side: Five;
  /** In a two-man coverage: no other help is asked of him. */
  readonly busy: Five;
  /** The player a helper attends to, or −1. */
  readonly attends: Five<Seat | None>;
  readonly hitUntil: Five;
  readonly hitKeeps: Five;
  /** Screens a ball watcher has felt: defender × context. */
  readonly felt: Uint8Array;
  /** The defender who has left his man to stop a drive, or −1; whether there is a drive, and one along the baseline. */
  driveHelper: Seat | None;
  driving: boolean;
  alongBaseline: boolean;
  /** When each began to stunt in this drive: −1 not yet, −2 he has. */
  readonly stunts: Five;
  /** When each who denies began to turn after his player, −1 he does not; and who helps low for him. */
  readonly turned: Five;
  readonly lowHelper: Five<Seat | None>;
  /** Seals of the line, and who is sealed now. */
  readonly seals: readonly Seal[];
  readonly sealed: Five;
  /** The body each goes round: context, or 100 and the player; on which side, and until when he keeps to it. */
  readonly roundBody: Five;
  readonly roundSide: Five;
  readonly roundUntil: Five;
  /** The one whose ball it is, as they see it. */
  owner: Seat;
  bx: number;
  by: number;
  readonly role: Five;
  /** Steps by which each sees later than usual. */
  readonly later: Five;
  /** Bit j: player j stands out on the perimeter, neither at the ball nor in a screen. */
  apart: number;
  /** Bit j: player j is about an elbow, or lower. */
  elbow: number;
  readonly sigma: Five;
  /** What was last looked at: place and speed. */
  readonly seen: Moving;
  k: number;
  t: number;
}

const nobody = (): Moving => ({ x: 0, y: 0, vx: 0, vy: 0 });

export function worldOf(rails: Rails, plan: ManPlan, contexts: readonly Context[]): World {
  const { level, court, dt } = rails;
  const react = level.man.react;
  const steps = (s: number): number => Math.round((s * react) / dt);
  const owner = ownerAt(rails, 0);
  const man = fiveOf((d) => plan.guards[d], fiveSmall<Seat>());
  const of = fiveSmall<Seat>();
  for (let d: Seat = 0; d < 5; d = next(d)) of[man[d]] = d;
  return {
    rails,
    plan,
    contexts,
    rimY: court.rimY,
    dt,
    speed: fiveOf((d) => theirMan(level, d).man.speed),
    push: fiveOf((d) => theirMan(level, d).man.defend),
    react,
    lag: { ball: steps(REACT.ball), off: steps(REACT.off), near: steps(REACT.near), pass: steps(REACT.pass) },
    now: [nobody(), nobody(), nobody(), nobody(), nobody()],
    px: five(),
    py: five(),
    vx: five(),
    vy: five(),
    tx: five(),
    ty: five(),
    lastX: five(),
    lastY: five(),
    carryX: five(),
    carryY: five(),
    cap: five(),
    man,
    of,
    forced: fiveSmall(-1),
    side: fiveSmall(),
    busy: fiveSmall(),
    attends: fiveSmall<Seat | None>(NONE),
    hitUntil: five(),
    hitKeeps: five(),
    felt: new Uint8Array(5 * contexts.length),
    driveHelper: NONE,
    driving: false,
    alongBaseline: false,
    stunts: five(-1),
    turned: five(-1),
    lowHelper: fiveSmall<Seat | None>(NONE),
    seals: sealsOf(rails, plan),
    sealed: fiveSmall(),
    roundBody: five(-1),
    roundSide: five(),
    roundUntil: five(-1),
    owner: owner === NONE ? 0 : owner,
    bx: 0,
    by: 0,
    role: fiveSmall(),
    later: fiveSmall(),
    apart: 0,
    elbow: 0,
    sigma: five(),
    seen: { x: 0, y: 0, vx: 0, vy: 0 },
    k: 0,
    t: 0,
  };
}

/** Goes to step k: what the clock says, and where the attackers are. */
export function moveOn(w: World, k: number): void {
  w.k = k;
  w.t = k * w.dt;
  for (let j: Seat = 0; j < 5; j = next(j)) onRails(w.rails, k, j, w.now[j]);
}

/** Looks at player j as he was `lag` steps ago, carried on by part of the speed he had; written into `seen`. */
export function look(w: World, j: Seat, lag: number): void {
  const { rails, seen } = w;
  const ahead = AHEAD * lag * w.dt;
  onRails(rails, w.k - lag, j, seen);
  seen.x += ahead * seen.vx;
  seen.y += ahead * seen.vy;
}

/** How long defender d needs to see player j, steps. */
export function lagOf(w: World, d: Seat, j: Seat): number {
  if (j === w.owner) return w.lag.ball + w.later[d];
  const dx = w.now[j].x - w.px[d];
  const dy = w.now[j].y - w.py[d];
  const watches = w.plan.watches[d] === 1 && !facing(w, d, dx, dy);
  const extra = w.later[d] + (watches ? Math.round((REACT.ballWatcher * w.react) / w.dt) : 0);
  return (dx * dx + dy * dy < NEAR * NEAR ? w.lag.near : w.lag.off) + extra;
}

/** Whether a man who watches the ball has (dx, dy) in sight: near his line to the ball. */
function facing(w: World, d: Seat, dx: number, dy: number): boolean {
  const bx = w.bx - w.px[d];
  const by = w.by - w.py[d];
  return dx * bx + dy * by >= 0.2 * Math.sqrt((dx * dx + dy * dy) * (bx * bx + by * by));
}

/** What all five see alike in a step: whose ball it is, and who is how many passes away. */
export function perceive(w: World): void {
  const { rails, role, sigma, seen } = w;
  const owner = ownerAt(rails, w.k - w.lag.pass);
  // After a shot they keep the order they were in.
  if (owner !== NONE) w.owner = owner;
  look(w, w.owner, w.lag.pass);
  w.bx = seen.x;
  w.by = seen.y;
  const bs = alongPerimeter(rails.court, AT(w.bx, w.by));
  w.apart = 0;
  w.elbow = 0;
  for (let j: Seat = 0; j < 5; j = next(j)) {
    look(w, j, w.lag.off);
    const x = seen.x;
    const y = seen.y;
    sigma[j] = alongPerimeter(rails.court, AT(x, y)) - bs;
    if (j === w.owner) continue;
    const rx = x;
    const ry = y - w.rimY;
    const dx = x - w.bx;
    const dy = y - w.by;
    if (rx * rx + ry * ry < DENY.elbow * DENY.elbow && Math.abs(rx) < DENY.elbowWide) w.elbow |= 1 << j;
    if (
      rx * rx + ry * ry > AWAY.inside * AWAY.inside &&
      dx * dx + dy * dy > AWAY.withBall * AWAY.withBall &&
      !screening(w, j)
    )
      w.apart |= 1 << j;
  }
  for (let j: Seat = 0; j < 5; j = next(j)) {
    if (j === w.owner) {
      role[j] = ROLE.ball;
      continue;
    }
    const s = sigma[j];
    let between = false;
    for (let o: Seat = 0; o < 5; o = next(o))
      if (
        o !== j &&
        o !== w.owner &&
        (w.apart >> o) & 1 &&
        sigma[o] * s > 0 &&
        Math.abs(sigma[o]) < Math.abs(s)
      )
        between = true;
    const feet = Math.abs(s);
    role[j] = between || feet > AWAY.farAway ? ROLE.twoAway : feet > AWAY.oneAway ? ROLE.far : ROLE.oneAway;
  }
}

const spot = { x: 0, y: 0 };
/** A point for calls that want one, without making one. */
function AT(x: number, y: number): { x: number; y: number } {
  spot.x = x;
  spot.y = y;
  return spot;
}

/** The screener of a screen that is on, until a second and a half after he has left it. */
function screening(w: World, j: Seat): boolean {
  for (const c of w.contexts) if (c.screener === j && w.t >= c.begins && w.t < c.leaves + 1.5) return true;
  return false;
}
