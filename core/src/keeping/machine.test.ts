import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { World } from './model.test-data.ts';

const RUNS = 10_000;
/** Milliseconds for so many of them on a busy machine. */
const SLOW = 60_000;

const tab = fc.nat(1);
const any = fc.nat(3);
/** Everything that may happen to a play, in any order; a name and its numbers, so that a failure reads as a story. */
const HAPPENINGS = fc.oneof(
  { weight: 6, arbitrary: fc.tuple(fc.constant('edit' as const), tab) },
  { weight: 4, arbitrary: fc.tuple(fc.constant('due' as const), tab) },
  { weight: 6, arbitrary: fc.tuple(fc.constant('hear' as const), tab) },
  { weight: 4, arbitrary: fc.tuple(fc.constant('arrive' as const), any) },
  { weight: 4, arbitrary: fc.tuple(fc.constant('answer' as const), any, fc.boolean()) },
  { weight: 2, arbitrary: fc.tuple(fc.constant('take' as const), tab) },
  { weight: 1, arbitrary: fc.tuple(fc.constant('lookAfter' as const), tab) },
  { weight: 3, arbitrary: fc.tuple(fc.constant('open' as const), tab) },
  { weight: 1, arbitrary: fc.tuple(fc.constant('kill' as const), tab) },
  { weight: 1, arbitrary: fc.tuple(fc.constant('deliver' as const)) },
  { weight: 1, arbitrary: fc.tuple(fc.constant('trouble' as const), fc.boolean()) },
  { weight: 2, arbitrary: fc.tuple(fc.constant('well' as const)) },
  {
    weight: 1,
    arbitrary: fc.tuple(
      fc.constant('choose' as const),
      tab,
      fc.constantFrom('mine' as const, 'theirs' as const),
    ),
  },
);
const WILD = fc.oneof(
  { weight: 8, arbitrary: HAPPENINGS },
  { weight: 1, arbitrary: fc.tuple(fc.constantFrom('freeze' as const, 'thaw' as const), tab) },
  { weight: 2, arbitrary: fc.tuple(fc.constantFrom('take' as const, 'edit' as const), tab) },
  { weight: 1, arbitrary: fc.tuple(fc.constantFrom('elsewhere' as const, 'trash' as const)) },
);
type Story = readonly (readonly [string, ...unknown[]])[];

/** Lives through a story; returns the world after all is well again. */
function lived(story: Story): World {
  const world = new World();
  world.open(0);
  for (const [what, ...how] of story)
    (world as unknown as Record<string, (...how: unknown[]) => void>)[what]!(...how);
  expect(world.lost()).toEqual([]);
  world.heal();
  return world;
}

describe('stories that once went wrong', () => {
  it.each<[string, Story]>([
    [
      'the answer to a save of before the pen was given away',
      [
        ['open', 1],
        ['edit', 0],
        ['edit', 1],
        ['due', 0],
        ['hear', 0],
        ['kill', 1],
        ['open', 1],
        ['edit', 0],
        ['hear', 1],
      ],
    ],
    [
      'out of the trash, and changed there before',
      [['edit', 0], ['kill', 0], ['elsewhere'], ['trash'], ['open', 1], ['choose', 1, 'mine']],
    ],
    ['the pen given to a tab that dies', [['open', 1], ['edit', 1], ['edit', 0], ['kill', 1], ['elsewhere']]],
    [
      'a change on what was heard only after it',
      [
        ['open', 1],
        ['edit', 0],
        ['edit', 1],
        ['hear', 1],
        ['edit', 1],
        ['kill', 1],
        ['kill', 0],
        ['open', 0],
      ],
    ],
    [
      'a draft taken over, sent from another page, and changed in a tab that never heard of it',
      [
        ['edit', 0],
        ['open', 1],
        ['kill', 0],
        ['open', 0],
        ['kill', 0],
        ['deliver'],
        ['edit', 1],
        ['kill', 1],
        ['open', 0],
      ],
    ],
    [
      'a tab held up while it is given the pen',
      [
        ['open', 1],
        ['edit', 1],
        ['edit', 0],
        ['due', 0],
        ['freeze', 1],
        ['hear', 0],
        ['edit', 0],
        ['take', 0],
      ],
    ],
  ])('%s', (_, story) => {
    const world = lived(story);
    expect(world.faults.join()).toBe('');
    expect(world.lost()).toEqual([]);
  });
});

describe('whatever happens, in whatever order', () => {
  it(
    'to one coach with two tabs: nothing is lost, nothing overwritten, and he is never in conflict with himself',
    () => {
      fc.assert(
        fc.property(fc.array(HAPPENINGS, { maxLength: 80, size: 'max' }), (story) => {
          const world = lived(story);
          expect(world.faults.join()).toBe('');
          expect(world.lost()).toEqual([]);
        }),
        { numRuns: RUNS },
      );
    },
    SLOW,
  );
  it(
    'with tabs held up, the play changed elsewhere and thrown away: nothing is lost or overwritten in silence',
    () => {
      let conflicts = 0;
      let offers = 0;
      fc.assert(
        fc.property(fc.array(WILD, { maxLength: 80, size: 'max' }), (story) => {
          const world = lived(story);
          expect(world.faults.join()).toBe('');
          expect(world.lost()).toEqual([]);
          conflicts += world.conflicts;
          offers += world.offers;
        }),
        { numRuns: RUNS },
      );
      // The stories do come to what they are about.
      expect(conflicts).toBeGreaterThan(500);
      expect(offers).toBeGreaterThan(20);
    },
    SLOW,
  );
});
