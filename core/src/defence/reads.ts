import type { Court } from '../court/court.ts';
import { SEATS, type Seat } from '../geometry/five.ts';
import type { TimedAction, Timeline } from '../motion/timeline.ts';
import type { Defence, Play, Read } from '../play/document.ts';
import { readAt } from '../play/read-at.ts';
import { walkLine } from '../play/state.ts';
import { frameById } from '../play/tree.ts';
import { DEFENDERS } from '../play/vocabulary.ts';
import { HELPS, OFF_BALL_COVERAGES, ON_BALL_COVERAGES } from './plan.ts';

/** A read on a line: what it reads, and when that happens. */
export interface ReadSeen {
  readonly read: Read;
  /** The frame it starts. */
  readonly frame: string;
  /** The action that is read; null where nothing is. */
  readonly action: TimedAction | null;
  /** Seconds from the start of the play. */
  readonly at: number;
}

/** The reads on a line of a play, in its order. */
export function readsOn(play: Play, timeline: Timeline, court: Court): ReadSeen[] {
  const line = timeline.bars.flatMap((b) => frameById(play, b.frame) ?? []);
  if (!line.some((f) => f.read)) return [];
  const walks = walkLine(play, line);
  return line.flatMap((frame, i): ReadSeen[] => {
    const { read } = frame;
    if (!read) return [];
    const bar = timeline.bars[i]?.start ?? 0;
    const cue = readAt(court, read, walks.slice(0, i));
    const action = (cue && timeline.actions.find((a) => a.action.id === cue.on)) ?? null;
    const at = !action
      ? bar
      : cue?.event === 'at'
        ? action.start + (cue.at ?? 0) * (action.end - action.start)
        : (action.events[cue?.event as 'end'] ?? action.end);
    return [{ read, frame: frame.id, action, at: Math.min(at, bar) }];
  });
}

/**
 * A defence as the reads on a line have it: an ending that answers a switch of a screen is played against a switch of that
 * screen, whatever else the defence does. What no screen or handoff is there for holds for all of them.
 */
export function asRead(defence: Defence, reads: readonly ReadSeen[]): Defence {
  if (defence.type !== 'man') return defence;
  return reads.reduce<Defence>((d, { read, action }) => {
    const { does, who } = read;
    const on = (words: readonly string[]): boolean => words.includes(does);
    const id = action?.action.id;
    if (id && (action.action.does === 'screen' || action.action.does === 'handoff') && isCoverage(does))
      return { ...d, overrides: { ...d.overrides, [id]: { ...d.overrides?.[id], does } } };
    return {
      ...d,
      ...(on(ON_BALL_COVERAGES) ? { onBall: does, handoff: does } : {}),
      ...(on(OFF_BALL_COVERAGES) ? { offBall: does } : {}),
      ...(on(HELPS) ? { help: does } : {}),
      ...(does === 'front' || does === 'behind' ? { post: does } : {}),
      ...(does === 'deny' ? { deny: who ?? [...DEFENDERS] } : {}),
      ...(does === 'watches' ? { watches: who ?? [...DEFENDERS] } : {}),
    };
  }, defence);
}

const isCoverage = (does: string): boolean =>
  [...ON_BALL_COVERAGES, ...OFF_BALL_COVERAGES, 'over', 'cheats'].includes(does);

/** What one defender is seen to do besides a coverage, from when to when, seconds. */
export interface Act {
  readonly does: 'helps' | 'sags' | 'late' | 'sealed' | 'goes' | 'stays' | 'stepsUp' | 'trap';
  readonly who: Seat;
  readonly from: number;
  /** When it is read. */
  readonly at: number;
  readonly to: number;
}

/** How long before it is read a man begins with it, and for how long he does it after (s, from memory). */
const LASTS: Readonly<Record<Act['does'], readonly [before: number, after: number]>> = {
  helps: [0.4, 1.6],
  sags: [1, Infinity],
  late: [1, 1],
  sealed: [0.2, 3],
  goes: [0, 2],
  stays: [0.2, 2],
  stepsUp: [0, 2],
  trap: [0, 2.5],
};
/** What a zone's men do, and what a man's does; `trap` on a ball screen is a coverage. */
const ZONE_ACTS: readonly string[] = ['goes', 'stays', 'stepsUp', 'trap', 'helps', 'sags', 'late'];
const MAN_ACTS: readonly string[] = ['helps', 'sags', 'late', 'sealed', 'stepsUp'];

/** What the reads of a line have single defenders do; those who are not named are not meant. */
export function actsOf(type: Defence['type'], reads: readonly ReadSeen[]): Act[] {
  const words = type === 'zone' ? ZONE_ACTS : MAN_ACTS;
  return reads.flatMap(({ read, at }) => {
    if (!words.includes(read.does)) return [];
    const does = read.does as Act['does'];
    const [before, after] = LASTS[does];
    return SEATS.filter((d) => read.who?.includes(DEFENDERS[d])).map((who) => ({
      does,
      who,
      from: at - before,
      at,
      to: at + after,
    }));
  });
}
