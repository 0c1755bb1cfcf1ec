import { defenceByWord, type PaperRow, type Play, type Preview } from '@corkscrew/core';
import { eq, sql } from 'drizzle-orm';
import pino from 'pino';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { ownerOnLoopback } from '../actor.ts';
import { createApp } from '../app.ts';
import { testApp } from '../app.test-data.ts';
import { papers } from '../db/schema.ts';
import { openQueue, print, QUEUE, startPrinter, type Printer } from './press.ts';
import { previewOf } from './preview.ts';
import { addPaper, claimPaper, getPaper, listPapers, lostPapers, type Attempt } from './store.ts';
import { PaperOrderSchema } from '@corkscrew/core';

const { request, send, save, json, fresh, database } = testApp();
const log = pino({ level: 'silent' });
const actor = { team: 'team', person: 'owner', role: 'owner' } as const;
const order = (plays: string[] = [], kind = 'play') => PaperOrderSchema.parse({ kind, plays });
const drawn = (name: string): Play => ({
  ...fresh(name),
  frames: [{ id: 'f1', parent: null, actions: [{ id: 'a1', by: '1', does: 'pass', to: '2' }] }],
  defences: [{ ...defenceByWord('man:drop')!, id: 'd1' }],
});
let count = 0;
const added = async (plays: string[], kind?: string): Promise<Attempt> => {
  const id = `p${count++}-${Date.now()}`;
  await database().within((db) => addPaper(db, actor, id, order(plays, kind), 'A paper'));
  return { team: 'team', id, attempt: 0 };
};
const row = (id: string): Promise<PaperRow> => database().within((db) => getPaper(db, actor, id));

describe('a preview', () => {
  it('is the pages as SVG, without script, made from what is kept', async () => {
    const play = drawn('Seen <b>first</b>');
    await save(play, 0);
    const r = await send('POST', '/api/papers/preview', { kind: 'play', plays: [play.id] });
    expect(r.status).toBe(200);
    const { pages, title, count: n } = await json<Preview>(r);
    expect([title, n]).toEqual(['Seen <b>first</b>, play sheet', 1]);
    expect(pages[0]).toContain('Seen &lt;b&gt;first&lt;/b&gt;');
    expect(pages.join('')).not.toMatch(/<script|onload|javascript:/);
  });
  it('nothing to print is told in a sentence; what is no order is refused', async () => {
    const none = await send('POST', '/api/papers/preview', { kind: 'play', plays: ['gone'] });
    expect([none.status, (await json<{ detail: string }>(none)).detail]).toEqual([
      422,
      'No play was chosen.',
    ]);
    expect((await send('POST', '/api/papers/preview', { kind: 'poster' })).status).toBe(400);
  });
  it('without anybody who prints an order is refused kindly', async () => {
    expect((await send('POST', '/api/papers', { kind: 'book' })).status).toBe(503);
  });
});

