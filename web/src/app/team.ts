const KEY = 'corkscrew.team';

/** The team whose plays this device keeps; known from the last answer of the server, also while it is away. */
export const currentTeam = (): string => localStorage.getItem(KEY) ?? 'team';

export function rememberTeam(id: string): void {
  if (id !== currentTeam()) localStorage.setItem(KEY, id);
}
