import { z } from 'zod';

/** A day as "2026-12-04" (ISO 8601); days compare as texts do. */
export const DaySchema = z.string().regex(/^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/);

/** A day as "2026-12-04" in days since 1970-01-01: days are counted without clocks or zones. */
export function dayNumber(day: string): number {
  const [y, m, d] = day.split('-').map(Number);
  return Math.round(Date.UTC(y!, m! - 1, d!) / DAY);
}
/** The day of a number. */
export const dayOf = (n: number): string => new Date(n * DAY).toISOString().slice(0, 10);
/** The day so many days later. */
export const addDays = (day: string, by: number): string => dayOf(dayNumber(day) + by);
/** 0 Monday to 6 Sunday; weeks begin on Monday (ISO 8601). */
export const weekdayOf = (day: string): number => (((dayNumber(day) + 3) % 7) + 7) % 7;
/** The Monday of a day's week. */
export const mondayOf = (day: string): string => addDays(day, -weekdayOf(day));
const DAY = 86_400_000;

/** "18:30" in minutes after midnight. */
export function minuteOf(clock: string): number {
  const [h, m] = clock.split(':').map(Number);
  return h! * 60 + m!;
}
export const clockOf = (minute: number): string => {
  const m = ((Math.round(minute) % 1440) + 1440) % 1440;
  return `${String(Math.floor(m / 60)).padStart(2, '0')}:${String(m % 60).padStart(2, '0')}`;
};
