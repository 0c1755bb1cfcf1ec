import { recognise } from '../alignment/recognise.ts';
import type { Court } from '../court/court.ts';
import { courtFor } from '../court/rulesets.ts';
import { nearestSpot } from '../court/spots.ts';
import type { Point } from '../geometry/vec.ts';
import type { ActionOf, Frame, Level, Play, Read } from '../play/document.ts';
import { cutKind, dribbleKind, passKind, screenKind } from '../play/kinds.ts';
import { readKind } from '../play/read-at.ts';
import { pathOf, walkLine, type FrameWalk, type Step } from '../play/state.ts';
import { leaves, lineTo, mainLine } from '../play/tree.ts';

/** What has to be learnt once, by its key ("screen:flare"), and the minutes that takes a team. */
export type Concepts = ReadonlyMap<string, number>;

/** What a line of a play teaches: its concepts and the patterns of its frames, each with its minutes. */
interface Lesson {
  /** The last frame of the line. */
  readonly leaf: string;
  readonly main: boolean;
  readonly concepts: Concepts;
  /** Patterns of frames that the line as drawn has not: a frame whose pattern is known costs nothing. */
  readonly patterns: Concepts;
}

/** Minutes a concept costs a high school team, from memory of common practice. */
const COSTS = {
  alignment: 2,
  throwIn: 1,
  screen: 1,
  screenKind: 2,
  way: 1,
  handoff: 2,
  handoffPlace: 1,
  entry: 1.5,
  cut: 1.5,
  far: 1,
  drive: 1,
  spacing: 0.5,
  read: 1,
  readOn: 1,
  call: 0.5,
  frame: 1,
  endingFrame: 0.5,
} as const;

/** How much longer or shorter a team of a level takes (from memory). */
const LEARNS: Readonly<Record<Level, number>> = { youth: 1.5, highSchool: 1, college: 0.75, pro: 0.5 };

const SPACING: ReadonlySet<string> = new Set([
  'lift',
  'drift',
  'fill',
  'replace',
  'exchange',
  'clear',
  'space',
]);
const WAYS: ReadonlySet<string> = new Set(['curl', 'straight', 'fade', 'rub', 'overTheTop', 'shuffle']);
const SCREENER: ReadonlySet<string> = new Set(['roll', 'pop', 'slip', 'shortRoll']);
const SAME_SCREEN: Readonly<Record<string, string>> = { widePin: 'pinDown', rescreen: 'onBall' };

/** Documents are never altered in place: what one teaches is worked out once. */
const known = new WeakMap<Play, readonly Lesson[]>();

/** What every line of a play teaches, the line as drawn first. Minutes are those of the play's level. */
function lessonsOf(play: Play): readonly Lesson[] {
  const before = known.get(play);
  if (before) return before;
  const court = courtFor(play);
  const main = mainLine(play);
  const first = main.at(-1)!.id;
  const shared = new Set(main.map((f) => f.id));
  const ends = [first, ...leaves(play).flatMap((f) => (f.id === first ? [] : [f.id]))];
  const lessons = ends.map((leaf) => lessonOf(play, court, lineTo(play, leaf), leaf === first, shared));
  known.set(play, lessons);
  return lessons;
}

function lessonOf(
  play: Play,
  court: Court,
  line: readonly Frame[],
  main: boolean,
  shared: ReadonlySet<string>,
): Lesson {
  const pace = LEARNS[play.level];
  const concepts = new Map<string, number>();
  const patterns = new Map<string, number>();
  const add = (key: string, minutes: number): void => void concepts.set(key, minutes * pace);
  startConcepts(play, court, add);
  const walks = walkLine(play, line);
  walks.forEach((walk, i) => {
    const earlier = walks.slice(0, i);
    if (walk.frame.read) readConcepts(court, walk.frame.read, earlier, add);
    const rows: string[] = [];
    for (const step of walk.steps) {
      const kind = stepConcepts(court, walk, step, earlier, add);
      if (!step.action.background && !SPACING.has(kind ?? '')) rows.push(rowOf(court, step, kind));
    }
    if (rows.length > 0 && (main || !shared.has(walk.frame.id)))
      patterns.set(rows.sort().join(' | '), (main ? COSTS.frame : COSTS.endingFrame) * pace);
  });
  return { leaf: line.at(-1)!.id, main, concepts, patterns };
}

