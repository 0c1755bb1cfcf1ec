import { said } from '../../../language/said.ts';
import { PLAYERS } from '../../../alignment/library.ts';
import { distance } from '../../../geometry/vec.ts';
import type { Check } from '../../finding.ts';

/** Two bodies closer than this are in one place (feet): the width of a man's shoulders. */
const ONE_PLACE = 1.5;

export const onePlace: Check = {
  code: 'one-place',
  group: 'law',
  words: 'Two players never end in one place',
  limit: '1 ft 6 in between two men at a bar line',
  source: 'common practice',
  run: ({ walks, timeline }) => {
    const start = walks[0];
    const stands = [
      ...(start ? [{ frame: start.frame.id, state: start.before, time: 0 }] : []),
      ...walks.map((w, i) => ({ frame: w.frame.id, state: w.after, time: timeline.bars[i]!.end })),
    ];
    const seen = new Set<string>();
    return stands.flatMap(({ frame, state, time }) =>
      PLAYERS.flatMap((a, i) =>
        PLAYERS.slice(i + 1).flatMap((b) => {
          const close = distance(state.places[a], state.places[b]) < ONE_PLACE;
          if (!close) seen.delete(a + b);
          if (!close || seen.has(a + b)) return [];
          seen.add(a + b);
          return [
            {
              frame,
              time,
              players: [a, b],
              place: state.places[a],
              severity: 'breaks' as const,
              says: said('one-place', { a, b }),
            },
          ];
        }),
      ),
    );
  },
};
