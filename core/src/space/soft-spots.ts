import { FLOOR_DEPTH } from '../court/court.ts';
import { behindArc } from '../court/queries.ts';
import { nearestSpot, type SpotKey } from '../court/spots.ts';
import type { Floor } from './floor.ts';
import { shotPlace, shotWorth } from './shot-worth.ts';
import { arrival, completion, passSeen, passTo, type Arrival } from './times.ts';

/** The grid of the map: one foot apart from (−23, 1) to (23, 33). */
export const GRID = { left: -23, bottom: 1, columns: 47, rows: 33 } as const;
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
  readonly words: string;
  readonly who: number;
  readonly tooLong: boolean;
}

const first: Arrival = { t: 0, who: 0 };
const pass = passSeen();
const clamp01 = (v: number): number => (v < 0 ? 0 : v > 1 ? 1 : v);

export const softMap = (): SoftMap => ({
  score: new Float64Array(GRID.columns * GRID.rows),
  lead: new Float64Array(GRID.columns * GRID.rows),
  late: new Float64Array(GRID.columns * GRID.rows),
});

function leadAt(f: Floor, x: number, y: number): number {
  passTo(f, x, y, pass);
  arrival(f, x, y, -1, first);
  return first.t - pass.t;
}

/** Where a man is even before the fastest ball it is not soft, whatever the lanes are: told without them. */
function leadOrNot(f: Floor, x: number, y: number): number {
  arrival(f, x, y, -1, first);
  pass.length = Math.sqrt((x - f.bx) ** 2 + (y - f.by) ** 2);
  const fastest = first.t - pass.length / f.level.pass.speed.chest;
  return fastest <= 0 ? fastest : leadAt(f, x, y);
}

/** Fills a map for an instant. */
export function mapSoftness(f: Floor, out: SoftMap): SoftMap {
  for (let r = 0; r < GRID.rows; r++)
    for (let c = 0; c < GRID.columns; c++) {
      const x = GRID.left + c;
      const y = GRID.bottom + r;
      const i = r * GRID.columns + c;
      const lead = leadOrNot(f, x, y);
      out.lead[i] = lead;
      out.late[i] = lead - f.level.zone.late[shotPlace(f.court, x, y)];
      out.score[i] =
        shotWorth(f.court, f.level, x, y) *
        completion(f, x, y, pass.length) *
        clamp01(lead / MOST.lead) *
        clamp01((pass.length - MOST.leastPass) / (MOST.fullPass - MOST.leastPass));
    }
  return out;
}

const N = GRID.columns * GRID.rows;
const soft = new Float64Array(N);
const three = new Uint8Array(N);

/** Evens the map out among twos and among threes, each apart: the line between them is sharp. */
function smoothed(f: Floor, map: SoftMap): void {
  const { columns, rows } = GRID;
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
  const { columns, rows } = GRID;
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

/** The soft spots of a map, the softest first; at most eight, each with a name of its own. */
export function softSpots(f: Floor, map: SoftMap): SoftSpot[] {
  smoothed(f, map);
  let most = 0;
  for (let i = 0; i < N; i++) most = Math.max(most, soft[i]!);
  const found: { x: number; y: number; i: number }[] = [];
  for (let r = 0; r < GRID.rows; r++)
    for (let c = 0; c < GRID.columns; c++) {
      const i = r * GRID.columns + c;
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
      words: spot.words,
      who: first.who,
      tooLong: pass.length > f.level.pass.safe,
    });
  }
  return kept.map(({ i: _, ...spot }) => spot);
}
