import type { PlayerId } from '../alignment/library.ts';
import { distance, type Point } from '../geometry/vec.ts';
import type { ActionOf, PlainCue, Verb } from '../play/document.ts';
import { meetingRun } from '../play/kinds.ts';
import { plainKind } from './flight.ts';
import type { LevelRecord, PassKind } from './level.ts';
import { isDoes, isRun, passesBy, isRunner, type Bar, type Node, type Runner, type Vertex } from './node.ts';
import { distanceAfter, nearestOnRun, placeAfter, timeTo } from './run.ts';
import type { EventName, Fault } from './timeline.ts';

/** A line of frames as actions and bar lines that wait for one another. */
export interface Graph {
  readonly nodes: readonly Node[];
  /** One where each frame starts, and one more at the end. */
  readonly bars: readonly Bar[];
  readonly byId: ReadonlyMap<string, Node>;
  readonly level: LevelRecord;
  readonly rim: Point;
  /** For each frame what its read is seen by; null when it starts where the frame before is over. */
  readonly reads: readonly (PlainCue | null)[];
  /** Where each stands before the first frame. */
  readonly starts: Readonly<Record<PlayerId, Point>>;
  /** Each man's runs, in their order. */
  readonly runs: Readonly<Record<PlayerId, readonly Node[]>>;
  readonly faults: Fault[];
}

/** The runs of a man, in their order. */
export const runsOf = (g: Graph, player: PlayerId): readonly Runner[] =>
  g.runs[player].filter(isRunner).filter((n) => !neverBegun(n));

/** What its man was called away from before he began it. */
export const neverBegun = (n: Node): boolean => n.left <= n.time + 1e-9;

/** Where a man is at a time, by his runs before an action. */
export function whereBefore(g: Graph, n: Node, t: number): { place: Point; run: Runner | undefined } {
  const runs = runsOf(g, n.action.by);
  const mine = runs.slice(0, runs.indexOf(n as Runner) < 0 ? undefined : runs.indexOf(n as Runner));
  const run = mine.findLast((r) => r.time <= t + 1e-9 && r.done);
  const place = run
    ? placeOn(run, distanceAfter(run.run, Math.min(t, run.left) - run.time))
    : g.starts[n.action.by];
  return { place, run };
}

/** The bar line at which all of it is over. */
export function lastBar({ bars }: Graph): Bar {
  const last = bars.at(-1);
  if (!last) throw new Error('A line has a bar at its end.');
  return last;
}

/** A catch is meant this far before the end of a receiver's way (feet): he catches on the move. */
const CATCH_BEFORE_END = 2;

/** The coach has said himself when this starts, and it can. */
export const cued = (n: Node): boolean => n.action.cue !== undefined && !n.untied;

/** Feet into his way at which a receiver means to catch. */
export const catchAt = (n: Node): number => Math.max(0, (n.run?.length ?? 0) - CATCH_BEFORE_END);

/** Where a screener stands. */
export const spotOf = (screen: Node): Point => screen.step.after.places[screen.action.by];

/** Where a runner is after s feet. */
export function placeOn(n: Runner, s: number): Point {
  const out = { x: 0, y: 0 };
  placeAfter(n.run, s, out);
  return out;
}

/** Seconds from his start until a runner is nearest to a place he passes. */
export const reach = (n: Runner, place: Point): number => timeTo(n.run, passesBy(n, place)?.s ?? 0);

/** What each action has besides a start, an end, and moments on the way. */
const HAS: Readonly<Partial<Record<Verb, readonly EventName[]>>> = {
  pass: ['release', 'catch'],
  handoff: ['release', 'catch'],
  screen: ['set', 'used'],
  shot: ['release'],
  dribble: ['firstDribble', 'pickUp'],
};

/** What a cue on an action waits for: the node that decides the moment, and the moment. */
export interface Wait {
  readonly from: Node;
  readonly at: () => number;
  /** The action has such an event; without it its end is waited for. */
  readonly known: boolean;
}

export function waitFor(g: Graph, on: Node, cue: Pick<PlainCue, 'event' | 'at' | 'place'>): Wait {
  const event = cue.event ?? 'end';
  if (event === 'used' && isDoes(on, 'screen')) {
    const user = userOf(g, on);
    return user
      ? { from: user, at: () => user.time + reach(user, spotOf(on)), known: true }
      : { from: on, at: () => on.end, known: false };
  }
  const known =
    event === 'start' || event === 'end' || event === 'at' || (HAS[on.action.does]?.includes(event) ?? false);
  return { from: on, at: () => moment(on, cue), known };
}

/** The moment of the event a cue names; the end when the action has no such event. */
export function moment(on: Node, cue: Pick<PlainCue, 'event' | 'at' | 'place'>): number {
  if (cue.event === 'at') {
    if (!on.run) return on.time + (cue.at ?? 0) * (on.end - on.time);
    const feet = cue.place ? nearestOnRun(on.run, cue.place.x, cue.place.y).s : (cue.at ?? 0) * on.run.length;
    return on.time + timeTo(on.run, feet);
  }
  return on.events[cue.event ?? 'end'] ?? on.end;
}

/** The run on which a man meets a pass or handoff of the frame: his last one before he plays the ball himself. */
export function moverTo({ nodes }: Graph, n: Node, to: PlayerId): Runner | undefined {
  const run = meetingRun(n.walk, n.step, to);
  return run && nodes.filter(isRunner).find((x) => x.frame === n.frame && x.action === run.action);
}

/** The kind a pass flies: the drawn one, else what its length asks for. */
export function kindOfPass(g: Graph, n: Node & { action: ActionOf<'pass'> }): PassKind {
  if (n.action.kind) return n.action.kind;
  const receiver = moverTo(g, n, n.action.to);
  const to = receiver ? placeOn(receiver, catchAt(receiver)) : n.step.before.places[n.action.to];
  return plainKind(distance(n.from, to));
}

/**
 * The move that comes by a screen: in its own frame, else in the next one. A second screen of the same two waits for the
 * user's next move by it: he comes back.
 */
export function userOf(g: Graph, screen: Node): Runner | undefined {
  if (!isDoes(screen, 'screen')) return undefined;
  const { by, for: who } = screen.action;
  const at = spotOf(screen);
  const earlier = g.nodes
    .slice(0, g.nodes.indexOf(screen))
    .filter(
      (n) => isDoes(n, 'screen') && n.action.by === by && n.action.for === who && n.frame >= screen.frame - 1,
    )
    .map((n) => userOf(g, n));
  return [screen.frame, screen.frame + 1]
    .flatMap((f) => runsOf(g, who).filter((n) => n.frame === f && isRun(n)))
    .find((n) => passesBy(n, at) !== null && !earlier.includes(n));
}

/** Whether one thing waits for another, by however many steps. */
export function dependsOn(v: Vertex, on: Vertex, seen = new Set<Vertex>()): boolean {
  if (v === on) return true;
  if (seen.has(v)) return false;
  seen.add(v);
  return v.needs.some((e) => dependsOn(e.from, on, seen));
}

/** The actions that lead from `to` to `from`, when waiting for `from` would make `to` wait for itself. */
export function circleOf(from: Vertex, to: Vertex): Node[] | null {
  const seen = new Set<Vertex>();
  const walk = (v: Vertex): Vertex[] | null => {
    if (v === to) return [v];
    if (seen.has(v)) return null;
    seen.add(v);
    for (const e of v.needs) {
      const rest = walk(e.from);
      if (rest) return [...rest, v];
    }
    return null;
  };
  return walk(from)?.filter((v): v is Node => 'is' in v && v.is === 'action') ?? null;
}
