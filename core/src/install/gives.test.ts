import { describe, expect, it } from 'vitest';
import { givesWords, lettingWords } from '../language/install.ts';
import { courseOf } from './course.ts';
import { letGo, lettings } from './gives.ts';
import { givesOf, relaxed, type Relax } from './plan/gives.ts';
import { EMPTY } from './plan/problem.ts';
import { quickPlan } from './plan/search.ts';
import { everyPlan, randomSeason } from './plan/seasons.test-data.ts';
import { T1, T2 } from './plan/tiny.test-data.ts';
import { valueOf } from './plan/value.ts';
import { wrongIn } from './plan/wrong.ts';
import { block, game, other, pass, playOf, practice, sheet, team } from './season.test-data.ts';

const TODAY = '2026-11-30';
const MORE: readonly Relax[] = [
  { is: 'new', by: 1 },
  { is: 'minutes', practice: 0, by: 10 },
  { is: 'minutes', practice: 1, by: 10 },
  { is: 'minutes', practice: 2, by: 10 },
];

describe('one thing let go', () => {
  it('whatever could be done still can', () => {
    for (let seed = 1; seed <= 12; seed++) {
      const problem = randomSeason(seed, { practices: 8, options: 5 });
      const { plan } = quickPlan(problem, (n) => n < 10);
      for (const relax of MORE)
        expect(wrongIn(relaxed(problem, EMPTY, relax).problem, plan), `season ${seed}`).toEqual([]);
    }
  });

  it('gives in the tiny seasons what trying every plan says, and nothing is told that is not certain', () => {
    for (const problem of [T1, T2]) {
      const { best } = everyPlan(problem, (p) => valueOf(problem, p).value);
      const before = quickPlan(problem, (n) => n < 500).plan;
      expect(valueOf(problem, before).value).toBeCloseTo(best, 6);
      for (const [i, relax] of MORE.entries()) {
        const other = relaxed(problem, EMPTY, relax).problem;
        const most = everyPlan(other, (p) => valueOf(other, p).value).best;
        const after = quickPlan(other, (n) => n < 500).plan;
        const gives = givesOf(other, i, before, after, best);
        if (most > best + 0.5) {
          expect(gives!.sure).toBeCloseTo(most - best, 6);
          expect(gives!.ready.every((r) => r.to > r.from)).toBe(true);
        }
        if (most < best + 1e-6) expect(gives).toBeNull();
        // With a bound that is not reached nothing is certain.
        expect(givesOf(other, i, before, after, most + 1)).toBeNull();
      }
    }
  });

  it('a block that stands no longer stands', () => {
    const touch = { practice: 1, option: 0, is: 'in' } as const;
    const held = { touches: [touch, { ...touch, option: 1 }], drills: [] };
    const open = relaxed(T1, held, { is: 'unlock', practice: 1, option: 0 });
    expect(open.held.touches).toEqual([{ ...touch, option: 1 }]);
    expect(open.problem).toEqual(T1);
  });
});

