import {
  NEEDS,
  findAction,
  playerAt,
  propose,
  reread,
  spotByCode,
  SPOTS,
  THERE,
  type FrameWalk,
  type NewAction,
  type PlayerId,
  type Verb,
  type Waypoint,
} from '@corkscrew/core';
import { apply, lineView, useDesk, type Desk, type Pending } from '../store.ts';

const { getState: get, setState: set } = useDesk;

/** The frame on the court as drawn so far. */
export function frameNow(s: Pick<Desk, 'play' | 'branch' | 'frameId'> = get()): FrameWalk {
  const view = lineView(s.play, s.branch, s.frameId);
  return view.walks[view.index]!;
}

/** Takes a man in hand; what was begun with another one and could be finished is done first. */
export function chooseMan(who: PlayerId): void {
  finishIfWhole();
  set({ selected: who, pending: null, actionId: null, notice: null, time: null, running: false });
}

export function chooseAction(id: string | null): void {
  const by = id ? (findAction(get().play, id)?.action.by ?? null) : null;
  set({ actionId: id, selected: by ?? get().selected, pending: null, time: null, running: false });
}

/** Adds an action to the frame on the court; `chosen` keeps it in hand, so that a wrong guess is changed at once. */
export function draw(action: NewAction, chosen = false): boolean {
  const known = new Set(frameNow().frame.actions.map((a) => a.id));
  const done = apply(
    { do: 'addAction', frame: get().frameId, action },
    { selected: action.by, pending: null, actionId: null, placing: false },
  );
  const made = done && frameNow().frame.actions.find((a) => !known.has(a.id))?.id;
  if (made) set({ last: made, ...(chosen ? { actionId: made } : {}) });
  return done;
}

/**
 * A verb for the man in hand. The chosen action is read anew as that verb where it can be; else it is the verb of
 * what he does next. What needs nothing more is done at once.
 */
export function sayVerb(verb: Verb, rereads = false): void {
  const { selected, actionId, play, placing } = get();
  if (!selected) return;
  const walk = frameNow();
  const chosen = rereads && actionId ? findAction(play, actionId)?.action : undefined;
  if (chosen) {
    const read = reread(walk, chosen, verb);
    if (read) return void apply({ do: 'setAction', id: chosen.id, action: read });
    if (chosen.does === verb) return set({ actionId: null });
  }
  finishIfWhole();
  if (NEEDS[verb] === 'nothing') {
    const action = propose(frameNow(), { who: selected, verb, ball: false, at: walk.after.places[selected] });
    if (action) draw(action);
    return;
  }
  if (placing) set({ placing: false });
  set({ pending: { verb, typed: '', path: [] }, actionId: null, notice: null, time: null });
}

/** What the verb in the making would draw now; null while something is still to be said. */
export function meant(
  s: Pick<Desk, 'play' | 'branch' | 'frameId' | 'pending' | 'selected'> = get(),
): NewAction | null {
  const { pending: p, selected: who } = s;
  if (!p || !who) return null;
  const walk = frameNow(s);
  const at = p.path.at(-1) ?? (p.to ? walk.after.places[p.to] : undefined);
  if (!at && p.verb !== 'fake' && p.verb !== 'seal') return null;
  const action = propose(walk, {
    who,
    verb: p.verb,
    ball: false,
    at: at ?? walk.after.places[who],
    to: p.to,
  });
  return action && p.path.length > 1 && 'path' in action && action.path
    ? ({ ...action, path: [...p.path.slice(0, -1), ...action.path] } as NewAction)
    : action;
}

/** Draws what has been said, or tells what is missing. Says whether nothing is left open. */
export function finish(): boolean {
  const { pending: p, selected: who } = get();
  if (!p || !who) return true;
  const typed = p.typed ? spotByCode(p.typed) : undefined;
  if (p.typed && !typed) {
    set({ notice: `“${p.typed}” is no spot. G shows the codes.` });
    return false;
  }
  if (typed)
    addPoint(p, { ...typed.at(lineView(get().play, get().branch, get().frameId).court), spot: typed.key });
  const action = meant();
  if (action) return draw(action);
  set({ notice: whatIsMissing(get().pending!, who) });
  return false;
}

/** Before another man is taken: what is whole is drawn, what is not is let go. */
export function finishIfWhole(): void {
  const { pending: p } = get();
  if (!p) return;
  const whole =
    p.path.length > 0 || p.to !== undefined || (p.typed !== '' && spotByCode(p.typed) !== undefined);
  if (whole) finish();
  set({ pending: null });
}

function whatIsMissing(p: Pending, who: PlayerId): string {
  const { after } = frameNow();
  const at = p.path.at(-1);
  if (at && Math.hypot(at.x - after.places[who].x, at.y - after.places[who].y) <= THERE)
    return `${who} is already there.`;
  return NEEDS[p.verb] === 'man'
    ? 'To whom? Press his number.'
    : 'Where to? Type a spot’s code, like rs, or use the arrows.';
}

/** A place the line in the making goes through. */
export function addPoint(p: Pending, w: Waypoint): void {
  set({ pending: { ...p, typed: '', path: [...p.path, w] }, notice: null });
}

/** The man a verb in the making is for. What needs no place then is drawn at once. */
export function addMan(p: Pending, to: PlayerId): void {
  set({ pending: { ...p, typed: '', to }, notice: null });
  if (NEEDS[p.verb] === 'man') finish();
}

/** Where the armed verb was pointed: at a man who is pressed where a man is wanted, else at the place. */
export function aim(p: Pending, at: Waypoint, man: PlayerId | undefined): void {
  const { selected } = get();
  if (man && man !== selected && NEEDS[p.verb] !== 'place') {
    set({ pending: { ...p, typed: '', to: man } });
    finish();
    return;
  }
  addPoint(p, at);
  finish();
}

/** A code that begins no other is a spot as soon as it is typed. */
export const isWhole = (code: string): boolean =>
  spotByCode(code) !== undefined && !SPOTS.some((s) => s.code !== code && s.code.startsWith(code));
/** Whether any spot's code begins so. */
export const begins = (code: string): boolean => SPOTS.some((s) => s.code.startsWith(code));

/** The man whose disc, or whose place after what is drawn, is at a point. */
export const manAt = (
  walk: FrameWalk,
  shown: Readonly<Record<PlayerId, { x: number; y: number }>>,
  p: { x: number; y: number },
  reach: number,
  except?: PlayerId,
): PlayerId | undefined => playerAt(walk.after.places, p, reach, except) ?? playerAt(shown, p, reach, except);
