import type { Block, Game, InstallTeam, Kept, Practice, Season } from '@corkscrew/core';
import { describe, expect, it } from 'vitest';
import { contactWords, meetsWords } from './contact.ts';

const block = (stage: Block['stage'], minutes: number, more: Partial<Block> = {}): Block => ({
  ...{ id: `${stage}${minutes}`, item: { is: 'other', name: '5 on 5' }, stage, minutes },
  ...more,
});
const practice = (id: string, date: string, start: string, ...blocks: Block[]): Kept<Practice> => ({
  id,
  body: { date, start, minutes: 90, absent: [], blocks },
});
const season = (more: Partial<Season> = {}): Season => ({
  ...{ name: 'Season', from: '2026-11-01', to: '2027-03-01', timeZone: 'Europe/Berlin' },
  ...{ weekly: [], expectations: [] },
  ...more,
});
const team = (practices: Kept<Practice>[], more: Partial<InstallTeam> = {}): InstallTeam => ({
  ...{ season: season(), practices, games: [], sheets: [], plays: new Map(), men: [], clearances: [] },
  ...more,
});

describe('minutes of contact', () => {
  const monday = practice('a', '2026-11-30', '18:00', block('walk', 10), block('live', 20));
  const evening = practice('b', '2026-11-30', '20:30', block('situation', 15));
  const sunday = practice('c', '2026-12-06', '18:00', block('live', 30));
  const next = practice('d', '2026-12-07', '18:00', block('live', 40));
  const all = [monday, evening, sunday, next];

  it('are live work and situations, of both practices of a day and of the week from Monday to Sunday', () => {
    expect(contactWords(team(all), monday.body)).toBe('Contact: 35 min that day, 65 min that week.');
    expect(contactWords(team(all), sunday.body)).toBe('Contact: 30 min that day, 65 min that week.');
    expect(contactWords(team(all), next.body)).toBe('Contact: 40 min that day, 40 min that week.');
  });
  it('are what they were once they were done, and nothing where the practice was missed', () => {
    const done = practice(
      'a',
      '2026-11-30',
      '18:00',
      block('live', 20, { done: { minutes: 12, went: 'well' } }),
    );
    expect(contactWords(team([done]), done.body)).toContain('12 min that day');
    const missed = { ...evening, body: { ...evening.body, missed: true } };
    expect(contactWords(team([monday, missed]), monday.body)).toContain('20 min that day');
  });
  it('stand beside the limits the team set, and say by how much they are more', () => {
    const limits = { season: season({ contactDay: 30, contactWeek: 90 }) };
    expect(contactWords(team(all, limits), monday.body)).toBe(
      'Contact: 35 min, 5 more than the 30 you allow that day, 65 of 90 min that week.',
    );
  });
});

describe('what meets at one hour', () => {
  const held = practice('a', '2026-12-01', '18:00');
  const game: Kept<Game> = { id: 'g', body: { date: '2026-12-03', start: '19:00', home: true } };
  const t = team([held], { games: [game] });
  const at = (date: string, start: string, minutes?: number, id = 'new') =>
    meetsWords(t, { id, date, start, ...(minutes === undefined ? {} : { minutes }) });

  it('is told, whichever of them begins first', () => {
    expect(at('2026-12-01', '19:00', 60)).toBe('At that hour there is a practice as well, from 18:00 on.');
    expect(at('2026-12-01', '17:00', 61)).toContain('a practice');
    expect(at('2026-12-03', '20:30', 90)).toContain('a game');
    expect(at('2026-12-03', '17:30')).toContain('a game');
  });
  it('one that ends when the other begins does not meet it, nor one on another day, nor itself, nor a missed one', () => {
    expect(at('2026-12-01', '17:00', 60)).toBe('');
    expect(at('2026-12-01', '19:30', 60)).toBe('');
    expect(at('2026-12-02', '18:00', 90)).toBe('');
    expect(at('2026-12-01', '18:00', 90, 'a')).toBe('');
    const missed = team([{ ...held, body: { ...held.body, missed: true } }]);
    expect(meetsWords(missed, { id: 'new', date: '2026-12-01', start: '18:00', minutes: 90 })).toBe('');
  });
});
