import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { forksOf, type Fork, type Head } from './forks.ts';

/** Plays as words: they look the same as long as their letters do, a second a letter. */
const head = (a: string, b: string): Head => {
  let n = 0;
  while (n < Math.min(a.length, b.length) && a[n] === b[n]) n++;
  return { seconds: n, by: a === b ? null : '1' };
};

const plays = (f: Fork<string>): string[] =>
  f.branches.length === 0 ? [...f.plays] : f.branches.flatMap(plays);

describe('where plays of a series part', () => {
  it('once for all, then again: the last to part share the most', () => {
    const tree = forksOf(['kite', 'lane', 'lark', 'larch'], head);
    expect(tree.at).toBe(0);
    expect(tree.branches.map((b) => b.plays)).toEqual([['kite'], ['lane', 'lark', 'larch']]);
    expect(tree.branches[1]).toMatchObject({ at: 2, by: '1' });
    expect(tree.branches[1]!.branches[1]).toMatchObject({ plays: ['lark', 'larch'], at: 3 });
  });
  it('two that never part end together', () => {
    expect(forksOf(['same', 'same'], head)).toEqual({
      plays: ['same', 'same'],
      at: 4,
      by: null,
      branches: [],
    });
    expect(forksOf([], head).branches).toEqual([]);
  });
  it('every play comes once, and any two part where the tree says', () => {
    const word = fc.array(fc.constantFrom('a', 'b'), { minLength: 1, maxLength: 6 }).map((w) => w.join(''));
    fc.assert(
      fc.property(fc.uniqueArray(word, { minLength: 2, maxLength: 7 }), (all) => {
        const tree = forksOf(all, head);
        expect(plays(tree).sort()).toEqual([...all].sort());
        const check = (f: Fork<string>): void => {
          f.branches.forEach((b, i) => {
            for (const other of f.branches.slice(i + 1))
              for (const x of b.plays)
                for (const y of other.plays) expect(head(x, y).seconds).toBeLessThanOrEqual(f.at!);
            check(b);
          });
        };
        check(tree);
      }),
    );
  });
});
