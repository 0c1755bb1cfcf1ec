import { describe, expect, it } from 'vitest';
import type { Play } from '../play/document.ts';
import type { Player } from '../people/player.ts';
import { movesOf, withPlan } from './apply.ts';
import { changeBlock, moveBlock } from './blocks.ts';
import { courseOf } from './course.ts';
import { doneWith, linesOf, wantsOf } from './done.ts';
import { drillsOf } from './drills.ts';
import { farOf } from './far.ts';
import { memoryLoad } from './load.ts';
import { mended, mendFor } from './mend.ts';
import { quickPlan } from './plan/search.ts';
import { wrongIn } from './plan/wrong.ts';
import { reasonWords } from '../language/install.ts';
import { readyFor } from './ready.ts';
import { reasonOf } from './reason.ts';
import { block, game, other, pass, playOf, practice, sheet, team } from './season.test-data.ts';
import { STAGE_LIMITS, type Went } from './stages.ts';

const TODAY = '2026-11-30';
const a = playOf('a', [[pass('1', '4')], [pass('4', '2')]]);
const b = playOf(
  'b',
  [[pass('1', '5')]],
  [
    { read: { does: 'deny', who: ['x2'] }, actions: [pass('5', '3')] },
    { read: { does: 'switch' }, actions: [pass('5', '2')] },
  ],
);
const plays = new Map([a, b].map((p) => [p.id, p]));
const done = (minutes: number, more: object = {}) => ({ minutes, went: 'well' as Went, ...more });
const base = {
  plays,
  sheets: [sheet('s', 3, 'a', 'b')],
  games: [game('g', '2026-12-11', 's')],
};
const days = ['2026-11-30', '2026-12-01', '2026-12-03', '2026-12-07', '2026-12-08', '2026-12-10'];
const empty = days.map((d, i) => practice(`p${i}`, d, [other(`w${i}`, 'Warm-up', 12)]));
let n = 0;
const SAY = { drill: (k: string) => k, line: (_: Play, leaf: string) => `line ${leaf}` };
const fresh = (): string => `new${n++}`;
const planned = (t: ReturnType<typeof team>, keep = false) => {
  const course = courseOf(t, TODAY, keep);
  const { plan } = quickPlan(course.problem, (k) => k < 200, course.held);
  expect(wrongIn(course.problem, plan)).toEqual([]);
  const after = withPlan(course, plan, t.practices, t.plays, { ...SAY, fresh });
  return { course, plan, after, all: t.practices.map((p) => after.find((x) => x.id === p.id) ?? p) };
};
const readyOf = (t: ReturnType<typeof team>, play: string) =>
  readyFor(
    { unit: { play, leaf: null }, name: play, weight: 3 },
    plays.get(play)!,
    { date: '2026-12-11' },
    doneWith(
      plays.get(play)!,
      null,
      t.practices.map((p) => p.body),
      [],
    ),
    t.practices.map((p) => p.body),
    TODAY,
    STAGE_LIMITS,
  );

