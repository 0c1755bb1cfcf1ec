import { contentOf, type Sheet } from '@corkscrew/core';
import { describe, expect, it } from 'vitest';
import { RecordKeeper, type RecordAnswer, type RecordDraft } from './record-keeper.ts';

const sheet = (name: string): Sheet => ({ name, sections: [] });

/** A keeper with a server of one record, answers that can be held back, and time that passes at once. */
function world(answers: ((draft: RecordDraft) => RecordAnswer)[] = []) {
  const sent: RecordDraft[] = [];
  const device = new Map<string, RecordDraft>();
  let revision = 0;
  let hold: Promise<void> | null = null;
  const kept: [string, number][] = [];
  const keeper = new RecordKeeper({
    send: async (draft) => {
      sent.push(draft);
      const answer = answers.shift()?.(draft) ?? { is: 'kept' as const, revision: ++revision };
      await hold;
      return answer;
    },
    put: (d) => Promise.resolve(void device.set(d.id, d)),
    remove: (d) => Promise.resolve(void device.delete(d.id)),
    kept: (d, r) => void kept.push([(d.body as Sheet | null)?.name ?? 'gone', r]),
    shown: () => undefined,
    wait: () => new Promise((r) => setTimeout(r, 0)),
  });
  return {
    ...{ keeper, sent, device, kept },
    held: () => {
      let free = (): void => undefined;
      hold = new Promise((r) => (free = r));
      return () => {
        hold = null;
        free();
      };
    },
  };
}
/** So many turns that whatever waits for the next one has come: on a busy machine no time would be long enough. */
async function settled(): Promise<void> {
  for (let turn = 0; turn < 30; turn++) await new Promise((r) => setTimeout(r, 0));
}

