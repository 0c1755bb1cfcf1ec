import { alignmentByKey, alignmentPlaces, type PlayerId } from '../alignment/library.ts';
import { courtFor, type CustomCourt } from '../court/rulesets.ts';
import {
  LIMITS,
  type Action,
  type Defence,
  type Frame,
  type Level,
  type Place,
  type Play,
  type Read,
} from './document.ts';
import { childrenOf, findAction, frameById, freshIds } from './tree.ts';
import { copyLine, flip, permute, splice, withCourt, type Numbers } from './operations.ts';

/** An action before it has an id. */
export type NewAction = Action extends infer A ? (A extends Action ? Omit<A, 'id'> : never) : never;

/** Everything a coach can do to a play: plain data, so that pointer, keyboard, import and drafts all speak it. */
export type Change =
  | { do: 'name'; name: string }
  | { do: 'call'; word?: string; signal?: string }
  | { do: 'series'; series: string }
  | { do: 'against'; against: string[] }
  | { do: 'situation'; situation: string[] }
  | { do: 'notes'; notes: string }
  | { do: 'court'; court: Play['court']; customCourt?: CustomCourt }
  | { do: 'level'; level: Level; women?: boolean }
  | { do: 'alignment'; key: string; flipped?: boolean }
  | { do: 'place'; player: PlayerId; place: Place }
  | { do: 'ball'; player: PlayerId }
  | { do: 'throwIn'; from: NonNullable<Play['start']['throwIn']> | null }
  | { do: 'addAction'; frame: string; action: NewAction; at?: number }
  | { do: 'setAction'; id: string; action: NewAction }
  | { do: 'removeAction'; id: string }
  | { do: 'moveAction'; id: string; to: number }
  /** A new frame after one: on the line, or as a further ending when `fork`. `after: null` puts it first. */
  | { do: 'addFrame'; after: string | null; fork?: boolean; read?: Read }
  | { do: 'duplicateFrame'; id: string }
  | { do: 'removeFrame'; id: string }
  | { do: 'caption'; frame: string; title?: string; caption?: string }
  /** Silences a finding by its code and cause, with the coach's reason; no reason lets it speak again. */
  | { do: 'silence'; code: string; at: string; reason: string | null }
  /** The defences a play is looked at against; the first is the one by default. */
  | { do: 'defences'; defences: Defence[] }
  | { do: 'flip' }
  | { do: 'numbers'; to: Numbers }
  | { do: 'splice'; after: string; play: Play }
  | { do: 'copyLine'; from: string; after: string };

export type EditResult = { ok: true; play: Play } | { ok: false; sentence: string };

const done = (play: Play): EditResult => ({ ok: true, play });
const refuse = (sentence: string): EditResult => ({ ok: false, sentence });

