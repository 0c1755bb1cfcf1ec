import { describe, expect, it } from 'vitest';
import type { Play } from '../play/document.ts';
import { teaches } from './concepts.ts';
import { movesOf, withPlan } from './apply.ts';
import { courseOf, knownTo, type Team } from './course.ts';
import { doneWith } from './done.ts';
import { letGo, lettings } from './gives.ts';
import { mended, mendFor } from './mend.ts';
import { quickPlan } from './plan/search.ts';
import { wrongIn } from './plan/wrong.ts';
import { readyFor } from './ready.ts';
import { reasonOf } from './reason.ts';
import { SeasonSchema, type Block, type Practice } from './season.ts';
import { block, game, other, pass, playOf, practice, sheet, team } from './season.test-data.ts';
import { takesToBringIn, tooLongAtOnce } from './split.ts';
import { STAGE_LIMITS } from './stages.ts';
import { hasLines, isByLine, isOfUnit, oneLine, taughtBy, unitKey, unitsOf, unitsWanted } from './units.ts';

const TODAY = '2026-11-30';
const GAME = { date: '2026-12-18' };
/** 1 enters to 5; where it is denied 5 plays 3, where they switch 2, where nobody reacts 4. */
const forked = playOf(
  'forked',
  [[pass('1', '5')]],
  [
    { read: { does: 'stay' }, actions: [pass('5', '4')] },
    { read: { does: 'deny', who: ['x2'] }, actions: [pass('5', '3')] },
    { read: { does: 'switch' }, actions: [pass('5', '2')] },
  ],
);
const straight = playOf('straight', [[pass('1', '4')], [pass('4', '2')]]);
const plays = new Map([forked, straight].map((p) => [p.id, p]));
const days = [
  ...['2026-11-30', '2026-12-01', '2026-12-03', '2026-12-04', '2026-12-07', '2026-12-08'],
  ...['2026-12-10', '2026-12-11', '2026-12-14', '2026-12-15', '2026-12-17'],
];
const empty = days.map((d, i) => practice(`p${i}`, d, [other(`w${i}`, 'Warm-up', 12)]));
const base = team({
  plays,
  practices: empty,
  sheets: [sheet('s', 2, 'forked', 'straight')],
  games: [game('g', GAME.date, 's')],
});
const season = taughtBy(base.season!, 'forked', true);
const byLine: Team = { ...base, season };
const [drawn, denied, switched] = ['e1', 'e2', 'e3'];
const at = (leaf: string | null) => ({ play: 'forked', leaf });
const lined = (id: string, leaf: string, stage: Block['stage'], minutes: number, more: Partial<Block> = {}) =>
  block(id, 'forked', stage, minutes, {
    item: { is: 'play', play: 'forked', name: 'forked', leaves: [leaf] },
    ...more,
  });
let n = 0;
const SAY = { drill: (k: string) => k, line: (_: Play, leaf: string) => `line ${leaf}` };
const planned = (t: Team, keep = false) => {
  const course = courseOf(t, TODAY, keep);
  const { plan } = quickPlan(course.problem, (k) => k < 200, course.held);
  expect(wrongIn(course.problem, plan)).toEqual([]);
  const after = withPlan(course, plan, t.practices, t.plays, { ...SAY, fresh: () => `n${n++}` });
  return { course, plan, all: t.practices.map((p) => after.find((x) => x.id === p.id) ?? p) };
};
const set = (p: (typeof empty)[number], blocks: Block[], more: Partial<Practice> = {}) => ({
  ...p,
  body: { ...p.body, blocks: [...p.body.blocks, ...blocks], ...more },
});

