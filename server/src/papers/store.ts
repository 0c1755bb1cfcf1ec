import { PAPER_DAYS, type PaperOrder, type PaperRow } from '@corkscrew/core';
import { and, desc, eq, inArray, lt, sql } from 'drizzle-orm';
import type { Actor } from '../actor.ts';
import type { Db } from '../db/client.ts';
import { papers } from '../db/schema.ts';
import { notFound } from '../http/problem.ts';

/** A file larger than this is not kept (bytes). */
export const MOST_BYTES = 50 * 1024 * 1024;
/** Whoever makes something and was not heard of for so long is gone (s). */
const SILENT = 15;
/** Something whose maker went away is begun again so often. */
const ATTEMPTS = 3;

/** A paper, by its team and name, and the attempt at it. */
export interface Attempt {
  readonly team: string;
  readonly id: string;
  readonly attempt: number;
}

const SHOWN = {
  id: papers.id,
  title: papers.title,
  order: papers.order,
  state: papers.state,
  done: papers.done,
  of: papers.of,
  fault: papers.fault,
  lacks: papers.lacks,
  bytes: papers.bytes,
  createdAt: papers.createdAt,
};
type Row = { readonly [K in keyof typeof SHOWN]: (typeof papers.$inferSelect)[K] };
const shown = (r: Row): PaperRow => ({ ...r, createdAt: r.createdAt.toISOString() });
const the = (team: string, id: string) => and(eq(papers.teamId, team), eq(papers.id, id));
const attemptAt = ({ team, id, attempt }: Attempt) => and(the(team, id), eq(papers.attempt, attempt));

export async function addPaper(
  db: Db,
  { team }: Actor,
  id: string,
  order: PaperOrder,
  title: string,
): Promise<PaperRow> {
  const [row] = await db.insert(papers).values({ teamId: team, id, order, title }).returning(SHOWN);
  return shown(row!);
}

/** What was ordered, the latest first. */
export async function listPapers(db: Db, { team }: Actor): Promise<PaperRow[]> {
  const rows = await db
    .select(SHOWN)
    .from(papers)
    .where(eq(papers.teamId, team))
    .orderBy(desc(papers.createdAt))
    .limit(50);
  return rows.map(shown);
}

export async function getPaper(db: Db, { team }: Actor, id: string): Promise<PaperRow> {
  const [row] = await db.select(SHOWN).from(papers).where(the(team, id));
  if (!row) throw notFound('This file');
  return shown(row);
}

export async function fileOf(
  db: Db,
  { team }: Actor,
  id: string,
): Promise<{ readonly title: string; readonly file: Buffer }> {
  const [row] = await db.select({ title: papers.title, file: papers.file }).from(papers).where(the(team, id));
  if (!row?.file) throw notFound('This file');
  return { title: row.title, file: row.file };
}

/** Stops what is not made yet; what is made stays. */
export async function cancelPaper(db: Db, actor: Actor, id: string): Promise<PaperRow> {
  await db
    .update(papers)
    .set({ state: 'cancelled' })
    .where(and(the(actor.team, id), inArray(papers.state, ['waiting', 'working'])));
  return getPaper(db, actor, id);
}

export async function removePaper(db: Db, { team }: Actor, id: string): Promise<void> {
  await db.delete(papers).where(the(team, id));
}

/** Whether anything waits to be made, from an earlier start for one. */
export async function hasOpenPapers(db: Db): Promise<boolean> {
  const rows = await db
    .select({ id: papers.id })
    .from(papers)
    .where(inArray(papers.state, ['waiting', 'working']))
    .limit(1);
  return rows.length > 0;
}

/** Takes an attempt in hand; null when it is no longer wanted, or another has it. */
export async function claimPaper(db: Db, attempt: Attempt): Promise<PaperOrder | null> {
  const [row] = await db
    .update(papers)
    .set({ state: 'working', beatAt: sql`now()`, done: 0, of: 0 })
    .where(and(attemptAt(attempt), eq(papers.state, 'waiting')))
    .returning({ order: papers.order });
  return row?.order ?? null;
}

/** Says how far it is, and that whoever makes it lives; false when nobody wants it any more. */
export async function beatPaper(db: Db, attempt: Attempt, done: number, of: number): Promise<boolean> {
  const rows = await db
    .update(papers)
    .set({ done, of, beatAt: sql`now()` })
    .where(and(attemptAt(attempt), eq(papers.state, 'working')))
    .returning({ id: papers.id });
  return rows.length > 0;
}

export type Ended =
  | {
      readonly state: 'done';
      readonly title: string;
      readonly file: Buffer;
      readonly lacks: readonly string[];
    }
  | { readonly state: 'failed'; readonly fault: string };

export async function endPaper(db: Db, attempt: Attempt, end: Ended): Promise<void> {
  const set =
    end.state === 'done'
      ? {
          state: end.state,
          title: end.title,
          file: end.file,
          bytes: end.file.length,
          lacks: [...end.lacks],
          fault: null,
        }
      : { state: end.state, fault: end.fault };
  await db
    .update(papers)
    .set(set)
    .where(and(attemptAt(attempt), eq(papers.state, 'working')));
}

/** What has to be sent on its way again: nobody came for it, or whoever did was not heard of again. What failed too often is told. */
export async function lostPapers(db: Db): Promise<Attempt[]> {
  const silent = sql`${papers.beatAt} < now() - make_interval(secs => ${SILENT})`;
  await db
    .update(papers)
    .set({ state: 'failed', fault: 'It was begun three times and never finished. Try fewer plays at once.' })
    .where(and(eq(papers.state, 'working'), sql`${papers.attempt} >= ${ATTEMPTS - 1}`, silent));
  const again = await db
    .update(papers)
    .set({ state: 'waiting', attempt: sql`${papers.attempt} + 1`, beatAt: sql`now()` })
    .where(and(inArray(papers.state, ['working', 'waiting']), silent))
    .returning({ team: papers.teamId, id: papers.id, attempt: papers.attempt });
  await db.delete(papers).where(lt(papers.createdAt, sql`now() - make_interval(days => ${PAPER_DAYS})`));
  return again;
}
