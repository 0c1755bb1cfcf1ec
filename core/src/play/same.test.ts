import { describe, expect, it } from 'vitest';
import { sameDocument } from './same.ts';

describe('two values of a document', () => {
  it.each([
    [1, 1, true],
    ['a', 'b', false],
    [null, null, true],
    [null, {}, false],
    [{ a: 1, b: [1, { c: 2 }] }, { b: [1, { c: 2 }], a: 1 }, true],
    [{ a: 1 }, { a: 1, b: 2 }, false],
    [{ a: 1, b: 2 }, { a: 1 }, false],
    [{ a: 1, b: undefined }, { a: 1 }, true],
    [{ a: undefined }, { b: 1 }, false],
    [[1, 2], [1, 2, 3], false],
    [[], {}, false],
    [{ a: 0 }, { a: -0 }, true],
  ])('%j and %j: %s', (a, b, is) => {
    expect(sameDocument(a, b)).toBe(is);
    expect(sameDocument(b, a)).toBe(is);
  });
  it('but for what is put aside, on the first level only', () => {
    const aside = new Set(['id']);
    expect(sameDocument({ id: 'x', does: 'cut' }, { id: 'y', does: 'cut' }, aside)).toBe(true);
    expect(sameDocument({ does: 'cut' }, { id: 'y', does: 'cut' }, aside)).toBe(true);
    expect(sameDocument({ path: [{ id: 1 }] }, { path: [{ id: 2 }] }, aside)).toBe(false);
  });
});
