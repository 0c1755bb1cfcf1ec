import { tidyAngles } from './angles.ts';
import type { ActionField, ActionPatch, NewAction } from './change.ts';
import { ActionSchema, type Action, type Frame, type Play } from './document.ts';
import { onFrame } from './edit-frames.ts';
import { fieldsOf, merge } from './merge.ts';
import { refuse, type EditResult } from './result.ts';
import { findAction, frameById, freshIds } from './tree.ts';

function onAction(play: Play, id: string, fn: (f: Frame, index: number) => Frame): EditResult {
  const found = findAction(play, id);
  return found ? onFrame(play, found.frame.id, (f) => fn(f, found.index)) : refuse('action-gone', {});
}

export function addAction(play: Play, change: { frame: string; action: NewAction; at?: number }): EditResult {
  const frame = frameById(play, change.frame);
  if (!frame) return refuse('frame-gone', {});
  const action = tidyAngles({ ...change.action, id: freshIds(play, 'a', 1)[0]! }) as Action;
  const at = Math.max(0, Math.min(frame.actions.length, change.at ?? frame.actions.length));
  return onFrame(play, frame.id, (f) => ({ ...f, actions: f.actions.toSpliced(at, 0, action) }));
}

const replaced = (play: Play, id: string, action: Action): EditResult =>
  onAction(play, id, (frame, i) => ({ ...frame, actions: frame.actions.with(i, tidyAngles(action)) }));

/** The action said anew; fields that nobody here knows stay in it. */
export function setAction(play: Play, id: string, action: NewAction): EditResult {
  const old = findAction(play, id)?.action;
  if (!old) return refuse('action-gone', {});
  return replaced(play, id, merge(ActionSchema, old, { ...action, id } as Action));
}

/** Some fields of an action set or taken away, everything else as it was. */
export function patchAction(
  play: Play,
  change: { id: string; set?: ActionPatch; unset?: readonly ActionField[] },
): EditResult {
  const old = findAction(play, change.id)?.action;
  if (!old) return refuse('action-gone', {});
  const option = ActionSchema.options.find((o) => o.shape.does.value === old.does)!;
  const fields = fieldsOf(option)!;
  const set = Object.entries(change.set ?? {}).filter(([, value]) => value !== undefined);
  const foreign = set.find(([key]) => !fields.has(key));
  if (foreign) return refuse('field-foreign', { field: foreign[0], does: old.does });
  const gone = new Set<string>(change.unset);
  const kept = Object.entries(old).filter(([key]) => !gone.has(key));
  const next = Object.fromEntries([...kept, ...set]) as unknown as Action;
  return replaced(play, change.id, merge(ActionSchema, old, next));
}

export const removeAction = (play: Play, id: string): EditResult =>
  onAction(play, id, (frame, i) => ({ ...frame, actions: frame.actions.toSpliced(i, 1) }));

export const moveAction = (play: Play, id: string, to: number): EditResult =>
  onAction(play, id, (frame, i) => {
    const rest = frame.actions.toSpliced(i, 1);
    return {
      ...frame,
      actions: rest.toSpliced(Math.max(0, Math.min(rest.length, to)), 0, frame.actions[i]!),
    };
  });
