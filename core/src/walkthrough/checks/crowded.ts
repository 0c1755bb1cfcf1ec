import { PLAYERS, type PlayerId } from '../../alignment/library.ts';
import type { Court } from '../../court/court.ts';
import { distanceToRim } from '../../court/queries.ts';
import { distance, type Point } from '../../geometry/vec.ts';
import { pathOf, type FrameWalk } from '../../play/state.ts';
import type { Check, CheckInput, Mend } from '../finding.ts';
import { longest, spells, type Moment } from '../moments.ts';
import { about, apart, both, freeSpot, others, readdress } from './support.ts';

/** Two stand too near each other only when it lasts (s). */
const LASTS = 1.2;

/** Men about the three-point line; a post at the elbow is no neighbour of theirs. */
const outThere = (court: Court, p: Point): boolean => distanceToRim(court, p) >= court.arcRadius - 2;

/** Near on purpose: a screen, a handoff, or a pass and a run at each other. */
function together(walk: FrameWalk, a: PlayerId, b: PlayerId): boolean {
  const pair = (x: PlayerId, y: PlayerId) => (x === a && y === b) || (x === b && y === a);
  return walk.steps.some(
    ({ action }) =>
      (action.does === 'screen' && (pair(action.by, action.for) || action.by === a || action.by === b)) ||
      ((action.does === 'handoff' || (action.does === 'fake' && action.to !== undefined)) &&
        pair(action.by, action.to!)),
  );
}

/** Move the one of a pair who is on his way there anyhow to the nearest free spot. */
function moveAway({ court, walks, school }: CheckInput, m: Moment, a: PlayerId, b: PlayerId): Mend[] {
  const walk = walks.find((w) => w.frame.id === m.frame)!;
  for (const p of [b, a]) {
    const step = walk.steps.findLast((s) => s.action.by === p && s.action.does === 'cut');
    if (!step) continue;
    const spot = freeSpot(
      court,
      walk.after.places[p],
      others(p).map((o) => walk.after.places[o]),
      school.crowded + 2,
    );
    if (!spot) continue;
    const path = [...pathOf(step.action).slice(0, -1), { ...spot.place, spot: spot.key }];
    return [{ words: `Move ${p} to the ${spot.words}`, changes: [readdress(step.action, { path })] }];
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
    const { court, moments, school, walks, units } = input;
    const walkOf = new Map(walks.map((w, i) => [w.frame.id, [w, walks[i + 1], walks[i - 1]] as const]));
    return PLAYERS.flatMap((a, i) =>
      PLAYERS.slice(i + 1).flatMap((b) => {
        const near = (m: Moment) => {
          const [pa, pb] = [m.places[a], m.places[b]];
          if (distance(pa, pb) >= school.crowded - 0.25 || !outThere(court, pa) || !outThere(court, pb))
            return false;
          return !walkOf.get(m.frame)!.some((w) => w && together(w, a, b));
        };
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
            marks: [apart(m.places[a], m.places[b], units)],
            mends: moveAway(input, m, a, b),
            sentence: `${both(a, b)} are ${about(distance(m.places[a], m.places[b]), units)} apart: one man guards both.`,
          },
        ];
      }),
    );
  },
};
