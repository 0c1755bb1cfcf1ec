import {
  edit,
  PRESETS,
  readyOf,
  relatedOf,
  relationOf,
  trialOf,
  type Play,
  type Relations,
} from '@corkscrew/core';
import { expect, it } from 'vitest';
import { ownerOnLoopback } from '../actor.ts';
import { testApp } from '../app.test-data.ts';

const { request, send, save, json, fresh, renamed } = testApp(ownerOnLoopback('team'), true);

/** 1 passes to 2, then somebody of his own choice goes. */
const drawn = (name: string, by: '3' | '4'): Play => ({
  ...fresh(name),
  series: 'Gate',
  against: ['man'],
  frames: [
    { id: 'f1', parent: null, actions: [{ id: 'a1', by: '1', does: 'pass', to: '2' }] },
    {
      id: 'f2',
      parent: 'f1',
      actions: [
        { id: 'a2', by, does: 'cut', path: [{ x: 0, y: 8 }] },
        { id: 'a3', by: '2', does: 'pass', to: by },
        { id: 'a4', by, does: 'shot' },
      ],
    },
  ],
  defences: [{ id: 'd1', name: 'Drop', type: 'man' }],
});
const relations = async (): Promise<Relations> => json(await request('/api/relations'));
const between = ({ pairs }: Relations, a: string, b: string) =>
  pairs.find((p) => [a, b].includes(p.a) && [a, b].includes(p.b));
/** A busy machine takes its time. */
const settled = (...ids: string[]) =>
  expect
    .poll(
      async () => {
        const { comparing, trying } = await relations();
        return ids.filter((id) => comparing.includes(id) || trying.includes(id));
      },
      { timeout: 100_000, interval: 300 },
    )
    .toEqual([]);

it('plays are compared and tried after they were saved, as the core does; an edit and an undo each find theirs', async () => {
  const [a, b] = [drawn('A', '3'), drawn('B', '4')];
  await save(a, 0);
  await save(b, 0);
  expect((await relations()).comparing).toEqual(expect.arrayContaining([a.id, b.id]));
  await settled(a.id, b.id);
  const now = await relations();
  const pair = between(now, a.id, b.id)!;
  const [first, second] = pair.a === a.id ? [a, b] : [b, a];
  const { head, tail, into, back } = relationOf(readyOf(relatedOf(first)), readyOf(relatedOf(second)))!;
  expect(pair).toEqual({ a: first.id, b: second.id, head, tail, into, back });
  expect(head!.seconds).toBeGreaterThan(0.4);
  const [preset] = PRESETS;
  expect(now.plays[a.id]!.tried[preset!.key]).toEqual(trialOf(a, { ...preset!.defence, id: 'd' }, undefined));
  expect(Object.keys(now.plays[a.id]!.tried)).toHaveLength(PRESETS.length);

  // A name changes nothing of it.
  await save(renamed(a, 'Another name'), 1);
  expect((await relations()).comparing).not.toContain(a.id);
  const moved = edit(renamed(a, 'Another name'), { do: 'place', player: '5', place: { x: 20, y: 30 } });
  if (!moved.ok) throw new Error(moved.sentence);
  await save(moved.play, 2);
  // What it was compared as is gone at once, not when it is compared anew.
  expect((await relations()).pairs.some((p) => p.head && [p.a, p.b].includes(a.id))).toBe(false);
  await settled(a.id);
  expect((await relations()).pairs.some((p) => p.head && [p.a, p.b].includes(a.id))).toBe(false);
  await save(renamed(a, 'Another name'), 3);
  await settled(a.id);
  expect(between(await relations(), a.id, b.id)!.head!.seconds).toBe(head!.seconds);

  // In the trash it has nothing to do with anything.
  await send('DELETE', `/api/plays/${b.id}`, {});
  expect((await relations()).pairs.some((p) => [p.a, p.b].includes(b.id))).toBe(false);
}, 320_000);
