import {
  contentOf,
  RECORD_LIMITS,
  type RecordBody,
  type RecordKind,
  type RecordRow,
  type RecordSave,
} from '@corkscrew/core';
import { and, desc, eq, isNotNull, sql } from 'drizzle-orm';
import type { Actor } from '../actor.ts';
import type { Db } from '../db/client.ts';
import { records, recordVersions } from '../db/schema.ts';
import { notFound, ProblemError } from '../http/problem.ts';
import { isErased } from './people.ts';

/** Saves of one sitting within this time become one kept version. */
const SITTING_MINUTES = 10;

type Row = typeof records.$inferSelect;
const theRecord = ({ team }: Actor, kind: RecordKind, id: string) =>
  and(eq(records.teamId, team), eq(records.kind, kind), eq(records.id, id));
const shown = <K extends RecordKind>({ id, revision, updatedAt, body }: Row): RecordRow<K> => ({
  id,
  revision,
  updatedAt: updatedAt.toISOString(),
  body: body as RecordBody<K>,
});

/** All of a kind that are there. */
export async function listRecords(db: Db, { team }: Actor, kind: RecordKind): Promise<RecordRow[]> {
  const rows = await db
    .select()
    .from(records)
    .where(and(eq(records.teamId, team), eq(records.kind, kind), isNotNull(records.body)))
    .orderBy(records.id);
  return rows.map(shown);
}

/** A record as its problem shows it: what stands there instead. */
const theirs = (row: Row) => ({
  id: row.id,
  revision: row.revision,
  updatedAt: row.updatedAt.toISOString(),
  deletedAt: null,
  save: null,
  document: row.body,
});

/**
 * Keeps one, or takes it away, on the revision it is based on. When another change came first nothing is written and
 * the answer is 409 with what stands there; the same content twice is harmless.
 */
export async function saveRecord(
  db: Db,
  actor: Actor,
  kind: RecordKind,
  id: string,
  { revision, sitting, body }: RecordSave,
): Promise<{ id: string; revision: number; updatedAt: string }> {
  const { team: teamId } = actor;
  if (kind === 'players' && body !== null && (await isErased(db, teamId, id)))
    throw new ProblemError(410, 'Erased', 'This player was erased. Nothing of him is kept any more.');
  const [old] = await db
    .select()
    .from(records)
    .where(theRecord(actor, kind, id))
    .for('update');
  if (old && old.revision !== revision) {
    if (contentOf(old.body) !== contentOf(body))
      throw new ProblemError(
        409,
        'Changed elsewhere',
        'This was changed somewhere else since you opened it. Keep yours, or take the other.',
        theirs(old),
      );
    return { id, revision: old.revision, updatedAt: old.updatedAt.toISOString() };
  }
  if (!old && revision > 0) throw notFound('This');
  if (!old && (await countRecords(db, actor, kind)) >= RECORD_LIMITS.each)
    throw new ProblemError(422, 'Too many', `A team keeps at most ${RECORD_LIMITS.each} of these.`);
  const now = new Date();
  const next = { revision: revision + 1, body, updatedAt: now };
  const written = old
    ? await db
        .update(records)
        .set(next)
        .where(theRecord(actor, kind, id))
        .returning()
    : await db
        .insert(records)
        .values({ teamId, kind, id, ...next })
        .onConflictDoNothing()
        .returning();
  if (written.length === 0)
    throw new ProblemError(503, 'Saved twice at once', 'This was saved twice at once. It is tried again.');
  await keepVersion(db, actor, kind, id, { revision: next.revision, sitting, body });
  return { id, revision: next.revision, updatedAt: now.toISOString() };
}

const countRecords = async (db: Db, { team }: Actor, kind: RecordKind): Promise<number> =>
  (
    await db
      .select({ n: sql<number>`count(*)::int` })
      .from(records)
      .where(and(eq(records.teamId, team), eq(records.kind, kind), isNotNull(records.body)))
  )[0]?.n ?? 0;

const ofRecord = ({ team }: Actor, kind: RecordKind, id: string) =>
  and(eq(recordVersions.teamId, team), eq(recordVersions.kind, kind), eq(recordVersions.recordId, id));

async function keepVersion(
  db: Db,
  actor: Actor,
  kind: RecordKind,
  recordId: string,
  version: { revision: number; sitting: string; body: RecordBody | null },
): Promise<void> {
  const at = ofRecord(actor, kind, recordId);
  const [last] = await db
    .select()
    .from(recordVersions)
    .where(at)
    .orderBy(desc(recordVersions.revision))
    .limit(1);
  const values = { ...version, savedAt: new Date() };
  const same =
    last?.sitting === version.sitting && Date.now() - last.startedAt.getTime() < SITTING_MINUTES * 60_000;
  if (same)
    await db
      .update(recordVersions)
      .set(values)
      .where(and(at, eq(recordVersions.revision, last.revision)));
  else await db.insert(recordVersions).values({ teamId: actor.team, kind, recordId, ...values });
}

/** Kept versions of one, newest first; those in which it was taken away are left out. */
export async function recordVersionsOf(
  db: Db,
  actor: Actor,
  kind: RecordKind,
  id: string,
): Promise<RecordRow[]> {
  const rows = await db
    .select()
    .from(recordVersions)
    .where(and(ofRecord(actor, kind, id), isNotNull(recordVersions.body)))
    .orderBy(desc(recordVersions.revision));
  return rows.map((r) => ({
    id,
    revision: r.revision,
    updatedAt: r.savedAt.toISOString(),
    body: r.body!,
  }));
}