describe('what a coach can let go', () => {
  const a = playOf('a', [[pass('1', '4')], [pass('4', '2')]]);
  const b = playOf('b', [[pass('1', '5')], [pass('5', '3')]]);
  const days = ['2026-11-30', '2026-12-02', '2026-12-04', '2026-12-07'];
  const tight = (more: Parameters<typeof team>[0] = {}) =>
    team({
      plays: new Map([a, b].map((p) => [p.id, p])),
      sheets: [sheet('s', 3, 'a', 'b')],
      games: [game('g', '2026-12-09', 's')],
      practices: days.map((d, i) =>
        practice(`p${i}`, d, [other(`w${i}`, 'Warm-up', 12), other(`f${i}`, '5 on 5', 60)], {
          playMinutes: 8,
          minutes: 80,
        }),
      ),
      ...more,
    });
  const found = (t: ReturnType<typeof team>) => {
    const course = courseOf(t, TODAY);
    const { plan } = quickPlan(course.problem, (n) => n < 50);
    return { course, all: lettings(course, plan, t.practices, t.plays, t.season !== null) };
  };

  it('minutes come from what is no play, never from the warm-up, and are there then', () => {
    const t = tight();
    const { course, all } = found(t);
    const one = all.find((l) => l.relax.is === 'minutes')!;
    expect(one.block!.name).toBe('5 on 5');
    const day = t.practices.findIndex((p) => p.id === one.practice);
    const { practices } = letGo(one, t.practices, t.season, 2);
    const now = practices[0]!.body;
    expect(now.blocks.map((x) => x.minutes)).toEqual([12, 50]);
    expect(now.playMinutes).toBe(18);
    const merged = { ...t, practices: t.practices.map((p) => (p.id === one.practice ? practices[0]! : p)) };
    expect(courseOf(merged, TODAY).problem).toEqual(relaxed(course.problem, EMPTY, one.relax).problem);
    expect(lettingWords(one, 2, () => 'Mon 30 Nov')).toBe('Take 10 min from 5 on 5 on Mon 30 Nov for plays');
    expect(day).toBeGreaterThanOrEqual(0);
  });

  it('one more new play a practice is a rule of the season; without one it is not offered', () => {
    const { all } = found(tight());
    const one = all.find((l) => l.relax.is === 'new')!;
    expect(letGo(one, [], tight().season, 2).season).toMatchObject({ newEach: 3 });
    expect(lettingWords(one, 2, () => '')).toBe('Let 3 new plays into one practice');
    expect(found(tight({ season: null })).all.some((l) => l.relax.is === 'new')).toBe(false);
  });

  it('a locked block is the plan’s again; one the coach put there without a lock is not touched', () => {
    const locked = block('x', 'a', 'walk', 8, { locked: true });
    const t = tight();
    const practices = t.practices.map((p, i) =>
      i === 1
        ? { ...p, body: { ...p.body, blocks: [...p.body.blocks, locked, block('y', 'b', 'walk', 6)] } }
        : p,
    );
    const { all } = found({ ...t, practices });
    const open = all.filter((l) => l.relax.is === 'unlock');
    expect(open.map((l) => l.block?.id)).toEqual(['x']);
    const now = letGo(open[0]!, practices, t.season, 2).practices[0]!.body.blocks.find((x) => x.id === 'x')!;
    expect(now).toMatchObject({ planned: true });
    expect(now.locked).toBeUndefined();
    expect(lettingWords(open[0]!, 2, () => 'Wed 2 Dec')).toBe('Unlock a on Wed 2 Dec');
  });

  it('a play locked twice in one practice is opened as a whole; beside a block of the coach’s own it is not offered', () => {
    const t = tight();
    const withBlocks = (...blocks: ReturnType<typeof block>[]) => ({
      ...t,
      practices: t.practices.map((p, i) =>
        i === 1 ? { ...p, body: { ...p.body, blocks: [...p.body.blocks, ...blocks] } } : p,
      ),
    });
    const twice = withBlocks(
      block('x', 'a', 'walk', 8, { locked: true }),
      block('y', 'a', 'live', 6, { locked: true }),
    );
    const [open, ...more] = found(twice).all.filter((l) => l.relax.is === 'unlock');
    expect(more).toEqual([]);
    const now = letGo(open!, twice.practices, t.season, 2).practices[0]!;
    expect(now.body.blocks.filter((b) => b.locked)).toEqual([]);
    // With that the plan is as free as it was told it would be.
    const after = { ...twice, practices: twice.practices.map((p) => (p.id === now.id ? now : p)) };
    const opened = courseOf(after, TODAY);
    expect(opened.held.touches).toEqual([]);
    const { course } = found(twice);
    expect(opened.problem).toEqual(relaxed(course.problem, course.held, open!.relax).problem);

    const beside = withBlocks(block('x', 'a', 'walk', 8, { locked: true }), block('y', 'a', 'live', 6));
    expect(found(beside).all.filter((l) => l.relax.is === 'unlock')).toEqual([]);
  });

  it('what comes of it is said with both shares', () => {
    const gives = { ready: [{ game: 0, option: 1, from: 0.2, to: 1 }] };
    expect(
      givesWords(
        gives,
        () => 'Quay 4',
        () => 'Gorsedale, away',
      ),
    ).toEqual(['Quay 4 is 100 % ready for Gorsedale, away then, not 20 %']);
  });
});
