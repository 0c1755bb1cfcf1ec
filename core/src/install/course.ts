import { addDays, dayNumber } from '../calendar/day.ts';
import { bestFive } from '../people/five.ts';
import { needsOf } from '../people/needs.ts';
import { presenceOn, type Clearance, type Player } from '../people/player.ts';
import { playRoster } from '../people/roster.ts';
import { PLAYERS } from '../alignment/library.ts';
import type { Level, Play } from '../play/document.ts';
import type { Kept } from '../playbook/kept.ts';
import type { Sheet } from '../playbook/records.ts';
import { isDrillable, teaches } from './concepts.ts';
import { doneWith, linesOf, wantsOf } from './done.ts';
import {
  EMPTY,
  MINUTES,
  type Drill,
  type Past,
  type Plan,
  type PlanGame,
  type PlanOption,
  type PlanPractice,
  type Problem,
  type Stands,
  type Touch,
  type TouchKind,
} from './plan/problem.ts';
import type { OwnMinutes } from './plan/near.ts';
import { standing } from './plan/repair.ts';
import { isContact, roomForPlays, type Block, type Game, type Practice, type Season } from './season.ts';
import { STAGE_LIMITS, progressOf, type StageLimits } from './stages.ts';
import { isOfUnit, unitKey, unitsWanted, type Unit } from './units.ts';

/** New options a practice and options a number has to know, by level (from memory of common practice). */
const NEW_EACH: Readonly<Record<Level, number>> = { youth: 1, highSchool: 2, college: 3, pro: 3 };
export const MEMORY: Readonly<Record<Level, number>> = { youth: 4, highSchool: 8, college: 14, pro: 20 };

/** What a plan looks ahead (weeks). */
const AHEAD = 10;
/** An introduction takes at least so long: both sides are walked. An answer to a line that is in takes half of it. */
export const LEAST = 4;
export const LEAST_ANSWER = 2;

/** Everything the team keeps that a plan is made of. */
export interface Team {
  readonly season: Season | null;
  readonly practices: readonly Kept<Practice>[];
  readonly games: readonly Kept<Game>[];
  readonly sheets: readonly Kept<Sheet>[];
  readonly plays: ReadonlyMap<string, Play>;
  readonly men: readonly Kept<Player>[];
  readonly clearances: readonly Kept<Clearance>[];
}

/** A plan's problem with what its places stand for in the team's records. */
export interface Course {
  readonly problem: Problem;
  /** What is taught as one, practice ids, game ids, keys of concepts: in the order of the problem's. */
  readonly units: readonly Unit[];
  readonly practices: readonly string[];
  readonly games: readonly string[];
  readonly concepts: readonly string[];
  /** Blocks that stay whatever comes, and all blocks as they are planned now. */
  readonly held: Plan;
  readonly now: Plan;
  /** Blocks of the last plan stay. */
  readonly keeps: boolean;
  /** Of blocks that are planned now and may go, the minutes they have. */
  readonly own: readonly OwnMinutes[];
}

export const limitsOf = (season: Season | null): StageLimits => ({
  ...STAGE_LIMITS,
  liveMinutes: season?.liveMinutes ?? STAGE_LIMITS.liveMinutes,
  liveClean: season?.liveClean ?? STAGE_LIMITS.liveClean,
});

/** The level of most plays. */
export function levelOf(plays: Iterable<Play>): Level {
  const count = new Map<Level, number>();
  for (const p of plays) count.set(p.level, (count.get(p.level) ?? 0) + 1);
  return [...count].sort((a, b) => b[1] - a[1])[0]?.[0] ?? 'highSchool';
}

export const inOrder = <T extends { readonly date: string; readonly start: string }>(
  all: readonly Kept<T>[],
): Kept<T>[] => [...all].sort((a, b) => (at(a) < at(b) ? -1 : at(a) > at(b) ? 1 : a.id < b.id ? -1 : 1));
const at = ({ body }: Kept<{ readonly date: string; readonly start: string }>): string =>
  `${body.date} ${body.start}`;

