import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { distance } from '../geometry/vec.ts';
import type { Court } from './court.ts';
import { alongPerimeter, gapsBeside, gapSize, perimeterPoint, spotsAlong } from './perimeter.ts';
import { courtFor, RULE_SETS } from './rulesets.ts';
import { spotPoint, type SpotKey } from './spots.ts';

const court = courtFor({ court: 'nfhs' });
const courts = (Object.keys(RULE_SETS) as (keyof typeof RULE_SETS)[]).map((key) => courtFor({ court: key }));

describe('along the perimeter', () => {
  it('is 0 at the top, grows to the right, and is mirrored', () => {
    for (const c of courts) {
      expect(alongPerimeter(c, spotPoint(c, 'top'))).toBeCloseTo(0, 9);
      const right = (['slotR', 'wingR', 'cornerR'] as SpotKey[]).map((k) =>
        alongPerimeter(c, spotPoint(c, k)),
      );
      expect(right).toEqual([...right].sort((a, b) => a - b));
      expect(alongPerimeter(c, spotPoint(c, 'wingL'))).toBeCloseTo(-right[1]!, 9);
    }
  });
  it('a quarter of the arc is πr/2 (independent arithmetic)', () => {
    const r = court.arcRadius + 1.5;
    expect(alongPerimeter(court, { x: r, y: court.rimY })).toBeCloseTo((Math.PI / 2) * r, 6);
    expect(alongPerimeter(court, { x: r, y: 0 })).toBeCloseTo((Math.PI / 2) * r + court.rimY, 6);
  });
  it('place and coordinate are inverses on the line, and the line has no gaps', () => {
    fc.assert(
      fc.property(fc.constantFrom(...courts), fc.double({ min: -36, max: 36, noNaN: true }), (c, along) => {
        expect(alongPerimeter(c, perimeterPoint(c, along))).toBeCloseTo(along, 6);
        expect(distance(perimeterPoint(c, along), perimeterPoint(c, along + 0.01))).toBeLessThan(0.011);
      }),
    );
  });
});

describe('gaps beside the ball, in spots (common practice)', () => {
  const on = (court: Court, ball: SpotKey, mates: readonly SpotKey[]) =>
    gapsBeside(
      court,
      spotPoint(court, ball),
      mates.map((key) => [key, spotPoint(court, key)] as const),
    );
  it.each(courts)('$key: neighbours are single, one empty spot double, two triple, nobody open', (court) => {
    const size = (ball: SpotKey, ...mates: SpotKey[]) => on(court, ball, mates).map((g) => g.size);
    // Right wing to left wing with the top empty; with the left wing empty too, and a man in the far corner.
    expect(size('wingR', 'wingL', 'cornerR')).toEqual(['double', 'single']);
    expect(size('wingR', 'cornerL')).toEqual(['triple', 'open']);
    expect(size('slotR', 'cornerL')).toEqual(['double', 'open']);
    expect(size('top', 'wingL', 'wingR')).toEqual(['single', 'single']);
    expect(size('slotL', 'slotR', 'wingL')).toEqual(['onTop', 'single']);
    expect(size('cornerR', 'cornerL')).toEqual(['triple', 'open']);
    expect(size('wingL', 'wingR', 'blockL', 'elbowR')).toEqual(['open', 'double']);
  });
  it.each(courts)('$key: mirrored, the counts are mirrored; they grow from corner to corner', (court) => {
    const keys: SpotKey[] = ['cornerL', 'wingL', 'slotL', 'top', 'slotR', 'wingR', 'cornerR'];
    expect(keys.map((k) => spotsAlong(court, spotPoint(court, k)))).toEqual([0, 1, 1.5, 2, 2.5, 3, 4]);
    for (let along = -38; along < 38; along += 0.5) {
      const p = perimeterPoint(court, along);
      expect(spotsAlong(court, p) + spotsAlong(court, { x: -p.x, y: p.y })).toBeCloseTo(4, 9);
      expect(spotsAlong(court, perimeterPoint(court, along + 0.5))).toBeGreaterThan(spotsAlong(court, p));
    }
  });
  it('half a foot off its spot a man is still in it, and a quarter of a spot is as good as one', () => {
    const wing = spotPoint(court, 'wingR');
    for (const off of [-0.5, 0.5]) {
      const ball = { x: wing.x, y: wing.y + off };
      const [left] = gapsBeside(court, ball, [['2', spotPoint(court, 'wingL')]]);
      expect(left.size).toBe('double');
    }
    expect([0.7, 0.75, 1.74, 1.75, 2.74, 2.75, Infinity].map(gapSize)).toEqual([
      'onTop',
      'single',
      'single',
      'double',
      'double',
      'triple',
      'open',
    ]);
  });
  it('men well inside the arc fill no gap; the feet are told beside', () => {
    const [left, right] = on(court, 'slotR', ['blockR', 'wingL']);
    expect(right).toMatchObject({ to: null, size: 'open', feet: Infinity });
    expect(left.to).toBe('wingL');
    const feet =
      alongPerimeter(court, spotPoint(court, 'slotR')) - alongPerimeter(court, spotPoint(court, 'wingL'));
    expect(left.feet).toBeCloseTo(feet, 9);
  });
});
