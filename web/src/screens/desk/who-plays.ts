import {
  buildOf,
  playRoster,
  PLAYERS,
  type Build,
  type Clearance,
  type Fives,
  type Kept,
  type Lineup,
  type Opponent,
  type Play,
  type Player,
} from '@corkscrew/core';
import { useEffect, useMemo } from 'react';
import { usePreferences } from '../../app/preferences.ts';
import { today } from '../../app/today.ts';
import { useRecords } from '../../keeping/records.ts';
import { useDesk } from './store.ts';

/** The five who fit the play best, of those who are there today. */
export const BEST = 'best';

/** Our men by number, as they play: the best for the play, or a lineup's. */
export function oursFor(
  play: Play,
  chosen: string,
  men: readonly Kept<Player>[],
  clearances: readonly Kept<Clearance>[],
  lineups: readonly Kept<Lineup>[],
): (Build | null)[] | undefined {
  const named = (man: Kept<Player> | undefined): Build | null => (man ? buildOf(man.body) : null);
  if (chosen === BEST) {
    const { best } = playRoster(play, men, clearances, today());
    return best?.men.map((i) => named(men[i]));
  }
  const lineup = lineups.find((l) => l.id === chosen)?.body;
  return lineup && PLAYERS.map((n) => named(men.find((m) => m.id === lineup.men[n])));
}

export function theirsFor(opponent: Opponent | undefined): (Build | null)[] | undefined {
  const men = opponent?.men;
  return men && PLAYERS.map((n) => (men[n] ? { heightCm: men[n].heightCm, speed: men[n].speed ?? 1 } : null));
}

/** Puts the men who were chosen on the floor of the desk. One instance on the desk. */
export function useWhoPlays(): void {
  const play = useDesk((s) => s.play);
  const { ourFive, theirFive } = usePreferences();
  const men = useRecords('players').rows;
  const clearances = useRecords('clearances').rows;
  const lineups = useRecords('lineups').rows;
  const opponents = useRecords('opponents').rows;
  // The five is of all the play asks: an edit that asks the same puts the same five on.
  const fives = useMemo((): string | null => {
    const ours = ourFive ? oursFor(play, ourFive, men ?? [], clearances ?? [], lineups ?? []) : undefined;
    const theirs = theirsFor(opponents?.find((o) => o.id === theirFive)?.body);
    return ours || theirs ? JSON.stringify({ ours, theirs }) : null;
  }, [play, ourFive, theirFive, men, clearances, lineups, opponents]);
  useEffect(() => useDesk.setState({ fives: fives === null ? null : (JSON.parse(fives) as Fives) }), [fives]);
}

/** Who is on the floor, in a few words; null when nobody is named. */
export function useOnFloor(): string | null {
  const { ourFive, theirFive } = usePreferences();
  const fives = useDesk((s) => s.fives);
  const lineups = useRecords('lineups').rows;
  const opponents = useRecords('opponents').rows;
  if (!fives) return null;
  const ours = ourFive === BEST ? 'Best five' : lineups?.find((l) => l.id === ourFive)?.body.name;
  const theirs = opponents?.find((o) => o.id === theirFive)?.body.name;
  return [fives.ours && ours, fives.theirs && `v ${theirs}`].filter(Boolean).join(' ') || null;
}
