import { copyFive, five, NONE, type None, type Seat } from '../../geometry/five.ts';
import type { Court } from '../../court/court.ts';
import { courtFor } from '../../court/rulesets.ts';
import { chasersLate, floorOf, type Floor } from '../../space/floor.ts';
import { softSpotsOf, type SoftSpot } from '../../space/soft-spots.ts';
import { levelRecord, type LevelRecord } from '../../motion/level.ts';
import type { Level } from '../../play/document.ts';
import { numbers, type XY } from '../board.test-data.ts';
import type { ZonePlan } from '../plan.ts';
import { schemeOf, zoneByKey, type Scheme } from './scheme.ts';
import { situationAt, settled, type Situation } from './shade.ts';
import type { ZoneKey } from './tables.ts';
import { warp } from './warp.ts';

/** A zone at a level, shaken or not: every place of its table, every player, speeds, reactions and reaches. */
export interface ZoneShake {
  readonly level: Level;
  readonly seed?: number;
  readonly mirrored?: boolean;
}
/** The court each level plays on. */
export const COURTS: Readonly<Record<Level, Court>> = {
  youth: courtFor({ court: 'nfhs' }),
  highSchool: courtFor({ court: 'nfhs' }),
  college: courtFor({ court: 'ncaa' }),
  pro: courtFor({ court: 'usPro' }),
};

/** A place of the drawn floor on the board's own court and side. */
export function sided(s: ZoneShake, [x, y]: XY): XY {
  const at = { x: 0, y: 0 };
  warp(COURTS[s.level], x, y, at);
  return [s.mirrored ? -at.x : at.x, at.y];
}

/** Numbers about 0 with a spread, cut at twice of it. */
function spread(rnd: () => number, by: number): number {
  const u = Math.max(1e-9, rnd());
  const n = Math.sqrt(-2 * Math.log(u)) * Math.cos(2 * Math.PI * rnd());
  return Math.min(2, Math.max(-2, n)) * by;
}

function shakenLevel(record: LevelRecord, rnd: () => number): LevelRecord {
  const off = (by: number): number => 1 + (rnd() * 2 - 1) * by;
  const plus = (by: number): number => (rnd() * 2 - 1) * by;
  const { zone, pass } = record;
  const thrown = off(0.06);
  return {
    ...record,
    zone: {
      ...zone,
      run: zone.run * off(0.06),
      push: zone.push * off(0.1),
      slide: zone.slide * off(0.08),
      slidePush: zone.slidePush * off(0.1),
      react: zone.react + plus(0.04),
      reach: zone.reach + plus(0.3),
      reachRim: zone.reachRim + plus(0.3),
    },
    pass: {
      ...pass,
      speed: {
        chest: pass.speed.chest * thrown,
        bounce: pass.speed.bounce * thrown,
        pocket: pass.speed.pocket * thrown,
        skip: pass.speed.skip * thrown,
        lob: pass.speed.lob * thrown,
      },
      hands: {
        ...pass.hands,
        out: pass.hands.out + plus(0.3),
        top: pass.hands.top * off(0.06),
        push: pass.hands.push * off(0.1),
        react: pass.hands.react + plus(0.04),
      },
    },
  };
}

export interface ZoneBoard {
  readonly scheme: (zone: ZoneKey, ...schools: string[]) => Scheme;
  readonly level: LevelRecord;
  /** A settled zone against players; the one nearest the ball has it. */
  readonly floor: (scheme: Scheme, ball: XY, players?: readonly XY[], more?: Partial<Situation>) => Floor;
  readonly spots: (f: Floor) => SoftSpot[];
  /** A place as the shake has it. */
  readonly place: (p: XY) => XY;
}

export function zoneBoard(s: ZoneShake): ZoneBoard {
  const court = COURTS[s.level];
  const rnd = s.seed === undefined ? () => 0.5 : numbers(s.seed);
  const plain = levelRecord(s.level);
  const level = s.seed === undefined ? plain : shakenLevel(plain, rnd);
  const off = (): number => (rnd() * 2 - 1) * 1;
  const place = ([x, y]: XY): XY => [x + off(), y + off()];
  const cache = new Map<string, Scheme>();
  const at = ([x, y]: XY) => ({ x, y });
  const seen = (ball: XY, players: readonly XY[], more: Partial<Situation>): Situation => ({
    ...situationAt(players.map(at), at(ball)),
    ...more,
  });
  return {
    level,
    place,
    scheme(zone, ...schools) {
      const key = [zone, ...schools].join();
      const kept = cache.get(key);
      if (kept) return kept;
      const laid = schemeOf(zoneByKey(zone)!, schools, court);
      const made = { ...laid, x: Float64Array.from(laid.x), y: Float64Array.from(laid.y) };
      if (s.seed !== undefined)
        for (let i = 0; i < made.x.length; i++) {
          made.x[i] = made.x[i]! + spread(rnd, 0.5);
          made.y[i] = made.y[i]! + spread(rnd, 0.5);
        }
      cache.set(key, made);
      return made;
    },
    floor(scheme, ball, players = [], more = {}) {
      const f = floorOf(court, level);
      const sees = seen(ball, players, more);
      f.bx = ball[0];
      f.by = ball[1];
      f.players = players.length;
      copyFive(f.ox, sees.x);
      copyFive(f.oy, sees.y);
      f.holder = players.findIndex(([x, y]) => (x - ball[0]) ** 2 + (y - ball[1]) ** 2 < 2.25) as Seat | None;
      settled(scheme, level, sees, f.dx, f.dy);
      chasersLate(f, sees.chases);
      return f;
    },
    spots: (f) => softSpotsOf(f),
  };
}

/** A zone as most teams play it, that chases nobody. */
export const zonePlan = (zone: ZoneKey): ZonePlan => ({
  type: 'zone',
  zone,
  schools: [],
  chases: five<Seat | None>(NONE),
  acts: [],
});