describe('a plan of a team’s season', () => {
  it('brings both plays in, reviewed and live by the game; nothing new on the eve; never over the minutes', () => {
    const { all } = planned(team({ ...base, practices: empty }));
    const t = team({ ...base, practices: all });
    for (const play of ['a', 'b']) expect(readyOf(t, play).is, play).toBe('onPlan');
    const eve = all.at(-1)!.body.blocks;
    expect(eve.some((x) => x.stage === 'walk' || x.stage === 'breakdown')).toBe(false);
    for (const p of all) {
      const minutes = p.body.blocks.reduce((m, x) => m + (x.item.is === 'other' ? 0 : x.minutes), 0);
      expect(minutes).toBeLessThanOrEqual(30);
      expect(p.body.blocks[0]!.item.name).toBe('Warm-up');
    }
  });
  it('what was done need not be done again, and what a coach put in stays where it is', () => {
    const practices = [
      practice('past', '2026-11-26', [block('d1', 'a', 'walk', 10, { done: done(10) })]),
      ...empty.map((p, i) =>
        i === 2 ? practice('p2', days[2]!, [other('w2', 'Warm-up', 12), block('mine', 'b', 'walk', 11)]) : p,
      ),
    ];
    const { course, all } = planned(team({ ...base, practices }));
    expect(course.problem.options[course.units.findIndex((u) => u.play === 'a')]!.past).toMatchObject({
      introduced: -1,
      touches: 0,
    });
    const blocks = all.flatMap((p) => p.body.blocks.filter((x) => !x.done));
    expect(blocks.some((x) => x.item.is === 'play' && x.item.play === 'a' && x.stage === 'walk')).toBe(false);
    expect(all.find((p) => p.id === 'p2')!.body.blocks.find((x) => x.id === 'mine')).toMatchObject({
      minutes: 11,
    });
    expect(
      blocks.filter((x) => x.item.is === 'play' && x.item.play === 'b' && x.stage === 'walk'),
    ).toHaveLength(1);
  });
  it('after a missed practice only what was in it is found another place', () => {
    const first = planned(team({ ...base, practices: empty }));
    const hit = first.all.find((p) => p.body.blocks.some((x) => x.stage === 'live'))!;
    const missed = first.all.map((p) => (p.id === hit.id ? { ...p, body: { ...p.body, missed: true } } : p));
    const { all } = planned(team({ ...base, practices: missed }), true);
    const moves = movesOf(missed, all);
    expect(moves.length).toBeGreaterThan(0);
    expect(moves.every((m) => m.is === 'added')).toBe(true);
    for (const p of missed)
      if (p.id !== hit.id)
        for (const x of p.body.blocks) expect(all.find((y) => y.id === p.id)!.body.blocks).toContainEqual(x);
  });
  it('planned anew the blocks that stay are the blocks they were', () => {
    const first = planned(team({ ...base, practices: empty }));
    const second = planned(team({ ...base, practices: first.all }));
    expect(movesOf(first.all, second.all)).toEqual([]);
  });
  it('a play that is gone is asked of nobody; without games nothing is', () => {
    const gone = team({ ...base, plays: new Map([['a', a]]), practices: empty });
    expect(courseOf(gone, TODAY).units).toEqual([{ play: 'a', leaf: null }]);
    const none = courseOf(team({ ...base, games: [], practices: empty }), TODAY);
    expect(none.problem.practices).toEqual([]);
    expect(quickPlan(none.problem, () => false).plan.touches).toEqual([]);
  });
  it('a locked live block counts for as many minutes as it has', () => {
    const practices = empty.map((p, i) => ({
      ...p,
      body: {
        ...p.body,
        blocks: [
          ...p.body.blocks,
          ...(i === 0 ? [block('x', 'a', 'walk', 8, { locked: true })] : []),
          ...(i === 1 ? [block('y', 'a', 'live', 10, { locked: true })] : []),
        ],
      },
    }));
    const course = courseOf(team({ ...base, practices }), TODAY);
    const option = course.units.findIndex((u) => u.play === 'a');
    expect(course.problem.longer).toEqual([{ practice: 1, option, by: 5 }]);
    const { plan, all } = planned(team({ ...base, practices }));
    expect(plan.touches.some((x) => x.option === option && x.is === 'live')).toBe(false);
    expect(readyOf(team({ ...base, practices: all }), 'a').short).toEqual([]);
  });
  it('a lock that breaks a rule stays, and the rest is planned round it', () => {
    const practices = empty.map((p, i) =>
      i === 5
        ? practice('p5', days[5]!, [
            ...['x', 'y', 'z'].map((id) => block(id, id === 'z' ? 'b' : 'a', 'walk', 25, { locked: true })),
          ])
        : p,
    );
    const { all } = planned(team({ ...base, practices }));
    expect(all.at(-1)!.body.blocks.map((x) => x.id)).toEqual(expect.arrayContaining(['x', 'y', 'z']));
  });
  it('men who are away keep a play from being introduced; who is out until after the game is not waited for', () => {
    const man = (i: number, more: Partial<Player> = {}) => ({
      id: `m${i}`,
      body: {
        ...{ jersey: String(i), name: `M${i}`, plays: [(['1', '2', '3', '4', '5'] as const)[i % 5]!] },
        ...{ hand: 'right' as const, speed: 1, skills: {}, cleared: [], out: [], ...more },
      } satisfies Player,
    });
    const five = [0, 1, 2, 3, 4].map((i) => man(i));
    const absent = empty.map((p, i) => (i === 1 ? { ...p, body: { ...p.body, absent: ['m0'] } } : p));
    expect(
      courseOf(team({ ...base, practices: absent, men: five }), TODAY).problem.practices[1]!.barred,
    ).toEqual([0, 1]);
    const long = [man(0, { out: [{ from: '2026-11-01', as: 'out' }] }), man(5), ...five.slice(1)];
    expect(
      courseOf(team({ ...base, practices: empty, men: long }), TODAY).problem.practices[1]!.barred,
    ).toEqual([]);
  });
});

