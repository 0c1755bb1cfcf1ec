import { ANSWERS_ENGINE, settingsOf, type OwnTeaching, type Verdict } from '@corkscrew/core';
import { and, eq, isNull, lt, ne, sql } from 'drizzle-orm';
import type { PgColumn } from 'drizzle-orm/pg-core';
import type { Waiting } from '../beside/jobs.ts';
import type { Db } from '../db/client.ts';
import { plays, teams, verdicts } from '../db/schema.ts';

/** The settings of a team as verdicts go by them. */
export const settingsOfTeam = (school: OwnTeaching | undefined): string => settingsOf(school?.makes);

type Col = PgColumn | string;
/** The verdict of a document as it would be judged now. */
const verdictOn = (team: Col, document: Col, settings: string) =>
  and(
    eq(verdicts.teamId, team),
    eq(verdicts.document, document),
    eq(verdicts.engine, ANSWERS_ENGINE),
    eq(verdicts.settings, settings),
  );
/** The same for the row of a play. */
export const judgedNow = (settings: string) => verdictOn(plays.teamId, plays.judged, settings);

/** All plays out of the trash that somebody plays against and that are not judged as they are now. */
export async function waiting(db: Db): Promise<Waiting[]> {
  const all = await db.select({ id: teams.id, school: teams.school }).from(teams);
  const out = await Promise.all(
    all.map((team) =>
      db
        .select({ team: plays.teamId, id: plays.id })
        .from(plays)
        .leftJoin(verdicts, judgedNow(settingsOfTeam(team.school)))
        .where(
          and(
            eq(plays.teamId, team.id),
            ne(plays.judged, ''),
            isNull(plays.deletedAt),
            isNull(verdicts.document),
          ),
        ),
    ),
  );
  return out.flat();
}

/** A play to be judged, and what its verdict will go by; nothing when it is gone, has nobody against it or is judged. */
export async function toJudge(db: Db, { team, id }: Waiting) {
  const [row] = await db
    .select({ document: plays.document, judged: plays.judged, school: teams.school })
    .from(plays)
    .innerJoin(teams, eq(teams.id, plays.teamId))
    .where(and(eq(plays.teamId, team), eq(plays.id, id), ne(plays.judged, '')));
  if (!row) return undefined;
  const settings = settingsOfTeam(row.school);
  const [known] = await db
    .select({ document: verdicts.document })
    .from(verdicts)
    .where(verdictOn(team, row.judged, settings));
  return known ? undefined : { ...row, settings };
}

/** Keeps a verdict; null for a play that takes too long. */
export const keepVerdict = (
  db: Db,
  team: string,
  of: { readonly judged: string; readonly settings: string },
  verdict: Verdict | null,
): Promise<unknown> =>
  db
    .insert(verdicts)
    .values({ teamId: team, document: of.judged, engine: ANSWERS_ENGINE, settings: of.settings, verdict })
    .onConflictDoNothing();

/** Verdicts no play goes by any more, so many days after they were made. */
export const forgetVerdicts = (db: Db, days: number): Promise<unknown> =>
  db
    .delete(verdicts)
    .where(
      and(
        lt(verdicts.madeAt, new Date(Date.now() - days * 86_400_000)),
        sql`not exists (select 1 from ${plays} where ${plays.teamId} = ${verdicts.teamId} and ${plays.judged} = ${verdicts.document})`,
      ),
    );
