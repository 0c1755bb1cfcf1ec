import type { StoredPlay, VersionRow } from '@corkscrew/core';
import { and, desc, eq } from 'drizzle-orm';
import type { Actor } from '../actor.ts';
import type { Db } from '../db/client.ts';
import { playVersions } from '../db/schema.ts';
import { notFound } from '../http/problem.ts';
import { getPlay } from './get.ts';

/** Saves of one sitting within this time become one kept version. */
const SITTING_MINUTES = 10;

const ofPlay = ({ team }: Actor, id: string) =>
  and(eq(playVersions.teamId, team), eq(playVersions.playId, id));

/** Keeps a saved document as a version: the sitting's present one grows, a named one is never written over. */
export async function keepVersion(
  db: Db,
  actor: Actor,
  playId: string,
  version: { revision: number; frames: number; sitting: string; document: unknown },
): Promise<void> {
  const [last] = await db
    .select()
    .from(playVersions)
    .where(ofPlay(actor, playId))
    .orderBy(desc(playVersions.revision))
    .limit(1);
  const values = { ...version, savedAt: new Date() };
  const same =
    last &&
    last.name === null &&
    last.sitting === version.sitting &&
    Date.now() - last.startedAt.getTime() < SITTING_MINUTES * 60_000;
  if (same) await db.update(playVersions).set(values).where(eq(playVersions.id, last.id));
  else await db.insert(playVersions).values({ teamId: actor.team, playId, ...values });
}

export async function listVersions(db: Db, actor: Actor, id: string): Promise<VersionRow[]> {
  await getPlay(db, actor, id);
  const rows = await db
    .select({
      id: playVersions.id,
      revision: playVersions.revision,
      name: playVersions.name,
      savedAt: playVersions.savedAt,
      frames: playVersions.frames,
    })
    .from(playVersions)
    .where(ofPlay(actor, id))
    .orderBy(desc(playVersions.revision));
  return rows.map((r) => ({ ...r, savedAt: r.savedAt.toISOString() }));
}

export async function getVersion(db: Db, actor: Actor, id: string, version: number): Promise<StoredPlay> {
  const [row] = await db
    .select()
    .from(playVersions)
    .where(and(ofPlay(actor, id), eq(playVersions.id, version)));
  if (!row) throw notFound('This version');
  return {
    id,
    revision: row.revision,
    updatedAt: row.savedAt.toISOString(),
    deletedAt: null,
    save: null,
    document: row.document,
  };
}

export async function nameVersion(
  db: Db,
  actor: Actor,
  id: string,
  version: number,
  name: string,
): Promise<void> {
  await getVersion(db, actor, id, version);
  await db
    .update(playVersions)
    .set({ name: name.trim() === '' ? null : name.trim() })
    .where(eq(playVersions.id, version));
}
