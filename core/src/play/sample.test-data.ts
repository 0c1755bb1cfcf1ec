import fc from 'fast-check';
import { ALIGNMENTS, PLAYERS } from '../alignment/library.ts';
import type { Action, Cue, Defence, Frame, Play, Read, Waypoint } from './document.ts';
import type { ActionField, Change, NewAction } from './change.ts';
import { editAll } from './edit.ts';
import { rotateNumbers, swapNumbers } from './operations.ts';
import { newPlay } from './new-play.ts';
import {
  CUT_KINDS,
  DRIBBLE_KINDS,
  EVENTS,
  FAKES,
  PASS_KINDS,
  REACTIONS,
  SCREEN_KINDS,
  SHOT_KINDS,
  TEMPOS,
  THROW_INS,
} from './vocabulary.ts';

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

/** A record without the fields that were not drawn: a document has no field that is undefined. */
const some = <T extends object>(arb: fc.Arbitrary<T>): fc.Arbitrary<T> =>
  arb.map((o) => Object.fromEntries(Object.entries(o).filter(([, v]) => v !== undefined)) as T);
const maybe = <T>(arb: fc.Arbitrary<T>): fc.Arbitrary<T | undefined> =>
  fc.option(arb, { nil: undefined, freq: 2 });

const player = fc.constantFrom(...PLAYERS);
const defender = fc.constantFrom('x1' as const, 'x2' as const, 'x4' as const, 'x5' as const);
const feet = (min: number, max: number) => fc.integer({ min: min * 4, max: max * 4 }).map((n) => n / 4);
const place = fc.record({ x: feet(-24, 24), y: feet(1, 34) });
const way = some(
  fc.record({ x: feet(-24, 24), y: feet(1, 34), plant: maybe(fc.boolean()) }) as fc.Arbitrary<Waypoint>,
);
const path = fc.array(way, { minLength: 1, maxLength: 3 });
const tempo = fc.constantFrom(...TEMPOS);
const angle = fc.integer({ min: -400, max: 400 });
const words = fc.constantFrom('2 waits in the left corner', '1 and 5 play two-man', 'נא 🏀', '');

const frameId = fc.integer({ min: 1, max: 6 }).map((n) => `f${n}`);
const actionId = fc.integer({ min: 1, max: 12 }).map((n) => `a${n}`);

const plainCue = {
  on: fc.oneof(actionId, fc.constantFrom('frame', 'read')),
  event: maybe(fc.constantFrom(...EVENTS)),
  at: maybe(fc.double({ min: 0, max: 1, noNaN: true })),
  place: maybe(place),
  delay: maybe(feet(-2, 3)),
};
const cue = some(
  fc.record({ ...plainCue, and: maybe(fc.array(some(fc.record(plainCue)), { maxLength: 3 })) }),
) as fc.Arbitrary<Cue>;
const read = some(
  fc.record({
    who: maybe(fc.array(defender, { maxLength: 2 })),
    does: fc.constantFrom(...REACTIONS),
    at: maybe(fc.record({ action: actionId })),
    look: maybe(actionId),
    note: maybe(words),
  }),
) as fc.Arbitrary<Read>;

const base = { by: player, note: maybe(words), cue: maybe(cue), facing: maybe(angle) };
const moving = {
  path,
  tempo: maybe(tempo),
  background: maybe(fc.boolean()),
  stretches: maybe(fc.array(fc.record({ to: feet(0, 1), tempo }), { maxLength: 2 })),
};
/** One for every verb: a verb nobody draws here is an error of types. */
const VERBS: { [V in Action['does']]: fc.Arbitrary<object> } = {
  pass: fc.record({ ...base, to: player, kind: maybe(fc.constantFrom(...PASS_KINDS)) }),
  cut: fc.record({ ...base, ...moving, kind: maybe(fc.constantFrom(...CUT_KINDS)) }),
  dribble: fc.record({ ...base, ...moving, kind: maybe(fc.constantFrom(...DRIBBLE_KINDS)) }),
  screen: fc.record({
    ...base,
    for: player,
    path,
    angle: maybe(angle),
    kind: maybe(fc.constantFrom(...SCREEN_KINDS)),
    hold: maybe(feet(0, 3)),
    slip: maybe(fc.boolean()),
    on: maybe(defender),
  }),
  handoff: fc.record({ ...base, to: player }),
  shot: fc.record({ ...base, kind: maybe(fc.constantFrom(...SHOT_KINDS)) }),
  fake: fc.record({ ...base, of: fc.constantFrom(...FAKES), to: maybe(player) }),
  hold: fc.record({ ...base, seconds: maybe(feet(0, 3)) }),
  seal: fc.record({ ...base, path: maybe(path) }),
};
const anyAction = fc.oneof(
  ...Object.entries(VERBS).map(([does, arb]) => some(arb.map((o) => ({ ...o, does })))),
) as fc.Arbitrary<NewAction>;
/** A frame cut out of whatever play. */
const anyFrame = fc.record({
  id: frameId,
  parent: fc.constant(null),
  actions: fc.array(anyAction, { maxLength: 3 }).map((all) => all.map((a, i) => ({ ...a, id: `a${i + 1}` }))),
}) as fc.Arbitrary<Frame>;

