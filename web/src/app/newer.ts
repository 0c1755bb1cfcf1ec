import { useSyncExternalStore } from 'react';

/** Which build this tab runs; `dev` while it is developed. */
const OWN: string = (import.meta.env.VITE_CORKSCREW_BUILD as string | undefined) ?? 'dev';

let newer = false;
const listeners = new Set<() => void>();

/** Takes note of the build a server's answer came from. */
export function noticeBuild(build: string | null): void {
  if (newer || build === null || build === OWN || OWN === 'dev' || build === 'dev') return;
  newer = true;
  for (const l of listeners) l();
}

/** Whether the server has another build of the app than this tab: it offers to reload. */
export const useNewer = (): boolean =>
  useSyncExternalStore(
    (changed) => {
      listeners.add(changed);
      return () => listeners.delete(changed);
    },
    () => newer,
  );
