import type { Court } from '../court/court.ts';
import { inLane } from '../court/queries.ts';
import type { PlainCue, Read } from './document.ts';
import { dribbleKind, screenUsed } from './kinds.ts';
import { holderOf, type FrameWalk, type Step } from './state.ts';

/** What an action is to one who reads the defence at it. */
export type ReadKind = 'ballScreen' | 'offScreen' | 'handoff' | 'entry' | 'drive' | 'pass' | 'other';

export function readKind(court: Court, step: Step): ReadKind {
  const { action, before, after } = step;
  if (action.does === 'screen') return holderOf(before) === action.for ? 'ballScreen' : 'offScreen';
  if (action.does === 'handoff') return 'handoff';
  if (action.does === 'dribble')
    return dribbleKind(court, { ...step, action }) === 'drive' ? 'drive' : 'other';
  if (action.does === 'pass')
    return inLane(court, after.places[action.to]) || nearPost(court, step) ? 'entry' : 'pass';
  return 'other';
}

/** The pass goes to a man about the block or the elbow. */
const nearPost = (court: Court, { action, after }: Step): boolean => {
  if (action.does !== 'pass') return false;
  const p = after.places[action.to];
  return Math.abs(p.x) <= court.laneWidth / 2 + 4 && p.y <= court.freeThrowY + 1;
};

/** What is worth reading: a screen, a handoff, a drive, a pass inside. */
export const isRead = (court: Court, s: Step): boolean => !['pass', 'other'].includes(readKind(court, s));

/** Where each word is read, the likeliest first (common practice); what is not here is read at the last of them all. */
const AT: Readonly<Partial<Record<Read['does'], readonly ReadKind[]>>> = {
  drop: ['ballScreen', 'handoff'],
  level: ['ballScreen', 'handoff'],
  show: ['ballScreen', 'handoff'],
  push: ['ballScreen'],
  over: ['ballScreen', 'handoff', 'offScreen'],
  trail: ['offScreen', 'handoff'],
  topLock: ['offScreen'],
  bump: ['offScreen'],
  cheats: ['offScreen'],
  deny: ['pass', 'entry', 'handoff'],
  front: ['entry', 'pass'],
  behind: ['entry', 'pass'],
  none: ['drive', 'ballScreen', 'handoff'],
  weakCorner: ['drive', 'ballScreen', 'handoff'],
  strongCorner: ['drive', 'ballScreen', 'handoff'],
  top: ['drive', 'ballScreen', 'handoff'],
  rotation: ['drive', 'ballScreen', 'handoff'],
  helps: ['drive', 'ballScreen', 'handoff', 'entry'],
  goes: ['pass', 'entry'],
  stays: ['pass', 'entry', 'offScreen'],
  stepsUp: ['pass', 'entry', 'drive'],
};

/** When a kind of action shows what they do about it. A drive is met on its way. */
const SHOWN: Readonly<Record<ReadKind, Pick<PlainCue, 'event' | 'at'>>> = {
  ballScreen: { event: 'used' },
  offScreen: { event: 'used' },
  handoff: { event: 'catch' },
  entry: { event: 'catch' },
  pass: { event: 'catch' },
  drive: { event: 'at', at: 0.6 },
  other: { event: 'end' },
};

/** What happens in the last of some frames: its steps, and before them the screens used in it that were set earlier. */
export function stepsToRead(walks: readonly FrameWalk[]): readonly Step[] {
  const [earlier, before] = [walks.at(-2), walks.at(-1)];
  if (!before) return [];
  const used = before.steps.flatMap((s) => screenUsed(before, s, earlier) ?? []);
  return [...used.filter((s) => !before.steps.includes(s)), ...before.steps];
}

/**
 * What the read of a frame reads, as a cue on an action of its line: what the coach says, else the last screen, handoff,
 * entry or drive of the frame before that fits the word; a screen that is set in one frame and used in the next is read
 * in that next one. `walks` are the frames before it. Null where nothing is there to be read.
 */
export function readAt(court: Court, read: Read, walks: readonly FrameWalk[]): PlainCue | null {
  if (read.at) return { on: read.at.action, event: read.at.event ?? 'end' };
  const steps = stepsToRead(walks);
  for (const kind of AT[read.does] ?? []) {
    const step = steps.findLast((s) => readKind(court, s) === kind);
    if (step) return { on: step.action.id, ...SHOWN[kind] };
  }
  const step = steps.findLast((s) => isRead(court, s));
  return step ? { on: step.action.id, ...SHOWN[readKind(court, step)] } : null;
}
