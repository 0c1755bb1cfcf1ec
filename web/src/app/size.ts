import { useSyncExternalStore } from 'react';

/**
 * The room there is: a phone watches, a tablet has everything below each other, a middle screen lays the panel over
 * the court, a wide one has all side by side, a large one two parts of the panel at once. Enlarged text makes a screen smaller in the same steps.
 */
export type Size = 'phone' | 'tablet' | 'middle' | 'wide' | 'large';
/** A phone on its side: wide enough for more, but low and held by thumbs. */
export const ON_ITS_SIDE = '(min-width: 601px) and (max-height: 480px) and (pointer: coarse)';
const STEPS = [
  ['phone', `(max-width: 600px), ${ON_ITS_SIDE}`],
  ['tablet', '(max-width: 1023px)'],
  ['middle', '(max-width: 1279px)'],
  ['wide', '(max-width: 1679px)'],
] as const satisfies readonly (readonly [Size, string])[];

export const useSize = (): Size =>
  useSyncExternalStore(
    (changed) => {
      const queries = STEPS.map(([, query]) => matchMedia(query));
      for (const q of queries) q.addEventListener('change', changed);
      return () => queries.forEach((q) => q.removeEventListener('change', changed));
    },
    () => STEPS.find(([, query]) => matchMedia(query).matches)?.[0] ?? 'large',
  );

/** A phone shows and runs plays; nobody draws with a thumb that hides the floor. */
export const usePhone = (): boolean => useSize() === 'phone';
