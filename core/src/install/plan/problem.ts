/** Something to be put in: a line of a play, and what it takes. */
export interface PlanOption {
  /** What the rest of the app knows it by. */
  readonly key: string;
  /** How much it is wanted at all; a late touch costs this share. */
  readonly importance: number;
  /** Minutes its introduction takes beside what is new in it. */
  readonly base: number;
  /** What must be taught before or with it: places in `concepts`. */
  readonly concepts: readonly number[];
  /** The line as drawn, which must be in no later; none where it is that line. */
  readonly main: number | null;
  readonly past: Past;
}
/** What was done with an option before the first practice of the plan. */
export interface Past {
  /** The practice it was introduced in: −1 the last one before the plan, −2 the one before; null not yet. */
  readonly introduced: number | null;
  /** On the day of the first practice that is planned: other blocks of it must wait for another day. */
  readonly today: boolean;
  readonly touches: number;
  readonly reviewed: boolean;
  readonly live: number;
  /** Day of its last touch; null never. */
  readonly last: number | null;
}
export const NO_PAST: Past = {
  ...{ introduced: null, today: false, touches: 0, reviewed: false, live: 0, last: null },
};

export interface PlanPractice {
  /** Days since any day; practices stand in order, two may be on one day. */
  readonly day: number;
  /** Minutes for plays that are not taken by blocks that stay as they are. */
  readonly minutes: number;
  /** Options whose men are missing: not introduced and not live then. */
  readonly barred: readonly number[];
  /** Nothing new: the last practice before a game. */
  readonly nothingNew: boolean;
}
export interface PlanGame {
  readonly day: number;
  /** What is wanted ready, and how much. */
  readonly wants: readonly { readonly option: number; readonly weight: number }[];
}

/** Blocks that stand with the minutes they have, and drills that do. */
export interface Stands {
  readonly touches: readonly {
    readonly practice: number;
    readonly option: number;
    readonly minutes: number;
  }[];
  readonly drills: readonly { readonly practice: number; readonly concept: number }[];
}

/** What a plan is to be made of. Minutes and days are plain figures. */
export interface Problem {
  readonly options: readonly PlanOption[];
  /** Minutes each concept takes once; 0 where the team knows it. */
  readonly concepts: readonly number[];
  /** Concepts that are taught only together with an option they are for, never by themselves; without it none. */
  readonly together?: readonly boolean[] | undefined;
  readonly practices: readonly PlanPractice[];
  readonly games: readonly PlanGame[];
  /** New options a practice at most. */
  readonly newEach: number;
  /** Live minutes that make an option ready. */
  readonly liveMinutes: number;
  /** What stands whatever is planned: its minutes are none of the practice's any more, and it is charged nothing. */
  readonly stands?: Stands | undefined;
  /** Live minutes that blocks which stand have beyond the usual ones. */
  readonly longer?:
    readonly { readonly practice: number; readonly option: number; readonly by: number }[] | undefined;
}

export type TouchKind = 'in' | 'review' | 'live' | 'both';
export interface Touch {
  readonly practice: number;
  readonly option: number;
  readonly is: TouchKind;
}
/** A touch as one word: the same block of two plans has the same. */
export const touchKey = (x: Touch): string => `${x.practice} ${x.option} ${x.is}`;
/** What can be done with an option that is in. */
export const LATER = ['review', 'live', 'both'] as const satisfies readonly TouchKind[];
/** A concept that is taught ahead of the options it is for. */
export interface Drill {
  readonly practice: number;
  readonly concept: number;
}
export interface Plan {
  readonly touches: readonly Touch[];
  readonly drills: readonly Drill[];
}
export const EMPTY: Plan = { touches: [], drills: [] };

/** Minutes of a review, of live work, and of both one after the other (from memory of common practice). */
export const MINUTES: Readonly<Record<Exclude<TouchKind, 'in'>, number>> = { review: 3, live: 5, both: 8 };
/** Live minutes of an option in a practice where it is live at all. */
export const liveIn = ({ longer }: Pick<Problem, 'longer'>, practice: number, option: number): number =>
  MINUTES.live + (longer?.find((x) => x.practice === practice && x.option === option)?.by ?? 0);

/** What is charged nothing, by practice and option or concept (`freeKey`). */
interface Free {
  readonly options: ReadonlySet<number>;
  readonly concepts: ReadonlySet<number>;
}
/** A practice and one of its options or concepts as one figure: this is asked for every block of every plan. */
export const freeKey = (practice: number, of: number): number => practice * 10_000 + of;
const NOTHING_FREE: Free = { options: new Set(), concepts: new Set() };
const frees = new WeakMap<Problem, Free>();

/** What a plan is charged nothing for: blocks that stand, and concepts that are taught in one that introduces them. */
export function freeIn(problem: Problem): Free {
  const { stands, options } = problem;
  if (!stands) return NOTHING_FREE;
  const before = frees.get(problem);
  if (before) return before;
  const free: Free = {
    options: new Set(stands.touches.map((x) => freeKey(x.practice, x.option))),
    concepts: new Set([
      ...stands.drills.map((d) => freeKey(d.practice, d.concept)),
      ...stands.touches.flatMap((x) => options[x.option]!.concepts.map((c) => freeKey(x.practice, c))),
    ]),
  };
  frees.set(problem, free);
  return free;
}

/** Options a practice has room for at most. */
export const OPTIONS_EACH = 6;
/** The n-th touch is due so many practices after the introduction. */
export const DUE = [1, 3, 7, 14] as const;
/** What is used in so many days before a game is fresh. */
export const FRESH = 14;
/** What readiness is made of: being in, reviewed, live work, and freshness. */
export const SHARES = { in: 0.2, reviewed: 0.2, live: 0.5, fresh: 0.1 } as const;
/** What a touch that is late costs at every practice. */
export const LATE = 0.03;

/** The last practice on an earlier day; −1 none. */
export function earlierDay({ practices }: Pick<Problem, 'practices'>, t: number): number {
  let d = t - 1;
  while (d >= 0 && practices[d]!.day >= practices[t]!.day) d--;
  return d;
}
/** The last practice before a day; −1 none. */
export const lastBefore = ({ practices }: Pick<Problem, 'practices'>, day: number): number =>
  practices.findLastIndex((p) => p.day < day);
