import { FLOOR_DEPTH } from '../court/court.ts';
import { behindArc } from '../court/queries.ts';
import { nearestSpot, type SpotKey } from '../court/spots.ts';
import type { Floor } from './floor.ts';
import { shotPlace, shotWorth } from './shot-worth.ts';
import { arrival, completion, passSeen, passTo, type Arrival } from './times.ts';

/** The grid of the map: one foot apart from (−23, 1) to (23, 33). */
export const GRID = { left: -23, bottom: 1, columns: 47, rows: 33 } as const;
const { columns, rows } = GRID;
const N = columns * rows;
const MOST = {
  lead: 0.9,
  leastPass: 6,
  fullPass: 10,
  least: 0.2,
  share: 0.3,
  same: 6,
  other: 4,
  kept: 8,
} as const;

/** How late the defence would be everywhere, against how soon the ball can be there. Row by row from the baseline. */
export interface SoftMap {
  /** What a shot there is worth, times how much of the lead the ball has: a ranking, no points. */
  readonly score: Float64Array;
  /** Seconds by which the ball beats the first man; negative where he is there first. */
  readonly lead: Float64Array;
  /** Seconds by which his contest would come too late for a shot there. */
  readonly late: Float64Array;
}

/** A place where a zone is soft. */
export interface SoftSpot {
  readonly x: number;
  readonly y: number;
  readonly score: number;
  /** Seconds by which the ball beats the first man, and by which his contest is too late for the shot. */
  readonly lead: number;
  readonly late: number;
  readonly spot: SpotKey;
  readonly who: number;
  readonly tooLong: boolean;
}

const first: Arrival = { t: 0, who: 0 };
const pass = passSeen();
const clamp01 = (v: number): number => (v < 0 ? 0 : v > 1 ? 1 : v);

export const softMap = (): SoftMap => ({
  score: new Float64Array(N),
  lead: new Float64Array(N),
  late: new Float64Array(N),
});

function leadAt(f: Floor, x: number, y: number): number {
  passTo(f, x, y, pass);
  arrival(f, x, y, -1, first);
  return first.t - pass.t;
}

/** Per place: what it is worth with all the lead a ball can have, and when the first man is there. */
const full = new Float64Array(N);
const arrives = new Float64Array(N);
/** Places near one that could be soft. */
const near = new Uint8Array(N);

/**
 * Fills a map for an instant. No ball is faster than the flattest pass: where a man is even before that one, it is not
 * soft, whatever the lanes are, and they are not looked at.
 */
export function mapSoftness(f: Floor, out: SoftMap): SoftMap {
  mapAtMost(f, out);
  for (let i = 0; i < N; i++) if (out.lead[i]! > 0) mapLane(f, out, i);
  return out;
}

/** The map as far as soft spots come from it: where none can be, it is only an upper bound. */
function mapPeaks(f: Floor, out: SoftMap): SoftMap {
  mapAtMost(f, out);
  // A place takes part in evening out its neighbours, and they in theirs: two feet round one that could be soft.
  near.fill(0);
  for (let r = 0; r < rows; r++)
    for (let c = 0; c < columns; c++)
      if (out.score[r * columns + c]! >= MOST.least)
        for (let a = Math.max(0, r - 2); a <= Math.min(rows - 1, r + 2); a++)
          near.fill(1, a * columns + Math.max(0, c - 2), a * columns + Math.min(columns - 1, c + 2) + 1);
  for (let i = 0; i < N; i++)
    if (near[i] === 1) {
      if (out.lead[i]! > 0) mapLane(f, out, i);
    } else out.score[i] = 0;
  return out;
}

/** What a map could be at most, as if every lane were clear. */
function mapAtMost(f: Floor, out: SoftMap): void {
  for (let i = 0; i < N; i++) {
    const x = GRID.left + (i % columns);
    const y = GRID.bottom + Math.floor(i / columns);
    arrival(f, x, y, -1, first);
    const length = Math.sqrt((x - f.bx) ** 2 + (y - f.by) ** 2);
    const lead = first.t - length / f.level.pass.speed.chest;
    out.lead[i] = lead;
    out.late[i] = lead - f.level.zone.late[shotPlace(f.court, x, y)];
    full[i] =
      shotWorth(f.court, f.level, x, y) *
      completion(f, x, y, length) *
      clamp01((length - MOST.leastPass) / (MOST.fullPass - MOST.leastPass));
    arrives[i] = first.t;
    out.score[i] = full[i]! * clamp01(lead / MOST.lead);
  }
}

