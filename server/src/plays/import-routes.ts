import { HereSchema, TakenInSchema, type BookRecords } from '@corkscrew/core';
import { Hono } from 'hono';
import { z } from 'zod';
import type { Asked } from '../actor.ts';
import type { Database } from '../db/client.ts';
import type { Beside } from '../beside/jobs.ts';
import { body, describe, Word } from '../http/describe.ts';
import { lookAt, takeIn } from './import.ts';

const MOST = 5000;
const Rows = z
  .array(z.object({ id: Word, body: z.unknown() }))
  .max(MOST)
  .optional();
const Look = z.object({ ids: z.array(Word).max(MOST) });
const Take = z.object({
  sitting: Word,
  plays: z.array(z.object({ document: z.unknown(), how: z.enum(['add', 'replace']) })).max(MOST),
  records: z.object({ series: Rows, sheets: Rows, opponents: Rows, words: Rows }).default({}),
});

/** Files coming in: what is here of their plays, and all of them kept at once. */
export function importRoutes(database: Database, beside?: Beside) {
  return new Hono<Asked>()
    .post(
      '/look',
      describe('What is here of the plays of a file', z.array(HereSchema)),
      body(Look),
      async (c) => c.json(await database.within((db) => lookAt(db, c.get('actor'), c.req.valid('json').ids))),
    )
    .post('/', describe('Take in plays, all of them or none', TakenInSchema), body(Take), async (c) => {
      const { sitting, plays, records } = c.req.valid('json');
      const taken = await takeIn(database, c.get('actor'), sitting, plays, records as BookRecords);
      beside?.changed();
      return c.json(taken);
    });
}
