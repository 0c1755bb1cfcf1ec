import {
  DUE,
  FRESH,
  LATE,
  LATER,
  liveIn,
  MINUTES,
  OPTIONS_EACH,
  SHARES,
  earlierDay,
  freeIn,
  freeKey,
  lastBefore,
  touchKey,
  type Drill,
  type Plan,
  type Problem,
  type Touch,
  type TouchKind,
} from './problem.ts';
import { valueOf } from './value.ts';

/** What must stand in a plan whatever else is in it: blocks that are locked. */
export type Held = Plan;

/** Figures of a problem that every plan made for it uses. */
export interface Frame {
  readonly problem: Problem;
  readonly earlier: readonly number[];
  /** Per game: its last practice, and the last one on a day before that. */
  readonly last: readonly number[];
  readonly eve: readonly number[];
  readonly held: Held;
  /** By option the games that want it. */
  readonly wants: readonly (readonly { readonly game: number; readonly weight: number }[])[];
  readonly barred: readonly ReadonlySet<number>[];
}

export function frameOf(problem: Problem, held: Held): Frame {
  const last = problem.games.map((g) => lastBefore(problem, g.day));
  const wants: { game: number; weight: number }[][] = problem.options.map(() => []);
  problem.games.forEach((g, game) =>
    g.wants.forEach((w) => wants[w.option]!.push({ game, weight: w.weight })),
  );
  return {
    ...{ problem, held, last, wants },
    barred: problem.practices.map((p) => new Set(p.barred)),
    earlier: problem.practices.map((_, t) => earlierDay(problem, t)),
    eve: last.map((t) => (t < 0 ? -1 : earlierDay(problem, t))),
  };
}

/** Where in a favour a kind of block of an option stands. */
const favourAt = (option: number, is: TouchKind): number => option * KINDS.length + KINDS.indexOf(is);
const KINDS: readonly TouchKind[] = ['in', 'review', 'live', 'both'];
export const evenFavour = ({ options }: Problem): number[] => options.flatMap(() => KINDS.map(() => 1));

/** An option as far as it has come while a plan is made. */
interface Standing {
  in: number | null;
  touches: number;
  reviewed: boolean;
  /** A review on an earlier practice, which live work asks for. */
  reviewedBefore: boolean;
  live: number;
  last: number | null;
  /** The practice it was chosen for last. */
  at: number;
}
/** What adds less is not done. */
const NOTHING = 1e-9;

/** What a greedy plan is steered by. */
export interface Steer {
  /** What each option's blocks are worth beside what is computed, kind by kind (`favourAt`). */
  readonly favour: readonly number[];
  /** Which option comes in before which: its place in a row; null leaves that to what they are worth. */
  readonly ranks: readonly number[] | null;
}

/**
 * A plan made practice by practice: at each the block that is worth most a minute, as long as there is room. Its value is
 * that of `valueOf`.
 */
