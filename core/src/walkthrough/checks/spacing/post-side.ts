import { said } from '../../../language/said.ts';
import { distanceToRim } from '../../../court/queries.ts';
import { distance } from '../../../geometry/vec.ts';
import { positionAt, speedAt } from '../../../motion/track.ts';
import { STANDS } from '../../../motion/moments.ts';
import type { Check } from '../../finding.ts';
import { apart, others, timed } from '../support.ts';

/** A post stands so near to the rim and off its middle; a man who dives so near to him brings another defender (feet, common practice). */
const POST = { within: 12, off: 3 } as const;
const BESIDE = 9;

export const postSide: Check = {
  code: 'post-side',
  group: 'spacing',
  words: 'The corner does not dive into the post’s side',
  limit: '9 ft from a post on the same side',
  source: 'common practice',
  run: (input) =>
    input.walks.flatMap((walk) =>
      walk.steps.flatMap((step) => {
        const { action, before, after } = step;
        const run = timed(input, action.id);
        const from = before.places[action.by];
        const to = after.places[action.by];
        const corner = from.y < 9 && Math.abs(from.x) > input.court.cornerX - 3;
        if (
          action.does !== 'cut' ||
          !run ||
          !corner ||
          distanceToRim(input.court, to) > BESIDE ||
          to.x * from.x < 0
        )
          return [];
        const post = others(action.by).find((p) => {
          const at = positionAt(input.timeline, p, run.end);
          return (
            at.x * from.x > 0 &&
            Math.abs(at.x) > POST.off &&
            distanceToRim(input.court, at) <= POST.within &&
            distance(at, to) <= BESIDE &&
            speedAt(input.timeline, p, run.end) < STANDS
          );
        });
        // He comes for the ball, or goes where the post leaves.
        const given = input.timeline.flights.some(
          (f) => f.receiver === action.by && f.release < run.end && f.arrive > run.start,
        );
        if (!post || given) return [];
        return [
          {
            frame: walk.frame.id,
            action: action.id,
            players: [action.by, post],
            place: to,
            time: run.end,
            severity: 'costs' as const,
            marks: [apart(to, positionAt(input.timeline, post, run.end))],
            says: said('post-side', { a: action.by, b: post }),
          },
        ];
      }),
    ),
};
