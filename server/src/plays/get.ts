import type { StoredPlay } from '@corkscrew/core';
import { and, eq } from 'drizzle-orm';
import type { Actor } from '../actor.ts';
import type { Db } from '../db/client.ts';
import { plays } from '../db/schema.ts';
import { notFound } from '../http/problem.ts';

type Row = typeof plays.$inferSelect;

export const stored = (r: Row): StoredPlay => ({
  id: r.id,
  revision: r.revision,
  updatedAt: r.updatedAt.toISOString(),
  deletedAt: r.deletedAt?.toISOString() ?? null,
  save: r.lastSave,
  document: r.document,
});

export const thePlay = ({ team }: Actor, id: string) => and(eq(plays.teamId, team), eq(plays.id, id));

export async function getPlay(db: Db, actor: Actor, id: string): Promise<StoredPlay> {
  const [row] = await db.select().from(plays).where(thePlay(actor, id));
  if (!row) throw notFound('This play');
  return stored(row);
}
