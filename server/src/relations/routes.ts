import { RelationsSchema } from '@corkscrew/core';
import { Hono } from 'hono';
import type { Asked } from '../actor.ts';
import type { Database } from '../db/client.ts';
import { describe } from '../http/describe.ts';
import { relationsOf } from './store.ts';

/** How the team's plays hang together. */
export function relationRoutes(database: Database) {
  return new Hono<Asked>().get(
    '/',
    describe('What the plays of the team have to do with each other', RelationsSchema),
    async (c) => c.json(await database.within((db) => relationsOf(db, c.get('actor')))),
  );
}