describe('records of the team', () => {
  it('are on the device at once, and leave it when the server has them', async () => {
    const { keeper, device, sent, kept } = world();
    keeper.change('sheets', 's', 0, sheet('A'));
    expect(device.get('s')).toMatchObject({ revision: 0, body: { name: 'A' } });
    await settled();
    expect(sent).toHaveLength(1);
    expect(kept).toEqual([['A', 1]]);
    expect(device.size).toBe(0);
  });
  it('what is changed while a save is on its way follows it, on its revision', async () => {
    const { keeper, sent, held, device } = world();
    const free = held();
    keeper.change('sheets', 's', 0, sheet('A'));
    await settled();
    keeper.change('sheets', 's', 0, sheet('AB'));
    keeper.change('sheets', 's', 0, sheet('ABC'));
    free();
    await settled();
    expect(sent.map((d) => [(d.body as Sheet).name, d.revision])).toEqual([
      ['A', 0],
      ['ABC', 1],
    ]);
    expect(device.size).toBe(0);
  });
  it('a server that is away is asked again until it has them', async () => {
    const away = (): RecordAnswer => ({ is: 'unreachable' });
    const { keeper, sent, device } = world([away, away]);
    keeper.change('sheets', 's', 3, sheet('A'));
    await settled();
    expect(sent).toHaveLength(3);
    expect(device.size).toBe(0);
  });
  it('changed elsewhere in another part, both changes are taken and nobody is asked', async () => {
    const day = (name: string, expects: string[]): Sheet =>
      ({ name, sections: expects.map((id) => ({ id, need: id, weight: 2 as const, entries: [] })) }) as Sheet;
    const was = day('A', ['s1']);
    const theirs = { revision: 8, body: day('A', ['s1', 's2']) };
    const { keeper, sent, device } = world([
      () => ({ is: 'clash', theirs }),
      () => ({ is: 'kept', revision: 9 }),
    ]);
    keeper.change('sheets', 's', 3, day('B', ['s1']), was);
    await settled();
    expect(sent.map((d) => d.revision)).toEqual([3, 8]);
    expect(sent[1]!.body).toEqual(day('B', ['s1', 's2']));
    expect([keeper.drafts, device.size]).toEqual([[], 0]);
  });
  it('what followed a save is held against what was saved, not against what was there before', async () => {
    const { keeper, sent, held } = world();
    const free = held();
    keeper.change('sheets', 's', 1, sheet('A'), sheet('0'));
    await settled();
    keeper.change('sheets', 's', 1, sheet('B'), sheet('0'));
    free();
    await settled();
    expect(sent.map((d) => (d.base as Sheet).name)).toEqual(['0', 'A']);
  });
  it('changed elsewhere, the coach chooses: ours on top of theirs, or theirs; the same is no conflict', async () => {
    const clash = (): RecordAnswer => ({ is: 'clash', theirs: { revision: 8, body: sheet('Theirs') } });
    const mine = world([clash]);
    mine.keeper.change('sheets', 's', 3, sheet('Mine'));
    await settled();
    expect(mine.keeper.drafts[0]).toMatchObject({ body: { name: 'Mine' }, theirs: { revision: 8 } });
    expect(mine.device.size).toBe(1);
    mine.keeper.choose('sheets', 's', 'mine');
    await settled();
    expect(mine.sent.at(-1)).toMatchObject({ revision: 8, body: { name: 'Mine' } });

    const theirs = world([clash]);
    theirs.keeper.change('sheets', 's', 3, sheet('Mine'));
    await settled();
    theirs.keeper.choose('sheets', 's', 'theirs');
    expect(theirs.kept).toEqual([['Theirs', 8]]);
    expect(theirs.device.size).toBe(0);

    const same = world([clash]);
    same.keeper.change('sheets', 's', 3, sheet('Theirs'));
    await settled();
    expect(same.keeper.drafts).toEqual([]);
  });
  it('an answer that was lost makes no conflict with oneself, in this sitting or the next', async () => {
    const stored = (): RecordAnswer => ({ is: 'clash', theirs: { revision: 1, body: sheet('A') } });
    const lost = world([() => ({ is: 'unreachable' }), stored]);
    const free = lost.held();
    lost.keeper.change('sheets', 's', 0, sheet('A'));
    await settled();
    lost.keeper.change('sheets', 's', 0, sheet('AB'));
    free();
    await settled();
    expect(lost.sent.map((d) => [(d.body as Sheet).name, d.revision])).toEqual([
      ['A', 0],
      ['AB', 0],
      ['AB', 1],
    ]);
    expect(lost.device.size).toBe(0);

    // The page went before the answer came: what it left is sent again, and changed meanwhile.
    const next = world([stored]);
    next.keeper.resume([
      { kind: 'sheets', id: 's', revision: 0, body: sheet('A'), count: 1, sent: [contentOf(sheet('A'))] },
    ]);
    next.keeper.change('sheets', 's', 1, sheet('ABC'));
    await settled();
    expect(next.sent.at(-1)).toMatchObject({ revision: 1, body: { name: 'ABC' } });
    expect(next.keeper.drafts).toEqual([]);
  });
  it('taken away and put back, it is no conflict', async () => {
    const gone = (): RecordAnswer => ({ is: 'clash', theirs: { revision: 5, body: null } });
    const { keeper, sent } = world([gone]);
    keeper.change('sheets', 's', 0, sheet('Back'));
    await settled();
    expect(sent.map((d) => d.revision)).toEqual([0, 5]);
    expect(keeper.drafts).toEqual([]);
  });
  it('refused, it stays on the device with the reason, and another change is tried again', async () => {
    const { keeper, device, sent } = world([() => ({ is: 'refused', sentence: 'A name is missing.' })]);
    keeper.change('sheets', 's', 0, sheet('x'));
    await settled();
    expect(device.get('s')?.refused).toBe('A name is missing.');
    keeper.change('sheets', 's', 0, sheet('xy'));
    await settled();
    expect(sent).toHaveLength(2);
    expect(device.size).toBe(0);
  });
  it('drafts of an earlier sitting are sent; taken away is kept as a change as well', async () => {
    const { keeper, sent, kept } = world();
    keeper.resume([{ kind: 'sheets', id: 's', revision: 4, body: null, count: 2 }]);
    await settled();
    expect(sent[0]).toMatchObject({ revision: 4, body: null });
    expect(kept).toEqual([['gone', 1]]);
  });
});
