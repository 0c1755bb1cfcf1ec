import type { Board } from '../../defence/board.test-data.ts';
import type { Defence } from '../../play/document.ts';
import { pointsOf } from '../grid.ts';
import type { PointKind, Reaction } from '../points.ts';
import {
  act,
  cut,
  drib,
  judged,
  man,
  ON_TOP,
  pass,
  playWith,
  ROLL,
  screen,
  shot,
  SPOT,
} from '../plays.test-data.ts';
import { whole } from '../whole.ts';
import type { RecipeKey } from './draft.ts';
import { proposals, type AnswerProposal } from './propose.ts';

/** The same screen elsewhere: on the left wing, and a step higher on top. */
export const WING: Board = {
  places: { '1': [-18, 19], '2': [22, 3.5], '3': [-22, 3.5], '4': [10, 25], '5': [-7, 15] },
  frames: [
    [
      screen('5', '1', [-14.5, 20.5]),
      drib('1', [-14.5, 23.5, -7, 22]),
      cut('5', [-2, 6.5]),
      pass('1', '5'),
      shot('5'),
    ],
  ],
};
const HIGH: Board = {
  places: { ...ON_TOP, '5': [5, 20] },
  frames: [
    [
      screen('5', '1', [2.8, 25.2]),
      drib('1', [3, 28, 10.5, 23]),
      cut('5', [2, 6.5]),
      pass('1', '5'),
      shot('5'),
    ],
  ],
};
/** A pin-down for the man in the corner, on two boards. */
export const PIN: Board = {
  places: { '1': [0, 26], '2': [21, 4], '3': [-22, 3.5], '4': [-9, 25], '5': [8, 15] },
  frames: [[screen('5', '2', [16.5, 9.5]), cut('2', [17.5, 12.5, 17, 19]), pass('1', '2'), shot('2')]],
};
const PIN_LEFT: Board = {
  places: { '1': [2, 26], '2': [-21.5, 5], '3': [22, 3.5], '4': [11, 25], '5': [-7, 17] },
  frames: [[screen('5', '2', [-17, 11]), cut('2', [-17, 14, -15, 21]), pass('1', '2'), shot('2')]],
};

/** A ball screen whose roller can be tagged: nothing is thrown yet. */
const OUT: Board = {
  places: ON_TOP,
  frames: [
    [screen('5', '1', SPOT), drib('1', [2.6, 27.2, 9.5, 22.5]), cut('5', [1, 6.5])],
    [act({ by: '1', does: 'hold', seconds: 0.5 })],
  ],
};
const OUT_LEFT: Board = {
  places: { '1': [1, 27.5], '2': [-22, 4], '3': [22, 4], '4': [11, 25.5], '5': [-4, 19.5] },
  frames: [
    [screen('5', '1', [-2, 25.2]), drib('1', [-2, 28, -9, 23]), cut('5', [-1.5, 6.5])],
    [act({ by: '1', does: 'hold', seconds: 0.5 })],
  ],
};
/** A handoff at the slot, on both sides. */
const HAND: Board = {
  places: { '1': [0, 27], '2': [21, 6], '3': [-22, 3.5], '4': [-9, 25], '5': [7, 21] },
  ball: '5',
  frames: [
    [act({ by: '5', does: 'handoff', to: '2' }), cut('2', [12, 21, 5.5, 24, -3, 20], { tempo: 'sprint' })],
    [shot('2')],
  ],
};
const HAND_LEFT: Board = {
  places: { '1': [2, 27], '2': [-21, 8], '3': [22, 4], '4': [10, 25], '5': [-6, 22] },
  ball: '5',
  frames: [
    [act({ by: '5', does: 'handoff', to: '2' }), cut('2', [-11, 22, -4.5, 25, 3, 21], { tempo: 'sprint' })],
    [shot('2')],
  ],
};
/** The wing is passed to, and then the ball goes on: they may deny it. */
const ENTRY: Board = {
  places: { '1': [0, 26], '2': [17.5, 18], '3': [-22, 3.5], '4': [-9, 25.5], '5': [-20, 14] },
  frames: [[pass('1', '2')], [pass('2', '1')]],
};
const ENTRY_LEFT: Board = {
  places: { '1': [2, 25.5], '2': [-17, 19], '3': [22, 4], '4': [11, 25], '5': [21, 13] },
  frames: [[pass('1', '2')], [pass('2', '1')]],
};
/** The post is fed from the wing. */
const POST: Board = {
  places: { '1': [8.5, 25], '2': [18, 18], '3': [-22, 3.5], '4': [-8.5, 24], '5': [8, 8] },
  ball: '2',
  frames: [[act({ by: '2', does: 'hold', seconds: 0.6 })], [pass('2', '5'), shot('5')]],
};
const POST_LEFT: Board = {
  places: { '1': [-8, 25.5], '2': [-17.5, 17], '3': [22, 4], '4': [9, 24], '5': [-7.5, 8.5] },
  ball: '2',
  frames: [[act({ by: '2', does: 'hold', seconds: 0.6 })], [pass('2', '5'), shot('5')]],
};

