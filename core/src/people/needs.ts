import { PLAYERS, type PlayerId } from '../alignment/library.ts';
import type { Court } from '../court/court.ts';
import { atHighPost, behindArc, distanceToRim, rimOf } from '../court/queries.ts';
import { courtFor } from '../court/rulesets.ts';
import { through } from '../geometry/curve.ts';
import { unit, type Point } from '../geometry/vec.ts';
import type { ActionOf, Play } from '../play/document.ts';
import { catchPlace, cutKind, dribbleKind, passKind, screenKind, screenUsed } from '../play/kinds.ts';
import { holderOf, pathOf, walkLine, type FrameWalk, type Step } from '../play/state.ts';
import { leaves, lineTo, lineThrough, mainLine } from '../play/tree.ts';
import { threePlace } from '../space/shot-worth.ts';
import { SKILLS, type Feat, type Skill } from './player.ts';

/** Something a number does that asks a skill of him: how much, where, and what it is. */
interface Ask {
  readonly skill: Skill;
  readonly weight: number;
  readonly deed: Deed;
  readonly frame: string;
  /** None of what he does by standing there. */
  readonly action: string | null;
}
/** What is done that no clearance is asked for. */
type Plain = (typeof PLAIN)[number];
const PLAIN = ['pass', 'handle', 'finish', 'roll', 'cut', 'first', 'space'] as const;
/** Anything a number does that asks a skill. */
export type Deed = Feat | Plain;

/** A skill that a number needs in a play, and what it comes from; `own` is the coach's own figure. */
export interface Need {
  readonly skill: Skill;
  /** Up to 1.2. */
  readonly weight: number;
  readonly from: readonly Ask[];
  readonly own: boolean;
}
export interface NumberNeeds {
  readonly number: PlayerId;
  readonly needs: readonly Need[];
  readonly duties: ReadonlySet<Feat>;
  /** Drives to his right and to his left, weighed as needs are. */
  readonly drives: { readonly right: number; readonly left: number };
  /** Feet he runs on the play as drawn. */
  readonly feet: number;
}

/** What each thing done asks, from memory of common practice: shares of a main job. */
const ASKS = {
  shot: 1,
  pass: 0.3,
  highPost: 0.6,
  far: 0.7,
  throwIn: 0.6,
  catchHigh: 0.4,
  dribble: 0.2,
  longDribble: 0.4,
  drive: 0.7,
  driveEnds: 0.5,
  screen: 0.6,
  screenBall: 0.8,
  gives: 0.4,
  gets: 0.4,
  seal: 0.7,
  pop: 0.4,
  roll: 0.5,
  rim: 0.4,
  offScreen: 0.4,
  first: 0.4,
  space: 0.3,
} as const;
/** A dribble this long is more than bringing the ball along; a shot this near is a finish (ft). */
const LONG = 8;
const NEAR = 8;
/** A cut that ends so near is one to the rim (ft). */
const TO_RIM = 7;
/** What the best ending behind a frame is counted for, by its place among the looks. */
const BY_ORDER = [1, 0.7, 0.5, 0.35] as const;
/** A need is its largest ask and this share of the others, this much at most; less than the least is none. */
const REST = 0.25;
const MOST = 1.2;
const LEAST = 0.1;

/** Documents are never altered in place: what one needs is worked out once. */
const known = new WeakMap<Play, Record<PlayerId, NumberNeeds>>();

/** What every number of a play needs, from all its lines, as the coach has changed it. */
export function needsOf(play: Play): Record<PlayerId, NumberNeeds> {
  const before = known.get(play);
  if (before) return before;
  const court = courtFor(play);
  const asks = asksOf(play, court);
  const needs = Object.fromEntries(PLAYERS.map((p) => [p, numberOf(play, p, asks)])) as Record<
    PlayerId,
    NumberNeeds
  >;
  known.set(play, needs);
  return needs;
}

type Asked = Ask & { readonly by: PlayerId; readonly drives?: 'left' | 'right' };

