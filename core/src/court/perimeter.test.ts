import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { distance } from '../geometry/vec.ts';
import { alongPerimeter, gapsBeside, gapSize, perimeterPoint } from './perimeter.ts';
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

describe('gaps beside the ball (common practice: a spot is about 15 ft)', () => {
  it('one spot is single, two are double, three triple, nobody is open', () => {
    expect([1, 1.49, 1.5, 2.49, 2.5, Infinity].map(gapSize)).toEqual([
      'single',
      'single',
      'double',
      'double',
      'triple',
      'open',
    ]);
  });
  it('on a floor with known spots: top to right wing and to the left corner', () => {
    const mates = [
      ['2', spotPoint(court, 'cornerL')],
      ['3', spotPoint(court, 'wingR')],
      ['5', spotPoint(court, 'blockR')],
    ] as const;
    const [left, right] = gapsBeside(court, spotPoint(court, 'top'), mates);
    expect(left).toMatchObject({ to: '2', size: 'double' });
    expect(left.spots).toBeGreaterThan(2);
    expect(right).toMatchObject({ to: '3', size: 'single' });
    expect(right.feet).toBeCloseTo(alongPerimeter(court, spotPoint(court, 'wingR')), 6);
  });
  it('posts inside fifteen feet do not fill a gap; an empty side is open', () => {
    const [left, right] = gapsBeside(court, spotPoint(court, 'slotR'), [
      ['5', spotPoint(court, 'blockR')],
      ['2', spotPoint(court, 'wingL')],
    ]);
    expect(right).toMatchObject({ to: null, size: 'open', feet: Infinity });
    expect(left.to).toBe('2');
  });
});
