import { PLAYERS } from '../alignment/library.ts';
import { said, type Said } from '../language/said.ts';
import type { Change, NewAction } from '../play/change.ts';
import { contentOf } from '../play/content.ts';
import type { Action, Frame, Play } from '../play/document.ts';
import { frameById } from '../play/tree.ts';

/** One thing that is otherwise in a version than in the play it was made of. */
export interface Difference {
  readonly id: string;
  /** The frame it is in; null for the set. */
  readonly frame: string | null;
  readonly says: Said;
  /** What makes it as it is there; nothing where only the whole can be taken. */
  readonly back: readonly Change[];
}

/** What is otherwise in a version, frame by frame. Frames and actions are the same while they keep their ids. */
export function differences(original: Play, version: Play): Difference[] {
  return [
    ...inSet(original, version),
    ...version.frames.flatMap((f) => inFrame(original, f)),
    ...gone(original, version),
  ];
}

function inSet(original: Play, version: Play): Difference[] {
  return PLAYERS.flatMap((who): Difference[] => {
    const [there, here] = [original.start.places[who], version.start.places[who]];
    if (there.x === here.x && there.y === here.y) return [];
    return [
      {
        id: `place ${who}`,
        frame: null,
        says: said('diff-place', { who }),
        back: [{ do: 'place', player: who, place: there }],
      },
    ];
  });
}

function inFrame(original: Play, here: Frame): Difference[] {
  const there = frameById(original, here.id);
  if (!there)
    return [
      {
        id: `frame ${here.id}`,
        frame: here.id,
        says: said('diff-frame-new', { read: here.read ?? null }),
        back: [{ do: 'removeFrame', id: here.id }],
      },
    ];
  const out: Difference[] = [];
  if (contentOf(there.read) !== contentOf(here.read))
    out.push({
      id: `read ${here.id}`,
      frame: here.id,
      says: said('diff-read', { read: there.read ?? null }),
      back: [{ do: 'read', frame: here.id, read: there.read ?? null }],
    });
  const ids = new Map(there.actions.map((a) => [a.id, a]));
  for (const a of here.actions) {
    const other = ids.get(a.id);
    ids.delete(a.id);
    if (!other) out.push(inAction(here, a, 'diff-action-new', [{ do: 'removeAction', id: a.id }]));
    else if (contentOf(other) !== contentOf(a))
      out.push(inAction(here, a, 'diff-action', [{ do: 'setAction', id: a.id, action: bare(other) }]));
  }
  for (const a of ids.values())
    out.push(
      inAction(here, a, 'diff-action-gone', [
        { do: 'addAction', frame: here.id, action: bare(a), at: there.actions.indexOf(a) },
      ]),
    );
  return out;
}

const inAction = (
  frame: Frame,
  { id, by, does }: Action,
  key: 'diff-action' | 'diff-action-new' | 'diff-action-gone',
  back: Change[],
): Difference => ({ id: `action ${id}`, frame: frame.id, says: said(key, { by, does }), back });

/** Frames that are left out; one that ends a line and follows one that is here can be had back. */
function gone(original: Play, version: Play): Difference[] {
  return original.frames.flatMap((f): Difference[] => {
    if (frameById(version, f.id)) return [];
    const last = original.frames.every((x) => x.parent !== f.id);
    const after = f.parent === null || frameById(version, f.parent) !== undefined;
    return [
      {
        id: `frame ${f.id}`,
        frame: f.parent,
        says: said('diff-frame-gone', { read: f.read ?? null }),
        back: last && after ? [{ do: 'pasteEnding', after: f.parent, frame: f }] : [],
      },
    ];
  });
}

const bare = ({ id: _id, ...rest }: Action): NewAction => rest as NewAction;
