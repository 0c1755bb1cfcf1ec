import type { Fork, PlayerId } from '@corkscrew/core';

/** Pixels a second, from lane to lane, and of a picture along the way and at the end of it. */
const PPS = 76;
export const LANE = 112;
export const SMALL = 78;
export const LARGE = 118;
const LEFT = 28;
const TOP = 30;
const BETWEEN = 12;
/** A fork's shield, and the room the curve to the next lane needs. */
const SHIELD = 34;
const CURVE = 26;
/** A frame that is over so soon after a parting (s) belongs before it. */
const PART = 0.3;

/** A play as it runs: when each of its frames starts and when it is over (s). */
export interface Lane {
  readonly id: string;
  readonly starts: readonly number[];
  readonly end: number;
}

/** A picture on the strip: frame k of a play (−1 is its set), where it is drawn, and its true second. */
export interface Shot {
  readonly play: string;
  readonly frame: number;
  readonly seconds: number;
  readonly x: number;
  readonly y: number;
  readonly large: boolean;
  /** The plays that look like this. */
  readonly plays: readonly string[];
}
export interface Parting {
  readonly x: number;
  readonly y: number;
  readonly seconds: number;
  readonly by: PlayerId | 'ball' | null;
  readonly plays: readonly (readonly string[])[];
}
/** A stroke from x to x, bending from one lane to another where they are not the same. */
interface Stroke {
  readonly x: number;
  readonly y: number;
  readonly x1: number;
  readonly y1: number;
  readonly plays: readonly string[];
}
export interface Strip {
  readonly shots: readonly Shot[];
  readonly partings: readonly Parting[];
  readonly strokes: readonly Stroke[];
  /** Where each play's lane ends, for its name. */
  readonly ends: Readonly<Record<string, { readonly x: number; readonly y: number }>>;
  readonly width: number;
  readonly height: number;
  /** Whole seconds and where they stand. */
  readonly ticks: readonly { readonly seconds: number; readonly x: number }[];
}

export const xAt = (seconds: number): number => LEFT + seconds * PPS;

/** Lays a series out in time: shared pictures once, a shield where the plays part, one lane a play. */
export function stripOf(fork: Fork<Lane>): Strip {
  const order = lanesIn(fork);
  const lane = new Map(order.map((l, i) => [l.id, TOP + i * LANE + LANE / 2]));
  const shots: Shot[] = [];
  const partings: Parting[] = [];
  const strokes: Stroke[] = [];
  const ends: Record<string, { x: number; y: number }> = {};
  const middle = (plays: readonly Lane[]): number =>
    (lane.get(plays[0]!.id)! + lane.get(plays.at(-1)!.id)!) / 2;

  const place = (f: Fork<Lane>, since: number, from: { x: number; y: number } | null): void => {
    const y = middle(lanesIn(f));
    const ids = f.plays.map((p) => p.id);
    const [play] = f.plays;
    const last = play!.starts.length - 1;
    const alone = f.branches.length === 0;
    const until = alone ? Infinity : f.at!;
    let x = from ? from.x + CURVE : LEFT;
    let drawn = from?.x ?? LEFT;
    const shared = play!.starts.flatMap((seconds, frame) => {
      const over = play!.starts[frame + 1] ?? play!.end;
      // A frame in which the plays part is drawn on each lane as that play has it.
      return over <= since + PART || over > until + PART || (alone && frame === last)
        ? []
        : [{ seconds, frame }];
    });
    if (!from && !alone && shared.length === 0) shared.push({ seconds: 0, frame: -1 });
    shared.forEach(({ seconds, frame }) => {
      x = Math.max(x, xAt(seconds));
      shots.push({ play: play!.id, frame, seconds, x, y, large: false, plays: ids });
      x += SMALL + BETWEEN;
      drawn = x - BETWEEN;
    });
    if (from) strokes.push({ x: from.x, y: from.y, x1: from.x + CURVE, y1: y, plays: ids });
    const start = from ? from.x + CURVE : LEFT;
    if (alone) {
      const at = Math.max(x, xAt(play!.end) - LARGE);
      strokes.push({ x: start, y, x1: at, y1: y, plays: ids });
      shots.push({ play: play!.id, frame: last, seconds: play!.end, x: at, y, large: true, plays: ids });
      for (const id of ids) ends[id] = { x: at + LARGE, y: lane.get(id)! };
      return;
    }
    const at = Math.max(drawn + BETWEEN, xAt(f.at!) - SHIELD / 2);
    strokes.push({ x: start, y, x1: at, y1: y, plays: ids });
    partings.push({
      x: at,
      y,
      seconds: f.at!,
      by: f.by,
      plays: f.branches.map((b) => b.plays.map((p) => p.id)),
    });
    for (const b of f.branches) place(b, f.at!, { x: at + SHIELD, y });
  };
  place(fork, 0, null);
  const far = Math.max(...Object.values(ends).map((e) => e.x), 0);
  const seconds = Math.ceil((far - LEFT) / PPS);
  return {
    ...{ shots, partings, strokes, ends },
    width: far,
    height: TOP + order.length * LANE,
    ticks: Array.from({ length: seconds + 1 }, (_, i) => ({ seconds: i, x: xAt(i) })),
  };
}

/** Plays from top to bottom; two that nobody can ever tell apart have a lane each all the same. */
const lanesIn = (f: Fork<Lane>): Lane[] =>
  f.branches.length === 0 ? [...f.plays] : f.branches.flatMap(lanesIn);
