import {
  derive,
  readPlay,
  sameDocument,
  unkeepable,
  type Derived,
  type Play,
  type Save,
  type Saved,
  type StoredPlay,
} from '@corkscrew/core';
import { and, eq, sql } from 'drizzle-orm';
import type { Actor } from '../actor.ts';
import type { Database, Db } from '../db/client.ts';
import { playSaves, plays } from '../db/schema.ts';
import { notFound, ProblemError } from '../http/problem.ts';
import { derived } from './derive.ts';
import { stored, thePlay } from './get.ts';
import { bumpList } from './list.ts';
import { keepVersion } from './versions.ts';

function readDocument(id: string, document: unknown): Play {
  const read = readPlay(document);
  if (!read.ok)
    throw read.at === 'size'
      ? new ProblemError(413, 'Too large', read.sentence)
      : new ProblemError(422, 'Not a readable play', read.sentence);
  const fault = unkeepable(document);
  if (fault !== null) throw new ProblemError(422, 'Can’t be kept', `This play can’t be kept. ${fault}`);
  if (read.play.id !== id)
    throw new ProblemError(
      422,
      'Not this play',
      'The play inside has another id than the address it was sent to.',
    );
  return read.play;
}

/** Beside a document whose summary failed. */
interface Unsummed {
  readonly derived: 0;
  readonly summary: object;
  readonly card: object;
  readonly judged: '';
  readonly related: '';
}

/**
 * Keeps a play as it was sent. The save names the revision it is based on: when another save came first,
 * nothing is written and the answer is 409 with the other document. A save that was answered before is
 * answered the same again, and saving the same document twice is harmless. In the trash nothing is saved: 410.
 */
export async function savePlay(database: Database, actor: Actor, id: string, save: Save): Promise<Saved> {
  const play = readDocument(id, save.document);
  // A play that can't be summed up is kept all the same; its list shows its name, and the job tries again.
  const known = await derived(play).catch(unsummed);
  return database.transaction((db) => keep(db, actor, id, save, play.frames.length, known));
}

/** The same within a transaction of more than one play; what lists show of it is made at once. */
export const keepNow = (db: Db, actor: Actor, play: Play, save: Omit<Save, 'document'>): Promise<Saved> =>
  keep(db, actor, play.id, { ...save, document: play }, play.frames.length, derive(play));

/** The same of a play whose lists were made before; null where that failed, and the job tries again. */
export const keepDerived = (
  db: Db,
  actor: Actor,
  play: Play,
  save: Omit<Save, 'document'>,
  known: Derived | null,
): Promise<Saved> =>
  keep(db, actor, play.id, { ...save, document: play }, play.frames.length, known ?? unsummed());

const unsummed = (): Unsummed => ({ derived: 0, summary: {}, card: {}, judged: '', related: '' });

async function keep(
  db: Db,
  actor: Actor,
  id: string,
  save: Save,
  frames: number,
  known: Derived | Unsummed,
): Promise<Saved> {
  const { team } = actor;
  const [old] = await db.select().from(plays).where(thePlay(actor, id)).for('update');
  const before = old && save.save ? await answered(db, actor, id, save.save) : undefined;
  if (before) return before;
  if (old?.deletedAt)
    throw new ProblemError(
      410,
      'In the trash',
      'This play was moved to the trash somewhere else. Take it out, or keep yours as a copy.',
      stored(old),
    );
  if (old && old.revision !== save.revision) {
    if (!sameDocument(old.document, save.document))
      throw new ProblemError(
        409,
        'Changed elsewhere',
        'This play was changed somewhere else since you opened it. Keep yours, take the other, or keep both.',
        stored(old),
      );
    return noted(db, actor, { id, revision: old.revision, updatedAt: old.updatedAt.toISOString() }, save);
  }
  if (!old && save.revision > 0) throw notFound('This play');
  const revision = save.revision + 1;
  const updatedAt = new Date();
  const row = { ...known, document: save.document, revision, updatedAt, lastSave: save.save ?? null };
  if (old) await db.update(plays).set(row).where(thePlay(actor, id));
  else {
    const inserted = await db
      .insert(plays)
      .values({ teamId: team, id, ...row })
      .onConflictDoNothing()
      .returning({ id: plays.id });
    if (inserted.length === 0)
      throw new ProblemError(
        503,
        'Saved twice at once',
        'This play was saved twice at once. It is tried again.',
      );
  }
  await keepVersion(db, actor, id, { revision, frames, sitting: save.sitting, document: save.document });
  const saved = await noted(db, actor, { id, revision, updatedAt: updatedAt.toISOString() }, save);
  // Last: until the end of the transaction every other save of the team waits for it.
  await bumpList(db, team);
  return saved;
}

/** The first answer to a save of this name, if there was one. */
async function answered(db: Db, { team }: Actor, id: string, save: string): Promise<Saved | undefined> {
  const [row] = await db
    .select()
    .from(playSaves)
    .where(and(eq(playSaves.teamId, team), eq(playSaves.playId, id), eq(playSaves.save, save)));
  return row && { id, revision: row.revision, updatedAt: row.savedAt.toISOString() };
}

async function noted(db: Db, { team }: Actor, saved: Saved, { save }: Save): Promise<Saved> {
  if (save)
    await db.insert(playSaves).values({
      teamId: team,
      playId: saved.id,
      save,
      revision: saved.revision,
      savedAt: new Date(saved.updatedAt),
    });
  return saved;
}

/** Moves a play to the trash, or back out of it. */
export async function setTrashed(db: Db, actor: Actor, id: string, trashed: boolean): Promise<StoredPlay> {
  const [row] = await db
    .update(plays)
    .set({ deletedAt: trashed ? new Date() : null })
    .where(thePlay(actor, id))
    .returning();
  if (!row) throw notFound('This play');
  await bumpList(db, actor.team);
  return stored(row);
}

export const countPlays = async (db: Db, { team }: Actor): Promise<number> =>
  (
    await db
      .select({ n: sql<number>`count(*)::int` })
      .from(plays)
      .where(eq(plays.teamId, team))
  )[0]?.n ?? 0;
