import { fiveOf, next, SEATS, type Seat } from '../../geometry/five.ts';
import { describe, expect, it } from 'vitest';
import { courtFor } from '../../court/rulesets.ts';
import { spotPoint, type SpotKey } from '../../court/spots.ts';
import { distance } from '../../geometry/vec.ts';
import { proposePlaces } from '../../look/propose-places.ts';
import { levelRecord } from '../../motion/level.ts';
import { startChase, stepChase, throwTo, type ChaseStart } from './chase.ts';
import { alternativesOf, schemeOf, zoneByKey, type Scheme } from './scheme.ts';
import { keepApart, movingFrom } from './move.ts';
import { ZONES, type ZoneKey } from './tables.ts';

const court = courtFor({ court: 'nfhs' });
const level = levelRecord('highSchool');
const five = (['top', 'wingR', 'wingL', 'cornerR', 'cornerL'] as const).map((s) => spotPoint(court, s));
const scheme = schemeOf(zoneByKey('2-3')!, [], court);

const begin = (s: Scheme, holder: number): ChaseStart => ({
  scheme: s,
  bump: s,
  level,
  players: five,
  holder,
});

function run(chase: ReturnType<typeof startChase>, seconds: number): number {
  let t = 0;
  while (t < seconds && stepChase(chase, 1 / 60)) t += 1 / 60;
  return t;
}

describe('a zone that chases the ball', () => {
  it('gets to rest where it would have stood, and the ball to its man', () => {
    const chase = startChase(begin(scheme, 0));
    throwTo(chase, 1, court);
    const t = run(chase, 10);
    expect(t).toBeGreaterThan(0.5);
    expect(t).toBeLessThan(4);
    expect(chase.holder).toBe(1);
    const rest = startChase(begin(scheme, 1));
    for (let d: Seat = 0; d < 5; d = next(d)) {
      expect(chase.moving.x[d]).toBeCloseTo(rest.moving.x[d], 0);
      expect(chase.moving.y[d]).toBeCloseTo(rest.moving.y[d], 0);
    }
  });
  it('is farther behind when the ball goes on at once (common practice)', () => {
    const quick = startChase(begin(schemeOf(zoneByKey('1-3-1')!, [], court), 3));
    throwTo(quick, 1, court);
    run(quick, 0.5);
    throwTo(quick, 0, court);
    run(quick, 0.6);
    const second = throwTo(quick, 2, court)!;
    expect(second.more).toBeGreaterThan(0.3);
    expect(quick.chased).toHaveLength(3);
  });
  it('throws nothing while the ball flies, to the man who has it, or to nobody', () => {
    const chase = startChase(begin(scheme, 0));
    expect(throwTo(chase, 0, court)).toBeNull();
    expect(throwTo(chase, 7, court)).toBeNull();
    throwTo(chase, 1, court);
    expect(throwTo(chase, 2, court)).toBeNull();
  });
});

describe('where to put them', () => {
  const ask = (key: ZoneKey, ball: SpotKey = 'top') =>
    proposePlaces(schemeOf(zoneByKey(key)!, [], court), level, court, spotPoint(court, ball));
  it.each(ZONES.map((z) => z.key))(
    'three answers against a %s, each within the rules, none like another',
    (key) => {
      const all = ask(key);
      expect(all).toHaveLength(3);
      const rim = { x: 0, y: court.rimY };
      for (const p of all) {
        expect(p.places).toHaveLength(5);
        expect(p.places.filter((q) => distance(q, rim) < 15).length).toBeGreaterThanOrEqual(1);
        expect(p.places.some((q) => q.y >= 21)).toBe(true);
        const outside = p.places.filter((q) => distance(q, rim) >= 15);
        outside.forEach((a, i) =>
          outside.slice(i + 1).forEach((b) => expect(distance(a, b)).toBeGreaterThanOrEqual(12 * 0.8 - 1e-9)),
        );
        expect(Math.max(...p.options.map((o) => o.late))).toBeGreaterThan(0.2);
      }
      const [a, b, c] = all.map((p) => new Set(p.spots.slice(1)));
      for (const [x, y] of [
        [a, b],
        [a, c],
        [b, c],
      ] as const)
        expect([...x!].filter((s) => !y!.has(s)).length).toBeGreaterThanOrEqual(2);
    },
  );
  it('against a 2-3 they use the high post, a short corner and a corner (common practice)', () => {
    for (const ball of ['top', 'wingR', 'slotL'] as const) {
      const spots = ask('2-3', ball).flatMap((p) => p.spots);
      const some = (keys: readonly string[]) => expect(spots.some((s) => s && keys.includes(s))).toBe(true);
      some(['nail', 'highPost', 'elbowL', 'elbowR']);
      some(['shortL', 'shortR', 'dunkerL', 'dunkerR']);
      some(['cornerL', 'cornerR']);
    }
  });
  it('against one man on top they put two guards there (common practice)', () => {
    for (const zone of ['1-3-1', '3-2', '1-2-2'] as const) {
      const spots = ask(zone, 'slotR').flatMap((p) => p.spots);
      expect(spots).toContain('slotL');
    }
  });
});

describe('bodies of a zone', () => {
  it('stay off each other and off ours, and nobody jumps', () => {
    const at = fiveOf((d) => d * 0.4);
    const m = movingFrom(
      at,
      fiveOf(() => 10),
    );
    const [ox, oy] = [fiveOf((j) => j * 0.4), fiveOf(() => 10.6)];
    for (let k = 0; k < 60; k++) {
      const before = [...m.x];
      keepApart(m, ox, oy);
      before.forEach((x, d) => expect(Math.abs(m.x[d as 0] - x)).toBeLessThan(1.6));
    }
    for (const d of SEATS)
      for (const e of SEATS)
        if (e > d) expect(Math.hypot(m.x[d] - m.x[e], m.y[d] - m.y[e])).toBeGreaterThan(1.2);
  });
});

describe('the tables', () => {
  it.each(ZONES)('$key: five men inside the floor for every ball, and its mirror is its own', (table) => {
    for (const schools of [[], ...table.alternatives.map((a) => [a.key])]) {
      const s = schemeOf(table, schools, court, true);
      const mirror = alternativesOf(table, schools).find((a) => a.mirror)?.mirror ?? table.mirror;
      expect(mirror.map((m) => mirror[m])).toEqual([0, 1, 2, 3, 4]);
      for (let i = 0; i < s.x.length; i++) {
        expect(Math.abs(s.x[i]!)).toBeLessThanOrEqual(24.5);
        expect(s.y[i]).toBeGreaterThanOrEqual(0.5);
      }
    }
  });
});
