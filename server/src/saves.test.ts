import { LIMITS, type PlayRow, type Problem, type Saved, type StoredPlay } from '@corkscrew/core';
import { eq, sql } from 'drizzle-orm';
import { describe, expect, it } from 'vitest';
import type { Actor } from './actor.ts';
import { fresh, renamed, testApp } from './app.test-data.ts';
import { plays } from './db/schema.ts';
import { rederive } from './plays/rederive.ts';

/** Who asks in these tests; changed by those that are about it. */
let actor: Actor | null = { team: 'team', person: 'p', role: 'owner' };
const { request, send, save, json, database } = testApp(() => actor);
const get = async (id: string) => json<StoredPlay>(await request(`/api/plays/${id}`));

describe('a save with a name', () => {
  it('sent again, its answer lost, is answered as the first time, even after others', async () => {
    const play = fresh();
    const first = await json<Saved>(await save(play, 0, 's', 'one'));
    expect(await json<Saved>(await save(play, 0, 's', 'one'))).toEqual(first);
    await save(renamed(play, 'B'), 1, 's', 'two');
    await save(renamed(play, 'C'), 2, 's', 'three');
    const again = await save(play, 0, 's', 'one');
    expect([again.status, await json<Saved>(again)]).toEqual([200, first]);
    expect(await get(play.id)).toMatchObject({ revision: 3, save: 'three', document: { name: 'C' } });
  });
  it('is told with a clash, so that nobody clashes with himself', async () => {
    const play = fresh();
    await save(play, 0, 's', 'one');
    await save(renamed(play, 'B'), 1, 's', 'two');
    const clash = await save(renamed(play, 'C'), 1, 's', 'three');
    expect((await json<Problem>(clash)).theirs).toMatchObject({ revision: 2, save: 'two' });
  });
  it('of two first saves at once one wins, and sent again both know it', async () => {
    const play = fresh();
    const both = await Promise.all([save(play, 0, 'a', 'a1'), save(renamed(play, 'B'), 0, 'b', 'b1')]);
    expect(both.map((r) => r.status).sort()[0]).toBe(200);
    expect([409, 503]).toContain(both.map((r) => r.status).sort()[1]);
  });
});

describe('the trash', () => {
  it('takes no saves: it says where the play is, and shows it', async () => {
    const play = fresh();
    await save(play, 0);
    await request(`/api/plays/${play.id}`, { method: 'DELETE' });
    const r = await save(renamed(play, 'B'), 1, 's', 'late');
    expect(r.status).toBe(410);
    const problem = await json<Problem>(r);
    expect(problem.detail).toMatch(/moved to the trash/);
    expect(problem.theirs?.deletedAt).not.toBeNull();
    await request(`/api/plays/${play.id}/restore`, { method: 'POST' });
    expect((await save(renamed(play, 'B'), 1, 's', 'late')).status).toBe(200);
  });
});

describe('a team', () => {
  it('neither sees nor touches another’s plays, though they have the same ids', async () => {
    const play = fresh('Ours');
    await save(play, 0);
    actor = { team: 'others', person: 'o', role: 'owner' };
    expect((await request(`/api/plays/${play.id}`)).status).toBe(404);
    expect((await request(`/api/plays/${play.id}`, { method: 'DELETE' })).status).toBe(404);
    expect((await save(renamed(play, 'Theirs'), 0)).status).toBe(200);
    actor = { team: 'team', person: 'p', role: 'owner' };
    expect(await get(play.id)).toMatchObject({ revision: 1, document: { name: 'Ours' } });
  });
  it('without an actor nothing is answered but that the server lives', async () => {
    actor = null;
    expect((await request('/api/plays')).status).toBe(403);
    expect((await request('/api/health')).status).toBe(200);
    actor = { team: 'team', person: 'p', role: 'owner' };
  });
});

