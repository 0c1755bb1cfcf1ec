import { seatOf, type PLAYERS } from '../../alignment/library.ts';
import { NONE, type None, type Seat } from '../../geometry/five.ts';
import type { TimedAction, Timeline } from '../../motion/timeline.ts';
import { keepsOf, type Keep } from '../keeps.ts';
import { coverageOf, screenUse } from '../meet.ts';
import type { Help, ManPlan, OffBall, OnBall } from '../plan.ts';
import { onRails, type Moving, type Rails } from '../rails.ts';

/** Phases of a coverage: it is not on yet, they see it coming, it is being used, it was used, it is over. */
export const PHASE = { idle: 0, alert: 1, use: 2, after: 3, done: 4 } as const;
/** Seconds before a screener arrives at which they see it coming. */
const ALERT = 1.2;
/** A handoff's receiver is on his way to it for at most this long. */
const TO_HANDOFF = 1.5;

/**
 * One screen or handoff as two defenders meet it: who, where, when, and which way the user goes. Directions
 * are unit vectors. Times are seconds from the start of the play.
 */
export interface Context {
  readonly index: number;
  readonly action: string;
  readonly handoff: boolean;
  /** Its user has the ball when he comes by. */
  readonly onBall: boolean;
  readonly user: Seat;
  readonly screener: Seat;
  readonly sx: number;
  readonly sy: number;
  /** The way the user runs as he passes the spot. */
  readonly wx: number;
  readonly wy: number;
  /** From the spot to where he passes it; away from the rim when he does not. */
  readonly nx: number;
  readonly ny: number;
  /** Where its screener came from, feet. */
  readonly fromX: number;
  readonly fromY: number;
  /** From where he was when it began to the spot. */
  readonly ux: number;
  readonly uy: number;
  readonly used: boolean;
  readonly slip: boolean;
  readonly back: boolean;
  readonly called: boolean;
  readonly begins: number;
  readonly arrives: number;
  readonly set: number;
  readonly starts: number;
  readonly uses: number;
  readonly leaves: number;
  /** When it is over whatever happens: a handoff that was only shown. */
  readonly until: number;
  readonly coverage: OnBall | OffBall;
  /** Who tags the man who rolls from it: as told for it, else as they play all; and a man who is named for it. */
  readonly help: Help;
  readonly tags: Seat | None;

  phase: number;
  /** When each phase began, seconds; Infinity for one that has not. */
  readonly since: [number, number, number, number, number];
  /** The two defenders, once it is seen coming: the user's and the screener's. */
  userMan: Seat;
  screenerMan: Seat;
  swapped: boolean;
  /** Seconds his man has fought over the screen. */
  fought: number;
  /** Since when the user's man is back in front of him. */
  backSince: number;
  /** The anchor of a push to the side, and whether the ball has got past it. */
  ax: number;
  ay: number;
  dx: number;
  dy: number;
  anchored: boolean;
  passed: boolean;
  /** It has got past him on the side they push it to. */
  asPushed: boolean;
  /** Whether it was decided who tags the man who leaves the screen; who does, and who splits two for him. */
  decided: boolean;
  tagger: Seat | None;
  splitter: Seat | None;
  splitFirst: Seat;
  splitSecond: Seat;
}

const start = () => ({
  phase: PHASE.idle as number,
  since: [0, Infinity, Infinity, Infinity, Infinity] as [number, number, number, number, number],
  userMan: 0 as Seat,
  screenerMan: 0 as Seat,
  swapped: false,
  fought: 0,
  backSince: Infinity,
  ax: 0,
  ay: 0,
  dx: 0,
  dy: 0,
  anchored: false,
  passed: false,
  asPushed: false,
  decided: false,
  tagger: NONE as Seat | None,
  splitter: NONE as Seat | None,
  splitFirst: 0 as Seat,
  splitSecond: 0 as Seat,
});

/** Every screen and handoff of a line, in order of their actions. */
export function contextsOf(rails: Rails, plan: ManPlan): Context[] {
  const { timeline } = rails;
  const out: Context[] = [];
  for (const s of timeline.screens) {
    const user = seatOf(s.user);
    const screener = seatOf(s.by);
    if (user === screener) continue;
    const screen = timeline.actions.find((a) => a.action.id === s.action)!;
    const { starts, uses, onBall } = screenUse(timeline, s);
    const own = screen.action.does === 'screen' ? screen.action : undefined;
    out.push({
      index: out.length,
      action: s.action,
      handoff: false,
      onBall,
      user,
      screener,
      ...ways(rails, user, s.at.x, s.at.y, screen.start, s.used ? uses : null),
      ...cameFrom(rails, screener, screen.start),
      used: s.used !== null,
      slip: s.slip,
      back: own?.back ?? false,
      called: own?.called ?? false,
      begins: screen.start,
      arrives: s.arrive,
      set: s.slip ? Infinity : s.set,
      starts,
      uses,
      leaves: s.left,
      until: Infinity,
      coverage: coverageOf(plan, s.action, onBall, false),
      ...helpOf(plan, s.action),
      ...start(),
    });
  }
  for (const a of timeline.actions) {
    if (a.action.does !== 'handoff' || a.action.to === a.action.by) continue;
    out.push(handoff(rails, plan, a, out.length));
  }
  for (const k of keepsOf(rails)) out.push(kept(rails, plan, k, out.length));
  return out;
}

/** A handoff that is shown and kept is met like one until so long after the keeper goes (s). */
const KEPT = 0.35;

