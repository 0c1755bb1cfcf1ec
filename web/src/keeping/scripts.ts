import type { Play, Written } from '@corkscrew/core';
import { currentTeam } from '../app/team.ts';
import { openDrafts } from './drafts.ts';

/** What of a script is not in its play: comments, and lines that can't be read yet. */
export interface KeptScript {
  readonly before: Play;
  readonly written: Written;
}

/** Keeps what was written beside a play on this device, or forgets it. A device that keeps nothing loses no play by it. */
export function keepScript(play: string, kept: KeptScript | null): void {
  const team = currentTeam();
  void openDrafts()
    .then(async (db) => {
      if (kept) await db.put('scripts', { team, play, ...kept });
      else await db.delete('scripts', [team, play]);
    })
    .catch(() => undefined);
}

export async function keptScript(play: string): Promise<KeptScript | null> {
  return (await (await openDrafts()).get('scripts', [currentTeam(), play])) ?? null;
}
