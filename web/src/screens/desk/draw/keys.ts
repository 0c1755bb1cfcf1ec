import {
  findAction,
  holderOf,
  NEEDS,
  PLAYERS,
  screenAngle,
  snap,
  spotByCode,
  TempoSchema,
  tieTo,
  type Action,
  type PlayerId,
  type Verb,
} from '@corkscrew/core';
import { commandFor, isLetter, type CommandId, type Key, type Where } from '../../../app/keymap.ts';
import { prefer, usePreferences } from '../../../app/preferences.ts';
import { nudgeOf } from '../../../floor/arrows.ts';
import { copyInHand } from './clipboard.ts';
import { toggleDefence } from '../defend/view.ts';
import {
  apply,
  frameEnding,
  lineView,
  nextFrame,
  redo,
  startAnswer,
  startSetting,
  stepFrame,
  stopSetting,
  undo,
  useDesk,
  type Pending,
} from '../store.ts';
import { seek, timelineOf, toggleRun } from '../timeline.ts';
import {
  addMan,
  addPoint,
  begins,
  chooseMan,
  finish,
  finishIfWhole,
  frameNow,
  isWhole,
  sayVerb,
} from './hand.ts';

const { getState: get, setState: set } = useDesk;
const isPlayer = (k: string): k is PlayerId => (PLAYERS as readonly string[]).includes(k);

/** What is on, so that its keys act; the first takes a key before the others. */
function on(): Where[] {
  const s = get();
  return [
    ...(s.pending ? (['verb'] as const) : []),
    ...(s.placing ? (['set'] as const) : []),
    ...(s.actionId ? (['action'] as const) : []),
    ...(s.selected && !s.placing ? (['man'] as const) : []),
    'desk',
  ];
}

/** A key pressed anywhere on the desk but in a field. Returns whether it was taken. */
export function deskKey(e: Key): boolean {
  if (isLetter(e) && !usePreferences.getState().letters) return false;
  const s = get();
  if (s.waiting && waitFor(e, s.waiting)) return true;
  if (s.pending && s.selected && spoken(e, s.pending, s.selected)) return true;
  if (s.placing && setting(e)) return true;
  const id = commandFor(e, on());
  if (!id || (s.running && !WHILE_RUNNING.has(id))) return false;
  return run(id, e);
}

/** While the play runs nothing draws. */
const WHILE_RUNNING: ReadonlySet<CommandId> = new Set<CommandId>([
  'run',
  'back',
  'on',
  'beatBack',
  'beatOn',
  'frameBack',
  'frameOn',
  'endingBack',
  'endingOn',
  'present',
  'defence',
  'turnCourt',
  'gaps',
  'spots',
  'last',
  'escape',
  'player',
]);

const VERBS: ReadonlySet<string> = new Set(Object.keys(NEEDS));

/** Does a command of the desk; false when there is nothing it could be done to. */
function run(id: CommandId, e: Key): boolean {
  const s = get();
  if (VERBS.has(id)) {
    sayVerb(id as Verb);
    return true;
  }
  switch (id) {
    case 'undo':
      undo();
      return true;
    case 'redo':
      redo();
      return true;
    case 'copy':
      return copyInHand();
    case 'paste':
      // The browser tells what is on its clipboard in its turn (`usePaste`).
      return false;
    case 'present':
      set({ presenting: true, pending: null, actionId: null, selected: null });
      return true;
    case 'player':
      chooseMan(e.key as PlayerId);
      return true;
    case 'holder': {
      const holder = holderOf(frameNow().after);
      if (holder) chooseMan(holder);
      return holder !== null;
    }
    case 'spot': {
      const who = s.selected!;
      const verb = holderOf(frameNow().after) === who ? 'dribble' : 'cut';
      set({
        pending: { verb, typed: e.key.toLowerCase(), path: [] },
        actionId: null,
        notice: null,
        time: null,
      });
      return true;
    }
    case 'wait':
      return startWaiting();
    case 'end':
      return moveEnd(e);
    case 'remove':
      return apply({ do: 'removeAction', id: s.actionId! });
    case 'tempo':
      return nextTempo();
    case 'turnLeft':
    case 'turnRight':
      return turnScreen(id === 'turnRight' ? -15 : 15);
    case 'run':
      toggleRun();
      return true;
    case 'back':
    case 'on':
      seek(timeShown() + (id === 'on' ? 0.1 : -0.1));
      return true;
    case 'frameOn':
    case 'beatOn':
      finishIfWhole();
      nextFrame();
      return true;
    case 'frameBack':
    case 'beatBack':
      finishIfWhole();
      stepFrame(-1);
      return true;
    case 'endingBack':
    case 'endingOn':
      return frameEnding(id === 'endingOn' ? 1 : -1);
    case 'answer':
      finishIfWhole();
      startAnswer();
      return true;
    case 'set':
      startSetting();
      return true;
    case 'last':
      set({ showLast: !s.showLast });
      return true;
    case 'spots':
      set({ showSpots: !s.showSpots });
      return true;
    case 'looks':
      set({ showLooks: !s.showLooks });
      return true;
    case 'gaps':
      set({ showGaps: !s.showGaps });
      return true;
    case 'defence':
      return toggleDefence(s.play);
    case 'turnCourt':
      prefer({ down: !usePreferences.getState().down });
      return true;
    case 'escape':
      set({ selected: null, pending: null, actionId: null, notice: null, time: null, running: false });
      return true;
    default:
      return false;
  }
}

