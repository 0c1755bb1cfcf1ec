import {
  RECORD_ROWS,
  RECORDS,
  recordSave,
  SavedSchema,
  unkeepable,
  type RecordKind,
  type RecordSave,
} from '@corkscrew/core';
import { Hono } from 'hono';
import { z } from 'zod';
import type { Asked } from '../actor.ts';
import type { Database } from '../db/client.ts';
import { body, describe, params, Word } from '../http/describe.ts';
import { ProblemError } from '../http/problem.ts';
import { listRecords, recordVersionsOf, saveRecord } from './store.ts';

export const RECORD_KINDS = Object.keys(RECORDS) as RecordKind[];
const Id = z.object({ id: Word });
const CALLED: Readonly<Record<RecordKind, string>> = {
  series: 'series',
  sheets: 'call sheets',
  opponents: 'opponents',
  words: 'words',
  kept: 'clashes that are kept',
  players: 'players',
  clearances: 'clearances',
  lineups: 'lineups',
  seasons: 'seasons',
  practices: 'practices',
  games: 'games',
};

/** What the team keeps beside its plays, of one kind: each with its revision and its kept versions. */
export function recordRoutes(database: Database, kind: RecordKind) {
  const rows = z.array(RECORD_ROWS[kind]);
  return new Hono<Asked>()
    .get('/', describe(`List the ${CALLED[kind]} of the team`, rows), async (c) =>
      c.json(await database.within((db) => listRecords(db, c.get('actor'), kind))),
    )
    .put(
      '/:id',
      describe(
        `Keep one of the ${CALLED[kind]} on the revision it is based on; without a body it goes`,
        SavedSchema,
      ),
      params(Id),
      body(recordSave(kind)),
      async (c) => {
        const save = c.req.valid('json') as RecordSave;
        const fault = unkeepable(save.body);
        if (fault !== null) throw new ProblemError(422, 'Can’t be kept', `This can’t be kept. ${fault}`);
        const { id } = c.req.valid('param');
        return c.json(await database.transaction((db) => saveRecord(db, c.get('actor'), kind, id, save)));
      },
    )
    .get('/:id/versions', describe('Its kept versions, newest first', rows), params(Id), async (c) =>
      c.json(
        await database.within((db) => recordVersionsOf(db, c.get('actor'), kind, c.req.valid('param').id)),
      ),
    );
}
