import { PLAYERS, type PlayerId } from '../alignment/library.ts';
import { distanceToRim } from '../court/queries.ts';
import type { Court } from '../court/court.ts';
import type { Defended } from '../defence/defended.ts';
import type { ZonePlan } from '../defence/plan.ts';
import { NONE, SEATS, type Seat } from '../geometry/five.ts';
import type { Point } from '../geometry/vec.ts';
import type { Timeline } from '../motion/timeline.ts';
import { positionAt } from '../motion/track.ts';
import type { Frame, Play } from '../play/document.ts';
import { DEFENDERS, type DefenderId } from '../play/vocabulary.ts';
import type { PointOnLine, Reaction } from './points.ts';

/** A dribble that takes the ball so far makes a zone choose as a catch does (ft). */
const CARRIED = 6;
/** What they do is told from where they stand so long after the catch (s). */
const TOLD = 0.8;
/** So near to the ball is on it; so far off a man has to decide whether he goes; so near a second one can trap (ft). */
const ON_BALL = 4.5;
const TO_GO = 3;
const CAN_TRAP = 15;
/** Somebody so near to a man is his as well; a shot from so far outside the arc is none (ft, from memory). */
const CARES = 16;
const TOO_FAR = 3;
/** Where a trap is worth setting: the corners and the sides (ft). */
const SIDE = 15;
/** The high post: one who comes to it steps up (ft). */
const HIGH = { from: 14, to: 22, x: 10 } as const;

const MOVES_BALL: ReadonlySet<string> = new Set(['pass', 'dribble', 'handoff']);
const WORDS: ReadonlySet<Reaction> = new Set<Reaction>(['goes', 'stays', 'stepsUp', 'trap', 'late']);

/** Where the ball comes to rest on a line: each catch, and the end of each dribble that carries it some way. Who catches has seen it coming. */
export function zoneSites(timeline: Timeline): PointOnLine[] {
  const depth = new Map(timeline.bars.map((b, i) => [b.frame, i]));
  const out: PointOnLine[] = [];
  const add = (by: PlayerId, user: PlayerId, frame: string, action: string, at: number): void => {
    const d = depth.get(frame) ?? 0;
    const id = `zone ${by} ${user} ${d}`;
    const common = { kind: 'zone' as const, by, user, depth: d, frame, action, never: [] };
    out.push({ ...common, id, seen: at, reactions: ['goes', 'stays', 'trap'] });
  };
  for (const f of timeline.flights) {
    const a = timeline.actions.find((x) => x.action.id === f.action);
    if (f.receiver !== null && a) add(f.passer, f.receiver, a.frame, f.action, f.arrive);
  }
  for (const { action, frame, run, end } of timeline.actions)
    if (action.does === 'dribble' && run && run.length >= CARRIED)
      add(action.by, action.by, frame, action.id, end);
  return out.sort((a, b) => a.seen - b.seen);
}

/**
 * The sites at which a zone has a choice: the man who would take the ball, or trap with him, has to leave somebody who could shoot, or the
 * coach drew an ending for what they do there. `d` is the line as the zone plays it; who chases a man has no choice.
 */
export function zonePoints(
  sites: readonly PointOnLine[],
  play: Play,
  timeline: Timeline,
  court: Court,
  d: Defended,
  chases: ZonePlan['chases'],
): PointOnLine[] {
  const free = SEATS.filter((s) => chases[s] === NONE);
  return sites.flatMap((p): PointOnLine[] => {
    const at = p.seen;
    const gone = timeline.actions
      .filter((a) => a.start > at + 1e-6 && a.action.by === p.user && MOVES_BALL.has(a.action.does))
      .reduce((t, a) => Math.min(t, a.start), Infinity);
    const then = Math.min(at + TOLD, gone);
    const ball = positionAt(timeline, p.user, then);
    const near = byNearness(d, free, then, ball);
    const readBy = readAtSite(play, p);
    const [nearest, next] = near;
    // Who only shoots there has answered what they did before.
    if (!goesOn(play, timeline, p, at)) return [];
    const man = readBy?.[0] ?? (nearest && DEFENDERS[nearest.seat]) ?? 'x1';
    const his = near.find((n) => DEFENDERS[n.seat] === man);
    const second = readBy?.[1] ?? (next && next.feet <= CAN_TRAP ? DEFENDERS[next.seat] : undefined) ?? null;
    const trapped = near.filter((n) => n.feet <= ON_BALL).length > 1;
    const traps = second !== null && (trapped || Math.abs(ball.x) >= SIDE || reads(play, p, 'trap'));
    const leaves = (n: typeof next): boolean =>
      n !== undefined && leavesSomebody(d, court, timeline, n.seat, p.user, at);
    if (!readBy && !leaves(nearest) && !(traps && leaves(next))) return [];
    const high = ball.y >= HIGH.from && ball.y <= HIGH.to && Math.abs(ball.x) <= HIGH.x;
    const up = high ? 'stepsUp' : 'goes';
    const usual: Reaction = trapped && traps ? 'trap' : (his?.feet ?? Infinity) <= ON_BALL ? up : 'stays';
    const reactions: Reaction[] = [up, 'stays', ...(traps ? (['trap'] as const) : [])];
    return [{ ...p, reactions, zone: { man, second, usual } }];
  });
}

