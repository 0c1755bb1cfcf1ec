import {
  BOOK_RECORDS,
  contentOf,
  printOfPlay,
  RECORDS,
  unkeepable,
  readPlay,
  type BookRecords,
  type Derived,
  type Here,
  type Play,
  type RecordBody,
} from '@corkscrew/core';
import { and, eq, inArray } from 'drizzle-orm';
import type { Actor } from '../actor.ts';
import type { Database, Db } from '../db/client.ts';
import { plays, playVersions, records as rows } from '../db/schema.ts';
import { ProblemError } from '../http/problem.ts';
import { listRecords, saveRecord } from '../records/store.ts';
import { derived } from './derive.ts';
import { thePlay } from './get.ts';
import { keepDerived } from './store.ts';

/** What is here of some plays: their prints now, and those of all their kept versions. */
export async function lookAt(db: Db, { team }: Actor, ids: readonly string[]): Promise<Here[]> {
  if (ids.length === 0) return [];
  const rows = await db
    .select({ id: plays.id, document: plays.document, deletedAt: plays.deletedAt })
    .from(plays)
    .where(and(eq(plays.teamId, team), inArray(plays.id, [...ids])));
  const versions = await db
    .select({ id: playVersions.playId, document: playVersions.document })
    .from(playVersions)
    .where(and(eq(playVersions.teamId, team), inArray(playVersions.playId, [...ids])));
  const earlier = new Map<string, string[]>();
  for (const v of versions) earlier.set(v.id, [...(earlier.get(v.id) ?? []), printOf(v.document)]);
  return rows.map(({ id, document, deletedAt }) => ({
    ...{ id, hash: printOf(document), trashed: deletedAt !== null },
    name: String((document as { name?: unknown }).name ?? ''),
    earlier: (earlier.get(id) ?? []).filter((h) => h !== printOf(document)),
  }));
}

/** A kept document is printed as a file's is: as it reads, older versions of the format brought up. */
export function printOf(document: unknown): string {
  const read = readPlay(document);
  return printOfPlay(read.ok ? read.play : document);
}

/** A play to be kept, and whether it takes the place of one that is here. */
export interface Taken {
  readonly document: unknown;
  readonly how: 'add' | 'replace';
}

/** Keeps all of it, or nothing: plays, and of what stands beside them what is not here yet. */
export async function takeIn(
  database: Database,
  actor: Actor,
  sitting: string,
  all: readonly Taken[],
  records: BookRecords,
): Promise<{ readonly plays: number; readonly records: number }> {
  const read = all.map(({ document, how }) => ({ how, play: readable(document) }));
  const known = await Promise.all(read.map(({ play }) => derived(play).catch((): Derived | null => null)));
  return database.long(async (db) => {
    for (const [i, { how, play }] of read.entries())
      await keepOne(db, actor, sitting, { how, play, known: known[i]! });
    return { plays: read.length, records: await keepRecords(db, actor, sitting, records) };
  });
}

function readable(document: unknown): Play {
  const read = readPlay(document);
  const fault = read.ok ? unkeepable(read.play) : read.sentence;
  if (!read.ok || fault !== null)
    throw new ProblemError(
      422,
      'Can’t be taken in',
      `${String((document as { name?: unknown } | null)?.name ?? 'A play')}: ${fault}`,
    );
  return read.play;
}

interface One {
  readonly how: Taken['how'];
  readonly play: Play;
  readonly known: Derived | null;
}
async function keepOne(db: Db, actor: Actor, sitting: string, { how, play, known }: One): Promise<void> {
  const [old] = await db
    .select({ revision: plays.revision, deletedAt: plays.deletedAt })
    .from(plays)
    .where(thePlay(actor, play.id))
    .for('update');
  if (old && how === 'add')
    throw new ProblemError(
      409,
      'Here already',
      `${play.name} came in from somewhere else meanwhile. Look at the file again.`,
    );
  if (old?.deletedAt) await db.update(plays).set({ deletedAt: null }).where(thePlay(actor, play.id));
  await keepDerived(db, actor, play, { revision: old?.revision ?? 0, sitting }, known);
}

/** Keeps what is not here yet: a word for the same thing, or a series of the same word, is here already. */
async function keepRecords(db: Db, actor: Actor, sitting: string, records: BookRecords): Promise<number> {
  let count = 0;
  for (const kind of BOOK_RECORDS) {
    const here = await listRecords(db, actor, kind);
    const ids = new Set(here.map((r) => r.id));
    const names = new Set(here.map((r) => nameOf(kind, r.body)));
    for (const { id, body } of records[kind] ?? []) {
      const read = RECORDS[kind].safeParse(body);
      if (!read.success || unkeepable(read.data) !== null)
        throw new ProblemError(422, 'Can’t be taken in', 'Something beside the plays can’t be read.');
      if (ids.has(id) || names.has(nameOf(kind, read.data))) continue;
      // One that was taken away comes back on the revision it went with.
      const [gone] = await db
        .select({ revision: rows.revision })
        .from(rows)
        .where(and(eq(rows.teamId, actor.team), eq(rows.kind, kind), eq(rows.id, id)));
      await saveRecord(db, actor, kind, id, { revision: gone?.revision ?? 0, sitting, body: read.data });
      count += 1;
    }
  }
  return count;
}
const nameOf = (kind: (typeof BOOK_RECORDS)[number], body: RecordBody): string =>
  kind === 'series'
    ? (body as RecordBody<'series'>).word
    : kind === 'words'
      ? ((body as RecordBody<'words'>).key ?? contentOf(body))
      : contentOf(body);
