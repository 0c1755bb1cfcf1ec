import {
  BLOCK_SHORT,
  instantOf,
  type Game,
  type Kept,
  type Opponent,
  type Practice,
  type Season,
} from '@corkscrew/core';
import ical, { ICalCalendarMethod } from 'ical-generator';

const MINUTE = 60_000;
/** How long a game stands in a calendar (minutes). */
const GAME = 120;

/** What of a team's season goes into a calendar. */
export interface Dates {
  readonly team: string;
  readonly season: Season | null;
  readonly practices: readonly Kept<Practice>[];
  readonly games: readonly Kept<Game>[];
  readonly opponents: readonly Kept<Opponent>[];
}

/** Practices and games as a calendar file (RFC 5545), each at the instant it is, wherever it is read. */
export function calendarOf({ team, season, practices, games, opponents }: Dates, made: Date): string {
  const zone = season?.timeZone ?? 'UTC';
  const calendar = ical({
    name: team,
    method: ICalCalendarMethod.PUBLISH,
    prodId: { company: 'Corkscrew', product: 'Season' },
  });
  const at = (date: string, clock: string, minutes: number) => {
    const start = instantOf(date, clock, zone);
    return { start: new Date(start), end: new Date(start + minutes * MINUTE), stamp: made };
  };
  for (const { id, body } of practices) {
    if (body.missed) continue;
    calendar.createEvent({
      ...at(body.date, body.start, body.minutes),
      ...(body.place ? { location: body.place } : {}),
      id: `${id}@corkscrew`,
      summary: 'Practice',
      description: body.blocks
        .map(
          (b) =>
            `${b.minutes} min ${b.item.name}${b.item.is === 'other' ? '' : `, ${BLOCK_SHORT[b.stage].toLowerCase()}`}`,
        )
        .join('\n'),
    });
  }
  for (const { id, body } of games) {
    const who = opponents.find((o) => o.id === body.opponent)?.body.name ?? body.name ?? 'Game';
    calendar.createEvent({
      ...at(body.date, body.start, GAME),
      ...(body.place ? { location: body.place } : {}),
      id: `${id}@corkscrew`,
      summary: body.scrimmage ? who : `${who}, ${body.home ? 'home' : 'away'}`,
    });
  }
  return calendar.toString();
}
