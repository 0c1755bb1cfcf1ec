import type { Problem } from '@corkscrew/core';
import { sql } from 'drizzle-orm';
import { createServer, type Socket } from 'node:net';
import pino from 'pino';
import { afterEach, describe, expect, it } from 'vitest';
import { ownerOnLoopback } from './actor.ts';
import { createApp } from './app.ts';
import { fresh, testApp } from './app.test-data.ts';
import { openDatabase } from './db/client.ts';
import { unfailing } from './log.ts';

const { request, send, save, json, database, log } = testApp();
const asked = (path: string, headers: Record<string, string>, init: RequestInit = {}) =>
  request(path, { ...init, headers });

describe('who may ask', () => {
  it.each([
    ['a rebound name', { Host: 'playbook.example:4321' }, 421],
    ['a name that only begins like ours', { Host: 'localhost.example' }, 421],
    ['a page of another site', { Host: 'localhost:4321', Origin: 'https://elsewhere.example' }, 403],
    ['a page of another port here', { Host: 'localhost:4321', Origin: 'http://localhost:3000' }, 403],
    ['a page that hides where it is', { Host: 'localhost:4321', Origin: 'null' }, 403],
    [
      'a picture or script in a foreign page',
      { Host: 'localhost:4321', 'Sec-Fetch-Site': 'cross-site' },
      403,
    ],
    ['a foreign page under another port', { Host: 'localhost:4321', 'Sec-Fetch-Site': 'same-site' }, 403],
    [
      'a foreign page’s link to data',
      { Host: 'localhost:4321', 'Sec-Fetch-Site': 'cross-site', 'Sec-Fetch-Mode': 'navigate' },
      403,
    ],
    [
      'our own page',
      { Host: 'localhost:4321', Origin: 'http://localhost:4321', 'Sec-Fetch-Site': 'same-origin' },
      200,
    ],
    ['our own page by number', { Host: '[::1]:4321', Origin: 'http://[::1]:4321' }, 200],
    ['the command line', { Host: '127.0.0.1:4321' }, 200],
  ])('%s', async (_, headers, status) => {
    expect((await asked('/api/plays', headers as Record<string, string>)).status).toBe(status);
  });
  it('a form of a foreign page writes nothing', async () => {
    const play = fresh('Forged');
    const forged = JSON.stringify({ revision: 0, sitting: 's', document: play });
    for (const headers of [
      { 'Content-Type': 'text/plain', Origin: 'https://elsewhere.example' },
      { 'Content-Type': 'application/x-www-form-urlencoded' },
      { 'Content-Type': 'text/plain' },
    ] as Record<string, string>[]) {
      const r = await asked(`/api/plays/${play.id}`, headers, { method: 'PUT', body: forged });
      expect([400, 403, 415]).toContain(r.status);
    }
    const restore = await asked(`/api/plays/${play.id}/restore`, { Origin: 'null' }, { method: 'POST' });
    expect(restore.status).toBe(403);
    expect((await request(`/api/plays/${play.id}`)).status).toBe(404);
  });
  it('from another machine nothing is asked, until there is sign-in', () => {
    const actors = ownerOnLoopback('team');
    const from = (remoteAddress: string) =>
      actors({ env: { incoming: { socket: { remoteAddress } } } } as never);
    expect(from('192.168.1.7')).toBeNull();
    expect(from('::ffff:127.0.0.1')).toMatchObject({ team: 'team', role: 'owner' });
  });
});

describe('odd requests', () => {
  it.each([
    ['GET', '/api/plays/x/versions/99999999999', 400],
    ['GET', '/api/plays/x/versions/-1', 400],
    ['GET', '/api/plays/a%00b', 400],
    ['GET', '/api/plays/%F0%9F', 404],
    ['GET', `/api/plays/${'x'.repeat(41)}`, 400],
    ['GET', '/api/plays?trash=maybe', 400],
    ['POST', '/api/plays', 405],
    ['DELETE', '/api/team', 405],
    ['PUT', '/api/plays/x/restore', 405],
    ['PATCH', '/api/plays/x', 405],
    ['GET', '/api/plays/x/y/z', 404],
  ])('%s %s is %i, with a sentence', async (method, path, status) => {
    const r = await request(path, { method });
    expect(r.status).toBe(status);
    expect((await json<Problem>(r)).detail).toMatch(/\.$/);
    if (status === 405) expect(r.headers.get('Allow')).toMatch(/GET|PUT|POST|PATCH|DELETE/);
  });
  it.each([
    ['a revision beyond counting', { revision: 2 ** 40, sitting: 's' }, 'revision'],
    ['a revision that is none', { revision: 'x', sitting: 's' }, 'revision'],
    ['a sitting with U+0000', { revision: 0, sitting: 'a\0' }, 'sitting'],
    ['a save without a name', { revision: 0, sitting: 's', save: '' }, 'save'],
  ])('%s names the field', async (_, body, field) => {
    const r = await send('PUT', '/api/plays/x', { ...body, document: {} });
    expect(r.status).toBe(400);
    expect((await json<Problem>(r)).detail).toContain(`“${field}”`);
  });
  it('a team is not taught what can’t be kept', async () => {
    const defences = [{ id: 'd', name: 'a\0', type: 'man' }];
    expect((await send('PATCH', '/api/team', { defences })).status).toBe(422);
  });
});

