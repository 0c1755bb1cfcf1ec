import { Hono } from 'hono';
import { and, eq } from 'drizzle-orm';
import { z } from 'zod';
import type { Actor, Asked } from '../actor.ts';
import type { Database, Db } from '../db/client.ts';
import { erased, records, recordVersions } from '../db/schema.ts';
import { describe, params, Word } from '../http/describe.ts';
import { notFound } from '../http/problem.ts';

const Id = z.object({ id: Word });
const KIND = 'players';
const his = (team: string, id: string) =>
  and(eq(records.teamId, team), eq(records.kind, KIND), eq(records.id, id));
const versionsOf = (team: string, id: string) =>
  and(eq(recordVersions.teamId, team), eq(recordVersions.kind, KIND), eq(recordVersions.recordId, id));

/** Ids of players who were erased: nothing brings them back. */
export async function erasedOf(db: Db, team: string): Promise<ReadonlySet<string>> {
  const rows = await db.select({ id: erased.id }).from(erased).where(eq(erased.teamId, team));
  return new Set(rows.map((r) => r.id));
}

/** Whether a player was erased. */
export async function isErased(db: Db, team: string, id: string): Promise<boolean> {
  const [row] = await db
    .select({ id: erased.id })
    .from(erased)
    .where(and(eq(erased.teamId, team), eq(erased.id, id)));
  return row !== undefined;
}

/** Everything that is kept of a player as a person, with its kept versions. */
async function keptOf(db: Db, { team }: Actor, id: string) {
  const [now] = await db.select().from(records).where(his(team, id));
  if (!now?.body) throw notFound('This player');
  const versions = await db.select().from(recordVersions).where(versionsOf(team, id));
  return {
    player: now.body,
    versions: versions.map((v) => ({ at: v.savedAt.toISOString(), player: v.body })),
  };
}

/** Erases a player with his kept versions; his id stays, so that nothing brings him back. What he did stays without him. */
async function erase(db: Db, { team }: Actor, id: string): Promise<void> {
  const [row] = await db
    .select({ revision: records.revision })
    .from(records)
    .where(his(team, id))
    .for('update');
  if (!row) throw notFound('This player');
  await db.delete(recordVersions).where(versionsOf(team, id));
  await db
    .update(records)
    .set({ body: null, revision: row.revision + 1, updatedAt: new Date() })
    .where(his(team, id));
  await db.insert(erased).values({ teamId: team, id }).onConflictDoNothing();
}

/** What a player may ask for: all that is kept of him, and that it goes. */
export function peopleRoutes(database: Database) {
  return new Hono<Asked>()
    .get('/:id/kept', params(Id), async (c) => {
      const kept = await database.within((db) => keptOf(db, c.get('actor'), c.req.valid('param').id));
      return c.json(kept, 200, {
        'Content-Disposition': 'attachment; filename="player.json"',
        'Cache-Control': 'private, no-store',
      });
    })
    .post(
      '/:id/erase',
      describe('Erase a player with his kept versions', z.object({ ok: z.boolean() })),
      params(Id),
      async (c) => {
        await database.transaction((db) => erase(db, c.get('actor'), c.req.valid('param').id));
        return c.json({ ok: true });
      },
    );
}
