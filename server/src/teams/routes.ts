import { TeamChangeSchema, TeamSchema, unkeepable, type Defence, type Team } from '@corkscrew/core';
import { eq } from 'drizzle-orm';
import { Hono } from 'hono';
import type { Actor, Asked } from '../actor.ts';
import type { Database, Db } from '../db/client.ts';
import { teams } from '../db/schema.ts';
import { body, describe } from '../http/describe.ts';
import { notFound, ProblemError } from '../http/problem.ts';
import { bumpList } from '../plays/list.ts';
import type { Beside } from '../beside/jobs.ts';

const SHOWN = {
  id: teams.id,
  name: teams.name,
  school: teams.school,
  defences: teams.defences,
  defaults: teams.defaults,
};

async function getTeam(db: Db, { team: id }: Actor): Promise<Team> {
  const [team] = await db.select(SHOWN).from(teams).where(eq(teams.id, id));
  if (!team) throw notFound('The team');
  return team;
}

/** The actor's team, and what it teaches. */
export function teamRoutes(database: Database, beside?: Beside) {
  return new Hono<Asked>()
    .get('/', describe('The team', TeamSchema), async (c) =>
      c.json(await database.within((db) => getTeam(db, c.get('actor')))),
    )
    .patch(
      '/',
      describe('Change the team, what it teaches and what its plays start with', TeamSchema),
      body(TeamChangeSchema),
      async (c) => {
        const { name, school, defences, defaults } = c.req.valid('json');
        const fault = unkeepable({ name, school, defences, defaults });
        if (fault !== null) throw new ProblemError(422, 'Can’t be kept', fault);
        const actor = c.get('actor');
        const change = {
          ...(name && { name }),
          ...(school && { school }),
          ...(defences && { defences: defences as Defence[] }),
          ...(defaults && { defaults }),
        };
        const team = await database.within(async (db) => {
          if (Object.keys(change).length > 0)
            await db.update(teams).set(change).where(eq(teams.id, actor.team));
          // What plays are worth is judged anew, and lists say so.
          if (school) await bumpList(db, actor.team);
          return getTeam(db, actor);
        });
        if (school) beside?.changed();
        return c.json(team);
      },
    );
}

export async function ensureTeam(db: Db, id: string, name: string): Promise<void> {
  await db.insert(teams).values({ id, name }).onConflictDoNothing();
}
