import { PAPER_KINDS, PaperOrderSchema, PLAYERS, type PaperOrder } from '@corkscrew/core';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { KIND_WORDS, orderIn, searchOf } from './order.ts';

const id = fc.stringMatching(/^[a-z0-9-]{1,20}$/);
const order = fc
  .record(
    {
      kind: fc.constantFrom(...PAPER_KINDS),
      plays: fc.array(id, { maxLength: 6 }),
      sheet: id,
      series: fc.string({ minLength: 1, maxLength: 40 }),
      paper: fc.constantFrom('a4', 'letter', 'card'),
      number: fc.constantFrom(...PLAYERS),
      columns: fc.constantFrom(1, 2, 3),
      diagrams: fc.boolean(),
      size: fc.constantFrom('desk', 'bench'),
      signals: fc.boolean(),
    },
    { requiredKeys: ['kind'] },
  )
  .map((o): PaperOrder => PaperOrderSchema.parse(o));

describe('the address of what is printed', () => {
  it('leads back to the order it was made from', () => {
    fc.assert(
      fc.property(order, (o) => {
        const address = new URL(`http://x/print?${searchOf(o)}`);
        expect(orderIn(address.searchParams)).toEqual(o);
      }),
    );
  });
  it('says nothing that is usual', () => {
    expect(searchOf(PaperOrderSchema.parse({ kind: 'book' })).toString()).toBe('kind=book');
  });
  it.each([
    ['', 'book'],
    ['kind=poster', 'book'],
    ['kind=play&paper=a3', 'book'],
    ['kind=play&size=huge', 'book'],
    ['kind=play&number=9&columns=7', 'play'],
    [`kind=play&plays=${'x,'.repeat(201)}`, 'book'],
    ['kind=constructor', 'book'],
  ])('whatever somebody writes there, something can be printed: %s', (search, kind) => {
    expect(orderIn(new URLSearchParams(search))).toMatchObject({ kind });
  });
  it('every kind says what it is good for', () => {
    for (const kind of PAPER_KINDS) {
      const [name, what] = KIND_WORDS[kind];
      expect(name.length).toBeGreaterThan(3);
      expect(what).toMatch(/\.$/);
    }
    expect(new Set(PAPER_KINDS.map((k) => KIND_WORDS[k][0])).size).toBe(PAPER_KINDS.length);
  });
});
