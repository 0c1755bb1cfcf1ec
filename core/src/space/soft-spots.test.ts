import { describe, expect, it } from 'vitest';
import { courtFor } from '../court/rulesets.ts';
import { spotPoint, type SpotKey } from '../court/spots.ts';
import { schemeOf, zoneByKey } from '../defence/zone/scheme.ts';
import { settled, situationAt } from '../defence/zone/shade.ts';
import { levelRecord } from '../motion/level.ts';
import { copyFive } from '../geometry/five.ts';
import { floorOf, type Floor } from './floor.ts';
import { mapSoftness, softMap, softSpots, softSpotsOf } from './soft-spots.ts';

function floorWith(zone: string, ball: SpotKey, court = courtFor({ court: 'nfhs' })): Floor {
  const level = levelRecord('highSchool');
  const f = floorOf(court, level);
  const sees = situationAt(
    (['wingR', 'wingL', 'cornerR', 'highPost', 'blockL'] as const).map((k) => spotPoint(court, k)),
    spotPoint(court, ball),
  );
  Object.assign(f, { bx: sees.bx, by: sees.by, players: 5 });
  copyFive(f.ox, sees.x);
  copyFive(f.oy, sees.y);
  settled(schemeOf(zoneByKey(zone)!, [], court), level, sees, f.dx, f.dy);
  return f;
}

describe('soft spots of an instant', () => {
  it.each(['2-3', '3-2', '1-3-1', '1-2-2', '2-1-2'])(
    'against a %s are those of the whole map: lanes are left out only where none can be',
    (zone) => {
      for (const ball of ['top', 'wingR', 'cornerL', 'highPost'] as const) {
        const f = floorWith(zone, ball);
        const spots = softSpotsOf(f);
        expect(spots).toEqual(softSpots(f, mapSoftness(f, softMap())));
        expect(spots.length).toBeGreaterThan(0);
      }
    },
  );

  it('are no fewer for a place that nobody can be in front of: the map has a lead wherever it scores', () => {
    const f = floorWith('2-3', 'top');
    const map = mapSoftness(f, softMap());
    map.score.forEach((score, i) => {
      if (score > 0) expect(map.lead[i]).toBeGreaterThan(0);
    });
  });
});