const defence = some(
  fc.record({
    id: fc.constantFrom('d1', 'd2'),
    name: words,
    type: fc.constantFrom('man' as const, 'zone' as const),
    zone: maybe(fc.constantFrom('2-3', '1-3-1', 'box-and-one')),
    onBall: maybe(fc.constantFrom(...REACTIONS)),
    matchup: maybe(fc.dictionary(defender, player)),
    deny: maybe(fc.array(defender, { maxLength: 2 })),
    overrides: maybe(fc.dictionary(actionId, fc.record({ does: fc.constantFrom(...REACTIONS) }))),
  }),
) as fc.Arbitrary<Defence>;

/** One for every change there is: a new change that is not drawn here is an error of types. */
const CHANGES: {
  [D in Change['do']]: { weight?: number; of: fc.Arbitrary<Omit<Extract<Change, { do: D }>, 'do'>> };
} = {
  name: { of: fc.record({ name: words }) },
  call: {
    of: some(
      fc.record({ word: maybe(words), signal: maybe(words), figure: maybe(fc.constantFrom('fistUp', '')) }),
    ) as never,
  },
  series: { of: fc.record({ series: words }) },
  against: { of: fc.record({ against: fc.array(fc.constantFrom('man', '2-3'), { maxLength: 2 }) }) },
  situation: { of: fc.record({ situation: fc.array(words, { maxLength: 2 }) }) },
  about: {
    of: some(
      fc.record({
        option: maybe(fc.constantFrom('4', '4A', '')),
        purpose: maybe(words),
        status: maybe(fc.constantFrom('candidate' as const, 'retired' as const, null)),
        origin: maybe(fc.constantFrom({ text: 'A clinic', on: '2026-08' }, null)),
      }),
    ) as never,
  },
  counterTo: {
    of: fc.record({
      counterTo: fc.array(fc.record({ play: fc.constantFrom('p', 'q'), name: words }), { maxLength: 2 }),
    }),
  },
  needs: {
    of: fc.record({
      needs: fc.array(
        fc.record({
          number: player,
          need: fc.constantFrom('mid', 'screen'),
          weight: fc.constantFrom(0, 0.5, 1),
        }),
        { maxLength: 2 },
      ),
    }),
  },
  errors: { of: fc.record({ errors: fc.array(fc.record({ words, number: player }), { maxLength: 2 }) }) },
  changes: { of: fc.record({ changes: fc.array(fc.record({ words, why: words }), { maxLength: 2 }) }) },
  notes: { of: fc.record({ notes: words }) },
  court: { of: fc.record({ court: fc.constantFrom('nfhs', 'ncaa', 'fiba', 'usPro') }) },
  level: {
    of: fc.record({ level: fc.constantFrom('youth', 'highSchool', 'college', 'pro'), women: fc.boolean() }),
  },
  alignment: {
    of: fc.record({ key: fc.constantFrom(...ALIGNMENTS.map((a) => a.key)), flipped: fc.boolean() }),
  },
  place: { of: fc.record({ player, place }) },
  ball: { of: fc.record({ player }) },
  throwIn: { of: fc.record({ from: fc.constantFrom(...THROW_INS, null) }) },
  addAction: { weight: 8, of: fc.record({ frame: frameId, action: anyAction }) },
  setAction: { of: fc.record({ id: actionId, action: anyAction }) },
  patchAction: {
    weight: 2,
    of: some(
      fc.record({
        id: actionId,
        set: maybe(some(fc.record({ cue: maybe(cue), note: maybe(words), facing: maybe(angle) }))),
        unset: maybe(fc.subarray<ActionField>(['cue', 'note', 'kind', 'tempo', 'background'])),
      }),
    ) as never,
  },
  removeAction: { of: fc.record({ id: actionId }) },
  moveAction: { of: fc.record({ id: actionId, to: fc.nat(5) }) },
  addFrame: {
    weight: 4,
    of: some(
      fc.record({
        after: fc.oneof(frameId, fc.constant(null)),
        fork: fc.boolean(),
        read: maybe(read),
      }),
    ) as never,
  },
  duplicateFrame: { of: fc.record({ id: frameId }) },
  pasteFrame: { of: fc.record({ after: frameId, frame: anyFrame }) },
  pasteEnding: { of: fc.record({ after: fc.oneof(frameId, fc.constant(null)), frame: anyFrame }) as never },
  removeFrame: { of: fc.record({ id: frameId }) },
  moveFrame: { weight: 2, of: fc.record({ id: frameId, after: fc.oneof(frameId, fc.constant(null)) }) },
  read: { of: fc.record({ frame: frameId, read: fc.oneof(read, fc.constant(null)) }) },
  orderEnding: { of: fc.record({ id: frameId, to: fc.nat(3) }) },
  removeEnding: { of: fc.record({ id: frameId }) },
  caption: { of: fc.record({ frame: frameId, caption: words }) },
  silence: {
    of: fc.record({
      code: fc.constantFrom('crowded', 'standing'),
      at: fc.constantFrom('c1', 'c2'),
      reason: fc.constantFrom('as taught', null),
      ending: frameId,
    }),
  },
  defences: { of: fc.record({ defences: fc.uniqueArray(defence, { maxLength: 2, selector: (d) => d.id }) }) },
  looks: {
    of: fc.record({
      frame: frameId,
      looks: fc.array(
        some(
          fc.record({
            id: fc.constantFrom('l1', 'l2', 'l3'),
            player,
            kind: fc.constantFrom('shot' as const, 'pass' as const, 'drive' as const, 'keep' as const),
            order: fc.nat(5),
            when: maybe(read),
            after: maybe(actionId),
          }),
        ),
        { maxLength: 3 },
      ),
    }) as never,
  },
  variantOf: {
    of: fc.record({
      variantOf: fc.option(
        fc.record({
          play: words.map((w) => w || 'p'),
          name: words,
          kind: fc.constantFrom('zone' as const, 'man' as const),
        }),
        { nil: null },
      ),
    }),
  },
  end: {
    of: fc.record({
      frame: fc.option(frameId, { nil: null }),
      end: fc.option(
        fc.oneof(
          fc.constant({ shot: true }),
          fc.record({ reset: fc.constantFrom('asDrawn' as const, 'flipped' as const) }),
          fc.record({ play: fc.record({ id: words.map((w) => w || 'p'), name: words }) }),
        ),
        { nil: null },
      ),
    }),
  },
  never: {
    of: fc.record({
      at: fc.record({ kind: fc.constantFrom('onBall', 'tag'), by: player, user: player, depth: fc.nat(3) }),
      does: fc.constantFrom(...REACTIONS),
      never: fc.boolean(),
    }) as never,
  },
  flip: { of: fc.constant({}) },
  numbers: { of: fc.record({ to: fc.constantFrom(rotateNumbers, swapNumbers('2', '4')) }) },
  splice: { of: fc.record({ after: frameId, play: fc.constant(samplePlay('box')) }) },
  copyLine: { of: fc.record({ from: frameId, after: frameId }) },
  copy: { of: fc.record({ id: fc.constantFrom('sample', 'other'), suffix: fc.constantFrom('', ' (copy)') }) },
};

export const anyChange: fc.Arbitrary<Change> = fc.oneof(
  ...Object.entries(CHANGES).map(([name, { weight = 1, of }]) => ({
    weight,
    arbitrary: (of as fc.Arbitrary<object>).map((o) => ({ do: name, ...o }) as Change),
  })),
);
