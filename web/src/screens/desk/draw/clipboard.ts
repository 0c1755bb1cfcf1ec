import {
  findAction,
  frameById,
  pasteScript,
  writtenPart,
  type Action,
  type Frame,
  type NewAction,
  type Part,
} from '@corkscrew/core';
import { apply, replacePlay, useDesk } from '../store.ts';

/** What was copied: it goes from play to play in this browser. */
type Copied =
  { readonly is: 'action'; readonly action: Action } | { readonly is: 'frame'; readonly frame: Frame };
const KEY = 'corkscrew.copied';
/** The same as it is written, as it went to the device's own clipboard. */
const WRITTEN = 'corkscrew.copied.written';

const { getState: get, setState: set } = useDesk;

/** Copies the line in hand, or the frame on the court. */
export function copyInHand(): boolean {
  const { play, actionId, frameId } = get();
  const action = actionId ? findAction(play, actionId)?.action : undefined;
  const frame = frameById(play, frameId);
  const copied: Copied | null = action ? { is: 'action', action } : frame ? { is: 'frame', frame } : null;
  if (!copied) return false;
  localStorage.setItem(KEY, JSON.stringify(copied));
  if (!action) write({ is: 'frame', frame: frameId });
  else localStorage.removeItem(WRITTEN);
  set({
    notice: action ? 'Copied. Paste it into any frame.' : 'The frame is copied. Paste it after any other.',
  });
  return true;
}

/** Copies a part of the play as it is written: any program can take it, and any frame here. */
export function copyWritten(part: Part): void {
  write(part);
  localStorage.removeItem(KEY);
  set({ notice: 'Copied as it is written. Paste it after any frame, or anywhere else.' });
}

function write(part: Part): void {
  const text = writtenPart(get().play, part);
  localStorage.setItem(WRITTEN, text);
  // A browser that forbids it still has the copy for the app itself.
  void navigator.clipboard?.writeText(text).catch(() => undefined);
}

const sameText = (a: string, b: string | null): boolean =>
  a.replace(/\r\n/g, '\n').trim() === b?.replace(/\r\n/g, '\n').trim();

/** Puts text from the device's clipboard behind the frame on the court where it is a play as it is written; else what was copied here. */
export function pasteText(text: string): boolean {
  const isOurs = sameText(text, localStorage.getItem(WRITTEN));
  if ((isOurs && localStorage.getItem(KEY)) || !/^\s*1:/m.test(text)) return paste();
  const { play, frameId } = get();
  const made = pasteScript(play, frameId, text);
  if (!made.ok) {
    const [fault] = made.faults;
    set({ notice: `Line ${fault!.line} of what was pasted can’t be read: ${fault!.sentence}` });
    return false;
  }
  replacePlay(made.play);
  set({ frameId: made.frame, branch: made.frame });
  return true;
}

/** Puts what was copied into the frame on the court, or after it. */
export function paste(): boolean {
  const copied = read();
  const written = localStorage.getItem(WRITTEN);
  if (!copied) return written !== null && pasteText(written);
  const { frameId, play } = get();
  if (copied.is === 'action') {
    const { id: _old, cue: _tied, ...action } = copied.action;
    return apply({ do: 'addAction', frame: frameId, action: action as NewAction });
  }
  const known = new Set(play.frames.map((f) => f.id));
  if (!apply({ do: 'pasteFrame', after: frameId, frame: copied.frame })) return false;
  const made = get().play.frames.find((f) => !known.has(f.id));
  if (made) set({ frameId: made.id, branch: made.id });
  return true;
}

function read(): Copied | null {
  try {
    return JSON.parse(localStorage.getItem(KEY) ?? 'null') as Copied | null;
  } catch {
    return null;
  }
}