/** Games that were played, each with the plays of its sheet. */
export const playedOf = (
  { games, sheets }: Pick<Team, 'games' | 'sheets'>,
  today: string,
): { readonly date: string; readonly plays: ReadonlySet<string> }[] =>
  games
    .filter((g) => g.body.date < today)
    .map((g) => ({ date: g.body.date, plays: new Set(wantsOf(g.body, sheets).map((w) => w.play)) }));

/**
 * The problem a plan solves on a day: what is wanted for the games of the next weeks, and the practices before them. With
 * `keep` blocks of the last plan stay as well, as long as they are.
 */
export function courseOf(team: Team, today: string, keep = false): Course {
  const until = addDays(today, AHEAD * 7);
  const games = inOrder(team.games).filter((g) => g.body.date >= today && g.body.date <= until);
  const last = games.at(-1)?.body.date ?? today;
  const held = inOrder(team.practices).filter((p) => !p.body.missed);
  const coming = held.filter((p) => p.body.date >= today && p.body.date < last);
  const wants = games.map((g) => unitsWanted(g.body, team).map((w) => ({ ...w, key: unitKey(w.unit) })));
  const found = new Map(wants.flat().map((w) => [w.key, w.unit]));
  const ids = [...new Set([...found.values()].map((u) => u.play))].sort();
  const units = ids.flatMap((id) => [...found.values()].filter((u) => u.play === id));
  const keys = units.map(unitKey);
  const plays = units.map((u) => team.plays.get(u.play)!);
  const importance = keys.map((key) => Math.max(...wants.flat().map((w) => (w.key === key ? w.weight : 0))));
  const lessons = units.map((u, i) => teaches(plays[i]!, u.leaf === null ? undefined : [u.leaf]));
  const earlier = held.filter((p) => p.body.date < today || p.body.blocks.some((b) => b.done));
  const known = knownTo(
    team,
    earlier.map((p) => p.body),
    today,
  );

  const counts = new Map<string, number>();
  for (const { patterns } of lessons)
    for (const key of patterns.keys()) counts.set(key, (counts.get(key) ?? 0) + 1);
  const minutes = new Map<string, number>();
  for (const { concepts, patterns } of lessons) {
    for (const [k, m] of concepts) if (!known.has(k)) minutes.set(k, m);
    for (const [k, m] of patterns) if (counts.get(k)! > 1 && !known.has(k)) minutes.set(k, m);
  }
  const concepts = [...minutes.keys()].sort();
  const place = new Map(concepts.map((k, i) => [k, i]));
  const played = playedOf(team, today);
  const limits = limitsOf(team.season);
  const options = units.map((unit, i): PlanOption => {
    const play = plays[i]!;
    const { concepts: all, patterns } = lessons[i]!;
    const own = [...patterns].filter(([k]) => !place.has(k) && !known.has(k));
    // The first unit of a play is the line as drawn, or all of it.
    const first = units.findIndex((u) => u.play === unit.play);
    const base =
      first < i
        ? first
        : plays.findIndex((p) => play.counterTo?.some((c) => c.play === p.id && p.id !== play.id));
    return {
      ...{ key: keys[i]!, importance: importance[i]!, main: base < 0 ? null : base },
      base: Math.max(
        first < i ? LEAST_ANSWER : LEAST,
        own.reduce((n, [, m]) => n + m, 0),
      ),
      concepts: [...all.keys(), ...patterns.keys()].flatMap((k) => place.get(k) ?? []),
      past: pastOf(
        play,
        unit.leaf,
        earlier.map((p) => p.body),
        played,
        today,
        limits,
      ),
    };
  });
  // Two counters may name each other: then neither has to wait.
  const free = options.map((o, i) => (o.main !== null && circles(options, i) ? { ...o, main: null } : o));
  const eves = new Set(
    games
      .filter((g) => !g.body.scrimmage)
      .map((g) => coming.findLast((p) => p.body.date < g.body.date)?.id)
      .filter((id) => id !== undefined),
  );
  const stays = (b: Block): boolean => keep || !isPlanned(b);
  const nowTouches: Touch[] = [];
  const heldTouches: Touch[] = [];
  const nowDrills: Drill[] = [];
  const heldDrills: Drill[] = [];
  const longer: { practice: number; option: number; by: number }[] = [];
  const introduced = new Set(free.flatMap((o, i) => (o.past.introduced === null ? [] : [i])));
  const reviewed = new Set(free.flatMap((o, i) => (o.past.reviewed ? [i] : [])));
  const standTouches: Stands['touches'][number][] = [];
  const over: number[] = [];
  const own: OwnMinutes[] = [];
  const planPractices = coming.map((p, t): PlanPractice => {
    let room = roomForPlays(p.body);
    const open = p.body.blocks.filter((b) => !b.done);
    /** A block about several lines takes its minutes once. */
    const counted = new Set<string>();
    for (const b of p.body.blocks) if (b.done && b.item.is !== 'other') room -= b.minutes;
    for (const b of open) {
      // What stands takes the time it takes, whatever the plan would give it.
      if (b.item.is !== 'other' && stays(b)) room -= b.minutes;
      const concept = b.item.is === 'drill' ? place.get(b.item.concept) : undefined;
      if (concept === undefined) continue;
      nowDrills.push({ practice: t, concept });
      if (stays(b)) heldDrills.push({ practice: t, concept });
    }
    units.forEach((unit, option) => {
      const here = open.filter((b) => isOfUnit(b, unit, plays[option]));
      if (here.length === 0) return;
      const was = [introduced.has(option), reviewed.has(option)] as const;
      const is = kindOf(here, ...was);
      if (is === 'in') introduced.add(option);
      else if (is !== 'live') reviewed.add(option);
      nowTouches.push({ practice: t, option, is });
      const staying = here.filter(stays);
      if (staying.length === 0) {
        // Blocks that are about this alone may stay as they are, whatever the plan would have instead.
        if (here.every((x) => units.filter((u, i) => isOfUnit(x, u, plays[i])).length === 1))
          own.push({ practice: t, option, is, minutes: here.reduce((n, x) => n + x.minutes, 0) });
        return;
      }
      const stayIs = kindOf(staying, ...was);
      heldTouches.push({ practice: t, option, is: stayIs });
      const live = staying.reduce((n, b) => n + (isContact(b) ? b.minutes : 0), 0);
      if (stayIs === 'live' || stayIs === 'both')
        longer.push({ practice: t, option, by: live - MINUTES.live });
      // Another line of the same block has its minutes already.
      const alone = staying.filter((b) => !counted.has(b.id));
      for (const b of alone) counted.add(b.id);
      standTouches.push({ practice: t, option, minutes: alone.reduce((n, b) => n + b.minutes, 0) });
    });
    over.push(Math.max(0, -room));
    return {
      ...{ day: dayNumber(p.body.date), minutes: Math.max(0, room), nothingNew: eves.has(p.id) },
      barred: barredIn(team, plays, p.body),
    };
  });
  // Where more stands than there is room for, an opened block gives back no more than what fits.
  const gives = standTouches.map((x) => ({
    ...x,
    minutes: Math.max(0, x.minutes - over[x.practice]!),
  }));
  const problem: Problem = {
    options: free,
    concepts: concepts.map((k) => minutes.get(k)!),
    together: concepts.map((k) => !isDrillable(k)),
    practices: planPractices,
    games: games.map((g, i): PlanGame => ({
      day: dayNumber(g.body.date),
      wants: wants[i]!.map((w) => ({
        option: keys.indexOf(w.key),
        weight: g.body.scrimmage ? w.weight / 2 : w.weight,
      })),
    })),
    newEach: team.season?.newEach ?? NEW_EACH[levelOf(plays)],
    liveMinutes: limits.liveMinutes,
    stands: { touches: gives, drills: heldDrills },
  };
  // What stands against a rule stands, but the plan can't be made of it.
  const stand = standing(problem, { touches: heldTouches, drills: heldDrills }, EMPTY);
  const left = new Set(stand.touches.map((x) => `${x.practice} ${x.option}`));
  const isLeft = (x: { readonly practice: number; readonly option: number }): boolean =>
    left.has(`${x.practice} ${x.option}`);
  return {
    problem: {
      ...problem,
      longer: longer.filter(isLeft),
      stands: { touches: gives.filter(isLeft), drills: stand.drills },
    },
    ...{ units, practices: coming.map((p) => p.id), games: games.map((g) => g.id), concepts },
    held: stand,
    ...{ keeps: keep, own },
    now: coming.length === 0 ? EMPTY : { touches: nowTouches, drills: nowDrills },
  };
}