/** Applies one change to a play and returns the new one, or says why not. The given play is never altered. */
export function edit(play: Play, change: Change): EditResult {
  switch (change.do) {
    case 'name':
      return change.name.length > LIMITS.name
        ? refuse(`A name has at most ${LIMITS.name} characters.`)
        : done({ ...play, name: change.name });
    case 'call':
      return (
        tooLong([change.word, LIMITS.name], [change.signal, LIMITS.line]) ??
        done({
          ...play,
          call: { ...play.call, ...optional('word', change.word), ...optional('signal', change.signal) },
        })
      );
    case 'series':
      return tooLong([change.series, LIMITS.name]) ?? done({ ...play, series: change.series });
    case 'notes':
      return tooLong([change.notes, LIMITS.text]) ?? done({ ...play, notes: change.notes });
    case 'against':
      return done({ ...play, against: change.against.slice(0, 12) });
    case 'defences':
      return change.defences.length > LIMITS.defences
        ? refuse(`A play keeps at most ${LIMITS.defences} defences.`)
        : done({ ...play, defences: change.defences });
    case 'situation':
      return done({ ...play, situation: change.situation.slice(0, 12) });
    case 'court':
      return done(withCourt(play, change.court, change.customCourt));
    case 'level':
      return done({ ...play, level: change.level, ...optional('women', change.women) });
    case 'alignment':
      return setAlignment(play, change.key, change.flipped ?? false);
    case 'place': {
      const { alignment: _moved, ...start } = play.start;
      return done({
        ...play,
        start: { ...start, places: { ...start.places, [change.player]: change.place } } as Play['start'],
      });
    }
    case 'ball':
      return done({ ...play, start: { ...play.start, ball: change.player } });
    case 'throwIn': {
      const { throwIn: _old, ...start } = play.start;
      return done({
        ...play,
        start: (change.from === null ? start : { ...start, throwIn: change.from }) as Play['start'],
      });
    }
    case 'addAction':
      return addAction(play, change);
    case 'setAction':
      return onAction(play, change.id, (frame, i) => ({
        ...frame,
        actions: frame.actions.with(i, { ...change.action, id: change.id } as Action),
      }));
    case 'removeAction':
      return onAction(play, change.id, (frame, i) => ({ ...frame, actions: frame.actions.toSpliced(i, 1) }));
    case 'moveAction':
      return onAction(play, change.id, (frame, i) => {
        const rest = frame.actions.toSpliced(i, 1);
        return {
          ...frame,
          actions: rest.toSpliced(Math.max(0, Math.min(rest.length, change.to)), 0, frame.actions[i]!),
        };
      });
    case 'addFrame':
      return addFrame(play, change);
    case 'duplicateFrame':
      return duplicateFrame(play, change.id);
    case 'removeFrame':
      return removeFrame(play, change.id);
    case 'caption':
      return (
        tooLong([change.title, LIMITS.name], [change.caption, LIMITS.line * 2]) ??
        onFrame(play, change.frame, (f) => ({
          ...f,
          ...optional('title', change.title),
          ...optional('caption', change.caption),
        }))
      );
    case 'silence':
      return setSilence(play, change.code, change.at, change.reason);
    case 'flip':
      return done(flip(play));
    case 'numbers':
      return done(permute(play, change.to));
    case 'splice':
      return frameById(play, change.after)
        ? within(splice(play, change.after, change.play))
        : refuse('That frame is gone.');
    case 'copyLine':
      return frameById(play, change.from) && frameById(play, change.after)
        ? within(copyLine(play, change.from, change.after))
        : refuse('That frame is gone.');
  }
}

/** Applies changes in order; stops at the first refusal. */
export function editAll(play: Play, changes: readonly Change[]): EditResult {
  let result: EditResult = done(play);
  for (const c of changes) {
    if (!result.ok) return result;
    result = edit(result.play, c);
  }
  return result;
}

function optional<K extends string, V>(key: K, value: V | undefined): Partial<Record<K, V>> {
  return value === undefined ? {} : ({ [key]: value } as Record<K, V>);
}

function tooLong(...fields: [string | undefined, number][]): EditResult | undefined {
  const bad = fields.find(([value, max]) => (value?.length ?? 0) > max);
  return bad ? refuse(`That is ${bad[0]!.length} characters; there is room for ${bad[1]}.`) : undefined;
}

function within(play: Play): EditResult {
  return play.frames.length > LIMITS.frames
    ? refuse(`That would make ${play.frames.length} frames; a play has at most ${LIMITS.frames}.`)
    : done(play);
}

function setSilence(play: Play, code: string, at: string, reason: string | null): EditResult {
  const { silenced = [], ...rest } = play;
  const others = silenced.filter((s) => s.code !== code || s.at !== at);
  if (reason === null) return done((others.length > 0 ? { ...rest, silenced: others } : rest) as Play);
  const refused = tooLong([reason, LIMITS.line]);
  if (refused) return refused;
  if (others.length >= LIMITS.silenced) return refuse('So many findings are silenced that none more can be.');
  return done({ ...rest, silenced: [...others, { code, at, reason }] } as Play);
}

function setAlignment(play: Play, key: string, flipped: boolean): EditResult {
  const alignment = alignmentByKey(key);
  if (!alignment) return refuse('There is no such alignment.');
  const places = alignmentPlaces(courtFor(play), alignment, flipped);
  return done({ ...play, start: { ...play.start, alignment: key, places } });
}

