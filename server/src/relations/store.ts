import {
  PRESETS,
  punishes,
  RELATIONS_ENGINE,
  trialKey,
  TRIALS_ENGINE,
  type Defence,
  type Related,
  type Relations,
  type Trial,
} from '@corkscrew/core';
import { and, eq, inArray, isNull, lt, ne, or, sql } from 'drizzle-orm';
import type { Actor } from '../actor.ts';
import type { Waiting } from '../beside/jobs.ts';
import type { Db } from '../db/client.ts';
import { plays, related, relations, teams, trials, verdicts } from '../db/schema.ts';
import { judgedNow, settingsOfTeam } from '../verdicts/store.ts';

/** A play's mark that it is compared with all others as it is now. */
export const comparedAs = (content: string): string => `${RELATIONS_ENGINE} ${content}`;

/** The usual defences by the names of how they play. */
const USUAL = new Map(PRESETS.map((p) => [trialKey(p.defence), p.key]));

const relatedTo = (content: typeof plays.related | string) =>
  and(eq(related.teamId, plays.teamId), eq(related.content, content), eq(related.engine, RELATIONS_ENGINE));

/** A play of every team that has one not compared as it is now: whoever compares it goes on with the others. */
export async function toRelate(db: Db): Promise<Waiting[]> {
  return db
    .select({ team: plays.teamId, id: sql<string>`min(${plays.id})` })
    .from(plays)
    .where(
      and(
        isNull(plays.deletedAt),
        ne(plays.related, ''),
        sql`${plays.compared} <> ${`${RELATIONS_ENGINE} `} || ${plays.related}`,
      ),
    )
    .groupBy(plays.teamId);
}

/** Plays that have not been tried against every usual defence as they are now. */
export async function toTry(db: Db): Promise<Waiting[]> {
  const all = await db.select({ id: teams.id, school: teams.school }).from(teams);
  const out = await Promise.all(
    all.map((team) =>
      db
        .select({ team: plays.teamId, id: plays.id })
        .from(plays)
        .where(
          and(
            eq(plays.teamId, team.id),
            isNull(plays.deletedAt),
            ne(plays.related, ''),
            sql`(${triedUsual(settingsOfTeam(team.school))}) < ${USUAL.size}`,
          ),
        ),
    ),
  );
  return out.flat();
}

const triedUsual = (settings: string) =>
  sql`select count(*) from ${trials} where ${trials.teamId} = ${plays.teamId} and ${trials.document} = ${plays.related} and ${trials.engine} = ${TRIALS_ENGINE} and ${trials.settings} = ${settings} and ${inArray(trials.defence, [...USUAL.keys()])}`;

/** A play of the team with what of it is compared, where that is known. */
export interface Known {
  readonly id: string;
  readonly content: string;
  /** What it was compared as, with its mark. */
  readonly compared: string;
  readonly of: Related | null;
}

/** All plays of a team out of the trash. */
export async function knownOf(db: Db, team: string): Promise<Known[]> {
  return db
    .select({ id: plays.id, content: plays.related, compared: plays.compared, of: related.body })
    .from(plays)
    .leftJoin(related, relatedTo(plays.related))
    .where(and(eq(plays.teamId, team), isNull(plays.deletedAt), ne(plays.related, '')));
}

export async function documentOf(db: Db, team: string, id: string): Promise<unknown> {
  const [row] = await db
    .select({ document: plays.document })
    .from(plays)
    .where(and(eq(plays.teamId, team), eq(plays.id, id)));
  return row?.document;
}

export const keepRelated = (db: Db, team: string, content: string, body: Related | null): Promise<unknown> =>
  db.insert(related).values({ teamId: team, content, engine: RELATIONS_ENGINE, body }).onConflictDoNothing();

export type Pair = Pick<typeof relations.$inferInsert, 'a' | 'b' | 'contentA' | 'contentB' | 'body'>;

/** All relations of a play anew, in one go, and the mark that it is compared. */
export async function keepRelations(
  db: Db,
  team: string,
  play: { readonly id: string; readonly content: string },
  pairs: readonly Pair[],
): Promise<void> {
  await db
    .delete(relations)
    .where(and(eq(relations.teamId, team), or(eq(relations.a, play.id), eq(relations.b, play.id))));
  if (pairs.length > 0)
    await db.insert(relations).values(pairs.map((p) => ({ teamId: team, engine: RELATIONS_ENGINE, ...p })));
  await db
    .update(plays)
    .set({ compared: comparedAs(play.content) })
    .where(and(eq(plays.teamId, team), eq(plays.id, play.id), eq(plays.related, play.content)));
}

/** A play as it is tried: what it is for, its series, and what hurts it where that is known. */
export interface Tried {
  readonly id: string;
  readonly content: string;
  readonly against: readonly string[];
  readonly series: string;
  readonly hurt: Defence | null;
  /** Defences it was tried against, by their keys. */
  readonly known: readonly string[];
}

