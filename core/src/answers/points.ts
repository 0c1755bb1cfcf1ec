import type { PlayerId } from '../alignment/library.ts';
import { distanceToRim } from '../court/queries.ts';
import type { Court } from '../court/court.ts';
import type { Point } from '../geometry/vec.ts';
import { screenUse } from '../defence/meet.ts';
import type { ScreenBody, TimedAction, Timeline } from '../motion/timeline.ts';
import { positionAt, speedAt } from '../motion/track.ts';
import type { Read } from '../play/document.ts';
import type { DefenderId, POINT_KINDS } from '../play/vocabulary.ts';

export type Reaction = Read['does'];
/** Where the defence has a choice. */
export type PointKind = (typeof POINT_KINDS)[number];

/** Who of a zone chooses at a catch, who traps with him, and what they do when nobody says otherwise. */
interface ZoneChoice {
  readonly man: DefenderId;
  readonly second: DefenderId | null;
  readonly usual: Reaction;
}

/** A choice of the defence on one line of a play. */
export interface PointOnLine {
  /** The same on every line on which the same two do the same thing as deep in the play. */
  readonly id: string;
  readonly kind: PointKind;
  readonly by: PlayerId;
  /** Who uses the screen, takes the handoff, drives, or is passed to. */
  readonly user: PlayerId;
  readonly depth: number;
  readonly frame: string;
  readonly action: string;
  /** When what they do can be seen, seconds, the team's eye included. */
  readonly seen: number;
  readonly reactions: readonly Reaction[];
  /** Of these the coach has said that they never do it. */
  readonly never: readonly Reaction[];
  /** Of a zone: who of it chooses there. */
  readonly zone?: ZoneChoice;
}

/** Seconds until a team has seen what they do (from memory). */
const EYE = 0.2;
/** A slipper is seen a little before he gets there (s). */
const SLIP_SEEN = 0.3;
/** A drive is met on its way: at this share of it. */
const MET = 0.6;
/** A pass is denied, and a post fronted, before it is thrown (s). */
const BEFORE = 0.7;
/** Near the basket nobody goes under a ball screen, and nobody can be pushed to a side (ft). */
const NEAR = 12;
/** A drive goes so much nearer, and ends so near; a post stands, so near; a screener rolls, so much in so long (ft, s, ft/s). */
const DRIVE = { nearer: 6, ends: 12 } as const;
const POST = { within: 10, slower: 3 } as const;
const ROLLS = { nearer: 1.5, after: 0.9, within: 17 } as const;
/** A pass that can be denied: no longer, to one who is farther out than a post; not so soon after another choice (ft, s). */
const DENIED = { within: 24, apart: 1.5 } as const;
/** A screen so low is not locked from the top (ft). */
const LOW = { y: 9, x: 9 } as const;

/** The choices a man-to-man defence has on a line, in their order (common practice). */
export function pointsOn(timeline: Timeline, court: Court): PointOnLine[] {
  const depth = new Map(timeline.bars.map((b, i) => [b.frame, i]));
  const found: Omit<PointOnLine, 'id' | 'depth' | 'never'>[] = [];
  for (const a of timeline.actions) {
    const { action } = a;
    const add = (kind: PointKind, user: PlayerId, seen: number, reactions: readonly Reaction[]) =>
      found.push({ kind, by: action.by, user, frame: a.frame, action: action.id, seen, reactions });
    if (action.does === 'screen') {
      const body = timeline.screens.find((s) => s.action === action.id);
      if (body) screenPoints(timeline, court, body, add);
    } else if (action.does === 'handoff' && action.to !== action.by) {
      const at = a.events.catch ?? a.end;
      add('handoff', action.to, at + EYE, HANDOFF);
      if (rolls(timeline, court, action.by, at)) add('tag', action.to, at + EYE, TAG);
    } else if (action.does === 'dribble' && isDrive(court, a))
      add('drive', action.by, a.start + MET * (a.end - a.start) + EYE, DRIVES);
  }
  for (const f of timeline.flights) {
    if (f.receiver === null) continue;
    const a = timeline.actions.find((x) => x.action.id === f.action);
    if (!a) continue;
    const seen = Math.max(0, a.start - BEFORE);
    const user = f.receiver;
    const common = { by: f.passer, user, frame: a.frame, action: f.action, seen };
    const far = distanceToRim(court, f.to);
    const waits = speedAt(timeline, user, a.start) < POST.slower;
    if (far <= POST.within && waits) found.push({ ...common, kind: 'entry', reactions: ENTRY });
    else if (
      far > POST.within &&
      deniable(timeline, f.action, Math.hypot(f.from.x - f.to.x, f.from.y - f.to.y))
    )
      found.push({ ...common, kind: 'pass', reactions: PASS });
  }
  const choices = found.filter((p) => p.kind !== 'pass');
  return found
    .filter(
      (p) =>
        p.kind !== 'pass' ||
        !choices.some((c) => c.seen <= p.seen + BEFORE && p.seen + BEFORE - c.seen < DENIED.apart),
    )
    .map((p) => {
      const d = depth.get(p.frame) ?? 0;
      return { ...p, depth: d, id: `${p.kind} ${p.by} ${p.user} ${d}`, never: [] };
    })
    .sort((a, b) => a.seen - b.seen);
}

