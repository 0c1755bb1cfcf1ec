import {
  distance,
  findAction,
  holderOf,
  PLAYERS,
  screenAngle,
  spotByCode,
  TempoSchema,
  type PlayerId,
} from '@corkscrew/core';
import type { KeyboardEvent } from 'react';
import { propose, snap, VERB_KEYS } from '../../court/propose.ts';
import { toggleDefence } from './defence/view.ts';
import { apply, lineView, nextFrame, redo, stepFrame, undo, useDesk, type Pending } from './store.ts';
import { seek, timelineOf, toggleRun } from './timeline.ts';

const { getState: get, setState: set } = useDesk;
const isPlayer = (k: string): k is PlayerId => (PLAYERS as readonly string[]).includes(k);
const ARROWS: Record<string, readonly [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};
/** Arrow keys move a quarter metre, a metre with Shift (feet). */
const NUDGE = 0.82;

/** Keys that act anywhere on the desk but in a field. Returns whether the key was taken. */
export function deskKey(e: globalThis.KeyboardEvent): boolean {
  const mod = e.ctrlKey || e.metaKey;
  if (mod && e.key.toLowerCase() === 'z') {
    if (e.shiftKey) redo();
    else undo();
    return true;
  }
  if (mod && e.key.toLowerCase() === 'y') {
    redo();
    return true;
  }
  if (mod || e.altKey) return false;
  if (e.key === 'P' && e.shiftKey) set({ presenting: true, pending: null, actionId: null, selected: null });
  else if (e.key === '[') stepFrame(-1);
  else if (e.key === ']') stepFrame(1);
  else return false;
  return true;
}

/** Keys that act while the court has the focus: who, then verb, then where, then Enter. */
export function courtKey(e: KeyboardEvent): void {
  if (e.ctrlKey || e.metaKey || e.altKey) return;
  if (handle(e)) {
    e.preventDefault();
    e.stopPropagation();
  }
}

function handle(e: KeyboardEvent): boolean {
  const s = get();
  if (s.pending && s.selected && typing(e, s.pending, s.selected)) return true;
  const key = e.key.length === 1 ? e.key.toLowerCase() : e.key;
  if (key === ' ') {
    toggleRun();
    return true;
  }
  if (s.running) return false;
  if (isPlayer(key) && !e.shiftKey) {
    set({ selected: key, pending: null, actionId: null, notice: null, time: null });
    return true;
  }
  if (key === '0') {
    const holder = holderOf(here().state);
    if (holder) set({ selected: holder, pending: null, actionId: null });
    return true;
  }
  const arrow = ARROWS[e.key];
  if (s.placing && s.selected && arrow) {
    const view = lineView(s.play, s.branch, s.frameId);
    const by = e.shiftKey ? NUDGE * 4 : NUDGE;
    const at = s.play.start.places[s.selected];
    return apply({
      do: 'place',
      player: s.selected,
      place: snap(view.court, { x: at.x + arrow[0] * by, y: at.y + arrow[1] * by }, true),
    });
  }
  if (s.selected && VERB_KEYS[key] && !e.shiftKey) {
    startVerb(VERB_KEYS[key]);
    return true;
  }
  switch (key) {
    case 'Escape':
      set({ selected: null, pending: null, actionId: null, notice: null, time: null });
      return true;
    case 'Delete':
    case 'Backspace':
      if (s.actionId) apply({ do: 'removeAction', id: s.actionId });
      return Boolean(s.actionId);
    case 'n':
      nextFrame();
      return true;
    case 'o':
      set({ showLast: !s.showLast });
      return true;
    case 'g':
      set({ showSpots: !s.showSpots });
      return true;
    case 'x':
      return toggleDefence(s.play);
    case 'w':
      return nextTempo();
    case ',':
    case '.':
      return turnScreen(key === '.' ? -15 : 15);
    case 'j':
    case 'l': {
      const t =
        s.time ?? timelineOf(s.play, s.branch, s.frameId).bars.find((b) => b.frame === s.frameId)?.start ?? 0;
      seek(t + (key === 'l' ? 0.1 : -0.1));
      return true;
    }
    case 'k':
      toggleRun();
      return true;
    default:
      return false;
  }
}

