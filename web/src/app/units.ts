import type { Units } from '@corkscrew/core';
import { useSyncExternalStore } from 'react';

/** Feet or metres: what the rule set uses, unless the coach chose. Kept on this device. */
export type UnitChoice = Units | 'court';
export const UNIT_OPTIONS = [
  ['court', 'As the rules do'],
  ['feet', 'Feet and inches'],
  ['metres', 'Metres'],
] as const satisfies readonly (readonly [UnitChoice, string])[];
const KEY = 'corkscrew.units';
const listeners = new Set<() => void>();

function unitChoice(): UnitChoice {
  const kept = localStorage.getItem(KEY);
  return kept === 'feet' || kept === 'metres' ? kept : 'court';
}

export function chooseUnits(choice: UnitChoice): void {
  localStorage.setItem(KEY, choice);
  for (const l of listeners) l();
}

export function useUnitChoice(): UnitChoice {
  return useSyncExternalStore((changed) => {
    listeners.add(changed);
    return () => listeners.delete(changed);
  }, unitChoice);
}

export function useUnits(court: { units: Units }): Units {
  const choice = useUnitChoice();
  return choice === 'court' ? court.units : choice;
}
