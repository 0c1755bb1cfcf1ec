import type { Seat } from '../geometry/five.ts';
import { mirrorSpot, spotPoint, type SpotKey } from '../court/spots.ts';
import type { Court } from '../court/court.ts';
import type { Point } from '../geometry/vec.ts';

/** The five players, by number. Places, captions and documents all use these. */
export const PLAYERS = ['1', '2', '3', '4', '5'] as const;
export type PlayerId = (typeof PLAYERS)[number];
/** A player's place in an array of five. */
export const seatOf = (player: PlayerId): Seat => PLAYERS.indexOf(player) as Seat;

/** A record with one entry for each of the five. */
export function byPlayer<T>(fn: (player: PlayerId, index: number) => T): Record<PlayerId, T> {
  return Object.fromEntries(PLAYERS.map((p, i) => [p, fn(p, i)])) as Record<PlayerId, T>;
}

/** A spot, or a step away from one (feet), for alignments that stand between the named places. */
type Anchor = SpotKey | { readonly from: SpotKey; readonly dx: number; readonly dy: number };

export interface Alignment {
  readonly key: string;
  readonly name: string;
  /** How a coach would say it. */
  readonly words: string;
  /** Where 1, 2, 3, 4 and 5 usually stand; numbers are free when recognising. */
  readonly spots: readonly [Anchor, Anchor, Anchor, Anchor, Anchor];
  /** Out-of-bounds and special sets are offered when drawing but named only on a close match. */
  readonly group: 'open' | 'post' | 'stacked' | 'zone';
}

const step = (from: SpotKey, dx: number, dy: number): Anchor => ({ from, dx, dy });

