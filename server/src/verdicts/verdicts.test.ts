import { verdictOf, whole, type Play, type PlayRow } from '@corkscrew/core';
import { expect, it } from 'vitest';
import { ownerOnLoopback } from '../actor.ts';
import { testApp } from '../app.test-data.ts';
import { Helper } from '../beside/helper.ts';

const { request, send, save, json, fresh, renamed } = testApp(ownerOnLoopback('team'), true);

const MAKES = { rim: 80, short: 70, mid: 60, three: 55 };

/** A ball screen with a roll, against a drop. */
const screened = (): Play => ({
  ...fresh('Judged'),
  frames: [
    {
      id: 'f1',
      parent: null,
      actions: [
        { id: 'a1', by: '5', does: 'screen', for: '1', path: [{ x: 2.5, y: 24.5 }] },
        { id: 'a2', by: '1', does: 'dribble', path: [{ x: 9.5, y: 22.5 }] },
        { id: 'a3', by: '5', does: 'cut', path: [{ x: 1, y: 6.5 }] },
        { id: 'a4', by: '1', does: 'pass', to: '5' },
      ],
    },
  ],
  defences: [{ id: 'd1', name: 'Drop', type: 'man', onBall: 'drop' }],
});
const verdictIn = async (id: string): Promise<PlayRow['verdict']> =>
  (await json<PlayRow[]>(await request('/api/plays'))).find((r) => r.id === id)!.verdict;
/** A busy machine takes its time. */
const judged = (id: string): Promise<PlayRow['verdict']> =>
  expect.poll(() => verdictIn(id), { timeout: 100_000, interval: 250 }).not.toBe('waits') as never;

it('a play is judged after it was saved, as the core judges it; a new name changes nothing, other makes do', async () => {
  const play = screened();
  await save(play, 0);
  expect(await verdictIn(play.id)).toBe('waits');
  await judged(play.id);
  const here = whole(verdictOf(play, undefined))!;
  expect(await verdictIn(play.id)).toEqual(here);
  expect(here.of).toBeGreaterThan(here.answered);
  await save(renamed(play, 'Another name'), 1);
  expect(await verdictIn(play.id)).toEqual(here);

  await send('PATCH', '/api/team', { school: { makes: MAKES } });
  await judged(play.id);
  const there = whole(verdictOf(play, MAKES))!;
  expect(await verdictIn(play.id)).toEqual(there);
  expect(there.worst).not.toBe(here.worst);
  await send('PATCH', '/api/team', { school: {} });
  // What was judged before is known.
  expect(await verdictIn(play.id)).toEqual(here);
}, 220_000);

it('a helper that ends on the way gives no verdict: the play waits', async () => {
  const helper = new Helper();
  const told = helper.ask('verdict', { play: screened(), makes: undefined });
  helper.stop();
  await expect(told).rejects.toThrow('ended');
});

it('nobody against it: there is nothing to judge', async () => {
  const play = fresh();
  await save(play, 0);
  expect(await verdictIn(play.id)).toBe('none');
});
