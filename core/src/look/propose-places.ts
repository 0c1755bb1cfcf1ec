import type { Five, None, Seat } from '../geometry/five.ts';
import { distanceToRim } from '../court/queries.ts';
import { mirrorSpot, spotByKey, SPOTS, type SpotKey } from '../court/spots.ts';
import type { Court } from '../court/court.ts';
import type { Scheme } from '../defence/zone/scheme.ts';
import { situationAt, settled, type Situation } from '../defence/zone/shade.ts';
import { distance, type Point } from '../geometry/vec.ts';
import type { LevelRecord } from '../motion/level.ts';
import { chasersLate, floorOf, type Floor } from '../space/floor.ts';
import { shotWorth } from '../space/shot-worth.ts';
import { optionsOf, worstSplit, type Option, type Split } from '../space/split.ts';

/** What a team asks of its places against a zone. */
export interface PlaceRules {
  /** Men kept inside: at the high post or nearer to the rim. */
  readonly inside: number;
  /** Feet between two men. */
  readonly spacing: number;
}
const PLACE_RULES: PlaceRules = { inside: 1, spacing: 12 };

export interface Proposal {
  /** Five places, the man with the ball first as he was. */
  readonly places: readonly Point[];
  readonly spots: readonly (SpotKey | null)[];
  readonly options: readonly Option[];
  readonly split: Split | null;
}

/** Nearer to the rim than this a man is inside (ft): the high post counts. One above this is back. */
const INSIDE = 15;
const BACK = 21;
/** A man closer to the ball than this gives nobody anything to run to (ft). */
const FROM_BALL = 7;
const NOT: readonly string[] = ['point', 'hash', 'rim'];
/** The four without the ball; the first has it. */
const OFF_BALL: readonly Seat[] = [1, 2, 3, 4];
/** How many answers are offered, and by how many places at least each differs from the others and from their mirror images. */
const ANSWERS = 3;
const DIFFERS = 2;

/**
 * Where to put the four without the ball: of all sets of named spots that keep the rules (men inside, spacing, one
 * back) those against which the zone, as it leans to all five, is the latest for what a shot is worth there; the best
 * first, and no two alike. `holder` is where the ball is; `chases` says by defender which of the five places, the
 * ball's first, is chased (−1: none). Empty when no set keeps the rules.
 */
export function proposePlaces(
  scheme: Scheme,
  level: LevelRecord,
  court: Court,
  holder: Point,
  rules: PlaceRules = PLACE_RULES,
  chases?: Five<Seat | None>,
): Proposal[] {
  const candidates = SPOTS.filter((s) => !NOT.includes(s.family))
    .map((s): Candidate => ({ key: s.key, ...s.at(court) }))
    .filter((c) => distance(c, holder) >= FROM_BALL);
  const f = floorOf(court, level);
  const situation: Situation = { ...situationAt([], holder, chases), x: f.ox, y: f.oy, players: 5 };
  f.bx = holder.x;
  f.by = holder.y;
  f.holder = 0;
  f.players = 5;
  f.ox[0] = holder.x;
  f.oy[0] = holder.y;
  if (chases) chasersLate(f, chases);
  const put = (set: readonly Candidate[]): void => {
    OFF_BALL.forEach((j, i) => {
      f.ox[j] = set[i]!.x;
      f.oy[j] = set[i]!.y;
    });
    settled(scheme, level, situation, f.dx, f.dy);
  };
  const chased = OFF_BALL.some((j) => chases !== undefined && [...chases].includes(j));
  const rated = legalSets(candidates, holder, rules, court)
    .flatMap((set) => (chased ? ordersOf(set) : [set]))
    .map((set) => {
      put(set);
      return { set, score: scoreOf(f) };
    })
    .sort((a, b) => b.score - a.score);
  const kept: (readonly Candidate[])[] = [];
  for (const { set } of rated) {
    if (kept.length === ANSWERS) break;
    // A zone is asked in the middle and along its baseline, if only in one of the answers.
    const left = ANSWERS - kept.length;
    const missing = (['middle', 'baseline'] as const).filter((i) => !kept.some((k) => ideasOf(k).has(i)));
    const adds = missing.some((i) => ideasOf(set).has(i));
    if (kept.every((k) => differs(k, set)) && (missing.length < left || adds)) kept.push(set);
  }
  return kept.map((set) => {
    put(set);
    const options = optionsOf(f);
    return {
      places: [holder, ...set.map(({ x, y }) => ({ x, y }))],
      spots: [null, ...set.map((c) => c.key)],
      options,
      split: worstSplit(f),
    };
  });
}