export async function triedOf(
  db: Db,
  team: string,
): Promise<{ settings: string; makes: object | undefined; all: Tried[] }> {
  const [own] = await db.select({ school: teams.school }).from(teams).where(eq(teams.id, team));
  const settings = settingsOfTeam(own?.school);
  const rows = await db
    .select({
      id: plays.id,
      content: plays.related,
      against: sql<string[] | null>`${plays.summary} -> 'against'`,
      series: sql<string | null>`${plays.summary} ->> 'series'`,
      verdict: verdicts.verdict,
      known: sql<
        string[]
      >`array(select ${trials.defence} from ${trials} where ${trials.teamId} = ${plays.teamId} and ${trials.document} = ${plays.related} and ${trials.engine} = ${TRIALS_ENGINE} and ${trials.settings} = ${settings})`,
    })
    .from(plays)
    .leftJoin(verdicts, judgedNow(settings))
    .where(and(eq(plays.teamId, team), isNull(plays.deletedAt), ne(plays.related, '')));
  return {
    settings,
    makes: own?.school.makes,
    all: rows.map(({ verdict, against, series, ...r }) => ({
      ...r,
      against: against ?? [],
      series: series ?? '',
      hurt: verdict?.hurt ?? null,
    })),
  };
}

export const keepTrials = (
  db: Db,
  team: string,
  document: string,
  settings: string,
  found: readonly { readonly defence: string; readonly trial: Trial | null }[],
): Promise<unknown> =>
  db
    .insert(trials)
    .values(
      found.map(({ defence, trial }) => ({
        ...{ teamId: team, document, defence, settings },
        engine: TRIALS_ENGINE,
        body: trial,
      })),
    )
    .onConflictDoNothing();

/** What is known of a team's plays beside each other. */
export async function relationsOf(db: Db, { team }: Actor): Promise<Relations> {
  const { settings, all } = await triedOf(db, team);
  const [known, rows, tests] = await Promise.all([
    db
      .select({
        id: plays.id,
        content: plays.related,
        compared: plays.compared,
        chances: sql<unknown>`${related.body} -> 'chances'`,
        round: sql<unknown>`${related.body} -> 'round'`,
        terms: sql<unknown>`${related.body} -> 'terms'`,
        long: sql<boolean>`${related.body} is null`,
      })
      .from(plays)
      .leftJoin(related, relatedTo(plays.related))
      .where(and(eq(plays.teamId, team), isNull(plays.deletedAt))),
    db
      .select({
        a: relations.a,
        b: relations.b,
        contentA: relations.contentA,
        contentB: relations.contentB,
        body: relations.body,
      })
      .from(relations)
      .where(and(eq(relations.teamId, team), eq(relations.engine, RELATIONS_ENGINE))),
    db
      .select({ document: trials.document, defence: trials.defence, trial: trials.body })
      .from(trials)
      .where(and(eq(trials.teamId, team), eq(trials.engine, TRIALS_ENGINE), eq(trials.settings, settings))),
  ]);
  const contents = new Map(known.map((p) => [p.id, p.content]));
  const tried = new Map<string, Map<string, Trial>>();
  for (const { document, defence, trial } of tests) {
    if (!trial) continue;
    const of = tried.get(document) ?? new Map<string, Trial>();
    tried.set(document, of.set(defence, trial));
  }
  const usual = (content: string): Record<string, Trial> =>
    Object.fromEntries(
      [...(tried.get(content) ?? [])].flatMap(([key, trial]) => {
        const name = USUAL.get(key);
        return name === undefined ? [] : [[name, trial]];
      }),
    );
  return {
    plays: Object.fromEntries(
      known.flatMap(({ id, content, chances, round, terms, long }) =>
        long ? [] : [[id, { chances, round, terms, tried: usual(content) } as Relations['plays'][string]]],
      ),
    ),
    pairs: rows.flatMap(({ a, b, contentA, contentB, body }) =>
      contents.get(a) === contentA && contents.get(b) === contentB ? [{ a, b, ...body }] : [],
    ),
    counters: all.flatMap(({ id: to, content, hurt }) => {
      const own = hurt && tried.get(content)?.get(trialKey(hurt));
      if (!hurt || !own) return [];
      return all.flatMap(({ id: by, content: other }) => {
        const trial = by === to ? undefined : tried.get(other)?.get(trialKey(hurt));
        return trial && punishes(own, trial) ? [{ to, by, own, trial, against: hurt }] : [];
      });
    }),
    comparing: known.flatMap((p) => (p.content !== '' && p.compared !== comparedAs(p.content) ? [p.id] : [])),
    trying: all.flatMap((p) => ([...USUAL.keys()].every((k) => p.known.includes(k)) ? [] : [p.id])),
  };
}

/** What no play goes by any more, so many days after it was made. */
export async function forgetRelated(db: Db, days: number): Promise<void> {
  const before = new Date(Date.now() - days * 86_400_000);
  const unused = (
    team: typeof related.teamId | typeof trials.teamId,
    content: typeof related.content | typeof trials.document,
  ) =>
    sql`not exists (select 1 from ${plays} where ${plays.teamId} = ${team} and ${plays.related} = ${content})`;
  await db.delete(related).where(and(lt(related.madeAt, before), unused(related.teamId, related.content)));
  await db.delete(trials).where(and(lt(trials.madeAt, before), unused(trials.teamId, trials.document)));
}
