import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Play } from '../play/document.ts';
import { movesOf, wholeMinutes, withPlan } from './apply.ts';
import { courseOf } from './course.ts';
import { nearPlan } from './plan/near.ts';
import { quickPlan } from './plan/search.ts';
import { minutesGiven, playMinutesGiven, playMinutesOf, roomForPlays, type Block } from './season.ts';
import { block, game, other, pass, playOf, practice, sheet, team } from './season.test-data.ts';

const sum = (all: readonly number[]): number => all.reduce((n, m) => n + m, 0);

describe('minutes as whole ones', () => {
  it('are all together no longer than the next whole minute, none is nothing, each is near what it was', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 2, max: 40 }), { maxLength: 9 }), (halves) => {
        const minutes = halves.map((h) => h / 2);
        const whole = wholeMinutes(minutes);
        expect(sum(whole)).toBe(Math.ceil(sum(minutes)));
        whole.forEach((w, i) => {
          expect(Number.isInteger(w)).toBe(true);
          expect(Math.abs(w - minutes[i]!)).toBeLessThan(1);
        });
      }),
    );
  });
  it('two and a half and four and a half are seven, not eight; what is less than a minute is one', () => {
    expect(wholeMinutes([2.5, 4.5])).toEqual([3, 4]);
    expect(wholeMinutes([5, 3, 8])).toEqual([5, 3, 8]);
    expect(wholeMinutes([0.5])).toEqual([1]);
    expect(wholeMinutes([])).toEqual([]);
  });
});

describe('what a practice has for plays', () => {
  const of = (playMinutes: number | undefined, ...blocks: Block[]) =>
    roomForPlays({
      ...practice('p', '2026-12-01', blocks).body,
      ...(playMinutes === undefined ? {} : { playMinutes }),
    });
  it('is its share, a third where nothing is said, and never more than what is no play leaves', () => {
    expect(of(undefined)).toBe(30);
    expect(of(50)).toBe(50);
    expect(of(50, other('w', 'Warm-up', 12), other('g', '5 on 5', 40))).toBe(38);
    expect(of(undefined, other('g', 'Scrimmage', 90))).toBe(0);
    expect(of(undefined, other('g', 'Scrimmage', 110))).toBe(0);
    // What is a play already takes nothing from it.
    expect(of(50, other('w', 'Warm-up', 12), block('x', 'a', 'live', 45))).toBe(50);
  });
});

const TODAY = '2026-11-30';
const days = [
  '2026-11-30',
  '2026-12-01',
  '2026-12-03',
  '2026-12-07',
  '2026-12-08',
  '2026-12-10',
  '2026-12-12',
];
const SAY = { drill: (k: string) => k, line: (_: Play, leaf: string) => leaf };
const NUMBERS = ['1', '2', '3', '4', '5'] as const;
/** A play of some passes with some answers, by a row of figures. */
const playBy = (id: string, figures: readonly number[]): Play => {
  const chain = (from: number, n: number) => {
    const rows = [];
    let at = from;
    for (let i = 0; i < n; i++) {
      const to = (at + 1 + ((figures[i % figures.length]! + i) % 4)) % 5;
      rows.push(pass(NUMBERS[at]!, NUMBERS[to]!));
      at = to;
    }
    return { rows, at };
  };
  const { rows, at } = chain(0, 1 + (figures[0]! % 3));
  const reads = ['switch', 'deny', 'trail'] as const;
  return playOf(
    id,
    rows.map((r) => [r]),
    reads.slice(0, figures[1]! % 4).map((does, k) => ({
      read: does === 'deny' ? { does, who: ['x2'] } : { does },
      actions: [pass(NUMBERS[at]!, NUMBERS[(at + 1 + k) % 5]!)],
    })),
  );
};

describe('practices after a plan', () => {
  it('none is longer than it may be, none has more for plays than it has; what a coach put stands as it was', () => {
    const plays = fc.array(fc.array(fc.nat(9), { minLength: 3, maxLength: 4 }), {
      minLength: 1,
      maxLength: 4,
    });
    const put = fc.array(fc.tuple(fc.nat(days.length - 1), fc.nat(3), fc.integer({ min: 4, max: 16 })), {
      maxLength: 5,
    });
    const others = fc.array(fc.integer({ min: 5, max: 85 }), {
      minLength: days.length,
      maxLength: days.length,
    });
    let n = 0;
    let planned = 0;
    fc.assert(
      fc.property(plays, others, fc.array(fc.nat(3)), put, (figures, taken, lined, mine) => {
        const all = figures.map((f, i) => playBy(`play${i}`, f));
        const season = {
          ...team({}).season!,
          lineByLine: lined.flatMap((i) => (all[i] ? [all[i].id] : [])),
        };
        const practices = days.map((d, i) =>
          practice(`p${i}`, d, [
            other(`o${i}`, 'Shell', taken[i]!),
            // What the coach put in himself stays, however long it is and wherever it stands.
            ...mine.flatMap(([at, of, minutes], k) =>
              at === i && all[of] ? [block(`m${k}`, all[of].id, k % 2 ? 'guided' : 'walk', minutes)] : [],
            ),
          ]),
        );
        const t = team({
          ...{ season, practices, plays: new Map(all.map((p) => [p.id, p])) },
          ...{ sheets: [sheet('s', 2, ...all.map((p) => p.id))], games: [game('g', '2026-12-14', 's')] },
        });
        const course = courseOf(t, TODAY);
        const { plan } = quickPlan(course.problem, (k) => k < 30, course.held);
        const after = withPlan(course, plan, practices, t.plays, { ...SAY, fresh: () => `n${n++}` });
        for (const { id, body } of after) {
          const before = practices.find((p) => p.id === id)!.body;
          expect(minutesGiven(body)).toBeLessThanOrEqual(Math.max(body.minutes, minutesGiven(before)));
          expect(playMinutesGiven(body)).toBeLessThanOrEqual(
            Math.max(playMinutesOf(body), playMinutesGiven(before)),
          );
          expect(body.blocks.filter((b) => !b.planned)).toEqual(before.blocks);
        }
        // A line is told by its play and its words, and every block that came is told once.
        const made = after.flatMap((p) => p.body.blocks.filter((b) => b.planned));
        expect(movesOf(practices, after)).toHaveLength(made.length);
        planned += made.length;
      }),
      { numRuns: 80 },
    );
    expect(planned).toBeGreaterThan(40);
  });
});

