import {
  playRoster,
  presenceOn,
  type Clearance,
  type Kept,
  type Play,
  type PlayRoster,
  type Player,
  type Sheet,
  type SheetAnswer,
  type SheetPlay,
} from '@corkscrew/core';
import { today } from '../../app/today.ts';
import { useRecords } from '../../keeping/records.ts';
import { useAnswer } from '../../questions/use-answer.ts';
import { useDocuments } from '../../keeping/relations.ts';

/** A play of the sheet with the men of the roster. */
export interface RosterPlay {
  readonly play: Play;
  readonly weight: number;
  readonly roster: PlayRoster;
}

/** "Quillfeather, Tam" is Quillfeather. */
export const lastName = (name: string): string => name.split(',')[0]!.trim();

/** Men as they stand on a list: by their shirts, those without one behind. */
const byJersey = (a: Kept<Player>, b: Kept<Player>): number =>
  shirt(a) - shirt(b) || a.body.name.localeCompare(b.body.name);
const shirt = ({ body: { jersey } }: Kept<Player>): number => (/^\d+$/.test(jersey) ? Number(jersey) : 1000);

/** The sheet of the game that is next; where none has a day to come, the first one. */
const soonest = (sheets: readonly Kept<Sheet>[], day: string): Kept<Sheet> | undefined =>
  [...sheets]
    .filter((s) => s.body.date !== undefined && s.body.date >= day)
    .sort((a, b) => (a.body.date! < b.body.date! ? -1 : 1))[0] ?? sheets[0];

/** Plays of a sheet, each once with the weight of the sections it stands in. */
function playsOf(sheet: Sheet | undefined): { readonly id: string; readonly weight: number }[] {
  const weights = new Map<string, number>();
  for (const section of sheet?.sections ?? [])
    for (const { play } of section.entries)
      weights.set(play, Math.max(weights.get(play) ?? 0, section.weight));
  return [...weights].map(([id, weight]) => ({ id, weight }));
}

/** The roster beside a call sheet: who can play what in each of its plays today, and the five who fit it best. */
export function useRoster(sheetId: string | null) {
  const players = useRecords('players');
  const clearances = useRecords('clearances');
  const sheets = useRecords('sheets');
  const men = [...(players.rows ?? [])].sort(byJersey);
  const sheet = sheets.rows?.find((s) => s.id === sheetId) ?? soonest(sheets.rows ?? [], today());
  const wanted = playsOf(sheet?.body);
  const documents = useDocuments(wanted.map((w) => w.id));
  const day = today();
  const asked: readonly Kept<Clearance>[] = clearances.rows ?? [];
  const plays = wanted.flatMap(({ id, weight }): RosterPlay[] => {
    const play = documents.get(id);
    return play ? [{ play, weight, roster: playRoster(play, men, asked, day) }] : [];
  });
  // Every five there is, is tried, beside the page: only when something of it changed.
  const place = new Map(men.map((m, i) => [m.id, i]));
  const question = {
    there: men.flatMap((m, i) => (presenceOn(m.body, day) === 'in' ? [i] : [])),
    plays: plays.map((p): SheetPlay => ({ scores: p.roster.scores, weight: p.weight })),
    must: (sheet?.body.must ?? []).flatMap((id) => place.get(id) ?? []),
    apart: (sheet?.body.apart ?? []).flatMap(([a, b]): (readonly [number, number])[] => {
      const [x, y] = [place.get(a), place.get(b)];
      return x === undefined || y === undefined ? [] : [[x, y]];
    }),
  };
  const { answer, fresh } = useAnswer('five', plays.length > 0 ? question : null, {
    key: `five ${JSON.stringify(question)}`,
    priority: 'now',
  });
  // An answer to what was asked before names men by places that may be others' now.
  const five: SheetAnswer | null = fresh && answer && answer.best !== null ? (answer as SheetAnswer) : null;
  /** The sheet with who is on the floor whatever comes, and who are not there together. */
  const settle = (change: Pick<Sheet, 'must' | 'apart'>): void => {
    if (sheet) sheets.change(sheet.id, { ...sheet.body, ...change });
  };
  return {
    ...{
      players,
      clearances: asked,
      sheets: sheets.rows ?? [],
      sheet,
      men,
      plays,
      five,
      day,
      settle,
      none: fresh && answer?.best === null,
    },
  };
}
