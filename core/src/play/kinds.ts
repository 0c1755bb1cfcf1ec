import { PLAYERS, type PlayerId } from '../alignment/library.ts';
import { behindArc, distanceToRim, inLane } from '../court/queries.ts';
import type { Court } from '../court/court.ts';
import { nearestOnCurve, through } from '../geometry/curve.ts';
import { degrees, distance, unit, type Point } from '../geometry/vec.ts';
import type { ActionOf, Place, Verb } from './document.ts';
import { holderOf, pathOf, type FloorState, type FrameWalk, type Step } from './state.ts';

export type CutKind = NonNullable<ActionOf<'cut'>['kind']>;
export type ScreenKind = NonNullable<ActionOf<'screen'>['kind']>;
export type DribbleKind = NonNullable<ActionOf<'dribble'>['kind']>;
export type PassKind = NonNullable<ActionOf<'pass'>['kind']>;

/** A cutter uses a screen when he passes this close to it (feet). */
export const USES_WITHIN = 4.5;
/** A pass longer than this across the middle of the floor is a skip (feet, common practice). */
const SKIP_FROM = 26;

const ballPoint = (s: FloorState, court: Court): Point =>
  s.ball.at === 'player' ? s.places[s.ball.player] : { x: 0, y: court.rimY };

type ScreenStep = Step & { action: ActionOf<'screen'> };
const isScreen = (s: Step): s is ScreenStep => s.action.does === 'screen';

/** What was drawn before an action in its frame: later lines don't change what it is called. */
function soFar(walk: FrameWalk, step: Step): readonly Step[] {
  const i = walk.steps.findIndex((s) => s.action.id === step.action.id);
  return i < 0 ? walk.steps : walk.steps.slice(0, i);
}

/** What is done with the ball in hand. */
const PLAYS_BALL: ReadonlySet<Verb> = new Set<Verb>(['pass', 'dribble', 'handoff', 'shot', 'fake']);

/** The run on which a man meets a pass or handoff of his frame: his last one before he plays the ball himself. */
export function meetingRun(walk: FrameWalk, step: Step, to: PlayerId): Step | undefined {
  const from = walk.steps.findIndex((s) => s.action.id === step.action.id);
  const his = walk.steps.map((s, i) => ({ s, i })).filter(({ s }) => s.action.by === to);
  const plays = his.find(({ s, i }) => i > from && PLAYS_BALL.has(s.action.does))?.i ?? Infinity;
  return his.findLast(
    ({ s, i }) =>
      i < plays && (s.action.does === 'cut' || s.action.does === 'seal') && pathOf(s.action).length > 0,
  )?.s;
}

/** Where a man is when he gets the ball, whatever he does with it later in the frame. */
export function catchPlace(walk: FrameWalk, step: Step, to: PlayerId): Place {
  const run = meetingRun(walk, step, to);
  const ran = run !== undefined && !soFar(walk, step).includes(run);
  return (ran ? run.after : step.before).places[to];
}

/**
 * The screen that a mover uses, if his path comes by one that was set for him: before him in this frame, or in the frame
 * before by a man who still stands there.
 */
export function screenUsed(walk: FrameWalk, step: Step, previous?: FrameWalk): ScreenStep | undefined {
  const path = pathOf(step.action);
  const { by } = step.action;
  if (path.length === 0) return undefined;
  const curve = through(step.before.places[by], path);
  const stands = (s: ScreenStep): boolean =>
    distance(s.after.places[s.action.by], step.before.places[s.action.by]) < 0.5 &&
    !previous!.steps.some(
      (x) => x.action.by === by && pathOf(x.action).length > 0 && !isBefore(previous!, x, s),
    );
  return [
    ...soFar(walk, step).filter(isScreen),
    ...(previous?.steps ?? []).filter(isScreen).filter(stands),
  ].find(
    (s) => s.action.for === by && nearestOnCurve(curve, s.after.places[s.action.by]).distance <= USES_WITHIN,
  );
}

const isBefore = (walk: FrameWalk, a: Step, b: Step): boolean =>
  walk.steps.indexOf(a) < walk.steps.indexOf(b);

