import type { Defence, Frame, Play } from '@corkscrew/core';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';

/** What is shown of the defence; each can be switched off, and the choice is remembered on this device. */
export const LAYERS = ['shields', 'ghosts', 'open', 'lanes', 'splits', 'windows'] as const;
export type Layer = (typeof LAYERS)[number];
export const LAYER_WORDS: Readonly<Record<Layer, string>> = {
  shields: 'Defenders',
  ghosts: 'Where they were',
  open: 'Who is open',
  lanes: 'Lanes',
  splits: 'Split men',
  windows: 'Windows on the sheet',
};

interface View {
  /** Against a defence at all. */
  readonly on: boolean;
  readonly layers: Readonly<Record<Layer, boolean>>;
}

export const useView = create<View>()(
  persist<View>(
    () => ({
      on: true,
      layers: { shields: true, ghosts: true, open: true, lanes: true, splits: true, windows: true },
    }),
    { name: 'corkscrew.defence' },
  ),
);

export const useLayer = (layer: Layer): boolean => useView((v) => v.on && v.layers[layer]);

export function showLayer(layer: Layer, shown: boolean): void {
  const { layers } = useView.getState();
  useView.setState({ layers: { ...layers, [layer]: shown } });
}

/** The defence as it would be if it did something else, shown on its line until the play changes or another line is chosen. */
interface Trial {
  readonly frames: Play['frames'];
  /** The line it is shown on. */
  readonly leaf: string;
  readonly defence: Defence;
  /** What is shown, in words. */
  readonly words: string;
}
/** An answer nobody has drawn yet, in pen over the court. */
interface Draft {
  readonly frames: Play['frames'];
  readonly frame: Frame;
  readonly fresh: readonly string[];
}
export const useTrial = create<{ readonly trial: Trial | null; readonly draft: Draft | null }>(() => ({
  trial: null,
  draft: null,
}));

/** What the court shows: the defence the play is looked at against, or a trial of it. */
export function usePlayed(
  play: Play,
  leaf: string,
): { readonly defence: Defence | null; readonly trial: Trial | null } {
  const defence = useDefence(play);
  const trial = useTrial((t) => t.trial);
  const on = trial && defence && trial.frames === play.frames && trial.leaf === leaf ? trial : null;
  return { defence: on?.defence ?? defence, trial: on };
}

/** The defence a play is looked at against on the desk: its first, unless nobody plays against it. */
export function useDefence(play: Play): Defence | null {
  const on = useView((v) => v.on);
  return on ? (play.defences?.[0] ?? null) : null;
}

/** Shows the defence, or plays against nobody; false when the play has none to show. */
export function toggleDefence(play: Play): boolean {
  if (!play.defences?.length) return false;
  useView.setState((v) => ({ on: !v.on }));
  return true;
}