describe('a paper', () => {
  it('is claimed once, made, kept, and read back as a PDF', async () => {
    const play = drawn('Made');
    await save(play, 0);
    const one = await added([play.id]);
    await print(database(), one, log);
    const done = await row(one.id);
    expect(done).toMatchObject({ state: 'done', title: 'Made, play sheet', fault: null, lacks: [] });
    const file = await request(`/api/papers/${one.id}/file`);
    expect(file.headers.get('Content-Type')).toBe('application/pdf');
    expect(file.headers.get('Content-Disposition')).toContain('Made, play sheet.pdf');
    const bytes = Buffer.from(await file.arrayBuffer());
    expect(bytes.subarray(0, 5).toString()).toBe('%PDF-');
    expect(bytes).toHaveLength(done.bytes);
    // Nobody makes it a second time.
    expect(await database().within((db) => claimPaper(db, one))).toBeNull();
    await send('DELETE', `/api/papers/${one.id}`, {});
    expect((await request(`/api/papers/${one.id}/file`)).status).toBe(404);
  });
  it('a name that is a path or a header stays a name', async () => {
    const play = drawn('../../etc/passwd"\r\nX-Evil: 1');
    await save(play, 0);
    const one = await added([play.id]);
    await print(database(), one, log);
    const file = await request(`/api/papers/${one.id}/file`);
    const said = file.headers.get('Content-Disposition')!;
    expect(said).not.toMatch(/[\r\n]/);
    expect(said.split('filename*')[0]).not.toContain('/');
    expect(file.headers.get('X-Evil')).toBeNull();
  });
  it('is not made when nobody wants it any more, and what fails says why', async () => {
    const one = await added([]);
    await send('POST', `/api/papers/${one.id}/cancel`, {});
    await print(database(), one, log);
    expect((await row(one.id)).state).toBe('cancelled');
    const none = await added([]);
    await print(database(), none, log);
    expect(await row(none.id)).toMatchObject({ state: 'failed', fault: 'No play was chosen.' });
  });
  it('whose maker was not heard of again is begun anew, the old one has no say, and three times is enough', async () => {
    const one = await added([]);
    const silent = () =>
      database().within((db) =>
        db
          .update(papers)
          .set({ beatAt: sql`now() - interval '1 minute'` })
          .where(eq(papers.id, one.id)),
      );
    await database().within((db) => claimPaper(db, one));
    await silent();
    const [again] = (await database().within(lostPapers)).filter((l) => l.id === one.id);
    expect(again).toEqual({ ...one, attempt: 1 });
    await print(database(), one, log);
    expect((await row(one.id)).state).toBe('waiting');
    for (const attempt of [1, 2]) {
      await database().within((db) => claimPaper(db, { ...one, attempt }));
      await silent();
      await database().within(lostPapers);
    }
    expect(await row(one.id)).toMatchObject({ state: 'failed' });
    expect((await row(one.id)).fault).toContain('three times');
  });
  it('that can’t be kept, the disk being full, says so', async () => {
    const play = drawn('No room');
    await save(play, 0);
    const one = await added([play.id]);
    const run = (text: string) => database().within((db) => db.execute(sql.raw(text)));
    await run(
      `create or replace function no_room() returns trigger language plpgsql as $$ begin raise exception 'could not extend file' using errcode = '53100'; end $$`,
    );
    await run(
      'create trigger no_room before update on papers for each row when (new.file is not null) execute function no_room()',
    );
    try {
      await print(database(), one, log);
    } finally {
      await run('drop trigger no_room on papers');
    }
    expect(await row(one.id)).toMatchObject({ state: 'failed' });
    expect((await row(one.id)).fault).toContain('no room');
  });
  it('old ones are forgotten, another team’s are not seen', async () => {
    const one = await added([]);
    await database().within((db) =>
      db
        .update(papers)
        .set({ createdAt: sql`now() - interval '8 days'` })
        .where(eq(papers.id, one.id)),
    );
    await database().within(lostPapers);
    expect((await database().within((db) => listPapers(db, actor))).some((r) => r.id === one.id)).toBe(false);
    expect(await database().within((db) => listPapers(db, { ...actor, team: 'others' }))).toEqual([]);
  });
});

describe('orders through the queue', () => {
  let printers: Printer[] = [];
  let queue: Awaited<ReturnType<typeof openQueue>>;
  beforeAll(async () => {
    const url = process.env.TEST_DATABASE_URL!;
    queue = await openQueue(url, log);
    printers = await Promise.all([startPrinter(url, log), startPrinter(url, log)]);
  });
  afterAll(async () => {
    await Promise.all(printers.map((p) => p.stop()));
    await queue.stop({ graceful: false });
  });
  it('several at once are each made once, by two who print', async () => {
    const play = drawn('Twice');
    await save(play, 0);
    const app = createApp({
      ...{ database: database(), log, actors: ownerOnLoopback('team') },
      printing: { send: (a) => queue.send(QUEUE, a), preview: previewOf },
    });
    const kinds = ['play', 'summary', 'job', 'answers'];
    const ids = await Promise.all(
      kinds.map(async (kind) => {
        const r = await app.request('/api/papers', {
          ...{ method: 'POST', headers: { 'Content-Type': 'application/json' } },
          body: JSON.stringify({ kind, plays: [play.id] }),
        });
        expect(r.status).toBe(202);
        return (await json<PaperRow>(r)).id;
      }),
    );
    await expect
      .poll(async () => (await Promise.all(ids.map(row))).map((r) => r.state), {
        timeout: 30_000,
        interval: 200,
      })
      .toEqual(kinds.map(() => 'done'));
  }, 60_000);
});
