import { type PlayRow, type Problem, type Saved, type StoredPlay, type VersionRow } from '@corkscrew/core';
import { describe, expect, it } from 'vitest';
import { ownerOnLoopback } from './actor.ts';
import { createApp } from './app.ts';
import { testApp } from './app.test-data.ts';
import { openDatabase } from './db/client.ts';
import { playVersions } from './db/schema.ts';

const { request, send, save, json, fresh, renamed, database, log } = testApp();

describe('plays', () => {
  it('saves, reads back the same document and lists it with what cards need', async () => {
    const play = fresh('Listed');
    expect(await json<Saved>(await save(play, 0))).toMatchObject({ id: play.id, revision: 1 });
    const one = await request(`/api/plays/${play.id}`);
    expect(one.headers.get('ETag')).toBe('"1"');
    expect((await json<StoredPlay>(one)).document).toEqual(play);
    const row = (await json<PlayRow[]>(await request('/api/plays'))).find((p) => p.id === play.id)!;
    expect(row.summary).toMatchObject({ name: 'Listed', alignment: 'horns', frames: 1, endings: 1 });
    expect(row).not.toHaveProperty('document');
  });
  it('a save on an old revision changes nothing and shows both', async () => {
    const play = fresh();
    await save(play, 0);
    await save(renamed(play, 'Theirs'), 1);
    const clash = await save(renamed(play, 'Mine'), 1);
    expect(clash.status).toBe(409);
    expect(clash.headers.get('Content-Type')).toBe('application/problem+json');
    const problem = await json<Problem>(clash);
    expect(problem.detail).toMatch(/Keep yours, take the other, or keep both/);
    expect(problem.theirs).toMatchObject({ revision: 2, document: { name: 'Theirs' } });
    expect((await json<StoredPlay>(await request(`/api/plays/${play.id}`))).document).toMatchObject({
      name: 'Theirs',
    });
  });
  it('of two saves at once exactly one wins', async () => {
    const play = fresh();
    await save(play, 0);
    const both = await Promise.all([save(renamed(play, 'A'), 1), save(renamed(play, 'B'), 1)]);
    expect(both.map((r) => r.status).sort()).toEqual([200, 409]);
  });
  it('a save sent twice, its answer lost, is harmless', async () => {
    const play = fresh();
    await save(play, 0);
    const again = await save(play, 0);
    expect(again.status).toBe(200);
    expect(await json<Saved>(again)).toMatchObject({ revision: 1 });
  });
  it('goes to the trash and back', async () => {
    const play = fresh();
    await save(play, 0);
    await request(`/api/plays/${play.id}`, { method: 'DELETE' });
    const ids = async (path: string) => (await json<PlayRow[]>(await request(path))).map((p) => p.id);
    expect(await ids('/api/plays')).not.toContain(play.id);
    expect(await ids('/api/plays?trash=true')).toContain(play.id);
    await request(`/api/plays/${play.id}/restore`, { method: 'POST' });
    expect(await ids('/api/plays')).toContain(play.id);
  });
});

describe('versions', () => {
  it('saves of one sitting are one version; a named one is kept beside what follows', async () => {
    const play = fresh();
    await save(play, 0, 'monday');
    await save(renamed(play, 'b'), 1, 'monday');
    const list = async () => json<VersionRow[]>(await request(`/api/plays/${play.id}/versions`));
    expect((await list()).map((v) => v.revision)).toEqual([2]);
    await send('PATCH', `/api/plays/${play.id}/versions/${(await list())[0]!.id}`, {
      name: 'Before the final',
    });
    await save(renamed(play, 'c'), 2, 'monday');
    await save(renamed(play, 'd'), 3, 'tuesday');
    expect((await list()).map((v) => [v.revision, v.name])).toEqual([
      [4, null],
      [3, null],
      [2, 'Before the final'],
    ]);
    const old = await json<StoredPlay>(
      await request(`/api/plays/${play.id}/versions/${(await list())[2]!.id}`),
    );
    expect(old.document).toMatchObject({ name: 'b' });
  });
  it('a long sitting starts a new version after ten minutes', async () => {
    const play = fresh();
    await save(play, 0, 'long');
    await database().within((db) =>
      db.update(playVersions).set({ startedAt: new Date(Date.now() - 11 * 60_000) }),
    );
    await save(renamed(play, 'later'), 1, 'long');
    expect(await json<VersionRow[]>(await request(`/api/plays/${play.id}/versions`))).toHaveLength(2);
  });
});