/** The same with the lane as it is. */
function mapLane(f: Floor, out: SoftMap, i: number): void {
  passTo(f, GRID.left + (i % columns), GRID.bottom + Math.floor(i / columns), pass);
  const lead = arrives[i]! - pass.t;
  out.late[i] = out.late[i]! + lead - out.lead[i]!;
  out.lead[i] = lead;
  out.score[i] = full[i]! * clamp01(lead / MOST.lead);
}

const soft = new Float64Array(N);
const three = new Uint8Array(N);

/** Evens the map out among twos and among threes, each apart: the line between them is sharp. */
function smoothed(f: Floor, map: SoftMap): void {
  for (let r = 0; r < rows; r++)
    for (let c = 0; c < columns; c++)
      three[r * columns + c] = behindArc(f.court, { x: GRID.left + c, y: GRID.bottom + r }) ? 1 : 0;
  for (let r = 0; r < rows; r++)
    for (let c = 0; c < columns; c++) {
      let sum = 0;
      let weights = 0;
      const mark = three[r * columns + c];
      for (let a = -1; a <= 1; a++)
        for (let b = -1; b <= 1; b++) {
          const rr = r + a;
          const cc = c + b;
          if (rr < 0 || rr >= rows || cc < 0 || cc >= columns || three[rr * columns + cc] !== mark) continue;
          const w = (2 - Math.abs(a)) * (2 - Math.abs(b));
          sum += w * map.score[rr * columns + cc]!;
          weights += w;
        }
      soft[r * columns + c] = sum / weights;
    }
}

/** A peak has nothing better of its own kind within three feet, and no better three beside a two. */
function peak(r: number, c: number): boolean {
  const i = r * columns + c;
  for (let a = -3; a <= 3; a++)
    for (let b = -3; b <= 3; b++) {
      const rr = r + a;
      const cc = c + b;
      if (rr < 0 || rr >= rows || cc < 0 || cc >= columns) continue;
      const k = rr * columns + cc;
      if (soft[k]! <= soft[i]! + 1e-12) continue;
      if (three[k] === three[i] || three[k] === 1) return false;
    }
  return true;
}

const peaks = softMap();

/** The soft spots of an instant, the softest first; at most eight, each with a name of its own. */
export const softSpotsOf = (f: Floor): SoftSpot[] => softSpots(f, mapPeaks(f, peaks));

/** The soft spots of a map, the softest first; at most eight, each with a name of its own. */
export function softSpots(f: Floor, map: SoftMap): SoftSpot[] {
  smoothed(f, map);
  let most = 0;
  for (let i = 0; i < N; i++) most = Math.max(most, soft[i]!);
  const found: { x: number; y: number; i: number }[] = [];
  for (let r = 0; r < rows; r++)
    for (let c = 0; c < columns; c++) {
      const i = r * columns + c;
      if (soft[i]! >= Math.max(MOST.least, MOST.share * most) && peak(r, c))
        found.push({ x: GRID.left + c, y: GRID.bottom + r, i });
    }
  found.sort((a, b) => soft[b.i]! - soft[a.i]! || a.y - b.y || Math.abs(a.x) - Math.abs(b.x) || a.x - b.x);
  const kept: (SoftSpot & { i: number })[] = [];
  for (const p of found) {
    if (kept.length === MOST.kept) break;
    const { spot } = nearestSpot(f.court, p);
    const taken = kept.some((k) => {
      const d = Math.sqrt((k.x - p.x) ** 2 + (k.y - p.y) ** 2);
      return k.spot === spot.key || d < (three[k.i] === three[p.i] ? MOST.same : MOST.other);
    });
    if (taken || p.y > FLOOR_DEPTH) continue;
    const lead = leadAt(f, p.x, p.y);
    kept.push({
      x: p.x,
      y: p.y,
      i: p.i,
      score: soft[p.i]!,
      lead,
      late: lead - f.level.zone.late[shotPlace(f.court, p.x, p.y)],
      spot: spot.key,
      who: first.who,
      tooLong: pass.length > f.level.pass.safe,
    });
  }
  return kept.map(({ i: _, ...spot }) => spot);
}
