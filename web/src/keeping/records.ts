import {
  readPlay,
  RECORDS,
  type Play,
  type RecordBody,
  type RecordKind,
  type RecordRow,
} from '@corkscrew/core';
import { useQuery } from '@tanstack/react-query';
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import { nanoid } from 'nanoid';
import { useMemo } from 'react';
import { create } from 'zustand';
import { api, ApiProblem, Unreachable } from '../app/api.ts';
import { client } from '../app/client.ts';
import { currentTeam, UNKNOWN_TEAM } from '../app/team.ts';
import { RecordKeeper, type RecordDraft } from './record-keeper.ts';

interface Store extends DBSchema {
  drafts: { key: [string, string, string]; value: RecordDraft & { team: string } };
  lists: { key: [string, string]; value: RecordRow[] };
  /** Plays of call sheets as they were last seen, for a bench without a server. */
  plays: { key: [string, string]; value: unknown };
}
let opened: Promise<IDBPDatabase<Store>> | undefined;
const db = (): Promise<IDBPDatabase<Store>> =>
  (opened ??= openDB<Store>('corkscrew-records', 1, {
    upgrade: (made) => {
      for (const name of ['drafts', 'lists', 'plays'] as const) made.createObjectStore(name);
    },
    blocking: (_now, _wanted, event) => (event.target as IDBDatabase).close(),
  }));

/** Saves of one sitting become one kept version. */
const sitting = nanoid(12);
const useDrafts = create<{ readonly drafts: readonly RecordDraft[] }>(() => ({ drafts: [] }));

const listKey = (kind: RecordKind): readonly [string, RecordKind] => ['records', kind];

const keeper = new RecordKeeper({
  send: async ({ kind, id, revision, body }) => {
    try {
      const saved = await api.saveRecord(kind, id, { revision, sitting, body });
      return { is: 'kept', revision: saved.revision };
    } catch (error) {
      if (!(error instanceof ApiProblem)) return { is: 'unreachable' };
      const { theirs, detail } = error.problem;
      const read = theirs && RECORDS[kind].nullable().safeParse(theirs.document);
      return theirs && read?.success
        ? { is: 'clash', theirs: { revision: theirs.revision, body: read.data } }
        : { is: 'refused', sentence: detail };
    }
  },
  put: async (draft) => {
    const team = currentTeam();
    await db()
      .then((d) => d.put('drafts', { ...draft, team }, [team, draft.kind, draft.id]))
      .catch(() => undefined);
  },
  remove: async ({ kind, id }) => {
    await db()
      .then((d) => d.delete('drafts', [currentTeam(), kind, id]))
      .catch(() => undefined);
  },
  kept: ({ kind, id, body }, revision) => {
    client.setQueryData<RecordRow[]>(listKey(kind), (rows = []) => {
      const rest = rows.filter((r) => r.id !== id);
      return body === null ? rest : [...rest, { id, revision, updatedAt: new Date().toISOString(), body }];
    });
  },
  shown: (drafts) => useDrafts.setState({ drafts }),
  wait: (ms) => new Promise((r) => setTimeout(r, ms)),
});

let resumed: Promise<void> | undefined;
/** What an earlier sitting left on this device is sent, once. */
const resume = (): Promise<void> =>
  (resumed ??= db()
    .then((d) => d.getAll('drafts'))
    .then((all) => keeper.resume(all.filter((d) => [currentTeam(), UNKNOWN_TEAM].includes(d.team))))
    .catch(() => undefined));

/** The server's list, kept for when it is away; what was taken away since is in no list. */
async function listed<K extends RecordKind>(kind: K): Promise<RecordRow<K>[]> {
  void resume();
  try {
    const rows = await api.records(kind);
    void db().then((d) => d.put('lists', rows, [currentTeam(), kind]));
    return rows;
  } catch (error) {
    if (!(error instanceof Unreachable)) throw error;
    const kept = await db()
      .then((d) => d.get('lists', [currentTeam(), kind]))
      .catch(() => undefined);
    return (kept ?? []) as RecordRow<K>[];
  }
}

/** A play for the bench: the server's, or as this device last saw it; null when neither can be read. */
export async function benchPlay(id: string): Promise<Play | null> {
  const at: [string, string] = [currentTeam(), id];
  const document = await api
    .play(id)
    .then(async (stored) => {
      await db()
        .then((d) => d.put('plays', stored.document, at))
        .catch(() => undefined);
      return stored.document;
    })
    .catch(() =>
      db()
        .then((d) => d.get('plays', at))
        .catch(() => undefined),
    );
  const read = readPlay(document);
  return read.ok ? read.play : null;
}

export interface Records<K extends RecordKind> {
  /** As they are on this device now; undefined while they are asked for. */
  readonly rows: readonly { readonly id: string; readonly body: RecordBody<K> }[] | undefined;
  readonly change: (id: string, body: RecordBody<K> | null) => void;
  readonly choose: (id: string, which: 'mine' | 'theirs') => void;
  /** Those that are not with the server. */
  readonly drafts: readonly RecordDraft[];
}

/** The team's records of a kind: the server's, with what was changed here on top. */
export function useRecords<K extends RecordKind>(kind: K): Records<K> {
  const { data } = useQuery({
    queryKey: listKey(kind),
    queryFn: () => listed(kind),
    retry: false,
    networkMode: 'always',
  });
  const all = useDrafts((s) => s.drafts);
  // The same lists as long as nothing changed: what is worked out of them is not worked out again.
  const drafts = useMemo(() => all.filter((d) => d.kind === kind), [all, kind]);
  const rows = useMemo(() => {
    const others = data?.filter((r) => !drafts.some((d) => d.id === r.id));
    const mine = drafts.flatMap((d) => (d.body ? [{ id: d.id, body: d.body as RecordBody<K> }] : []));
    return others && [...others, ...mine].sort((a, b) => (a.id < b.id ? -1 : 1));
  }, [data, drafts]);
  return {
    rows,
    change: (id, body) => {
      const row = data?.find((r) => r.id === id);
      keeper.change(kind, id, row?.revision ?? 0, body, row?.body);
    },
    choose: (id, which) => keeper.choose(kind, id, which),
    drafts,
  };
}
