import { addDays, weekdayOf } from './day.ts';

/**
 * A file says days from today: "@4" is the day in four days, "@w1" the day of the week of tomorrow. So a season that is
 * put in today is in its middle today.
 */
export function fromToday(value: unknown, today: string): unknown {
  if (Array.isArray(value)) return value.map((v) => fromToday(v, today));
  if (typeof value === 'object' && value !== null)
    return Object.fromEntries(Object.entries(value).map(([k, v]) => [k, fromToday(v, today)]));
  const told = typeof value === 'string' ? /^@(w?)(-?\d+)$/.exec(value) : null;
  if (!told) return value;
  const day = addDays(today, Number(told[2]));
  return told[1] ? weekdayOf(day) : day;
}
