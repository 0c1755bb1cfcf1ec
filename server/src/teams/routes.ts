import { TeamChangeSchema, TeamSchema, type Defence, type Team } from '@corkscrew/core';
import { eq } from 'drizzle-orm';
import { Hono } from 'hono';
import type { Db } from '../db/client.ts';
import { teams } from '../db/schema.ts';
import { body, describe } from '../http/describe.ts';
import { notFound } from '../http/problem.ts';

const SHOWN = { id: teams.id, name: teams.name, school: teams.school, defences: teams.defences };

async function getTeam(db: Db, id: string): Promise<Team> {
  const [team] = await db.select(SHOWN).from(teams).where(eq(teams.id, id));
  if (!team) throw notFound('The team');
  return team;
}

/** The one team of this server, and what it teaches. */
export function teamRoutes(db: Db, teamId: string) {
  return new Hono()
    .get('/', describe('The team', TeamSchema), async (c) => c.json(await getTeam(db, teamId)))
    .patch('/', describe('Change what the team teaches', TeamSchema), body(TeamChangeSchema), async (c) => {
      const { school, defences } = c.req.valid('json');
      const change = { ...(school && { school }), ...(defences && { defences: defences as Defence[] }) };
      if (Object.keys(change).length > 0) await db.update(teams).set(change).where(eq(teams.id, teamId));
      return c.json(await getTeam(db, teamId));
    });
}

export async function ensureTeam(db: Db, id: string, name: string): Promise<void> {
  await db.insert(teams).values({ id, name }).onConflictDoNothing();
}
