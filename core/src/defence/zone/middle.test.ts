import { describe, expect, it } from 'vitest';
import { five, SEATS } from '../../geometry/five.ts';
import { levelRecord } from '../../motion/level.ts';
import type { Level } from '../../play/document.ts';
import { COURTS } from './board.test-data.ts';
import { schemeOf, zoneByKey } from './scheme.ts';
import { settled, situationAt } from './shade.ts';

/** A man with the ball is taken from here on (ft), and places are looked at this far from the rim at least. */
const WITHIN = 7;
const FROM = 6;

/** Share of the places inside the arc at which nobody stands near the man with the ball, on the rim's side of him. */
function open(zone: string, level: Level): number {
  const court = COURTS[level];
  const scheme = schemeOf(zoneByKey(zone)!, [], court);
  const record = levelRecord(level);
  const x = five();
  const y = five();
  let places = 0;
  let free = 0;
  for (let bx = -25; bx <= 25; bx++)
    for (let by = 1; by <= 30; by++) {
      const r = Math.hypot(bx, by - court.rimY);
      if (r < FROM || r > court.arcRadius) continue;
      const ball = { x: bx, y: by };
      settled(scheme, record, situationAt([ball], ball), x, y);
      places++;
      const taken = SEATS.some(
        (d) => Math.hypot(x[d] - bx, y[d] - by) <= WITHIN && Math.hypot(x[d], y[d] - court.rimY) < r,
      );
      if (!taken) free++;
    }
  return free / places;
}

describe('the middle distance between the named places', () => {
  it.each(['2-3', '3-2', '1-3-1', '1-2-2', '2-1-2'])('is no more open on a larger court: %s', (zone) => {
    const drawn = open(zone, 'highSchool');
    for (const level of ['college', 'pro'] as const)
      expect(open(zone, level)).toBeLessThanOrEqual(drawn + 0.005);
    // A 1-2-2 has a hole behind its point; no other zone leaves a man with the ball alone.
    expect(drawn).toBeLessThanOrEqual(zone === '1-2-2' ? 0.03 : 0.01);
  });
});