describe('what is taught as one', () => {
  it('is the whole play, or each line of it where the season says so, the line as drawn first', () => {
    expect(hasLines(forked)).toBe(true);
    expect(hasLines(straight)).toBe(false);
    expect(unitsOf(forked, base.season).map(unitKey)).toEqual(['forked']);
    expect(unitsOf(forked, season).map(unitKey)).toEqual(['forked e1', 'forked e2', 'forked e3']);
    expect(unitsOf(forked, null)).toEqual([at(null)]);
    // A play of one line is taught as a whole, whatever somebody wrote down.
    expect(isByLine(taughtBy(season, 'straight', true), straight)).toBe(false);
  });
  it('is written down in the season once, and taken out again', () => {
    expect(taughtBy(season, 'forked', true).lineByLine).toEqual(['forked']);
    expect(taughtBy(season, 'forked', false).lineByLine).toEqual([]);
    expect(SeasonSchema.parse(season)).toEqual(season);
  });
  it('of what the play is wanted the line as drawn is half, its answers share the rest', () => {
    const wants = unitsWanted(base.games[0]!.body, byLine);
    expect(wants.map((w) => [unitKey(w.unit), w.weight])).toEqual([
      ['forked e1', 1],
      ['forked e2', 0.5],
      ['forked e3', 0.5],
      ['straight', 2],
    ]);
    const sum = (of: typeof wants): number => of.reduce((m, w) => m + w.weight, 0);
    expect(sum(wants)).toBe(sum(unitsWanted(base.games[0]!.body, base)));
    expect(unitsWanted(base.games[0]!.body, { ...byLine, plays: new Map() })).toEqual([]);
  });
  it('a block that names no line is about all of them', () => {
    const whole = block('b', 'forked', 'live', 8);
    const one = lined('c', denied!, 'live', 8);
    expect([drawn!, denied!, switched!].map((l) => isOfUnit(whole, at(l), forked))).toEqual([
      true,
      true,
      true,
    ]);
    expect([drawn!, denied!, null].map((l) => isOfUnit(one, at(l), forked))).toEqual([false, true, true]);
    expect(isOfUnit(other('o', 'forked', 5), at(null), forked)).toBe(false);
    expect([oneLine(whole), oneLine(one)]).toEqual([null, 'e2']);
  });
});

