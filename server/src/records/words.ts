import { recordSave, RECORD_LIMITS, unkeepable, type RecordSave } from '@corkscrew/core';
import { Hono } from 'hono';
import { z } from 'zod';
import type { Asked } from '../actor.ts';
import type { Database } from '../db/client.ts';
import { body, describe, Word } from '../http/describe.ts';
import { ProblemError } from '../http/problem.ts';
import { saveRecord } from './store.ts';

const ManySchema = z.object({
  rows: z.array(recordSave('words').extend({ id: Word })).min(1),
});

/** Words from a file: all of them, or none. */
export function wordRoutes(database: Database) {
  return new Hono<Asked>().post(
    '/import',
    describe('Keep many words at once, all of them or none', z.object({ kept: z.number().int() })),
    body(ManySchema),
    async (c) => {
      const { rows } = c.req.valid('json');
      if (rows.length > RECORD_LIMITS.each)
        throw new ProblemError(
          422,
          'Too many',
          `A team keeps at most ${RECORD_LIMITS.each} words; this file has ${rows.length}. None was taken.`,
        );
      const fault = unkeepable(rows.map((r) => r.body));
      if (fault !== null) throw new ProblemError(422, 'Can’t be kept', `None was taken. ${fault}`);
      const actor = c.get('actor');
      await database.transaction(async (db) => {
        for (const { id, ...save } of rows) await saveRecord(db, actor, 'words', id, save as RecordSave);
      });
      return c.json({ kept: rows.length });
    },
  );
}
