import {
  courtFor,
  edit,
  frameById,
  lineThrough,
  lineTo,
  walkLine,
  type Change,
  type Court,
  type Finding,
  type Frame,
  type FrameWalk,
  type Play,
  type PlayerId,
  type StoredPlay,
  type Verb,
} from '@corkscrew/core';
import { create } from 'zustand';
import { useShallow } from 'zustand/react/shallow';

/** A verb in the making: who and what are known, where is still being said. */
export interface Pending {
  readonly verb: Verb;
  /** What was typed after the verb: a spot's code or a number. */
  readonly typed: string;
  /** The man it is for or goes to, when the verb needs one. */
  readonly to?: PlayerId;
  /** The end point, once there is one. */
  readonly at?: { x: number; y: number; spot?: string };
}

export type SaveState =
  | { readonly is: 'saved'; readonly at: string }
  | { readonly is: 'unsaved' | 'saving' }
  | { readonly is: 'offline'; readonly since: string }
  | { readonly is: 'refused'; readonly why: string }
  | { readonly is: 'conflict'; readonly theirs: StoredPlay };

export interface Desk {
  play: Play;
  past: readonly Play[];
  future: readonly Play[];
  /** The frame on the court, and a frame that says which ending the line runs to. */
  frameId: string;
  branch: string;
  selected: PlayerId | null;
  actionId: string | null;
  pending: Pending | null;
  /** Placing the five before the first frame. */
  placing: boolean;
  notice: string | null;
  showLast: boolean;
  showSpots: boolean;
  time: number | null;
  running: boolean;
  speed: number;
  loop: boolean;
  presenting: boolean;
  /** The action under the pointer or the focus on the beat sheet: it lights up on the court. */
  hovered: string | null;
  /** The beat sheet is unfolded. */
  sheet: boolean;
  /** The finding shown on the court, with its marks. */
  shown: Finding | null;
  /** Gaps beside the ball are named and measured. */
  showGaps: boolean;
  revision: number;
  save: SaveState;
}

/** Undo keeps whole documents: they share everything that did not change. */
export const useDesk = create<Desk>(() => ({
  play: undefined as unknown as Play,
  past: [],
  future: [],
  frameId: '',
  branch: '',
  selected: null,
  actionId: null,
  pending: null,
  placing: false,
  notice: null,
  showLast: true,
  showSpots: false,
  time: null,
  running: false,
  speed: 1,
  loop: false,
  presenting: false,
  hovered: null,
  sheet: true,
  shown: null,
  showGaps: false,
  revision: 0,
  save: { is: 'unsaved' },
}));

/**
 * Some fields of the desk. A part draws itself again only when one of these changes: while the play runs
 * the time changes sixty times a second, and nothing but what moves may follow it.
 */
export function usePick<K extends keyof Desk>(...keys: readonly K[]): Pick<Desk, K> {
  return useDesk(useShallow((s) => Object.fromEntries(keys.map((k) => [k, s[k]])) as Pick<Desk, K>));
}

const { getState: get, setState: set } = useDesk;

export function openOnDesk(play: Play, revision: number, save: SaveState): void {
  const first = play.frames[0]!.id;
  set({
    play,
    revision,
    save,
    past: [],
    future: [],
    frameId: first,
    branch: first,
    selected: null,
    actionId: null,
    pending: null,
    notice: null,
    placing: play.frames.length === 1 && play.frames[0]!.actions.length === 0,
    time: null,
    running: false,
    presenting: false,
    hovered: null,
    shown: null,
  });
}

/** Frame ids that still exist after a change; an ended frame gives way to the one before it. */
function standing(play: Play, before: Play, frameId: string): string {
  if (frameById(play, frameId)) return frameId;
  const earlier = lineTo(before, frameId)
    .reverse()
    .find((f) => frameById(play, f.id));
  return (earlier ?? play.frames[0]!).id;
}

