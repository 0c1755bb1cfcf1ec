import { derive, readPlayText, SummarySchema, type PlayRow } from '@corkscrew/core';
import { currentTeam } from '../app/team.ts';
import { allDrafts } from './drafts.ts';
import { keptList } from './lists.ts';

/** What this device has of the playbook while the server is away, and since when (ms since 1970; null: never asked). */
export interface Here {
  readonly rows: PlayRow[];
  readonly at: number | null;
}

/** The list as it was last seen, with what was drawn here since. */
export async function playsHere(trash: boolean): Promise<Here> {
  const kept = await keptList(trash);
  const rows = new Map((kept?.rows ?? []).map((r) => [r.id, r]));
  if (!trash) {
    const team = currentTeam();
    const drafts = (await allDrafts().catch(() => [])).filter((d) => d.team === team);
    for (const d of drafts) {
      const read = readPlayText(d.text);
      if (!read.ok) continue;
      const { summary, card, judged } = derive(read.play);
      const old = rows.get(d.play);
      rows.set(d.play, {
        id: d.play,
        revision: old?.revision ?? 0,
        updatedAt: old?.updatedAt ?? new Date(0).toISOString(),
        deletedAt: null,
        summary: SummarySchema.parse(summary),
        card,
        verdict: judged === '' ? 'none' : 'waits',
      });
    }
  }
  return { rows: [...rows.values()], at: kept?.at ?? null };
}