type Add = (key: string, minutes: number) => void;

function startConcepts(play: Play, court: Court, add: Add): void {
  const named = play.start.alignment ?? recognise(court, play.start.places)?.alignment.key;
  if (play.start.throwIn)
    add(`throwIn:${play.start.throwIn === 'baseline' ? 'baseline' : 'sideline'}`, COSTS.throwIn);
  else if (named) add(`alignment:${named}`, COSTS.alignment);
  if (play.call?.word) add(`call:${play.call.word.toLowerCase()}`, COSTS.call);
}

/** What is read, and on what; that nobody reacts off the ball has to be taught to nobody. */
function readConcepts(court: Court, read: Read, earlier: readonly FrameWalk[], add: Add): void {
  const on = readOn(court, read, earlier);
  if (read.does === 'stay' && on !== 'onBall') return;
  if (read.does === 'own') return;
  add(`read:${read.does}`, COSTS.read);
  add(`on:${on}`, COSTS.readOn);
}

const HELP: ReadonlySet<string> = new Set(['weakCorner', 'strongCorner', 'top', 'rotation', 'helps', 'none']);
const ZONE: ReadonlySet<string> = new Set(['goes', 'stays']);

/** What a read is on: the last screen, handoff, drive or back cut before it. */
function readOn(court: Court, read: Read, earlier: readonly FrameWalk[]): string {
  if (HELP.has(read.does)) return 'help';
  if (ZONE.has(read.does)) return 'zone';
  for (const [i, walk] of [...earlier.entries()].reverse())
    for (const step of [...walk.steps].reverse()) {
      const kind = readKind(court, step);
      if (kind === 'ballScreen') return 'onBall';
      if (kind === 'offScreen') return 'offBall';
      if (kind === 'handoff' || kind === 'drive') return kind;
      if (
        step.action.does === 'cut' &&
        cutKind(court, walk, step as Step & { action: ActionOf<'cut'> }, earlier.slice(0, i)) === 'back'
      )
        return 'backCut';
    }
  return 'pass';
}

/** Adds what a step teaches, and says what kind of its verb it is. */
function stepConcepts(
  court: Court,
  walk: FrameWalk,
  step: Step,
  earlier: readonly FrameWalk[],
  add: Add,
): string | undefined {
  const { action, before, after } = step;
  switch (action.does) {
    case 'screen': {
      const found = screenKind(court, walk, step as Step & { action: ActionOf<'screen'> });
      const kind = found && (SAME_SCREEN[found] ?? found);
      const onBall = kind === 'onBall' || kind === 'stepUp' || kind === 'drag' || kind === 'ghost';
      add(`screen:${onBall ? 'ball' : 'off'}`, COSTS.screen);
      if (kind) add(`screen:${kind}`, COSTS.screenKind);
      if (action.slip) add('screener:slip', COSTS.way);
      return kind;
    }
    case 'cut': {
      const kind = cutKind(court, walk, step as Step & { action: ActionOf<'cut'> }, earlier);
      if (!kind) {
        // A walk without a name keeps the spacing; a step at the same spot is nothing to be taught.
        const goes = regionOf(court, before.places[action.by]) !== regionOf(court, after.places[action.by]);
        if (goes) add('spacing:space', COSTS.spacing);
        return undefined;
      }
      if (SCREENER.has(kind)) add(`screener:${kind}`, COSTS.way);
      else if (SPACING.has(kind)) add(`spacing:${kind}`, COSTS.spacing);
      else if (kind === 'duckIn' || kind === 'postUp') add('seal', COSTS.cut);
      else if (WAYS.has(kind)) add(`way:${kind}`, COSTS.way);
      else add(`cut:${kind}`, COSTS.cut);
      return kind;
    }
    case 'handoff':
      add('handoff', COSTS.handoff);
      add(`handoff:${regionOf(court, before.places[action.by])}`, COSTS.handoffPlace);
      return undefined;
    case 'pass': {
      const kind = passKind(step as Step & { action: ActionOf<'pass'> });
      if (kind === 'skip' || kind === 'lob') add(`pass:${kind}`, COSTS.far);
      const entry = entryAt(regionOf(court, after.places[action.to]));
      if (entry && kind !== 'lob') add(`entry:${entry}`, COSTS.entry);
      return kind;
    }
    case 'dribble': {
      const kind = dribbleKind(court, step as Step & { action: ActionOf<'dribble'> });
      if (kind === 'drive' || kind === 'attack' || kind === 'reject') add('drive', COSTS.drive);
      return kind;
    }
    case 'seal':
      add('seal', COSTS.cut);
      return undefined;
    default:
      return undefined;
  }
}

