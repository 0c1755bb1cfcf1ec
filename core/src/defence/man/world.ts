import { alongPerimeter } from '../../court/perimeter.ts';
import type { Rails } from '../rails.ts';
import type { ManPlan } from '../plan.ts';
import { AHEAD, AWAY, NEAR, REACT } from './figures.ts';
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
  /** Top speed, push (ft/s, ft/s²), and reaction as a multiple of a grown player's. */
  readonly speed: number;
  readonly push: number;
  readonly react: number;
  /** Steps until something is seen. */
  readonly lag: { readonly ball: number; readonly off: number; readonly near: number; readonly pass: number };
  readonly px: Float64Array;
  readonly py: Float64Array;
  readonly vx: Float64Array;
  readonly vy: Float64Array;
  /** Where each wants to be now, and wanted to be a step ago. */
  readonly tx: Float64Array;
  readonly ty: Float64Array;
  readonly lastX: Float64Array;
  readonly lastY: Float64Array;
  readonly cap: Float64Array;
  /** Whom a defender guards, and who guards a player. */
  readonly man: Int8Array;
  readonly of: Int8Array;
  /** Screen a defender must pass on a side: index of its context or −1, and +1 over, −1 under. */
  readonly forced: Int8Array;
  readonly side: Int8Array;
  /** In a two-man coverage: no other help is asked of him. */
  readonly busy: Uint8Array;
  /** The player a helper attends to, or −1. */
  readonly attends: Int8Array;
  readonly hitUntil: Float64Array;
  readonly hitKeeps: Float64Array;
  /** Screens a ball watcher has felt: defender × context. */
  readonly felt: Uint8Array;
  /** The defender who has left his man to stop a drive, or −1. */
  driveHelper: number;
  /** The one whose ball it is, as they see it. */
  owner: number;
  bx: number;
  by: number;
  readonly role: Int8Array;
  /** Bit j: player j stands out on the perimeter, neither at the ball nor in a screen. */
  apart: number;
  readonly sigma: Float64Array;
  /** What was last looked at: place and speed. */
  readonly seen: Float64Array;
  k: number;
  t: number;
}

export function worldOf(rails: Rails, plan: ManPlan, contexts: readonly Context[]): World {
  const { level, court, dt } = rails;
  const react = level.man.react;
  const steps = (s: number): number => Math.round((s * react) / dt);
  const five = (): Float64Array => new Float64Array(5);
  const man = Int8Array.from(plan.guards);
  const of = new Int8Array(5);
  man.forEach((j, d) => (of[j] = d));
  return {
    rails,
    plan,
    contexts,
    rimY: court.rimY,
    dt,
    speed: level.man.speed,
    push: level.man.defend,
    react,
    lag: { ball: steps(REACT.ball), off: steps(REACT.off), near: steps(REACT.near), pass: steps(REACT.pass) },
    px: five(),
    py: five(),
    vx: five(),
    vy: five(),
    tx: five(),
    ty: five(),
    lastX: five(),
    lastY: five(),
    cap: five(),
    man,
    of,
    forced: new Int8Array(5).fill(-1),
    side: new Int8Array(5),
    busy: new Uint8Array(5),
    attends: new Int8Array(5).fill(-1),
    hitUntil: five(),
    hitKeeps: five(),
    felt: new Uint8Array(5 * contexts.length),
    driveHelper: -1,
    owner: Math.max(0, rails.owner[0]!),
    bx: 0,
    by: 0,
    role: new Int8Array(5),
    apart: 0,
    sigma: five(),
    seen: five(),
    k: 0,
    t: 0,
  };
}

/** Looks at player j as he was `lag` steps ago, carried on by part of the speed he had; written into `seen`. */
export function look(w: World, j: number, lag: number): void {
  const { rails, seen } = w;
  const i = Math.max(0, w.k - lag) * 5 + j;
  const ahead = AHEAD * lag * w.dt;
  seen[0] = rails.x[i]! + ahead * rails.vx[i]!;
  seen[1] = rails.y[i]! + ahead * rails.vy[i]!;
  seen[2] = rails.vx[i]!;
  seen[3] = rails.vy[i]!;
}

/** How long defender d needs to see player j, steps. */
export function lagOf(w: World, d: number, j: number): number {
  if (j === w.owner) return w.lag.ball;
  const i = w.k * 5 + j;
  const dx = w.rails.x[i]! - w.px[d]!;
  const dy = w.rails.y[i]! - w.py[d]!;
  const watches = w.plan.watches[d] === 1 && !facing(w, d, dx, dy);
  const extra = watches ? Math.round((REACT.ballWatcher * w.react) / w.dt) : 0;
  return (dx * dx + dy * dy < NEAR * NEAR ? w.lag.near : w.lag.off) + extra;
}

/** Whether a man who watches the ball has (dx, dy) in sight: near his line to the ball. */
function facing(w: World, d: number, dx: number, dy: number): boolean {
  const bx = w.bx - w.px[d]!;
  const by = w.by - w.py[d]!;
  return dx * bx + dy * by >= 0.2 * Math.sqrt((dx * dx + dy * dy) * (bx * bx + by * by));
}

/** What all five see alike in a step: whose ball it is, and who is how many passes away. */
export function perceive(w: World): void {
  const { rails, role, sigma, seen } = w;
  const owner = rails.owner[Math.max(0, w.k - w.lag.pass)]!;
  // After a shot they keep the order they were in.
  if (owner >= 0) w.owner = owner;
  look(w, w.owner, w.lag.pass);
  w.bx = seen[0]!;
  w.by = seen[1]!;
  const bs = alongPerimeter(rails.court, AT(w.bx, w.by));
  w.apart = 0;
  for (let j = 0; j < 5; j++) {
    look(w, j, w.lag.off);
    const x = seen[0]!;
    const y = seen[1]!;
    sigma[j] = alongPerimeter(rails.court, AT(x, y)) - bs;
    if (j === w.owner) continue;
    const rx = x;
    const ry = y - w.rimY;
    const dx = x - w.bx;
    const dy = y - w.by;
    if (
      rx * rx + ry * ry > AWAY.inside * AWAY.inside &&
      dx * dx + dy * dy > AWAY.withBall * AWAY.withBall &&
      !screening(w, j)
    )
      w.apart |= 1 << j;
  }
  for (let j = 0; j < 5; j++) {
    if (j === w.owner) {
      role[j] = ROLE.ball;
      continue;
    }
    const s = sigma[j]!;
    let between = false;
    for (let o = 0; o < 5; o++)
      if (
        o !== j &&
        o !== w.owner &&
        (w.apart >> o) & 1 &&
        sigma[o]! * s > 0 &&
        Math.abs(sigma[o]!) < Math.abs(s)
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
function screening(w: World, j: number): boolean {
  for (const c of w.contexts) if (c.screener === j && w.t >= c.begins && w.t < c.leaves + 1.5) return true;
  return false;
}
