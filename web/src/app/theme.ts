import { useSyncExternalStore } from 'react';

/** Light desk or dark gym: the system's choice until the coach makes his own. */
export type Theme = 'light' | 'dark';
export type ThemeChoice = Theme | 'system';
const KEY = 'corkscrew.theme';
const listeners = new Set<() => void>();

function themeChoice(): ThemeChoice {
  const kept = localStorage.getItem(KEY);
  return kept === 'light' || kept === 'dark' ? kept : 'system';
}

function currentTheme(): Theme {
  const choice = themeChoice();
  if (choice !== 'system') return choice;
  return matchMedia('(prefers-color-scheme: dark)').matches ? 'dark' : 'light';
}

export function applyTheme(): void {
  document.documentElement.dataset.theme = currentTheme();
}

export function chooseTheme(choice: ThemeChoice): void {
  if (choice === 'system') localStorage.removeItem(KEY);
  else localStorage.setItem(KEY, choice);
  applyTheme();
  for (const l of listeners) l();
}

const follow = (changed: () => void) => {
  listeners.add(changed);
  return () => listeners.delete(changed);
};
export const useThemeChoice = (): ThemeChoice => useSyncExternalStore(follow, themeChoice);
export const useTheme = (): Theme => useSyncExternalStore(follow, currentTheme);