const entryAt = (region: string): string | undefined =>
  region === 'elbow' || region === 'nail' || region === 'highPost'
    ? 'elbow'
    : region === 'block' || region === 'short' || region === 'dunker'
      ? 'post'
      : undefined;

/** A named spot without its side. */
const regionOf = (court: Court, p: Point): string => nearestSpot(court, p).spot.family;

/** A step as a pattern knows it: what, of what kind, from where to where; neither side nor number. */
function rowOf(court: Court, { action, before, after }: Step, kind: string | undefined): string {
  const from = regionOf(court, before.places[action.by]);
  const to =
    action.does === 'pass' || action.does === 'handoff'
      ? regionOf(court, after.places[action.to])
      : pathOf(action).length > 0
        ? regionOf(court, after.places[action.by])
        : '';
  return [action.does, kind ?? '', from, to].join(' ');
}

/** What is a drill of its own: things done and reads. Calls, sets and whole movements are learnt in their play. */
const DRILLS: ReadonlySet<string> = new Set([
  ...['screen', 'way', 'cut', 'screener', 'handoff', 'entry', 'seal', 'pass', 'drive', 'read', 'on'],
]);
export const isDrillable = (key: string): boolean => DRILLS.has(key.split(':')[0]!);

/** All a play teaches, on any of its lines, or on those that are named. */
export function teaches(
  play: Play,
  named?: readonly string[],
): { readonly concepts: Concepts; readonly patterns: Concepts } {
  const lessons = lessonsOf(play).filter((l) => !named || named.includes(l.leaf));
  const patterns = new Map<string, number>();
  // What the line as drawn has costs as it does there, whichever ending has it too.
  for (const l of lessons) for (const [k, m] of l.patterns) if (!patterns.has(k)) patterns.set(k, m);
  return { concepts: new Map(lessons.flatMap((l) => [...l.concepts])), patterns };
}

/** What a play would cost a team that knows some things, in minutes, and what of it the team knows. */
export interface Novelty {
  readonly minutes: number;
  readonly shares: readonly string[];
  readonly learns: Concepts;
}

/** Of the whole play, or of the lines that are named. */
export function noveltyOf(play: Play, knows: ReadonlySet<string>, named?: readonly string[]): Novelty {
  const { concepts, patterns } = teaches(play, named);
  const learns = new Map([...concepts].filter(([k]) => !knows.has(k)));
  const frames = [...patterns].filter(([k]) => !knows.has(k));
  return {
    minutes: [...learns, ...frames].reduce((n, [, m]) => n + m, 0),
    shares: [...concepts.keys()].filter((k) => knows.has(k)),
    learns,
  };
}

/** Everything a team knows once it has learnt some plays. */
export const knownBy = (plays: readonly Play[]): ReadonlySet<string> =>
  new Set(
    plays.flatMap((p) => {
      const { concepts, patterns } = teaches(p);
      return [...concepts.keys(), ...patterns.keys()];
    }),
  );

/** Costs that differ by less are about the same (minutes). */
export const ABOUT = 1.5;

/** Of some plays the order in which each next one costs least, given what the team knows already; ties by name. */
export function cheapestOrder(
  plays: readonly Play[],
  knows: ReadonlySet<string>,
): { readonly play: Play; readonly novelty: Novelty }[] {
  const left = [...plays].sort((a, b) => (a.name < b.name ? -1 : 1));
  const has = new Set(knows);
  const order: { play: Play; novelty: Novelty }[] = [];
  while (left.length > 0) {
    const rated = left.map((play) => ({ play, novelty: noveltyOf(play, has) }));
    const next = rated.reduce((a, b) => (b.novelty.minutes < a.novelty.minutes - 1e-9 ? b : a));
    order.push(next);
    left.splice(left.indexOf(next.play), 1);
    for (const key of knownBy([next.play])) has.add(key);
  }
  return order;
}
