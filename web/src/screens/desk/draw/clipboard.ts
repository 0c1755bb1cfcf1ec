import { findAction, frameById, type Action, type Frame, type NewAction } from '@corkscrew/core';
import { apply, useDesk } from '../store.ts';

/** What was copied: it goes from play to play in this browser. */
type Copied =
  { readonly is: 'action'; readonly action: Action } | { readonly is: 'frame'; readonly frame: Frame };
const KEY = 'corkscrew.copied';

const { getState: get, setState: set } = useDesk;

/** Copies the line in hand, or the frame on the court. */
export function copyInHand(): boolean {
  const { play, actionId, frameId } = get();
  const action = actionId ? findAction(play, actionId)?.action : undefined;
  const frame = frameById(play, frameId);
  const copied: Copied | null = action ? { is: 'action', action } : frame ? { is: 'frame', frame } : null;
  if (!copied) return false;
  localStorage.setItem(KEY, JSON.stringify(copied));
  set({
    notice: action ? 'Copied. Paste it into any frame.' : 'The frame is copied. Paste it after any other.',
  });
  return true;
}

/** Puts what was copied into the frame on the court, or after it. */
export function paste(): boolean {
  const copied = read();
  if (!copied) return false;
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