/** What kind of cut it is, where the floor tells: the coach's own word wins. */
export function cutKind(
  court: Court,
  walk: FrameWalk,
  step: Step & { action: ActionOf<'cut'> },
  earlier: readonly FrameWalk[] = [],
): CutKind | undefined {
  const { action, before } = step;
  if (action.kind) return action.kind;
  const from = before.places[action.by];
  const to = step.after.places[action.by];
  const ball = ballPoint(before, court);
  const toRim = distanceToRim(court, to) <= 7;
  const previous = earlier.at(-1);
  const used = screenUsed(walk, step, previous);
  const now = soFar(walk, step);
  const last = [...(previous?.steps ?? []), ...now].findLast((s) => s.action.by === action.by)?.action;

  const screened = last?.does === 'screen' ? last : undefined;
  if (screened) {
    if (screened.slip) return 'slip';
    // A roll is off the ball's own screen; whoever screened away from it just goes to the rim.
    const onBall = wasOnBall([...(previous?.steps ?? []), ...now], screened);
    if (toRim) return onBall ? 'roll' : 'basket';
    if (behindArc(court, to)) return 'pop';
    return onBall && inLane(court, to) ? 'shortRoll' : undefined;
  }
  if (last?.does === 'handoff' && toRim) return 'roll';
  if (used) {
    if (toRim) return isBack(court, previous ?? walk, walk, used) ? 'back' : 'curl';
    const away = distance(to, ball) > distance(from, ball) + 4 && behindArc(court, to);
    return away ? 'fade' : 'straight';
  }
  const justPassed = last?.does === 'pass';
  if (toRim) {
    if (justPassed) return 'giveAndGo';
    const drive = now.find((s) => s.action.does === 'dribble' && s.action.by !== action.by);
    if (drive && from.x * drive.after.places[drive.action.by].x < 0) return 'cut45';
    return behindArc(court, from) && distance(from, ball) < 28 && from.y < ball.y + 2 ? 'back' : 'basket';
  }
  const corner = (p: Point) => p.y < 8 && Math.abs(p.x) > court.cornerX - 3;
  const wing = (p: Point) => p.y >= 12 && behindArc(court, p) && Math.abs(p.x) > 12;
  const sameSide = from.x * to.x > 0;
  if (corner(from) && wing(to) && sameSide) return 'lift';
  if (wing(from) && corner(to) && sameSide) return 'drift';
  const low = (p: Point) => p.y < 13 && Math.abs(p.x) < court.laneWidth / 2 + 4;
  if (low(from) && behindArc(court, to) && Math.abs(to.x) < 14) return 'zip';
  if (low(from) && to.y >= 13 && to.y <= 22 && Math.abs(to.x) <= court.laneWidth / 2 + 1.5) return 'flash';
  // Whoever comes from outside cuts there; a man who is inside posts up.
  if (onPost(court, to) && !behindArc(court, from) && distance(from, to) > 3) return 'postUp';
  const vacated = PLAYERS.find(
    (p) => p !== action.by && distance(walk.before.places[p], to) <= 3 && distance(before.places[p], to) > 6,
  );
  if (vacated && moved(now, vacated) !== 'cut') return 'replace';
  if (vacated) return distance(before.places[vacated], from) <= 3 ? 'exchange' : 'replace';
  if (!sameSide && corner(to)) return 'clear';
  return undefined;
}

/** A cutter goes behind his man off a back screen; off any other he curls. */
const isBack = (court: Court, previous: FrameWalk, walk: FrameWalk, used: ScreenStep): boolean =>
  screenKind(court, walk.steps.includes(used) ? walk : previous, used) === 'back';

/** Whether a screen was set for the man who had the ball then. */
const wasOnBall = (steps: readonly Step[], screen: ActionOf<'screen'>): boolean => {
  const step = steps.findLast((s) => s.action === screen);
  if (!step) return false;
  const i = steps.indexOf(step);
  return (
    holderOf(step.before) === screen.for ||
    steps.slice(i).some((s) => s.action.does === 'dribble' && s.action.by === screen.for)
  );
};

/** A man posts up at a block or up the lane from it, a step outside (feet). */
const POST = { out: 3.5, in: 1, low: 5.5, high: 13.5 } as const;
const onPost = (court: Court, p: Point): boolean => {
  const edge = Math.abs(p.x) - court.laneWidth / 2;
  return edge >= -POST.in && edge <= POST.out && p.y >= POST.low && p.y <= POST.high;
};

