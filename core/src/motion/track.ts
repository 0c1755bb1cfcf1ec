import { PLAYERS, type PlayerId } from '../alignment/library.ts';
import { degrees, unit, type Point } from '../geometry/vec.ts';
import { LONGEST_LINE } from '../play/limits.ts';
import { distanceAfter, placeAfter, type Run } from './run.ts';
import { heightOn } from './flight.ts';
import type { EventName, Flight, Timeline, TimedAction, Track } from './timeline.ts';

export const DT = 1 / 60;
/** Where the ball is carried, feet from the middle of its holder. */
const HAND = 1.1;
/** How high it is in his hands (feet, from memory). */
export const HELD = 4;
/** Half the stretch of his way over which a runner's heading is read, feet. */
const LOOK = 0.25;

interface Spot {
  x: number;
  y: number;
}

function lastStarted<T>(items: readonly T[], t: number, time: (x: T) => number): T | undefined {
  let found: T | undefined;
  for (const item of items) {
    if (time(item) > t + 1e-9) break;
    found = item;
  }
  return found;
}

const started = (m: TimedAction): number => m.start;

/** Where a player is at time t (seconds), written into `out`. */
function placeAt(timeline: Timeline, player: PlayerId, t: number, out: Spot): void {
  const move = lastStarted(timeline.moves[player], t, started);
  if (move) placeAfter(move.run!, distanceAfter(move.run!, Math.min(t, move.end) - move.start), out);
  else {
    const start = timeline.starts[player];
    out.x = start.x;
    out.y = start.y;
  }
}

/** Where a player is at time t (seconds). */
export function positionAt(timeline: Timeline, player: PlayerId, t: number): Point {
  const out = { x: 0, y: 0 };
  placeAt(timeline, player, t, out);
  return out;
}

/** How fast a player is at time t, ft/s. */
export function speedAt(timeline: Timeline, player: PlayerId, t: number): number {
  const move = lastStarted(timeline.moves[player], t, started);
  if (!move?.run || t >= move.end || move.run.duration === 0) return 0;
  const h = 0.01;
  const a = distanceAfter(move.run, t - move.start - h);
  const b = distanceAfter(move.run, t - move.start + h);
  return (b - a) / (2 * h);
}

const back: Spot = { x: 0, y: 0 };
const ahead: Spot = { x: 0, y: 0 };

/** The way a runner heads after s feet, degrees; NaN when he stands. */
function headingOn(run: Run, s: number): number {
  placeAfter(run, Math.max(0, s - LOOK), back);
  placeAfter(run, Math.min(run.length, s + LOOK), ahead);
  const dx = ahead.x - back.x;
  const dy = ahead.y - back.y;
  if (dx * dx + dy * dy < 1e-12) return NaN;
  const a = (Math.atan2(dy, dx) * 180) / Math.PI;
  return a < 0 ? a + 360 : a;
}

/** The direction a player faces at time t, degrees: the coach's word, his run, his screen, or what he looks at. */
export function facingAt(timeline: Timeline, player: PlayerId, t: number, looksAt: Point): number {
  const move = lastStarted(timeline.moves[player], t, started);
  if (move && t < move.end) {
    const h = headingOn(move.run!, distanceAfter(move.run!, t - move.start));
    if (!Number.isNaN(h)) return h;
  }
  const screen = timeline.screens.find((s) => s.by === player && s.set <= t && t < s.left);
  if (screen) return (screen.angle + 180) % 360;
  if (move?.action.facing !== undefined) return (move.action.facing + 360) % 360;
  placeAt(timeline, player, t, ahead);
  const v = unit(ahead, looksAt);
  return v.x === 0 && v.y === 0 ? degrees(unit(ahead, { x: 0, y: 5.25 })) : degrees(v);
}

export interface BallAt {
  readonly point: Point;
  /** Feet above the floor. */
  readonly height: number;
  readonly holder: PlayerId | null;
  readonly dribbling: boolean;
}

interface BallNow {
  x: number;
  y: number;
  height: number;
  holder: PlayerId | null;
  dribbling: boolean;
}

