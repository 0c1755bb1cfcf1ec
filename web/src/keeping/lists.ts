import type { PlayRow } from '@corkscrew/core';
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import { currentTeam } from '../app/team.ts';

/** A playbook as the server last gave it, and when (ms since 1970). */
export interface KeptList {
  readonly at: number;
  readonly rows: readonly PlayRow[];
}
interface Lists extends DBSchema {
  lists: { key: string; value: KeptList };
}

let opened: Promise<IDBPDatabase<Lists>> | undefined;
const db = () =>
  (opened ??= openDB<Lists>('corkscrew-lists', 1, {
    upgrade: (made) => void made.createObjectStore('lists'),
  }));
const keyOf = (trash: boolean): string => `${currentTeam()} ${trash ? 'trash' : 'plays'}`;

/** Keeps a list for when the server is away. A device that can't keep it does without. */
export async function keepList(trash: boolean, rows: readonly PlayRow[]): Promise<void> {
  await db()
    .then((d) => d.put('lists', { at: Date.now(), rows }, keyOf(trash)))
    .catch(() => undefined);
}

export const keptList = (trash: boolean): Promise<KeptList | undefined> =>
  db()
    .then((d) => d.get('lists', keyOf(trash)))
    .catch(() => undefined);
