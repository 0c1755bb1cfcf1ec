import {
  courtFor,
  editAll,
  frameById,
  lineThrough,
  lineTo,
  walkLine,
  type Change,
  type Court,
  type Fives,
  type Finding,
  type Frame,
  type FrameWalk,
  type Play,
  type PlayerId,
  type Meant,
  type Read,
  type Theirs,
  type Verb,
  type Waypoint,
} from '@corkscrew/core';
import { create } from 'zustand';
import { useShallow } from 'zustand/react/shallow';
import type { Offer } from '../../keeping/keeper.ts';
import type { Move } from '../../keeping/tabs.ts';

/** A verb in the making: who and what are known, where is still being said. */
export interface Pending {
  readonly verb: Verb;
  /** Letters typed after it that are no spot yet. */
  readonly typed: string;
  /** The man it is for or goes to, when the verb needs one. */
  readonly to?: PlayerId;
  /** The places his way goes through, the last one its end. */
  readonly path: readonly Waypoint[];
}

/** What they do is being named: for an ending to come, or for one there is. */
export type Answering =
  | {
      readonly is: 'new';
      /** The frame it answers after; null answers the set. */ readonly after: string | null;
    }
  | { readonly is: 'named'; readonly frame: string };

/** Where the play is, as the coach is told. */
export type SaveState =
  | { readonly is: 'saved'; readonly at: string }
  | { readonly is: 'unsaved' }
  | { readonly is: 'offline'; readonly since: string }
  | { readonly is: 'full' | 'refused'; readonly why: string }
  | { readonly is: 'conflict' | 'trashed'; readonly theirs: Theirs<Play> };

/** What keeps the play on the desk: it is told of every change, and asked before what only one tab can do. */
interface Keeps {
  readonly isMine: boolean;
  edited(play: Play, meant: Meant<Play>, move?: Move): void;
  whenMine(then: () => void): void;
}
let keeper: Keeps | null = null;
export const keptBy = (k: Keeps | null): void => {
  keeper = k;
};

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
  /** The five are being set: the hand places men and does nothing else. */
  placing: boolean;
  /** Letters typed while the five are set, that are no spot yet. */
  typed: string;
  /** The action that is to wait for a man whose number comes next. */
  waiting: string | null;
  answering: Answering | null;
  /** The action drawn last. */
  last: string | null;
  /** What went wrong, and what was done that can't be seen. */
  notice: string | null;
  told: string | null;
  showLast: boolean;
  showSpots: boolean;
  time: number | null;
  running: boolean;
  speed: number;
  loop: boolean;
  /** The leaves still to be run when all answers are; null when only the line on the desk runs. */
  tour: readonly string[] | null;
  presenting: boolean;
  /** The action under the pointer or the focus on the beat sheet: it lights up on the court. */
  hovered: string | null;
  /** The beat sheet is unfolded. */
  sheet: boolean;
  /** The finding shown on the court, with its marks. */
  shown: Finding | null;
  /** Gaps beside the ball are named and measured. */
  showGaps: boolean;
  /** The looks of all endings lie over the court. */
  showLooks: boolean;
  /** The men on the floor who are known; null: as the play's level has them. */
  fives: Fives | null;
  revision: number;
  save: SaveState;
  /** Another tab of this browser has the play in hand; this one shows what it does. */
  following: boolean;
  /** Other versions that this device kept. */
  offers: readonly Offer[];
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
  typed: '',
  waiting: null,
  answering: null,
  last: null,
  notice: null,
  told: null,
  showLast: true,
  showSpots: false,
  time: null,
  running: false,
  speed: 1,
  loop: false,
  tour: null,
  presenting: false,
  hovered: null,
  sheet: true,
  shown: null,
  showGaps: false,
  showLooks: false,
  fives: null,
  revision: 0,
  save: { is: 'unsaved' },
  following: false,
  offers: [],
}));

/**
 * Some fields of the desk. A part draws itself again only when one of these changes: while the play runs
 * the time changes sixty times a second, and nothing but what moves may follow it.
 */
export function usePick<K extends keyof Desk>(...keys: readonly K[]): Pick<Desk, K> {
  return useDesk(useShallow((s) => Object.fromEntries(keys.map((k) => [k, s[k]])) as Pick<Desk, K>));
}

const { getState: get, setState: set } = useDesk;

/** Nobody does anything yet. */
const isEmpty = (play: Play): boolean => play.frames.length === 1 && play.frames[0]!.actions.length === 0;

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
    typed: '',
    waiting: null,
    answering: null,
    last: null,
    notice: null,
    told: null,
    placing: isEmpty(play),
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
  const changes = Array.isArray(change) ? (change as readonly Change[]) : [change as Change];
  const result = editAll(s.play, changes);
  if (!result.ok) {
    set({ notice: result.sentence });
    return false;
  }
  const { play } = result;
  if (play === s.play) return true;
  set({ past: [...s.past, s.play], future: [], notice: null, told: null });
  show(play, rest);
  keeper?.edited(play, (doc) => {
    const again = editAll(doc, changes);
    return again.ok ? again.play : null;
  });
  return true;
}

