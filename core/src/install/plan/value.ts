import {
  DUE,
  FRESH,
  LATE,
  MINUTES,
  SHARES,
  earlierDay,
  freeIn,
  freeKey,
  lastBefore,
  liveIn,
  type Plan,
  type Problem,
  type TouchKind,
} from './problem.ts';

/** How ready an option is for a game, 0 to 1, and what it is made of. */
interface Readiness {
  readonly game: number;
  readonly option: number;
  readonly weight: number;
  readonly in: boolean;
  readonly reviewed: boolean;
  /** Live minutes there will be by then. */
  readonly live: number;
  readonly fresh: boolean;
  readonly value: number;
}
export interface PlanValue {
  /** What the plan is worth: readiness by weight less the price of late touches. */
  readonly value: number;
  readonly ready: readonly Readiness[];
  /** Minutes of each practice that are planned. */
  readonly minutes: readonly number[];
  /** Minutes each introduction takes, by option; 0 where it is not introduced. */
  readonly introductions: readonly number[];
}

/** When each concept is paid for: the practice of its first drill or introduction; −1 where the past paid it, null never. */
export function paidAt(problem: Problem, plan: Plan): (number | null)[] {
  const paid: (number | null)[] = problem.concepts.map((m) => (m === 0 ? -1 : null));
  const pay = (c: number, t: number): void => {
    const was = paid[c];
    if (was === null || was === undefined || t < was) paid[c] = t;
  };
  for (const o of problem.options) if (o.past.introduced !== null) for (const c of o.concepts) pay(c, -1);
  for (const { concept, practice } of plan.drills) pay(concept, practice);
  for (const { is, option, practice } of plan.touches)
    if (is === 'in') for (const c of problem.options[option]!.concepts) pay(c, practice);
  return paid;
}

/** What a plan is worth and takes; a plan is not judged by it to be possible (`wrongIn`). */
export function valueOf(problem: Problem, plan: Plan): PlanValue {
  const { options, practices, games } = problem;
  const minutes = practices.map(() => 0);
  const introductions = options.map(() => 0);
  const paid = paidAt(problem, plan);
  const free = freeIn(problem);
  const owed = new Set(paid.flatMap((t, c) => (t !== null && t >= 0 ? [c] : [])));
  const introduced = options.map((o) => o.past.introduced);
  const byOption: { practice: number; is: TouchKind }[][] = options.map(() => []);
  for (const touch of [...plan.touches].sort((a, b) => a.practice - b.practice)) {
    const { practice, option, is } = touch;
    if (is !== 'in') {
      if (!free.options.has(freeKey(practice, option))) minutes[practice]! += MINUTES[is];
      byOption[option]!.push(touch);
      continue;
    }
    introduced[option] = practice;
    let takes = free.options.has(freeKey(practice, option)) ? 0 : options[option]!.base;
    for (const c of options[option]!.concepts)
      if (paid[c] === practice && owed.delete(c) && !free.concepts.has(freeKey(practice, c)))
        takes += problem.concepts[c]!;
    introductions[option] = takes;
    minutes[practice]! += takes;
  }
  // What no introduction of that practice took up was taught in a drill.
  for (const c of owed)
    if (!free.concepts.has(freeKey(paid[c]!, c))) minutes[paid[c]!]! += problem.concepts[c]!;

  let value = 0;
  const ready: Readiness[] = [];
  games.forEach(({ day, wants }, game) => {
    const last = lastBefore(problem, day);
    const eve = last < 0 ? -1 : earlierDay(problem, last);
    for (const { option, weight } of wants) {
      const { past } = options[option]!;
      const at = introduced[option];
      const touches = byOption[option]!.filter((x) => x.practice <= last);
      const isIn = at !== null && at !== undefined && at <= last;
      const early = isIn && at <= eve;
      const reviewed =
        (past.reviewed || touches.some((x) => x.is === 'review' || x.is === 'both')) &&
        (early || past.reviewed);
      const live = touches.reduce(
        (n, x) => (x.is === 'live' || x.is === 'both' ? n + liveIn(problem, x.practice, option) : n),
        past.live,
      );
      const freshFrom = day - FRESH;
      const fresh =
        (past.last !== null && past.last >= freshFrom) ||
        (early && touches.some((x) => practices[x.practice]!.day >= freshFrom));
      const share = reviewed ? Math.min(1, live / problem.liveMinutes) : 0;
      const one =
        (isIn ? SHARES.in : 0) +
        (reviewed ? SHARES.reviewed : 0) +
        SHARES.live * share +
        (fresh ? SHARES.fresh : 0);
      value += weight * one;
      ready.push({ ...{ game, option, weight, in: isIn, reviewed, live, fresh }, value: one });
    }
  });
  options.forEach((o, i) => {
    value -= LATE * o.importance * lateOf(problem, i, introduced[i] ?? null, byOption[i]!);
  });
  return { value, ready, minutes, introductions };
}

/** Touches that are late, summed over the practices. */
function lateOf(
  { options, practices }: Problem,
  option: number,
  introduced: number | null,
  touches: readonly { readonly practice: number }[],
): number {
  if (introduced === null) return 0;
  let late = 0;
  let done = options[option]!.past.touches;
  let k = 0;
  for (let t = 0; t < practices.length; t++) {
    while (k < touches.length && touches[k]!.practice <= t) {
      done++;
      k++;
    }
    let due = 0;
    for (const n of DUE) if (introduced <= t - n) due++;
    late += Math.max(0, due - done);
  }
  return late;
}
