import fc from 'fast-check';
import { ALIGNMENTS, PLAYERS } from '../alignment/library.ts';
import type { Play } from './document.ts';
import { editAll, type Change, type NewAction } from './edit.ts';
import { rotateNumbers, swapNumbers } from './operations.ts';
import { newPlay } from './new-play.ts';

/** Material for property tests: a plain play, and any change a coach could make to it. */
export const samplePlay = (alignment = 'horns') =>
  newPlay({ id: 'sample', name: 'Sample', court: 'nfhs', level: 'highSchool', alignment, ball: '1' });

/** A play drawn for a test: these actions, frame by frame, after these changes. */
export function playOf(
  frames: readonly (readonly NewAction[])[],
  first: readonly Change[] = [],
  alignment = 'horns',
): Play {
  const r = editAll(samplePlay(alignment), [
    ...first,
    ...frames.flatMap((actions, i): Change[] => [
      ...(i > 0 ? [{ do: 'addFrame' as const, after: `f${i}` }] : []),
      ...actions.map((action) => ({ do: 'addAction' as const, frame: `f${i + 1}`, action })),
    ]),
  ]);
  if (!r.ok) throw new Error(r.sentence);
  return r.play;
}

const player = fc.constantFrom(...PLAYERS);
const coordinate = fc.integer({ min: -96, max: 96 }).map((n) => n / 4);
const way = fc.record({ x: coordinate, y: fc.integer({ min: 4, max: 136 }).map((n) => n / 4) });
const path = fc.array(way, { minLength: 1, maxLength: 3 });
const tempo = fc.constantFrom('walk' as const, 'jog' as const, 'cut' as const, 'sprint' as const);

const anyAction: fc.Arbitrary<NewAction> = fc.oneof(
  fc.record({ by: player, does: fc.constant('pass' as const), to: player }),
  fc.record({ by: player, does: fc.constant('cut' as const), path, tempo }),
  fc.record({ by: player, does: fc.constant('dribble' as const), path, tempo }),
  fc.record({
    by: player,
    does: fc.constant('screen' as const),
    for: player,
    path,
    angle: fc.integer({ min: 0, max: 359 }),
  }),
  fc.record({ by: player, does: fc.constant('handoff' as const), to: player }),
  fc.record({ by: player, does: fc.constant('shot' as const) }),
  fc.record({ by: player, does: fc.constant('fake' as const), of: fc.constant('pass' as const), to: player }),
  fc.record({ by: player, does: fc.constant('hold' as const) }),
  fc.record({ by: player, does: fc.constant('seal' as const), path }),
);

const frameId = fc.integer({ min: 1, max: 6 }).map((n) => `f${n}`);
const actionId = fc.integer({ min: 1, max: 12 }).map((n) => `a${n}`);

export const anyChange: fc.Arbitrary<Change> = fc.oneof(
  {
    weight: 8,
    arbitrary: fc.record({ do: fc.constant('addAction' as const), frame: frameId, action: anyAction }),
  },
  {
    weight: 4,
    arbitrary: fc.record({
      do: fc.constant('addFrame' as const),
      after: fc.oneof(frameId, fc.constant(null)),
      fork: fc.boolean(),
    }),
  },
  fc.record({ do: fc.constant('setAction' as const), id: actionId, action: anyAction }),
  fc.record({ do: fc.constant('removeAction' as const), id: actionId }),
  fc.record({ do: fc.constant('moveAction' as const), id: actionId, to: fc.nat(5) }),
  fc.record({ do: fc.constant('duplicateFrame' as const), id: frameId }),
  fc.record({ do: fc.constant('removeFrame' as const), id: frameId }),
  fc.record({ do: fc.constant('copyLine' as const), from: frameId, after: frameId }),
  fc.record({
    do: fc.constant('caption' as const),
    frame: frameId,
    caption: fc.constantFrom('2 waits in the left corner', '1 and 5 play two-man', ''),
  }),
  fc.record({
    do: fc.constant('alignment' as const),
    key: fc.constantFrom(...ALIGNMENTS.map((a) => a.key)),
    flipped: fc.boolean(),
  }),
  fc.record({ do: fc.constant('place' as const), player, place: way }),
  fc.record({ do: fc.constant('ball' as const), player }),
  fc.record({
    do: fc.constant('court' as const),
    court: fc.constantFrom('nfhs' as const, 'ncaa' as const, 'fiba' as const, 'usPro' as const),
  }),
  fc.constant({ do: 'flip' as const }),
  fc.record({
    do: fc.constant('numbers' as const),
    to: fc.constantFrom(rotateNumbers, swapNumbers('2', '4')),
  }),
  fc.constant({ do: 'splice' as const, after: 'f1', play: samplePlay('box') }),
);