/** A handoff that is only shown, as two defenders meet it: like one, until they see that the ball was kept. */
function kept(rails: Rails, plan: ManPlan, k: Keep, index: number): Context {
  const { timeline } = rails;
  const user = seatOf(k.runner);
  const stopped = lastMove(timeline, k.keeper, k.at);
  const arrives = stopped ? Math.min(stopped.end, k.at) : 0;
  return {
    index,
    action: k.action,
    handoff: true,
    onBall: true,
    user,
    screener: seatOf(k.keeper),
    ...ways(rails, user, k.place.x, k.place.y, Math.max(0, k.at - TO_HANDOFF), k.at),
    ...cameFrom(rails, seatOf(k.keeper), stopped?.start ?? 0),
    used: true,
    slip: false,
    back: false,
    called: false,
    begins: Math.max(0, k.at - TO_HANDOFF),
    arrives,
    set: arrives,
    starts: Math.max(k.starts, k.at - TO_HANDOFF),
    uses: k.at,
    leaves: k.goes,
    until: k.goes + KEPT,
    coverage: coverageOf(plan, k.action, true, true),
    ...helpOf(plan, k.action),
    ...start(),
  };
}

function handoff(rails: Rails, plan: ManPlan, a: TimedAction, index: number): Context {
  const { timeline } = rails;
  const to = a.action.does === 'handoff' ? a.action.to : '1';
  const user = seatOf(to);
  const giver = seatOf(a.action.by);
  const at = a.events.catch ?? a.start;
  const came = lastMove(timeline, to, at);
  const stopped = lastMove(timeline, a.action.by, at);
  const next = timeline.moves[a.action.by].find((m) => m.start >= at - 1e-6);
  const spot = onRails(rails, Math.round(at / rails.dt), giver, { x: 0, y: 0, vx: 0, vy: 0 });
  const arrives = stopped ? Math.min(stopped.end, at) : 0;
  return {
    index,
    action: a.action.id,
    handoff: true,
    onBall: true,
    user,
    screener: giver,
    ...ways(rails, user, spot.x, spot.y, Math.max(0, at - TO_HANDOFF), at),
    ...cameFrom(rails, giver, stopped?.start ?? 0),
    used: true,
    slip: false,
    back: false,
    called: false,
    begins: Math.max(0, at - TO_HANDOFF),
    arrives,
    set: arrives,
    starts: Math.max(came?.start ?? at, at - TO_HANDOFF),
    uses: at,
    leaves: next?.start ?? timeline.end,
    until: Infinity,
    coverage: coverageOf(plan, a.action.id, true, true),
    ...helpOf(plan, a.action.id),
    ...start(),
  };
}

function helpOf(plan: ManPlan, action: string): Pick<Context, 'help' | 'tags'> {
  const own = plan.own.find((o) => o.action === action);
  return { help: own?.help ?? plan.help, tags: own?.tag ?? NONE };
}

function cameFrom(rails: Rails, screener: Seat, start: number): { fromX: number; fromY: number } {
  const { x, y } = onRails(rails, Math.round(start / rails.dt), screener, { x: 0, y: 0, vx: 0, vy: 0 });
  return { fromX: x, fromY: y };
}

const lastMove = (timeline: Timeline, player: (typeof PLAYERS)[number], t: number): TimedAction | undefined =>
  timeline.moves[player].findLast((m) => m.start < t);

/** The directions of a screen: where its user comes from, how he runs by, and on which side. */
function ways(rails: Rails, user: Seat, sx: number, sy: number, begins: number, uses: number | null) {
  const { court, dt } = rails;
  const at = (t: number): Moving => onRails(rails, Math.round(t / dt), user, { x: 0, y: 0, vx: 0, vy: 0 });
  const from = at(begins);
  const u = norm(sx - from.x, sy - from.y);
  // Away from the rim, across the way to the spot.
  const off = { x: -u.y, y: u.x };
  const outward = off.x * sx + off.y * (sy - court.rimY) >= 0 ? off : { x: -off.x, y: -off.y };
  if (uses === null) return { sx, sy, wx: u.x, wy: u.y, nx: outward.x, ny: outward.y, ux: u.x, uy: u.y };
  const by = at(uses);
  const w = norm(by.vx, by.vy);
  const n = norm(by.x - sx, by.y - sy);
  const goes = w.x === 0 && w.y === 0 ? u : w;
  const side = n.x === 0 && n.y === 0 ? outward : n;
  return { sx, sy, wx: goes.x, wy: goes.y, nx: side.x, ny: side.y, ux: u.x, uy: u.y };
}

function norm(x: number, y: number): { x: number; y: number } {
  const d = Math.sqrt(x * x + y * y);
  return d < 1e-9 ? { x: 0, y: 0 } : { x: x / d, y: y / d };
}

/** Moves a context on by what can be seen at time t; `lag` is how late they see it, seconds. */
export function advance(c: Context, t: number, lag: number, px: number, py: number): void {
  const seen = t - lag;
  if (c.phase === PHASE.idle && seen >= Math.max(c.begins, c.arrives - ALERT)) c.phase = PHASE.alert;
  if (c.phase === PHASE.alert && seen >= c.starts) c.phase = PHASE.use;
  if (c.phase === PHASE.use) {
    const by = t >= c.uses && (px - c.sx) * c.wx + (py - c.sy) * c.wy > 0.6;
    if (by || t >= c.leaves + 0.35 + (c.slip ? 1 : 0) || t >= c.uses + 1.2) c.phase = PHASE.after;
  }
}
