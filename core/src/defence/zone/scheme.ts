import { next, type Seat } from '../../geometry/five.ts';
import type { Court } from '../../court/court.ts';
import {
  BALL_PLACES,
  JOBS,
  ZONES,
  type Alternative,
  type BallPlace,
  type Job,
  type ZoneTable,
} from './tables.ts';
import { warp } from './warp.ts';

/** The places of the ball that a table has rows for, feet; left-hand ones are mirrored, `under` is derived. */
const AT: Readonly<Record<BallPlace | 'under', readonly [number, number]>> = {
  top: [0, 27],
  slotR: [8.5, 25.5],
  wingR: [18.5, 17],
  cornerR: [22, 3.5],
  nail: [0, 19],
  elbowR: [6, 19],
  shortR: [11.5, 3],
  blockR: [7, 7.5],
  under: [0, 3],
};
type Anchor = BallPlace | 'under' | 'slotL' | 'wingL' | 'cornerL' | 'elbowL' | 'shortL' | 'blockL';
const RIGHT = ['slotR', 'wingR', 'cornerR', 'elbowR', 'shortR', 'blockR'] as const;
const left = (a: string): Anchor => (a.endsWith('R') ? (`${a.slice(0, -1)}L` as Anchor) : (a as Anchor));
const ANCHORS: readonly Anchor[] = [...BALL_PLACES, 'under', ...RIGHT.map(left)];
const index = (a: Anchor): number => ANCHORS.indexOf(a);

const anchorAt = (a: Anchor): readonly [number, number] => {
  if (a in AT) return AT[a as BallPlace];
  const [x, y] = AT[`${a.slice(0, -1)}R` as BallPlace];
  return [-x, y];
};
/** A place of the ball that a zone has a row for: which row, and where it is, feet. */
interface Corner {
  readonly row: number;
  readonly x: number;
  readonly y: number;
}
const HALF: readonly (readonly [Anchor, Anchor, Anchor])[] = [
  ['top', 'slotR', 'elbowR'],
  ['top', 'elbowR', 'nail'],
  ['slotR', 'wingR', 'elbowR'],
  ['wingR', 'blockR', 'elbowR'],
  ['wingR', 'shortR', 'blockR'],
  ['wingR', 'cornerR', 'shortR'],
  ['nail', 'elbowR', 'blockR'],
  ['blockR', 'shortR', 'under'],
];
const MIDDLE: typeof HALF = [
  ['nail', 'blockR', 'blockL'],
  ['blockR', 'under', 'blockL'],
];
const TRIANGLES: typeof HALF = [
  ...HALF,
  ...HALF.map(([a, b, c]) => [left(a), left(b), left(c)] as const),
  ...MIDDLE,
];
const HULL: readonly Anchor[] = [
  'top',
  'slotR',
  'wingR',
  'cornerR',
  'shortR',
  'under',
  'shortL',
  'cornerL',
  'wingL',
  'slotL',
];

/** The places of the ball on a court: a zone's anchors move with the arc as its men do. */
export interface BallFloor {
  readonly corners: readonly Corner[];
  /** The floor in triangles between the anchors: between rows a man's place is interpolated without a jump. */
  readonly triangles: readonly (readonly [Corner, Corner, Corner])[];
  /** The edge of the floor round all anchors, clockwise: each piece from one to the next. */
  readonly hull: readonly (readonly [Corner, Corner])[];
}

function ballFloor(court: Court): BallFloor {
  const corners = ANCHORS.map((a, row): Corner => {
    const at = { x: 0, y: 0 };
    warp(court, ...anchorAt(a), at);
    return { row, ...at };
  });
  const of = (a: Anchor): Corner => corners[index(a)]!;
  return {
    corners,
    triangles: TRIANGLES.map(([a, b, c]) => [of(a), of(b), of(c)] as const),
    hull: HULL.map((a, i) => [of(a), of(HULL[(i + 1) % HULL.length]!)] as const),
  };
}

/** A zone as it is played by a team on a court: every man's place and job for every anchor. */
export interface Scheme {
  readonly table: ZoneTable;
  readonly court: Court;
  /** Anchor × 5, feet, moved to the court's arc. */
  readonly x: Float64Array;
  readonly y: Float64Array;
  readonly jobs: readonly Job[];
  readonly ball: BallFloor;
  readonly chasers: readonly Seat[];
}

type Cell = readonly [number, number, Job];
function cells(row: string): Cell[] {
  return row.split(', ').map((cell): Cell => {
    const [x, y, job] = cell.split(' ');
    if (!x || !y || !job || !(job in JOBS))
      throw new Error(`A zone table has a cell "${cell}" that is none.`);
    return [Number(x), Number(y), job as Job];
  });
}

export const zoneByKey = (key: string): ZoneTable | undefined => ZONES.find((z) => z.key === key);

/** The alternatives of a zone that are asked for and known, one of each group: the first one named wins. */
export function alternativesOf(table: ZoneTable, schools: readonly string[]): Alternative[] {
  const out: Alternative[] = [];
  for (const key of schools) {
    const found = table.alternatives.find((a) => a.key === key);
    if (found && !out.some((a) => a.group === found.group)) out.push(found);
  }
  return out;
}

const laid = new WeakMap<Court, Map<string, Scheme>>();

/** A zone with its school on a court, laid out once. Timed alternatives are in it only when `timed` is true. */
export function schemeOf(table: ZoneTable, schools: readonly string[], court: Court, timed = false): Scheme {
  const here = laid.get(court) ?? new Map<string, Scheme>();
  laid.set(court, here);
  const key = `${table.key} ${schools.join(' ')} ${timed}`;
  const scheme = here.get(key) ?? layOut(table, schools, court, timed);
  here.set(key, scheme);
  return scheme;
}

function layOut(table: ZoneTable, schools: readonly string[], court: Court, timed: boolean): Scheme {
  const on = alternativesOf(table, schools).filter((a) => timed || !a.timed);
  const mirror = on.find((a) => a.mirror)?.mirror ?? table.mirror;
  const n = ANCHORS.length;
  const x = new Float64Array(n * 5);
  const y = new Float64Array(n * 5);
  const jobs = new Array<Job>(n * 5);
  const set = (a: Anchor, d: Seat, cx: number, cy: number, job: Job) => {
    const at = { x: 0, y: 0 };
    warp(court, cx, cy, at);
    x[index(a) * 5 + d] = at.x;
    y[index(a) * 5 + d] = at.y;
    jobs[index(a) * 5 + d] = job;
  };
  for (const place of BALL_PLACES) {
    const row = cells(on.find((a) => a.rows[place])?.rows[place] ?? table.rows[place]);
    for (let d: Seat = 0; d < 5; d = next(d)) {
      const [cx, cy, job] = row[d]!;
      set(place, d, cx, cy, job);
      const [mx, my, mjob] = row[mirror[d]!]!;
      if (place.endsWith('R')) set(left(place), d, -mx, my, mjob);
    }
  }
  for (let d: Seat = 0; d < 5; d = next(d)) {
    const r = index('blockR') * 5 + d;
    const l = index('blockL') * 5 + d;
    const u = index('under') * 5 + d;
    x[u] = (x[r]! + x[l]!) / 2;
    y[u] = (y[r]! + y[l]!) / 2;
    jobs[u] = jobs[r]!;
  }
  return { table, court, x, y, jobs, ball: ballFloor(court), chasers: table.chasers };
}
