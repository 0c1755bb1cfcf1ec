import type { Curve } from '../geometry/curve.ts';
import type { Tempo } from '../play/document.ts';
import { TEMPO, type LevelRecord } from './level.ts';

/** One man's run along a path, sampled evenly by arc length: where, how fast and when. */
export interface Run {
  /** Feet from sample to sample. */
  readonly ds: number;
  readonly length: number;
  /** Seconds from his start to his end. */
  readonly duration: number;
  readonly x: Float64Array;
  readonly y: Float64Array;
  /** Speed (ft/s) and time from the start (s) at each sample. */
  readonly v: Float64Array;
  readonly t: Float64Array;
}

/** A tempo up to a share of the path's length. */
interface Stretch {
  readonly to: number;
  readonly tempo: Tempo;
}

export interface Pace {
  readonly tempo: Tempo;
  /** Changes of pace on the way; what they leave runs at `tempo`. */
  readonly stretches?: readonly Stretch[] | undefined;
  readonly dribbling?: boolean;
  /** Speeds at both ends, ft/s: he starts and stops unless he runs on. Null: he is not braked at the end. */
  readonly from?: number;
  readonly to?: number | null;
}

/** Samples are at most this far apart (feet). */
const STEP = 0.25;
/** A man with the ball bends a little less hard. */
const DRIBBLING_BEND = 0.9;

/**
 * How a man of a level runs a path: no faster than his tempo, than a bend allows, than he can have got
 * up to since the start, or than he can still brake. The start follows v = V(1 − e^(−t/τ)), whose
 * closed form for a straight sprint is x = V(t − τ(1 − e^(−t/τ))).
 */
export function runAlong(curve: Curve, level: LevelRecord, pace: Pace): Run {
  const { man } = level;
  const { length } = curve;
  const n = length < 1e-9 ? 0 : Math.ceil(length / STEP);
  const ds = n === 0 ? 0 : length / n;
  const x = new Float64Array(n + 1);
  const y = new Float64Array(n + 1);
  sample(curve, ds, x, y);
  const v = new Float64Array(n + 1);
  const t = new Float64Array(n + 1);
  if (n === 0) return { ds, length: 0, duration: 0, x, y, v, t };

  const top = man.speed * (pace.dribbling ? man.dribbling : 1);
  const bend = man.bend * (pace.dribbling ? DRIBBLING_BEND : 1);
  const tempos = temposOf(pace, n);

  v[0] = Math.min(pace.from ?? 0, TEMPO[tempos[0]!].speed * top);
  for (let i = 0; i < n; i++) {
    const { speed, push } = TEMPO[tempos[i]!];
    const cap = Math.min(speed * top, Math.sqrt(bend / Math.max(1e-9, bendAt(x, y, i + 1))));
    const u = v[i]!;
    // Half the step by the push at its start, then the whole by the push at its middle.
    const half = Math.sqrt(u * u + pushAt(u, top, push / man.tau) * ds);
    v[i + 1] = Math.min(cap, Math.sqrt(u * u + 2 * pushAt(half, top, push / man.tau) * ds));
  }
  if (pace.to !== null) v[n] = Math.min(v[n]!, pace.to ?? 0);
  for (let i = n - 1; i >= 0; i--) {
    const brake = man.brake * TEMPO[tempos[i]!].brake;
    v[i] = Math.min(v[i]!, Math.sqrt(v[i + 1]! * v[i + 1]! + 2 * brake * ds));
  }
  for (let i = 1; i <= n; i++) t[i] = t[i - 1]! + (2 * ds) / Math.max(1e-6, v[i]! + v[i - 1]!);
  return { ds, length, duration: t[n]!, x, y, v, t };
}

/** Acceleration a man can still find at a speed, ft/s². */
const pushAt = (speed: number, top: number, push: number): number => Math.max(0, push * (top - speed));

/** Even samples of a curve in one pass. */
function sample(curve: Curve, ds: number, x: Float64Array, y: Float64Array): void {
  const { points, lengths } = curve;
  const last = x.length - 1;
  const end = points.at(-1)!;
  let k = 0;
  for (let i = 0; i < last; i++) {
    const s = i * ds;
    while (k < points.length - 2 && lengths[k + 1]! <= s) k++;
    const a = points[k]!;
    const b = points[k + 1] ?? a;
    const span = (lengths[k + 1] ?? 0) - lengths[k]!;
    const w = span < 1e-12 ? 0 : (s - lengths[k]!) / span;
    x[i] = a.x + (b.x - a.x) * w;
    y[i] = a.y + (b.y - a.y) * w;
  }
  x[last] = end.x;
  y[last] = end.y;
}

