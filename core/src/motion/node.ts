import { seatOf, type PlayerId } from '../alignment/library.ts';
import type { Court } from '../court/court.ts';
import { rimOf } from '../court/queries.ts';
import { through, type Curve } from '../geometry/curve.ts';
import { distance, type Point } from '../geometry/vec.ts';
import type { Action, ActionOf, Tempo } from '../play/document.ts';
import { USES_WITHIN } from '../play/kinds.ts';
import { holderOf, pathOf, type FrameWalk, type Step } from '../play/state.ts';
import { aroundScreens } from './bend.ts';
import { ourMan, TEMPO, type LevelRecord } from './level.ts';
import { nearestOnRun, runAlong, type Run } from './run.ts';
import type { EventName } from './timeline.ts';

/** One lower bound on the moment a node happens. */
export interface Edge {
  readonly from: Vertex;
  /** The action a coach's cue names, where another one's run decides the moment. */
  readonly on?: Vertex;
  readonly kind: 'bar' | 'coach' | 'inferred' | 'player' | 'ball' | 'order';
  /** The earliest moment it allows, once `from` has been timed. */
  readonly at: () => number;
  /** What is waited for, for those that are shown. */
  readonly event?: EventName | 'at';
}

/** Something that gets a time: an action, or the bar line where a frame starts. */
export interface Vertex {
  readonly needs: Edge[];
  time: number;
  binding: Edge | null;
  done: boolean;
}

export interface Bar extends Vertex {
  readonly is: 'bar';
  readonly frame: number;
}

/** One action on its way into time. */
export interface Node extends Vertex {
  readonly is: 'action';
  readonly action: Action;
  readonly step: Step;
  readonly walk: FrameWalk;
  readonly frame: number;
  readonly has: boolean;
  /** Where he stands when it starts: as drawn, or where he really is when he broke a dribble off. */
  from: Point;
  /** The way he runs; null when he stays where he is. What cuts another move short starts where that one was left. */
  curve: Curve | null;
  readonly screens: readonly Point[];
  run: Run | null;
  /** What this man was doing when the read was seen, and leaves for it: an ending's first action only. */
  cuts: Node[];
  /** He has broken a dribble off and not run since: he is not where he is drawn. */
  adrift: boolean;
  /** When he leaves it for what he does in an ending; Infinity when he ends it. */
  left: number;
  end: number;
  events: Partial<Record<EventName, number>>;
  /** Where a pass comes down; null for anything else. */
  aim: Point | null;
  /** When it started the last time all was timed, and what held it; NaN before. */
  was: number;
  wasBound: Edge | null;
  /** Set when the coach's cue was impossible and is left out. */
  untied: boolean;
}

const tempoOf = (action: Action): Tempo => ('tempo' in action && action.tempo ? action.tempo : 'cut');

/** Every action of a line, with the way it takes round the screens set for it. */
export function nodesOf(walks: readonly FrameWalk[], court: Court): Node[] {
  return walks.flatMap((walk, frame) => walk.steps.map((step) => node(walk, step, frame, court, walks)));
}

function node(walk: FrameWalk, step: Step, frame: number, court: Court, walks: readonly FrameWalk[]): Node {
  const { action } = step;
  const from = step.before.places[action.by];
  const path = pathOf(action);
  const moves = path.length > 0;
  const screens =
    moves && (action.does === 'cut' || action.does === 'dribble')
      ? screensFor(action.by, walk, walks[frame - 1])
      : [];
  return {
    is: 'action',
    action,
    step,
    walk,
    frame,
    has: holderOf(step.before) === action.by,
    from,
    curve: moves ? wayOf(action, from, screens, rimOf(court)) : null,
    screens,
    run: null,
    cuts: [],
    adrift: false,
    left: Infinity,
    needs: [],
    time: 0,
    end: 0,
    events: {},
    aim: null,
    was: NaN,
    wasBound: null,
    binding: null,
    done: false,
    untied: false,
  };
}

