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

/** What a sentence that is said draws, in words; what of it is not understood; or null where it is none. */
export interface Heard {
  readonly sentence: string;
  /** Draws it; null where it is not understood. */
  readonly draw: (() => void) | null;
}
/** Who draws what is said: the desk, while it is open. */
export const useListener = create<{ readonly hear: ((sentence: string) => Heard | null) | null }>(() => ({
  hear: null,
}));