describe('a play that is taught line by line', () => {
  const { course, plan, all } = planned(byLine);
  const place = (leaf: string): number => course.units.findIndex((u) => u.leaf === leaf);
  const blocksOf = (leaf: string | null) =>
    all.flatMap((p) => p.body.blocks.flatMap((b) => (isOfUnit(b, at(leaf), forked) ? [{ p, b }] : [])));

  it('has a place in the plan for every line; its answers wait for the line as drawn', () => {
    expect(course.units.map(unitKey)).toEqual(['forked e1', 'forked e2', 'forked e3', 'straight']);
    expect(course.problem.options.map((o) => o.main)).toEqual([null, 0, 0, null]);
    const first = (leaf: string): number =>
      plan.touches.find((x) => x.option === place(leaf) && x.is === 'in')!.practice;
    for (const leaf of [denied!, switched!]) expect(first(leaf)).toBeGreaterThanOrEqual(first(drawn!));
  });
  it('pays for what the lines share once: an answer costs what is new in it', () => {
    const whole = courseOf(base, TODAY).problem;
    const minutes = (p: typeof whole, options: readonly number[]): number => {
      const keys = new Set(options.flatMap((o) => p.options[o]!.concepts));
      return [...keys].reduce((m, k) => m + p.concepts[k]!, 0);
    };
    expect(minutes(course.problem, [0, 1, 2])).toBeCloseTo(minutes(whole, [0]), 9);
    expect(minutes(course.problem, [0, 1])).toBeGreaterThan(minutes(course.problem, [0]));
    expect(course.problem.options[1]!.base).toBeLessThan(course.problem.options[0]!.base);
  });
  it('its blocks name their line, and what they do counts for that line alone', () => {
    for (const leaf of [drawn!, denied!, switched!]) {
      expect(blocksOf(leaf)[0]?.b).toMatchObject({
        stage: 'walk',
        item: { leaves: [leaf], words: `line ${leaf}` },
      });
    }
    const wants = unitsWanted(base.games[0]!.body, byLine);
    const ready = wants.map((w) =>
      readyFor(
        w,
        plays.get(w.unit.play)!,
        GAME,
        [],
        all.map((p) => p.body),
        TODAY,
        STAGE_LIMITS,
      ),
    );
    // Of every line the plan brings in, only its own blocks count.
    for (const r of ready.slice(0, 3)) {
      const own = blocksOf(r.unit.leaf);
      const live = own.filter(({ b }) => b.stage === 'live').reduce((m, { b }) => m + b.minutes, 0);
      expect(r.planned.live).toBe(live);
    }
    const words = movesOf(base.practices, all).map((m) => m.name);
    expect(words).toContain('forked, line e2');
    expect(words).not.toContain('forked');
  });
  it('planned anew it stands; taught as a whole again its lines go and the play comes', () => {
    expect(movesOf(all, planned({ ...byLine, practices: all }).all)).toEqual([]);
    const again = planned({ ...base, practices: all }).all;
    const left = again.flatMap((p) => p.body.blocks.filter((b) => isOfUnit(b, at(null), forked)));
    expect(left.length).toBeGreaterThan(0);
    expect(left.every((b) => oneLine(b) === null)).toBe(true);
  });
  it('what a coach put in for the whole play counts for all its lines and takes its minutes once', () => {
    const mine = base.practices.map((p, i) => (i === 0 ? set(p, [block('mine', 'forked', 'walk', 14)]) : p));
    const { course: held, all: now } = planned({ ...byLine, practices: mine });
    const touched = held.held.touches.filter((x) => x.practice === 0);
    // No more than two new things come in at once for this level: one answer finds a day of its own as well.
    expect(touched.map((x) => x.is)).toEqual(['in', 'in']);
    expect(touched.map((x) => x.option)).toContain(0);
    expect(now[0]!.body.blocks.filter((b) => b.id === 'mine')).toHaveLength(1);
    const minutes = now[0]!.body.blocks.reduce((m, b) => m + (b.item.is === 'other' ? 0 : b.minutes), 0);
    expect(minutes).toBeLessThanOrEqual(30);
  });
  it('done with one line the other lines are still to come, and what only they teach is not known yet', () => {
    const went = { minutes: 8, went: 'well' as const };
    const past = practice('past', '2026-11-26', [lined('x', drawn!, 'walk', 8, { done: went })]);
    const t: Team = { ...byLine, practices: [past, ...base.practices] };
    const { problem } = courseOf(t, TODAY);
    expect(problem.options.slice(0, 3).map((o) => o.past.introduced)).toEqual([-1, null, null]);
    const known = knownTo(t, [past.body], TODAY);
    const of = (leaf: string): string[] => [...teaches(forked, [leaf]).concepts.keys()];
    expect(of(drawn!).every((k) => known.has(k))).toBe(true);
    expect(of(switched!).filter((k) => !known.has(k))).toContain('read:switch');
    const whole = practice('past', '2026-11-26', [block('x', 'forked', 'walk', 8, { done: went })]);
    expect([...teaches(forked).concepts.keys()].every((k) => knownTo(t, [whole.body], TODAY).has(k))).toBe(
      true,
    );
  });
  it('a counter waits for the line as drawn of what it answers', () => {
    const counter: Play = { ...straight, counterTo: [{ play: 'forked', name: 'forked' }] };
    const t: Team = { ...byLine, plays: new Map([...plays, ['straight', counter]]) };
    expect(courseOf(t, TODAY).problem.options.map((o) => o.main)).toEqual([null, 0, 0, 0]);
  });
  it('a missing line is mended by a block about it, in its own words', () => {
    const wants = unitsWanted(base.games[0]!.body, byLine);
    const ready = readyFor(wants[2]!, forked, GAME, [], [], TODAY, STAGE_LIMITS);
    const mend = mendFor(ready, forked, takesToBringIn(at('e3'), forked, base, TODAY), GAME, empty, TODAY)!;
    expect(mend).toMatchObject({ unit: at('e3'), stage: 'walk', practice: 'p0' });
    const after = mended(empty[0]!.body, mend, 'new', 'They switch');
    expect(after.blocks.find((b) => b.id === 'new')!.item).toEqual({
      ...{ is: 'play', play: 'forked', name: 'forked', leaves: ['e3'], words: 'They switch' },
    });
  });
  it('why a block of a line stands there is told of that line', () => {
    const practices = [
      set(empty[0]!, [lined('in', drawn!, 'walk', 8)]),
      set(empty[2]!, [lined('answer', denied!, 'walk', 4)]),
      set(empty[4]!, [lined('again', drawn!, 'guided', 3)]),
    ];
    const why = (id: string) => {
      const p = practices.find((x) => x.body.blocks.some((b) => b.id === id))!;
      const b = p.body.blocks.find((x) => x.id === id)!;
      return reasonOf(b, p.body, { ...byLine, practices }, () => 'Gorsedale');
    };
    expect(why('in')).toMatchObject({ is: 'in' });
    expect(why('answer')).toMatchObject({ is: 'in' });
    expect(why('again')).toEqual({ is: 'secondDay', since: 7 });
  });
  it('a lock on one line is let go without the locks of the others', () => {
    const practices = base.practices.map((p, i) =>
      i === 0
        ? set(p, [
            lined('x', drawn!, 'walk', 10, { locked: true }),
            lined('y', denied!, 'walk', 10, { locked: true }),
          ])
        : p,
    );
    const t: Team = { ...byLine, practices };
    const found = planned(t);
    const open = lettings(found.course, found.plan, t.practices, t.plays, true).filter(
      (l) => l.relax.is === 'unlock',
    );
    expect(open.map((l) => l.block!.id)).toEqual(['x', 'y']);
    const [p] = letGo(open[1]!, t.practices, t.season, 2).practices;
    expect(p!.body.blocks.map((b) => b.locked === true)).toEqual([false, true, false]);
  });
});

