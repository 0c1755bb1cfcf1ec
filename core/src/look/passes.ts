import { PLAYERS, type PlayerId } from '../alignment/library.ts';
import type { Defended } from '../defence/defended.ts';
import type { Plan } from '../defence/plan.ts';
import { railsUntil } from '../defence/rails.ts';
import { simulate } from '../defence/simulate.ts';
import { heldAt } from '../motion/held.ts';
import type { TimedAction } from '../motion/timeline.ts';
import { PASS_KINDS } from '../play/vocabulary.ts';
import { catchable, kindPossible, passChance } from './openness.ts';
import type { PassKind } from '../motion/level.ts';
import { SAFE_LANE } from '../space/lane.ts';

/** From when to when something was so, seconds. */
export interface Span {
  readonly from: number;
  readonly to: number;
}

/** A pass as the defence has it: its lane, and when it could have been thrown. */
export interface PassSeen {
  readonly action: string;
  readonly passer: PlayerId;
  readonly receiver: PlayerId;
  readonly kind: PassKind;
  /** When it starts, seconds. */
  readonly at: number;
  readonly margin: number;
  readonly laneMan: number;
  readonly risk: number;
  /** A kind of pass whose lane is safe where this one's is not; null when none is, or this one is. */
  readonly better: PassKind | null;
  readonly atCatch: number;
  /** When lane and receiver are both free for this kind of pass; null when they never are. */
  readonly window: Span | null;
  readonly verdict: 'in' | 'early' | 'late' | 'never';
  /** Seconds it is early or late by; since when the window is open when it is in it. */
  readonly by: number;
  /**
   * It is out of its window, and that costs something: the lane is not safe, or its receiver shoots. A man who
   * only takes the ball need not be free of his own.
   */
  readonly costs: boolean;
  /** For one in its window: until when it could wait, from its start. */
  readonly left: number;
}

/** Windows are looked for this far before and after a pass, and are at least this long (s). */
const AROUND = 2.5;
const LEAST = 0.2;
/** Nearer to its window than this a pass is in time (s). */
export const IN_TIME = 0.15;
/** A catch is judged by where the defence is within this long of the pass: wind-up and slowest reaction, with room (s). */
const LOOKS_ON = 2;

/** Every drawn pass of a line against its defence. Each is held once to see the window its passer had. */
export function passesSeen(d: Defended, plan: Plan): PassSeen[] {
  const { timeline } = d.rails;
  return timeline.flights.flatMap((f): PassSeen[] => {
    if (f.receiver === null || f.kind === null) return [];
    const timed = timeline.actions.find((a) => a.action.id === f.action)!;
    const receiver = PLAYERS.indexOf(f.receiver);
    const { kind } = f;
    const k = stepAt(d, timed.start);
    const seen = passChance(d, k, receiver, kind);
    const all = windowsOf(hold(d, plan, timed), receiver, kind, timed.start);
    const inside = all.find((w) => w.from <= timed.start + 1e-9 && timed.start <= w.to + 1e-9);
    const nearest = all.reduce<Span | undefined>(
      (best, w) => (!best || gap(w, timed.start) < gap(best, timed.start) ? w : best),
      undefined,
    );
    const window = inside ?? nearest ?? null;
    const off = window ? gap(window, timed.start) : 0;
    const verdict = !window ? 'never' : off < IN_TIME ? 'in' : timed.start < window.from ? 'early' : 'late';
    const out = verdict === 'early' || verdict === 'late';
    const next = timeline.actions.find((a) => a.action.by === f.receiver && a.start > timed.start + 0.1);
    return [
      {
        action: f.action,
        passer: f.passer,
        receiver: f.receiver,
        kind,
        at: timed.start,
        margin: seen.margin,
        laneMan: seen.laneMan,
        risk: seen.risk,
        better: seen.margin < SAFE_LANE ? betterKind(d, k, receiver, kind) : null,
        atCatch: seen.atCatch,
        window,
        verdict,
        by: !window ? 0 : verdict === 'in' ? Math.max(0, timed.start - window.from) : off,
        costs: out && (seen.margin < SAFE_LANE || next?.action.does === 'shot'),
        left: inside ? inside.to - timed.start : 0,
      },
    ];
  });
}

/** The safest other kind of pass to him that is safe at all. */
function betterKind(d: Defended, k: number, receiver: number, drawn: PassKind): PassKind | null {
  let best: PassKind | null = null;
  let margin: number = SAFE_LANE;
  for (const kind of PASS_KINDS) {
    if (kind === drawn || !kindPossible(d, k, receiver, kind)) continue;
    const seen = passChance(d, k, receiver, kind);
    if (seen.margin < margin) continue;
    best = kind;
    margin = seen.margin;
  }
  return best;
}

const gap = (w: Span, t: number): number => (t < w.from ? w.from - t : t > w.to ? t - w.to : 0);
const stepAt = (d: Defended, t: number): number =>
  Math.max(0, Math.min(d.rails.steps - 1, Math.round(t / d.rails.dt)));

/** The line with a pass held, as far as its windows are looked for. */
function hold(d: Defended, plan: Plan, pass: TimedAction): Defended {
  const { timeline, court, level } = d.rails;
  const until = pass.start + AROUND + LOOKS_ON;
  const rails = railsUntil(heldAt(timeline, pass.action.id, AROUND), court, level, until);
  return simulate(rails, plan, rails.steps);
}

/** The spans in which a kind of pass to a player is free, found at ten a second and sharpened at their ends. */
function windowsOf(held: Defended, receiver: number, kind: PassKind, at: number): Span[] {
  const free = (k: number): boolean =>
    kindPossible(held, k, receiver, kind) && catchable(held, k, receiver, kind);
  const from = stepAt(held, at - AROUND);
  const to = stepAt(held, at + AROUND);
  const out: Span[] = [];
  let since = -1;
  let last = from;
  for (let k = from; k <= to; last = k, k += 6) {
    const is = free(k);
    if (is && since < 0) since = k === from ? k : edge(free, last, k);
    if (!is && since >= 0) {
      out.push({ from: since * held.rails.dt, to: edge(free, k, last) * held.rails.dt });
      since = -1;
    }
  }
  if (since >= 0) out.push({ from: since * held.rails.dt, to: to * held.rails.dt });
  return out.filter((w) => w.to - w.from >= LEAST - 1e-9);
}

/** The step nearest to `no` at which it is so, between a step where it is not and one where it is. */
export function edge(so: (k: number) => boolean, no: number, yes: number): number {
  let a = no;
  let b = yes;
  while (Math.abs(b - a) > 1) {
    const mid = (a + b) >> 1;
    if (so(mid)) b = mid;
    else a = mid;
  }
  return b;
}
