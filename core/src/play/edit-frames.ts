import { tidyAngles } from './angles.ts';
import type { Action, Frame, Play, Read } from './document.ts';
import { copyOverrides, renameReferences } from './references.ts';
import { done, refuse, type EditResult } from './result.ts';
import { childrenOf, frameById, freshIds, lineTo } from './tree.ts';

export function onFrame(play: Play, id: string, fn: (f: Frame) => Frame): EditResult {
  const i = play.frames.findIndex((f) => f.id === id);
  return i < 0
    ? refuse('frame-gone', {})
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
  if (after !== null && i < 0) return refuse('frame-gone', {});
  if (change.fork) {
    const last = play.frames.findLastIndex((f) => f.parent === after);
    return done({ ...play, frames: play.frames.toSpliced((last < 0 ? i : last) + 1, 0, frame) });
  }
  // How the line ends is said where it ends now.
  const { end, ...before } = (after === null ? undefined : frameById(play, after)) ?? {};
  const goesOn = end && childrenOf(play, after!).length === 0;
  const frames = play.frames.map((f) =>
    f.parent === after ? { ...f, parent: frame.id } : goesOn && f.id === after ? (before as Frame) : f,
  );
  return done({ ...play, frames: frames.toSpliced(i + 1, 0, goesOn ? { ...frame, end } : frame) });
}

/** The frame once more behind itself: the same actions, tied among each other and covered as before. */
export function duplicateFrame(play: Play, id: string): EditResult {
  const frame = frameById(play, id);
  return frame ? copyBehind(play, id, frame) : refuse('frame-gone', {});
}

/** A frame of whatever play behind one of this: a cue on what is not in it is left behind. */
export function pasteFrame(play: Play, after: string, frame: Frame): EditResult {
  const own = new Set(frame.actions.map((a) => a.id));
  const here = new Set(lineTo(play, after).flatMap((f) => f.actions.map((a) => a.id)));
  const known = (on: string): boolean => on === 'frame' || own.has(on) || here.has(on);
  const actions = frame.actions.map((a): Action => {
    const { cue, ...rest } = a;
    return cue && known(cue.on) && (cue.and ?? []).every((c) => known(c.on)) ? a : (rest as Action);
  });
  return copyBehind(play, after, { ...frame, actions });
}

/** A frame as a further ending of another one, or of the set: what it names of itself it goes on naming. */
export function pasteEnding(play: Play, after: string | null, frame: Frame): EditResult {
  const added = addFrame(play, { after, fork: true });
  return added.ok ? filledWith(play, added.play, frame, ['title', 'read']) : added;
}

function copyBehind(play: Play, after: string, frame: Frame): EditResult {
  const added = addFrame(play, { after });
  return added.ok ? filledWith(play, added.play, frame) : added;
}

/** The frame that was just added, with a copy of another one's actions and what else is `kept` of it. */
function filledWith(
  play: Play,
  added: Play,
  frame: Frame,
  kept: readonly ('title' | 'read')[] = [],
): EditResult {
  const copyId = freshIds(play, 'f', 1)[0]!;
  const ids = freshIds(play, 'a', frame.actions.length);
  const copies = new Map(frame.actions.map((a, i) => [a.id, ids[i]!]));
  const renamed = renameReferences(frame, (a) => copies.get(a) ?? a);
  const rest = Object.fromEntries(kept.flatMap((k) => (renamed[k] === undefined ? [] : [[k, renamed[k]]])));
  const filled = onFrame(added, copyId, (f) => ({
    ...f,
    ...rest,
    actions: renamed.actions.map((a, i): Action => tidyAngles({ ...a, id: ids[i]! })),
  }));
  const { defences } = play;
  return filled.ok && defences
    ? done({ ...filled.play, defences: defences.map((d) => copyOverrides(d, copies)) })
    : filled;
}

/** A frame taken out of its place and put behind another; what followed it there follows it now. */
export function moveFrame(play: Play, id: string, after: string | null): EditResult {
  const frame = frameById(play, id);
  if (!frame || (after !== null && !frameById(play, after))) return refuse('frame-gone', {});
  if (after === id || frame.parent === after) return done(play);
  const children = childrenOf(play, id);
  if (children.length > 1) return refuse('frame-forks', { count: children.length });
  if (children.length === 0 && play.frames.filter((f) => f.parent === frame.parent).length > 1)
    return refuse('frame-alone', {});
  // Where an ending starts, the read stays with what follows.
  const { read, ...bare } = frame;
  const out = play.frames.map((f): Frame =>
    f.id === id
      ? { ...bare, parent: after }
      : f.parent === id
        ? { ...f, parent: frame.parent, ...(read ? { read } : {}) }
        : f,
  );
  const there = out.map((f): Frame => (f.parent === after && f.id !== id ? { ...f, parent: id } : f));
  // A frame stands in the document where it stands on its line, and the first of all is first.
  const moved = there.find((f) => f.id === id)!;
  const others = there.filter((f) => f.id !== id);
  const at = after === null ? 0 : others.findIndex((f) => f.id === after) + 1;
  const frames = others.toSpliced(at, 0, moved);
  const first = frames.find((f) => f.parent === null)!;
  return done({ ...play, frames: [first, ...frames.filter((f) => f !== first)] });
}

/** Takes a frame out; what followed it follows the frame before. The last one left is emptied. */
export function removeFrame(play: Play, id: string): EditResult {
  const frame = frameById(play, id);
  if (!frame) return refuse('frame-gone', {});
  const children = childrenOf(play, id);
  if (play.frames.length === 1)
    return onFrame(play, id, ({ read: _r, looks: _l, title: _t, caption: _c, end: _e, ...rest }) => ({
      ...(rest as Frame),
      actions: [],
    }));
  if (frame.parent === null && children.length > 1) {
    return refuse('answers-start', { count: children.length });
  }
  const frames = play.frames
    .filter((f) => f.id !== id)
    .map((f) => (f.parent === id ? { ...f, parent: frame.parent } : f));
  if (play.frames[0] !== frame) return done({ ...play, frames });
  // The first of the document starts the play as drawn: what followed it, else the next ending from the set.
  const first = frames.find((f) => f.id === children[0]?.id) ?? frames.find((f) => f.parent === null)!;
  return done({ ...play, frames: [first, ...frames.filter((f) => f !== first)] });
}
