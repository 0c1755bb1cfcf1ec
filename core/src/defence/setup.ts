import { fiveOf, NONE, type Five, type None, type Seat } from '../geometry/five.ts';
import { said, type Said } from '../language/said.ts';
import { DEFENDERS } from '../play/vocabulary.ts';
import { PLAYERS, seatOf, type PlayerId } from '../alignment/library.ts';
import type { Court } from '../court/court.ts';
import type { Timeline } from '../motion/timeline.ts';
import type { Defence, Play } from '../play/document.ts';
import { ownOf } from './own.ts';
import { POSTS } from '../play/vocabulary.ts';
import { findAction } from '../play/tree.ts';
import {
  HELPS,
  OFF_BALL_COVERAGES,
  ON_BALL_COVERAGES,
  type ManPlan,
  type OnBall,
  type Plan,
  type ZonePlan,
} from './plan.ts';
import { actsOf, type ReadSeen } from './reads.ts';
import { chasedBy } from './zone/chasers.ts';
import { alternativesOf, zoneByKey } from './zone/scheme.ts';

/** A defence ready to be played, and what of it could not be taken as written. */
export interface Setup {
  readonly plan: Plan;
  /** What of it can't be played as it is written. */
  readonly notes: readonly Said[];
}

/** A man reads a dribble this late when it attacks his close-out or comes after a fake (s, from memory). */
const LATE_READ = 0.45;

/** Reads a defence against a play: what is missing is filled in, what cannot be is left out with a sentence. `reads` are those of the line. */
export function setupOf(
  play: Play,
  defence: Defence,
  timeline: Timeline,
  court: Court,
  reads: readonly ReadSeen[] = [],
): Setup {
  const notes: Said[] = [];
  const acts = actsOf(defence.type, [...reads, ...toldOf(defence, timeline)]);
  const plan: Plan =
    defence.type === 'zone'
      ? { ...zonePlan(defence, timeline, court, notes), acts }
      : { ...manPlan(play, defence, timeline, notes), acts };
  return { plan, notes };
}

/** What a zone's men are told to do when the ball comes by a pass or a dribble. */
const toldOf = ({ type, overrides = {} }: Defence, timeline: Timeline): ReadSeen[] =>
  type === 'man'
    ? []
    : timeline.actions.flatMap((action): ReadSeen[] => {
        const told = overrides[action.action.id];
        if (!told?.who) return [];
        const at = action.events.catch ?? action.end;
        return [{ read: { does: told.does, who: told.who }, frame: action.frame, action, at }];
      });

const oneOf = <T extends string>(words: readonly T[], word: string | undefined, usual: T): T =>
  words.includes(word as T) ? (word as T) : usual;

function manPlan(play: Play, d: Defence, timeline: Timeline, notes: Said[]): Omit<ManPlan, 'acts'> {
  const onBall = coverage(ON_BALL_COVERAGES, d.onBall, 'drop', 'onBall', notes);
  const marked = (who: readonly string[] | undefined): Uint8Array =>
    Uint8Array.from(DEFENDERS, (x) => (who?.includes(x) ? 1 : 0));
  return {
    type: 'man',
    guards: matchupOf(d.matchup, notes),
    onBall,
    handoff: coverage(ON_BALL_COVERAGES, d.handoff, onBall, 'handoff', notes),
    offBall: coverage(OFF_BALL_COVERAGES, d.offBall, 'trail', 'offBall', notes),
    help: oneOf(HELPS, d.help, 'weakCorner'),
    denies: marked(d.deny),
    post: oneOf(POSTS, d.post, 'behind'),
    watches: marked(d.watches),
    driveHelp: d.driveHelp ?? true,
    lateReads: lateReads(timeline),
    per: overridesOf(play, d, timeline, notes),
    own: ownOf(d, timeline),
    offThrower: offThrower(play, d, timeline),
  };
}

/** The thrower-in whose man plays off him, until the ball is in; null when he is on him, or nobody throws in. */
function offThrower(play: Play, d: Defence, timeline: Timeline): ManPlan['offThrower'] {
  const { throwIn, ball } = play.start;
  if (!throwIn || !d.offThrower) return null;
  const until = timeline.flights.find((f) => f.passer === ball)?.arrive ?? timeline.end;
  return { player: PLAYERS.indexOf(ball) as Seat, until };
}

