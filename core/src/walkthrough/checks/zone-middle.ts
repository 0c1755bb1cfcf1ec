import type { Court } from '../../court/court.ts';
import { type Point } from '../../geometry/vec.ts';
import type { Check } from '../finding.ts';
import { onZone } from './zone-only.ts';

const highPost = (court: Court, p: Point): boolean =>
  Math.abs(p.x) <= court.laneWidth / 2 + 2 && p.y >= court.freeThrowY - 5 && p.y <= court.freeThrowY + 3.5;

export const zoneMiddle: Check = {
  code: 'zone-middle',
  group: 'zone',
  words: 'The ball touches the middle of a zone',
  limit: 'one touch at the high post',
  source: 'common practice',
  run: onZone(({ court, moments, walks, timeline }) => {
    const passes = timeline.flights.filter((f) => f.receiver !== null);
    if (passes.length < 2 || moments.some((m) => m.holder && highPost(court, m.places[m.holder]))) return [];
    return [
      {
        frame: walks[0]!.frame.id,
        players: [],
        place: { x: 0, y: court.freeThrowY },
        time: 0,
        severity: 'costs',
        marks: [{ is: 'place', at: { x: 0, y: court.freeThrowY } }],
        sentence: 'The ball never touches the high post: a zone is beaten from its middle.',
      },
    ];
  }),
};
