import { create } from 'zustand';
import { persist } from 'zustand/middleware';

/** Whether the command search is open. */
export const useFinding = create<{ readonly open: boolean }>(() => ({ open: false }));
export const openFind = (open: boolean): void => useFinding.setState({ open });

/** So much of what was found lately is remembered. */
const KEPT = 20;

/** What was found lately on this device, the latest first. */
export const useLately = create<{ readonly ids: readonly string[] }>()(
  persist<{ readonly ids: readonly string[] }>(() => ({ ids: [] }), { name: 'corkscrew.found' }),
);
export function used(id: string): void {
  useLately.setState(({ ids }) => ({ ids: [id, ...ids.filter((i) => i !== id)].slice(0, KEPT) }));
}
