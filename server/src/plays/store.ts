import {
  cardOf,
  LIMITS,
  readPlay,
  sameDocument,
  summarise,
  type Play,
  type PlayRow,
  type Save,
  type Saved,
  type StoredPlay,
  type VersionRow,
} from '@corkscrew/core';
import { and, desc, eq, isNotNull, isNull, sql } from 'drizzle-orm';
import type { Db } from '../db/client.ts';
import { playVersions, plays } from '../db/schema.ts';
import { notFound, ProblemError } from '../http/problem.ts';

/** Saves of one sitting within this time become one kept version. */
const SITTING_MINUTES = 10;

type Row = typeof plays.$inferSelect;

const stored = (r: Row): StoredPlay => ({
  id: r.id,
  revision: r.revision,
  updatedAt: r.updatedAt.toISOString(),
  deletedAt: r.deletedAt?.toISOString() ?? null,
  document: r.document,
});

/** All plays of a team, newest change first: only what cards need leaves the database. */
export async function listPlays(db: Db, teamId: string, trash: boolean): Promise<PlayRow[]> {
  const rows = await db
    .select({
      id: plays.id,
      revision: plays.revision,
      updatedAt: plays.updatedAt,
      deletedAt: plays.deletedAt,
      summary: plays.summary,
      card: plays.card,
    })
    .from(plays)
    .where(and(eq(plays.teamId, teamId), trash ? isNotNull(plays.deletedAt) : isNull(plays.deletedAt)))
    .orderBy(desc(plays.updatedAt), plays.id);
  return rows.map((r) => ({
    ...r,
    summary: { ...r.summary, against: [...r.summary.against] },
    updatedAt: r.updatedAt.toISOString(),
    deletedAt: r.deletedAt?.toISOString() ?? null,
  }));
}

export async function getPlay(db: Db, teamId: string, id: string): Promise<StoredPlay> {
  const [row] = await db
    .select()
    .from(plays)
    .where(and(eq(plays.id, id), eq(plays.teamId, teamId)));
  if (!row) throw notFound('This play');
  return stored(row);
}

function readDocument(id: string, document: unknown): Play {
  const read = readPlay(document);
  if (!read.ok) throw new ProblemError(422, 'Not a readable play', read.sentence);
  if (read.play.id !== id)
    throw new ProblemError(
      422,
      'Not this play',
      'The play inside has another id than the address it was sent to.',
    );
  if (JSON.stringify(document).length > LIMITS.bytes)
    throw new ProblemError(413, 'Too large', `This play is larger than ${LIMITS.bytes / 1024} KB.`);
  return read.play;
}

/**
 * Keeps a play. The save names the revision it is based on: when another save came first, nothing is
 * written and the answer is 409 with the other document. Saving the same document twice is harmless.
 */
export async function savePlay(db: Db, teamId: string, id: string, save: Save): Promise<Saved> {
  const document = readDocument(id, save.document);
  return db.transaction(async (tx) => {
    const [old] = await tx.select().from(plays).where(eq(plays.id, id)).for('update');
    const derived = { document, summary: summarise(document), card: cardOf(document), updatedAt: new Date() };
    if (old && old.teamId !== teamId) throw notFound('This play');
    if (old && old.revision !== save.revision) {
      if (sameDocument(old.document, document))
        return { id, revision: old.revision, updatedAt: old.updatedAt.toISOString() };
      throw new ProblemError(
        409,
        'Changed elsewhere',
        'This play was changed somewhere else since you opened it. Keep yours, take the other, or keep both.',
        stored(old),
      );
    }
    if (!old && save.revision > 0) throw notFound('This play');
    const revision = save.revision + 1;
    if (old)
      await tx
        .update(plays)
        .set({ ...derived, revision })
        .where(eq(plays.id, id));
    else {
      const inserted = await tx
        .insert(plays)
        .values({ id, teamId, revision, ...derived })
        .onConflictDoNothing()
        .returning({ id: plays.id });
      if (inserted.length === 0)
        throw new ProblemError(409, 'Changed elsewhere', 'This play was saved twice at once. Try again.');
    }
    await keepVersion(tx, id, revision, save.sitting, document);
    return { id, revision, updatedAt: derived.updatedAt.toISOString() };
  });
}

async function keepVersion(
  tx: Pick<Db, 'select' | 'update' | 'insert'>,
  playId: string,
  revision: number,
  sitting: string,
  document: Play,
): Promise<void> {
  const [last] = await tx
    .select()
    .from(playVersions)
    .where(eq(playVersions.playId, playId))
    .orderBy(desc(playVersions.revision))
    .limit(1);
  const values = { revision, document, frames: document.frames.length, savedAt: new Date() };
  const same =
    last &&
    last.name === null &&
    last.sitting === sitting &&
    Date.now() - last.startedAt.getTime() < SITTING_MINUTES * 60_000;
  if (same) await tx.update(playVersions).set(values).where(eq(playVersions.id, last.id));
  else await tx.insert(playVersions).values({ playId, sitting, ...values });
}

/** Moves a play to the trash, or back out of it. */
export async function setTrashed(db: Db, teamId: string, id: string, trashed: boolean): Promise<StoredPlay> {
  const [row] = await db
    .update(plays)
    .set({ deletedAt: trashed ? new Date() : null })
    .where(and(eq(plays.id, id), eq(plays.teamId, teamId)))
    .returning();
  if (!row) throw notFound('This play');
  return stored(row);
}

export async function listVersions(db: Db, teamId: string, id: string): Promise<VersionRow[]> {
  await getPlay(db, teamId, id);
  const rows = await db
    .select({
      id: playVersions.id,
      revision: playVersions.revision,
      name: playVersions.name,
      savedAt: playVersions.savedAt,
      frames: playVersions.frames,
    })
    .from(playVersions)
    .where(eq(playVersions.playId, id))
    .orderBy(desc(playVersions.revision));
  return rows.map((r) => ({ ...r, savedAt: r.savedAt.toISOString() }));
}

export async function getVersion(db: Db, teamId: string, id: string, version: number): Promise<StoredPlay> {
  await getPlay(db, teamId, id);
  const [row] = await db
    .select()
    .from(playVersions)
    .where(and(eq(playVersions.id, version), eq(playVersions.playId, id)));
  if (!row) throw notFound('This version');
  return {
    id,
    revision: row.revision,
    updatedAt: row.savedAt.toISOString(),
    deletedAt: null,
    document: row.document,
  };
}

export async function nameVersion(
  db: Db,
  teamId: string,
  id: string,
  version: number,
  name: string,
): Promise<void> {
  await getVersion(db, teamId, id, version);
  await db
    .update(playVersions)
    .set({ name: name.trim() === '' ? null : name.trim() })
    .where(eq(playVersions.id, version));
}

export const countPlays = async (db: Db): Promise<number> =>
  (await db.select({ n: sql<number>`count(*)::int` }).from(plays))[0]?.n ?? 0;