const timeShown = (): number => {
  const { play, branch, frameId, time } = get();
  return time ?? timelineOf(play, branch, frameId).bars.find((b) => b.frame === frameId)?.start ?? 0;
};

/** Walk, jog, cut, sprint in turn, for the chosen action. */
export function nextTempo(): boolean {
  const { play, actionId } = get();
  const action = actionId ? findAction(play, actionId)?.action : undefined;
  if (!action || !(action.does === 'cut' || action.does === 'dribble' || action.does === 'screen'))
    return false;
  const order = TempoSchema.options;
  const tempo = order[(order.indexOf(action.tempo ?? 'cut') + 1) % order.length]!;
  return apply({ do: 'patchAction', id: action.id, set: { tempo } });
}

/** Turns the chosen screen by some degrees. */
function turnScreen(by: number): boolean {
  const { play, branch, frameId, actionId } = get();
  const { walks, index } = lineView(play, branch, frameId);
  const step = walks[index]?.steps.find((s) => s.action.id === actionId);
  if (step?.action.does !== 'screen') return false;
  const { action } = step;
  const angle = Math.round(screenAngle(walks[index]!, { ...step, action }, walks[index + 1])) + by;
  return apply({ do: 'patchAction', id: action.id, set: { angle } });
}

const view = () => {
  const { play, branch, frameId } = get();
  return lineView(play, branch, frameId);
};
const turn = () => ({ turn: usePreferences.getState() });

/** Moves the end of the chosen line by an arrow key. */
function moveEnd(e: Key): boolean {
  const action = findAction(get().play, get().actionId!)?.action;
  const by = nudgeOf(e, turn());
  if (!by || !action || !('path' in action) || !action.path?.length) return false;
  const { path } = action;
  const end = path.at(-1)!;
  const { spot: _left, ...kept } = end;
  const to = { ...kept, ...snap(view().court, { x: end.x + by.x, y: end.y + by.y }, true) };
  return apply({ do: 'patchAction', id: action.id, set: { path: path.with(-1, to) } });
}

/** While a verb is open: letters are a spot's code, a digit is a man, arrows move the end, Enter draws it. */
function spoken(e: Key, p: Pending, who: PlayerId): boolean {
  if (e.ctrlKey || e.metaKey || e.altKey) return false;
  const { court } = view();
  const { after } = frameNow();
  switch (commandFor(e, ['verb'])) {
    case 'cancel':
      set({ pending: null, notice: null });
      return true;
    case 'done':
      finish();
      return true;
    case 'rub':
      set({ pending: rubbed(p), notice: null });
      return true;
    case 'nudge': {
      const by = nudgeOf(e, turn())!;
      const from = p.path.at(-1) ?? after.places[p.to && p.verb === 'screen' ? p.to : who];
      const to = snap(court, { x: from.x + by.x, y: from.y + by.y }, true);
      set({ pending: { ...p, typed: '', path: p.path.length > 0 ? p.path.with(-1, to) : [to] } });
      return true;
    }
    default:
  }
  if (isPlayer(e.key)) {
    const open = p.path.length === 0 && p.typed === '' && p.to === undefined;
    if (e.key === who && open) return true;
    if (NEEDS[p.verb].startsWith('man') && p.to === undefined && e.key !== who) addMan(p, e.key);
    // A place verb with nothing said yet goes to where he is; else his number says that the next one is meant.
    else if (open) addPoint(p, { ...after.places[e.key] });
    else chooseMan(e.key);
    return true;
  }
  if (e.shiftKey || !/^[a-z]$/.test(e.key)) return false;
  // When he is where he goes, a letter that no spot begins with is what he does next.
  const next = commandFor(e, ['man']);
  if (p.path.length > 0 && p.typed === '' && !begins(e.key) && next && VERBS.has(next)) {
    sayVerb(next as Verb);
    return true;
  }
  const typed = (p.typed + e.key).slice(-3);
  const spot = isWhole(typed) ? spotByCode(typed) : undefined;
  if (spot) addPoint(p, { ...spot.at(court), spot: spot.key });
  else
    set({
      pending: { ...p, typed },
      notice: begins(typed) ? null : `“${typed}” is no spot. G shows the codes.`,
    });
  return true;
}