export interface Row {
  readonly they: Reaction;
  readonly kind: PointKind;
  /** What coaches usually do about it. */
  readonly usual: readonly RecipeKey[];
  readonly boards: readonly Board[];
  /** The defence beside it. */
  readonly defence?: Partial<Defence>;
  /** Why it does not hold on every board. */
  readonly misses?: string;
}
const BALL = [ROLL, WING, HIGH] as const;
const TAGGED = [OUT, OUT_LEFT] as const;
const SHOWS = { onBall: 'show' } as const;
/** The defence does, the usual answers (common practice); boards drawn before they were tried. */
export const TABLE: readonly Row[] = [
  { they: 'under', kind: 'onBall', usual: ['pullUp', 'lower', 'pop', 'rescreen'], boards: BALL },
  { they: 'drop', kind: 'onBall', usual: ['pop', 'mid', 'pullUp'], boards: BALL },
  { they: 'show', kind: 'onBall', usual: ['slip', 'roll', 'shortRoll'], boards: BALL },
  { they: 'trap', kind: 'onBall', usual: ['slip', 'roll', 'shortRoll'], boards: BALL },
  { they: 'switch', kind: 'onBall', usual: ['slip', 'ghost', 'seal'], boards: BALL },
  { they: 'trail', kind: 'offBall', usual: ['curl', 'slip'], boards: [PIN, PIN_LEFT] },
  { they: 'topLock', kind: 'offBall', usual: ['backCut', 'slip'], boards: [PIN, PIN_LEFT] },
  { they: 'switch', kind: 'offBall', usual: ['slip', 'pop'], boards: [PIN, PIN_LEFT] },
  { they: 'push', kind: 'onBall', usual: ['turn', 'ghost', 'shortRoll', 'pop'], boards: BALL },
  { they: 'under', kind: 'offBall', usual: ['fade', 'slip'], boards: [PIN, PIN_LEFT] },
  {
    they: 'weakCorner',
    kind: 'tag',
    usual: ['outlet', 'swing'],
    boards: TAGGED,
    defence: SHOWS,
    misses:
      'the skip to the weak corner is 36 ft, and 30 are safe at high school; swung there by two passes his man is back',
  },
  { they: 'strongCorner', kind: 'tag', usual: ['outlet'], boards: TAGGED, defence: SHOWS },
  { they: 'top', kind: 'tag', usual: ['outlet', 'pop'], boards: TAGGED, defence: SHOWS },
  { they: 'show', kind: 'handoff', usual: ['roll', 'shortRoll'], boards: [HAND, HAND_LEFT] },
  {
    they: 'under',
    kind: 'handoff',
    usual: ['pullUp', 'pop'],
    boards: [HAND, HAND_LEFT],
    misses:
      'he who goes under a handoff on the run is 2.6 ft away when the pull-up leaves: worth 0.59, not open',
  },
  { they: 'switch', kind: 'handoff', usual: ['keep', 'roll'], boards: [HAND, HAND_LEFT] },
  { they: 'drop', kind: 'handoff', usual: ['pop', 'mid', 'pullUp'], boards: [HAND, HAND_LEFT] },
  { they: 'deny', kind: 'pass', usual: ['backCut', 'dribbleAt'], boards: [ENTRY, ENTRY_LEFT] },
  { they: 'front', kind: 'entry', usual: ['lob', 'highLow'], boards: [POST, POST_LEFT] },
  {
    they: 'watches',
    kind: 'drive',
    usual: ['backCut'],
    boards: [],
    misses:
      'who watches the ball does so all evening and at no one place: the grid has no row for it, an ending that reads it is played',
  },
];

/** The answers offered on a board against what they do; empty where they have no such choice there. */
export function offeredFor(row: Row, board: Board): readonly AnswerProposal[] {
  const boards = judged(playWith(board), man(row.defence));
  const point = pointsOf(boards.drawn).find((p) => p.kind === row.kind);
  return point ? whole(proposals(boards, point, row.they)) : [];
}