function coverage<T extends string>(
  words: readonly T[],
  word: string | undefined,
  usual: T,
  where: 'onBall' | 'handoff' | 'offBall',
  notes: Said[],
): T {
  if (word === undefined || words.includes(word as T)) return (word as T | undefined) ?? usual;
  notes.push(said('no-coverage', { word, where, usual }));
  return usual;
}

/** Whom each guards: as written where that is clear, his own number else, never two on one man. */
function matchupOf(matchup: Readonly<Record<string, PlayerId>> | undefined, notes: Said[]): Five<Seat> {
  const guards = DEFENDERS.map((x) => (matchup?.[x] ? PLAYERS.indexOf(matchup[x]) : -1));
  const taken = new Map<number, number>();
  guards.forEach((j, d) => {
    if (j < 0) return;
    const first = taken.get(j);
    if (first === undefined) taken.set(j, d);
    else guards[d] = -1 - j - 1;
  });
  const free = (): number => PLAYERS.findIndex((_, j) => !guards.includes(j));
  for (let d = 0; d < 5; d++) {
    const j = guards[d]!;
    if (j >= 0) continue;
    const own = guards.includes(d) ? free() : d;
    if (j < -1) notes.push(said('both-guard', { a: taken.get(-2 - j)!, b: d, man: -2 - j, takes: own }));
    else if (matchup) notes.push(said('no-man', { who: d, takes: own }));
    guards[d] = own;
  }
  return fiveOf((d) => guards[d] as Seat);
}

/** How each screen and handoff is played otherwise. "Over" is over it, whatever the big does; who cheats goes for the gap. */
function overridesOf(play: Play, d: Defence, timeline: Timeline, notes: Said[]): ManPlan['per'] {
  const per: Record<string, ManPlan['per'][string]> = {};
  for (const [id, { does }] of Object.entries(d.overrides ?? {})) {
    const found = findAction(play, id)?.action;
    if (found && does === 'own') continue;
    if (!found || (found.does !== 'screen' && found.does !== 'handoff' && found.does !== 'fake')) {
      notes.push(said('screen-gone', { does }));
      continue;
    }
    const word = does === 'over' ? overFor(d) : does === 'cheats' ? 'under' : does;
    const known = [...ON_BALL_COVERAGES, ...OFF_BALL_COVERAGES].find((c) => c === word);
    if (known) per[id] = known;
    else if (timeline.actions.some((a) => a.action.id === id))
      notes.push(said('no-screen-coverage', { does, by: found.by }));
  }
  return per;
}

/** Over the screen: as they play it, where that is over it, else with the big back. */
const overFor = (d: Defence): OnBall => oneOf(['drop', 'level', 'show', 'stay'] as const, d.onBall, 'drop');

/** Dribbles that attack a close-out, or follow a fake of the same man. */
function lateReads(timeline: Timeline): ManPlan['lateReads'] {
  const faked = new Set<PlayerId>();
  const out: { player: number; from: number; seconds: number }[] = [];
  for (const { action, start } of timeline.actions) {
    if (action.does === 'fake') faked.add(action.by);
    else if (action.does === 'dribble') {
      if (action.kind === 'attack' || faked.has(action.by))
        out.push({ player: PLAYERS.indexOf(action.by), from: start, seconds: LATE_READ });
      faked.delete(action.by);
    }
  }
  return out;
}

function zonePlan(d: Defence, timeline: Timeline, court: Court, notes: Said[]): Omit<ZonePlan, 'acts'> {
  const known = zoneByKey(d.zone ?? '2-3');
  if (!known) notes.push(said('no-zone', { zone: d.zone ?? '' }));
  const table = known ?? zoneByKey('2-3')!;
  const schools = d.schools ?? [];
  const on = alternativesOf(table, schools);
  for (const s of schools)
    if (!table.alternatives.some((a) => a.key === s)) notes.push(said('no-way', { zone: table.key, way: s }));
    else if (!on.some((a) => a.key === s)) notes.push(said('two-ways', { way: s }));
  return {
    type: 'zone',
    zone: table.key,
    schools: on.map((a) => a.key),
    chases: chasedBy(
      table,
      court,
      PLAYERS.map((p) => timeline.starts[p]),
      timeline.starts[timeline.possessions[0]?.holder ?? '1'],
      toldChases(d.chases),
    ),
  };
}

/** Whom a defence's chasers are told to chase, by defender: player indices, −1 where nothing is said. */
const toldChases = (chases: Defence['chases']): Five<Seat | None> =>
  fiveOf<Seat | None>((d) => {
    const player = chases?.[DEFENDERS[d]];
    return player ? seatOf(player) : NONE;
  });