/** Alignments of the trade (common practice), the drawn side first; the mirror is found by flipping. */
export const ALIGNMENTS: readonly Alignment[] = [
  {
    key: 'horns',
    name: 'Horns',
    words: 'One on top, bigs at the elbows, two in the corners',
    group: 'post',
    spots: ['top', 'cornerL', 'cornerR', 'elbowL', 'elbowR'],
  },
  {
    key: 'fiveOut',
    name: 'Five out',
    words: 'Top, wings and corners',
    group: 'open',
    spots: ['top', 'wingR', 'cornerR', 'wingL', 'cornerL'],
  },
  {
    key: 'fourOutHigh',
    name: 'Four out, high post',
    words: 'Slots and corners, one at the high post',
    group: 'open',
    spots: ['slotL', 'slotR', 'cornerR', 'cornerL', 'highPost'],
  },
  {
    key: 'fourOutBlock',
    name: 'Four out, one in',
    words: 'Slots and corners, one on the block',
    group: 'open',
    spots: ['slotL', 'slotR', 'cornerR', 'cornerL', 'blockL'],
  },
  {
    key: 'fourCorners',
    name: 'Four corners',
    words: 'Wide slots and corners, one in the middle',
    group: 'zone',
    spots: [step('slotL', -4.5, -1.5), step('slotR', 4.5, -1.5), 'cornerR', 'cornerL', 'nail'],
  },
  {
    key: 'threeOutTwoIn',
    name: 'Three out, two in',
    words: 'Top and wings, bigs on the blocks',
    group: 'post',
    spots: ['top', 'wingL', 'wingR', 'blockL', 'blockR'],
  },
  {
    key: 'oneFourHigh',
    name: '1-4 high',
    words: 'Bigs at the elbows, wings wide',
    group: 'post',
    spots: ['top', 'wingL', 'wingR', 'elbowL', 'elbowR'],
  },
  {
    key: 'oneFourLow',
    name: '1-4 low',
    words: 'Four flat along the baseline',
    group: 'post',
    spots: ['top', 'cornerL', 'cornerR', 'blockL', 'blockR'],
  },
  {
    key: 'box',
    name: 'Box',
    words: 'Four on the lane, one on top',
    group: 'stacked',
    spots: ['top', 'blockL', 'blockR', 'elbowL', 'elbowR'],
  },
  {
    key: 'diamond',
    name: 'Diamond',
    words: 'One on top, nail, blocks and under the rim',
    group: 'stacked',
    spots: ['top', 'blockL', 'blockR', 'nail', step('rim', 0, -1.5)],
  },
  {
    key: 'stack',
    name: 'Stack',
    words: 'Four in a line down the lane',
    group: 'stacked',
    spots: [
      'top',
      step('blockR', 0, 1),
      step('midPostR', 0, 0.5),
      step('elbowR', 1, -3),
      step('elbowR', 1, 1),
    ],
  },
  {
    key: 'twoGuard',
    name: 'Two-guard front',
    words: 'Two guards, wings, post at the nail',
    group: 'post',
    spots: ['slotL', 'slotR', 'wingR', 'wingL', 'nail'],
  },
  {
    key: 'pinchHigh',
    name: 'Pinch-post high',
    words: 'Ball on top, post at one elbow, wing, deep corners',
    group: 'post',
    spots: ['top', 'wingL', 'cornerL', 'cornerR', 'elbowR'],
  },
  {
    key: 'pinchLow',
    name: 'Pinch-post low',
    words: 'Ball on the wing, post on that block, three away',
    group: 'post',
    spots: ['wingR', 'top', 'cornerL', 'wingL', 'blockR'],
  },
  {
    key: 'sideTriangle',
    name: 'Side triangle',
    words: 'Corner, wing and block, high guard, far elbow',
    group: 'post',
    spots: ['wingR', 'slotL', 'cornerR', 'elbowL', 'blockR'],
  },
  {
    key: 'doubleLow',
    name: 'Double low',
    words: 'Shooter under the rim, screeners on both blocks, a wing',
    group: 'stacked',
    spots: ['top', step('rim', 0, -2), 'wingR', 'blockL', 'blockR'],
  },
  {
    key: 'oneThreeOne',
    name: '1-3-1',
    words: 'Top, wings, high post, one on the baseline',
    group: 'zone',
    spots: ['top', 'wingL', 'wingR', 'shortR', 'highPost'],
  },
  {
    key: 'twoThree',
    name: '2-3 set',
    words: 'Two guards, three along the baseline',
    group: 'zone',
    spots: ['slotL', 'slotR', 'cornerL', 'cornerR', 'blockR'],
  },
  {
    key: 'wingElbow',
    name: 'Wing-elbow-elbow-wing',
    words: 'Four across the free-throw line, one on top of them',
    group: 'zone',
    spots: ['point', 'wingL', 'wingR', step('elbowL', 0, -1.5), step('elbowR', 0, -1.5)],
  },
  {
    key: 'overload',
    name: 'Zone overload',
    words: 'Top, two wings, nail and a short corner',
    group: 'zone',
    spots: ['top', 'wingL', 'wingR', 'nail', 'shortL'],
  },
];

const BY_KEY = new Map(ALIGNMENTS.map((a) => [a.key, a]));
export const alignmentByKey = (key: string): Alignment | undefined => BY_KEY.get(key);

function anchorPlace(court: Court, anchor: Anchor): Point & { spot?: SpotKey } {
  if (typeof anchor === 'string') return { ...spotPoint(court, anchor), spot: anchor };
  const base = spotPoint(court, anchor.from);
  return { x: base.x + anchor.dx, y: base.y + anchor.dy };
}

/** The five places of an alignment on a court, by player number, as drawn or seen in a mirror. */
export function alignmentPlaces(
  court: Court,
  alignment: Alignment,
  flipped = false,
): Record<PlayerId, Point & { spot?: SpotKey }> {
  const places = alignment.spots.map((a) => anchorPlace(court, a)).map((p) => (flipped ? mirrored(p) : p));
  return byPlayer((_, i) => places[i]!);
}

const mirrored = (p: Point & { spot?: SpotKey }): Point & { spot?: SpotKey } => ({
  ...p,
  x: p.x === 0 ? 0 : -p.x,
  ...(p.spot ? { spot: mirrorSpot(p.spot) } : {}),
});
