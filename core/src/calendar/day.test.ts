import { describe, expect, it } from 'vitest';
import { addDays, clockOf, dayNumber, dayOf, minuteOf, mondayOf, weekdayOf } from './day.ts';

describe('days without clocks', () => {
  it('counts over months, leap days and years', () => {
    expect(addDays('2028-02-28', 1)).toBe('2028-02-29');
    expect(addDays('2026-12-31', 1)).toBe('2027-01-01');
    expect(dayNumber('2026-03-30') - dayNumber('2026-03-28')).toBe(2);
    expect(dayOf(dayNumber('2024-02-29'))).toBe('2024-02-29');
  });
  it('a clock put forward or back in the night makes no day longer', () => {
    // The last Sundays of March and October 2026, and the second Sunday of March.
    for (const night of ['2026-03-29', '2026-10-25', '2026-03-08']) {
      expect(addDays(night, 1) > night).toBe(true);
      expect(dayNumber(addDays(night, 1)) - dayNumber(addDays(night, -1))).toBe(2);
    }
  });
  it('weeks begin on Monday (ISO 8601)', () => {
    expect(weekdayOf('2026-11-30')).toBe(0);
    expect(weekdayOf('2026-11-29')).toBe(6);
    expect(weekdayOf('1969-12-31')).toBe(2);
    expect(mondayOf('2026-11-29')).toBe('2026-11-23');
    expect(mondayOf('2026-11-23')).toBe('2026-11-23');
  });
  it('clock times are minutes after midnight', () => {
    expect(minuteOf('18:30')).toBe(1110);
    expect(clockOf(1110 + 75)).toBe('19:45');
    expect(clockOf(1440 + 5)).toBe('00:05');
  });
});