/** What a man did last of these steps with his feet. */
const moved = (steps: readonly Step[], player: PlayerId): Verb | undefined =>
  steps.findLast((s) => s.action.by === player && pathOf(s.action).length > 0)?.action.does;

/** What kind of screen it is, by where both stand and where the ball is (common practice): the coach's own word wins. */
export function screenKind(
  court: Court,
  walk: FrameWalk,
  step: Step & { action: ActionOf<'screen'> },
): ScreenKind | undefined {
  const { action, before } = step;
  if (action.kind) return action.kind;
  const user = before.places[action.for];
  const from = before.places[action.by];
  const spot = step.after.places[action.by];
  const dribbles = soFar(walk, step).some((s) => s.action.does === 'dribble' && s.action.by === action.for);
  if (holderOf(before) === action.for || dribbles) return 'onBall';
  const low = (p: Point) => p.y < 10 && Math.abs(p.x) < 12;
  if (low(user) && low(spot) && Math.abs(spot.x - from.x) > 8) return 'cross';
  // He comes down, above a man who comes up.
  if (from.y > user.y && spot.y > user.y + 1)
    return Math.abs(user.x) > 15 && Math.abs(spot.x) > court.laneWidth / 2 + 5 ? 'widePin' : 'pinDown';
  if (inLane(court, spot) && !behindArc(court, user)) {
    // In the lane, for one inside: from below him it is a back screen, from beside him a cross screen.
    const below = distanceToRim(court, user) - distanceToRim(court, spot) > 2;
    return below ? 'back' : 'cross';
  }
  const outside = behindArc(court, user);
  const deeper = distanceToRim(court, user) - distanceToRim(court, spot);
  if (outside && deeper > 2) return 'back';
  const ball = ballPoint(before, court);
  return outside && distance(spot, ball) > distance(user, ball) + 1.5 ? 'flare' : undefined;
}

/** Where the user of a screen goes: the end of his next path in the frame. */
function userGoes(walk: FrameWalk, step: Step & { action: ActionOf<'screen'> }): Point | undefined {
  const user = step.action.for;
  const later = walk.steps.filter((s) => s.action.by === user && pathOf(s.action).length > 0);
  return later.length > 0 ? later.at(-1)!.after.places[user] : undefined;
}

/**
 * The direction the screener's back faces, degrees counter-clockwise from +x. Default: toward where
 * the user goes next, in this frame or the following one; else away from the user.
 */
export function screenAngle(
  walk: FrameWalk,
  step: Step & { action: ActionOf<'screen'> },
  next?: FrameWalk,
): number {
  if (step.action.angle !== undefined) return step.action.angle;
  const spot = step.after.places[step.action.by];
  const user = step.after.places[step.action.for];
  const goes =
    userGoes(walk, step) ??
    next?.steps.filter((s) => s.action.by === step.action.for && pathOf(s.action).length > 0)[0]?.after
      .places[step.action.for];
  const v = goes && distance(goes, spot) > 1 ? unit(spot, goes) : unit(user, spot);
  return v.x === 0 && v.y === 0 ? 90 : degrees(v);
}

export function passKind(step: Step & { action: ActionOf<'pass'> }): PassKind {
  if (step.action.kind) return step.action.kind;
  const from = step.before.places[step.action.by];
  const to = step.before.places[step.action.to];
  return distance(from, to) > SKIP_FROM && from.x * to.x < 0 ? 'skip' : 'chest';
}

export function dribbleKind(
  court: Court,
  step: Step & { action: ActionOf<'dribble'> },
): DribbleKind | undefined {
  if (step.action.kind) return step.action.kind;
  const from = distanceToRim(court, step.before.places[step.action.by]);
  const to = distanceToRim(court, step.after.places[step.action.by]);
  if (to <= 8 && from - to > 6) return 'drive';
  return to - from > 4 ? 'retreat' : undefined;
}

/** The player a place would be read as: nearest teammate within `reach` feet, not counting `except`. */
export function playerAt(
  places: Readonly<Record<PlayerId, Point>>,
  p: Point,
  reach: number,
  except?: PlayerId,
): PlayerId | undefined {
  let best: { id: PlayerId; d: number } | undefined;
  for (const id of PLAYERS) {
    const d = distance(places[id], p);
    if (id !== except && d <= reach && (!best || d < best.d)) best = { id, d };
  }
  return best?.id;
}