export const isPlanned = (b: Block): boolean => b.planned === true && !b.locked && !b.done;

/** What the blocks of a play in one practice are to the plan. */
function kindOf(blocks: readonly Block[], introduced: boolean, reviewed: boolean): TouchKind {
  if (!introduced) return 'in';
  const live = blocks.some(isContact);
  const guided = blocks.some((b) => !isContact(b));
  return live ? (guided || !reviewed ? 'both' : 'live') : 'review';
}

function circles(options: readonly PlanOption[], from: number): boolean {
  let at = options[from]!.main;
  for (let k = 0; k < options.length && at !== null; k++) {
    if (at === from) return true;
    at = options[at]!.main;
  }
  return at !== null;
}

/** Keys of what a team knows: of plays that were introduced, and concepts it had in drills. */
export function knownTo(
  team: Pick<Team, 'plays'>,
  practices: readonly Practice[],
  today: string,
): ReadonlySet<string> {
  const known = new Set<string>();
  for (const p of practices) {
    if (p.date > today) continue;
    for (const { item, done } of p.blocks) {
      if (!done) continue;
      if (item.is === 'drill') known.add(item.concept);
      const play = item.is === 'play' ? team.plays.get(item.play) : undefined;
      if (!play) continue;
      const { concepts, patterns } = teaches(
        play,
        linesOf(play, item.is === 'play' ? item.leaves : undefined),
      );
      for (const key of [...concepts.keys(), ...patterns.keys()]) known.add(key);
    }
  }
  return known;
}

