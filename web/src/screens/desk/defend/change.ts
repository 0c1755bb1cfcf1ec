import { MAN_PRESETS, type Defence, type Play, type Preset } from '@corkscrew/core';
import { apply, useDesk } from '../store.ts';
import { useView } from './view.ts';

const fresh = (play: Play): string => {
  const used = new Set((play.defences ?? []).map((d) => d.id));
  let n = 1;
  while (used.has(`d${n}`)) n++;
  return `d${n}`;
};

/** Puts a defence first: it is the one the play is looked at against. */
function putFirst(defence: Defence): void {
  const { play, time, frameId } = useDesk.getState();
  const rest = (play.defences ?? []).filter((d) => d.id !== defence.id);
  apply({ do: 'defences', defences: [defence, ...rest].slice(0, 12) }, { notice: null });
  // Nothing of ours has moved: the instant looked at stays.
  useDesk.setState({ time, frameId });
  useView.setState({ on: true });
}

/** Changes the defence played against; undo takes it back. */
export function changeDefence(defence: Defence, patch: Partial<Defence>): void {
  const next = Object.fromEntries(
    Object.entries({ ...defence, ...patch }).filter(([, v]) => v !== undefined),
  );
  putFirst(next as Defence);
}

/** Takes a preset, or a defence the team keeps, over: matchups and screens stay as they are for this play. */
export function takeDefence(taken: Omit<Defence, 'id'>): void {
  const { play } = useDesk.getState();
  const first = play.defences?.[0];
  const same = first?.type === taken.type ? first : play.defences?.find((d) => d.type === taken.type);
  putFirst({
    ...taken,
    id: same?.id ?? fresh(play),
    ...(same?.matchup ? { matchup: same.matchup } : {}),
    ...(same?.overrides ? { overrides: same.overrides } : {}),
    ...(same?.offThrower ? { offThrower: true } : {}),
  });
}

/** Nobody, man to man, or a zone: the last one of its kind, or the usual. */
export function chooseType(type: 'none' | Defence['type'], usual: readonly Preset[] = MAN_PRESETS): void {
  if (type === 'none') {
    useView.setState({ on: false });
    return;
  }
  const { play } = useDesk.getState();
  const kept = play.defences?.find((d) => d.type === type);
  if (kept) {
    if (play.defences![0] !== kept) putFirst(kept);
    else useView.setState({ on: true });
  } else takeDefence(usual[0]!.defence);
}

type Override = NonNullable<Defence['overrides']>[string];

/** What is told for one action; null is as they usually do it. What else was told of it stays. */
export function tellAction(
  defence: Defence,
  action: string,
  told: { readonly [K in keyof Override]?: Override[K] | null },
): void {
  const { [action]: old, ...rest } = defence.overrides ?? {};
  const now = Object.entries({ ...old, ...told }).filter(
    ([, v]) => v !== null && v !== undefined && v !== 'own',
  );
  const { does = 'own', ...more } = Object.fromEntries(now) as Partial<Override>;
  const overrides = now.length > 0 ? { ...rest, [action]: { ...more, does } } : rest;
  changeDefence(defence, {
    overrides: Object.keys(overrides).length > 0 ? overrides : undefined,
  } as Partial<Defence>);
}

/** The coverage on one screen or handoff; null is the usual one. */
export const coverScreen = (defence: Defence, action: string, does: string | null): void =>
  tellAction(defence, action, { does: does as 'drop' | null });
