import { describe, expect, it } from 'vitest';
import { arcMeetsCorner, courtOf } from './court.ts';
import { courtLines } from './lines.ts';
import { behindArc, distanceToRim, inBounds, inLane, moveToCourt } from './queries.ts';
import { courtFor, customRuleSet, RULE_SETS } from './rulesets.ts';
import {
  mirrorSpot,
  nearestSpot,
  relativeName,
  resolveRelative,
  SPOTS,
  spotByCode,
  spotPoint,
} from './spots.ts';
import { sayDistance } from './units.ts';

const courts = Object.values(RULE_SETS).map(courtOf);
const inches = (ft: number) => ft * 12;
const metres = (ft: number) => ft * 0.3048;

describe('rule books (numbers from memory)', () => {
  it('NFHS Basketball Rules Book, court diagram: the arc meets its straight part at the rim line, 5 ft 3 in', () => {
    expect(inches(arcMeetsCorner(courtFor({ court: 'nfhs' })))).toBeCloseTo(63, 6);
  });
  it('FIBA Official Basketball Rules, diagram 3: the straight part is 2.99 m long', () => {
    expect(metres(arcMeetsCorner(courtFor({ court: 'fiba' })))).toBeCloseTo(2.99, 2);
  });
  it('US professional rule book, Rule 1: the straight part runs about 14 ft from the baseline', () => {
    expect(arcMeetsCorner(courtFor({ court: 'usPro' }))).toBeCloseTo(14.2, 1);
  });
  it('NCAA Basketball Rules, court diagram: the straight part is 9 ft 10⅜ in long, to a quarter inch', () => {
    expect(Math.abs(inches(arcMeetsCorner(courtFor({ court: 'ncaa' }))) - 118.375)).toBeLessThan(0.25);
  });
  it('FIBA art. 2: 28 by 15 m, free-throw line 5.8 m, lane 4.9 m, corner line 0.9 m from the sideline', () => {
    const c = courtFor({ court: 'fiba' });
    expect(
      [c.length, c.width, c.freeThrowY, c.laneWidth, c.width / 2 - c.cornerX].map((v) =>
        Number(metres(v).toFixed(3)),
      ),
    ).toEqual([28, 15, 5.8, 4.9, 0.9]);
  });
  it('NCAA: 3 ft 4⅛ in from sideline to corner line; US professional: 3 ft', () => {
    expect(inches(25 - courtFor({ court: 'ncaa' }).cornerX)).toBeCloseTo(40.125, 6);
    expect(25 - courtFor({ court: 'usPro' }).cornerX).toBe(3);
  });
  it('names a source and an edge for every number', () => {
    for (const r of Object.values(RULE_SETS)) {
      for (const m of Object.values(r.measures)) {
        expect(m.source).toMatch(/from memory/);
        expect(m.edge.length).toBeGreaterThan(5);
      }
    }
  });
});

describe.each(courts)('$name court', (c) => {
  it('arc and straight join to a tenth of an inch, against independent arithmetic', () => {
    const lines = courtLines(c).filter((l) => l.name === 'threePoint');
    const straight = lines.find((l) => l.shape === 'straight' && l.a.x > 0)!;
    const arc = lines.find((l) => l.shape === 'arc')!;
    if (straight.shape !== 'straight' || arc.shape !== 'arc') throw new Error('shape');
    const angle = (arc.from * Math.PI) / 180;
    const end = {
      x: arc.centre.x + arc.radius * Math.cos(angle),
      y: arc.centre.y + arc.radius * Math.sin(angle),
    };
    expect(inches(Math.hypot(end.x - straight.b.x, end.y - straight.b.y))).toBeLessThan(0.1);
  });
  it('has spots in bounds, mirrored, on the right side of the arc', () => {
    for (const s of SPOTS) {
      const p = s.at(c);
      expect(inBounds(c, p), s.words).toBe(true);
      const m = spotPoint(c, mirrorSpot(s.key));
      expect(m.x).toBeCloseTo(-p.x, 9);
      expect(m.y).toBe(p.y);
      if (['top', 'slot', 'wing', 'corner', 'point'].includes(s.family))
        expect(behindArc(c, p), s.words).toBe(true);
      if (['block', 'elbow', 'nail', 'rim', 'short', 'dunker'].includes(s.family))
        expect(behindArc(c, p), s.words).toBe(false);
    }
  });
  it('knows what is inside', () => {
    expect(inLane(c, { x: c.laneWidth / 2, y: c.freeThrowY })).toBe(true);
    expect(inLane(c, { x: c.laneWidth / 2 + 0.1, y: 10 })).toBe(false);
    expect(inBounds(c, { x: 25, y: 10 })).toBe(c.width / 2 > 25);
    expect(inBounds(c, { x: 0, y: 0 })).toBe(false);
    expect(behindArc(c, { x: 0, y: c.rimY + c.arcRadius - 1e-9 })).toBe(false);
    expect(distanceToRim(c, { x: 3, y: c.rimY + 4 })).toBeCloseTo(5, 9);
  });
});

describe('spots', () => {
  it('codes are unique and found', () => {
    expect(new Set(SPOTS.map((s) => s.code)).size).toBe(SPOTS.length);
    expect(spotByCode('RS')?.words).toBe('right slot');
    expect(spotByCode('lk')?.words).toBe('left short corner');
    expect(spotByCode('zz')).toBeUndefined();
  });
  it('nearest spot', () => {
    const c = courtFor({ court: 'nfhs' });
    expect(nearestSpot(c, { x: 5.5, y: 18.5 }).spot.key).toBe('elbowR');
  });
  it('relative names follow the ball', () => {
    expect(relativeName('cornerR', { x: 10, y: 10 })).toBe('ball-side corner');
    expect(relativeName('cornerR', { x: -10, y: 10 })).toBe('weak-side corner');
    expect(relativeName('cornerR', { x: 0, y: 20 })).toBe('right corner');
    expect(resolveRelative('weak-side corner', { x: 10, y: 10 })).toBe('cornerL');
    expect(resolveRelative('ball side short corner', { x: 10, y: 10 })).toBe('shortR');
    expect(resolveRelative('ball-side corner', { x: 0, y: 20 })).toBeUndefined();
  });
});

describe('moving to another court', () => {
  const hs = courtFor({ court: 'nfhs' });
  const pro = courtFor({ court: 'usPro' });
  it('a spot follows; another keeps its side of the arc', () => {
    expect(moveToCourt(hs, pro, { ...spotPoint(hs, 'wingR'), spot: 'wingR' })).toMatchObject(
      spotPoint(pro, 'wingR'),
    );
    for (const p of [
      { x: 15, y: 20 },
      { x: -21, y: 4 },
      { x: 0, y: 26 },
      { x: 12, y: 15 },
    ]) {
      expect(behindArc(pro, moveToCourt(hs, pro, p)), JSON.stringify(p)).toBe(behindArc(hs, p));
    }
  });
  it('an editable copy changes only what was changed', () => {
    const own = customRuleSet({ base: 'nfhs', changes: { arcRadius: 19 } });
    expect(courtOf(own).arcRadius).toBe(19);
    expect(own.measures.arcRadius.source).toMatch(/changed by the coach/);
    expect(own.measures.laneWidth).toEqual(RULE_SETS.nfhs.measures.laneWidth);
  });
});

it('distances in the reader’s units', () => {
  expect(sayDistance(9.5, 'feet')).toBe('9 ft 6 in');
  expect(sayDistance(0.99999, 'feet')).toBe('1 ft');
  expect(sayDistance(10, 'metres')).toBe('3.0 m');
});
