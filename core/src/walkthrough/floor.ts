import { PLAYERS } from '../alignment/library.ts';
import { inBounds } from '../court/queries.ts';
import { distance } from '../geometry/vec.ts';
import { holderOf, pathOf } from '../play/state.ts';
import type { Check } from './finding.ts';

/** Two bodies closer than this are in one place (feet): the width of a man's shoulders. */
const ONE_PLACE = 1.5;

export const onePlace: Check = {
  code: 'one-place',
  words: 'Two players never end in one place',
  run: ({ walks }) => {
    const start = walks[0];
    const moments = [
      ...(start ? [{ frame: start.frame, state: start.before }] : []),
      ...walks.map((w) => ({ frame: w.frame, state: w.after })),
    ];
    const seen = new Set<string>();
    return moments.flatMap(({ frame, state }) =>
      PLAYERS.flatMap((a, i) =>
        PLAYERS.slice(i + 1).flatMap((b) => {
          const key = a + b;
          const close = distance(state.places[a], state.places[b]) < ONE_PLACE;
          if (!close) seen.delete(key);
          if (!close || seen.has(key)) return [];
          seen.add(key);
          return [
            {
              code: 'one-place',
              group: 'law' as const,
              severity: 'breaks' as const,
              frame: frame.id,
              players: [a, b],
              place: state.places[a],
              sentence: `${a} and ${b} stand in one place.`,
            },
          ];
        }),
      ),
    );
  },
};

export const outOfBounds: Check = {
  code: 'out-of-bounds',
  words: 'Nobody is out of bounds, the thrower-in aside',
  run: ({ court, walks }) => {
    const start = walks[0]?.before;
    const opening = start
      ? PLAYERS.filter((p) => p !== start.thrower && !inBounds(court, start.places[p])).map((p) => ({
          code: 'out-of-bounds',
          group: 'law' as const,
          severity: 'illegal' as const,
          frame: walks[0]!.frame.id,
          players: [p],
          place: start.places[p],
          sentence: `${p} starts out of bounds.`,
        }))
      : [];
    const moves = walks.flatMap((walk) =>
      walk.steps.flatMap((step) => {
        const { action } = step;
        const out = pathOf(action).find((p) => !inBounds(court, p));
        if (!out || step.before.thrower === action.by) return [];
        const sentence =
          holderOf(step.before) === action.by
            ? `${action.by} takes the ball out of bounds.`
            : `${action.by} runs out of bounds.`;
        return [
          {
            code: 'out-of-bounds',
            group: 'law' as const,
            severity: 'illegal' as const,
            frame: walk.frame.id,
            action: action.id,
            players: [action.by],
            place: out,
            sentence,
          },
        ];
      }),
    );
    return [...opening, ...moves];
  },
};
