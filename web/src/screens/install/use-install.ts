import {
  addDays,
  doneWith,
  inOrder,
  limitsOf,
  playedOf,
  readyFor,
  unitsWanted,
  wantsOf,
  type Game,
  type InstallTeam,
  type Kept,
  type Practice,
  type PlayReady,
} from '@corkscrew/core';
import { useState } from 'react';
import { today } from '../../app/today.ts';
import { useRecords } from '../../keeping/records.ts';
import { useDocuments } from '../../keeping/relations.ts';

/** What was changed last, and how it was before: taken back in one press, however many practices it was. */
interface Undoable {
  readonly words: string;
  readonly before: readonly Kept<Practice | null>[];
}

/** The season as the team keeps it, with what is taught when and how ready it is. */
export function useInstall() {
  const seasons = useRecords('seasons');
  const practices = useRecords('practices');
  const games = useRecords('games');
  const sheets = useRecords('sheets');
  const opponents = useRecords('opponents');
  const players = useRecords('players');
  const clearances = useRecords('clearances');
  const [undo, setUndo] = useState<Undoable | null>(null);
  const day = today();
  const all = inOrder(practices.rows ?? []);
  const played = inOrder(games.rows ?? []);
  const season =
    [...(seasons.rows ?? [])]
      .sort((a, b) => (a.body.from < b.body.from ? 1 : -1))
      .find((s) => s.body.to >= day) ??
    seasons.rows?.at(-1) ??
    null;
  const ids = new Set<string>();
  for (const p of all) for (const b of p.body.blocks) if (b.item.is === 'play') ids.add(b.item.play);
  for (const g of played) for (const w of wantsOf(g.body, sheets.rows ?? [])) ids.add(w.play);
  const plays = useDocuments([...ids].sort());
  const team: InstallTeam = {
    ...{ season: season?.body ?? null, practices: all, games: played, sheets: sheets.rows ?? [], plays },
    ...{ men: players.rows ?? [], clearances: clearances.rows ?? [] },
  };
  /** Changes practices, null takes one away; `words` say what was done where it can be taken back. */
  const set = (changed: readonly Kept<Practice | null>[], words?: string): void => {
    if (changed.length === 0) return;
    const before = changed.map(({ id }) => ({ id, body: all.find((p) => p.id === id)?.body ?? null }));
    for (const { id, body } of changed) practices.change(id, body);
    setUndo(words === undefined ? null : { words, before });
  };
  return {
    ...{ team, day, season, seasons, practices, games, sheets, opponents, players, set, undo },
    loading: practices.rows === undefined || games.rows === undefined || seasons.rows === undefined,
    takeBack: () => {
      for (const { id, body } of undo?.before ?? []) practices.change(id, body);
      setUndo(null);
    },
    forget: () => setUndo(null),
  };
}
export type Install = ReturnType<typeof useInstall>;

/** What a game is against, as it is called. */
export function gameName(game: Game, opponents: readonly Kept<{ readonly name: string }>[]): string {
  const name = opponents.find((o) => o.id === game.opponent)?.body.name ?? game.name ?? 'Game';
  return game.scrimmage ? name : `${name}, ${game.home ? 'home' : 'away'}`;
}

/** How every play of a game's call sheet, or every line of one that is taught line by line, stands for it. */
export function readiness({ team, day }: Pick<Install, 'team' | 'day'>, game: Game): PlayReady[] {
  const practices = team.practices.map((p) => p.body);
  const played = playedOf(team, day);
  const wants = unitsWanted(game, team);
  const weight = new Map<string, number>();
  for (const w of wants) weight.set(w.unit.play, (weight.get(w.unit.play) ?? 0) + w.weight);
  const all = wants.map((want) => {
    const play = team.plays.get(want.unit.play)!;
    const done = doneWith(play, want.unit.leaf, practices, played);
    return readyFor(want, play, game, done, practices, day, limitsOf(team.season));
  });
  // Lines of a play stand where the play would.
  const by = (r: PlayReady): number => urgency(r, weight.get(r.unit.play)!);
  return all.sort((a, b) => by(b) - by(a) || (a.name < b.name ? -1 : a.name > b.name ? 1 : 0));
}
/** What is wanted most and lacks most comes first; that something was not done lately comes last. */
const urgency = (r: PlayReady, weight: number): number =>
  weight * 10 + (r.short[0] ? URGENT.indexOf(r.short[0].is) : 0) - (r.short[0]?.is === 'fresh' ? 40 : 0);
const URGENT: readonly string[] = ['fresh', 'clean', 'live', 'review', 'introduce'];

/** What stands on a day of the band. */
export interface BandDay {
  readonly day: string;
  readonly practices: readonly Kept<Practice>[];
  readonly games: readonly Kept<Game>[];
}
/** The seven days of a week from its Monday. */
export const weekOf = (team: InstallTeam, monday: string): BandDay[] =>
  Array.from({ length: 7 }, (_, i) => {
    const day = addDays(monday, i);
    return {
      day,
      practices: team.practices.filter((p) => p.body.date === day),
      games: team.games.filter((g) => g.body.date === day),
    };
  });
