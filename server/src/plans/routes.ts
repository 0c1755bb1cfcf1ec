import { PlanOrderSchema, PlanRowSchema } from '@corkscrew/core';
import { Hono } from 'hono';
import { nanoid } from 'nanoid';
import { z } from 'zod';
import type { Asked } from '../actor.ts';
import type { Database } from '../db/client.ts';
import { body, describe, params, Word } from '../http/describe.ts';
import { ProblemError } from '../http/problem.ts';
import { addPlan, cancelPlan, getPlan, type PlanAttempt } from './store.ts';

const Id = z.object({ id: Word });

/** Plans of a season: asked for, looked at on the way, left. */
export function planRoutes(
  database: Database,
  send?: (attempt: PlanAttempt) => Promise<unknown>,
): Hono<Asked> {
  return new Hono<Asked>()
    .post(
      '/',
      describe('Look for the best plan of a season', PlanRowSchema),
      body(PlanOrderSchema),
      async (c) => {
        if (!send)
          throw new ProblemError(
            503,
            'Nobody plans',
            'Nobody plans here just now. The quick plan is still to be had.',
          );
        const actor = c.get('actor');
        const id = nanoid(12);
        const row = await database.within((db) => addPlan(db, actor, id, c.req.valid('json')));
        await send({ team: actor.team, id, attempt: 0 });
        return c.json(row, 202);
      },
    )
    .get('/:id', describe('How far a plan is, with the best so far', PlanRowSchema), params(Id), async (c) =>
      c.json(await database.within((db) => getPlan(db, c.get('actor'), c.req.valid('param').id))),
    )
    .post(
      '/:id/cancel',
      describe('Stop looking; the best so far stays', PlanRowSchema),
      params(Id),
      async (c) =>
        c.json(await database.within((db) => cancelPlan(db, c.get('actor'), c.req.valid('param').id))),
    );
}