/** Walk, jog, cut, sprint in turn, for the chosen action. */
function nextTempo(): boolean {
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

const here = () => {
  const s = get();
  const view = lineView(s.play, s.branch, s.frameId);
  return { court: view.court, state: view.walks[view.index]!.after };
};

/** Says a verb for the selected player; verbs that need nothing more are done at once. */
export function startVerb(verb: Pending['verb']): void {
  const s = get();
  if (!s.selected) return;
  if (verb === 'shot' || verb === 'hold') {
    const action = propose(here().state, {
      who: s.selected,
      verb,
      ball: false,
      at: here().state.places[s.selected],
    });
    if (action) apply({ do: 'addAction', frame: s.frameId, action }, { pending: null, placing: false });
    return;
  }
  set({ pending: { verb, typed: '' }, actionId: null, notice: null, placing: false, time: null });
}

/** While a verb is open: letters are a spot's code, a digit is a man, arrows move the end, Enter says done. */
function typing(e: KeyboardEvent, p: Pending, who: PlayerId): boolean {
  const { court, state } = here();
  if (e.key === 'Escape') {
    set({ pending: null, notice: null });
    return true;
  }
  if (e.key === 'Backspace') {
    set({ pending: { verb: p.verb, typed: p.typed.slice(0, -1), ...target(p.typed.slice(0, -1)) } });
    return true;
  }
  if (e.key === 'Enter') {
    finish(p, who);
    return true;
  }
  const arrow = ARROWS[e.key];
  if (arrow) {
    const by = e.shiftKey ? NUDGE * 4 : NUDGE;
    const from = p.at ?? state.places[p.to && p.verb === 'screen' ? p.to : who];
    set({
      pending: {
        ...p,
        typed: '',
        at: clean(snap(court, { x: from.x + arrow[0] * by, y: from.y + arrow[1] * by }, true)),
      },
    });
    return true;
  }
  if (/^[a-z0-9]$/i.test(e.key)) {
    if (isPlayer(e.key) && e.key !== who) {
      set({ pending: { ...p, to: e.key } });
      return true;
    }
    const typed = (p.typed + e.key).toLowerCase().slice(-3);
    set({ pending: { verb: p.verb, typed, ...(p.to ? { to: p.to } : {}), ...target(typed) } });
    return true;
  }
  return false;

  function target(code: string): Pick<Pending, 'at'> {
    const spot = code ? spotByCode(code) : undefined;
    return spot ? { at: { ...spot.at(court), spot: spot.key } } : {};
  }
}

const clean = (w: { x: number; y: number; spot?: string | undefined }) =>
  w.spot === undefined ? { x: w.x, y: w.y } : { x: w.x, y: w.y, spot: w.spot };

function finish(p: Pending, who: PlayerId): void {
  const { state } = here();
  const s = get();
  const at = p.at ?? (p.to ? state.places[p.to] : state.places[who]);
  const said = p.at || p.to || p.verb === 'fake' || p.verb === 'seal';
  const action = said ? propose(state, { who, verb: p.verb, ball: false, at, to: p.to }) : null;
  if (action) apply({ do: 'addAction', frame: s.frameId, action }, { pending: null });
  else if (p.at && distance(p.at, state.places[who]) <= 0.5) set({ notice: `${who} is already there.` });
  else if (p.typed) set({ notice: `“${p.typed}” is no spot. G shows the codes.` });
  else
    set({
      notice:
        p.verb === 'pass' || p.verb === 'handoff'
          ? 'To whom? Press his number.'
          : 'Where to? Type a spot’s code, like rs, or use the arrows.',
    });
}
