import { next, type Seat } from '../../geometry/five.ts';
import type { LevelRecord } from '../../motion/level.ts';
import { DT } from '../../motion/track.ts';
import type { Scheme } from './scheme.ts';
import type { Job } from './tables.ts';

/** What a chase has been so far, a sample each step of `DT` from its start: five defenders, the ball, who has it. */
export interface Film {
  /** Five numbers a sample, feet. */
  readonly x: number[];
  readonly y: number[];
  readonly bx: number[];
  readonly by: number[];
  /** Index of the holder, −1 in flight. */
  readonly holder: number[];
}

export const newFilm = (): Film => ({ x: [], y: [], bx: [], by: [], holder: [] });

/** The sample at time t (seconds), or the last before it. */
export const sampleAt = (film: Film, t: number): number =>
  Math.max(0, Math.min(film.holder.length - 1, Math.floor(t / DT + 1e-6)));

/** How fast a man of a zone goes: a step or two, at a slide, or at a run. */
export type SlidePace = 'shuffle' | 'slide' | 'run';

/** One way of one man: from when to when, how far, how fast at the most, and what for. */
export interface Slide {
  readonly defender: number;
  readonly from: number;
  readonly to: number;
  readonly feet: number;
  readonly pace: SlidePace;
  /** His job where the ball is when he gets there. */
  readonly job: Job;
}

/** Slower than this a man stands, ft/s; shorter ways than this are none, ft. */
const STANDS = 0.8;
const LEAST = 0.5;

/** Everybody's ways in a film until a time (seconds), by defender and then in time. */
export function slidesOf(film: Film, until: number, scheme: Scheme, level: LevelRecord): Slide[] {
  const out: Slide[] = [];
  const last = sampleAt(film, until);
  for (let d: Seat = 0; d < 5; d = next(d)) {
    let began = -1;
    let feet = 0;
    let top = 0;
    for (let k = 1; k <= last + 1; k++) {
      const step = k <= last ? moved(film, d, k) : 0;
      if (step / DT > STANDS) {
        if (began < 0) began = k - 1;
        feet += step;
        top = Math.max(top, step / DT);
        continue;
      }
      if (began >= 0 && feet >= LEAST) {
        const pace: SlidePace =
          top > level.zone.slide * 1.02 ? 'run' : top > level.zone.slide * 0.6 ? 'slide' : 'shuffle';
        const job = jobAt(scheme, film.bx[k - 1]!, film.by[k - 1]!, d);
        out.push({ defender: d, from: began * DT, to: (k - 1) * DT, feet, pace, job });
      }
      began = -1;
      feet = 0;
      top = 0;
    }
  }
  return out;
}

const moved = (film: Film, d: Seat, k: number): number =>
  Math.hypot(film.x[k * 5 + d]! - film.x[k * 5 + d - 5]!, film.y[k * 5 + d]! - film.y[k * 5 + d - 5]!);

/** What a man of a zone does with the ball at (bx, by), feet: his job in the row nearest to it. */
export function jobAt(scheme: Scheme, bx: number, by: number, d: Seat): Job {
  let job: Job = 'ball';
  let least = Infinity;
  for (const { row, x, y } of scheme.ball.corners) {
    const far = (x - bx) ** 2 + (y - by) ** 2;
    const here = scheme.jobs[row * 5 + d];
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

/** Until a time (seconds): who had the ball from when to when, and when it flew. */
export function ballOf(film: Film, until: number): BallPiece[] {
  const out: BallPiece[] = [];
  const last = sampleAt(film, until);
  let began = 0;
  for (let k = 1; k <= last + 1; k++) {
    if (k <= last && film.holder[k] === film.holder[began]) continue;
    out.push({ from: began * DT, to: Math.min(k, last) * DT, holder: film.holder[began]! });
    began = k;
  }
  return out;
}
