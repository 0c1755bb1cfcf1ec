import { evenFavour, frameOf, greedyPlan, withoutWorthless, type Held, type Steer } from './greedy.ts';
import { EMPTY, type Plan, type Problem } from './problem.ts';
import { valueOf } from './value.ts';

/** Numbers between 0 and 1, the same for the same seed. */
export function randomFrom(seed: number): () => number {
  let s = seed >>> 0 || 1;
  return () => {
    s ^= s << 13;
    s >>>= 0;
    s ^= s >>> 17;
    s ^= s << 5;
    s >>>= 0;
    return s / 0x1_0000_0000;
  };
}

export interface Quick {
  readonly plan: Plan;
  readonly value: number;
  /** How many plans were tried. */
  readonly tried: number;
}

/**
 * Plans one after another, each with the best so far: the greedy one first, then others by changed favours. What is held
 * stands in all of them; with `from` none is worth less than that. It goes on until nobody asks any more.
 */
export function* planSearch(
  problem: Problem,
  held: Held = EMPTY,
  from: Plan | null = null,
): Generator<Quick, never> {
  const frame = frameOf(problem, held);
  const random = randomFrom(20_011);
  const first = greedyPlan(frame, { favour: evenFavour(problem), ranks: null });
  let steer: Steer = { favour: evenFavour(problem), ranks: ranksOf(problem, first.plan) };
  let at = first.value;
  let home = { steer, value: at };
  const old = from && { plan: from, value: valueOf(problem, from).value };
  let best = old && old.value >= first.value ? old : first;
  let stuck = 0;
  for (let tried = 1; ; tried++) {
    yield { ...best, tried };
    if (problem.options.length === 0) continue;
    let next = changed(steer, random);
    // Where nothing gets better any more, it starts again some steps beside the best.
    const leaps = stuck >= STUCK * problem.options.length;
    if (leaps) {
      next = home.steer;
      for (let k = 0; k < LEAP; k++) next = changed(next, random);
      stuck = 0;
    }
    const found = greedyPlan(frame, next);
    stuck++;
    if (leaps || found.value >= at - 1e-9) {
      if (found.value > at + 1e-9) stuck = 0;
      steer = next;
      at = found.value;
    }
    if (found.value > home.value + 1e-9) home = { steer: next, value: found.value };
    if (found.value > best.value + 1e-9) best = found;
  }
}

/** A plan at once: looked for as long as `goOn` says, without the blocks that change nothing. */
export function quickPlan(
  problem: Problem,
  goOn: (tried: number) => boolean,
  held: Held = EMPTY,
  from: Plan | null = null,
): Quick {
  for (const found of planSearch(problem, held, from))
    if (problem.options.length === 0 || !goOn(found.tried)) return lean(problem, held, found);
  throw new Error('The search for a plan ended by itself.');
}

/** A plan that was found, without what changes nothing in it. */
export function lean(problem: Problem, held: Held, { plan, tried }: Quick): Quick {
  const left = withoutWorthless(problem, plan, held);
  return { plan: left, value: valueOf(problem, left).value, tried };
}

/** So many changes an option that bring nothing are enough; so many at once leap out of there. */
const STUCK = 20;
const LEAP = 4;

/** Places in a row: options as a plan brings them in, those it does not behind. */
function ranksOf({ options }: Problem, plan: Plan): number[] {
  const at = new Map(plan.touches.flatMap((x) => (x.is === 'in' ? [[x.option, x.practice] as const] : [])));
  const row = options
    .map((_, o) => o)
    .sort((a, b) => (at.get(a) ?? Infinity) - (at.get(b) ?? Infinity) || a - b);
  const ranks = options.map(() => 0);
  row.forEach((o, i) => (ranks[o] = i));
  return ranks;
}

const SMALL = 8;

/** A steer a little otherwise: two options change places, one moves up or down, or a favour is another. */
function changed({ favour, ranks }: Steer, random: () => number): Steer {
  const n = ranks!.length;
  const pick = (): number => Math.floor(random() * n);
  const what = random();
  // In a small season a plan is far from the next one: more is changed at once.
  const small = n <= SMALL;
  if (what < (small ? 0.5 : 0.35)) {
    const next = [...favour];
    for (let k = 1 + Math.floor(random() * (small ? 3 : 2)); k > 0; k--)
      next[Math.floor(random() * next.length)]! *= Math.exp((random() - 0.5) * 2.4);
    return { favour: next, ranks };
  }
  const row = ranks!.map((_, o) => o).sort((a, b) => ranks![a]! - ranks![b]!);
  const [a, b] = [pick(), pick()];
  if (what < 0.7) [row[a], row[b]] = [row[b]!, row[a]!];
  else row.splice(b, 0, ...row.splice(a, 1));
  const next = ranks!.map(() => 0);
  row.forEach((o, i) => (next[o] = i));
  return { favour, ranks: next };
}
