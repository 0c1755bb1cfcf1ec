import { PlayRowSchema, SavedSchema, SaveSchema, StoredPlaySchema, VersionRowSchema } from '@corkscrew/core';
import { Hono } from 'hono';
import { z } from 'zod';
import type { Db } from '../db/client.ts';
import { body, describe, params, query } from '../http/describe.ts';
import { getPlay, getVersion, listPlays, listVersions, nameVersion, savePlay, setTrashed } from './store.ts';

const Id = z.object({ id: z.string().min(1).max(40) });
const VersionId = Id.extend({ version: z.coerce.number().int().positive() });

/** The team's plays, their trash and their kept versions. */
export function playRoutes(db: Db, teamId: string) {
  return new Hono()
    .get(
      '/',
      describe('List the plays of the team, or its trash', z.array(PlayRowSchema)),
      query(z.object({ trash: z.enum(['true', 'false']).optional() })),
      async (c) => c.json(await listPlays(db, teamId, c.req.valid('query').trash === 'true')),
    )
    .get('/:id', describe('One play', StoredPlaySchema), params(Id), async (c) => {
      const play = await getPlay(db, teamId, c.req.valid('param').id);
      return c.json(play, 200, { ETag: `"${play.revision}"` });
    })
    .put(
      '/:id',
      describe('Save a play on the revision it is based on', SavedSchema),
      params(Id),
      body(SaveSchema),
      async (c) => c.json(await savePlay(db, teamId, c.req.valid('param').id, c.req.valid('json'))),
    )
    .delete('/:id', describe('Move a play to the trash', StoredPlaySchema), params(Id), async (c) =>
      c.json(await setTrashed(db, teamId, c.req.valid('param').id, true)),
    )
    .post('/:id/restore', describe('Take a play out of the trash', StoredPlaySchema), params(Id), async (c) =>
      c.json(await setTrashed(db, teamId, c.req.valid('param').id, false)),
    )
    .get(
      '/:id/versions',
      describe('Kept versions of a play, newest first', z.array(VersionRowSchema)),
      params(Id),
      async (c) => c.json(await listVersions(db, teamId, c.req.valid('param').id)),
    )
    .get(
      '/:id/versions/:version',
      describe('One kept version', StoredPlaySchema),
      params(VersionId),
      async (c) => {
        const { id, version } = c.req.valid('param');
        return c.json(await getVersion(db, teamId, id, version));
      },
    )
    .patch(
      '/:id/versions/:version',
      describe('Name a version', z.array(VersionRowSchema)),
      params(VersionId),
      body(z.object({ name: z.string().max(80) })),
      async (c) => {
        const { id, version } = c.req.valid('param');
        await nameVersion(db, teamId, id, version, c.req.valid('json').name);
        return c.json(await listVersions(db, teamId, id));
      },
    );
}