it('answers carry the build and the document’s version: an older tab offers to reload', async () => {
  const r = await request('/api/plays');
  expect(r.headers.get('X-Corkscrew-Build')).toBe('b1');
  expect(r.headers.get('X-Corkscrew-Document')).toBe('2');
});

describe('a database in trouble', () => {
  let ended: (() => void)[] = [];
  afterEach(() => {
    for (const end of ended) end();
    ended = [];
  });
  it('that hangs is 503 before anybody gives up, and not ready sooner still', async () => {
    const sockets: Socket[] = [];
    const deaf = createServer((s) => sockets.push(s));
    await new Promise<void>((done) => deaf.listen(0, '127.0.0.1', done));
    const { port } = deaf.address() as { port: number };
    const hung = openDatabase(`postgres://a:b@127.0.0.1:${port}/none`);
    ended.push(() => {
      for (const s of sockets) s.destroy();
      deaf.close();
      void hung.close();
    });
    const app = createApp({ database: hung, log, actors: ownerOnLoopback('team') });
    // Both are asked at once: which of them is told first is no matter of how busy the machine is.
    const told: string[] = [];
    const asked = async (path: string) => {
      const { status } = await app.request(path);
      told.push(path);
      return status;
    };
    expect(await Promise.all([asked('/api/plays'), asked('/api/ready')])).toEqual([503, 503]);
    expect(told).toEqual(['/api/ready', '/api/plays']);
  });
  it('that is held up by another’s lock is 503 as well, and works again when it is let go', async () => {
    const play = fresh();
    await save(play, 0);
    let letGo = (): void => undefined;
    let taken = (): void => undefined;
    const locked = new Promise<void>((done) => (taken = done));
    const held = database().alone(async (db) => {
      await db.transaction(async (tx) => {
        await tx.execute(sql`lock table plays in access exclusive mode`);
        taken();
        await new Promise<void>((done) => (letGo = done));
      });
    });
    await locked;
    expect((await save(play, 0, 's', 'held')).status).toBe(503);
    letGo();
    await held;
    expect((await save(play, 0, 's', 'held')).status).toBe(200);
  }, 15_000);
  it('whose disk is full says so; nothing is changed, and later the save goes through', async () => {
    const play = fresh();
    await save(play, 0);
    const run = (text: string) => database().within((db) => db.execute(sql.raw(text)));
    await run(
      `create or replace function full_disk() returns trigger language plpgsql as $$ begin raise exception 'could not extend file' using errcode = '53100'; end $$`,
    );
    await run('create trigger full_disk before insert on play_saves execute function full_disk()');
    const r = await save({ ...play, name: 'Full' }, 1, 's', 'full');
    await run('drop trigger full_disk on play_saves');
    expect(r.status).toBe(507);
    expect((await json<Problem>(r)).detail).toBe(
      'The disk of the server is full. Your changes stay on this device.',
    );
    expect((await save({ ...play, name: 'Full' }, 1, 's', 'full')).status).toBe(200);
  });
});

describe('the log', () => {
  it('may fail without taking anything along, and is opened again later', () => {
    const lines: string[] = [];
    let time = 0;
    let fail: () => void = () => undefined;
    let opened = 0;
    const out = unfailing(
      () => {
        opened += 1;
        if (opened === 2) throw new Error('ENOSPC');
        return {
          write: (l: string) => lines.push(l),
          on: (_: string, listener: () => void) => (fail = listener),
        };
      },
      () => time,
    );
    out.write('one');
    fail();
    out.write('lost');
    time = 60_000;
    out.write('lost too: opening fails');
    time = 120_000;
    out.write('two');
    expect(lines).toEqual(['one', 'two']);
  });
  it('never holds a document, not even of a query that failed', async () => {
    const lines: string[] = [];
    const listening = pino({ level: 'trace' }, { write: (l: string) => void lines.push(l) });
    const app = createApp({ database: database(), log: listening, actors: ownerOnLoopback('team') });
    const play = { ...fresh(), name: 'Very secret name' };
    const run = (text: string) => database().within((db) => db.execute(sql.raw(text)));
    await run('alter table plays add constraint never check (revision < 0) not valid');
    const r = await app.request(`/api/plays/${play.id}`, {
      method: 'PUT',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ revision: 0, sitting: 's', document: play }),
    });
    await run('alter table plays drop constraint never');
    expect(r.status).toBe(500);
    expect(lines.join('')).toMatch(/failed/);
    expect(lines.join('')).not.toMatch(/secret/);
  });
});