/** Where screens stand for a man in a frame: those set in it, and those of the frame before that still stand. */
function screensFor(player: PlayerId, walk: FrameWalk, before: FrameWalk | undefined): Point[] {
  const of = (w: FrameWalk) =>
    w.steps.filter((s) => s.action.does === 'screen' && s.action.for === player && !s.action.slip);
  const earlier = before
    ? of(before).filter(
        (s) =>
          distance(before.after.places[s.action.by], s.after.places[s.action.by]) < 0.5 &&
          !walk.steps.some((x) => x.action.by === s.action.by && x.action.does === 'screen'),
      )
    : [];
  return [...earlier, ...of(walk)].map((s) => s.after.places[s.action.by]);
}

/** Ways and runs of actions that did not change since they were last asked for: most of a play after an edit. */
const ways = new WeakMap<Action, { from: Point; screens: readonly Point[]; rim: Point; curve: Curve }>();
const runs = new WeakMap<Curve, { level: LevelRecord; action: Action; from: number; to: number; run: Run }>();
const same = (a: Point, b: Point): boolean => a.x === b.x && a.y === b.y;

function wayOf(action: Action, from: Point, screens: readonly Point[], rim: Point): Curve {
  const kept = ways.get(action);
  if (
    kept &&
    same(kept.from, from) &&
    same(kept.rim, rim) &&
    kept.screens.length === screens.length &&
    kept.screens.every((s, i) => same(s, screens[i]!))
  )
    return kept.curve;
  const path = pathOf(action);
  const curve = screens.length > 0 ? aroundScreens(from, path, screens, rim) : through(from, path);
  ways.set(action, { from, screens, rim, curve });
  return curve;
}

/** The way of an action that starts elsewhere than drawn: its man was on his way when he was called. */
export const wayFrom = (n: Node, from: Point, rim: Point): Curve =>
  n.screens.length > 0
    ? aroundScreens(from, pathOf(n.action), n.screens, rim)
    : through(from, pathOf(n.action));

/** How a node's man runs, from the speed he comes with to the one he goes on with. */
export function runOf(n: Node, all: LevelRecord, from: number, to: number): Run {
  const level = ourMan(all, seatOf(n.action.by));
  const curve = n.curve!;
  const kept = runs.get(curve);
  if (kept && kept.level === level && kept.action === n.action && kept.from === from && kept.to === to)
    return kept.run;
  const run = runAlong(curve, level, {
    tempo: tempoOf(n.action),
    stretches: 'stretches' in n.action ? n.action.stretches : undefined,
    dribbling: n.action.does === 'dribble',
    from,
    to,
  });
  runs.set(curve, { level, action: n.action, from, to, run });
  return run;
}

/** The most a man runs at in an action, ft/s. */
export function topSpeed(n: Node, level: LevelRecord): number {
  const { man } = ourMan(level, seatOf(n.action.by));
  return TEMPO[tempoOf(n.action)].speed * man.speed * (n.action.does === 'dribble' ? man.dribbling : 1);
}

export const isRun = (n: Node): n is Node & { curve: Curve } =>
  n.curve !== null && (n.action.does === 'cut' || n.action.does === 'dribble' || n.action.does === 'seal');

/** An action whose man runs a way. */
export type Runner = Node & { run: Run };
export const isRunner = (n: Node): n is Runner => n.run !== null;

/** When an event of an action happens, seconds. One that this action has not is an error in the code that asks. */
export function happens(n: Node, event: EventName): number {
  const t = n.events[event];
  if (t === undefined) throw new Error(`A ${n.action.does} has no ${event}.`);
  return t;
}

export const isDoes = <D extends Action['does']>(
  n: Node,
  does: D,
): n is Node & { action: ActionOf<D>; step: Step & { action: ActionOf<D> } } => n.action.does === does;

/** How a runner passes a place near enough to use a screen or take a handoff there; null when he does not. */
export function passesBy(n: Node, place: Point): { s: number; distance: number } | null {
  if (!n.run) return null;
  const near = nearestOnRun(n.run, place.x, place.y);
  return near.distance <= USES_WITHIN ? near : null;
}
