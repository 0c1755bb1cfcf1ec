import { PLAYERS, type PlayerId } from '../alignment/library.ts';
import { behindArc, distanceToRim, inLane } from '../court/queries.ts';
import type { Court } from '../court/court.ts';
import { nearestOnCurve, through } from '../geometry/curve.ts';
import { degrees, distance, unit, type Point } from '../geometry/vec.ts';
import type { ActionOf } from './document.ts';
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

/** The screen of this frame that a mover uses, if his path comes by one set for him. */
export function screenUsed(walk: FrameWalk, step: Step): ScreenStep | undefined {
  const path = pathOf(step.action);
  if (path.length === 0) return undefined;
  const curve = through(step.before.places[step.action.by], path);
  return walk.steps
    .filter(isScreen)
    .find(
      (s) =>
        s.action.for === step.action.by &&
        nearestOnCurve(curve, s.after.places[s.action.by]).distance <= USES_WITHIN,
    );
}

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
  const ball = ballPoint(walk.before, court);
  const toRim = distanceToRim(court, to) <= 7;
  const used = screenUsed(walk, step);
  const previous = earlier.at(-1);
  const before2 = [...(previous?.steps ?? []), ...walk.steps.slice(0, walk.steps.indexOf(step))].filter(
    (s) => s.action.by === action.by,
  );
  const last = before2.at(-1)?.action;

  if (last?.does === 'screen') {
    if (last.slip) return 'slip';
    if (toRim) return 'roll';
    if (behindArc(court, to)) return 'pop';
    return inLane(court, to) ? 'shortRoll' : undefined;
  }
  if (used) {
    if (toRim) return 'curl';
    return distance(to, ball) > distance(from, ball) + 4 ? 'fade' : 'straight';
  }
  const justPassed = last?.does === 'pass';
  if (toRim) {
    if (justPassed) return 'giveAndGo';
    const drive = walk.steps.find((s) => s.action.does === 'dribble' && s.action.by !== action.by);
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
  if (low(to) && !inLane(court, to) && from.y > to.y) return 'postUp';
  const vacated = PLAYERS.find(
    (p) =>
      p !== action.by && distance(walk.before.places[p], to) <= 3 && distance(walk.after.places[p], to) > 6,
  );
  if (vacated) return distance(walk.after.places[vacated], from) <= 3 ? 'exchange' : 'replace';
  if (!sameSide && corner(to)) return 'clear';
  return undefined;
}

export function screenKind(
  court: Court,
  walk: FrameWalk,
  step: Step & { action: ActionOf<'screen'> },
): ScreenKind | undefined {
  const { action } = step;
  if (action.kind) return action.kind;
  const user = step.before.places[action.for];
  const spot = step.after.places[action.by];
  const dribbles = walk.steps.some((s) => s.action.does === 'dribble' && s.action.by === action.for);
  if (holderOf(step.before) === action.for || dribbles) return 'onBall';
  const toward = userGoes(walk, step);
  const low = (p: Point) => p.y < 10 && Math.abs(p.x) < 12;
  if (low(user) && low(spot) && toward && Math.abs(toward.x - user.x) > 8 && toward.y < 12) return 'cross';
  if (toward && distanceToRim(court, toward) <= 8 && user.y > spot.y) return 'back';
  const ball = ballPoint(walk.before, court);
  if (toward && behindArc(court, toward) && distance(toward, ball) > distance(user, ball) + 4) return 'flare';
  // He comes down to a man below him.
  if (user.y < step.before.places[action.by].y) return Math.abs(user.x) > 15 ? 'widePin' : 'pinDown';
  return undefined;
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