function numberOf(play: Play, number: PlayerId, asks: readonly Asked[]): NumberNeeds {
  const mine = asks.filter((a) => a.by === number);
  const real = mine.filter((a) => a.deed !== 'space');
  // Who holds the spacing and nothing else must be worth guarding there.
  const counted = real.length > 0 ? real : mine;
  const own = (play.needs ?? []).filter((n) => n.number === number);
  const needs = SKILLS.flatMap((skill): Need[] => {
    const from = counted.filter((a) => a.skill === skill).sort((a, b) => b.weight - a.weight);
    const said = own.find((n) => n.need === skill);
    const [main = 0, ...rest] = from.map((a) => a.weight);
    const found = Math.min(MOST, main + REST * rest.reduce((n, w) => n + w, 0));
    const weight = said ? Math.min(MOST, Math.max(0, said.weight ?? 1)) : found;
    return weight < LEAST && !said ? [] : [{ skill, weight, from, own: said !== undefined }];
  });
  const side = (hand: 'left' | 'right'): number =>
    mine.reduce((n, a) => (a.drives === hand ? n + a.weight : n), 0);
  return {
    number,
    needs,
    duties: new Set(mine.flatMap((a) => (isDuty(a.deed) ? [a.deed] : []))),
    drives: { right: side('right'), left: side('left') },
    feet: feetOf(play, number),
  };
}
const isDuty = (d: Deed): d is Feat => !(PLAIN as readonly string[]).includes(d);

function feetOf(play: Play, number: PlayerId): number {
  return walkLine(play, mainLine(play))
    .flatMap((w) => w.steps)
    .filter((s) => s.action.by === number && pathOf(s.action).length > 0)
    .reduce((n, s) => n + through(s.before.places[number], pathOf(s.action)).length, 0);
}

/** Everything asked on any line, every action once, counted for the best ending behind its frame. */
function asksOf(play: Play, court: Court): Asked[] {
  const order = endingOrder(play);
  const found = new Map<string, Asked[]>();
  for (const leaf of leaves(play).sort((a, b) => order.get(a.id)! - order.get(b.id)!)) {
    const counts = BY_ORDER[Math.min(order.get(leaf.id)!, BY_ORDER.length - 1)]!;
    const walks = walkLine(play, lineTo(play, leaf.id));
    for (const [i, walk] of walks.entries()) {
      if (found.has(walk.frame.id)) continue;
      const asks = [...(i === 0 ? firstAsk(walk) : []), ...frameAsks(court, walk, walks.slice(0, i))];
      found.set(
        walk.frame.id,
        asks.map((a) => ({ ...a, weight: a.weight * counts })),
      );
    }
  }
  return [...found.values()].flat();
}

/** Which ending is looked for first: by the coach's looks, then as they are drawn. */
function endingOrder(play: Play): Map<string, number> {
  const out = new Map<string, number>();
  const add = (leaf: string): void => {
    if (!out.has(leaf)) out.set(leaf, out.size);
  };
  const looks = play.frames
    .flatMap((f) => (f.looks ?? []).map((l) => ({ l, at: l.frame ?? f.id })))
    .sort((a, b) => a.l.order - b.l.order);
  for (const { at } of looks) if (play.frames.some((f) => f.id === at)) add(lineThrough(play, at).at(-1)!.id);
  for (const { id } of leaves(play)) add(id);
  return out;
}

const firstAsk = (walk: FrameWalk): Asked[] => {
  const by = holderOf(walk.before);
  return by === null || walk.before.thrower === by
    ? []
    : [{ by, skill: 'handle', weight: ASKS.first, deed: 'first', frame: walk.frame.id, action: null }];
};

function frameAsks(court: Court, walk: FrameWalk, earlier: readonly FrameWalk[]): Asked[] {
  const out: Asked[] = [];
  for (const step of walk.steps) {
    const { action } = step;
    const ask = (skill: Skill, weight: number, deed: Deed, by = action.by, more: object = {}): void => {
      out.push({ by, skill, weight, deed, frame: walk.frame.id, action: action.id, ...more });
    };
    askedBy(court, walk, step, earlier, ask);
    // Behind the arc while the rim is attacked: his man must stay with him.
    const attacks = action.does === 'shot' || (action.does === 'dribble' && isDrive(court, step as Dribbled));
    if (attacks)
      for (const p of PLAYERS)
        if (p !== action.by && behindArc(court, step.before.places[p]))
          ask(shotFrom(court, step.before.places[p]), ASKS.space, 'space', p);
  }
  return out;
}

type Asking = (skill: Skill, weight: number, deed: Deed, by?: PlayerId, more?: object) => void;
type Dribbled = Step & { action: ActionOf<'dribble'> };

