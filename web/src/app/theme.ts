/** Light desk or dark gym: the system's choice until the coach makes his own. */
export type Theme = 'light' | 'dark';
const KEY = 'corkscrew.theme';

export function currentTheme(): Theme {
  const kept = localStorage.getItem(KEY);
  if (kept === 'light' || kept === 'dark') return kept;
  return matchMedia('(prefers-color-scheme: dark)').matches ? 'dark' : 'light';
}

export function applyTheme(): void {
  document.documentElement.dataset.theme = currentTheme();
}

export function toggleTheme(): Theme {
  const next: Theme = currentTheme() === 'dark' ? 'light' : 'dark';
  localStorage.setItem(KEY, next);
  applyTheme();
  return next;
}
