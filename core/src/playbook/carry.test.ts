import { expect, it } from 'vitest';
import { book } from './book.test-data.ts';
import { carried, CARRIES } from './carry.ts';

it('counts what is adopted, beside what most of a level carry or the team by its own word', () => {
  const { rows } = book({ a: {}, b: {}, old: { status: 'retired' } });
  const all = carried(rows, 23, 'highSchool', { plays: 1 });
  expect(all).toEqual([
    { key: 'plays', has: 2, limit: 1, own: true },
    { key: 'words', has: 23, limit: CARRIES.highSchool.words, own: false },
    { key: 'answers', has: 0, limit: CARRIES.highSchool.answers, own: false },
  ]);
  // The older carry more (common practice).
  for (const key of ['plays', 'words', 'answers'] as const)
    expect([CARRIES.youth, CARRIES.highSchool, CARRIES.college, CARRIES.pro].map((c) => c[key])).toEqual(
      [...Object.values(CARRIES).map((c) => c[key])].sort((a, b) => a - b),
    );
});
