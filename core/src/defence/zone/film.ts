import type { LevelRecord } from '../../motion/level.ts';
import { ANCHOR_X, ANCHOR_Y, type Scheme } from './scheme.ts';
import type { Job } from './tables.ts';

/** What a chase has been so far, a sample each step of `DT`: five defenders, the ball, and who has it. */
export interface Film {
  /** Seconds of each sample from the start of the chase. */
  readonly t: number[];
  /** Five numbers a sample, feet. */
  readonly x: number[];
  readonly y: number[];
  readonly bx: number[];
  readonly by: number[];
  /** Index of the holder, −1 in flight. */
  readonly holder: number[];
}

export const newFilm = (): Film => ({ t: [], x: [], y: [], bx: [], by: [], holder: [] });

/** The sample at time t (seconds), or the last before it. */
export function sampleAt(film: Film, t: number): number {
  let low = 0;
  let high = film.t.length - 1;
  while (low < high) {
    const mid = (low + high + 1) >> 1;
    if (film.t[mid]! <= t + 1e-9) low = mid;
    else high = mid - 1;
  }
  return low;
}

/** How fast a man of a zone goes: a step or two, at a slide, or at a run. */
export type Pace = 'shuffle' | 'slide' | 'run';

/** One way of one man: from when to when, how far, how fast at the most, and what for. */
export interface Slide {
  readonly defender: number;
  readonly from: number;
  readonly to: number;
  readonly feet: number;
  readonly pace: Pace;
  /** His job where the ball is when he gets there. */
  readonly job: Job;
}

/** Slower than this a man stands, ft/s; shorter ways than this are none, ft. */
const STANDS = 0.8;
const LEAST = 0.5;

/** Everybody's ways in a film, by defender and then in time. */
export function slidesOf(film: Film, scheme: Scheme, level: LevelRecord): Slide[] {
  const out: Slide[] = [];
  for (let d = 0; d < 5; d++) {
    let began = -1;
    let feet = 0;
    let top = 0;
    for (let k = 1; k <= film.t.length; k++) {
      const on = k < film.t.length;
      const step = on ? moved(film, d, k) : 0;
      const speed = on ? step / (film.t[k]! - film.t[k - 1]!) : 0;
      if (speed > STANDS) {
        if (began < 0) began = k - 1;
        feet += step;
        top = Math.max(top, speed);
        continue;
      }
      if (began >= 0 && feet >= LEAST) {
        const pace: Pace =
          top > level.zone.slide * 1.02 ? 'run' : top > level.zone.slide * 0.6 ? 'slide' : 'shuffle';
        const job = jobAt(scheme, film.bx[k - 1]!, film.by[k - 1]!, d);
        out.push({ defender: d, from: film.t[began]!, to: film.t[k - 1]!, feet, pace, job });
      }
      began = -1;
      feet = 0;
      top = 0;
    }
  }
  return out;
}

const moved = (film: Film, d: number, k: number): number =>
  Math.hypot(film.x[k * 5 + d]! - film.x[k * 5 + d - 5]!, film.y[k * 5 + d]! - film.y[k * 5 + d - 5]!);

/** What a man of a zone does with the ball at (bx, by), feet: his job in the row nearest to it. */
export function jobAt(scheme: Scheme, bx: number, by: number, d: number): Job {
  let job: Job = 'ball';
  let least = Infinity;
  for (let a = 0; a < ANCHOR_X.length; a++) {
    const far = (ANCHOR_X[a]! - bx) ** 2 + (ANCHOR_Y[a]! - by) ** 2;
    const here = scheme.jobs[a * 5 + d];
    if (far >= least || !here) continue;
    least = far;
    job = here;
  }
  return job;
}

/** The ball in a film: held by a man, or on its way to one. */
export interface BallPiece {
  readonly from: number;
  readonly to: number;
  /** Index of who has it, −1 while it flies. */
  readonly holder: number;
}

/** Who had the ball from when to when, and when it flew. */
export function ballOf(film: Film): BallPiece[] {
  const out: BallPiece[] = [];
  let began = 0;
  for (let k = 1; k <= film.t.length; k++) {
    const last = k === film.t.length;
    if (!last && film.holder[k] === film.holder[began]) continue;
    const to = film.t[last ? k - 1 : k]!;
    out.push({ from: film.t[began]!, to, holder: film.holder[began]! });
    began = k;
  }
  return out;
}