/** One step back and one forth. The steps are those of the tab that has the play in hand: another one takes it first. */
export function undo(): void {
  if (keeper && !keeper.isMine) return keeper.whenMine(undo);
  const last = get().past.at(-1);
  if (!last) return;
  move(last, 'undid', { pending: null });
  keeper?.edited(last, () => last, 'undid');
}

export function redo(): void {
  if (keeper && !keeper.isMine) return keeper.whenMine(redo);
  const next = get().future[0];
  if (!next) return;
  move(next, 'redid', { pending: null });
  keeper?.edited(next, () => next, 'redid');
}

/** Puts a whole other document on the desk as one undoable step: a kept version, or one that this device kept. */
export function replacePlay(play: Play): void {
  if (keeper && !keeper.isMine) return keeper.whenMine(() => replacePlay(play));
  move(play, 'did');
  keeper?.edited(play, () => play);
}

/** A play that was changed as it is written: a step of its own, or one with the step before it. */
export function writePlay(play: Play, joins: boolean): void {
  if (keeper && !keeper.isMine) return keeper.whenMine(() => writePlay(play, false));
  const { past } = get();
  move(play, 'did');
  if (joins) set({ past });
  keeper?.edited(play, () => play);
}

/** Shows what the play has become in another tab, or by the coach's word on a conflict; the steps back follow. */
export function follow(play: Play, how: Move): void {
  if (play !== get().play) move(play, how);
}

function move(play: Play, how: Move, rest: Partial<Desk> = {}): void {
  const { past, future, play: now } = get();
  if (how === 'undid') set({ past: past.slice(0, -1), future: [now, ...future] });
  else if (how === 'redid') set({ past: [...past, now], future: future.slice(1) });
  else if (how === 'did') set({ past: [...past, now], future: [] });
  // The first line is drawn elsewhere: the set is done here as well.
  const begun = isEmpty(now) && !isEmpty(play);
  set({ notice: null, told: null, placing: get().placing && !begun });
  show(play, rest);
}

export function goToFrame(id: string): void {
  const s = get();
  const onLine = lineThrough(s.play, s.branch).some((f) => f.id === id);
  set({
    frameId: id,
    branch: onLine ? s.branch : id,
    actionId: null,
    pending: null,
    waiting: null,
    answering: null,
    // The set is the picture before the first frame: elsewhere nobody is set.
    placing: s.placing && frameById(s.play, id)?.parent === null,
    time: null,
    running: false,
    notice: null,
    told: null,
    shown: null,
  });
}

/** The set is moved: the court shows it, and the hand places men until it is done. Later frames follow. */
export function startSetting(): void {
  const s = get();
  goToFrame(lineThrough(s.play, s.branch)[0]!.id);
  set({ placing: true, typed: '', selected: null });
}

export const stopSetting = (): void => set({ placing: false, typed: '', notice: null });

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
  else if (line[i]?.actions.length === 0) set({ notice: `Frame ${i + 2} opens when somebody moves.` });
  else addFrame();
}

/** A new frame behind the one on the court, on its line. */
export function addFrame(): void {
  made({ do: 'addFrame', after: get().frameId });
}

/** Makes a frame by a change and goes to it. */
function made(change: Change): boolean {
  const known = new Set(get().play.frames.map((f) => f.id));
  if (!apply(change, { placing: false })) return false;
  const frame = get().play.frames.find((f) => !known.has(f.id));
  if (frame) set({ frameId: frame.id, branch: frame.id, pending: null, actionId: null });
  return true;
}

/** Asks what they do here: after the frame on the court. */
export function startAnswer(): void {
  set({
    answering: { is: 'new', after: get().frameId },
    pending: null,
    waiting: null,
    running: false,
    placing: false,
  });
}

/** What they do is named: the ending begins, or says it from now on. */
export function nameRead(read: Read): boolean {
  const { answering } = get();
  if (!answering) return false;
  set({ answering: null });
  if (answering.is === 'named') return apply({ do: 'read', frame: answering.frame, read });
  return made({ do: 'addFrame', after: answering.after, fork: true, read });
}

/** Goes to an ending: the ladder, the court and the sheet follow. */
export const goToEnding = (id: string): void =>
  set({
    branch: id,
    frameId: id,
    actionId: null,
    pending: null,
    time: null,
    placing: false,
    answering: null,
  });

/** The ending so many places on among those of the nearest fork of the line; false where there is none. */
export function frameEnding(by: number): boolean {
  const s = get();
  const line = lineThrough(s.play, s.branch);
  const here = line.findIndex((f) => f.id === s.frameId);
  // The fork at hand: the one the frame starts, else the next one behind it, else the last one before it.
  const at = [...line.slice(here), ...line.slice(0, here).reverse()];
  const head = at.find((f) => s.play.frames.filter((x) => x.parent === f.parent).length > 1);
  if (!head) return false;
  const endings = s.play.frames.filter((f) => f.parent === head.parent);
  const i = endings.indexOf(head);
  goToEnding(endings[(i + by + endings.length) % endings.length]!.id);
  return true;
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