describe('readiness', () => {
  it('says what is missing, the first thing first', () => {
    const of = (...practices: ReturnType<typeof practice>[]) => readyOf(team({ ...base, practices }), 'a');
    expect(of().short[0]).toEqual({ is: 'introduce', by: 1 });
    expect(of(practice('p', days[0]!, [block('x', 'a', 'walk', 8)])).short.map((s) => s.is)).toEqual([
      'review',
      'live',
    ]);
    const most = of(
      practice('p', days[0]!, [block('x', 'a', 'walk', 8)]),
      practice('q', days[1]!, [block('y', 'a', 'live', 7)]),
    );
    expect(most.short).toEqual([{ is: 'live', by: 3 }]);
    expect(most.planned).toEqual({ introduce: 8, review: 0, live: 7 });
  });
  it('a mend takes minutes that are free, else from what is no play, and never on the eve for something new', () => {
    const full = days.map((d, i) =>
      practice(`p${i}`, d, [
        other(`w${i}`, 'Warm-up', 12),
        block(`b${i}`, 'b', 'live', 30),
        other(`o${i}`, '5 on 5', 48),
      ]),
    );
    const t = team({ ...base, practices: full });
    const mend = mendFor(readyOf(t, 'a'), a, 8, { date: '2026-12-11' }, t.practices, TODAY)!;
    expect(mend).toMatchObject({
      stage: 'walk',
      practice: 'p0',
      from: { block: 'o0', minutes: mend.minutes },
    });
    const after = mended(full[0]!.body, mend, 'new');
    expect(after.blocks.map((x) => [x.id, x.minutes])).toEqual([
      ['w0', 12],
      ['b0', 30],
      ['new', 8],
      ['o0', 40],
    ]);
    const free = mendFor(
      readyOf(team({ ...base, practices: empty }), 'a'),
      a,
      8,
      { date: '2026-12-11' },
      empty,
      TODAY,
    );
    expect(free).toMatchObject({ practice: 'p0', from: null });
    expect(mendFor(readyOf(team(base), 'a'), a, 8, { date: '2026-12-11' }, [], TODAY)).toBeNull();
  });
});

describe('why a block stands where it does', () => {
  const [p, q, r] = [days[0]!, days[1]!, days[3]!];
  const all = [
    practice('p', p, [block('in', 'a', 'walk', 8)]),
    practice('q', q, [block('again', 'a', 'guided', 3)]),
    practice('r', r, [
      block('due', 'a', 'guided', 3),
      block('live', 'a', 'live', 6),
      block('else', 'c', 'walk', 5),
    ]),
  ];
  const why = (id: string) => {
    const of = all.find((x) => x.body.blocks.some((b) => b.id === id))!;
    const t = team({ ...base, practices: all });
    return reasonOf(
      of.body.blocks.find((b) => b.id === id)!,
      of.body,
      t,
      () => 'Gorsedale',
    );
  };
  it('for its game, on its second day, due, or for its live minutes; what no game asks for has no reason', () => {
    expect(why('in')).toEqual({ is: 'in', game: 'Gorsedale', days: 11, weight: 3 });
    expect(why('again')).toEqual({ is: 'secondDay', since: 1 });
    expect(why('due')).toMatchObject({ is: 'due', since: 7 });
    expect(why('live')).toEqual({ is: 'live', game: 'Gorsedale', minutes: 6, of: 10 });
    expect(why('else')).toBeNull();
    expect(reasonWords(why('live')!)).toBe('Brings it to 6 min of 10 live before Gorsedale.');
    expect(reasonWords(why('again')!)).toBe('The second day with it, a day after it came in.');
  });
});

describe('blocks by hand', () => {
  const two = [
    practice('p', days[0]!, [
      other('w', 'Warm-up', 12),
      block('x', 'a', 'walk', 8, { planned: true }),
      other('e', 'End', 5),
    ]),
    practice('q', days[1]!, [other('v', 'Warm-up', 12)]),
  ];
  it('move within a practice and to another one, where they stay', () => {
    expect(moveBlock(two, 'x', 'p', 3)![0]!.body.blocks.map((k) => k.id)).toEqual(['w', 'e', 'x']);
    expect(moveBlock(two, 'x', 'p', 1)).toBeNull();
    const [from, to] = moveBlock(two, 'x', 'q', 9)!;
    expect(from!.body.blocks.map((k) => k.id)).toEqual(['w', 'e']);
    expect(to!.body.blocks.at(-1)).toMatchObject({ id: 'x', planned: false });
    expect(moveBlock(two, 'nobody', 'q', 0)).toBeNull();
  });
  it('what is changed the plan no longer moves; null takes it away', () => {
    expect(changeBlock(two[0]!.body, 'x', { minutes: 9 }).blocks[1]).toMatchObject({
      minutes: 9,
      planned: false,
    });
    expect(changeBlock(two[0]!.body, 'x', null).blocks).toHaveLength(2);
  });
});

