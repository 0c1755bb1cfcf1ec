import type { Action, Frame, Play, Read } from './document.ts';
import { copyOverrides, renameReferences } from './references.ts';
import { done, refuse, type EditResult } from './result.ts';
import { childrenOf, frameById, freshIds } from './tree.ts';

export function onFrame(play: Play, id: string, fn: (f: Frame) => Frame): EditResult {
  const i = play.frames.findIndex((f) => f.id === id);
  return i < 0
    ? refuse('That frame is gone.')
    : done({ ...play, frames: play.frames.with(i, fn(play.frames[i]!)) });
}

/** A new frame in line after another, or beside what follows it; before all frames, or as an ending from the set. */
export function addFrame(
  play: Play,
  change: { after: string | null; fork?: boolean; read?: Read },
): EditResult {
  const { after } = change;
  const frame: Frame = {
    id: freshIds(play, 'f', 1)[0]!,
    parent: after,
    actions: [],
    ...(change.read ? { read: change.read } : {}),
  };
  const i = play.frames.findIndex((f) => f.id === after);
  if (after !== null && i < 0) return refuse('That frame is gone.');
  if (change.fork) {
    const last = play.frames.findLastIndex((f) => f.parent === after);
    return done({ ...play, frames: play.frames.toSpliced((last < 0 ? i : last) + 1, 0, frame) });
  }
  const frames = play.frames.map((f) => (f.parent === after ? { ...f, parent: frame.id } : f));
  return done({ ...play, frames: frames.toSpliced(i + 1, 0, frame) });
}

/** The frame once more behind itself: the same actions, tied among each other and covered as before. */
export function duplicateFrame(play: Play, id: string): EditResult {
  const frame = frameById(play, id);
  if (!frame) return refuse('That frame is gone.');
  const added = addFrame(play, { after: id });
  if (!added.ok) return added;
  const copyId = freshIds(play, 'f', 1)[0]!;
  const ids = freshIds(play, 'a', frame.actions.length);
  const copies = new Map(frame.actions.map((a, i) => [a.id, ids[i]!]));
  const { actions } = renameReferences(frame, (a) => copies.get(a) ?? a);
  const filled = onFrame(added.play, copyId, (f) => ({
    ...f,
    actions: actions.map((a, i): Action => ({ ...a, id: ids[i]! })),
  }));
  const { defences } = play;
  return filled.ok && defences
    ? done({ ...filled.play, defences: defences.map((d) => copyOverrides(d, copies)) })
    : filled;
}

/** Takes a frame out; what followed it follows the frame before. The last one left is emptied. */
export function removeFrame(play: Play, id: string): EditResult {
  const frame = frameById(play, id);
  if (!frame) return refuse('That frame is gone.');
  const children = childrenOf(play, id);
  if (play.frames.length === 1)
    return onFrame(play, id, ({ read: _r, looks: _l, title: _t, caption: _c, end: _e, ...rest }) => ({
      ...(rest as Frame),
      actions: [],
    }));
  if (frame.parent === null && children.length > 1) {
    return refuse(`${children.length} answers start from frame 1. Remove them first, or empty the frame.`);
  }
  const frames = play.frames
    .filter((f) => f.id !== id)
    .map((f) => (f.parent === id ? { ...f, parent: frame.parent } : f));
  if (play.frames[0] !== frame) return done({ ...play, frames });
  // The first of the document starts the play as drawn: what followed it, else the next ending from the set.
  const first = frames.find((f) => f.id === children[0]?.id) ?? frames.find((f) => f.parent === null)!;
  return done({ ...play, frames: [first, ...frames.filter((f) => f !== first)] });
}
