import type { Seat } from '../geometry/five.ts';
import type { PassKind } from '../motion/level.ts';
import type { Defended } from '../defence/defended.ts';
import { OPEN } from '../look/chance.ts';
import { opennessAt, type Openness } from '../look/openness.ts';

/** A look as the defence has it in its time: whether it is open for three tenths of a second on end, and what it is worth. */
export interface Judged {
  readonly open: boolean;
  /** Points, as good as it is for three tenths of a second. */
  readonly worth: number;
  /** The pass that is best then; null for a shot. */
  readonly pass: PassKind | null;
  /** The middle of the three tenths that are meant, seconds; NaN when there was no time at all. */
  readonly at: number;
  /** How far it is from open, in what is short: 0 is just open, 1 a foot and a half or 0.15 s to spare. */
  readonly slack: number;
  /** Feet to the nearest man at the shot and who he is, seconds the ball is ahead of a hand and whose, at that time. */
  readonly feet: number;
  readonly by: number;
  readonly margin: number;
  readonly laneMan: number;
  /** It is about the rim, where less room is open. */
  readonly near: boolean;
  /** What falls short: a man at the shot, a hand in the lane, a body on the way; null for an open one. */
  readonly lacks: 'feet' | 'lane' | 'way' | null;
  /** Who is on the way of the man who should get it; −1 nobody. */
  readonly way: number;
}

/** Slack is told in so many feet, and in so many seconds of lane. */
const SPARE = { feet: 1.5, lane: 0.15 } as const;
/** A man who was run into for so long, at most so long ago, does not get there; his look is worth less (from memory). */
const BLOCKED = { seconds: 0.25, since: 1.5, share: 0.6 } as const;
const EVERY = 0.1;
/** So many looks on end are asked: three tenths of a second. */
const ON_END = 3;

interface Sample {
  readonly t: number;
  readonly o: Openness;
  readonly open: boolean;
  readonly worth: number;
  readonly slack: number;
  readonly near: boolean;
  readonly lacks: Judged['lacks'];
  readonly way: number;
}

const NEVER: Judged = {
  open: false,
  worth: 0,
  pass: null,
  at: NaN,
  slack: -Infinity,
  feet: 0,
  by: -1,
  margin: -Infinity,
  laneMan: -1,
  near: false,
  lacks: 'feet',
  way: -1,
};

/** The look of a man between two times (s): a pass thrown to him then, or the shot of him who has the ball. */
export function judgeLook(d: Defended, seat: Seat, from: number, to: number): Judged {
  const samples: Sample[] = [];
  for (let t = Math.max(0, from); t <= to + 1e-9; t += EVERY) samples.push(sampleOf(d, seat, t));
  let best: readonly Sample[] | null = null;
  let open = false;
  let worth = 0;
  for (let i = 0; i + ON_END <= samples.length; i++) {
    const some = samples.slice(i, i + ON_END);
    const isOpen = some.every((s) => s.open);
    const least = Math.min(...some.map((s) => s.worth));
    worth = Math.max(worth, least);
    open ||= isOpen;
    if (!best || better(some, best)) best = some;
  }
  if (!best) return NEVER;
  const worst = best.reduce((a, b) => (b.slack < a.slack ? b : a));
  return {
    open,
    worth,
    pass: best[1]!.o.pass,
    at: best[1]!.t,
    slack: worst.slack,
    feet: worst.o.atShot,
    by: worst.o.by,
    margin: worst.o.margin,
    laneMan: worst.o.laneMan,
    near: worst.near,
    lacks: open ? null : worst.lacks,
    way: worst.way,
  };
}

const least = (some: readonly Sample[], of: (s: Sample) => number): number => Math.min(...some.map(of));

/** Open before anything else, then worth more, then nearer to open. */
function better(a: readonly Sample[], b: readonly Sample[]): boolean {
  const opens = [a, b].map((x) => x.every((s) => s.open));
  if (opens[0] !== opens[1]) return opens[0]!;
  const of = opens[0] ? (s: Sample) => s.worth : (s: Sample) => s.slack;
  return least(a, of) > least(b, of) + 1e-9;
}

function sampleOf(d: Defended, seat: Seat, t: number): Sample {
  const { rails } = d;
  const k = Math.min(rails.steps - 1, Math.round(t / rails.dt));
  const o = opennessAt(d, k, seat);
  const near = o.how === 'finish' || o.close;
  const room = (o.atShot - (near ? OPEN.rim : OPEN.shot)) / SPARE.feet;
  const lane = (o.margin - OPEN.margin) / SPARE.lane;
  const body = d.blocked.find(
    (b) => b.player === seat && b.seconds >= BLOCKED.seconds && b.from >= t - BLOCKED.since && b.from <= t,
  );
  return {
    t,
    o,
    open: !body && room >= 0 && lane >= 0,
    worth: o.value * (body ? BLOCKED.share : 1),
    near,
    slack: Math.min(room, lane, body ? -1 : Infinity),
    lacks: body ? 'way' : lane < room ? 'lane' : 'feet',
    way: body?.defender ?? -1,
  };
}