describe('lines, wants, drills and load', () => {
  it('a line that was drawn further since is still the same line; one that is gone is no line', () => {
    const longer = { ...b, frames: [...b.frames, { id: 'e3', parent: 'e2', actions: [] }] };
    expect(linesOf(longer, ['e2'])).toEqual(['e3']);
    expect(linesOf(longer, ['gone'])).toEqual([]);
    expect(linesOf(b, undefined)).toEqual(['e1', 'e2']);
  });
  it('done with one line is done with that line only, a side only with that side', () => {
    const p = practice('p', '2026-11-26', [
      block('x', 'b', 'walk', 8, {
        done: done(8),
        side: 'flipped',
        item: { is: 'play', play: 'b', name: 'b', leaves: ['e2'] },
      }),
    ]).body;
    expect(doneWith(b, 'e2', [p], [])).toHaveLength(1);
    expect(doneWith(b, 'e1', [p], [])).toHaveLength(0);
    expect(doneWith(b, 'e2', [p], [], 'asDrawn')).toHaveLength(0);
    expect(
      doneWith(b, null, [p], [{ date: '2026-11-28', plays: new Set(['b']) }]).map((d) => d.stage),
    ).toEqual(['walk', 'game']);
  });
  it('the heaviest section a play stands in counts', () => {
    const s = sheet('s', 1, 'a');
    const heavy = sheet('s', 3, 'a').body.sections[0]!;
    expect(
      wantsOf({ sheet: 's' }, [{ id: 's', body: { ...s.body, sections: [...s.body.sections, heavy] } }]),
    ).toEqual([{ play: 'a', name: 'a', weight: 3 }]);
    expect(wantsOf({}, [s])).toEqual([]);
  });
  it('a drill a read, from before it can be seen, with who has something to do', () => {
    const withErrors = {
      ...b,
      errors: [
        { words: 'Goes early', frame: 'e1' },
        { words: 'Stands', frame: 'e2' },
      ],
    };
    const cards = drillsOf(withErrors);
    expect(cards.map((c) => [c.frame, c.read?.does, c.skipped, c.works.join('')])).toEqual([
      ['e1', 'deny', 0, '135'],
      ['e2', 'switch', 0, '125'],
    ]);
    expect(cards[0]!.errors.map((e) => e.words)).toEqual(['Goes early']);
    expect(drillsOf(b, ['e2'])).toHaveLength(1);
    expect(drillsOf(a).map((c) => [c.read, c.walks.length])).toEqual([[null, 2]]);
  });
  it('a number has to know the lines he does something on', () => {
    const load = memoryLoad([a, b], null, (p) => p.id === 'b');
    expect(load.map((l) => [l.number, l.plays, l.lines, l.fresh])).toEqual([
      ['1', 2, 3, 1],
      ['2', 2, 2, 1],
      ['3', 1, 1, 1],
      ['4', 1, 1, 0],
      ['5', 1, 2, 1],
    ]);
    // As a whole each play is one thing to know; line by line it is as many as he has lines.
    expect(load.map((l) => l.taught)).toEqual([2, 2, 1, 1, 1]);
    const byLine = memoryLoad([a, b], { lineByLine: ['b'] }, () => false);
    expect(byLine.map((l) => l.taught)).toEqual([3, 2, 1, 1, 2]);
  });
});

describe('how far a play is', () => {
  const of = (blocks: ReturnType<typeof block>[]) =>
    farOf(b, team({ ...base, practices: [practice('p', '2026-11-28', blocks)] }), TODAY);
  it('by line, and by side where a side was done alone', () => {
    const both = of([block('x', 'b', 'walk', 8, { done: done(8) })]);
    expect(both.map((f) => [f.all.stage, f.sides])).toEqual(both.map(() => ['introduced', null]));
    expect(both).toHaveLength(2);
    const flipped = of([block('x', 'b', 'walk', 8, { side: 'flipped', done: done(8) })]);
    for (const f of flipped) {
      expect(f.sides!.flipped.stage).toBe('introduced');
      expect(f.sides!.asDrawn.stage).toBe('drawn');
    }
  });
  it('what was done with one line is done with that line', () => {
    const item = { is: 'play', play: 'b', name: 'b', leaves: ['e1'] } as const;
    const far = of([block('x', 'b', 'walk', 8, { item: { ...item, leaves: ['e1'] }, done: done(8) })]);
    expect(far.map((f) => [f.leaf, f.all.stage])).toEqual(
      far.map((f) => [f.leaf, f.leaf === 'e1' ? 'introduced' : 'drawn']),
    );
  });
});