const ON_BALL: readonly Reaction[] = ['drop', 'level', 'show', 'under', 'switch', 'trap', 'push'];
const HANDOFF: readonly Reaction[] = ['drop', 'show', 'under', 'switch', 'trap'];
const TAG: readonly Reaction[] = ['none', 'weakCorner', 'top', 'strongCorner', 'rotation'];
const DRIVES: readonly Reaction[] = ['helps', 'stays'];
const ENTRY: readonly Reaction[] = ['behind', 'front'];
const PASS: readonly Reaction[] = ['stays', 'deny'];

type Add = (kind: PointKind, user: PlayerId, seen: number, reactions: readonly Reaction[]) => void;

function screenPoints(timeline: Timeline, court: Court, body: ScreenBody, add: Add): void {
  if (!body.used && !body.slip) return;
  const { uses, onBall } = screenUse(timeline, body);
  const seen = (body.slip ? body.arrive - SLIP_SEEN : uses) + EYE;
  if (!Number.isFinite(seen)) return;
  if (!onBall) {
    const low = body.at.y < LOW.y && Math.abs(body.at.x) < LOW.x;
    const back = isBack(timeline, court, body);
    const words: Reaction[] = ['trail', 'under', 'switch'];
    if (!low) words.push('topLock');
    if (back) words.push('bump', 'stay');
    add('offBall', body.user, seen, words);
    return;
  }
  const near = distanceToRim(court, body.at) < NEAR;
  add('onBall', body.user, seen, near ? ON_BALL.filter((r) => r !== 'under' && r !== 'push') : ON_BALL);
  if (rolls(timeline, court, body.by, body.slip ? body.arrive : uses)) add('tag', body.user, seen, TAG);
}

/** The user comes from farther out than the screen stands, and goes on past it at the rim. */
function isBack(timeline: Timeline, court: Court, { at, user, set, used }: ScreenBody): boolean {
  const run = timeline.actions.find((a) => a.action.id === used?.action)?.run;
  const from = distanceToRim(court, positionAt(timeline, user, set));
  const spot = distanceToRim(court, at);
  const to = run ? distanceToRim(court, place(run, run.x.length - 1)) : Infinity;
  return from - spot > 2 && from > NEAR && spot - to > 2;
}

/** Whoever set the screen, or gave the ball, goes to the rim next. */
function rolls(timeline: Timeline, court: Court, who: PlayerId, t: number): boolean {
  const far = (at: number): number => distanceToRim(court, positionAt(timeline, who, at));
  // He leaves a moment after the use: the first stretch of time in which he moves is looked at.
  const move = timeline.moves[who].find((m) => m.end > t + 0.1);
  const from = Math.max(t, move?.start ?? t);
  if (from > t + 1) return false;
  const then = far(from + ROLLS.after);
  return far(from) - then >= ROLLS.nearer && then <= ROLLS.within;
}

function isDrive(court: Court, { run }: TimedAction): boolean {
  if (!run) return false;
  const far = (i: number): number => distanceToRim(court, place(run, i));
  const end = run.x.length - 1;
  return far(0) - far(end) >= DRIVE.nearer && far(end) <= DRIVE.ends;
}
const place = (run: NonNullable<TimedAction['run']>, i: number): Point => ({ x: run.x[i]!, y: run.y[i]! });

/** A pass that they may deny: not the one the line ends with. */
function deniable(timeline: Timeline, action: string, feet: number): boolean {
  const passes = timeline.flights.filter((f) => f.receiver !== null);
  return feet <= DENIED.within && passes.at(-1)?.action !== action;
}