describe('documents', () => {
  it('are kept as they were sent: one of version 1 stays one until it is edited', async () => {
    const old = { ...fresh(), version: 1, whistle: { tune: 1 } };
    const r = await send('PUT', `/api/plays/${old.id}`, { revision: 0, sitting: 's', document: old });
    expect(r.status).toBe(200);
    expect((await get(old.id)).document).toEqual(old);
  });
  it.each([
    ['U+0000 in a name', { name: 'a\0b' }, 422, /The name has a character in it/],
    ['half an emoji, deep inside', { odd: [{ x: '\ud83c' }] }, 422, /half a character/],
    ['U+0000 in a field nobody knows', { 'a\0': 1 }, 422, /U\+0000/],
    ['a note too long', { notes: 'x'.repeat(4001) }, 422, /the text of notes has at most 4000 characters/],
  ])('%s: refused with the field in a coach’s words', async (_, odd, status, words) => {
    const play = { ...fresh(), ...odd };
    const r = await send('PUT', `/api/plays/${play.id}`, { revision: 0, sitting: 's', document: play });
    expect(r.status).toBe(status);
    expect((await json<Problem>(r)).detail).toMatch(words);
  });
  it('a play of 2 MB is kept, a larger one and one too deep are refused', async () => {
    const play = fresh();
    const sized = (n: number) => ({ ...play, padding: 'x'.repeat(n) });
    const put = (document: unknown) =>
      send('PUT', `/api/plays/${play.id}`, { revision: 0, sitting: 's', document });
    expect((await put(sized(LIMITS.bytes))).status).toBe(413);
    expect((await put(sized(LIMITS.bytes - 4000))).status).toBe(200);
    const deep = `{"revision":0,"sitting":"s","document":${'['.repeat(50_000)}${']'.repeat(50_000)}}`;
    const r = await request(`/api/plays/${play.id}`, {
      method: 'PUT',
      headers: { 'Content-Type': 'application/json' },
      body: deep,
    });
    expect(r.status).toBe(422);
  });
  it('a play too long to sum up beside other requests is summed up in a thread of its own', async () => {
    const play = fresh('Long');
    const actions = Array.from({ length: 40 }, (_, k) => ({
      by: (['1', '2', '3', '4', '5'] as const)[k % 5]!,
      does: 'cut' as const,
      path: [{ x: ((k * 7) % 40) - 20, y: 8 }],
    }));
    const frames = Array.from({ length: 20 }, (_, i) => ({
      id: `f${i + 1}`,
      parent: i === 0 ? null : `f${i}`,
      actions: actions.map((a, k) => ({ ...a, id: `a${i * 40 + k + 1}` })),
    }));
    expect((await save({ ...play, frames }, 0)).status).toBe(200);
    const row = (await json<PlayRow[]>(await request('/api/plays'))).find((p) => p.id === play.id)!;
    expect(row.summary.frames).toBe(20);
  });
});

describe('lists', () => {
  it('are sent once: asked again unchanged it is 304, and after any change they are new', async () => {
    const play = fresh('In the list');
    await save(play, 0);
    const list = (etag: string) => request('/api/plays', { headers: { 'If-None-Match': etag } });
    const etag = (await request('/api/plays')).headers.get('ETag')!;
    expect((await list(etag)).status).toBe(304);
    await save(renamed(play, 'Renamed in the list'), 1);
    const r = await list(etag);
    expect(r.status).toBe(200);
    expect(JSON.stringify(await r.json())).toContain('Renamed in the list');
    const next = r.headers.get('ETag')!;
    await request(`/api/plays/${play.id}`, { method: 'DELETE' });
    expect((await list(next)).status).toBe(200);
    const trash = await request('/api/plays?trash=true', { headers: { 'If-None-Match': next } });
    expect(trash.status).toBe(200);
  });
  it('are packed for whoever can unpack', async () => {
    const r = await request('/api/plays', { headers: { 'Accept-Encoding': 'gzip, br' } });
    expect(r.headers.get('Content-Encoding')).toBe('gzip');
    const plain = await request('/api/plays');
    const unpacked = new Response(r.body!.pipeThrough(new DecompressionStream('gzip')));
    expect(await unpacked.json()).toEqual(await plain.json());
  });
  it('one odd old row hides nothing; what was derived another way is made anew', async () => {
    const [odd, fine] = [fresh('Odd one'), fresh('Fine one')];
    await save(odd, 0);
    await save(fine, 0);
    await database().within((db) =>
      db
        .update(plays)
        .set({ summary: sql`'{"frames": "many"}'::jsonb`, card: sql`'7'::jsonb`, derived: 0 })
        .where(eq(plays.id, odd.id)),
    );
    // The change was made behind the list's back.
    await save(renamed(fine, 'Fine two'), 1);
    const rows = async () => json<PlayRow[]>(await request('/api/plays'));
    const row = (await rows()).find((r) => r.id === odd.id)!;
    expect(row).toMatchObject({ summary: { name: 'Odd one' }, card: null });
    expect((await rows()).some((r) => r.summary.name === 'Fine two')).toBe(true);
    expect(await rederive(database())).toBeGreaterThan(0);
    const again = (await rows()).find((r) => r.id === odd.id)!;
    expect(again.summary).toMatchObject({ name: 'Odd one', alignment: 'horns' });
    expect(again.card).toMatchObject({ frames: [{ id: 'f1' }] });
    expect(await rederive(database())).toBe(0);
  });
});