describe('practices after a plan was mended', () => {
  it('of a play whose walk was missed the later blocks stay: the next one brings it in', () => {
    const play = playBy('play0', [1, 2, 3]);
    const planned = { planned: true };
    const at = (i: number, ...blocks: Block[]) =>
      practice(`p${i}`, days[i]!, [
        other(`o${i}`, 'Shell', 87 - blocks.reduce((n, b) => n + b.minutes, 0)),
        ...blocks,
      ]);
    const practices = [
      practice('p0', days[0]!, [block('walk', 'play0', 'walk', 12, planned)], { missed: true }),
      at(1, block('guided', 'play0', 'guided', 3, planned)),
      at(2),
      at(3, block('both', 'play0', 'guided', 4, planned), block('live', 'play0', 'live', 8, planned)),
    ];
    const t = team({
      ...{ practices, plays: new Map([['play0', play]]) },
      ...{ sheets: [sheet('s', 2, 'play0')], games: [game('g', '2026-12-14', 's')] },
    });
    const course = courseOf(t, TODAY);
    const near = nearPlan(course.problem, course.held, course.now, course.own);
    let step = near.next();
    while (!step.done) step = near.next();
    const after = withPlan(course, step.value, practices, t.plays, {
      ...{ ...SAY, fresh: () => 'new', keepsOwn: true },
    });
    // Three minutes are free in each practice, too few to walk it again.
    expect(movesOf(practices, after).filter((m) => m.is !== 'added')).toEqual([]);
    const all = practices.map((p) => after.find((x) => x.id === p.id) ?? p);
    for (const id of ['guided', 'both', 'live'])
      expect(
        all.some((p) => p.body.blocks.some((b) => b.id === id)),
        id,
      ).toBe(true);
  });
  it('none is longer than it was or may be; blocks that stay have the minutes they had', () => {
    let n = 0;
    let mended = 0;
    const plays = fc.array(fc.array(fc.nat(9), { minLength: 3, maxLength: 4 }), {
      minLength: 2,
      maxLength: 4,
    });
    // Planned blocks are as long as the coach made them, and one practice does not take place.
    const longer = fc.array(fc.integer({ min: -2, max: 6 }), { minLength: 40, maxLength: 40 });
    fc.assert(
      fc.property(plays, longer, fc.nat(days.length - 1), (figures, by, gone) => {
        const all = figures.map((f, i) => playBy(`play${i}`, f));
        const empty = days.map((d, i) => practice(`p${i}`, d, [other(`o${i}`, 'Shell', 40)]));
        const t = team({
          ...{ practices: empty, plays: new Map(all.map((p) => [p.id, p])) },
          ...{ sheets: [sheet('s', 2, ...all.map((p) => p.id))], games: [game('g', '2026-12-14', 's')] },
        });
        const first = courseOf(t, TODAY);
        const { plan } = quickPlan(first.problem, (k) => k < 20, first.held);
        const made = withPlan(first, plan, empty, t.plays, { ...SAY, fresh: () => `n${n++}` });
        let k = 0;
        const practices = empty.map((p, i) => {
          const { blocks } = (made.find((m) => m.id === p.id) ?? p).body;
          const own = blocks.map((b) =>
            b.planned ? { ...b, minutes: Math.max(1, b.minutes + by[k++ % by.length]!) } : b,
          );
          return { ...p, body: { ...p.body, blocks: own, ...(i === gone ? { missed: true } : {}) } };
        });
        const course = courseOf({ ...t, practices }, TODAY);
        const near = nearPlan(course.problem, course.held, course.now, course.own);
        let step = near.next();
        while (!step.done) step = near.next();
        const after = withPlan(course, step.value, practices, t.plays, {
          ...{ ...SAY, fresh: () => `n${n++}`, keepsOwn: true },
        });
        for (const { id, body } of after) {
          const before = practices.find((p) => p.id === id)!.body;
          expect(minutesGiven(body)).toBeLessThanOrEqual(Math.max(body.minutes, minutesGiven(before)));
          for (const b of body.blocks) {
            const was = before.blocks.find((x) => x.id === b.id);
            if (was) expect(b.minutes).toBe(was.minutes);
          }
        }
        mended += movesOf(practices, after).length;
      }),
      { numRuns: 40 },
    );
    expect(mended).toBeGreaterThan(20);
  });
});