/** Every four of the spots that keep the rules with the man who has the ball. */
function legalSets(all: readonly Candidate[], holder: Point, rules: PlaceRules, court: Court): Candidate[][] {
  const near = (p: Point): boolean => distanceToRim(court, p) < INSIDE;
  // Spacing is for men outside: one inside may stand closer.
  const apart = (a: Point, b: Point, k = 1): boolean =>
    distance(a, b) >= rules.spacing * (near(a) || near(b) ? 0.6 : 1) * k;
  const free = all.filter((c) => apart(holder, c, 0.8));
  const out: Candidate[][] = [];
  const grow = (set: Candidate[], from: number): void => {
    if (set.length === OFF_BALL.length) {
      const five = [holder, ...set];
      if (five.filter(near).length >= rules.inside && five.some((p) => p.y >= BACK)) out.push(set);
      return;
    }
    for (let i = from; i < free.length; i++) {
      const c = free[i]!;
      if (set.every((o) => apart(o, c))) grow([...set, c], i + 1);
    }
  };
  grow([], 0);
  return out;
}

/** The same places handed out in every order: where one is chased it matters who stands where. */
const ordersOf = (set: readonly Candidate[]): Candidate[][] =>
  set.flatMap((c, i) => {
    const rest = set.filter((_, j) => j !== i);
    return rest.flatMap((d, j) => {
      const [e, g] = rest.filter((_, k) => k !== j);
      return [
        [c, d, e!, g!],
        [c, d, g!, e!],
      ];
    });
  });

/** Where its men inside stand: what a set is about, and what the zone must answer first. */
const IDEAS: Readonly<Record<string, 'middle' | 'baseline' | 'post'>> = {
  nail: 'middle',
  highPost: 'middle',
  elbow: 'middle',
  short: 'baseline',
  dunker: 'baseline',
  block: 'post',
  midPost: 'post',
};
const ideasOf = (set: readonly Candidate[]): Set<string> =>
  new Set(set.flatMap((c) => IDEAS[spotByKey(c.key)?.family ?? ''] ?? []));

/** Two answers differ when some of their places do, in the mirror too. */
function differs(a: readonly Candidate[], b: readonly Candidate[]): boolean {
  const keys = new Set(b.map((c) => c.key));
  const mirrored = new Set(b.map((c) => mirrorSpot(c.key)));
  const others = (other: ReadonlySet<SpotKey>): number => a.filter((c) => !other.has(c.key)).length;
  return others(keys) >= DIFFERS && others(mirrored) >= DIFFERS;
}

type Candidate = Point & { readonly key: SpotKey };

/** How much a picture hurts a zone: its two best late men, and the worst split, for what shots there are worth. */
function scoreOf(f: Floor): number {
  const options = optionsOf(f);
  const late = options
    .map(
      (o) =>
        Math.min(0.9, o.late + 0.3) * shotWorth(f.court, f.level, f.ox[o.player], f.oy[o.player]) * safe(o),
    )
    .sort((a, b) => b - a);
  const split = worstSplit(f);
  return (
    late[0]! +
    0.6 * late[1]! +
    0.2 * late[2]! +
    0.1 * late[3]! +
    (split ? 0.5 * Math.min(0.6, split.margin) : 0)
  );
}

/** A look nobody can be passed to is none. */
const safe = (o: Option): number => Math.min(1, Math.max(0, (o.margin + 0.1) / 0.2));
