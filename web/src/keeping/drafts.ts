import { isCovered, START, type Draft, type Extent } from '@corkscrew/core';
import type { KeptScript } from './scripts.ts';
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';

/** As the first version of this store had them: one a play, whoever wrote it. */
interface OldDraft {
  readonly id: string;
  readonly play: unknown;
  readonly revision: number;
}

interface Schema extends DBSchema {
  drafts: { key: string; value: OldDraft };
  kept: { key: [string, string, string]; value: Draft };
  scripts: { key: [string, string]; value: KeptScript & { readonly team: string; readonly play: string } };
}

const OLD_TEAM = 'team';

async function openStore(): Promise<IDBPDatabase<Schema>> {
  return openDB<Schema>('corkscrew', 3, {
    upgrade: async (db, from, _to, tx) => {
      db.createObjectStore('scripts', { keyPath: ['team', 'play'] });
      if (from >= 2) return;
      db.createObjectStore('kept', { keyPath: ['team', 'play', 'sitting'] });
      if (from < 1) return;
      for (const { id, play, revision } of await tx.objectStore('drafts').getAll())
        await tx.objectStore('kept').put({
          ...{ ...START, team: OLD_TEAM, play: id, sitting: 'before', revision, count: 1 },
          covers: { before: 1 },
          text: JSON.stringify(play),
        });
      db.deleteObjectStore('drafts');
    },
    // An older tab holds the store open: it is asked to let go, and this one goes on when it has.
    blocking: (_now, _wanted, event) => (event.target as IDBDatabase).close(),
  });
}

let store: IDBPDatabase<Schema> | undefined;
let opened: Promise<IDBPDatabase<Schema>> | undefined;

/** Opens the device's store; afterwards a draft is on its way within the same turn as the change. */
export const openDrafts = (): Promise<IDBPDatabase<Schema>> =>
  (opened ??= openStore().then(
    (db) => {
      store = db;
      db.addEventListener('close', () => (store = opened = undefined));
      return db;
    },
    (error: unknown) => {
      opened = undefined;
      throw error;
    },
  ));

/**
 * Writes a draft. Both the draft and the word to keep it are sent to the browser at once: a tab that dies in the
 * next moment has written it all the same.
 */
export async function putDraft(draft: Draft): Promise<void> {
  const tx = (store ?? (await openDrafts())).transaction('kept', 'readwrite');
  const written = tx.store.put(draft);
  tx.commit();
  await written;
  await tx.done;
}

export async function allDrafts(): Promise<Draft[]> {
  return (await openDrafts()).getAll('kept');
}

export async function draftsOf(team: string, play: string): Promise<Draft[]> {
  return (await openDrafts()).getAll('kept', ofPlay(team, play));
}

const ofPlay = (team: string, play: string): IDBKeyRange =>
  IDBKeyRange.bound([team, play, ''], [team, play, '\uffff']);

/** Removes a draft if it is still exactly this one. */
export const removeDraft = ({ team, play, sitting, count }: Draft): Promise<void> =>
  removeWhere(team, play, (d) => d.sitting === sitting && d.count === count);

/** Removes what the server has: drafts all of whose changes went into a document that far. */
export const dropCovered = (team: string, play: string, by: Extent): Promise<void> =>
  removeWhere(team, play, (d) => isCovered(d, by));

/** Removes a sitting's own draft once another draft, or the server, has all of it. */
export const yieldDraft = (
  team: string,
  play: string,
  me: string,
  by: Extent,
  saved: boolean,
): Promise<void> =>
  removeWhere(
    team,
    play,
    (d, all) =>
      d.sitting === me && isCovered(d, by) && (saved || all.some((o) => o !== d && isCovered(d, o))),
  );

async function removeWhere(
  team: string,
  play: string,
  gone: (draft: Draft, all: readonly Draft[]) => boolean,
): Promise<void> {
  const tx = (await openDrafts()).transaction('kept', 'readwrite');
  const all = await tx.store.getAll(ofPlay(team, play));
  await Promise.all(all.filter((d) => gone(d, all)).map((d) => tx.store.delete([d.team, d.play, d.sitting])));
  await tx.done;
}
