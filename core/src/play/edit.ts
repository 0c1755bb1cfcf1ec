import { alignmentByKey, alignmentPlaces, PLAYERS } from '../alignment/library.ts';
import { courtFor } from '../court/rulesets.ts';
import { addAction, moveAction, patchAction, removeAction, setAction } from './edit-actions.ts';
import {
  addFrame,
  duplicateFrame,
  moveFrame,
  onFrame,
  pasteEnding,
  pasteFrame,
  removeFrame,
} from './edit-frames.ts';
import { orderEnding, readAt, removeEnding, endLine } from './edit-endings.ts';
import type { Change } from './change.ts';
import { DefenceSchema, PlaceSchema, type Frame, type Play } from './document.ts';
import { refusalOf } from './gate.ts';
import { merge } from './merge.ts';
import { suffixed } from './names.ts';
import { copyLine, flip, permute, splice, withCourt } from './operations.ts';
import { done, refuse, refused, type EditResult } from './result.ts';
import { frameById } from './tree.ts';

/**
 * Applies one change to a play and returns the new one, or says in a sentence why not. The given play is
 * never altered, and what is returned can always be read, kept and drawn again.
 */
export function edit(play: Play, change: Change): EditResult {
  const result = applied(play, change);
  if (!result.ok) return result;
  const refusal = refusalOf(play, result.play);
  return refusal === null ? result : refused(refusal);
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

function applied(play: Play, change: Change): EditResult {
  switch (change.do) {
    case 'name':
      return done({ ...play, name: change.name });
    case 'call':
      return done({
        ...play,
        call: {
          ...play.call,
          ...optional('word', change.word),
          ...optional('signal', change.signal),
          ...optional('figure', change.figure),
        },
      });
    case 'series':
      return done({ ...play, series: change.series });
    case 'notes':
      return done({ ...play, notes: change.notes });
    case 'against':
      return done({ ...play, against: change.against });
    case 'situation':
      return done({ ...play, situation: change.situation });
    case 'about': {
      const { do: _do, ...said } = change;
      const now = Object.entries({ ...play, ...said }).filter(
        ([key, v]) => !(key in said && (v === null || v === '')),
      );
      return done(Object.fromEntries(now) as unknown as Play);
    }
    case 'counterTo':
      return done(withList(play, 'counterTo', change.counterTo));
    case 'needs':
      return done(withList(play, 'needs', change.needs));
    case 'errors':
      return done(withList(play, 'errors', change.errors));
    case 'changes':
      return done(withList(play, 'changes', change.changes));
    case 'defences':
      return done({
        ...play,
        defences: change.defences.map((d) => {
          const old = play.defences?.find((o) => o.id === d.id);
          return old ? merge(DefenceSchema, old, d) : d;
        }),
      });
    case 'court':
      return done(withCourt(play, change.court, change.customCourt));
    case 'level':
      return done({ ...play, level: change.level, ...optional('women', change.women) });
    case 'alignment':
      return setAlignment(play, change.key, change.flipped ?? false);
    case 'place': {
      const { alignment: _moved, ...start } = play.start;
      const place = merge(PlaceSchema, start.places[change.player], change.place);
      return done({
        ...play,
        start: { ...start, places: { ...start.places, [change.player]: place } } as Play['start'],
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
      return setAction(play, change.id, change.action);
    case 'patchAction':
      return patchAction(play, change);
    case 'removeAction':
      return removeAction(play, change.id);
    case 'moveAction':
      return moveAction(play, change.id, change.to);
    case 'addFrame':
      return addFrame(play, change);
    case 'duplicateFrame':
      return duplicateFrame(play, change.id);
    case 'pasteFrame':
      return pasteFrame(play, change.after, change.frame);
    case 'pasteEnding':
      return pasteEnding(play, change.after, change.frame);
    case 'removeFrame':
      return removeFrame(play, change.id);
    case 'moveFrame':
      return moveFrame(play, change.id, change.after);
    case 'read':
      return readAt(play, change.frame, change.read);
    case 'orderEnding':
      return orderEnding(play, change.id, change.to);
    case 'removeEnding':
      return removeEnding(play, change.id);
    case 'caption':
      return onFrame(play, change.frame, (f) => ({
        ...f,
        ...optional('title', change.title),
        ...optional('caption', change.caption),
      }));
    case 'silence':
      return done(silence(play, change));
    case 'looks':
      return onFrame(play, change.frame, ({ looks: _old, ...rest }) =>
        change.looks.length > 0 ? { ...rest, looks: change.looks } : (rest as Frame),
      );
    case 'never':
      return done(never(play, change));
    case 'variantOf': {
      const { variantOf: _old, ...rest } = play;
      return done((change.variantOf ? { ...rest, variantOf: change.variantOf } : rest) as Play);
    }
    case 'end':
      return endLine(play, change.frame, change.end);
    case 'flip':
      return done(flip(play));
    case 'numbers': {
      const taken = new Set(PLAYERS.map((p) => change.to[p]));
      return taken.size === 5 && PLAYERS.every((p) => taken.has(p))
        ? done(permute(play, change.to))
        : refuse('numbers-clash', {});
    }
    case 'splice':
      return frameById(play, change.after)
        ? done(splice(play, change.after, change.play))
        : refuse('frame-gone', {});
    case 'copyLine':
      return frameById(play, change.from) && frameById(play, change.after)
        ? done(copyLine(play, change.from, change.after))
        : refuse('frame-gone', {});
    case 'copy':
      return done({ ...play, id: change.id, name: suffixed(change.name ?? play.name, change.suffix ?? '') });
  }
}

function optional<K extends string, V>(key: K, value: V | undefined): Partial<Record<K, V>> {
  return value === undefined ? {} : ({ [key]: value } as Record<K, V>);
}

/** What they never do is remembered by the place, whatever ids it has. */
function never(play: Play, { at, does, never: on }: Extract<Change, { do: 'never' }>): Play {
  const { refused: old = [], ...rest } = play;
  const same = (r: (typeof old)[number]): boolean =>
    r.kind === at.kind && r.by === at.by && r.user === at.user && r.depth === at.depth && r.does === does;
  const others = old.filter((r) => !same(r));
  const now = on ? [...others, { ...at, does }] : others;
  return (now.length > 0 ? { ...rest, refused: now } : rest) as Play;
}

/** Silences a finding on one ending, or on all; told again, it is so wherever it was silent here. */
function silence(
  play: Play,
  { code, at, reason, ending }: { code: string; at: string; reason: string | null; ending?: string },
): Play {
  const { silenced = [], ...rest } = play;
  const here = (s: (typeof silenced)[number]): boolean => s.code === code && s.at === at;
  const same = silenced.find((s) => here(s) && s.ending === ending);
  const others = silenced.filter((s) =>
    reason === null ? !here(s) || (s.ending !== undefined && s.ending !== ending) : s !== same,
  );
  const now =
    reason === null ? others : [...others, { ...same, code, at, reason, ...optional('ending', ending) }];
  return (now.length > 0 ? { ...rest, silenced: now } : rest) as Play;
}

function setAlignment(play: Play, key: string, flipped: boolean): EditResult {
  const alignment = alignmentByKey(key);
  if (!alignment) return refuse('no-alignment', {});
  const fresh = alignmentPlaces(courtFor(play), alignment, flipped);
  const places = { ...play.start.places };
  for (const p of PLAYERS) places[p] = merge(PlaceSchema, places[p], fresh[p]);
  return done({ ...play, start: { ...play.start, alignment: key, places } });
}

/** A list of a play anew; one without anything in it is not there. */
function withList<K extends 'counterTo' | 'needs' | 'errors' | 'changes'>(
  play: Play,
  key: K,
  list: NonNullable<Play[K]>,
): Play {
  const { [key]: _old, ...rest } = play;
  return (list.length > 0 ? { ...rest, [key]: list } : rest) as Play;
}
