import type { Play } from '../play/document.ts';
import { noveltyOf } from './concepts.ts';
import { knownTo, LEAST, LEAST_ANSWER, type Team } from './course.ts';
import type { Ready } from './ready.ts';
import { roomForPlays } from './season.ts';
import { hasLines, isAnswer, type Unit } from './units.ts';

/** Minutes it takes a team to bring a play, or a line of it, in on a day, from what it was taught until then. */
export function takesToBringIn(
  unit: Unit,
  play: Play,
  { plays, practices }: Pick<Team, 'plays' | 'practices'>,
  today: string,
): number {
  const known = knownTo(
    { plays },
    practices.map((p) => p.body),
    today,
  );
  const { minutes } = noveltyOf(play, known, unit.leaf === null ? undefined : [unit.leaf]);
  return Math.max(isAnswer(unit, play) ? LEAST_ANSWER : LEAST, Math.ceil(minutes));
}

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
  const coming = team.practices
    .map((p) => p.body)
    .filter((p) => !p.missed && p.date >= today && p.date < game.date);
  const most = Math.max(0, ...coming.map(roomForPlays));
  const minutes = takesToBringIn(ready.unit, play, team, today);
  return coming.length > 0 && minutes > most ? { minutes, most } : null;
}
