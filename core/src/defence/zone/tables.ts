import type { Seat } from '../../geometry/five.ts';
/**
 * Where each man of a zone stands for the places of the ball, feet on the high-school floor, and what his
 * job is there. From memory of common practice; one reasonable set among many. Right-hand and middle rows
 * only: a left-hand row is the mirror's. Alternatives replace the rows they list; of one group at most one
 * is on. Cells are "x y job" for x1 to x5 in order.
 */
export const BALL_PLACES = [
  'top',
  'slotR',
  'wingR',
  'cornerR',
  'nail',
  'elbowR',
  'shortR',
  'blockR',
] as const;
export type BallPlace = (typeof BALL_PLACES)[number];
export const JOBS = {
  ball: 'guards the ball',
  trap: 'second man of a trap on the ball',
  gap: 'bluffs at the ball and closes the gap next to it',
  nail: 'middle of the free-throw line',
  elbow: 'ball-side elbow / high post',
  return: 'denies or contests the return pass to the perimeter',
  wing: 'between his inside area and the wing',
  corner: 'between the block and the ball-side corner',
  block: 'ball-side block, fronts the low post',
  lane: 'middle of the lane',
  rim: 'in front of the rim',
  wsblock: 'weak-side block and the first closeout to the weak side',
  dig: 'digs at the ball from beside or behind',
  star: 'chases his man',
} as const;
export type Job = keyof typeof JOBS;
type Rows = Readonly<Partial<Record<BallPlace, string>>>;

export type ZoneKey = '2-3' | '3-2' | '1-3-1' | '1-2-2' | '2-1-2' | 'box-and-one' | 'triangle-and-two';

/** One way a school plays a place of the ball otherwise. */
export interface Alternative {
  readonly key: string;
  readonly words: string;
  readonly group: 'wing' | 'corner' | 'nail' | 'shape';
  readonly rows: Rows;
  /** It lasts until the usual man gets there, not for good. */
  readonly timed?: boolean;
  /** Whose mirror each man is, where the shape changes that. */
  readonly mirror?: readonly number[];
}
export interface ZoneTable {
  readonly key: ZoneKey;
  /** x1 to x5 by what coaches call them. */
  readonly men: readonly [string, string, string, string, string];
  /** Whose mirror each man is (index). */
  readonly mirror: readonly number[];
  /** Men who chase one player and leave the rest (index). */
  readonly chasers: readonly Seat[];
  readonly rows: Readonly<Record<BallPlace, string>>;
  readonly alternatives: readonly Alternative[];
}

