import type { PlayerId } from '../alignment/library.ts';
import { distance, type Point } from '../geometry/vec.ts';
import { flightOf } from './flight.ts';
import type { Curve } from '../geometry/curve.ts';
import { catchAt, kindOfPass, moment, moverTo, placeOn, runsOf, whereBefore, type Graph } from './graph.ts';
import { FIRST_DRIBBLE, SETTLE, WINDUP } from './level.ts';
import { isDoes, passesBy, runOf, wayFrom, type Node, type Runner, type Vertex } from './node.ts';
import { distanceAfter, speedAfter, timeTo } from './run.ts';

/** Seconds (from memory). */
const FAKE_TIME = 0.5;
const HOLD_TIME = 1;
/** A shot from closer than this goes up in half the time (feet). */
const AT_RIM = 5;

/** Gives everything its moment: the latest that its edges allow. Nothing waits for itself, so the order is found on the way. */
export function evaluate(g: Graph): void {
  for (const v of [...g.bars, ...g.nodes]) v.done = false;
  for (const v of [...g.nodes, ...g.bars]) visit(g, v);
  for (const n of g.nodes) {
    n.was = n.time;
    n.wasBound = n.binding;
  }
}

function visit(g: Graph, v: Vertex): void {
  if (v.done) return;
  v.time = 0;
  v.binding = null;
  for (const e of v.needs) {
    visit(g, e.from);
    const at = e.at();
    if (e.kind !== 'order' && (at > v.time + 1e-9 || v.binding === null)) {
      v.time = Math.max(v.time, at);
      v.binding = e;
    }
  }
  if ('is' in v && v.is === 'action') time(g, v as Node);
  v.done = true;
}

/** When an action that starts at its node's time ends, and the moments in between. */
function time(g: Graph, n: Node): void {
  if (n.cuts.length > 0 || n.adrift) setOut(g, n);
  const { action, run } = n;
  const start = n.time;
  n.events = { start };
  n.aim = null;
  switch (action.does) {
    case 'pass':
      timePass(g, n);
      break;
    case 'handoff': {
      const receiver = moverTo(g, n, action.to);
      const near = receiver && passesBy(receiver, n.from);
      const there =
        receiver && near && n.needs.some((e) => e.from === receiver)
          ? receiver.time + timeTo(receiver.run, near.s)
          : start;
      const at = Math.max(start, there);
      n.end = at + 0.1;
      Object.assign(n.events, { release: at, catch: at });
      break;
    }
    case 'screen': {
      const arrive = start + (run?.duration ?? 0);
      if (!action.slip) n.events.set = arrive + SETTLE;
      n.end = n.events.set ?? arrive;
      break;
    }
    case 'shot': {
      const { catchToShot, pullUp } = g.level.man;
      const dribbled = n.step.before.dribble !== 'live';
      const close = distance(n.from, g.rim) < AT_RIM ? 0.5 : 1;
      n.events.release = start + (dribbled ? pullUp : catchToShot) * close;
      n.end = n.events.release + shotFlight(distance(n.from, g.rim));
      break;
    }
    case 'fake':
      n.end = start + FAKE_TIME;
      break;
    case 'hold':
      n.end = start + (action.seconds ?? HOLD_TIME);
      break;
    default:
      n.end = start + (run?.duration ?? 0);
      if (action.does === 'dribble')
        Object.assign(n.events, { firstDribble: Math.min(n.end, start + FIRST_DRIBBLE), pickUp: n.end });
  }
  if (n.left < n.end) n.end = Math.max(n.time, n.left);
  if (n.events.pickUp !== undefined) n.events.pickUp = n.end;
  n.events.end = n.end;
}

/** Who is called away from a run starts from where he is, with what his speed is worth the new way. */
function setOut(g: Graph, n: Node): void {
  const start = n.curve?.points[0];
  const { place, run } = whereBefore(g, n, n.time);
  if (n.adrift) n.from = place;
  if (!start) return;
  const s = run ? distanceAfter(run.run, n.time - run.time) : 0;
  const moving = run && n.time < run.time + run.run.duration ? speedAfter(run.run, s) : 0;
  if (distance(place, start) < 1e-6 && moving === 0) return;
  const curve = distance(place, start) < 1e-6 ? n.curve! : wayFrom(n, place, g.rim);
  n.curve = curve;
  n.run = runOf(n, g.level, moving * carried(run, s, curve), 0);
}

