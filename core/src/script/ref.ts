import type { Action } from '../play/document.ts';
import type { Reader } from './reader.ts';

/** An action pointed at by number: its frame's on the line (or, elsewhere, in the text) and its own, from 1; or by an id that is nowhere. */
export type ActionRef =
  { readonly frame: number; readonly action: number; readonly elsewhere: boolean } | { readonly id: string };

/** The actions of every frame on a line, and how one that is on none of them is pointed at; null when it is nowhere. */
export interface OnLine {
  readonly frames: readonly (readonly Action[])[];
  readonly elsewhere: (id: string) => string | null;
}

/** An action of a line by its id; undefined when it is not on it. */
export const onLine = (id: string, { frames }: OnLine): Action | undefined =>
  frames.findLast((f) => f.some((a) => a.id === id))?.find((a) => a.id === id);

/** How an action is pointed at: "@2.3", "elsewhere @7.1". */
export function printRef(id: string, { frames, elsewhere }: OnLine): string {
  for (let f = frames.length - 1; f >= 0; f--) {
    const i = frames[f]!.findIndex((a) => a.id === id);
    if (i >= 0) return `@${f + 1}.${i + 1}`;
  }
  return elsewhere(id) ?? `@ ${JSON.stringify(id)}`;
}

/** Reads an action that is pointed at, where one is. */
export function readRef(r: Reader): ActionRef | null {
  const elsewhere = r.word('elsewhere');
  const ref = r.ref();
  if (ref !== null) {
    const [frame, action] = ref.slice(1).split('.').map(Number);
    if (action === undefined)
      return r.fail('The number of the action is missing: @2.3 is the third of frame 2.');
    return { frame: frame!, action, elsewhere };
  }
  if (elsewhere) return r.fail('An action stands here by its number, like @2.3.');
  if (!r.punct('@')) return null;
  return { id: r.text() ?? r.fail('An action stands here by its number, like @2.3.') };
}
