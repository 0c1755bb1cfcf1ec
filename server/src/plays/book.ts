import { BOOK_RECORDS, writeBook, type BookRecords, type Play } from '@corkscrew/core';
import { and, eq, isNull } from 'drizzle-orm';
import { Hono } from 'hono';
import type { Actor, Asked } from '../actor.ts';
import type { Database, Db } from '../db/client.ts';
import { plays, playVersions, teams } from '../db/schema.ts';
import { listRecords } from '../records/store.ts';
import { printOf } from './import.ts';

/** The whole playbook as the text of a file: every play with the prints of what it was, and what stands beside them. */
async function bookOf(db: Db, actor: Actor): Promise<string> {
  const [team] = await db
    .select({ id: teams.id, name: teams.name })
    .from(teams)
    .where(eq(teams.id, actor.team));
  const rows = await db
    .select({ id: plays.id, revision: plays.revision, document: plays.document })
    .from(plays)
    .where(and(eq(plays.teamId, actor.team), isNull(plays.deletedAt)))
    .orderBy(plays.id);
  const versions = await db
    .select({ id: playVersions.playId, document: playVersions.document })
    .from(playVersions)
    .where(eq(playVersions.teamId, actor.team));
  const earlier = new Map<string, Set<string>>();
  for (const v of versions) earlier.set(v.id, (earlier.get(v.id) ?? new Set()).add(printOf(v.document)));
  const records: Record<string, unknown> = {};
  for (const kind of BOOK_RECORDS)
    records[kind] = (await listRecords(db, actor, kind)).map(({ id, body }) => ({ id, body }));
  return writeBook(
    team,
    rows.map(({ id, revision, document }) => {
      const own = printOf(document);
      return {
        document: document as Play,
        revision,
        earlierHashes: [...(earlier.get(id) ?? [])].filter((h) => h !== own),
      };
    }),
    records as BookRecords,
  );
}

/** The playbook as one file. */
export function bookRoutes(database: Database) {
  return new Hono<Asked>().get('/', async (c) =>
    c.body(await database.long((db) => bookOf(db, c.get('actor'))), 200, {
      'Content-Type': 'application/json',
      'Cache-Control': 'private, no-store',
    }),
  );
}
