import { said } from '../../../language/said.ts';
import { atHighPost } from '../../../court/queries.ts';
import type { Check } from '../../finding.ts';
import { onZone } from './zone-only.ts';

export const zoneMiddle: Check = {
  code: 'zone-middle',
  group: 'zone',
  words: 'The ball touches the middle of a zone',
  limit: 'one touch at the high post',
  source: 'common practice',
  run: onZone(({ court, moments, walks, timeline }) => {
    const passes = timeline.flights.filter((f) => f.receiver !== null);
    if (passes.length < 2 || moments.some((m) => m.holder && atHighPost(court, m.places[m.holder])))
      return [];
    return [
      {
        frame: walks[0]!.frame.id,
        players: [],
        place: { x: 0, y: court.freeThrowY },
        time: 0,
        severity: 'costs',
        marks: [{ is: 'place', at: { x: 0, y: court.freeThrowY } }],
        says: said('zone-middle', {}),
      },
    ];
  }),
};
