import { type Court } from './court.ts';
import { distance, type Point } from '../geometry/vec.ts';

type Side = 'left' | 'right';

interface SpotRow {
  readonly key: string;
  readonly words: string;
  readonly code: string;
  readonly sided: boolean;
  readonly at: (c: Court) => Point;
}

const onArc = (c: Court, y: number): Point => ({
  x: Math.sqrt(Math.max(0, (c.arcRadius + 1.5) ** 2 - (y - c.rimY) ** 2)),
  y,
});
const lane = (c: Court) => c.laneWidth / 2;

/** The one table of places: sided rows are given for the right and mirrored for the left. */
const ROWS = [
  { key: 'top', words: 'top', code: 't', sided: false, at: (c) => ({ x: 0, y: c.rimY + c.arcRadius + 1.5 }) },
  {
    key: 'point',
    words: 'point',
    code: 'p',
    sided: false,
    at: (c) => ({ x: 0, y: Math.min(34, c.rimY + c.arcRadius + 6) }),
  },
  {
    key: 'slot',
    words: 'slot',
    code: 's',
    sided: true,
    at: (c) => ({ x: 8.5, y: c.rimY + Math.sqrt(Math.max(0, (c.arcRadius + 1.5) ** 2 - 8.5 ** 2)) }),
  },
  { key: 'wing', words: 'wing', code: 'w', sided: true, at: (c) => onArc(c, 18) },
  {
    key: 'corner',
    words: 'corner',
    code: 'c',
    sided: true,
    at: (c) => ({ x: Math.min(c.cornerX + 2, 23.5), y: 3.5 }),
  },
  {
    key: 'short',
    words: 'short corner',
    code: 'k',
    sided: true,
    at: (c) => ({ x: (lane(c) + c.cornerX) / 2, y: 3 }),
  },
  { key: 'block', words: 'block', code: 'b', sided: true, at: (c) => ({ x: lane(c) + 1, y: 7.5 }) },
  { key: 'midPost', words: 'mid-post', code: 'm', sided: true, at: (c) => ({ x: lane(c) + 1, y: 11.5 }) },
  { key: 'elbow', words: 'elbow', code: 'e', sided: true, at: (c) => ({ x: lane(c), y: c.freeThrowY }) },
  { key: 'nail', words: 'nail', code: 'n', sided: false, at: (c) => ({ x: 0, y: c.freeThrowY }) },
  {
    key: 'highPost',
    words: 'high post',
    code: 'hp',
    sided: false,
    // Above the line: nobody is called for three seconds there.
    at: (c) => ({ x: 0, y: c.freeThrowY + 2 }),
  },
  { key: 'dunker', words: 'dunker spot', code: 'd', sided: true, at: (c) => ({ x: lane(c) + 2, y: 3.5 }) },
  { key: 'rim', words: 'rim', code: 'r', sided: false, at: (c) => ({ x: 0, y: c.rimY }) },
  { key: 'hash', words: 'hash', code: 'h', sided: true, at: (c) => ({ x: 23, y: c.hashY }) },
] as const satisfies readonly SpotRow[];

type Row = (typeof ROWS)[number];
type Sided = Extract<Row, { sided: true }>['key'];
type Central = Extract<Row, { sided: false }>['key'];
export type SpotKey = Central | `${Sided}L` | `${Sided}R`;

export interface Spot {
  readonly key: SpotKey;
  readonly words: string;
  readonly code: string;
  readonly side: Side | null;
  /** The key without its side: 'corner' for both corners. */
  readonly family: Row['key'];
  readonly at: (court: Court) => Point;
}

export const SPOTS: readonly Spot[] = ROWS.flatMap((row): Spot[] =>
  row.sided
    ? (['left', 'right'] as const).map((side) => ({
        key: `${row.key}${side === 'left' ? 'L' : 'R'}` as SpotKey,
        words: `${side} ${row.words}`,
        code: `${side === 'left' ? 'l' : 'r'}${row.code}`,
        side,
        family: row.key,
        at: (c) => (side === 'left' ? { x: -row.at(c).x, y: row.at(c).y } : row.at(c)),
      }))
    : [{ key: row.key, words: row.words, code: row.code, side: null, family: row.key, at: row.at }],
);

const BY_KEY = new Map<string, Spot>(SPOTS.map((s) => [s.key, s]));
const BY_CODE = new Map<string, Spot>(SPOTS.map((s) => [s.code, s]));

export const spotByKey = (key: string): Spot | undefined => BY_KEY.get(key);
export const spotByCode = (code: string): Spot | undefined => BY_CODE.get(code.toLowerCase());
export const isSpotKey = (key: string): key is SpotKey => BY_KEY.has(key);

export function spotPoint(court: Court, key: SpotKey): Point {
  return BY_KEY.get(key)!.at(court);
}

/** The same spot on the other side; a central spot is its own mirror. */
export function mirrorSpot(key: SpotKey): SpotKey {
  const spot = BY_KEY.get(key)!;
  return spot.side === null ? key : (`${spot.family}${spot.side === 'left' ? 'R' : 'L'}` as SpotKey);
}

/** The named spot nearest to a point, with the distance in feet. */
export function nearestSpot(court: Court, p: Point): { spot: Spot; distance: number } {
  let best = { spot: SPOTS[0]!, distance: Infinity };
  for (const spot of SPOTS) {
    const d = distance(spot.at(court), p);
    if (d < best.distance) best = { spot, distance: d };
  }
  return best;
}

/** Which side the ball is on; within a foot of the middle it is on neither. */
function ballSide(ball: Point): Side | null {
  return Math.abs(ball.x) <= 1 ? null : ball.x > 0 ? 'right' : 'left';
}

/** A spot's name relative to the ball: "ball-side corner", "weak-side slot"; its plain name when the ball is in the middle. */
export function relativeName(key: SpotKey, ball: Point): string {
  const spot = BY_KEY.get(key)!;
  const side = ballSide(ball);
  if (spot.side === null || side === null) return spot.words;
  return `${spot.side === side ? 'ball-side' : 'weak-side'} ${spot.words.replace(/^(left|right) /, '')}`;
}

/** The spot that a relative name means for a ball at that place; undefined when it has no answer there. */
export function resolveRelative(name: string, ball: Point): SpotKey | undefined {
  const match = /^(ball|strong|weak)[- ]side (.+)$/.exec(name.trim().toLowerCase());
  const side = ballSide(ball);
  if (!match || side === null) return undefined;
  const wanted: Side = match[1] === 'weak' ? (side === 'left' ? 'right' : 'left') : side;
  return SPOTS.find((s) => s.words === `${wanted} ${match[2]}`)?.key;
}
