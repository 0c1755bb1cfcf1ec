import { copyFive, five, next, type Seat } from '../../geometry/five.ts';
import { spotPoint, type SpotKey } from '../../court/spots.ts';
import { optionsOf } from '../../space/split.ts';
import { trapped } from '../../space/times.ts';
import type { XY } from '../board.test-data.ts';
import { COURTS, sided, zoneBoard, type ZoneBoard, type ZoneShake } from './board.test-data.ts';
import type { ZoneFact } from './facts.test-data.ts';
import { movingFrom, plant, stepZone } from './move.ts';
import type { ZoneKey } from './tables.ts';

/** A named spot of the board's own court, on its side. */
function spot(s: ZoneShake, key: SpotKey): XY {
  const { x, y } = spotPoint(COURTS[s.level], key);
  return sided(s, [x, y]);
}

const feet = ([ax, ay]: XY, [bx, by]: XY): number => Math.sqrt((ax - bx) ** 2 + (ay - by) ** 2);

/** Degrees from the top along the arc at which somebody could catch between two men of a zone. */
const SEAMS = Array.from({ length: 18 }, (_, i) => 5 * i);

/** A catch where two areas overlap: how near the second man is there, and how near the usual second man is. */
function overlaps(
  s: ZoneShake,
  b: ZoneBoard,
  zone: ZoneKey,
): { second: number; usual: number; open: number } {
  const court = COURTS[s.level];
  const out = (['cornerR', 'wingL', 'slotL', 'highPost'] as const).map((key) => b.place(spot(s, key)));
  const all = SEAMS.map((angle) => {
    const a = (angle * Math.PI) / 180;
    const r = court.arcRadius + 1.5;
    const ball = sided(s, [r * Math.sin(a), court.rimY + r * Math.cos(a)]);
    const f = b.floor(b.scheme(zone), ball, [ball, ...out]);
    const near = Array.from({ length: 5 }, (_, d) => feet([f.dx[d as 0], f.dy[d as 0]], ball)).sort(
      (x, y) => x - y,
    );
    const open = optionsOf(f).filter((o) => o.player !== 4 && o.late > 0).length;
    return { second: near[1]!, open };
  }).sort((x, y) => x.second - y.second);
  return { second: all[0]!.second, usual: all[all.length >> 1]!.second, open: all[0]!.open };
}

const overlap = (zone: ZoneKey): ZoneFact => ({
  key: `overlap ${zone}`,
  words: `A catch between two men of a ${zone} draws both, and leaves somebody beside it open`,
  reported: 0.95,
  measure: (s) => {
    const figures = overlaps(s, zoneBoard(s), zone);
    return { holds: figures.second <= figures.usual - 3 && figures.open > 0, figures };
  },
});

/** High post and far side of a trapped corner: the first is open, over the far one nobody stands. */
const trap = (zone: ZoneKey, ...schools: string[]): ZoneFact => ({
  key: `far of trap ${zone}`,
  words: `A trap of a ${zone} in the corner leaves the high post and the far side`,
  reported: 0.9,
  measure: (s) => {
    const b = zoneBoard(s);
    const keys: SpotKey[] = ['cornerR', 'wingR', 'highPost', 'wingL', 'blockL'];
    const players = keys.map((key) => b.place(spot(s, key)));
    const f = b.floor(b.scheme(zone, ...schools), players[0]!, players);
    const all = optionsOf(f);
    const high = all.find((o) => o.player === 2)!;
    const far = all.find((o) => o.player === 3)!;
    const figures = { high: high.late, lane: high.margin, far: far.margin, farOff: far.closeOut };
    return {
      holds: trapped(f) && high.late > 0 && high.margin > 0 && far.margin >= 0.1 && far.closeOut >= 12,
      figures,
    };
  },
});

/** A window is at least this long (s). */
const LEAST = 0.2;

/** He turns and shoots so long after his catch (s). */
const SHOOTS = 0.6;

/**
 * Seconds after a catch at the nail in which the low man, who steps in front of the rim, is open for a pass; and how far
 * the nearest man before the shooter is when he shoots.
 */
function highLow(s: ZoneShake, b: ZoneBoard, ...schools: string[]): { low: number; before: number } {
  const scheme = b.scheme('2-3', ...schools);
  const top = b.place(spot(s, 'top'));
  const nail = b.place(sided(s, [0, 18]));
  const short = b.place(spot(s, 'shortR'));
  const seal = sided(s, [2.5, 6.5]);
  const out = (['wingL', 'cornerL', 'slotR'] as const).map((key) => b.place(spot(s, key)));
  const { react } = b.level.zone;
  const start = b.floor(scheme, top, [nail, short, ...out]);
  const m = movingFrom(start.dx, start.dy);
  plant(m);
  const dt = 0.05;
  let low = 0;
  let before = Infinity;
  // The pass is in the air; they see it a reaction late, and him who steps in as late.
  const caught = feet(top, nail) / b.level.pass.speed.chest;
  for (let t = 0; t < caught + 1.2; t += dt) {
    const at = Math.min(1, Math.max(0, t - react) / 0.7);
    const seen: XY = [short[0] + (seal[0] - short[0]) * at, short[1] + (seal[1] - short[1]) * at];
    if (t >= react) {
      const f = b.floor(scheme, nail, [nail, seen, ...out]);
      copyFive(m.tx, f.dx);
      copyFive(m.ty, f.dy);
    }
    stepZone(m, b.level, nail[0], nail[1], dt, five(1));
    if (t < caught) continue;
    const now = b.floor(scheme, nail, [nail, seal, ...out]);
    copyFive(now.dx, m.x);
    copyFive(now.dy, m.y);
    const o = optionsOf(now).find((x) => x.player === 1)!;
    if (o.late > 0 && o.margin > 0) low += dt;
    if (Math.abs(t - caught - SHOOTS) > dt / 2) continue;
    for (let d: Seat = 0; d < 5; d = next(d))
      if (m.y[d] < nail[1]) before = Math.min(before, feet([m.x[d], m.y[d]], nail));
  }
  return { low, before };
}

const middle: ZoneFact = {
  key: 'high-low 2-3',
  words:
    'A catch at the high post of a 2-3: when the middle man comes up the man behind him is there, when he stays the shot is',
  reported: 0.85,
  measure: (s) => {
    const b = zoneBoard(s);
    const up = highLow(s, b);
    const stays = highLow(s, b, 'guardsPinch');
    const figures = { up: up.low, stays: stays.low, beforeUp: up.before, before: stays.before };
    return {
      holds: up.low >= LEAST - 1e-9 && up.before < stays.before - 2,
      figures,
    };
  },
};

/** What a catch does to a zone, on each level's own court. */
export const ZONE_CATCHES: readonly ZoneFact[] = [
  overlap('2-3'),
  overlap('3-2'),
  overlap('2-1-2'),
  trap('1-2-2', 'cornerTrap'),
  trap('1-3-1'),
  middle,
];
