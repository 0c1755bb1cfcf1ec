import { newPlay, type Play } from '@corkscrew/core';
import { QueryClient } from '@tanstack/react-query';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';

const server = vi.hoisted(() => ({
  play: undefined as unknown,
  revision: 0,
  down: false,
  saves: [] as { play: { id: string; name: string }; revision: number }[],
}));
const kept = vi.hoisted(() => new Map<string, { id: string; play: unknown; revision: number }>());

vi.mock('../../app/drafts.ts', () => ({
  draftOf: (id: string) => Promise.resolve(kept.get(id)),
  dropDraft: (id: string) => Promise.resolve(void kept.delete(id)),
  keepDraft: (d: { id: string; play: unknown; revision: number }) => Promise.resolve(void kept.set(d.id, d)),
}));
vi.mock('../../app/api.ts', async (original) => {
  const real = await original<typeof import('../../app/api.ts')>();
  const stored = () => ({
    id: 'x',
    revision: server.revision,
    updatedAt: '2026-01-05T18:30:00.000Z',
    deletedAt: null,
    document: server.play,
  });
  return {
    ...real,
    api: {
      play: async () => {
        await Promise.resolve();
        if (server.down) throw new real.Unreachable();
        return stored();
      },
      save: async (play: { id: string; name: string }, revision: number) => {
        await Promise.resolve();
        if (server.down) throw new real.Unreachable();
        if (play.id === 'x' && revision !== server.revision)
          throw new real.ApiProblem({
            type: 'about:blank',
            title: 'Changed',
            status: 409,
            detail: 'It was changed elsewhere.',
            theirs: stored(),
          } as never);
        server.saves.push({ play, revision });
        if (play.id === 'x') Object.assign(server, { play, revision: revision + 1 });
        return { ...stored(), revision: revision + 1 };
      },
    },
  };
});

const { openPlay, settle, startAutosave } = await import('./autosave.ts');
const { apply, undo, useDesk } = await import('./store.ts');

const desk = useDesk.getState;
const made = (name = 'Lantern'): Play =>
  newPlay({ id: 'x', name, court: 'nfhs', level: 'pro', alignment: 'horns', ball: '1' });
const draft = (name: string, revision: number) => kept.set('x', { id: 'x', play: made(name), revision });
let stop: () => void = () => undefined;

beforeEach(() => {
  vi.useFakeTimers();
  vi.stubGlobal('window', { addEventListener: () => undefined, removeEventListener: () => undefined });
  kept.clear();
  Object.assign(server, { play: made(), revision: 4, down: false, saves: [] });
});
afterEach(() => {
  stop();
  vi.useRealTimers();
  vi.unstubAllGlobals();
});
const start = async () => {
  await openPlay('x');
  stop = startAutosave(new QueryClient());
};

describe('opening a play', () => {
  it('without a draft, and with one that says the same, the server’s is saved', async () => {
    await openPlay('x');
    expect(desk()).toMatchObject({ revision: 4, save: { is: 'saved' } });
    draft('Lantern', 2);
    await openPlay('x');
    expect(desk().save.is).toBe('saved');
  });
  it('a draft on the same revision goes on; on an older one it is a conflict', async () => {
    draft('Mine', 4);
    await openPlay('x');
    expect([desk().play.name, desk().save.is]).toEqual(['Mine', 'unsaved']);
    draft('Mine', 3);
    await openPlay('x');
    expect([desk().play.name, desk().save.is]).toEqual(['Mine', 'conflict']);
  });
  it('with the server away the draft opens; with neither it says so', async () => {
    server.down = true;
    draft('Mine', 4);
    await openPlay('x');
    expect(desk().play.name).toBe('Mine');
    kept.clear();
    await expect(openPlay('x')).rejects.toThrow('The playbook can’t be reached just now.');
  });
});

describe('saving by itself', () => {
  it('several quick changes are one save; the draft is there at once and gone once saved', async () => {
    await start();
    apply({ do: 'name', name: 'A' });
    apply({ do: 'name', name: 'B' });
    expect(kept.get('x')).toMatchObject({ revision: 4, play: { name: 'B' } });
    await vi.advanceTimersByTimeAsync(700);
    expect(server.saves.map((s) => s.play.name)).toEqual(['B']);
    expect(desk()).toMatchObject({ revision: 5, save: { is: 'saved' } });
    expect(kept.size).toBe(0);
  });
  it('with the server away nothing is lost, and it is sent when it is back', async () => {
    await start();
    server.down = true;
    apply({ do: 'name', name: 'Offline' });
    await vi.advanceTimersByTimeAsync(700);
    expect(desk().save.is).toBe('offline');
    expect(kept.get('x')).toMatchObject({ play: { name: 'Offline' } });
    server.down = false;
    await vi.advanceTimersByTimeAsync(2600);
    expect(desk().save.is).toBe('saved');
    expect(server.saves.at(-1)).toMatchObject({ revision: 4, play: { name: 'Offline' } });
  });
  it('an undo is a change like any other', async () => {
    await start();
    apply({ do: 'name', name: 'A' });
    await vi.advanceTimersByTimeAsync(700);
    undo();
    await vi.advanceTimersByTimeAsync(700);
    expect(server.saves.at(-1)).toMatchObject({ revision: 5, play: { name: 'Lantern' } });
  });
});

describe('two changed it', () => {
  const clash = async () => {
    await start();
    Object.assign(server, { play: made('Theirs'), revision: 9 });
    apply({ do: 'name', name: 'Mine' });
    await vi.advanceTimersByTimeAsync(700);
    expect(desk()).toMatchObject({ save: { is: 'conflict', theirs: { revision: 9 } } });
  };
  it('keep mine: it is saved on top of theirs', async () => {
    await clash();
    await settle('mine');
    await vi.advanceTimersByTimeAsync(700);
    expect(server.saves.at(-1)).toMatchObject({ revision: 9, play: { name: 'Mine' } });
  });
  it('take theirs: it is on the desk, mine is one undo away', async () => {
    await clash();
    await settle('theirs');
    expect([desk().play.name, desk().revision, desk().save.is]).toEqual(['Theirs', 9, 'saved']);
    undo();
    expect(desk().play.name).toBe('Mine');
  });
  it('keep both: mine becomes a play of its own', async () => {
    await clash();
    await settle('both');
    expect(server.saves.at(-1)!.play.name).toBe('Mine (mine)');
    expect(server.saves.at(-1)!.play.id).not.toBe('x');
    expect(desk().play.name).toBe('Theirs');
  });
});