export function greedyPlan(frame: Frame, { favour, ranks }: Steer): { plan: Plan; value: number } {
  const { problem, held } = frame;
  const { options, practices } = problem;
  const touches: Touch[] = [...held.touches];
  const drills: Drill[] = [...held.drills];
  // Spelled out, one field after another: objects of one shape are read much faster than spread ones.
  const standing = options.map(({ past }): Standing => ({
    in: past.introduced,
    touches: past.touches,
    reviewed: past.reviewed,
    reviewedBefore: past.reviewed,
    live: past.live,
    last: past.last,
    at: -1,
  }));
  const paid = problem.concepts.map((m) => m === 0);
  const free = freeIn(problem);
  for (const o of options) if (o.past.introduced !== null) for (const c of o.concepts) paid[c] = true;
  const locked = new Map(
    held.touches.flatMap((x) => (x.is === 'in' ? [[x.option, x.practice] as const] : [])),
  );
  let value = gamesAt(frame, standing, -1);

  practices.forEach((practice, t) => {
    const here: { option: number; is: TouchKind }[] = held.touches.filter((x) => x.practice === t);
    let news = here.filter((x) => x.is === 'in').length;
    let room = practice.minutes;
    const pay = (c: number): number => {
      if (paid[c]) return 0;
      paid[c] = true;
      return problem.concepts[c]!;
    };
    const bill = (o: number): number =>
      options[o]!.base + options[o]!.concepts.reduce((n, c) => n + (paid[c] ? 0 : problem.concepts[c]!), 0);
    for (const d of held.drills)
      if (d.practice === t) {
        const takes = pay(d.concept);
        if (!free.concepts.has(freeKey(t, d.concept))) room -= takes;
      }
    // What stands is met first: what it teaches, nothing beside it is charged for.
    for (const { option, is } of here) {
      if (!free.options.has(freeKey(t, option))) continue;
      if (is === 'in') options[option]!.concepts.forEach(pay);
    }
    for (const { option, is } of here) {
      if (!free.options.has(freeKey(t, option))) room -= is === 'in' ? bill(option) : MINUTES[is];
      if (is === 'in') options[option]!.concepts.forEach(pay);
      put(problem, standing, { option, is }, t);
      standing[option]!.at = t;
    }
    const open: Candidate[] = [];
    for (let o = 0; o < options.length; o++) {
      const s = standing[o]!;
      if (s.at === t) continue;
      if (s.in === null ? practice.nothingNew || (locked.get(o) ?? -1) > t : !mayTouch(frame, o, s, t))
        continue;
      const barred = frame.barred[t]!.has(o);
      if (s.in === null) {
        const worth = worthIn(frame, o, t) * favour[favourAt(o, 'in')]!;
        if (worth > NOTHING && !barred) open.push({ option: o, is: 'in', worth, minutes: bill(o) });
        continue;
      }
      const worths = worthTouch(frame, o, s, t);
      LATER.forEach((is, k) => {
        if ((is !== 'review' && barred) || (is === 'live' && !s.reviewedBefore)) return;
        const worth = worths[k]! * favour[favourAt(o, is)]!;
        if (worth > NOTHING) open.push({ option: o, is, worth, minutes: MINUTES[is] });
      });
    }
    for (let count = here.length; count < OPTIONS_EACH; count++) {
      const best = bestOf(
        open,
        (c) => {
          if (standing[c.option]!.at === t || c.minutes > room + 1e-9) return false;
          const main = options[c.option]!.main;
          return c.is !== 'in' || (news < problem.newEach && (main === null || standing[main]!.in !== null));
        },
        ranks,
      );
      if (!best) break;
      const { option, is } = best;
      standing[option]!.at = t;
      room -= best.minutes;
      here.push({ option, is });
      touches.push({ practice: t, option, is });
      put(problem, standing, { option, is }, t);
      if (is !== 'in') continue;
      options[option]!.concepts.forEach(pay);
      news++;
      // What came in with it is paid for the others.
      for (const c of open) if (c.is === 'in') c.minutes = bill(c.option);
    }
    drillAhead(frame, t, room, paid, standing, favour, drills);
    for (const x of here) if (x.is !== 'in') settle(standing[x.option]!, x.is);
    value += gamesAt(frame, standing, t);
    options.forEach((o, i) => {
      const s = standing[i]!;
      if (s.in !== null) value -= LATE * o.importance * Math.max(0, dueBy(s.in, t) - s.touches);
    });
  });
  return { plan: { touches, drills }, value };
}

/** What the games are worth whose last practice is t, as everything stands after it. */
function gamesAt({ problem, last, eve }: Frame, standing: readonly Standing[], t: number): number {
  let sum = 0;
  problem.games.forEach((game, g) => {
    if (last[g] !== t) return;
    for (const { option, weight } of game.wants) {
      const s = standing[option]!;
      if (s.in === null) continue;
      const early = s.in < 0 || s.in <= eve[g]!;
      sum += weight * SHARES.in;
      if (s.reviewed && early)
        sum += weight * (SHARES.reviewed + SHARES.live * Math.min(1, s.live / problem.liveMinutes));
      if (s.last !== null && s.last >= game.day - FRESH) sum += weight * SHARES.fresh;
    }
  });
  return sum;
}

interface Candidate {
  readonly option: number;
  readonly is: TouchKind;
  readonly worth: number;
  minutes: number;
}

/** The block that is worth most a minute; of those that would come in only the first in the row is asked. */
function bestOf(
  open: readonly Candidate[],
  may: (c: Candidate) => boolean,
  ranks: readonly number[] | null,
): Candidate | null {
  let best: Candidate | null = null;
  let rate = 0;
  let first: Candidate | null = null;
  for (const c of open) {
    if (!may(c)) continue;
    if (c.is === 'in' && ranks) {
      if (!first || ranks[c.option]! < ranks[first.option]!) first = c;
      continue;
    }
    const now = c.worth / Math.max(1, c.minutes);
    if (best && now <= rate + 1e-12) continue;
    best = c;
    rate = now;
  }
  return first && (!best || first.worth / Math.max(1, first.minutes) >= rate) ? first : best;
}

const mayTouch = ({ problem, earlier }: Frame, o: number, s: Standing, t: number): boolean => {
  if (s.in === null) return false;
  if (s.in >= 0) return s.in <= earlier[t]!;
  return !(problem.options[o]!.past.today && problem.practices[t]!.day === problem.practices[0]!.day);
};

/** A block is done: what it makes of its option. */
function put(
  problem: Problem,
  standing: readonly Standing[],
  { option, is }: Pick<Touch, 'option' | 'is'>,
  t: number,
): void {
  const s = standing[option]!;
  if (is === 'in') {
    s.in = t;
    return;
  }
  s.touches++;
  s.last = problem.practices[t]!.day;
  if (is !== 'review') s.live += liveIn(problem, t, option);
  if (is !== 'live') s.reviewed = true;
}
const settle = (s: Standing, is: TouchKind): void => {
  if (is !== 'live') s.reviewedBefore = true;
};

