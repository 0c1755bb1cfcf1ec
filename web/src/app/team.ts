const KEY = 'corkscrew.team';
/** The team before any server has said which. */
export const UNKNOWN_TEAM = 'team';

/** The team whose plays this device keeps; known from the last answer of the server, also while it is away. */
export const currentTeam = (): string => localStorage.getItem(KEY) ?? UNKNOWN_TEAM;

export function rememberTeam(id: string): void {
  if (id !== currentTeam()) localStorage.setItem(KEY, id);
}