/** Whether the ball is moved on after it came to rest, on this line or by an ending of what they do there. */
const goesOn = (play: Play, timeline: Timeline, p: PointOnLine, at: number): boolean =>
  timeline.actions.some(
    ({ action, start }) => start > at - 1e-6 && action.id !== p.action && MOVES_BALL.has(action.does),
  ) || readsAt(play, p).length > 0;

/** The men of a zone by how far they are from a place at a time, the nearest first; who chases is none of them. */
function byNearness(
  d: Defended,
  free: readonly Seat[],
  t: number,
  at: Point,
): { seat: Seat; feet: number }[] {
  const k = step(d, t);
  return free
    .map((seat) => ({
      seat,
      feet: Math.hypot(d.x[k * 5 + seat]! - at.x, d.y[k * 5 + seat]! - at.y),
    }))
    .sort((a, b) => a.feet - b.feet || a.seat - b.seat);
}

/** Whether a man who takes the ball had to come for it, and was the nearest to somebody else who could shoot. */
function leavesSomebody(
  d: Defended,
  court: Court,
  timeline: Timeline,
  seat: Seat,
  user: PlayerId,
  at: number,
): boolean {
  const k = step(d, at);
  const far = (s: Seat, p: Point): number => Math.hypot(d.x[k * 5 + s]! - p.x, d.y[k * 5 + s]! - p.y);
  if (far(seat, positionAt(timeline, user, at)) < TO_GO) return false;
  return PLAYERS.some((o) => {
    if (o === user) return false;
    const place = positionAt(timeline, o, at);
    if (distanceToRim(court, place) > court.arcRadius + TOO_FAR || far(seat, place) > CARES) return false;
    return SEATS.every((s) => s === seat || far(s, place) >= far(seat, place));
  });
}

const step = (d: Defended, t: number): number =>
  Math.min(d.rails.steps - 1, Math.max(0, Math.round(t / d.rails.dt)));

/** Whether the read of a frame is of what a zone does at a site: it names it, or follows the frame in which the ball came. */
export const isReadAt = (play: Play, p: PointOnLine, { read, parent }: Frame): boolean =>
  read !== undefined &&
  WORDS.has(read.does) &&
  (read.at ? read.at.action === p.action : parent === p.frame && isLast(play, p));
/** The endings a coach drew for what a zone does at a site. */
const readsAt = (play: Play, p: PointOnLine) =>
  play.frames.flatMap((f) => (f.read && isReadAt(play, p, f) ? [f.read] : []));
/** Nothing of its frame moves the ball after it. */
function isLast(play: Play, p: PointOnLine): boolean {
  const actions = play.frames.find((f) => f.id === p.frame)?.actions ?? [];
  const i = actions.findIndex((a) => a.id === p.action);
  return actions.slice(i + 1).every((a) => !MOVES_BALL.has(a.does));
}
const reads = (play: Play, p: PointOnLine, does: Reaction): boolean =>
  readsAt(play, p).some((r) => r.does === does);

/** Whom the coach's endings name there: who chooses, and who traps with him; null where he drew none. */
function readAtSite(play: Play, p: PointOnLine): DefenderId[] | null {
  const named = readsAt(play, p);
  if (named.length === 0) return null;
  const single = named.find((r) => r.does !== 'trap' && r.who?.length === 1)?.who ?? [];
  const pair = named.find((r) => r.does === 'trap')?.who ?? [];
  return [...new Set([...single, ...pair])].sort(
    (a, b) => Number(single.includes(b)) - Number(single.includes(a)) || seatIndex(a) - seatIndex(b),
  );
}
const seatIndex = (d: DefenderId): number => DEFENDERS.indexOf(d);

/** What a zone's men do at a point as a read: who goes, stays, steps up or traps. */
export function zoneActors({ zone }: PointOnLine, does: Reaction): DefenderId[] {
  if (!zone) return [];
  return does === 'trap' && zone.second ? [zone.man, zone.second] : [zone.man];
}
