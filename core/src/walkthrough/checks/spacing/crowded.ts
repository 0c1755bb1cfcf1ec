import { said } from '../../../language/said.ts';
import { PLAYERS, type PlayerId } from '../../../alignment/library.ts';
import type { Court } from '../../../court/court.ts';
import { distanceToRim } from '../../../court/queries.ts';
import { distance, type Point } from '../../../geometry/vec.ts';
import { pathOf, type FrameWalk } from '../../../play/state.ts';
import type { Bare, Check, CheckInput, Mend } from '../../finding.ts';
import { longest, spells, type Moment } from '../../../motion/moments.ts';
import { apart, freeSpot, others, readdress } from '../support.ts';

/** Two stand too near each other only when it lasts (s). */
const LASTS = 1.2;

/** Men about the three-point line; a post at the elbow is no neighbour of theirs. */
const outThere = (court: Court, p: Point): boolean => distanceToRim(court, p) >= court.arcRadius - 2;

/** Near on purpose: a screen, a handoff, or one that is shown to a man who runs for it; a fake alone brings nobody together. */
function together(walk: FrameWalk, a: PlayerId, b: PlayerId): boolean {
  const pair = (x: PlayerId, y: PlayerId) => (x === a && y === b) || (x === b && y === a);
  const runs = (p: PlayerId) => walk.steps.some((s) => s.action.by === p && s.action.does === 'cut');
  return walk.steps.some(
    ({ action }) =>
      (action.does === 'screen' && (pair(action.by, action.for) || action.by === a || action.by === b)) ||
      (action.does === 'handoff' && pair(action.by, action.to)) ||
      (action.does === 'fake' &&
        action.of === 'handoff' &&
        action.to !== undefined &&
        pair(action.by, action.to) &&
        runs(action.to)),
  );
}

/** The frames in which two are near on purpose, and those beside them, in which they come and go. */
function framesTogether(walks: readonly FrameWalk[], a: PlayerId, b: PlayerId): Set<string> {
  const out = new Set<string>();
  walks.forEach((w, i) => {
    if (together(w, a, b)) for (const x of walks.slice(Math.max(0, i - 1), i + 2)) out.add(x.frame.id);
  });
  return out;
}

/** Move the one of a pair who came there by a cut to the nearest free spot. */
function moveAway({ court, walks, teaching }: CheckInput, m: Moment, a: PlayerId, b: PlayerId): Bare<Mend>[] {
  const now = walks.findIndex((w) => w.frame.id === m.frame);
  const came = walks.slice(0, now + 1);
  for (const p of [b, a]) {
    const last = came
      .flatMap((w) => w.steps)
      .findLast((s) => s.action.by === p && pathOf(s.action).length > 0);
    if (last?.action.does !== 'cut') continue;
    const { places } = walks[now]!.after;
    const spot = freeSpot(
      court,
      places[p],
      others(p)
        .map((o) => places[o])
        .filter((o) => outThere(court, o)),
      teaching.crowded + 2,
    );
    if (!spot) continue;
    const path = [...pathOf(last.action).slice(0, -1), { x: spot.place.x, y: spot.place.y, spot: spot.key }];
    return [
      { says: said('mend-move', { who: p, spot: spot.key }), changes: [readdress(last.action, { path })] },
    ];
  }
  return [];
}

export const crowded: Check = {
  code: 'crowded',
  group: 'spacing',
  words: 'Perimeter players keep their distance',
  limit: '12 ft (10 ft youth) between two men about the arc for 1.2 s; your own limit',
  source: 'common practice',
  run: (input) => {
    const { court, moments, teaching, walks } = input;
    return PLAYERS.flatMap((a, i) =>
      PLAYERS.slice(i + 1).flatMap((b) => {
        const meant = framesTogether(walks, a, b);
        const near = (m: Moment) =>
          distance(m.places[a], m.places[b]) < teaching.crowded - 0.25 &&
          outThere(court, m.places[a]) &&
          outThere(court, m.places[b]) &&
          !meant.has(m.frame);
        const worst = longest(spells(moments, near));
        if (!worst || worst.seconds < LASTS) return [];
        const m = moments.find((x) => x.t >= (worst.from.t + worst.to.t) / 2)!;
        return [
          {
            frame: m.frame,
            players: [a, b],
            place: m.places[a],
            time: m.t,
            severity: 'costs' as const,
            marks: [apart(m.places[a], m.places[b])],
            mends: moveAway(input, m, a, b),
            says: said('crowded', { a, b, feet: distance(m.places[a], m.places[b]) }),
          },
        ];
      }),
    );
  },
};