/** About what an introduction adds to the games after it, with what it makes possible. */
function worthIn({ last, eve, wants }: Frame, o: number, t: number): number {
  let sum = 0;
  for (const { game, weight } of wants[o]!) {
    const until = last[game]!;
    if (until < t) continue;
    // What can still follow on later days before the game.
    const follows =
      t <= eve[game]! ? SHARES.reviewed + SHARES.fresh + SHARES.live * Math.min(1, (until - t) / 2) : 0;
    sum += weight * (SHARES.in + FOLLOWS * follows);
  }
  return sum;
}

/** About what a review, live work and both add to the games after it, in this order. */
function worthTouch(
  { problem, last, eve, wants }: Frame,
  o: number,
  s: Standing,
  t: number,
): readonly number[] {
  const { games, liveMinutes, options, practices } = problem;
  const day = practices[t]!.day;
  const goes =
    SHARES.live * (Math.min(1, (s.live + MINUTES.live) / liveMinutes) - Math.min(1, s.live / liveMinutes));
  let either = 0;
  let first = 0;
  let live = 0;
  for (const { game: g, weight } of wants[o]!) {
    const until = last[g]!;
    if (until < t || s.in! > eve[g]!) continue;
    const from = games[g]!.day - FRESH;
    if (!s.reviewed)
      first += weight * (SHARES.reviewed + FOLLOWS * SHARES.live * Math.min(1, (until - t) / 2));
    live += weight * goes;
    if (day >= from && (s.last === null || s.last < from)) either += weight * SHARES.fresh;
  }
  const due = DUE[s.touches];
  if (due !== undefined) {
    // One late touch less at every practice it would be late in.
    const late = Math.min(practices.length, t + RELIEF) - Math.max(t, s.in! + due);
    either += LATE * options[o]!.importance * Math.max(0, late);
  }
  return [first + either, live + either, first + live + either];
}
const dueBy = (introduced: number, t: number): number => {
  let n = 0;
  for (const d of DUE) if (introduced <= t - d) n++;
  return n;
};
/** How much of what an introduction makes possible counts for it; how many late practices a touch is asked to relieve. */
const FOLLOWS = 0.6;
const RELIEF = 8;

/** With minutes left: concepts of what is too large for the practices that come are taught ahead. */
function drillAhead(
  { problem }: Frame,
  t: number,
  free: number,
  paid: boolean[],
  standing: readonly Standing[],
  favour: readonly number[],
  drills: Drill[],
): void {
  let room = free;
  if (problem.practices[t]!.nothingNew) return;
  const most = Math.max(0, ...problem.practices.slice(t + 1).map((p) => (p.nothingNew ? 0 : p.minutes)));
  const wanting = problem.options
    .map((o, i) => ({ o, i }))
    .filter(({ i }) => standing[i]!.in === null)
    .sort(
      (a, b) => favour[favourAt(b.i, 'in')]! * b.o.importance - favour[favourAt(a.i, 'in')]! * a.o.importance,
    );
  for (const { o } of wanting) {
    const open = o.concepts.filter((c) => !paid[c]);
    const bill = o.base + open.reduce((n, c) => n + problem.concepts[c]!, 0);
    if (bill <= TIGHT * most) continue;
    for (const c of [...open].sort((a, b) => problem.concepts[b]! - problem.concepts[a]!)) {
      if (problem.concepts[c]! > room || problem.together?.[c]) continue;
      paid[c] = true;
      room -= problem.concepts[c]!;
      drills.push({ practice: t, concept: c });
    }
  }
}
/** An introduction that takes more than this share of the longest practice to come is prepared by drills. */
const TIGHT = 0.7;

/** Blocks that change nothing are taken out; what is held stays. The plan is worth at least as much without them. */
export function withoutWorthless(problem: Problem, plan: Plan, held: Held): Plan {
  let now = plan;
  let value = valueOf(problem, now).value;
  const kept = new Set(held.touches.map(touchKey));
  for (const touch of [...plan.touches].reverse()) {
    if (touch.is === 'in' || kept.has(touchKey(touch))) continue;
    // A review may carry the live work after it: then it is not tried.
    const carries =
      touch.is !== 'live' &&
      now.touches.some((x) => x.option === touch.option && x.practice > touch.practice && x.is === 'live') &&
      !now.touches.some(
        (x) =>
          x !== touch &&
          x.option === touch.option &&
          (x.is === 'review' || x.is === 'both') &&
          x.practice < touch.practice,
      );
    if (carries) continue;
    const without = { ...now, touches: now.touches.filter((x) => x !== touch) };
    const less = valueOf(problem, without).value;
    if (less >= value - 1e-9) {
      now = without;
      value = less;
    }
  }
  return now;
}
