import fc from 'fast-check';
import { ALIGNMENTS, PLAYERS } from '../alignment/library.ts';
import type { Play, Verb } from '../play/document.ts';
import { edit } from '../play/edit.ts';
import { samplePlay } from '../play/sample.test-data.ts';
import { walkLine } from '../play/state.ts';
import { mainLine } from '../play/tree.ts';
import { propose } from './propose.ts';
import { NEEDS } from './verbs.ts';

const VERBS = Object.keys(NEEDS) as Verb[];

/** A stroke of the hand: a verb that was said or none, from whom, to where, and at times a man. */
const strokes = fc.record({
  who: fc.constantFrom(...PLAYERS),
  verb: fc.option(fc.constantFrom(...VERBS), { nil: null, freq: 4 }),
  x: fc.double({ min: -24, max: 24, noNaN: true }),
  y: fc.double({ min: 1, max: 40, noNaN: true }),
  to: fc.option(fc.constantFrom(...PLAYERS), { nil: undefined, freq: 1 }),
});

/** A play drawn by hand: strokes that mean something, frame by frame. */
export const drawnPlays: fc.Arbitrary<Play> = fc
  .tuple(
    fc.constantFrom(...ALIGNMENTS.map((a) => a.key)),
    fc.array(fc.array(strokes, { minLength: 2, maxLength: 7 }), { minLength: 1, maxLength: 3 }),
  )
  .map(([alignment, frames]) =>
    frames.reduce<Play>((drawn, all, i) => {
      let play = drawn;
      const take = (change: Parameters<typeof edit>[1]): void => {
        const r = edit(play, change);
        if (r.ok) play = r.play;
      };
      if (i > 0) take({ do: 'addFrame', after: mainLine(play).at(-1)!.id });
      for (const { who, verb, x, y, to } of all) {
        const walk = walkLine(play, mainLine(play)).at(-1)!;
        const man = to === who ? undefined : to;
        const action = propose(walk, { who, verb, ball: false, at: { x, y }, to: man });
        if (action) take({ do: 'addAction', frame: walk.frame.id, action });
      }
      return play;
    }, samplePlay(alignment)),
  );

/** The same, and the coach has said of some of its actions when they start: too soon, too late, or on somebody else. */
export const cuedPlays: fc.Arbitrary<Play> = fc
  .tuple(
    drawnPlays,
    fc.array(
      fc.record({
        nth: fc.nat(40),
        on: fc.nat(40),
        frame: fc.boolean(),
        delay: fc.double({ min: -2.5, max: 2.5, noNaN: true }),
        event: fc.constantFrom('start', 'release', 'end', 'at'),
      }),
      { maxLength: 4 },
    ),
  )
  .map(([drawn, cues]) =>
    cues.reduce<Play>((play, { nth, on, frame, delay, event }) => {
      const actions = play.frames.flatMap((f) => f.actions);
      const action = actions[nth % Math.max(1, actions.length)];
      const other = actions[on % Math.max(1, actions.length)];
      if (!action || !other || (other === action && !frame)) return play;
      const cue = frame
        ? { on: 'frame', delay }
        : { on: other.id, event, delay, ...(event === 'at' ? { at: 0.5 } : {}) };
      const r = edit(play, { do: 'patchAction', id: action.id, set: { cue } as never });
      return r.ok ? r.play : play;
    }, drawn),
  );