function onFrame(play: Play, id: string, fn: (f: Frame) => Frame): EditResult {
  const i = play.frames.findIndex((f) => f.id === id);
  return i < 0
    ? refuse('That frame is gone.')
    : done({ ...play, frames: play.frames.with(i, fn(play.frames[i]!)) });
}

function onAction(play: Play, id: string, fn: (f: Frame, index: number) => Frame): EditResult {
  const found = findAction(play, id);
  return found ? onFrame(play, found.frame.id, (f) => fn(f, found.index)) : refuse('That action is gone.');
}

function addAction(play: Play, change: { frame: string; action: NewAction; at?: number }): EditResult {
  const frame = frameById(play, change.frame);
  if (!frame) return refuse('That frame is gone.');
  if (frame.actions.length >= LIMITS.actions)
    return refuse(`A frame has at most ${LIMITS.actions} actions: start the next frame.`);
  if ('path' in change.action && (change.action.path?.length ?? 0) > LIMITS.waypoints)
    return refuse(`A path has at most ${LIMITS.waypoints} points.`);
  const action = { ...change.action, id: freshIds(play, 'a', 1)[0]! } as Action;
  const at = Math.max(0, Math.min(frame.actions.length, change.at ?? frame.actions.length));
  return onFrame(play, frame.id, (f) => ({ ...f, actions: f.actions.toSpliced(at, 0, action) }));
}

function addFrame(play: Play, change: { after: string | null; fork?: boolean; read?: Read }): EditResult {
  if (play.frames.length >= LIMITS.frames) return refuse(`A play has at most ${LIMITS.frames} frames.`);
  const frame: Frame = {
    id: freshIds(play, 'f', 1)[0]!,
    parent: change.after,
    actions: [],
    ...optional('read', change.read),
  };
  if (change.after === null) {
    const [first, ...rest] = play.frames;
    return done({ ...play, frames: [frame, { ...first!, parent: frame.id }, ...rest] });
  }
  const i = play.frames.findIndex((f) => f.id === change.after);
  if (i < 0) return refuse('That frame is gone.');
  if (change.fork) {
    const siblings = childrenOf(play, change.after);
    const at = siblings.length > 0 ? play.frames.indexOf(siblings.at(-1)!) + 1 : i + 1;
    return done({ ...play, frames: play.frames.toSpliced(at, 0, frame) });
  }
  const frames = play.frames.map((f) => (f.parent === change.after ? { ...f, parent: frame.id } : f));
  return done({ ...play, frames: frames.toSpliced(i + 1, 0, frame) });
}

function duplicateFrame(play: Play, id: string): EditResult {
  const frame = frameById(play, id);
  if (!frame) return refuse('That frame is gone.');
  const added = addFrame(play, { after: id });
  if (!added.ok) return added;
  const copyId = freshIds(play, 'f', 1)[0]!;
  const ids = freshIds(play, 'a', frame.actions.length);
  const renamed = new Map(frame.actions.map((a, i) => [a.id, ids[i]!]));
  const actions = frame.actions.map((a, i) => ({
    ...a,
    id: ids[i]!,
    ...(a.cue ? { cue: { ...a.cue, on: renamed.get(a.cue.on) ?? a.cue.on } } : {}),
  }));
  return onFrame(added.play, copyId, (f) => ({ ...f, actions }));
}

function removeFrame(play: Play, id: string): EditResult {
  const frame = frameById(play, id);
  if (!frame) return refuse('That frame is gone.');
  const children = childrenOf(play, id);
  if (play.frames.length === 1) return onFrame(play, id, (f) => ({ id: f.id, parent: null, actions: [] }));
  if (frame.parent === null && children.length > 1) {
    return refuse(`${children.length} answers start from frame 1. Remove them first, or empty the frame.`);
  }
  const frames = play.frames
    .filter((f) => f.id !== id)
    .map((f) => (f.parent === id ? { ...f, parent: frame.parent } : f));
  const root = frames.findIndex((f) => f.parent === null);
  return done({ ...play, frames: root > 0 ? [frames[root]!, ...frames.toSpliced(root, 1)] : frames });
}
