import { PaperOrderSchema, type PaperRow, type Play } from '@corkscrew/core';
import { eq, sql } from 'drizzle-orm';
import { once } from 'node:events';
import pino from 'pino';
import { expect, it } from 'vitest';
import { testApp } from '../app.test-data.ts';
import { papers } from '../db/schema.ts';
import { openQueue, QUEUE } from './press.ts';
import { addPaper, getPaper } from './store.ts';
import { workers } from './worker.test-data.ts';

const { save, fresh, database } = testApp();
const actor = { team: 'team', person: 'owner', role: 'owner' } as const;
const worker = workers();

/** A play that takes a while on paper. */
const long = (name: string): Play => ({
  ...fresh(name),
  frames: Array.from({ length: 60 }, (_, i) => ({
    id: `f${i + 1}`,
    parent: i === 0 ? null : `f${i}`,
    actions: [
      { id: `a${i}`, by: i % 2 ? '2' : '1', does: 'pass', to: i % 2 ? '1' : '2' },
      { id: `b${i}`, by: '4', does: 'cut', path: [{ x: i % 2 ? 5 : -5, y: 20 }] },
    ],
  })),
});

it('a worker that is killed in the middle of a paper loses nothing: another makes it from the start', async () => {
  const plays = Array.from({ length: 4 }, (_, i) => long(`Long ${i}`));
  for (const play of plays) await save(play, 0);
  const queue = await openQueue(process.env.TEST_DATABASE_URL!, pino({ level: 'silent' }));
  const id = `killed-${Date.now()}`;
  const order = PaperOrderSchema.parse({ kind: 'book', plays: plays.map((p) => p.id) });
  const row = (): Promise<PaperRow> => database().within((db) => getPaper(db, actor, id));
  try {
    await database().within((db) => addPaper(db, actor, id, order, 'A book'));
    const first = worker();
    await queue.send(QUEUE, { team: 'team', id, attempt: 0 });
    await expect.poll(async () => (await row()).state, { timeout: 30_000, interval: 20 }).toBe('working');
    first.kill('SIGKILL');
    await once(first, 'exit');
    expect(await row()).toMatchObject({ state: 'working', bytes: 0 });
    // A minute later, as far as the paper knows; only a worker that sweeps can find it.
    await database().within((db) =>
      db
        .update(papers)
        .set({ beatAt: sql`now() - interval '1 minute'` })
        .where(eq(papers.id, id)),
    );
    worker();
    await expect.poll(async () => (await row()).state, { timeout: 60_000, interval: 100 }).toBe('done');
    const [made] = await database().within((db) => db.select().from(papers).where(eq(papers.id, id)));
    expect(made).toMatchObject({ attempt: 1, fault: null });
    expect(Buffer.from(made!.file!).subarray(0, 5).toString()).toBe('%PDF-');
  } finally {
    await queue.stop({ graceful: false });
  }
}, 120_000);
