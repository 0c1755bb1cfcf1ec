import { create } from 'zustand';
import { persist } from 'zustand/middleware';

/** What is the coach's own on this device: how the floor lies, and which keys speak. */
interface Preferences {
  /** The basket at the bottom of the court. */
  readonly down: boolean;
  /** Left and right change places. */
  readonly mirrored: boolean;
  /** Single letters and digits are commands; off for those who speak to their machine or press keys by accident. */
  readonly letters: boolean;
  /** Who plays on the desk: our five (`BEST`, or a lineup) and the opponent whose five is on; empty nobody is named. */
  readonly ourFive: string;
  readonly theirFive: string;
  /** Captions and all else speak in the team's own words, or in the trade's. */
  readonly ours: boolean;
}

export const usePreferences = create<Preferences>()(
  persist<Preferences>(
    () => ({ down: false, mirrored: false, letters: true, ours: true, ourFive: '', theirFive: '' }),
    {
      name: 'corkscrew.preferences',
    },
  ),
);

export function prefer(change: Partial<Preferences>): void {
  usePreferences.setState(change);
}
