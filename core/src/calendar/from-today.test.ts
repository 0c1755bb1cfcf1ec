import { expect, it } from 'vitest';
import { fromToday } from './from-today.ts';

it('days of a file stand from today on, days of the week too; everything else stays as it is', () => {
  expect(fromToday({ date: '@4', was: ['@-2', '@w0'], name: 'a@b', n: 3, none: null }, '2026-11-30')).toEqual(
    { date: '2026-12-04', was: ['2026-11-28', 0], name: 'a@b', n: 3, none: null },
  );
});
