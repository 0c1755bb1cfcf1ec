import type { PlayerId } from '../alignment/library.ts';
import { distance, type Point } from '../geometry/vec.ts';
import { catchAt, moment, moverTo, placeOn, type Graph } from './graph.ts';
import { FIRST_DRIBBLE, SETTLE, WINDUP } from './level.ts';
import { isDoes, kindOfPass, passesBy, type Node, type Runner, type Vertex } from './node.ts';
import { distanceAfter, timeTo } from './run.ts';

/** Seconds (from memory). */
const FAKE_TIME = 0.5;
const HOLD_TIME = 1;
/** A shot from closer than this goes up in half the time (feet). */
const AT_RIM = 5;

/** Gives everything its moment: the latest that its edges allow. Nothing waits for itself, so the order is found on the way. */
export function evaluate(g: Graph): void {
  for (const v of [...g.bars, ...g.nodes]) v.done = false;
  for (const v of [...g.nodes, ...g.bars]) visit(g, v);
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
  const { action, run } = n;
  const start = n.time;
  n.events = { start };
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
  n.events.end = n.end;
}

function timePass(g: Graph, n: Node): void {
  if (!isDoes(n, 'pass')) return;
  const kind = kindOfPass(n);
  const speed = g.level.man.pass[kind];
  const windup = WINDUP[kind];
  const receiver = moverTo(g, n, n.action.to);
  const release = n.time + windup;
  n.events = { start: n.time, release };
  const where = receiverAt(n, receiver);
  let t = release;
  for (let i = 0; i < 30; i++) {
    const next = release + distance(n.from, where(t)) / speed;
    if (Math.abs(next - t) < 1e-9) break;
    t = next;
  }
  n.events.catch = t;
  n.end = t;
}

/** Where the receiver of a pass is at a time, as far as the pass may know. */
function receiverAt(
  n: Node & { action: { to: PlayerId } },
  receiver: Runner | undefined,
): (t: number) => Point {
  const still = n.step.before.places[n.action.to];
  if (!receiver) return () => still;
  const { run } = receiver;
  if (n.needs.some((e) => e.from === receiver))
    return (t) => placeOn(receiver, distanceAfter(run, t - receiver.time));
  const tie = receiver.needs.find((e) => e.from === n);
  if (tie?.kind === 'inferred') return () => placeOn(receiver, catchAt(receiver));
  // He starts on this pass: his run is known from its start or release on.
  const { cue } = receiver.action;
  const starts =
    tie && (cue?.event === 'start' || cue?.event === 'release') ? moment(n, cue) + (cue.delay ?? 0) : null;
  return starts === null ? () => still : (t) => placeOn(receiver, distanceAfter(run, t - starts));
}

/** Seconds a shot is in the air (from memory: about 0.6 s from close, 1.1 s from the arc). */
const shotFlight = (feet: number): number => 0.55 + feet / 45;