/** What is left when the last letter, place or man is taken back. */
function rubbed(p: Pending): Pending | null {
  if (p.typed) return { ...p, typed: p.typed.slice(0, -1) };
  if (p.path.length > 0) return { ...p, path: p.path.slice(0, -1) };
  if (p.to === undefined) return null;
  const { to: _rubbed, ...rest } = p;
  return rest;
}

/** While the five are set: a number takes a man, letters put him on a spot, arrows move him; 0 and a number give the ball. */
function setting(e: Key): boolean {
  if (e.ctrlKey || e.metaKey || e.altKey) return false;
  const { selected: who, typed, play } = get();
  const { court } = view();
  if (isPlayer(e.key)) {
    if (typed === '0') apply({ do: 'ball', player: e.key });
    else if (who && who !== e.key && PASSES[typed] && play.start.ball === who) {
      // To a man's number it is no spot but the first verb.
      stopSetting();
      sayVerb(PASSES[typed]);
      return deskKey(e);
    } else putOn(typed);
    set({ selected: e.key, typed: '', notice: null });
    return true;
  }
  const by = nudgeOf(e, turn());
  if (by && who) {
    const at = play.start.places[who];
    return apply({ do: 'place', player: who, place: snap(court, { x: at.x + by.x, y: at.y + by.y }, true) });
  }
  if (e.key === '0' || e.key === 'Backspace') {
    set({ typed: e.key === '0' ? '0' : typed.slice(0, -1) });
    return true;
  }
  if (commandFor(e, ['set']) === 'setDone') {
    if (!typed || e.key === 'Escape' || !putOn(typed)) stopSetting();
    return true;
  }
  if (e.shiftKey || !/^[a-z]$/.test(e.key) || !who) return false;
  const code = typed + e.key;
  if (isWhole(code) && code.length > 1) putOn(code);
  else if (begins(code)) set({ typed: code, notice: null });
  else if (typed) set({ typed: '', notice: `“${code}” is no spot. G shows the codes.` });
  // A letter that is no spot's is a verb: the first one ends the setting.
  else {
    stopSetting();
    return false;
  }
  return true;
}

/** Letters that are a spot's with Enter, and a verb with the number of another man. */
const PASSES: Readonly<Record<string, Verb>> = { p: 'pass', h: 'handoff' };

/** Puts the man in hand on the spot of a code; false where there is none. */
function putOn(code: string): boolean {
  const spot = spotByCode(code);
  const { selected } = get();
  if (!spot || !selected) return false;
  const place = { ...spot.at(view().court), spot: spot.key };
  return apply({ do: 'place', player: selected, place }, { typed: '' });
}

/** The chosen action, or the last one of the man in hand, is to wait for another man: his number is next. */
export function startWaiting(): boolean {
  finishIfWhole();
  const s = get();
  const mine = frameNow().frame.actions.filter((a) => a.by === s.selected);
  const id = s.actionId ?? mine.at(-1)?.id;
  if (!id) set({ notice: `${s.selected} does nothing yet that could wait.` });
  else set({ waiting: id, notice: null });
  return true;
}

/** Ties what waits to the latest thing the man of a number does. */
function waitFor(e: Key, waiting: string): boolean {
  const s = get();
  if (e.key === 'Escape') {
    set({ waiting: null });
    return true;
  }
  if (!isPlayer(e.key)) {
    set({ waiting: null });
    return false;
  }
  tieToMan(waiting, e.key);
  set({ waiting: null, selected: s.selected });
  return true;
}

/** Makes an action start on what a man does last in its frame, or in the frames before it. */
function tieToMan(waiting: string, man: PlayerId): void {
  const { play, branch, frameId } = get();
  const { walks, index } = lineView(play, branch, frameId);
  const before = (all: readonly Action[]): Action | undefined =>
    all.findLast((a) => a.by === man && a.id !== waiting);
  const on = walks
    .slice(0, index + 1)
    .reverse()
    .map((w) => before(w.frame.actions))
    .find((a) => a !== undefined);
  const change = on && tieTo(timelineOf(play, branch, frameId), on.id, waiting);
  if (change) apply(change);
  else set({ notice: `${man} does nothing before it.` });
}
