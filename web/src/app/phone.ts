import { useSyncExternalStore } from 'react';

const query = '(max-width: 600px)';

/** A phone shows and runs plays; nobody draws with a thumb that hides the floor. */
export const usePhone = (): boolean =>
  useSyncExternalStore(
    (changed) => {
      const q = matchMedia(query);
      q.addEventListener('change', changed);
      return () => q.removeEventListener('change', changed);
    },
    () => matchMedia(query).matches,
  );
