import { said } from '../../../language/said.ts';
import { PLAYERS } from '../../../alignment/library.ts';
import type { Court } from '../../../court/court.ts';
import type { Point } from '../../../geometry/vec.ts';
import type { Check } from '../../finding.ts';
import { spells } from '../../../motion/moments.ts';

/** Three seconds in the lane: in every rule book (from memory). The count runs while the team holds the ball in play. */
const LIMIT = 3;
/** A man is drawn by his middle: this far from the line he may still have a foot outside (feet). */
const FOOT = 1;
const within = (court: Court, p: Point): boolean =>
  Math.abs(p.x) <= court.laneWidth / 2 - FOOT && p.y >= 0 && p.y <= court.freeThrowY - FOOT;

export const threeSeconds: Check = {
  code: 'three-seconds',
  group: 'law',
  words: 'Nobody is in the lane for three seconds',
  limit: '3 s with a foot well inside the lane, once the ball is in play',
  source: 'rule books, from memory',
  run: ({ court, moments, timeline, walks }) => {
    const thrower = walks[0]?.before.thrower;
    const inPlay = thrower ? (timeline.flights[0]?.release ?? 0) : 0;
    const shots = timeline.flights.filter((f) => f.receiver === null);
    return PLAYERS.flatMap((p) =>
      spells(
        moments,
        (m) => m.t >= inPlay && within(court, m.places[p]) && !shots.some((s) => m.t >= s.release),
      )
        .filter((s) => s.seconds > LIMIT)
        .map((s) => ({
          frame: s.from.frame,
          players: [p],
          place: s.to.places[p],
          time: s.from.t + LIMIT,
          severity: 'illegal' as const,
          marks: [{ is: 'place' as const, at: s.to.places[p] }],
          says: said('three-seconds', { who: p, seconds: s.seconds }),
        })),
    );
  },
};
