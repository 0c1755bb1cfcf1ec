import { PLAYERS, type PlayerId } from '../alignment/library.ts';
import { headingAt, pointAt } from '../geometry/curve.ts';
import { degrees, lerp, unit, type Point } from '../geometry/vec.ts';
import type { EventName, Flight, TimedAction, Timeline, Track } from './timeline.ts';

export const DT = 1 / 60;
/** Where the ball is carried, feet from the middle of its holder. */
const HAND = 1.1;

function lastStarted<T>(items: readonly T[], t: number, time: (x: T) => number): T | undefined {
  let found: T | undefined;
  for (const item of items) {
    if (time(item) > t + 1e-9) break;
    found = item;
  }
  return found;
}

function along(move: TimedAction, t: number): number {
  const share = move.end > move.start ? Math.min(1, (t - move.start) / (move.end - move.start)) : 1;
  return share * move.curve!.length;
}

/** Where a player is at time t (seconds). */
export function positionAt(timeline: Timeline, player: PlayerId, t: number): Point {
  const move = lastStarted(timeline.moves[player], t, (m) => m.start);
  return move ? pointAt(move.curve!, along(move, t)) : timeline.starts[player];
}

/** The direction a player faces at time t, degrees: his run, or the ball, or the rim. */
export function facingAt(timeline: Timeline, player: PlayerId, t: number, ball: Point): number {
  const move = lastStarted(timeline.moves[player], t, (m) => m.start);
  if (move && t < move.end) {
    const h = headingAt(move.curve!, along(move, t));
    if (h.x !== 0 || h.y !== 0) return degrees(h);
  }
  const screen = timeline.screens.find((s) => s.by === player && s.set <= t && t < s.left);
  if (screen) return (screen.angle + 180) % 360;
  const here = positionAt(timeline, player, t);
  const v = unit(here, ball);
  return v.x === 0 && v.y === 0 ? degrees(unit(here, { x: 0, y: 5.25 })) : degrees(v);
}

export interface BallAt {
  readonly point: Point;
  /** Feet above the hands. */
  readonly height: number;
  readonly holder: PlayerId | null;
  readonly dribbling: boolean;
}

export function ballAt(timeline: Timeline, t: number): BallAt {
  const flight = timeline.flights.find((f) => f.release <= t && t < f.arrive);
  if (flight) return inFlight(flight, t);
  const poss = lastStarted(timeline.possessions, t, (p) => p.from);
  if (poss?.holder)
    return {
      point: positionAt(timeline, poss.holder, t),
      height: 0,
      holder: poss.holder,
      dribbling: poss.dribbling,
    };
  const shot = timeline.flights.findLast((f) => f.arrive <= t);
  return { point: shot?.to ?? { x: 0, y: 0 }, height: 0, holder: null, dribbling: false };
}

function inFlight(f: Flight, t: number): BallAt {
  const k = (t - f.release) / Math.max(1e-9, f.arrive - f.release);
  return { point: lerp(f.from, f.to, k), height: 4 * f.arc * k * (1 - k), holder: null, dribbling: false };
}

/** Samples a timeline at a fixed step into typed arrays; five bodies, no defence yet. */
export function track(timeline: Timeline): Track {
  const steps = Math.ceil(timeline.end / DT) + 1;
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
  for (let k = 0; k < steps; k++) {
    const t = Math.min(timeline.end, k * DT);
    const ball = ballAt(timeline, t);
    PLAYERS.forEach((p, i) => {
      const at = positionAt(timeline, p, t);
      out.x[k * 5 + i] = at.x;
      out.y[k * 5 + i] = at.y;
      const looksAt = ball.holder === p ? { x: 0, y: 5.25 } : ball.point;
      const facing = facingAt(timeline, p, t, looksAt);
      out.facing[k * 5 + i] = facing;
      if (ball.holder === p) {
        const a = ((facing - 35) * Math.PI) / 180;
        out.ballX[k] = at.x + HAND * Math.cos(a);
        out.ballY[k] = at.y + HAND * Math.sin(a);
      }
    });
    if (ball.holder === null) {
      out.ballX[k] = ball.point.x;
      out.ballY[k] = ball.point.y;
    }
    out.ballHeight[k] = ball.height;
    out.holder[k] = ball.holder === null ? -1 : PLAYERS.indexOf(ball.holder);
  }
  const events = timeline.actions
    .flatMap((a) =>
      Object.entries(a.events).map(([event, t]) => ({ t, action: a.action.id, event: event as EventName })),
    )
    .sort((a, b) => a.t - b.t);
  return { ...out, events };
}
