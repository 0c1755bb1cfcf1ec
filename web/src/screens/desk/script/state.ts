import {
  DICTIONARY,
  retold,
  rewritten,
  sameDocument,
  settle,
  textOf,
  writtenOf,
  type Dictionary,
  type Next,
  type Play,
  type Written,
} from '@corkscrew/core';
import { create } from 'zustand';
import { keptScript, keepScript } from '../../../keeping/scripts.ts';
import { useDesk, writePlay } from '../store.ts';

interface Script {
  /** What stands in the script; null until it was opened. */
  readonly written: Written | null;
  /** The play the lines were last read into, and the words they are in. */
  readonly of: Play | null;
  readonly words: Dictionary;
  /** What may stand where the caret is. */
  readonly next: Next;
  /** The line that is being written just now. */
  readonly writing: number | null;
}
export const useScript = create<Script>(() => ({
  written: null,
  of: null,
  words: DICTIONARY,
  next: { from: 0, words: [] },
  writing: null,
}));
const { getState: get, setState: set } = useScript;

/** Changes to one line within this time are one step that undo takes back (ms). */
const ONE_STEP = 1200;
let lastly: { readonly play: Play; readonly line: number; readonly at: number } | null = null;

/** What stood in the script when a play was on the desk: an undo brings both back. */
const texts = new WeakMap<Play, Written>();

function put(written: Written, of: Play, words: Dictionary): void {
  // What is half written does not come back with the play it was written over.
  const known = texts.get(of);
  if (!known || written.faults.length <= known.faults.length) texts.set(of, written);
  set({ written, of, words });
  // Only what the play itself does not hold is kept beside it.
  keepScript(of.id, textOf(written) === textOf(writtenOf(of, words)) ? null : { before: of, written });
}

/** Opens the script of the play on the desk, with what was written and could not be read when it was last open. */
export async function openScript(words: Dictionary): Promise<void> {
  const { play } = useDesk.getState();
  const { written, of } = get();
  if (written && of?.id === play.id) return follow(play, words);
  const kept = await keptScript(play.id).catch(() => null);
  if (useDesk.getState().play.id !== play.id) return undefined;
  if (!kept) return put(writtenOf(play, words), play, words);
  set({ written: kept.written, of: kept.before, words: DICTIONARY });
  return follow(useDesk.getState().play, words);
}

/** The play is another one, or said in other words: what was written about it goes with it. */
export function follow(play: Play, words: Dictionary): void {
  const { written, of, words: was } = get();
  if (!written || !of || of.id !== play.id) return put(writtenOf(play, words), play, words);
  if (of === play && was === words) return undefined;
  const known = was === words ? texts.get(play) : undefined;
  const next = known ?? settle(retold(written, of, play, { from: was, to: words }), play, words).written;
  return put(next, play, words);
}

/** What stands there was changed by hand: the court follows as far as it can be read. */
export function typed(text: string, line: number): Written {
  const { written, words } = get();
  const { play } = useDesk.getState();
  const now = settle(rewritten(written ?? writtenOf(play, words), text), play, words);
  if (!sameDocument(now.play, play)) {
    const at = performance.now();
    const joins =
      lastly !== null && lastly.play === play && lastly.line === line && at - lastly.at < ONE_STEP;
    // Told before the desk is, which tells whoever follows it.
    put(now.written, now.play, words);
    writePlay(now.play, joins);
    lastly = { play: now.play, line, at };
  } else put(now.written, play, words);
  return now.written;
}