describe('what it takes to bring something in', () => {
  const went = { minutes: 8, went: 'well' as const };
  const after = (...blocks: Block[]) => ({ plays, practices: [practice('past', '2026-11-26', blocks)] });
  const takes = (leaf: string | null, t: Pick<Team, 'plays' | 'practices'> = base): number =>
    takesToBringIn(at(leaf), forked, t, TODAY);
  it('is what is new in it: an answer less than the play, less still once the line as drawn is in', () => {
    expect(takes(null)).toBeGreaterThan(takes('e3'));
    const drawnIn = after(lined('x', 'e1', 'walk', 8, { done: went }));
    expect(takes('e3', drawnIn)).toBeLessThan(takes('e3'));
    // Reading the switch, and on a pass; a skip; half a minute for its frame.
    const fresh = [...teaches(forked, ['e3']).concepts].filter(
      ([k]) => !teaches(forked, ['e1']).concepts.has(k),
    );
    expect(fresh).toEqual([
      ['read:switch', 1],
      ['on:pass', 1],
      ['pass:skip', 1],
    ]);
    expect(takes('e3', drawnIn)).toBe(Math.ceil(3 + 0.5));
  });
  it('never less than a walk of both sides takes: four minutes, of an answer two', () => {
    const known = after(block('x', 'forked', 'walk', 8, { done: went }));
    expect(takes(null, known)).toBe(4);
    expect(takes('e1', known)).toBe(4);
    expect(takes('e3', known)).toBe(2);
  });
});

describe('a play that is too long to come in at once', () => {
  const wants = unitsWanted(base.games[0]!.body, base);
  const ready = readyFor(wants[0]!, forked, GAME, [], [], TODAY, STAGE_LIMITS);
  const short = (playMinutes: number) => empty.map((p) => ({ ...p, body: { ...p.body, playMinutes } }));
  it('is told with what it takes and what there is; what has one line, or room, is not', () => {
    const takes = [...teaches(forked).concepts.values(), ...teaches(forked).patterns.values()];
    const minutes = Math.ceil(takes.reduce((a, b) => a + b, 0));
    const told = (t: Team) => tooLongAtOnce(ready, forked, t, GAME, TODAY);
    expect(told({ ...base, practices: short(minutes - 1) })).toEqual({ minutes, most: minutes - 1 });
    expect(told({ ...base, practices: short(minutes) })).toBeNull();
    expect(told({ ...base, practices: [] })).toBeNull();
    const one = readyFor(wants[1]!, straight, GAME, [], [], TODAY, STAGE_LIMITS);
    expect(tooLongAtOnce(one, straight, { ...base, practices: short(1) }, GAME, TODAY)).toBeNull();
  });
  it('is not told of what is in already', () => {
    const went = { minutes: 8, went: 'well' as const };
    const practices = [practice('p', '2026-11-26', [block('x', 'forked', 'walk', 8, { done: went })])];
    const done = doneWith(
      forked,
      null,
      practices.map((p) => p.body),
      [],
    );
    const in_ = readyFor(wants[0]!, forked, GAME, done, [], TODAY, STAGE_LIMITS);
    expect(tooLongAtOnce(in_, forked, { ...base, practices: short(1) }, GAME, TODAY)).toBeNull();
  });
});