function askedBy(
  court: Court,
  walk: FrameWalk,
  step: Step,
  earlier: readonly FrameWalk[],
  ask: Asking,
): void {
  const { action, before, after } = step;
  const from = before.places[action.by];
  const to = after.places[action.by];
  switch (action.does) {
    case 'shot': {
      const skill = shotFrom(court, from);
      return ask(skill, ASKS.shot, skill === 'finish' ? 'finish' : skill);
    }
    case 'pass': {
      const kind = passKind(step as Step & { action: ActionOf<'pass'> });
      if (before.thrower === action.by) ask('pass', ASKS.throwIn, 'throwIn');
      else if (kind === 'skip' || kind === 'lob') ask('pass', ASKS.far, kind);
      else if (kind === 'bounce') ask('pass', ASKS.far, 'pass');
      else if (atHighPost(court, from)) ask('pass', ASKS.highPost, 'highPost');
      else ask('pass', ASKS.pass, 'pass');
      const there = catchPlace(walk, step, action.to);
      if (atHighPost(court, there)) ask('post', ASKS.catchHigh, 'highPost', action.to);
      return;
    }
    case 'handoff':
      ask('screen', ASKS.gives, 'handoff');
      ask('pass', ASKS.pass, 'pass');
      return ask('handle', ASKS.gets, 'handle', action.to);
    case 'dribble': {
      if (!isDrive(court, step as Dribbled)) {
        const long = through(from, action.path).length >= LONG;
        return ask('handle', long ? ASKS.longDribble : ASKS.dribble, 'handle');
      }
      const drives = sideOf(court, from, action.path[0]!);
      ask('handle', ASKS.drive, 'drive', action.by, drives ? { drives } : {});
      if (dribbleKind(court, step as Dribbled) === 'drive') ask('finish', ASKS.driveEnds, 'finish');
      return;
    }
    case 'screen': {
      const kind = screenKind(court, walk, step as Step & { action: ActionOf<'screen'> });
      const onBall = kind !== undefined && ON_BALL.has(kind);
      ask('screen', onBall ? ASKS.screenBall : ASKS.screen, onBall ? 'screenBall' : 'screenOff');
      if (action.slip) ask('finish', ASKS.roll, 'roll');
      return;
    }
    case 'seal':
      return ask('post', ASKS.seal, 'seal');
    case 'cut': {
      const kind = cutKind(court, walk, step as Step & { action: ActionOf<'cut'> }, earlier);
      if (kind === 'pop' && behindArc(court, to))
        return ask(shotFrom(court, to), ASKS.pop, deedOf(court, to));
      if (kind === 'roll' || kind === 'slip') return ask('finish', ASKS.roll, 'roll');
      if (distanceToRim(court, to) <= TO_RIM) return ask('finish', ASKS.rim, 'cut');
      if (behindArc(court, to) && screenUsed(walk, step, earlier.at(-1)))
        ask(shotFrom(court, to), ASKS.offScreen, deedOf(court, to));
      return;
    }
    default:
      return;
  }
}

const ON_BALL: ReadonlySet<string> = new Set(['onBall', 'stepUp', 'drag', 'ghost', 'rescreen']);

const isDrive = (court: Court, step: Dribbled): boolean => {
  const kind = dribbleKind(court, step);
  return kind === 'drive' || kind === 'attack' || kind === 'reject';
};

/** What a shot from a place asks. */
function shotFrom(court: Court, p: Point): Skill & (Feat | 'finish') {
  if (distanceToRim(court, p) <= NEAR) return 'finish';
  if (!behindArc(court, p)) return 'mid';
  return SHOOTS[threePlace(court, p)];
}
const SHOOTS = { corner: 'shootCorner', wing: 'shootWing', top: 'shootTop' } as const;
const deedOf = (court: Court, p: Point): Deed => shotFrom(court, p);

/** To which side of the straight way to the rim a man goes, as he faces it; null when he goes straight. */
function sideOf(court: Court, from: Point, first: Point): 'left' | 'right' | null {
  const rim = unit(from, rimOf(court));
  const way = unit(from, first);
  // Facing the basket, that is down the page of the document, his right is to its left of the way.
  const across = way.x * -rim.y + way.y * rim.x;
  return Math.abs(across) < STRAIGHT ? null : across > 0 ? 'right' : 'left';
}
/** Sine of 8°: nearer to the straight way no hand is asked. */
const STRAIGHT = 0.14;
