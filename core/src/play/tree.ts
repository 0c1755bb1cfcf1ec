import { said, type Said } from '../language/said.ts';
import type { Action, Frame, Play } from './document.ts';
import { referencedActions, referencedFrames } from './references.ts';

/** Frames are a flat list, each with its parent; siblings stand in the coach's order. */
export const frameById = (play: Play, id: string): Frame | undefined => play.frames.find((f) => f.id === id);
export const childrenOf = (play: Play, id: string): Frame[] => play.frames.filter((f) => f.parent === id);
export const leaves = (play: Play): Frame[] => {
  const parents = new Set(play.frames.map((f) => f.parent));
  return play.frames.filter((f) => !parents.has(f.id));
};

/** The frames from the first one to `id`, in order of time. Empty when the id is unknown. */
export function lineTo(play: Play, id: string): Frame[] {
  const byId = new Map(play.frames.map((f) => [f.id, f]));
  const line: Frame[] = [];
  for (
    let f = byId.get(id);
    f && line.length <= play.frames.length;
    f = f.parent === null ? undefined : byId.get(f.parent)
  ) {
    line.unshift(f);
  }
  return line;
}

/** The play as drawn: from frame 1 by first children to a leaf. */
export function mainLine(play: Play): Frame[] {
  const line: Frame[] = [play.frames[0]!];
  for (let next = childrenOf(play, line[0]!.id)[0]; next; next = childrenOf(play, next.id)[0])
    line.push(next);
  return line;
}

/** The line through a frame, continued by first children to a leaf. */
export function lineThrough(play: Play, id: string): Frame[] {
  const line = lineTo(play, id);
  for (let next = childrenOf(play, id)[0]; next; next = childrenOf(play, next.id)[0]) line.push(next);
  return line.length > 0 ? line : mainLine(play);
}

const allActions = (play: Play): Action[] => play.frames.flatMap((f) => f.actions);

export function findAction(
  play: Play,
  id: string,
): { frame: Frame; action: Action; index: number } | undefined {
  for (const frame of play.frames) {
    const index = frame.actions.findIndex((a) => a.id === id);
    if (index >= 0) return { frame, action: frame.actions[index]!, index };
  }
  return undefined;
}

/**
 * What is wrong with how frames hang together, or null: every frame follows another one back to one that
 * follows none, the first of the document among these, and no id stands twice.
 */
export function treeFault(play: Play): Said | null {
  const byId = new Map(play.frames.map((f) => [f.id, f]));
  const rooted = new Set<string>();
  for (const [i, frame] of play.frames.entries()) {
    const nth = i + 1;
    if (byId.get(frame.id) !== frame) return said('frame-same-id', { nth });
    if (i === 0 && frame.parent !== null) return said('frame-first', { nth });
    const way: string[] = [];
    let at: Frame | undefined = frame;
    while (at && !rooted.has(at.id) && way.length <= play.frames.length) {
      way.push(at.id);
      if (at.parent === null) rooted.add(at.id);
      else at = byId.get(at.parent);
    }
    if (!at || !rooted.has(at.id)) return said('frame-loose', { nth });
    for (const id of way) rooted.add(id);
  }
  const seen = new Set<string>();
  for (const { id } of allActions(play)) {
    if (seen.has(id)) return said('action-same-id', { id });
    seen.add(id);
  }
  return null;
}

/**
 * An id no frame or action of the play has had, in a plain series (a1, a2 …). Ids still named by a
 * cue, a read or a look count as taken, so that a tie to a deleted action never attaches to a new one.
 */
export function freshIds(play: Play, prefix: 'a' | 'f', count: number): string[] {
  const used =
    prefix === 'f'
      ? [...play.frames.map((f) => f.id), ...referencedFrames(play)]
      : [...allActions(play).map((a) => a.id), ...referencedActions(play)];
  let max = 0;
  for (const u of used) {
    const n = u.startsWith(prefix) ? Number(u.slice(1)) : NaN;
    if (Number.isSafeInteger(n)) max = Math.max(max, n);
  }
  return Array.from({ length: count }, (_, i) => `${prefix}${max + 1 + i}`);
}

/** A piece of the tree without a fork in it, and the endings that start where it is over. */
export interface Outline {
  readonly frames: readonly Frame[];
  readonly endings: readonly Outline[];
}

/** The tree of a play in pieces; with several ways from the set the first piece is empty. */
export function outlineOf(play: Play): Outline {
  const after = new Map<string | null, Frame[]>();
  for (const f of play.frames) {
    const there = after.get(f.parent);
    if (there) there.push(f);
    else after.set(f.parent, [f]);
  }
  const piece = (first: Frame | null): Outline => {
    const frames: Frame[] = first ? [first] : [];
    for (;;) {
      const next = after.get(frames.at(-1)?.id ?? null) ?? [];
      const [only] = next;
      // One that answers something is an ending, though it is the only one.
      if (next.length !== 1 || !only || (only.read && frames.length > 0))
        return { frames, endings: next.map(piece) };
      frames.push(only);
    }
  };
  return piece(null);
}