/** How high a ball is at a share of its flight, feet. */
function heightAt({ kind, high, release, arrive }: Flight, k: number): number {
  return kind === null
    ? high.from + (high.to - high.from) * k + 4 * high.arc * k * (1 - k)
    : heightOn(kind, high.from, high.to, arrive - release, k);
}

function ballInto(timeline: Timeline, t: number, out: BallNow): void {
  out.height = HELD;
  out.holder = null;
  out.dribbling = false;
  for (const f of timeline.flights) {
    if (f.release > t || t >= f.arrive) continue;
    const k = (t - f.release) / Math.max(1e-9, f.arrive - f.release);
    out.x = f.from.x + (f.to.x - f.from.x) * k;
    out.y = f.from.y + (f.to.y - f.from.y) * k;
    out.height = heightAt(f, k);
    return;
  }
  const held = lastStarted(timeline.possessions, t, (p) => p.from);
  if (held?.holder) {
    placeAt(timeline, held.holder, t, out);
    out.holder = held.holder;
    out.dribbling = held.dribbling;
    return;
  }
  const shot = timeline.flights.findLast((f) => f.arrive <= t);
  out.x = shot?.to.x ?? 0;
  out.y = shot?.to.y ?? 0;
}

/** Where the ball is at time t, and whose it is. */
export function ballAt(timeline: Timeline, t: number): BallAt {
  const b: BallNow = { x: 0, y: 0, height: 0, holder: null, dribbling: false };
  ballInto(timeline, t, b);
  return { point: { x: b.x, y: b.y }, height: b.height, holder: b.holder, dribbling: b.dribbling };
}

/**
 * Samples a timeline at a fixed step into typed arrays; five bodies, no defence yet. The loop allocates
 * nothing. What lasts longer than any possession is planned is sampled that far.
 */
export function track(timeline: Timeline): Track {
  return sampled(timeline, LONGEST_LINE, true);
}

/** Where everybody is and who has the ball, up to a time (s), for those who ask no more: nobody faces anything, and the ball is where its man is. */
export const placesOf = (timeline: Timeline, until: number): Track =>
  sampled(timeline, Math.min(until, LONGEST_LINE), false);

function sampled(timeline: Timeline, until: number, facings: boolean): Track {
  const steps = Math.ceil(Math.min(timeline.end, until) / DT) + 1;
  const n = steps * 5;
  const out = {
    dt: DT,
    steps,
    bodies: 5 as const,
    x: new Float64Array(n),
    y: new Float64Array(n),
    facing: new Float64Array(n),
    ballX: new Float64Array(steps),
    ballY: new Float64Array(steps),
    ballHeight: new Float64Array(steps),
    holder: new Int8Array(steps),
  };
  const ball: BallNow = { x: 0, y: 0, height: 0, holder: null, dribbling: false };
  const at: Spot = { x: 0, y: 0 };
  const rim = { x: 0, y: 5.25 };
  for (let k = 0; k < steps; k++) {
    const t = Math.min(timeline.end, k * DT);
    ballInto(timeline, t, ball);
    out.ballX[k] = ball.x;
    out.ballY[k] = ball.y;
    out.ballHeight[k] = ball.height;
    out.holder[k] = -1;
    for (let i = 0; i < 5; i++) {
      const p = PLAYERS[i]!;
      placeAt(timeline, p, t, at);
      out.x[k * 5 + i] = at.x;
      out.y[k * 5 + i] = at.y;
      if (ball.holder === p) out.holder[k] = i;
      if (!facings) continue;
      const facing = facingAt(timeline, p, t, ball.holder === p ? rim : ball);
      out.facing[k * 5 + i] = facing;
      if (ball.holder === p) {
        const a = ((facing - 35) * Math.PI) / 180;
        out.ballX[k] = at.x + HAND * Math.cos(a);
        out.ballY[k] = at.y + HAND * Math.sin(a);
      }
    }
  }
  if (!facings) return { ...out, events: [] };
  const events = timeline.actions
    .flatMap((a) =>
      Object.entries(a.events).map(([event, t]) => ({ t, action: a.action.id, event: event as EventName })),
    )
    .sort((a, b) => a.t - b.t);
  return { ...out, events };
}
