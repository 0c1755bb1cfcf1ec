import { readPlay, type Play } from '@corkscrew/core';
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';

/** What this device knows that the server may not: written on every change, removed once saved. */
export interface Draft {
  readonly id: string;
  readonly play: Play;
  /** The revision the changes are based on; 0 when the server has never seen the play. */
  readonly revision: number;
}

interface Schema extends DBSchema {
  drafts: { key: string; value: Draft };
}

let database: Promise<IDBPDatabase<Schema>> | undefined;
const open = (): Promise<IDBPDatabase<Schema>> =>
  (database ??= openDB<Schema>('corkscrew', 1, {
    upgrade: (db) => void db.createObjectStore('drafts', { keyPath: 'id' }),
  }));

export async function keepDraft(draft: Draft): Promise<void> {
  await (await open()).put('drafts', draft);
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

export async function allDrafts(): Promise<Draft[]> {
  return (await open()).getAll('drafts');
}
