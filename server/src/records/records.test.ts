import type { Play, Problem, RecordRow, Saved, Sheet, StoredPlay } from '@corkscrew/core';
import { expect, it } from 'vitest';
import type { Actor } from '../actor.ts';
import { testApp } from '../app.test-data.ts';

let team = 'team';
const actors = (): Actor => ({ team, person: 'p', role: 'coach' });
const { request, send, save, json, fresh } = testApp(actors);

const sheet = (name: string): Sheet => ({ name, sections: [] });
const put = (id: string, revision: number, body: unknown, sitting = 's') =>
  send('PUT', `/api/sheets/${id}`, { revision, sitting, body });
const list = async (): Promise<RecordRow<'sheets'>[]> => json(await request('/api/sheets'));

it('a call sheet is kept by revisions: the second of two who change it is shown what stands there', async () => {
  expect(await json<Saved>(await put('s1', 0, sheet('Gorsedale')))).toMatchObject({ id: 's1', revision: 1 });
  expect((await put('s1', 1, sheet('Gorsedale, away'))).status).toBe(200);
  const late = await put('s1', 1, sheet('Another'));
  expect(late.status).toBe(409);
  const problem = await json<Problem>(late);
  expect(problem.detail).toMatch(/changed somewhere else/);
  expect(problem.theirs).toMatchObject({ revision: 2, document: { name: 'Gorsedale, away' } });
  // The same once more, its answer lost, is no conflict.
  expect(await json<Saved>(await put('s1', 1, sheet('Gorsedale, away')))).toMatchObject({ revision: 2 });
  expect((await list()).find((r) => r.id === 's1')!.body.name).toBe('Gorsedale, away');
});

it('what was taken away is not listed, and comes back by its revision; its versions stay', async () => {
  await put('s2', 0, sheet('First'), 'one');
  await put('s2', 1, sheet('Second'), 'two');
  expect((await put('s2', 2, null, 'two')).status).toBe(200);
  expect((await list()).some((r) => r.id === 's2')).toBe(false);
  const versions = await json<RecordRow<'sheets'>[]>(await request('/api/sheets/s2/versions'));
  expect(versions.map((v) => v.body.name)).toEqual(['First']);
  expect((await put('s2', 3, sheet('Back'))).status).toBe(200);
  expect((await list()).find((r) => r.id === 's2')!.body.name).toBe('Back');
});

it.each([
  ['a sheet without a name', { name: '', sections: [] }, 400],
  ['a weight of four', { ...sheet('x'), sections: [{ id: 'a', need: '', weight: 4, entries: [] }] }, 400],
  ['half a character', sheet('x\ud83c'), 422],
  ['a name as long as a page', sheet('x'.repeat(4000)), 400],
] as const)('%s is refused in a sentence, and nothing is kept', async (_, body, status) => {
  const answer = await put('bad', 0, body);
  expect(answer.status).toBe(status);
  expect((await json<Problem>(answer)).detail).toMatch(/\.$/);
  expect((await list()).some((r) => r.id === 'bad')).toBe(false);
});

it('right to left, emoji and markup are kept as they were written', async () => {
  const name = 'נגד אזור 🏀 <b>2-3</b>';
  await put('odd', 0, sheet(name));
  expect((await list()).find((r) => r.id === 'odd')!.body.name).toBe(name);
});

it('one team sees nothing of another', async () => {
  await put('mine', 0, sheet('Mine'));
  team = 'others';
  try {
    expect(await list()).toEqual([]);
    expect((await put('mine', 1, sheet('Theirs'))).status).toBe(404);
  } finally {
    team = 'team';
  }
});

it('a series is renamed with all its plays, one new revision each, or not at all', async () => {
  const plays = [fresh('One'), fresh('Two'), fresh('Apart')].map((p, i): Play =>
    i < 2 ? { ...p, series: 'Quay' } : p,
  );
  for (const p of plays) await save(p, 0);
  await send('PUT', '/api/series/q', { revision: 0, sitting: 's', body: { word: 'Quay', order: 1 } });
  const rename = (revision: number, word: string) =>
    send('POST', '/api/series/q/rename', { revision, sitting: 's', word });
  const seriesOf = async (p: Play) => {
    const stored = await json<StoredPlay>(await request(`/api/plays/${p.id}`));
    return [(stored.document as Play).series, stored.revision];
  };
  // On an old revision nothing happens, to the plays neither.
  expect((await rename(7, 'Wharf')).status).toBe(409);
  expect(await seriesOf(plays[0]!)).toEqual(['Quay', 1]);
  expect((await rename(1, 'Wharf')).status).toBe(200);
  expect(await seriesOf(plays[0]!)).toEqual(['Wharf', 2]);
  expect(await seriesOf(plays[1]!)).toEqual(['Wharf', 2]);
  expect(await seriesOf(plays[2]!)).toEqual([undefined, 1]);
});

it('words from a file are kept all at once or not at all', async () => {
  const row = (id: string, word: string, revision = 0) => ({ id, revision, sitting: 's', body: { word } });
  // Other tests keep words of this team as well.
  const words = async () =>
    (await json<RecordRow<'words'>[]>(await request('/api/words'))).flatMap((r) =>
      r.id.startsWith('file-') ? [r.body.word] : [],
    );
  expect(
    (await send('POST', '/api/words/import', { rows: [row('file-w1', 'hawser'), row('file-w2', 'ebb')] }))
      .status,
  ).toBe(200);
  expect((await words()).sort()).toEqual(['ebb', 'hawser']);
  // The second of these is based on a revision that nobody has: the first is not taken either.
  const late = await send('POST', '/api/words/import', {
    rows: [row('file-w3', 'keel'), row('file-w1', 'beam', 9)],
  });
  expect(late.status).toBe(409);
  expect((await words()).sort()).toEqual(['ebb', 'hawser']);
  const many = Array.from({ length: 10_000 }, (_, i) => row(`file-m${i}`, `word ${i}`));
  const problem = await json<Problem>(await send('POST', '/api/words/import', { rows: many }));
  expect(problem.detail).toBe('A team keeps at most 500 words; this file has 10000. None was taken.');
  expect((await words()).sort()).toEqual(['ebb', 'hawser']);
});

it('a player who is erased goes with his kept versions, and nothing brings him back', async () => {
  const him = (name: string) => ({
    ...{ jersey: '9', name, plays: ['2'], hand: 'left', speed: 1 },
    ...{ skills: { pass: 3 }, cleared: [], out: [] },
  });
  const save = (revision: number, name: string) =>
    send('PUT', '/api/players/erase-me', { revision, sitting: `s${revision}`, body: him(name) });
  await save(0, 'Thistle, Ned');
  await save(1, 'Thistle, Edmund');
  const kept = await json<{ player: { name: string }; versions: { player: { name: string } }[] }>(
    await request('/api/players/erase-me/kept'),
  );
  expect([kept.player.name, kept.versions.map((v) => v.player.name)]).toEqual([
    'Thistle, Edmund',
    ['Thistle, Ned', 'Thistle, Edmund'],
  ]);
  expect((await send('POST', '/api/players/erase-me/erase', {})).status).toBe(200);
  expect((await request('/api/players/erase-me/kept')).status).toBe(404);
  expect(await json<unknown[]>(await request('/api/players/erase-me/versions'))).toEqual([]);
  // An older draft of another device, as new or on what it knew.
  for (const revision of [0, 2, 3]) expect((await save(revision, 'Back again')).status).toBe(410);
});
