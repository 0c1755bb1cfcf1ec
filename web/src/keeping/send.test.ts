import { newPlay, START, type Problem, type StoredPlay } from '@corkscrew/core';
import { afterEach, expect, it, vi } from 'vitest';
import { sendSave, theirsOf } from './send.ts';

vi.stubGlobal('localStorage', { getItem: () => null, setItem: () => undefined });
afterEach(() => vi.unstubAllGlobals());

const play = newPlay({
  id: 'x',
  name: 'Lantern',
  court: 'nfhs',
  level: 'pro',
  alignment: 'horns',
  ball: '1',
});
const stored = (document: unknown, deletedAt: string | null = null): StoredPlay => ({
  ...{ id: 'x', revision: 7, updatedAt: '2026-01-05T18:30:00.000Z', deletedAt, save: 's-3', document },
});
const answers = (status: number, body: unknown) =>
  vi.stubGlobal('fetch', () => Promise.resolve(Response.json(body, { status })));
const problem = (status: number, theirs?: StoredPlay): Problem => ({
  ...{ type: 'about:blank', title: 'No', status, detail: `Because of ${status}.` },
  ...(theirs ? { theirs } : {}),
});
const send = async (revision = 4) => (await sendSave(play, 's-5', { ...START, revision })).answer;

it.each<[string, number, unknown, object]>([
  ['kept', 200, { id: 'x', revision: 5, updatedAt: '2026-01-05T18:30:00.000Z' }, { is: 'kept', revision: 5 }],
  [
    'changed elsewhere',
    409,
    problem(409, stored(play)),
    { is: 'clash', theirs: { revision: 7, save: 's-3', trashed: false } },
  ],
  [
    'in the trash',
    410,
    problem(410, stored(play, '2026-01-06T00:00:00.000Z')),
    { is: 'trashed', theirs: { trashed: true } },
  ],
  ['gone for good', 404, problem(404), { is: 'gone' }],
  ['refused', 422, problem(422), { is: 'refused', why: 'Because of 422.' }],
  ['no room', 507, problem(507), { is: 'full', why: 'Because of 507.' }],
  ['a server in trouble', 500, problem(500), { is: 'unreachable' }],
  ['something else that answers', 502, 'no JSON problem', { is: 'unreachable' }],
  [
    'changed by a newer Corkscrew',
    409,
    problem(409, stored({ ...play, version: 99 })),
    { is: 'refused', why: expect.stringMatching(/newer Corkscrew/) as string },
  ],
])('%s', async (_, status, body, answer) => {
  answers(status, body);
  expect(await send()).toMatchObject(answer);
});

it('a network that fails is a server out of reach; a play the server never had is no play that is gone', async () => {
  vi.stubGlobal('fetch', () => Promise.reject(new TypeError('failed')));
  expect(await send()).toEqual({ is: 'unreachable' });
  answers(404, problem(404));
  expect(await send(0)).toMatchObject({ is: 'refused' });
});

it('a request is given up in time', async () => {
  const signals: (AbortSignal | null | undefined)[] = [];
  vi.stubGlobal('fetch', (_: string, init: RequestInit) => {
    signals.push(init.signal);
    return Promise.reject(new DOMException('late', 'TimeoutError'));
  });
  expect(await send()).toEqual({ is: 'unreachable' });
  expect(signals[0]).toBeInstanceOf(AbortSignal);
});

it('what the server has is read, or said why not', () => {
  expect(theirsOf(stored(play))).toMatchObject({ doc: { name: 'Lantern' }, revision: 7 });
  expect(theirsOf(stored({}))).toMatch(/not a Corkscrew play/);
});
