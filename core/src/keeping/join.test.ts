import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { contentOf } from '../play/content.ts';
import { bothChanges } from './join.ts';

interface Item {
  readonly id: string;
  readonly minutes: number;
  readonly done?: { readonly went: string };
}
interface Day {
  readonly place?: string;
  readonly notes?: string;
  readonly absent: readonly string[];
  readonly blocks: readonly Item[];
}
const block = (id: string, minutes: number, more: Partial<Item> = {}): Item => ({ id, minutes, ...more });
const base: Day = {
  place: 'Main gym',
  absent: [],
  blocks: [block('a', 10), block('b', 8), block('c', 12)],
};
const change = (id: string, more: Partial<Item>, day: Day = base): Day => ({
  ...day,
  blocks: day.blocks.map((x) => (x.id === id ? { ...x, ...more } : x)),
});

describe('two changes of one record', () => {
  it('about different blocks are both taken: two who mark one practice are not asked', () => {
    const mine = change('a', { done: { went: 'well' } });
    const theirs = change('c', { done: { went: 'badly' } });
    expect(bothChanges(base, mine, theirs)).toEqual(change('c', { done: { went: 'badly' } }, mine));
  });

  it('of different fields of one block as well; of the same field one has to choose', () => {
    expect(bothChanges(base, change('a', { minutes: 6 }), change('a', { done: { went: 'well' } }))).toEqual(
      change('a', { minutes: 6, done: { went: 'well' } }),
    );
    expect(bothChanges(base, change('a', { minutes: 6 }), change('a', { minutes: 7 }))).toBeNull();
    expect(bothChanges(base, { ...base, place: 'Old gym' }, { ...base, place: 'New gym' })).toBeNull();
    expect(bothChanges(base, { ...base, place: 'Old gym' }, { ...base, place: 'Old gym' })).toEqual({
      ...base,
      place: 'Old gym',
    });
  });

  it('what one added stands where it stood there, what one took away is gone', () => {
    const mine = { ...base, blocks: [base.blocks[0]!, block('x', 5), ...base.blocks.slice(1)] };
    const theirs = { ...base, blocks: [...base.blocks.slice(0, 2)] };
    expect(bothChanges(base, mine, theirs)!.blocks.map((x) => x.id)).toEqual(['a', 'x', 'b']);
    expect(bothChanges(base, theirs, mine)!.blocks.map((x) => x.id)).toEqual(['a', 'x', 'b']);
  });

  it('what one took away and the other changed somebody has to choose', () => {
    const gone = { ...base, blocks: base.blocks.slice(1) };
    expect(bothChanges(base, gone, change('a', { minutes: 3 }))).toBeNull();
    expect(bothChanges(base, change('a', { minutes: 3 }), gone)).toBeNull();
  });

  it('one who puts them in another order and one who marks a block do not meet; two orders do', () => {
    const turned = { ...base, blocks: [...base.blocks].reverse() };
    const marked = change('b', { done: { went: 'well' } });
    for (const both of [bothChanges(base, turned, marked), bothChanges(base, marked, turned)]) {
      expect(both!.blocks.map((x) => x.id)).toEqual(['c', 'b', 'a']);
      expect(both!.blocks[1]!.done).toEqual({ went: 'well' });
    }
    const other = { ...base, blocks: [base.blocks[1]!, base.blocks[0]!, base.blocks[2]!] };
    expect(bothChanges(base, turned, other)).toBeNull();
  });

  it('a list without ids is one thing', () => {
    const a = { ...base, absent: ['m1'] };
    const b = { ...base, absent: ['m2'] };
    expect(bothChanges(base, a, b)).toBeNull();
    expect(bothChanges(base, a, { ...base, notes: 'x' })).toEqual({ ...a, notes: 'x' });
  });

  const item = fc.record({
    id: fc.constantFrom('a', 'b', 'c', 'd', 'e'),
    minutes: fc.integer({ min: 1, max: 3 }),
  });
  const blocks = fc.uniqueArray(item, { selector: (x) => x.id, maxLength: 5 });
  const day = fc.record({ place: fc.constantFrom('x', 'y'), absent: fc.constant([]), blocks });

  it('with nothing changed on the other side is what was said; who says it first makes no difference', () => {
    fc.assert(
      fc.property(day, day, day, (was, mine, theirs) => {
        expect(bothChanges(was, mine, was)).toEqual(mine);
        expect(bothChanges(was, was, theirs)).toEqual(theirs);
        expect(bothChanges(was, mine, mine)).toEqual(mine);
        const [a, b] = [bothChanges(was, mine, theirs), bothChanges(was, theirs, mine)];
        expect(a === null).toBe(b === null);
        if (!a || !b) return;
        const items = (d: typeof was): string =>
          contentOf([...d.blocks].sort((x, y) => (x.id < y.id ? -1 : 1)));
        expect(items(a)).toBe(items(b));
        expect(a.place).toBe(b.place);
        // Nothing is in it that neither of them has.
        for (const x of a.blocks)
          expect([...mine.blocks, ...theirs.blocks].some((y) => y.id === x.id)).toBe(true);
      }),
    );
  });
});
