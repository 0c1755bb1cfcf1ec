import {
  LIMITS,
  PlayRowSchema,
  SavedSchema,
  SaveSchema,
  StoredPlaySchema,
  unkeepable,
  VersionRowSchema,
} from '@corkscrew/core';
import { Hono } from 'hono';
import { z } from 'zod';
import type { Asked } from '../actor.ts';
import type { Database } from '../db/client.ts';
import { body, describe, params, query, Whole, Word } from '../http/describe.ts';
import type { Beside } from '../beside/jobs.ts';
import { getPlay } from './get.ts';
import { Lists } from './list.ts';
import { savePlay, setTrashed } from './store.ts';
import { getVersion, listVersions, nameVersion } from './versions.ts';

const Id = z.object({ id: Word });
const VersionId = Id.extend({ version: Whole });
const VersionName = z
  .string()
  .max(LIMITS.name)
  .refine((s) => unkeepable(s) === null);
const Trash = z.object({ trash: z.enum(['true', 'false']).optional() });

/** The team's plays, their trash and their kept versions. */
export function playRoutes(database: Database, beside?: Beside) {
  const lists = new Lists(database);
  return new Hono<Asked>()
    .get(
      '/',
      describe('List the plays of the team, or its trash', z.array(PlayRowSchema)),
      query(Trash),
      async (c) => {
        const trash = c.req.valid('query').trash === 'true';
        const actor = c.get('actor');
        const etag = await lists.etag(actor, trash);
        // What is there already is asked about each time, and sent only when it changed.
        const headers = { ETag: etag, 'Cache-Control': 'private, no-cache', Vary: 'Accept-Encoding' };
        if (c.req.header('If-None-Match') === etag) return c.body(null, 304, headers);
        const { plain, gzip } = await lists.list(actor, trash, etag);
        const packed = /\bgzip\b/.test(c.req.header('Accept-Encoding') ?? '');
        return c.body(new Uint8Array(packed ? gzip : plain), 200, {
          ...headers,
          'Content-Type': 'application/json',
          ...(packed ? { 'Content-Encoding': 'gzip' } : {}),
        });
      },
    )
    .get('/:id', describe('One play', StoredPlaySchema), params(Id), async (c) => {
      const play = await database.within((db) => getPlay(db, c.get('actor'), c.req.valid('param').id));
      return c.json(play, 200, { ETag: `"${play.revision}"` });
    })
    .put(
      '/:id',
      describe('Save a play on the revision it is based on', SavedSchema),
      params(Id),
      body(SaveSchema),
      async (c) => {
        const actor = c.get('actor');
        const { id } = c.req.valid('param');
        const saved = await savePlay(database, actor, id, c.req.valid('json'));
        beside?.saved({ team: actor.team, id });
        return c.json(saved);
      },
    )
    .delete('/:id', describe('Move a play to the trash', StoredPlaySchema), params(Id), async (c) =>
      c.json(
        await database.transaction((db) => setTrashed(db, c.get('actor'), c.req.valid('param').id, true)),
      ),
    )
    .post('/:id/restore', describe('Take a play out of the trash', StoredPlaySchema), params(Id), async (c) =>
      c.json(
        await database.transaction((db) => setTrashed(db, c.get('actor'), c.req.valid('param').id, false)),
      ),
    )
    .get(
      '/:id/versions',
      describe('Kept versions of a play, newest first', z.array(VersionRowSchema)),
      params(Id),
      async (c) =>
        c.json(await database.within((db) => listVersions(db, c.get('actor'), c.req.valid('param').id))),
    )
    .get(
      '/:id/versions/:version',
      describe('One kept version', StoredPlaySchema),
      params(VersionId),
      async (c) => {
        const { id, version } = c.req.valid('param');
        return c.json(await database.within((db) => getVersion(db, c.get('actor'), id, version)));
      },
    )
    .patch(
      '/:id/versions/:version',
      describe('Name a version', z.array(VersionRowSchema)),
      params(VersionId),
      body(z.object({ name: VersionName })),
      async (c) => {
        const { id, version } = c.req.valid('param');
        const { name } = c.req.valid('json');
        const actor = c.get('actor');
        return c.json(
          await database.within(async (db) => {
            await nameVersion(db, actor, id, version, name);
            return listVersions(db, actor, id);
          }),
        );
      },
    );
}
