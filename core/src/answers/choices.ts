import { PLAYERS, type PlayerId } from '../alignment/library.ts';
import type { Court } from '../court/court.ts';
import type { Defence, Play, Read } from '../play/document.ts';
import { DEFENDERS, type DefenderId } from '../play/vocabulary.ts';
import { isRead, readKind, stepsToRead, type ReadKind } from '../play/read-at.ts';
import { holderOf, type FrameWalk, type Step } from '../play/state.ts';

/** What a defence can be seen to do at a place of a play, and who of them does it. */
export interface ReadChoice {
  readonly does: Read['does'];
  /** Whom it is usually; empty when it is all of them. */
  readonly who: readonly DefenderId[];
  /** The letter that picks it, its own among the choices. */
  readonly key: string;
}

/** What is read: the last screen, handoff, entry or drive of the frame before, and what they may do about it. */
export interface ReadPoint {
  /** The action that is read; null where nothing was done yet. */
  readonly action: string | null;
  readonly is: ReadKind | 'set';
  readonly choices: readonly ReadChoice[];
}

type Does = Read['does'];
type Side = 'screener' | 'user' | 'both' | 'all' | 'holder';

/** Common practice: what is read at each kind of place, the commonest first, and whose man does it. */
const WAYS: Readonly<Record<ReadPoint['is'], readonly (readonly [Does, Side])[]>> = {
  ballScreen: [
    ['drop', 'screener'],
    ['switch', 'all'],
    ['show', 'screener'],
    ['level', 'screener'],
    ['under', 'user'],
    ['over', 'user'],
    ['trap', 'both'],
    ['push', 'user'],
  ],
  handoff: [
    ['under', 'user'],
    ['over', 'user'],
    ['switch', 'all'],
    ['deny', 'user'],
    ['drop', 'screener'],
    ['show', 'screener'],
    ['trap', 'both'],
  ],
  offScreen: [
    ['trail', 'user'],
    ['under', 'user'],
    ['topLock', 'user'],
    ['switch', 'all'],
    ['bump', 'screener'],
    ['stays', 'screener'],
    ['cheats', 'user'],
  ],
  entry: [
    ['behind', 'user'],
    ['front', 'user'],
    ['deny', 'user'],
    ['helps', 'holder'],
    ['sags', 'holder'],
    ['trap', 'both'],
  ],
  drive: [
    ['none', 'all'],
    ['weakCorner', 'all'],
    ['strongCorner', 'all'],
    ['top', 'all'],
    ['rotation', 'all'],
    ['switch', 'all'],
  ],
  pass: [
    ['deny', 'user'],
    ['sags', 'user'],
    ['late', 'user'],
    ['helps', 'holder'],
    ['watches', 'holder'],
  ],
  set: [
    ['deny', 'holder'],
    ['sags', 'holder'],
    ['trap', 'holder'],
    ['switch', 'all'],
  ],
  other: [
    ['late', 'user'],
    ['watches', 'user'],
    ['deny', 'user'],
    ['helps', 'user'],
    ['switch', 'all'],
  ],
};

/** Against a zone: what its men do, whatever was done before. */
const ZONE_WAYS: readonly Does[] = ['goes', 'stays', 'stepsUp', 'trap', 'late'];

/**
 * What can be read where the last of some frames ends, or in the set when there is none; `defence` is whom the play is looked at
 * against: its matchups say whose man does it, and a zone is read by its shields.
 */
export function readPoint(
  play: Play,
  court: Court,
  walks: readonly FrameWalk[],
  defence: Defence | null,
): ReadPoint {
  const before = walks.at(-1);
  const steps = stepsToRead(walks);
  const step = steps.findLast((s) => isRead(court, s)) ?? steps.at(-1);
  const is = step ? readKind(court, step) : 'set';
  const by = step?.action.by ?? play.start.ball;
  const user = step ? userOf(step) : by;
  const holder = (before && holderOf(before.after)) ?? play.start.ball;
  if (defence?.type === 'zone')
    return { action: step?.action.id ?? null, is, choices: keyed(ZONE_WAYS.map((does) => [does, []])) };
  const manOf = (p: PlayerId): DefenderId =>
    DEFENDERS.find((d) => defence?.matchup?.[d] === p) ?? DEFENDERS[PLAYERS.indexOf(p)]!;
  const whose: Readonly<Record<Side, readonly DefenderId[]>> = {
    screener: [manOf(by)],
    user: [manOf(user)],
    both: by === user ? [manOf(user)] : [manOf(user), manOf(by)],
    holder: [manOf(holder)],
    all: [],
  };
  return {
    action: step?.action.id ?? null,
    is,
    choices: keyed(WAYS[is].map(([does, side]) => [does, whose[side]])),
  };
}

const userOf = ({ action }: Step): PlayerId =>
  action.does === 'screen'
    ? action.for
    : action.does === 'pass' || action.does === 'handoff'
      ? action.to
      : action.by;

/** Each with the first letter of its word that no earlier one has taken. */
function keyed(ways: readonly (readonly [Does, readonly DefenderId[]])[]): ReadChoice[] {
  const taken = new Set<string>();
  return ways.map(([does, who]) => {
    const key = [...does.toLowerCase()].find((c) => !taken.has(c)) ?? '';
    taken.add(key);
    return { does, who, key };
  });
}
