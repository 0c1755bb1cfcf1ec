import { PaperOrderSchema, PaperRowSchema, PreviewSchema } from '@corkscrew/core';
import { titleOf } from '@corkscrew/paper';
import { Hono } from 'hono';
import { nanoid } from 'nanoid';
import { z } from 'zod';
import type { Asked } from '../actor.ts';
import type { Database } from '../db/client.ts';
import { body, describe, params, Word } from '../http/describe.ts';
import { ProblemError } from '../http/problem.ts';
import { gather } from './gather.ts';
import { previewOf } from './preview.ts';
import { addPaper, cancelPaper, fileOf, getPaper, listPapers, removePaper, type Attempt } from './store.ts';

/** Who makes what is ordered: the way an order goes, and who sets its first pages at once. */
export interface Printing {
  readonly send: (attempt: Attempt) => Promise<unknown>;
  readonly preview: typeof previewOf;
}

const Id = z.object({ id: Word });
/** So many plays of an order are set for its preview: the rest looks alike. */
const PREVIEWED = 4;
const NO_PLAY = '-';

/** What is printed: a look at it, an order, how far it is, and the file. */
export function paperRoutes(database: Database, printing?: Printing) {
  const preview = printing?.preview ?? previewOf;
  return new Hono<Asked>()
    .get('/', describe('What was ordered on paper, the latest first', z.array(PaperRowSchema)), async (c) =>
      c.json(await database.within((db) => listPapers(db, c.get('actor')))),
    )
    .post(
      '/preview',
      describe('The first pages of an order, as they will be printed', PreviewSchema),
      body(PaperOrderSchema),
      async (c) => {
        const whole = c.req.valid('json');
        const order = { ...whole, plays: whole.plays.slice(0, PREVIEWED) };
        const input = await database.within((db) => gather(db, c.get('actor').team, order, new Date()));
        const plays = order.kind === 'book' ? input.plays.slice(0, PREVIEWED) : input.plays;
        const isWhole = whole.plays.length <= PREVIEWED && plays.length === input.plays.length;
        const made = await preview(order, { ...input, plays }, isWhole);
        if (made.is === 'nothing') throw new ProblemError(422, 'Nothing to print', made.sentence);
        return c.json(made.preview);
      },
    )
    .post('/', describe('Order something on paper', PaperRowSchema), body(PaperOrderSchema), async (c) => {
      if (!printing)
        throw new ProblemError(
          503,
          'Nobody prints',
          'Nothing is printed here just now. Try again in a moment.',
        );
      const order = c.req.valid('json');
      const actor = c.get('actor');
      const id = nanoid(12);
      const row = await database.within(async (db) => {
        // Its name needs one play of it at the most.
        const one = order.kind === 'book' ? [NO_PLAY] : order.plays.slice(0, 1);
        const input = await gather(db, actor.team, { ...order, plays: one }, new Date());
        const many = order.plays.length > 1 ? `${order.plays.length} plays` : null;
        const title =
          many && order.kind !== 'book'
            ? titleOf(order, { ...input, plays: [] }).replace(/^0 plays/, many)
            : titleOf(order, input);
        return addPaper(db, actor, id, order, title);
      });
      await printing.send({ team: actor.team, id, attempt: 0 });
      return c.json(row, 202);
    })
    .get('/:id', describe('How far it is', PaperRowSchema), params(Id), async (c) =>
      c.json(await database.within((db) => getPaper(db, c.get('actor'), c.req.valid('param').id))),
    )
    .get('/:id/file', params(Id), async (c) => {
      const { title, file } = await database.within((db) =>
        fileOf(db, c.get('actor'), c.req.valid('param').id),
      );
      return c.body(new Uint8Array(file), 200, {
        'Content-Type': 'application/pdf',
        'Content-Disposition': disposition(`${title}.pdf`),
        'Cache-Control': 'private, no-store',
      });
    })
    .post('/:id/cancel', describe('Stop making it', PaperRowSchema), params(Id), async (c) =>
      c.json(await database.within((db) => cancelPaper(db, c.get('actor'), c.req.valid('param').id))),
    )
    .delete('/:id', describe('Throw it away', z.object({ ok: z.boolean() })), params(Id), async (c) => {
      await database.within((db) => removePaper(db, c.get('actor'), c.req.valid('param').id));
      return c.json({ ok: true });
    });
}

/** A name for a file that no name of a play can break out of (RFC 6266). */
const disposition = (name: string): string => {
  const plain = name.replace(/[^\w .,()-]/g, '_');
  return `attachment; filename="${plain}"; filename*=UTF-8''${encodeURIComponent(name.replace(/[/\\\0-\x1f]/g, '_')).replace(/['()*]/g, (c) => `%${c.charCodeAt(0).toString(16)}`)}`;
};