function pastOf(
  play: Play,
  leaf: string | null,
  practices: readonly Practice[],
  played: Parameters<typeof doneWith>[3],
  today: string,
  limits: StageLimits,
): Past {
  const done = doneWith(play, leaf, practices, played);
  const trained = done.filter((d) => d.stage !== 'game');
  const p = progressOf(done, today, limits);
  const since = practices.filter((x) => x.date < today && trained[0] && x.date >= trained[0].day).length;
  // Minutes of which nobody counted the clean repetitions are taken as they are.
  const counted = trained.some((d) => d.clean !== null);
  const clean = counted ? Math.min(1, p.clean / limits.liveClean) : 1;
  return {
    introduced: trained.length === 0 ? null : -Math.max(1, since),
    today: trained.some((d) => d.day === today),
    touches: Math.max(0, trained.length - 1),
    reviewed: p.reviewed !== null,
    live: Math.min(p.live, limits.liveMinutes * clean),
    last: p.last === null ? null : dayNumber(p.last),
  };
}

/** Plays whose men are missing: no five of those who come, or the man of the number with most to do is away. */
function barredIn(team: Team, plays: readonly Play[], practice: Practice): number[] {
  if (team.men.length < PLAYERS.length) return [];
  const there = team.men.filter(
    (m) => presenceOn(m.body, practice.date) === 'in' && !practice.absent.includes(m.id),
  );
  if (there.length === team.men.length) return [];
  const game = inOrder(team.games).find((g) => g.body.date > practice.date)?.body.date ?? practice.date;
  return plays.flatMap((play, i) => {
    const all = playRoster(play, team.men, team.clearances, practice.date, 'practice');
    const come = new Set(there.map((m) => m.id));
    const five = bestFive(
      all.scores.map((row, k) => (come.has(team.men[k]!.id) ? row : row.map(() => null))),
    );
    if (!five) return [i];
    const needs = needsOf(play);
    const busiest = PLAYERS.reduce((a, b) => (weightOf(needs[b]) > weightOf(needs[a]) ? b : a));
    // Waited for is who will be there for the game: one who is out until after it is not.
    const whole = bestFive(playRoster(play, team.men, team.clearances, game, 'practice').scores);
    const first = whole && team.men[whole.men[PLAYERS.indexOf(busiest)]!];
    return first && !come.has(first.id) ? [i] : [];
  });
}
const weightOf = (n: { readonly needs: readonly { readonly weight: number }[] }): number =>
  n.needs.reduce((sum, x) => sum + x.weight, 0);
