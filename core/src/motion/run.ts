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
  // Less than a shuffle of the feet takes no time.
  const n = length <= STEP ? 0 : Math.ceil(length / STEP);
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

  let speed = Math.min(pace.from ?? 0, (tempos[0] ?? TEMPO[pace.tempo]).speed * top);
  v[0] = speed;
  tempos.forEach((tempo, i) => {
    const cap = Math.min(tempo.speed * top, Math.sqrt(bend / Math.max(1e-9, bendAt(x, y, i + 1))));
    // Half the step by the push at its start, then the whole by the push at its middle.
    const half = Math.sqrt(speed * speed + pushAt(speed, top, tempo.push / man.tau) * ds);
    speed = Math.min(cap, Math.sqrt(speed * speed + 2 * pushAt(half, top, tempo.push / man.tau) * ds));
    v[i + 1] = speed;
  });
  if (pace.to !== null) v[n] = speed = Math.min(speed, pace.to ?? 0);
  for (let i = n - 1; i >= 0; i--) {
    const brake = man.brake * (tempos[i] ?? TEMPO[pace.tempo]).brake;
    v[i] = speed = Math.min(figure(v, i), Math.sqrt(speed * speed + 2 * brake * ds));
  }
  let time = 0;
  for (let i = 1; i <= n; i++) {
    const next = figure(v, i);
    t[i] = time += (2 * ds) / Math.max(1e-6, next + speed);
    speed = next;
  }
  return { ds, length, duration: time, x, y, v, t };
}

/** A figure of a sampled run. A sample that is not there is an error in the code that asks. */
function figure(of: Float64Array, i: number): number {
  const value = of[i];
  if (value === undefined) throw new RangeError(`A run has no sample ${i}.`);
  return value;
}

/** Acceleration a man can still find at a speed, ft/s². */
const pushAt = (speed: number, top: number, push: number): number => Math.max(0, push * (top - speed));

/** Even samples of a curve in one pass. */
function sample(curve: Curve, ds: number, x: Float64Array, y: Float64Array): void {
  const { points, lengths } = curve;
  const last = x.length - 1;
  let i = 0;
  let before = 0;
  points.forEach((b, k) => {
    const a = points[k - 1] ?? b;
    const to = lengths[k] ?? before;
    const span = to - before;
    // The samples of this piece; those on its end belong to the next, and the last piece takes what is left.
    for (; i < last && (i * ds < to || k === points.length - 1); i++) {
      const w = span < 1e-12 ? 0 : (i * ds - before) / span;
      x[i] = a.x + (b.x - a.x) * w;
      y[i] = a.y + (b.y - a.y) * w;
    }
    before = to;
    x[last] = b.x;
    y[last] = b.y;
  });
}

/** How he runs each cell of a path. */
function temposOf(pace: Pace, n: number): (typeof TEMPO)[Tempo][] {
  const out = new Array<(typeof TEMPO)[Tempo]>(n).fill(TEMPO[pace.tempo]);
  let from = 0;
  for (const part of pace.stretches ?? []) {
    const to = Math.min(n, Math.round(part.to * n));
    if (to > from) out.fill(TEMPO[part.tempo], from, to);
    from = Math.max(from, to);
  }
  return out;
}

/** Curvature (1/ft) at a sample, from the circle through it and its neighbours half a foot away. */
function bendAt(x: Float64Array, y: Float64Array, i: number): number {
  if (i < 2 || i > x.length - 3) return 0;
  const ax = figure(x, i) - figure(x, i - 2);
  const ay = figure(y, i) - figure(y, i - 2);
  const bx = figure(x, i + 2) - figure(x, i);
  const by = figure(y, i + 2) - figure(y, i);
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
    if (figure(times, mid) <= t) lo = mid;
    else hi = mid;
  }
  const dt = t - figure(times, lo);
  const u = figure(v, lo);
  const w = figure(v, hi);
  const a = (w * w - u * u) / (2 * ds);
  return Math.min(run.length, lo * ds + u * dt + 0.5 * a * dt * dt);
}

/** Seconds from the start until he has run s feet. */
export function timeTo(run: Run, s: number): number {
  const { t, v, ds } = run;
  if (s <= 0 || ds === 0) return 0;
  if (s >= run.length) return run.duration;
  const i = Math.min(t.length - 2, Math.floor(s / ds));
  const rest = s - i * ds;
  const u = figure(v, i);
  const w = figure(v, i + 1);
  const a = (w * w - u * u) / (2 * ds);
  const there = Math.sqrt(Math.max(0, u * u + 2 * a * rest));
  return figure(t, i) + (2 * rest) / Math.max(1e-6, u + there);
}

/** Where he is after s feet, written into `out` so that sampling allocates nothing. */
export function placeAfter(run: Run, s: number, out: { x: number; y: number }): void {
  const { x, y, ds } = run;
  const n = x.length - 1;
  if (ds === 0 || s >= run.length) {
    out.x = figure(x, n);
    out.y = figure(y, n);
    return;
  }
  const k = Math.max(0, s) / ds;
  const i = Math.min(n - 1, Math.floor(k));
  const w = k - i;
  const fromX = figure(x, i);
  const fromY = figure(y, i);
  out.x = fromX + (figure(x, i + 1) - fromX) * w;
  out.y = fromY + (figure(y, i + 1) - fromY) * w;
}

/** The sample of a run nearest to a place: feet run there, and the distance. */
export function nearestOnRun(run: Run, px: number, py: number): { s: number; distance: number } {
  let best = 0;
  let least = Infinity;
  for (let i = 0; i < run.x.length; i++) {
    const dx = figure(run.x, i) - px;
    const dy = figure(run.y, i) - py;
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
  const here = figure(run.v, i);
  return here + ((run.v[i + 1] ?? here) - here) * (k - i);
}
