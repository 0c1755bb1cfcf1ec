import { newPlay, type Block, type InstallTeam, type Kept, type Play, type Practice } from '@corkscrew/core';
import { describe, expect, it } from 'vitest';
import { byHand } from './by-hand.ts';
import type { Chosen } from './Weeks.tsx';

const block = (id: string, name: string): Block => ({
  ...{ id, item: { is: 'other', name }, stage: 'guided', minutes: 10, planned: true },
});
const practice = (id: string, date: string, ...blocks: Block[]): Kept<Practice> => ({
  id,
  body: { date, start: '18:00', minutes: 90, absent: [], blocks },
});
const play: Play = {
  ...newPlay({ id: 'p', name: 'Quay', court: 'nfhs', level: 'highSchool', alignment: 'horns', ball: '1' }),
  frames: [{ id: 'f1', parent: null, actions: [{ id: 'a1', by: '1', does: 'pass', to: '5' }] }],
};

/** Three practices, and a hand that remembers what it did. */
function hand() {
  const practices = [
    practice('a', '2026-12-01', block('warm', 'Warm-up'), block('shoot', 'Shooting'), block('end', '5 on 5')),
    practice('b', '2026-12-03', block('late', 'Shell')),
    practice('c', '2026-12-05'),
  ];
  const team: InstallTeam = {
    ...{ season: null, practices, games: [], sheets: [], men: [], clearances: [] },
    plays: new Map([['p', play]]),
  };
  const done: { changed: readonly Kept<Practice | null>[]; words: string | undefined }[] = [];
  const chosen: Chosen[] = [];
  const by = byHand({
    ...{ team, day: '2026-11-30', dayName: (id) => `day ${id}` },
    change: (changed, words) => void done.push({ changed, words }),
    choose: (c) => void chosen.push(c),
  });
  const blocks = (id: string): string[] | undefined =>
    done
      .at(-1)
      ?.changed.find((p) => p.id === id)
      ?.body?.blocks.map((b) => b.id);
  return { by, practices, done, chosen, blocks };
}

describe('blocks moved by hand', () => {
  it('a step up and down stays in the practice, at either end nothing happens, and no words are said', () => {
    const h = hand();
    h.by.step('shoot', { place: 1 });
    expect(h.blocks('a')).toEqual(['warm', 'end', 'shoot']);
    expect(h.done[0]!.words).toBeUndefined();
    h.by.step('shoot', { place: -1 });
    expect(h.blocks('a')).toEqual(['shoot', 'warm', 'end']);
    h.by.step('warm', { place: -1 });
    h.by.step('end', { place: 1 });
    expect(h.done).toHaveLength(2);
  });
  it('a step to the next practice says where it is now, and stays chosen; beyond the last one nothing happens', () => {
    const h = hand();
    h.by.step('end', { practice: 1 });
    expect(h.blocks('a')).toEqual(['warm', 'shoot']);
    expect(h.blocks('b')).toEqual(['late', 'end']);
    expect(h.done[0]!.words).toBe('5 on 5 is on day b now.');
    expect(h.chosen).toEqual([{ is: 'block', practice: 'b', block: 'end' }]);
    h.by.step('warm', { practice: -1 });
    h.by.step('nobody', { place: 1 });
    expect(h.done).toHaveLength(1);
  });
  it('what is taken out is told by its name; what is not there is not', () => {
    const h = hand();
    h.by.remove('shoot');
    expect(h.blocks('a')).toEqual(['warm', 'end']);
    expect(h.done[0]!.words).toBe('Shooting is out of day a.');
    expect(h.chosen).toEqual([null]);
    h.by.remove('nobody');
    expect(h.done).toHaveLength(1);
  });
});

describe('blocks added by hand', () => {
  it('a play comes after the warm-up, with the minutes it takes to bring in, and is chosen', () => {
    const h = hand();
    h.by.add(h.practices[0]!, { play: 'p', name: 'Quay' });
    const added = h.done[0]!.changed[0]!.body!.blocks[1]!;
    expect(added).toMatchObject({ item: { is: 'play', play: 'p', name: 'Quay' }, stage: 'walk' });
    expect(added.minutes).toBeGreaterThanOrEqual(4);
    expect(h.chosen).toEqual([{ is: 'block', practice: 'a', block: added.id }]);
    // One that was not read yet has the usual minutes.
    h.by.add(h.practices[0]!, { play: 'other', name: 'Fog' });
    expect(h.done[1]!.changed[0]!.body!.blocks[1]!.minutes).toBe(8);
  });
  it('anything else comes at the end, in an empty practice as well', () => {
    const h = hand();
    h.by.add(h.practices[0]!, { name: 'Free throws' });
    expect(h.done[0]!.changed[0]!.body!.blocks.at(-1)).toMatchObject({
      ...{ item: { is: 'other', name: 'Free throws' }, minutes: 12 },
    });
    h.by.add(h.practices[2]!, { play: 'p', name: 'Quay' });
    expect(h.blocks('c')).toHaveLength(1);
  });
});
