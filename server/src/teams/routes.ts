import { TeamSchema } from '@corkscrew/core';
import { eq } from 'drizzle-orm';
import { Hono } from 'hono';
import type { Db } from '../db/client.ts';
import { teams } from '../db/schema.ts';
import { describe } from '../http/describe.ts';
import { notFound } from '../http/problem.ts';

/** The one team of this server. */
export function teamRoutes(db: Db, teamId: string) {
  return new Hono().get('/', describe('The team', TeamSchema), async (c) => {
    const [team] = await db
      .select({ id: teams.id, name: teams.name })
      .from(teams)
      .where(eq(teams.id, teamId));
    if (!team) throw notFound('The team');
    return c.json(team);
  });
}

export async function ensureTeam(db: Db, id: string, name: string): Promise<void> {
  await db.insert(teams).values({ id, name }).onConflictDoNothing();
}
