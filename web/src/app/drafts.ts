import { readPlay, type Play } from '@corkscrew/core';
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';

/** What this device knows that the server may not: written on every change, removed once saved. */
export interface Draft {
  readonly id: string;
  readonly play: Play;
  /** The revision the changes are based on; 0 when the server has never seen the play. */
  readonly revision: number;
  /** When it was written, milliseconds. */
  readonly at: number;
}

interface Schema extends DBSchema {
  drafts: { key: string; value: Draft };
}

let database: Promise<IDBPDatabase<Schema>> | undefined;
const open = (): Promise<IDBPDatabase<Schema>> =>
  (database ??= openDB<Schema>('corkscrew', 1, {
    upgrade: (db) => void db.createObjectStore('drafts', { keyPath: 'id' }),
  }));

export async function keepDraft(draft: Omit<Draft, 'at'>): Promise<void> {
  await (await open()).put('drafts', { ...draft, at: Date.now() });
}

export async function draftOf(id: string): Promise<Draft | undefined> {
  const draft = await (await open()).get('drafts', id);
  if (!draft) return undefined;
  const read = readPlay(draft.play);
  return read.ok ? { ...draft, play: read.play } : undefined;
}

export async function dropDraft(id: string): Promise<void> {
  await (await open()).delete('drafts', id);
}

/** A draft this old (ms) is nobody's who is drawing just now in another tab. */
const ABANDONED = 15_000;

/**
 * Sends what this device kept and no desk is sending: a play drawn while the server was away, its tab
 * closed since. One that was changed elsewhere too stays, and its desk asks. Says how many were sent.
 */
export async function sendDrafts(save: (play: Play, revision: number) => Promise<unknown>): Promise<number> {
  let sent = 0;
  for (const draft of await (await open()).getAll('drafts')) {
    const read = readPlay(draft.play);
    if (!read.ok || Date.now() - draft.at < ABANDONED) continue;
    const done = await save(read.play, draft.revision).then(
      () => true,
      () => false,
    );
    if (!done) continue;
    await dropDraft(draft.id);
    sent += 1;
  }
  return sent;
}