/** The tempo of each cell of a path. */
function temposOf(pace: Pace, n: number): Tempo[] {
  const out = new Array<Tempo>(n).fill(pace.tempo);
  let from = 0;
  for (const part of pace.stretches ?? []) {
    const to = Math.min(n, Math.round(part.to * n));
    if (to > from) out.fill(part.tempo, from, to);
    from = Math.max(from, to);
  }
  return out;
}

/** Curvature (1/ft) at a sample, from the circle through it and its neighbours half a foot away. */
function bendAt(x: Float64Array, y: Float64Array, i: number): number {
  if (i < 2 || i > x.length - 3) return 0;
  const ax = x[i]! - x[i - 2]!;
  const ay = y[i]! - y[i - 2]!;
  const bx = x[i + 2]! - x[i]!;
  const by = y[i + 2]! - y[i]!;
  const cx = ax + bx;
  const cy = ay + by;
  const product = Math.sqrt((ax * ax + ay * ay) * (bx * bx + by * by) * (cx * cx + cy * cy));
  return product < 1e-12 ? 4 : (2 * Math.abs(ax * by - ay * bx)) / product;
}

/** Feet run after t seconds. */
export function distanceAfter(run: Run, t: number): number {
  const { t: times, v, ds } = run;
  if (t <= 0) return 0;
  if (t >= run.duration) return run.length;
  let lo = 0;
  let hi = times.length - 1;
  while (hi - lo > 1) {
    const mid = (lo + hi) >> 1;
    if (times[mid]! <= t) lo = mid;
    else hi = mid;
  }
  const dt = t - times[lo]!;
  const a = (v[hi]! * v[hi]! - v[lo]! * v[lo]!) / (2 * ds);
  return Math.min(run.length, lo * ds + v[lo]! * dt + 0.5 * a * dt * dt);
}

/** Seconds from the start until he has run s feet. */
export function timeTo(run: Run, s: number): number {
  const { t, v, ds } = run;
  if (s <= 0 || ds === 0) return 0;
  if (s >= run.length) return run.duration;
  const i = Math.min(t.length - 2, Math.floor(s / ds));
  const rest = s - i * ds;
  const a = (v[i + 1]! * v[i + 1]! - v[i]! * v[i]!) / (2 * ds);
  const there = Math.sqrt(Math.max(0, v[i]! * v[i]! + 2 * a * rest));
  return t[i]! + (2 * rest) / Math.max(1e-6, v[i]! + there);
}

/** Where he is after s feet, written into `out` so that sampling allocates nothing. */
export function placeAfter(run: Run, s: number, out: { x: number; y: number }): void {
  const { x, y, ds } = run;
  const n = x.length - 1;
  if (ds === 0 || s >= run.length) {
    out.x = x[n]!;
    out.y = y[n]!;
    return;
  }
  const k = Math.max(0, s) / ds;
  const i = Math.min(n - 1, Math.floor(k));
  const w = k - i;
  out.x = x[i]! + (x[i + 1]! - x[i]!) * w;
  out.y = y[i]! + (y[i + 1]! - y[i]!) * w;
}

/** The sample of a run nearest to a place: feet run there, and the distance. */
export function nearestOnRun(run: Run, px: number, py: number): { s: number; distance: number } {
  let best = 0;
  let least = Infinity;
  for (let i = 0; i < run.x.length; i++) {
    const dx = run.x[i]! - px;
    const dy = run.y[i]! - py;
    const d = dx * dx + dy * dy;
    if (d < least - 1e-12) {
      least = d;
      best = i;
    }
  }
  return { s: best * run.ds, distance: Math.sqrt(least) };
}

/** Speed after s feet, ft/s. */
export function speedAfter(run: Run, s: number): number {
  if (run.ds === 0) return 0;
  const k = Math.min(run.x.length - 1, Math.max(0, s / run.ds));
  const i = Math.min(run.v.length - 1, Math.floor(k));
  const next = run.v[i + 1] ?? run.v[i]!;
  return run.v[i]! + (next - run.v[i]!) * (k - i);
}
