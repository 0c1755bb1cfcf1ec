import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { lateStorage } from './late-storage.ts';

const kept = new Map<string, string>();
let leave = () => {};

beforeEach(() => {
  vi.useFakeTimers();
  kept.clear();
  vi.stubGlobal('addEventListener', (_: string, call: () => void) => (leave = call));
  vi.stubGlobal('window', {
    setTimeout,
    localStorage: {
      getItem: (k: string) => kept.get(k) ?? null,
      setItem: (k: string, v: string) => kept.set(k, v),
      removeItem: (k: string) => kept.delete(k),
    },
  });
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

test('writes once things have come to rest, and reads what waits', async () => {
  const storage = lateStorage();
  for (let i = 0; i < 50; i++) {
    void storage.setItem('room', String(i));
    await vi.advanceTimersByTimeAsync(16);
  }
  expect(kept.size).toBe(0);
  expect(storage.getItem('room')).toBe('49');
  await vi.advanceTimersByTimeAsync(400);
  expect(kept.get('room')).toBe('49');
});

test('loses nothing when the page is left in the middle of a drag', () => {
  const storage = lateStorage();
  void storage.setItem('room', 'dragged');
  leave();
  expect(kept.get('room')).toBe('dragged');
});

test('what is removed does not come back', async () => {
  const storage = lateStorage();
  void storage.setItem('room', 'a');
  void storage.removeItem('room');
  await vi.advanceTimersByTimeAsync(400);
  expect(storage.getItem('room')).toBeNull();
});
