import type { StateStorage } from 'zustand/middleware';

/** Written this long after the last change (ms): a drag changes state with every move of the pointer. */
const AFTER = 300;

/** The browser's own storage, written when things have come to rest, or when the page is left. */
export function lateStorage(): StateStorage {
  const waiting = new Map<string, string>();
  let timer = 0;
  const write = () => {
    clearTimeout(timer);
    for (const [name, value] of waiting) window.localStorage.setItem(name, value);
    waiting.clear();
  };
  addEventListener('pagehide', write);
  return {
    getItem: (name) => waiting.get(name) ?? window.localStorage.getItem(name),
    setItem: (name, value) => {
      waiting.set(name, value);
      clearTimeout(timer);
      timer = window.setTimeout(write, AFTER);
    },
    removeItem: (name) => {
      waiting.delete(name);
      window.localStorage.removeItem(name);
    },
  };
}
