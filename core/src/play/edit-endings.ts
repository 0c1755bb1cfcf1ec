import type { End, Frame, Play, Read } from './document.ts';
import { onFrame } from './edit-frames.ts';
import { done, refuse, type EditResult } from './result.ts';
import { childrenOf, frameById } from './tree.ts';

/** What the defence is seen to do where an ending starts; none makes it the line as drawn. */
export function readAt(play: Play, frame: string, read: Read | null): EditResult {
  return onFrame(play, frame, ({ read: _old, ...rest }) =>
    read === null ? (rest as Frame) : { ...rest, read },
  );
}

/** Siblings stand in the coach's order, and the first is the play as drawn: an ending is moved among them. */
export function orderEnding(play: Play, id: string, to: number): EditResult {
  const frame = frameById(play, id);
  if (!frame) return refuse('ending-gone', {});
  const siblings = play.frames.filter((f) => f.parent === frame.parent);
  const at = Math.max(0, Math.min(siblings.length - 1, to));
  const order = siblings.filter((f) => f !== frame).toSpliced(at, 0, frame);
  let next = 0;
  return done({ ...play, frames: play.frames.map((f) => (f.parent === frame.parent ? order[next++]! : f)) });
}

/** Takes an ending away: its first frame and everything that follows. */
export function removeEnding(play: Play, id: string): EditResult {
  const frame = frameById(play, id);
  if (!frame) return refuse('ending-gone', {});
  const gone = new Set<string>();
  const mark = (f: string): void => {
    gone.add(f);
    for (const child of childrenOf(play, f)) mark(child.id);
  };
  mark(id);
  const left = play.frames.filter((f) => !gone.has(f.id));
  if (left.length === 0) return refuse('ending-all', {});
  // The first of the document starts the play.
  const first = left.find((f) => f.parent === null)!;
  return done({ ...play, frames: [first, ...left.filter((f) => f !== first)] });
}

/** How a line ends, at the frame that ends it; of all lines that do not say when none is named. */
export function endLine(play: Play, frame: string | null, end: End | null): EditResult {
  if (frame === null) {
    const { ifNothing: _old, ...rest } = play;
    return done((end ? { ...rest, ifNothing: end } : rest) as Play);
  }
  if (childrenOf(play, frame).length > 0) return refuse('line-goes-on', {});
  return onFrame(play, frame, ({ end: _old, ...rest }) => (end ? { ...rest, end } : (rest as Frame)));
}
