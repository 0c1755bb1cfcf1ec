import { dayNumber } from '../calendar/day.ts';
import { inOrder, limitsOf, type Team } from './course.ts';
import { wantsOf } from './done.ts';
import { DUE, FRESH } from './plan/problem.ts';
import { isOfUnit, oneLine } from './units.ts';
import { isContact, type Block, type Practice } from './season.ts';

/** Why a block of the plan stands where it does. */
export type Reason =
  | { readonly is: 'in'; readonly game: string; readonly days: number; readonly weight: number }
  | { readonly is: 'secondDay'; readonly since: number }
  | { readonly is: 'due'; readonly touch: number; readonly since: number }
  | { readonly is: 'fresh'; readonly game: string; readonly days: number }
  | { readonly is: 'live'; readonly game: string; readonly minutes: number; readonly of: number }
  | { readonly is: 'drill' };

/** Why a block is there: the game it is for, the day it was due, the minutes it gives. Null where no game asks for it. */
export function reasonOf(
  block: Block,
  practice: Pick<Practice, 'date' | 'start'>,
  team: Team,
  gameName: (id: string) => string,
): Reason | null {
  const { item } = block;
  if (item.is === 'other') return null;
  if (item.is === 'drill') return { is: 'drill' };
  const game = inOrder(team.games).find(
    (g) => g.body.date > practice.date && wantsOf(g.body, team.sheets).some((w) => w.play === item.play),
  );
  if (!game) return null;
  const leaf = oneLine(block);
  const play = team.plays.get(item.play);
  const weight = wantsOf(game.body, team.sheets).find((w) => w.play === item.play)!.weight;
  const name = gameName(game.id);
  const days = dayNumber(game.body.date) - dayNumber(practice.date);
  // Blocks of the play before this one, or of the line it is about, in the order of their days.
  const before = inOrder(team.practices).flatMap((p, at) =>
    p.body.missed ||
    p.body.date > practice.date ||
    (p.body.date === practice.date && p.body.start > practice.start)
      ? []
      : p.body.blocks.flatMap((b) =>
          b.id !== block.id && isOfUnit(b, { play: item.play, leaf }, play)
            ? [{ b, date: p.body.date, at }]
            : [],
        ),
  );
  if (isContact(block)) {
    const had = before.reduce((n, x) => n + (isContact(x.b) ? (x.b.done?.minutes ?? x.b.minutes) : 0), 0);
    const of = limitsOf(team.season).liveMinutes;
    if (had < of) return { is: 'live', game: name, minutes: Math.min(of, had + block.minutes), of };
  }
  const first = before[0];
  if (!first || first.date === practice.date) return { is: 'in', game: name, days, weight };
  const since = dayNumber(practice.date) - dayNumber(first.date);
  if (before.every((x) => x.date === first.date)) return { is: 'secondDay', since };
  const last = before.at(-1)!.date;
  if (dayNumber(game.body.date) - dayNumber(last) > FRESH)
    return { is: 'fresh', game: name, days: dayNumber(game.body.date) - dayNumber(last) };
  return { is: 'due', touch: Math.min(before.length, DUE.length), since };
}
