import { dayNumber, minuteOf } from './day.ts';

const DAY = 86_400_000;
const MINUTE = 60_000;

/** How far a zone's clocks are ahead of universal time at an instant (ms). */
function aheadAt(instant: number, timeZone: string): number {
  const parts = new Intl.DateTimeFormat('en-US', {
    timeZone,
    hourCycle: 'h23',
    year: 'numeric',
    month: 'numeric',
    day: 'numeric',
    hour: 'numeric',
    minute: 'numeric',
    second: 'numeric',
  }).formatToParts(instant);
  const of = (type: string): number => Number(parts.find((p) => p.type === type)!.value);
  const shown = Date.UTC(of('year'), of('month') - 1, of('day'), of('hour'), of('minute'), of('second'));
  return shown - Math.floor(instant / 1000) * 1000;
}

/**
 * The instant (ms since 1970 in universal time) a day and clock time of a zone ("America/New_York") stand for. An hour
 * that a clock put forward leaves out is taken as long after as it is left out; one that is there twice is the first.
 * Throws a RangeError for a zone nobody knows.
 */
export function instantOf(day: string, clock: string, timeZone: string): number {
  const plain = dayNumber(day) * DAY + minuteOf(clock) * MINUTE;
  const before = plain - aheadAt(plain - DAY, timeZone);
  const after = plain - aheadAt(plain + DAY, timeZone);
  const fits = [before, after].filter((t) => t + aheadAt(t, timeZone) === plain);
  return fits.length > 0 ? Math.min(...fits) : before;
}
