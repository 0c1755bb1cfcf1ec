import { edit, LIMITS, readPlay, SavedSchema, unkeepable, type Series } from '@corkscrew/core';
import { and, eq, isNull, sql } from 'drizzle-orm';
import { Hono } from 'hono';
import { z } from 'zod';
import type { Asked } from '../actor.ts';
import type { Beside } from '../beside/jobs.ts';
import type { Database } from '../db/client.ts';
import { plays, records } from '../db/schema.ts';
import { body, describe, params, Word } from '../http/describe.ts';
import { notFound, ProblemError } from '../http/problem.ts';
import { keepNow } from '../plays/store.ts';
import { saveRecord } from './store.ts';

const RenameSchema = z.object({
  word: z
    .string()
    .trim()
    .min(1)
    .max(LIMITS.name)
    .refine((s) => unkeepable(s) === null),
  revision: z.number().int().min(1),
  sitting: z.string().regex(/^[\w-]{1,40}$/),
});

/** A series under another word: its plays carry it, so all of them change with it, or none does. */
export function seriesRoutes(database: Database, beside?: Beside) {
  return new Hono<Asked>().post(
    '/:id/rename',
    describe('Give a series another word, and its plays with it', SavedSchema),
    params(z.object({ id: Word })),
    body(RenameSchema),
    async (c) => {
      const actor = c.get('actor');
      const { id } = c.req.valid('param');
      const { word, revision, sitting } = c.req.valid('json');
      const changed: string[] = [];
      const saved = await database.transaction(async (db) => {
        const [old] = await db
          .select({ body: records.body })
          .from(records)
          .where(and(eq(records.teamId, actor.team), eq(records.kind, 'series'), eq(records.id, id)));
        if (!old?.body) throw notFound('This series');
        const series = old.body as Series;
        const rows = await db
          .select({ id: plays.id, revision: plays.revision, document: plays.document })
          .from(plays)
          .where(
            and(
              eq(plays.teamId, actor.team),
              isNull(plays.deletedAt),
              sql`${plays.document} ->> 'series' = ${series.word}`,
            ),
          );
        for (const row of rows) {
          const read = readPlay(row.document);
          const named = read.ok ? edit(read.play, { do: 'series', series: word }) : read;
          if (!named.ok) throw new ProblemError(422, 'Not renamed', named.sentence);
          await keepNow(db, actor, named.play, { revision: row.revision, sitting });
          changed.push(row.id);
        }
        return saveRecord(db, actor, 'series', id, { revision, sitting, body: { ...series, word } });
      });
      for (const play of changed) beside?.saved({ team: actor.team, id: play });
      return c.json(saved);
    },
  );
}
