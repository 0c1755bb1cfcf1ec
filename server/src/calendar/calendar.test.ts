import { instantOf, type Game, type Practice } from '@corkscrew/core';
import { tz } from '@date-fns/tz';
import ICAL from 'ical.js';
import { describe, expect, it } from 'vitest';
import { testApp } from '../app.test-data.ts';
import { calendarOf, type Dates } from './calendar.ts';

const practice: Practice = {
  ...{ date: '2026-11-02', start: '18:00', minutes: 90, place: 'Gym; north, door 2', absent: [] },
  blocks: [{ id: 'b1', item: { is: 'other', name: 'Warm-up\nand "more"' }, stage: 'guided', minutes: 12 }],
};
const game: Game = { date: '2026-03-08', start: '19:00', home: false, name: 'Gorsedale, B' };
const dates = (timeZone: string): Dates => ({
  team: 'Harrow Point',
  season: { name: 'S', from: '2026-01-01', to: '2026-12-31', timeZone, weekly: [], expectations: [] },
  practices: [
    { id: 'p1', body: practice },
    { id: 'p2', body: { ...practice, missed: true } },
  ],
  games: [{ id: 'g1', body: game }],
  opponents: [],
});
const events = (text: string) =>
  new ICAL.Component(ICAL.parse(text) as unknown[] as never)
    .getAllSubcomponents('vevent')
    .map((e) => new ICAL.Event(e));

describe('a calendar file, read by a parser that did not write it', () => {
  it('has every practice that takes place and every game, with their words as they are', () => {
    const [p, g, ...more] = events(calendarOf(dates('America/New_York'), new Date(0)));
    expect(more).toEqual([]);
    expect([p!.summary, p!.location, p!.uid]).toEqual(['Practice', 'Gym; north, door 2', 'p1@corkscrew']);
    expect(p!.description).toBe('12 min Warm-up\nand "more"');
    expect(g!.summary).toBe('Gorsedale, B, away');
    expect(p!.duration.toSeconds()).toBe(90 * 60);
  });
  it('stands at the instant it is there, before and after the clocks change', () => {
    const [p, g] = events(calendarOf(dates('America/New_York'), new Date(0)));
    expect(p!.startDate.toJSDate().toISOString()).toBe('2026-11-02T23:00:00.000Z');
    // The day the clocks went forward there.
    expect(g!.startDate.toJSDate().toISOString()).toBe('2026-03-08T23:00:00.000Z');
  });
});

describe('instants of a zone, against a date library', () => {
  const days = [
    '2026-01-15',
    '2026-03-07',
    '2026-03-08',
    '2026-03-29',
    '2026-10-25',
    '2026-11-01',
    '2026-11-02',
  ];
  const clocks = ['00:30', '06:00', '18:00', '23:30'];
  it.each(['America/New_York', 'Europe/London', 'Europe/Berlin', 'Australia/Sydney', 'Asia/Kolkata', 'UTC'])(
    '%s',
    (zone) => {
      for (const day of days)
        for (const clock of clocks) {
          const [y, m, d] = day.split('-').map(Number);
          const [h, min] = clock.split(':').map(Number);
          const theirs = tz(zone)(0);
          theirs.setFullYear(y!, m! - 1, d!);
          theirs.setHours(h!, min!, 0, 0);
          expect(new Date(instantOf(day, clock, zone)).toISOString(), `${day} ${clock}`).toBe(
            new Date(theirs.getTime()).toISOString(),
          );
        }
    },
  );
  it('an hour that is left out comes after, one that is there twice is the first', () => {
    expect(new Date(instantOf('2026-03-08', '02:30', 'America/New_York')).toISOString()).toBe(
      '2026-03-08T07:30:00.000Z',
    );
    expect(new Date(instantOf('2026-11-01', '01:30', 'America/New_York')).toISOString()).toBe(
      '2026-11-01T05:30:00.000Z',
    );
    expect(() => instantOf('2026-03-08', '02:30', 'Nowhere/Town')).toThrow(RangeError);
  });
});

describe('over the server', () => {
  const { request, send } = testApp();
  it('is the team’s own, as a file', async () => {
    await send('PUT', '/api/practices/cal-1', { revision: 0, sitting: 'cal', body: practice });
    const r = await request('/api/calendar');
    expect(r.headers.get('Content-Type')).toContain('text/calendar');
    expect(events(await r.text()).map((e) => e.uid)).toContain('cal-1@corkscrew');
  });
});
