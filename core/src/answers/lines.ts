import { seatOf, type PlayerId } from '../alignment/library.ts';
import { behindArc, distanceToRim } from '../court/queries.ts';
import type { Court } from '../court/court.ts';
import type { Seat } from '../geometry/five.ts';
import type { Point } from '../geometry/vec.ts';
import { compile } from '../motion/compile.ts';
import type { LevelRecord } from '../motion/level.ts';
import type { Timeline } from '../motion/timeline.ts';
import type { Defence, Frame, Play } from '../play/document.ts';
import { lineTo } from '../play/tree.ts';
import { pointsOn, type PointOnLine } from './points.ts';
import { zoneSites } from './zone-points.ts';

/** A look a line makes: a pass to one who can shoot, or a shot of one who had the ball. */
export interface DrawnLook {
  readonly action: string;
  readonly kind: 'pass' | 'shot';
  readonly player: PlayerId;
  /** When it is drawn to leave, and from when to when it is asked whether it is open; seconds. */
  readonly at: number;
  readonly from: number;
  readonly to: number;
}

/** One line of a play as its answers are judged. */
export interface AnswerLine {
  readonly leaf: string;
  readonly frames: readonly Frame[];
  readonly timeline: Timeline;
  readonly points: readonly PointOnLine[];
  readonly looks: readonly DrawnLook[];
}

/** A pass waits so long; a shot off the dribble is taken so much sooner, and any so much later or sooner (s). */
const WAITS = 0.8;
const PULL = 0.7;
export const ABOUT = 0.2;
/** Nearer than this, or behind the arc but not so far behind it, a catch is a look (ft). */
const NEAR = 12;
const TOO_FAR = 3;
/** Who shoots so soon after his catch has one look (s). */
const AT_ONCE = 1;

/** A line of a play in time, with its points and its looks; against a zone every place where the ball comes to rest is one. */
export function answerLine(
  play: Play,
  leaf: string,
  court: Court,
  record: LevelRecord,
  type: Defence['type'],
): AnswerLine {
  const { timeline } = compile(play, leaf, court, play.level, record);
  return {
    leaf,
    frames: lineTo(play, leaf),
    timeline,
    points: type === 'zone' ? zoneSites(timeline) : pointsOn(timeline, court),
    looks: looksOn(timeline, court, type),
  };
}

function looksOn(timeline: Timeline, court: Court, type: Defence['type']): DrawnLook[] {
  const { flights } = timeline;
  const startOf = (action: string): number =>
    timeline.actions.find((a) => a.action.id === action)?.start ?? 0;
  const caught = (shot: (typeof flights)[number]) =>
    flights.find(
      (f) =>
        f.receiver === shot.passer &&
        f.arrive <= startOf(shot.action) + 1e-6 &&
        startOf(shot.action) - f.arrive < AT_ONCE,
    );
  const dribbles = (player: PlayerId, t: number): boolean =>
    timeline.actions.some(
      (a) =>
        a.action.does === 'dribble' && a.action.by === player && a.end <= t + 1e-6 && t - a.end < AT_ONCE,
    );
  return flights.flatMap((f): DrawnLook[] => {
    const at = startOf(f.action);
    if (f.receiver === null) {
      // A zone chooses at the catch: then his shot is a look of its own.
      if (type === 'man' && caught(f) && !dribbles(f.passer, at)) return [];
      const early = dribbles(f.passer, at) ? PULL : ABOUT;
      return [{ action: f.action, kind: 'shot', player: f.passer, at, from: at - early, to: at + ABOUT }];
    }
    const shoots = flights.some((s) => s.receiver === null && s.passer === f.receiver && caught(s) === f);
    if (!shoots && !isShotFrom(court, f.to)) return [];
    // The passer has it: before that it is not his to throw.
    const has = Math.max(
      0,
      ...flights.filter((g) => g.receiver === f.passer && g.arrive <= at + 1e-6).map((g) => g.arrive),
      ...timeline.actions
        .filter((a) => a.action.does === 'handoff' && a.action.to === f.passer && a.start <= at + 1e-6)
        .map((a) => a.events.catch ?? a.end),
    );
    return [{ action: f.action, kind: 'pass', player: f.receiver, at, from: has, to: f.release + WAITS }];
  });
}

/** A place one would shoot from: near the rim, or behind the arc but not far behind it. */
const isShotFrom = (court: Court, p: Point): boolean =>
  distanceToRim(court, p) <= NEAR ||
  (behindArc(court, p) && distanceToRim(court, p) <= court.arcRadius + TOO_FAR);

/** Who catches the ball before a zone may shoot it at once, drawn or not; null where nobody would, or nobody throws. */
export function catchLook(timeline: Timeline, court: Court, p: PointOnLine): DrawnLook | null {
  const flight = timeline.flights.find((f) => f.action === p.action);
  if (!flight || !isShotFrom(court, flight.to)) return null;
  const { action, user: player, seen: at } = p;
  return { action, kind: 'shot', player, at, from: at, to: at + ABOUT };
}

export const seatFor = (look: DrawnLook): Seat => seatOf(look.player);