/** The share of his speed that a man takes along into a new way. */
function carried(run: Runner | undefined, s: number, curve: Curve): number {
  const [a, b] = [curve.points[0], curve.points[1]];
  if (!run || !a || !b) return 0;
  const [from, to] = [placeOn(run, s - 0.25), placeOn(run, s + 0.25)];
  const [ux, uy, wx, wy] = [to.x - from.x, to.y - from.y, b.x - a.x, b.y - a.y];
  const size = Math.sqrt((ux * ux + uy * uy) * (wx * wx + wy * wy));
  return size < 1e-9 ? 0 : Math.max(0, KEEPS * ((ux * wx + uy * wy) / size));
}
const KEEPS = 0.85;

/** What was called away from, now that it is known when: true when that has changed. */
export function leave(g: Graph): boolean {
  let changed = false;
  for (const n of g.nodes)
    for (const p of n.cuts) {
      const ends = p.time + lasts(p);
      const left = ends > n.time + 1e-6 ? n.time : Infinity;
      if (left !== p.left && !(Math.abs(left - p.left) < 1e-6)) changed = true;
      p.left = left;
    }
  return changed;
}
/** Seconds an action would last that nobody is called away from. */
const lasts = (p: Node): number =>
  (p.run?.duration ?? 0) +
  (p.action.does === 'screen' && !p.action.slip
    ? SETTLE
    : p.action.does === 'hold'
      ? (p.action.seconds ?? HOLD_TIME)
      : 0);

function timePass(g: Graph, n: Node): void {
  if (!isDoes(n, 'pass')) return;
  const kind = kindOfPass(g, n);
  const release = n.time + WINDUP[kind];
  const where = receiverAt(g, n);
  const flight = (t: number): number => flightOf(g.level.pass, kind, distance(n.from, where(t)));
  const t = meet(release, flight);
  n.aim = where(t);
  n.events = { start: n.time, release, catch: t };
  n.end = t;
}

/** Rounds in which ball and runner find each other; a man who outruns the ball is caught up with once he is there. */
const ROUNDS = 30;
const LATEST = 20;

/** When a ball that leaves at `release` is where its receiver is; `flight` is how long it takes to where he is at t. */
function meet(release: number, flight: (t: number) => number): number {
  let t = release;
  for (let i = 0; i < ROUNDS; i++) {
    const next = release + flight(t);
    if (Math.abs(next - t) < 1e-9) return next;
    t = next;
  }
  let [early, late] = [release, release + LATEST];
  for (let step = release; step < late; step += 0.05)
    if (step - release >= flight(step)) late = step;
    else early = step;
  while (late - early > 1e-9) {
    const mid = (early + late) / 2;
    if (mid - release >= flight(mid)) late = mid;
    else early = mid;
  }
  return late;
}

/** Where the receiver of a pass is at a time, as far as the pass may know. */
function receiverAt(g: Graph, n: Node & { action: { to: PlayerId } }): (t: number) => Point {
  const receiver = moverTo(g, n, n.action.to);
  const tie = receiver?.needs.find((e) => e.from === n);
  // A cut that is timed back from the catch is met where it means to catch, unless something else holds it up.
  if (receiver && tie?.kind === 'inferred' && (Number.isNaN(receiver.was) || receiver.wasBound === tie))
    return () => placeOn(receiver, catchAt(receiver));
  const runs = runsOf(g, n.action.to).map((run) => ({ run, from: startOf(n, run) }));
  const first = g.starts[n.action.to];
  return (t) => {
    const now = runs.findLast(({ from }) => from <= t + 1e-9);
    return now ? placeOn(now.run, distanceAfter(now.run.run, Math.min(t, now.run.left) - now.from)) : first;
  };
}

/** When a run of a pass's receiver starts: timed already, started by the pass itself, or as it was the last time; NaN not known. */
function startOf(n: Node, run: Runner): number {
  if (run.done) return run.time;
  const tie = run.needs.find((e) => e.from === n);
  const { cue } = run.action;
  return tie?.kind === 'coach' && cue && (cue.event === 'start' || cue.event === 'release')
    ? Math.max(run.was || 0, moment(n, cue) + (cue.delay ?? 0))
    : run.was;
}

/** Whether a pass comes down where its receiver is, now that all is timed. */
export const misses = (g: Graph, n: Node): boolean =>
  isDoes(n, 'pass') && n.aim !== null && distance(n.aim, receiverAt(g, n)(n.end)) > MISSES;
const MISSES = 0.02;

/** Seconds a shot is in the air (from memory: about 0.6 s from close, 1.1 s from the arc). */
const shotFlight = (feet: number): number => 0.55 + feet / 45;
