import type { Kept, RecordBody, RecordKind } from '@corkscrew/core';
import { eq } from 'drizzle-orm';
import { Hono } from 'hono';
import type { Asked } from '../actor.ts';
import type { Database } from '../db/client.ts';
import { teams } from '../db/schema.ts';
import { listRecords } from '../records/store.ts';
import { calendarOf } from './calendar.ts';

/** The season's practices and games as a calendar file. */
export function calendarRoutes(database: Database) {
  return new Hono<Asked>().get('/', async (c) => {
    const actor = c.get('actor');
    const file = await database.within(async (db) => {
      const of = async <K extends RecordKind>(kind: K) =>
        (await listRecords(db, actor, kind)) as unknown as readonly Kept<RecordBody<K>>[];
      const [team] = await db.select({ name: teams.name }).from(teams).where(eq(teams.id, actor.team));
      const seasons = [...(await of('seasons'))].sort((a, b) => (a.body.to < b.body.to ? 1 : -1));
      return calendarOf(
        {
          ...{ team: team?.name ?? '', season: seasons[0]?.body ?? null, practices: await of('practices') },
          ...{ games: await of('games'), opponents: await of('opponents') },
        },
        new Date(),
      );
    });
    return c.body(file, 200, {
      'Content-Type': 'text/calendar; charset=utf-8',
      'Content-Disposition': 'attachment; filename="season.ics"',
      'Cache-Control': 'private, no-store',
    });
  });
}
