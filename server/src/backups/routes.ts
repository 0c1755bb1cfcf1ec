import { KeptBackupSchema, RESTORE_MODES, RestoredSchema } from '@corkscrew/core';
import { Hono } from 'hono';
import { z } from 'zod';
import type { Asked } from '../actor.ts';
import type { Beside } from '../beside/jobs.ts';
import type { Database } from '../db/client.ts';
import { describe, params, query, Word } from '../http/describe.ts';
import { ProblemError } from '../http/problem.ts';
import { BackupFault } from './format.ts';
import { backupFile, keepBackup, listBackups, restoreBackup } from './store.ts';

/** All of a team in one file: made, listed, fetched, and restored. The owner's alone. */
export function backupRoutes(database: Database, beside?: Beside) {
  return new Hono<Asked>()
    .use(async (c, next) => {
      if (c.get('actor').role !== 'owner')
        throw new ProblemError(403, 'Not allowed', 'Backups are for the owner of the team.');
      return next();
    })
    .get('/', describe('The backups that are kept', z.array(KeptBackupSchema)), async (c) =>
      c.json(await database.within((db) => listBackups(db, c.get('actor').team))),
    )
    .post('/', describe('Make a backup now', KeptBackupSchema), async (c) =>
      c.json(await database.long((db) => keepBackup(db, c.get('actor').team, 'asked', new Date())), 201),
    )
    .get('/:id/file', params(z.object({ id: Word })), async (c) => {
      const { team } = c.get('actor');
      const { file, madeAt } = await database.long((db) => backupFile(db, team, c.req.valid('param').id));
      return c.body(new Uint8Array(file), 200, {
        'Content-Type': 'application/gzip',
        'Content-Disposition': `attachment; filename="corkscrew-${madeAt.toISOString().slice(0, 16).replace(/[:T]/g, '-')}.backup"`,
        'Cache-Control': 'private, no-store',
      });
    })
    .post(
      '/restore',
      describe('Restore a backup: into an empty team, over this one, or beside it', RestoredSchema),
      query(z.object({ mode: z.enum(RESTORE_MODES) })),
      async (c) => {
        const file = new Uint8Array(await c.req.arrayBuffer());
        const { mode } = c.req.valid('query');
        const restored = await database
          .long((db) => restoreBackup(db, c.get('actor').team, file, mode, new Date()))
          .catch((error: unknown) => {
            if (error instanceof BackupFault) throw new ProblemError(422, 'Not restored', error.message);
            throw error;
          });
        beside?.changed();
        return c.json(restored);
      },
    );
}
