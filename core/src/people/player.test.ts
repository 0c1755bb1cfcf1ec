import { newPlay } from '../play/new-play.ts';
import { clearable, playRoster } from './roster.ts';
import { DaySchema } from '../calendar/day.ts';
import { describe, expect, it } from 'vitest';
import {
  asks,
  barsOf,
  ClearanceSchema,
  PlayerSchema,
  presenceOn,
  type Clearance,
  type Job,
  type Player,
} from './player.ts';

const man = (more: Partial<Player> = {}): Player => ({
  ...{ jersey: '33', name: 'Oxenbridge, Gil', plays: ['5'], hand: 'right', speed: 1 },
  ...{ skills: { screen: 4 }, cleared: [], out: [] },
  ...more,
});
const job = (more: Partial<Job> = {}): Job => ({
  ...{ play: 'tide', series: 'Tide', number: '5', duties: new Set(['screenBall']) },
  ...more,
});
const clearance = (covers: Clearance['covers']) => ({ id: 'c', body: { name: 'ball screens', covers } });
const TODAY = '2026-11-29';

describe('who is there', () => {
  it('by days, both ends counted; what is not over goes on', () => {
    const away = man({
      out: [
        { from: '2026-11-20', to: '2026-11-29', as: 'out' },
        { from: '2026-11-30', as: 'limited' },
      ],
    });
    expect(presenceOn(away, '2026-11-19')).toBe('in');
    expect(presenceOn(away, '2026-11-20')).toBe('out');
    expect(presenceOn(away, '2026-11-29')).toBe('out');
    expect(presenceOn(away, '2026-11-30')).toBe('limited');
    expect(presenceOn(away, '2030-01-01')).toBe('limited');
  });
  it('of two things for one day the worse holds', () => {
    const both = man({
      out: [
        { from: TODAY, as: 'limited' },
        { from: TODAY, as: 'out' },
      ],
    });
    expect(presenceOn(both, TODAY)).toBe('out');
  });
});

describe('what bars a man', () => {
  it('nothing, where the team asks nothing', () => {
    expect(barsOf(man(), job(), [], TODAY)).toEqual([]);
  });
  it('a clearance he has not got, has for practice only, or not yet', () => {
    const all = [clearance({ duties: ['screenBall'] })];
    const missing = { is: 'clearance', id: 'c', name: 'ball screens', practice: false };
    expect(barsOf(man(), job(), all, TODAY)).toEqual([missing]);
    const cleared = (level: 'game' | 'practice', since: string) =>
      man({ cleared: [{ clearance: 'c', level, since }] });
    expect(barsOf(cleared('game', TODAY), job(), all, TODAY)).toEqual([]);
    expect(barsOf(cleared('practice', TODAY), job(), all, TODAY)).toMatchObject([{ practice: true }]);
    expect(barsOf(cleared('practice', TODAY), job(), all, TODAY, 'practice')).toEqual([]);
    expect(barsOf(cleared('game', '2026-11-30'), job(), all, TODAY)).toHaveLength(1);
  });
  it('is asked only for what it names, and all it names must be so', () => {
    const { body } = clearance({ duties: ['seal', 'screenBall'], series: 'Tide', number: '5' });
    expect(asks(body, job())).toBe(true);
    expect(asks(body, job({ duties: new Set(['lob']) }))).toBe(false);
    expect(asks(body, job({ series: 'Quay' }))).toBe(false);
    expect(asks(body, job({ number: '4' }))).toBe(false);
    expect(asks(clearance({ play: 'tide' }).body, job({ duties: new Set() }))).toBe(true);
    // One that names nothing would bar everybody from everything.
    expect(asks(clearance({}).body, job())).toBe(false);
    expect(asks(clearance({ number: '5' }).body, job())).toBe(false);
  });
  it('of a turn bars nobody beforehand', () => {
    expect(barsOf(man(), job(), [clearance({ series: 'Tide', turn: 4 })], TODAY)).toEqual([]);
  });
  it('a number he does not play, and a day he is away', () => {
    const away = man({ plays: ['4'], out: [{ from: TODAY, as: 'limited' }] });
    expect(barsOf(away, job(), [], TODAY)).toEqual([{ is: 'limited' }, { is: 'number' }]);
  });
});

describe('what can be kept of a man', () => {
  it('figures within bounds, names of any script, no more', () => {
    for (const name of ['Ólafur', '山田', 'محمد', '<b>', 'O’Neill-Smith'])
      expect(PlayerSchema.safeParse(man({ name })).success, name).toBe(true);
    for (const bad of [
      man({ name: '' }),
      man({ speed: 2 }),
      man({ skills: { mid: 6 } }),
      man({ jersey: '1234' }),
      man({ heightCm: 20 }),
      man({ plays: ['6' as never] }),
      man({ out: [{ from: 'today', as: 'out' }] }),
    ])
      expect(PlayerSchema.safeParse(bad).success, JSON.stringify(bad)).toBe(false);
  });
  it('a day is one of the calendar, as machines write it (ISO 8601)', () => {
    for (const day of ['2026-02-28', '2026-12-31']) expect(DaySchema.safeParse(day).success).toBe(true);
    for (const day of ['2026-13-01', '2026-00-10', '2026-01-32', '26-1-1', '2026-1-1', '2026-01-01T00:00'])
      expect(DaySchema.safeParse(day).success, day).toBe(false);
  });
  it('nothing medical: what is not known is not kept', () => {
    const kept = PlayerSchema.parse({
      ...man(),
      diagnosis: 'x',
      out: [{ from: TODAY, as: 'out', why: 'knee' }],
    });
    expect(JSON.stringify(kept)).not.toMatch(/knee|diagnosis/);
    expect(ClearanceSchema.safeParse({ name: '', covers: {} }).success).toBe(false);
  });
});

describe('a number that nobody is cleared for', () => {
  const play = newPlay({
    ...{ id: 'p', name: 'P', court: 'nfhs', level: 'pro', alignment: 'horns', ball: '1' },
  });
  const rule = { id: 'c', body: { name: 'P', covers: { play: 'p', number: '5' } } } as const;
  const other = { id: 'd', body: { name: 'Q', covers: { play: 'p', number: '5' } } } as const;
  const five = (...more: Partial<Player>[]) =>
    more.map((m, i) => ({ id: `m${i}`, body: man({ plays: ['5'], ...m }) }));
  const cleared = (...ids: string[]) =>
    ids.map((clearance) => ({ clearance, level: 'game' as const, since: '2026-09-01' }));

  it('is nearest to who lacks least, and of those to who fits best', () => {
    const men = five({ plays: ['4'] }, {}, { cleared: cleared('d') }, { out: [{ from: TODAY, as: 'out' }] });
    const roster = playRoster(play, men, [rule, other], TODAY);
    expect(roster.nobody).toContain('5');
    expect(clearable(roster, 4)).toEqual({
      man: 2,
      missing: [{ is: 'clearance', id: 'c', name: 'P', practice: false }],
    });
  });
  it('to nobody where a clearance would not help', () => {
    const roster = playRoster(play, five({ plays: ['4'] }), [rule], TODAY);
    expect(clearable(roster, 4)).toBeNull();
  });
});
