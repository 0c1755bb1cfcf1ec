import type { PlayerId } from '../alignment/library.ts';
import { distance, type Point } from '../geometry/vec.ts';
import { ballAt, positionAt } from './track.ts';
import type { Timeline } from './timeline.ts';
import { LONGEST_LINE } from '../play/limits.ts';

/** The floor at one instant. */
export interface Moment {
  readonly t: number;
  readonly frame: string;
  readonly places: Readonly<Record<PlayerId, Point>>;
  readonly ball: Point;
  readonly holder: PlayerId | null;
  readonly dribbling: boolean;
  /** How fast each has run since the moment before, ft/s. */
  readonly speeds: Readonly<Record<PlayerId, number>>;
}

export const MOMENT = 0.1;

/** Slower than this a man stands (ft/s). */
export const STANDS = 0.5;

export function frameAt(timeline: Timeline, t: number): string {
  const bar = timeline.bars.find((b) => t < b.end - 1e-9) ?? timeline.bars.at(-1)!;
  return bar.frame;
}

const STILL: Moment['speeds'] = { '1': 0, '2': 0, '3': 0, '4': 0, '5': 0 };

export function momentAt(timeline: Timeline, t: number): Moment {
  const ball = ballAt(timeline, t);
  return {
    t,
    frame: frameAt(timeline, t),
    places: {
      '1': positionAt(timeline, '1', t),
      '2': positionAt(timeline, '2', t),
      '3': positionAt(timeline, '3', t),
      '4': positionAt(timeline, '4', t),
      '5': positionAt(timeline, '5', t),
    },
    ball: ball.point,
    holder: ball.holder,
    dribbling: ball.dribbling,
    speeds: STILL,
  };
}

const ran = (last: Moment, now: Moment, p: PlayerId): number =>
  distance(last.places[p], now.places[p]) / MOMENT;

/** The floor ten times a second, from the start to the end, or for as long as any possession is planned. */
export function momentsOf(timeline: Timeline): Moment[] {
  const out: Moment[] = [];
  const count = Math.floor(Math.min(timeline.end, LONGEST_LINE) / MOMENT + 1e-6) + 1;
  for (let k = 0; k < count; k++) {
    const m = momentAt(timeline, k * MOMENT);
    const last = out[k - 1] ?? m;
    out.push({
      ...m,
      speeds: {
        '1': ran(last, m, '1'),
        '2': ran(last, m, '2'),
        '3': ran(last, m, '3'),
        '4': ran(last, m, '4'),
        '5': ran(last, m, '5'),
      },
    });
  }
  return out;
}

/** A time during which something was so, first and last moment included. */
export interface Spell {
  readonly from: Moment;
  readonly to: Moment;
  readonly seconds: number;
}

/** Every unbroken spell of moments in which `so` holds. */
export function spells(moments: readonly Moment[], so: (m: Moment) => boolean): Spell[] {
  const out: Spell[] = [];
  let from: Moment | undefined;
  let to: Moment | undefined;
  const close = () => {
    if (from && to) out.push({ from, to, seconds: to.t - from.t });
    from = undefined;
  };
  for (const m of moments) {
    if (so(m)) {
      from ??= m;
      to = m;
    } else close();
  }
  close();
  return out;
}

export const longest = (all: readonly Spell[]): Spell | undefined =>
  all.reduce<Spell | undefined>((best, s) => (!best || s.seconds > best.seconds ? s : best), undefined);
