import { addDays, isContact, minuteOf, mondayOf, type InstallTeam, type Practice } from '@corkscrew/core';

/** Contact minutes of a practice, planned or as they were. */
const contactIn = (p: Practice): number =>
  p.missed ? 0 : p.blocks.reduce((n, b) => n + (isContact(b) ? (b.done?.minutes ?? b.minutes) : 0), 0);

/** Contact minutes of a day and its week beside the team's own limits: counted, no more. */
export function contactWords({ practices, season }: InstallTeam, practice: Practice): string {
  const monday = mondayOf(practice.date);
  const next = addDays(monday, 7);
  const sum = (of: (p: Practice) => boolean): number =>
    practices.reduce((n, p) => n + (of(p.body) ? contactIn(p.body) : 0), 0);
  const day = sum((p) => p.date === practice.date);
  const week = sum((p) => p.date >= monday && p.date < next);
  const beside = (n: number, most: number | undefined): string =>
    most === undefined
      ? `${n} min`
      : n > most
        ? `${n} min, ${n - most} more than the ${most} you allow`
        : `${n} of ${most} min`;
  return `Contact: ${beside(day, season?.contactDay)} that day, ${beside(week, season?.contactWeek)} that week.`;
}

/** How long a game is taken to be, for what meets it (minutes). */
const GAME = 120;

/** What else stands at the same hour of a day; empty where nothing does. */
export function meetsWords(
  { practices, games }: InstallTeam,
  one: { readonly id: string; readonly date: string; readonly start: string; readonly minutes?: number },
): string {
  const until = (start: string, minutes = GAME): number => minuteOf(start) + minutes;
  const others = [
    ...practices.flatMap((p) => (p.body.missed ? [] : [{ id: p.id, what: 'a practice', ...p.body }])),
    ...games.map((g) => ({ id: g.id, what: 'a game', minutes: GAME, ...g.body })),
  ];
  const met = others.find(
    (o) =>
      o.id !== one.id &&
      o.date === one.date &&
      minuteOf(o.start) < until(one.start, one.minutes) &&
      minuteOf(one.start) < until(o.start, o.minutes),
  );
  return met ? `At that hour there is ${met.what} as well, from ${met.start} on.` : '';
}
