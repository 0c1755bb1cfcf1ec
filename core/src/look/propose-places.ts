import type { Five, None, Seat } from '../geometry/five.ts';
import { distanceToRim } from '../court/queries.ts';
import { SPOTS, type SpotKey } from '../court/spots.ts';
import type { Court } from '../court/court.ts';
import type { Scheme } from '../defence/zone/scheme.ts';
import { situationAt, settled, type Situation } from '../defence/zone/shade.ts';
import { distance, type Point } from '../geometry/vec.ts';
import type { LevelRecord } from '../motion/level.ts';
import { floorOf, type Floor } from '../space/floor.ts';
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

/** Nearer to the rim than this a man is inside (ft): the high post counts. */
const INSIDE = 15;
/** A man closer to the ball than this gives nobody anything to run to (ft). */
const FROM_BALL = 10;
const NOT: readonly string[] = ['point', 'hash', 'rim'];
const SWEEPS = 3;
/** The four without the ball; the first has it. */
const OFF_BALL: readonly Seat[] = [1, 2, 3, 4];

/**
 * Where to put the four without the ball: named spots, one after the other moved to where the zone, as it
 * leans to all five, is the latest for what a shot is worth there, until no single move is better. Spacing and
 * inside men are kept to. `holder` is where the ball is; `chases` says by defender which of the five places, the ball's
 * first, is chased (−1: none).
 */
export function proposePlaces(
  scheme: Scheme,
  level: LevelRecord,
  court: Court,
  holder: Point,
  rules: PlaceRules = PLACE_RULES,
  chases?: Five<Seat | None>,
): Proposal {
  const candidates = SPOTS.filter((s) => !NOT.includes(s.family))
    .map((s) => ({ key: s.key, ...s.at(court) }))
    .filter((c) => distance(c, holder) >= FROM_BALL);
  const f = floorOf(court, level);
  const situation: Situation = { ...situationAt([], holder, chases), x: f.ox, y: f.oy, players: 5 };
  f.bx = holder.x;
  f.by = holder.y;
  f.holder = 0;
  f.players = 5;
  f.ox[0] = holder.x;
  f.oy[0] = holder.y;
  const chosen = startOf(candidates, holder, rules, court);
  const worth = (): number => {
    OFF_BALL.forEach((j, i) => {
      const c = candidates[chosen[i]!]!;
      f.ox[j] = c.x;
      f.oy[j] = c.y;
    });
    settled(scheme, level, situation, f.dx, f.dy);
    return scoreOf(f);
  };
  let best = worth();
  for (let sweep = 0; sweep < SWEEPS; sweep++) {
    let better = false;
    for (let j = 0; j < 4; j++) {
      const now = chosen[j]!;
      let to = now;
      for (let c = 0; c < candidates.length; c++) {
        if (chosen.includes(c)) continue;
        chosen[j] = c;
        if (!allowed(candidates, chosen, holder, rules, court)) continue;
        const score = worth();
        if (score > best + 1e-9) {
          best = score;
          to = c;
        }
      }
      chosen[j] = to;
      better ||= to !== now;
    }
    if (!better) break;
  }
  worth();
  const options = optionsOf(f);
  return {
    places: [holder, ...chosen.map((c) => ({ x: candidates[c]!.x, y: candidates[c]!.y }))],
    spots: [null, ...chosen.map((c) => candidates[c]!.key)],
    options,
    split: worstSplit(f, options),
  };
}

type Candidate = Point & { readonly key: SpotKey };

function allowed(
  all: readonly Candidate[],
  chosen: readonly number[],
  holder: Point,
  rules: PlaceRules,
  court: Court,
): boolean {
  const places = [holder, ...chosen.map((c) => all[c]!)];
  const inside = places.filter((p) => distanceToRim(court, p) < INSIDE);
  // Men inside may stand closer to each other than men outside.
  const room = (a: Point, b: Point): number =>
    distanceToRim(court, a) < INSIDE && distanceToRim(court, b) < INSIDE
      ? rules.spacing * 0.6
      : rules.spacing;
  return (
    inside.length >= rules.inside &&
    places.every((a, i) =>
      places.every((b, k) => k <= i || distance(a, b) >= room(a, b) * (i === 0 ? 0.8 : 1)),
    )
  );
}

/** Any four places that keep the rules, to begin with. */
function startOf(all: readonly Candidate[], holder: Point, rules: PlaceRules, court: Court): number[] {
  const chosen: number[] = [];
  const byInside = all
    .map((c, i) => ({ i, far: distanceToRim(court, c) }))
    .sort((a, b) => (a.far < INSIDE ? 0 : 1) - (b.far < INSIDE ? 0 : 1) || b.far - a.far || a.i - b.i);
  for (const { i, far } of byInside) {
    if (chosen.length === 4) break;
    const inside = chosen.filter((c) => distanceToRim(court, all[c]!) < INSIDE).length;
    if (far < INSIDE && inside >= rules.inside) continue;
    if (allowed(all, [...chosen, i], holder, { ...rules, inside: 0 }, court)) chosen.push(i);
  }
  for (let i = 0; chosen.length < 4; i++) if (!chosen.includes(i)) chosen.push(i);
  return chosen;
}

/** How much a picture hurts a zone: its two best late men, and the worst split, for what shots there are worth. */
function scoreOf(f: Floor): number {
  const options = optionsOf(f);
  const late = options
    .map(
      (o) =>
        Math.min(0.9, o.late + 0.3) * shotWorth(f.court, f.level, f.ox[o.player], f.oy[o.player]) * safe(o),
    )
    .sort((a, b) => b - a);
  const split = worstSplit(f, options);
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
