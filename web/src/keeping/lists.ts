import type { PlayRow } from '@corkscrew/core';
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import { api } from '../app/api.ts';
import { currentTeam, UNKNOWN_TEAM } from '../app/team.ts';

/** A playbook as the server last gave it, and when (ms since 1970). */
export interface KeptList {
  readonly at: number;
  /** Whose it is, as far as this device knew then. */
  readonly team: string;
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
const keyOf = (trash: boolean): string => (trash ? 'trash' : 'plays');

/** A team's plays from the server, kept for when it is away. */
export async function listPlays(trash: boolean): Promise<PlayRow[]> {
  const rows = await api.plays(trash);
  void keepList(trash, rows);
  return rows;
}

/** Keeps a list on this device. One that can't keep it does without. */
async function keepList(trash: boolean, rows: readonly PlayRow[]): Promise<void> {
  await db()
    .then((d) => d.put('lists', { at: Date.now(), team: currentTeam(), rows }, keyOf(trash)))
    .catch(() => undefined);
}

/** The list that was kept, when it is this team's: a device new to it does not know whose the first one is. */
export async function keptList(trash: boolean): Promise<KeptList | undefined> {
  const kept = await db()
    .then((d) => d.get('lists', keyOf(trash)))
    .catch(() => undefined);
  return kept && [currentTeam(), UNKNOWN_TEAM].includes(kept.team) ? kept : undefined;
}