function show(play: Play, rest: Partial<Desk> = {}): void {
  const s = get();
  const frameId = standing(play, s.play, rest.frameId ?? s.frameId);
  const branch = standing(play, s.play, rest.branch ?? s.branch);
  const actionId = rest.actionId === undefined ? s.actionId : rest.actionId;
  const frame = frameById(play, frameId)!;
  set({
    ...rest,
    play,
    frameId,
    branch,
    actionId: frame.actions.some((a) => a.id === actionId) ? actionId : null,
    time: null,
    running: false,
    shown: null,
  });
}

/** Applies changes as one step that undo takes back whole. Says whether it was done; a refusal is shown as a sentence. */
export function apply(change: Change | readonly Change[], rest: Partial<Desk> = {}): boolean {
  const s = get();
  let play = s.play;
  for (const c of Array.isArray(change) ? (change as Change[]) : [change as Change]) {
    const result = edit(play, c);
    if (!result.ok) {
      set({ notice: result.sentence });
      return false;
    }
    play = result.play;
  }
  if (play !== s.play) {
    set({ past: [...s.past, s.play], future: [], notice: null });
    show(play, { ...rest, save: s.save.is === 'conflict' ? s.save : { is: 'unsaved' } });
  }
  return true;
}

export function undo(): void {
  const { past, play, future, save } = get();
  const last = past.at(-1);
  if (!last) return;
  set({ past: past.slice(0, -1), future: [play, ...future], notice: null });
  show(last, { pending: null, save: save.is === 'conflict' ? save : { is: 'unsaved' } });
}

export function redo(): void {
  const { past, play, future, save } = get();
  const [next, ...rest] = future;
  if (!next) return;
  set({ past: [...past, play], future: rest, notice: null });
  show(next, { pending: null, save: save.is === 'conflict' ? save : { is: 'unsaved' } });
}

/** Puts a whole other document on the desk as one undoable step (a kept version, the other side of a conflict). */
export function replacePlay(play: Play, rest: Partial<Desk> = {}): void {
  const s = get();
  set({ past: [...s.past, s.play], future: [] });
  show(play, { save: { is: 'unsaved' }, ...rest });
}

export function goToFrame(id: string): void {
  const s = get();
  const onLine = lineThrough(s.play, s.branch).some((f) => f.id === id);
  set({
    frameId: id,
    branch: onLine ? s.branch : id,
    actionId: null,
    pending: null,
    time: null,
    running: false,
    notice: null,
    shown: null,
  });
}

export function stepFrame(by: number): void {
  const s = get();
  const line = lineThrough(s.play, s.branch);
  const i = line.findIndex((f) => f.id === s.frameId);
  const next = line[Math.max(0, Math.min(line.length - 1, i + by))];
  if (next) goToFrame(next.id);
}

/** The next frame: the one that follows, or a new one that starts where this one ends. */
export function nextFrame(): void {
  const s = get();
  const line = lineThrough(s.play, s.branch);
  const i = line.findIndex((f) => f.id === s.frameId);
  const following = line[i + 1];
  if (following) goToFrame(following.id);
  else addFrame();
}

export function addFrame(fork = false): void {
  const s = get();
  const known = new Set(s.play.frames.map((f) => f.id));
  if (
    !apply(
      {
        do: 'addFrame',
        after: s.frameId,
        ...(fork ? { fork, read: { does: 'own' as const, note: 'Another answer' } } : {}),
      },
      { placing: false },
    )
  )
    return;
  const made = get().play.frames.find((f) => !known.has(f.id));
  if (made) set({ frameId: made.id, branch: made.id, pending: null, actionId: null });
}

export interface View {
  readonly court: Court;
  readonly line: readonly Frame[];
  readonly walks: readonly FrameWalk[];
  readonly index: number;
}

let viewOf:
  | { play: Play; branch: string; court: Court; line: readonly Frame[]; walks: readonly FrameWalk[] }
  | undefined;

/** The line on the desk walked through, shared by every part that draws it. */
export function lineView(play: Play, branch: string, frameId: string): View {
  if (!viewOf || viewOf.play !== play || viewOf.branch !== branch) {
    const line = lineThrough(play, branch);
    viewOf = { play, branch, court: courtFor(play), line, walks: walkLine(play, line) };
  }
  const index = Math.max(
    0,
    viewOf.line.findIndex((f) => f.id === frameId),
  );
  return { ...viewOf, index };
}
