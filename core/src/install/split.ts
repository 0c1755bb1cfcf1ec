import type { Play } from '../play/document.ts';
import { noveltyOf } from './concepts.ts';
import { knownTo, type Team } from './course.ts';
import type { Ready } from './ready.ts';
import { playMinutesOf } from './season.ts';
import { hasLines } from './units.ts';

/** A play that comes in as a whole and is too long for that: what it takes, and the most any practice before the game has. */
export interface TooLong {
  readonly minutes: number;
  readonly most: number;
}

/** Whether a play can't be brought in at once before a game, but could be line by line; null where it can, or has one line. */
export function tooLongAtOnce(
  ready: Ready,
  play: Play,
  team: Pick<Team, 'plays' | 'practices'>,
  game: { readonly date: string },
  today: string,
): TooLong | null {
  if (ready.unit.leaf !== null || ready.short[0]?.is !== 'introduce' || !hasLines(play)) return null;
  const all = team.practices.map((p) => p.body);
  const coming = all.filter((p) => !p.missed && p.date >= today && p.date < game.date);
  const most = Math.max(0, ...coming.map(playMinutesOf));
  const minutes = Math.ceil(noveltyOf(play, knownTo(team, all, today)).minutes);
  return coming.length > 0 && minutes > most ? { minutes, most } : null;
}