export const ZONES: readonly ZoneTable[] = [
  {
    key: '2-3',
    men: ['left guard', 'right guard', 'left forward', 'right forward', 'middle'],
    mirror: [1, 0, 3, 2, 4],
    chasers: [],
    rows: {
      top: '-5.2 22.6 gap, 5.2 22.6 gap, -9 9 block, 9 9 block, 0 8.5 lane',
      slotR: '-3.5 20.8 nail, 7 22.5 ball, -7.5 9 wsblock, 11.5 9.5 wing, 1.5 8.5 lane',
      wingR: '0.5 20.8 nail, 16 15.5 ball, -2.8 8.5 wsblock, 13.3 6.6 corner, 4.8 8.6 block',
      cornerR: '0.5 18 nail, 11 14.5 elbow, -0.5 7.5 lane, 19 3.8 ball, 7 6 block',
      nail: '-4.8 20.5 dig, 4.8 20.5 dig, -5.5 7.5 block, 5.5 7.5 block, 0 15.8 ball',
      elbowR: '0.5 20 dig, 8.6 20.2 dig, -4 7.8 wsblock, 9.8 7.6 block, 4.7 16 ball',
      shortR: '0 16 nail, 9 13 elbow, -2.5 7 wsblock, 8.8 3.7 ball, 4 8 block',
      blockR: '0 15.5 nail, 8 13 dig, -2 7 rim, 9.6 6 dig, 4.5 6.9 ball',
    },
    alternatives: [
      {
        key: 'wingBump',
        words: 'first pass to the wing: forward bumps out, guard recovers',
        group: 'wing',
        timed: true,
        rows: {
          wingR: '-2.5 20.3 nail, 8.5 19.3 elbow, -2 8 wsblock, 16 15.2 ball, 8.5 6.5 corner',
        },
      },
      {
        key: 'cornerTrap',
        words: 'trap the corner with the ball-side guard',
        group: 'corner',
        rows: {
          cornerR: '10 16.5 return, 20.2 7.2 trap, 0 9 lane, 19.2 3.9 ball, 7 6 block',
        },
      },
      {
        key: 'guardsPinch',
        words: 'high post: guards pinch, middle stays home',
        group: 'nail',
        rows: {
          nail: '-2.6 20.2 ball, 2.6 20.2 ball, -8 8.5 block, 8 8.5 block, 0 9.5 rim',
          elbowR: '2.6 19.5 ball, 8.2 19.6 ball, -6 8 wsblock, 9.5 8.5 block, 4.6 7.9 rim',
        },
      },
      {
        key: 'middleUp',
        words:
          'ball in the corner: middle steps up to a high-post flash, far low man crosses to the ball-side block',
        group: 'corner',
        rows: {
          cornerR: '-2 15.5 wsblock, 12 15 return, 2 7 block, 19 3.8 ball, 5 14 elbow',
        },
      },
    ],
  },
  {
    key: '3-2',
    men: ['point', 'right wing', 'left wing', 'right low', 'left low'],
    mirror: [0, 2, 1, 4, 3],
    chasers: [],
    rows: {
      top: '0 23.8 ball, 10 17.6 wing, -10 17.6 wing, 6 8.2 block, -6 8.2 block',
      slotR: '7 22.7 ball, 12.6 17.2 wing, -6.5 17.5 elbow, 8 8.5 block, -5 8.5 wsblock',
      wingR: '4.5 19.2 elbow, 16 15.5 ball, -5 14 wsblock, 10.5 6.3 corner, 1 7.5 block',
      cornerR: '4 16.5 elbow, 14.5 12 return, -3 9 wsblock, 19 3.8 ball, 6 6.2 block',
      nail: '0 22 dig, 5 17 ball, -5 17 ball, 5 8.5 block, -5 8.5 block',
      elbowR: '3.8 21.2 dig, 8.4 16.6 ball, -1.5 16 nail, 5.5 9 block, -4.5 8 wsblock',
      shortR: '3.5 14.5 nail, 12 10.5 return, -3 11 wsblock, 8.8 3.7 ball, 2.5 7 block',
      blockR: '3 14.5 nail, 9.2 10.3 dig, -4 12 wsblock, 4.6 6.8 ball, -1.5 7 rim',
    },
    alternatives: [
      {
        key: 'pointDrops',
        words: 'high post: the point gets under the ball',
        group: 'nail',
        rows: {
          nail: '0 16 ball, 7.5 18 wing, -7.5 18 wing, 6.5 8 block, -6.5 8 block',
        },
      },
      {
        key: 'cornerTrap',
        words: 'trap the corner with the ball-side wing',
        group: 'corner',
        rows: {
          cornerR: '13 16.5 return, 20.4 7.2 trap, -1 10 lane, 19.2 3.9 ball, 6.2 6.2 block',
        },
      },
    ],
  },
  {
    key: '1-3-1',
    men: ['point', 'right wing', 'middle', 'left wing', 'baseline runner'],
    mirror: [0, 3, 2, 1, 4],
    chasers: [],
    rows: {
      top: '0 23.8 ball, 9.2 19 wing, 0 17.6 nail, -9.2 19 wing, 0 6.5 rim',
      slotR: '7 22.6 ball, 13.5 17.8 wing, 2.8 17 nail, -7 15.5 wsblock, 3 5.5 rim',
      wingR: '10.5 21 return, 16.2 15.6 ball, 5 14 elbow, -2.5 8 wsblock, 11 4.8 corner',
      cornerR: '13.6 15.4 return, 20.4 7 trap, 7.2 6.8 block, -1.5 7.5 wsblock, 19 3.6 ball',
      nail: '0 22.2 dig, 8 16.5 wing, 0 15.9 ball, -8 16.5 wing, 0 6.5 rim',
      elbowR: '4 22 dig, 10 17.8 wing, 4.7 16.2 ball, -5.5 12.5 wsblock, 1.5 6 rim',
      shortR: '4.5 16.5 nail, 13 10.5 return, 5 9 block, -2 7 rim, 8.8 3.7 ball',
      blockR: '3 16 nail, 10 12 dig, 5.2 10 dig, -1.5 7 rim, 5.5 4.9 ball',
    },
    alternatives: [
      {
        key: 'noCornerTrap',
        words: 'corner not trapped: wing denies the return, point takes the high post',
        group: 'corner',
        rows: {
          cornerR: '6 17.5 elbow, 16.5 12.5 return, 7.2 6.8 block, -1.5 7.5 wsblock, 19 3.6 ball',
        },
      },
      {
        key: 'wingTrap',
        words: 'trap the wing with the point',
        group: 'wing',
        rows: {
          wingR: '16.4 19.8 trap, 16.4 15 ball, 6.5 15.5 elbow, -2.5 10.5 wsblock, 12.5 4.8 corner',
        },
      },
      {
        key: 'runnerStays',
        words: 'ball-side wing drops to the corner, baseline runner keeps the block',
        group: 'corner',
        rows: {
          cornerR: '11 16.5 return, 19.2 4.6 ball, 4.5 12 elbow, -3 8.5 wsblock, 7.2 5.2 block',
        },
      },
    ],
  },
  {
    key: '1-2-2',
    men: ['point', 'right wing', 'left wing', 'right low', 'left low'],
    mirror: [0, 2, 1, 4, 3],
    chasers: [],
    rows: {
      top: '0 24 ball, 9.5 18 elbow, -9.5 18 elbow, 6 8 block, -6 8 block',
      slotR: '6.5 23.2 ball, 13 18 wing, -6 17 elbow, 8.5 8 block, -5 8 wsblock',
      wingR: '9.5 21.5 return, 16 15.5 ball, -2 14.5 nail, 12 5.8 corner, 2 7.5 block',
      cornerR: '8 18 elbow, 15 11.5 return, -2 10 wsblock, 19 3.8 ball, 6.2 6.2 block',
      nail: '0 22.2 dig, 6.2 17.2 dig, -6.2 17.2 dig, 5.5 8.5 block, -5.5 8.5 block',
      elbowR: '3.8 21.8 dig, 9 17 ball, -0.5 17 nail, 6.5 9 block, -4.5 8 wsblock',
      shortR: '4.5 16.5 nail, 12.2 10.5 return, -2.5 11 wsblock, 8.8 3.7 ball, 2.5 7 block',
      blockR: '3 16.5 nail, 9.2 10.5 dig, -3 12.5 wsblock, 4.6 6.8 ball, -1.5 7 rim',
    },
    alternatives: [
      {
        key: 'cornerTrap',
        words: 'trap the corner: wing and low man trap, point takes the return pass',
        group: 'corner',
        rows: {
          cornerR: '15.6 15.2 return, 20.8 6.9 trap, -3.5 9 wsblock, 19.2 3.9 ball, 6 6.2 block',
        },
      },
      {
        key: 'wingTrap',
        words: 'trap the wing: point and wing',
        group: 'wing',
        rows: {
          wingR: '16.2 20.2 trap, 16.4 15 ball, 2.5 18 elbow, 13 6 corner, 1.5 7.8 block',
        },
      },
    ],
  },
  {
    key: '2-1-2',
    men: ['left guard', 'right guard', 'left low', 'right low', 'middle'],
    mirror: [1, 0, 3, 2, 4],
    chasers: [],
    rows: {
      top: '-5.5 22.3 gap, 5.5 22.3 gap, -7 8 block, 7 8 block, 0 15.8 nail',
      slotR: '-3 21.2 gap, 7 22.5 ball, -5 8 wsblock, 9 8.8 wing, 2.5 15.5 nail',
      wingR: '0 20.5 nail, 16 15.5 ball, -1 7.5 rim, 11.5 6.3 corner, 5.5 13 elbow',
      cornerR: '2.5 17.5 elbow, 11.5 14.2 return, -0.5 7.5 lane, 19 3.8 ball, 6.8 6.8 block',
      nail: '-5 21 dig, 5 21 dig, -5.5 7.6 block, 5.5 7.6 block, 0 15.9 ball',
      elbowR: '0 20.6 dig, 8.6 20.6 dig, -3.5 7.5 wsblock, 7.5 7.8 block, 4.7 16.2 ball',
      shortR: '0.5 16.5 nail, 10 13 elbow, -1.5 7 rim, 8.8 3.7 ball, 4.5 9 block',
      blockR: '0 16 nail, 10 13 elbow, -1.5 7 rim, 4.6 6.8 ball, 5.6 11 dig',
    },
    alternatives: [
      {
        key: 'lowRotation',
        words: 'corner: middle keeps the high post, far low man crosses to the ball-side block',
        group: 'corner',
        rows: {
          cornerR: '-3 12 wsblock, 12 14.2 return, 5.5 5.8 block, 19 3.8 ball, 4 13.5 elbow',
        },
      },
    ],
  },
  {
    key: 'box-and-one',
    men: ['left high', 'right high', 'left low', 'right low', 'chaser'],
    mirror: [1, 0, 3, 2, 4],
    chasers: [4],
    rows: {
      top: '-5.5 19.8 elbow, 5.5 19.8 elbow, -6.5 8 block, 6.5 8 block, 0 24 star',
      slotR: '-1.5 19 nail, 7 22.4 ball, -4.5 8 wsblock, 9 8.5 wing, -5.8 24.2 star',
      wingR: '2.5 17.5 elbow, 16 15.5 ball, -1.5 7.5 rim, 10.5 6.3 corner, 2 24.4 star',
      cornerR: '-0.5 12 lane, 11 13.8 elbow, 5.5 6.2 block, 19 3.8 ball, 1.9 23 star',
      nail: '-3.2 17.2 ball, 3.2 17.2 ball, -5.5 7.8 block, 5.5 7.8 block, 0 24 star',
      elbowR: '-1.5 16.5 nail, 4.9 16.2 ball, -4 7.6 wsblock, 7 8 block, 1.1 24.2 star',
      shortR: '-0.5 13 lane, 8.8 12.5 elbow, 2.5 6.8 block, 8.8 3.7 ball, 1 23.3 star',
      blockR: '0 14 nail, 7.6 12 dig, -1.5 7 rim, 4.6 6.8 ball, 0.7 23.8 star',
    },
    alternatives: [
      {
        key: 'diamond',
        words: 'diamond-and-one: point, two wings, one low',
        group: 'shape',
        mirror: [1, 0, 2, 3, 4],
        rows: {
          top: '-8.5 14.5 wing, 8.5 14.5 wing, 0 22 gap, 0 7.5 rim, 0 24 star',
          slotR: '-6 13 wsblock, 10.5 15 wing, 6.5 22.2 ball, 1.5 7.2 rim, -5.8 24.2 star',
          wingR: '-3 10 wsblock, 16 15.5 ball, 4.5 18.5 elbow, 6 6.8 block, 2 24.4 star',
          cornerR: '-1 8 wsblock, 18.6 5 ball, 7 14.5 elbow, 6.8 6 block, 1.9 23 star',
          nail: '-5.5 13.5 dig, 5.5 13.5 dig, 0 21.8 dig, 0 8.5 rim, 0 24 star',
          elbowR: '-4 11.5 wsblock, 7 15.8 ball, 3 20.5 dig, 2 8 rim, 1.1 24.2 star',
          shortR: '-2.5 8 wsblock, 12 10 return, 4 15 nail, 8.6 3.8 ball, 1 23.3 star',
          blockR: '-2 7.5 rim, 9.5 10 dig, 3 14.5 nail, 4.6 6.7 ball, 0.7 23.8 star',
        },
      },
    ],
  },
  {
    key: 'triangle-and-two',
    men: ['apex', 'right low', 'left low', 'right chaser', 'left chaser'],
    mirror: [0, 2, 1, 4, 3],
    chasers: [3, 4],
    rows: {
      top: '0 20 gap, 6.5 8.5 block, -6.5 8.5 block, 15.2 17.3 star, -15.2 17.3 star',
      slotR: '6.3 22.4 ball, 7 9.5 block, -4.5 8.8 wsblock, 15.6 17.6 star, -14.5 16.8 star',
      wingR: '4 16.8 elbow, 8 7 block, -2.5 7.6 wsblock, 16 15.4 star, -13.7 15.9 star',
      cornerR: '4.5 13 elbow, 19 3.8 ball, 5 6.2 block, 17.8 14.1 star, -13.9 15 star',
      nail: '0 16 ball, 5.5 8 block, -5.5 8 block, 15.5 16.5 star, -15.5 16.5 star',
      elbowR: '4.7 16.2 ball, 6.5 8 block, -4 8 wsblock, 15.5 16.6 star, -14.9 16.4 star',
      shortR: '4.5 12 elbow, 8.8 3.7 ball, 2 6.8 block, 16.6 14.7 star, -14.5 14.9 star',
      blockR: '5.5 11.5 dig, 4.6 6.8 ball, -1.2 7 rim, 16.1 15.2 star, -15 15.3 star',
    },
    alternatives: [
      {
        key: 'inverted',
        words: 'inverted triangle: two high, one low',
        group: 'shape',
        mirror: [0, 2, 1, 4, 3],
        rows: {
          top: '0 7.8 rim, 5.5 18.5 elbow, -5.5 18.5 elbow, 15.2 17.3 star, -15.2 17.3 star',
          slotR: '1.5 7.6 rim, 7 22.4 ball, -1 17 nail, 15.6 17.6 star, -14.5 16.8 star',
          wingR: '4.5 7.6 block, 8.5 15 elbow, -1.5 12.5 lane, 16 15.4 star, -13.7 15.9 star',
          cornerR: '6.8 6 block, 18.2 5.2 ball, 1.5 11.5 lane, 17.8 14.1 star, -13.9 15 star',
          nail: '0 9 rim, 3 17 ball, -3 17 ball, 15.5 16.5 star, -15.5 16.5 star',
          elbowR: '1.5 8.5 rim, 5.4 16 ball, -2 15 nail, 15.5 16.6 star, -14.9 16.4 star',
          shortR: '8.6 3.8 ball, 8.5 11.5 elbow, -0.5 8 rim, 16.6 14.7 star, -14.5 14.9 star',
          blockR: '4.6 6.8 ball, 8.2 11.5 dig, -1.5 8.5 rim, 16.1 15.2 star, -15 15.3 star',
        },
      },
    ],
  },
];
