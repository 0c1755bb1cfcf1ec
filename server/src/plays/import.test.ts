import { edit, printOfPlay, readFileText, type Here, type Play } from '@corkscrew/core';
import { describe, expect, it } from 'vitest';
import { testApp } from '../app.test-data.ts';

const { request, send, save, json, fresh, renamed } = testApp();
const look = async (...ids: string[]): Promise<Here[]> =>
  json(await send('POST', '/api/imports/look', { ids }));
const take = (plays: { document: unknown; how: 'add' | 'replace' }[], records = {}) =>
  send('POST', '/api/imports', { sitting: 'import', plays, records });
const stored = async (id: string) =>
  json<{ document: Play; revision: number }>(await request(`/api/plays/${id}`));

describe('files coming in', () => {
  it('is told what is here, now and in kept versions', async () => {
    const play = fresh('Here');
    await save(play, 0, 's1');
    const later = renamed(play, 'Here, later');
    await save(later, 1, 's2');
    const [here] = await look(play.id, 'nowhere');
    expect(here).toMatchObject({
      id: play.id,
      name: 'Here, later',
      hash: printOfPlay(later),
      trashed: false,
    });
    expect(here!.earlier).toEqual([printOfPlay(play)]);
  });
  it('plays come in, take the place of others as a further revision, and lists show them', async () => {
    const [a, b] = [fresh('A'), fresh('B')];
    await save(b, 0);
    const r = await take([
      { document: a, how: 'add' },
      { document: renamed(b, 'B, newer'), how: 'replace' },
    ]);
    expect(await json(r)).toEqual({ plays: 2, records: 0 });
    expect(await stored(b.id)).toMatchObject({ revision: 2, document: { name: 'B, newer' } });
    const rows = await json<{ id: string; summary: { name: string } }[]>(await request('/api/plays'));
    expect(rows.find((x) => x.id === a.id)!.summary.name).toBe('A');
    const versions = await json<unknown[]>(await request(`/api/plays/${b.id}/versions`));
    expect(versions).toHaveLength(2);
  });
  it('is all or nothing: one that can’t be kept keeps the others out', async () => {
    const [a, b] = [fresh('Alone'), fresh('Double')];
    await save(b, 0);
    expect(
      (
        await take([
          { document: a, how: 'add' },
          { document: b, how: 'add' },
        ])
      ).status,
    ).toBe(409);
    expect((await request(`/api/plays/${a.id}`)).status).toBe(404);
    const broken = await take([
      { document: a, how: 'add' },
      { document: { name: 'Broken' }, how: 'add' },
    ]);
    expect([broken.status, (await json<{ detail: string }>(broken)).detail]).toEqual([
      422,
      expect.stringMatching(/^Broken: /),
    ]);
    expect((await request(`/api/plays/${a.id}`)).status).toBe(404);
  });
  it('one in the trash comes back when it is replaced', async () => {
    const a = fresh('Thrown away');
    await save(a, 0);
    await request(`/api/plays/${a.id}`, { method: 'DELETE' });
    expect((await look(a.id))[0]!.trashed).toBe(true);
    await take([{ document: renamed(a, 'Back'), how: 'replace' }]);
    expect(await stored(a.id)).toMatchObject({ deletedAt: null, document: { name: 'Back' } });
  });
  it('what stands beside the plays comes in where it is not here yet', async () => {
    const word = { key: 'spot.nail', word: `Pin${Date.now()}` };
    const series = { word: `Ser${Date.now()}`, order: 0 };
    const records = {
      words: [{ id: `w${Date.now()}`, body: word }],
      series: [{ id: `x${Date.now()}`, body: series }],
    };
    expect(await json(await take([], records))).toEqual({ plays: 0, records: 2 });
    const again = { ...records, words: [{ id: 'other', body: { ...word, word: 'Another' } }] };
    expect(await json(await take([], again))).toEqual({ plays: 0, records: 0 });
  });
  it('the whole playbook goes out as a file that reads back as it is here', async () => {
    const a = fresh('Out');
    await save(a, 0, 's1');
    const r = edit(a, { do: 'name', name: 'Out, later' });
    if (!r.ok) throw new Error(r.sentence);
    await save(r.play, 1, 's2');
    const read = readFileText(await (await request('/api/book')).text());
    expect(read.refused).toEqual([]);
    const own = read.plays.find((p) => p.play.id === a.id)!;
    expect(own.play).toEqual(r.play);
    expect(own.earlierHashes).toEqual([printOfPlay(a)]);
  });
});