describe('bad input', () => {
  it.each([
    ['a foreign document', () => ({ hello: 1 }), 422, /not a Corkscrew play/],
    ['a document from the future', () => ({ ...fresh(), version: 7 }), 422, /newer Corkscrew/],
    [
      '500 frames',
      () => ({
        ...fresh(),
        frames: Array.from({ length: 500 }, (_, i) => ({
          id: `f${i}`,
          parent: i ? `f${i - 1}` : null,
          actions: [],
        })),
      }),
      422,
      /has 500 frames/,
    ],
    ['another play’s id', () => fresh(), 422, /another id/],
  ])('%s gets a sentence', async (_, document, status, words) => {
    const r = await send('PUT', '/api/plays/some-id', { revision: 0, sitting: 's', document: document() });
    expect(r.status).toBe(status);
    expect((await json<Problem>(r)).detail).toMatch(words);
  });
  it('10 MB is refused before it is read', async () => {
    const r = await send('PUT', '/api/plays/big', {
      revision: 0,
      sitting: 's',
      document: 'x'.repeat(10 * 1024 * 1024),
    });
    expect(r.status).toBe(413);
    expect((await json<Problem>(r)).detail).toContain('2 MB');
  });
  it('broken JSON, unknown routes and unknown plays', async () => {
    const broken = await request('/api/plays/x', {
      method: 'PUT',
      headers: { 'Content-Type': 'application/json' },
      body: '{"rev',
    });
    expect(broken.status).toBe(400);
    expect((await json<Problem>(broken)).detail).not.toMatch(/JSON|stack|Error/);
    expect((await request('/api/nothing')).status).toBe(404);
    expect(await json<Problem>(await request('/api/plays/none'))).toMatchObject({
      status: 404,
      title: 'Not found',
    });
  });
  it('names in any script, emoji and markup are kept to the letter', async () => {
    for (const name of ['🏀', 'שלום', '<img src=x onerror=alert(1)>', "Robert'); drop table plays;--"]) {
      const play = fresh(name);
      await save(play, 0);
      expect((await json<StoredPlay>(await request(`/api/plays/${play.id}`))).document).toMatchObject({
        name,
      });
    }
  });
});

describe('the service', () => {
  it('lives without a database, says in a second that it is not ready, and tells a coach in his words', async () => {
    const dead = openDatabase('postgres://nobody:x@127.0.0.1:1/none');
    const app = createApp({ database: dead, log, actors: ownerOnLoopback('team') });
    expect((await app.request('/api/health')).status).toBe(200);
    expect((await app.request('/api/ready')).status).toBe(503);
    expect((await request('/api/ready')).status).toBe(200);
    const r = await app.request('/api/plays');
    expect(r.status).toBe(503);
    expect((await json<Problem>(r)).detail).toMatch(/stay on this device/);
    await dead.close();
  });
  it('sends security headers, a request id and no inline script', async () => {
    const r = await request('/api/health');
    expect(r.headers.get('Content-Security-Policy')).toMatch(/script-src 'self';/);
    expect(r.headers.get('X-Content-Type-Options')).toBe('nosniff');
    expect(r.headers.get('X-Request-Id')).toBeTruthy();
  });
  it('keeps what the team teaches; nonsense is refused and changes nothing', async () => {
    expect(await json(await request('/api/team'))).toMatchObject({ name: 'Testers', school: {} });
    const set = await send('PATCH', '/api/team', { school: { rebounders: 2, crowded: 14 } });
    expect(await json(set)).toMatchObject({ school: { rebounders: 2, crowded: 14 } });
    const bad = await send('PATCH', '/api/team', { school: { rebounders: 9 } });
    expect(bad.status).toBe(400);
    expect(await json(await request('/api/team'))).toMatchObject({ school: { rebounders: 2 } });
    const makes = await send('PATCH', '/api/team', { school: { makes: { three: 36 } } });
    expect(await json(makes)).toMatchObject({ school: { makes: { three: 36 } } });
    expect((await send('PATCH', '/api/team', { school: { makes: { three: 360 } } })).status).toBe(400);
    await send('PATCH', '/api/team', { school: {} });
    const ours = { id: 't1', name: 'Our drop', type: 'man', onBall: 'drop' };
    expect(await json(await send('PATCH', '/api/team', { defences: [ours] }))).toMatchObject({
      school: {},
      defences: [ours],
    });
    const odd = await send('PATCH', '/api/team', { defences: [{ ...ours, type: 'press' }] });
    expect(odd.status).toBe(400);
    expect(await json(await request('/api/team'))).toMatchObject({ defences: [ours] });
    await send('PATCH', '/api/team', { defences: [] });
  });
  it('describes itself in OpenAPI, every route with its answer', async () => {
    const doc = await json<{
      openapi: string;
      paths: Record<string, Record<string, { responses: Record<string, unknown> }>>;
    }>(await request('/api/openapi.json'));
    expect(doc.openapi).toMatch(/^3\.1/);
    expect(Object.keys(doc.paths)).toEqual(
      expect.arrayContaining([
        '/api/plays',
        '/api/plays/{id}',
        '/api/plays/{id}/versions/{version}',
        '/api/team',
      ]),
    );
    for (const methods of Object.values(doc.paths))
      for (const op of Object.values(methods)) expect(Object.keys(op.responses)).toContain('200');
  });
});
