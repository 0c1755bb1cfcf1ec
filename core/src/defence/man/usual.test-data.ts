import { defend, railsFrom, type Board, type Shake, type XY } from '../board.test-data.ts';
import { act, cut, drib, hold, screen, useOf } from './facts/measure.test-data.ts';
import type { Judged } from '../../answers/judge.ts';
import { judgePass, judgeShot, type Since } from './judge.test-data.ts';
import type { ManPlan, OnBall } from '../plan.ts';

/** An answer to what they do: whether its look is open on most shaken boards, and what it is worth where that was told. */
export interface Usual {
  readonly key: string;
  readonly open: boolean;
  readonly worth?: number;
  readonly judge: (s: Shake) => Judged;
}
const pass = (by: string, to: string, more: object = {}) =>
  act({ id: 'pass', by, does: 'pass', to, ...more });
const denies = (...who: number[]): Uint8Array =>
  Uint8Array.from([0, 1, 2, 3, 4], (d) => Number(who.includes(d)));

/** A ball screen on top going right: 2 in the strong corner, 3 in the weak one, 4 at the left slot. */
const ON_TOP: Board['places'] = {
  '1': [0, 27],
  '2': [22, 3.5],
  '3': [-22, 3.5],
  '4': [-10, 26],
  '5': [4, 19],
};
const SPOT: XY = [2.4, 24.6];
const off = drib('1', [2.6, 27.2, 9.5, 22.5]);
const ROLL: Board = {
  places: ON_TOP,
  frames: [[screen('5', '1', SPOT), off, cut('5', [1, 6.5]), pass('1', '5')], [hold('5')]],
};
const SLIP: Board = {
  places: ON_TOP,
  frames: [
    [
      screen('5', '1', SPOT, { slip: true }),
      off,
      cut('5', [1, 6.5], { cue: { on: 'screen', event: 'end' } }),
      pass('1', '5'),
    ],
    [hold('5')],
  ],
};
const POP: Board = {
  places: ON_TOP,
  frames: [
    [screen('5', '1', SPOT), off, cut('5', [5.1, 25.8], { tempo: 'cut' }), pass('1', '5')],
    [hold('5')],
  ],
};
const out = (to: string): Board => ({
  places: ON_TOP,
  frames: [[screen('5', '1', SPOT), off, cut('5', [1, 6.5])], [pass('1', to)], [hold(to)]],
});
const plays = (onBall: OnBall, more: Partial<ManPlan> = {}): Partial<ManPlan> => ({
  onBall,
  handoff: onBall,
  help: 'none',
  ...more,
});
const used: Since = useOf;
/** A slipper is seen a little before he gets there. */
const slipped: Since = (d) => d.rails.timeline.screens[0]!.arrive - 0.3;

const onTop = (
  key: string,
  b: Board,
  plan: Partial<ManPlan>,
  open: boolean,
  worth?: number,
  since = used,
): Usual => ({
  key,
  open,
  ...(worth === undefined ? {} : { worth }),
  judge: (s) => judgePass(b, plan, s, 'pass', since),
});

const start =
  (id: string): Since =>
  (d) =>
    d.rails.timeline.actions.find((a) => a.action.id === id)!.start;

/** Back door: 2 is denied; 2 cuts for a lob, no help and with the low man. */
const DENY: Board = {
  places: { '1': [0, 26], '2': [18, 18], '3': [-18, 18], '4': [-9, 26], '5': [-22, 4] },
  frames: [
    [hold('1', 0.8)],
    [cut('2', [14, 12, 3, 6.5], { id: 'cut' }), pass('1', '2', { kind: 'lob' })],
    [hold('2')],
  ],
};
/** Back door off the elbow: 1 to 5, 2 leaves a little before the catch, bounce. */
const ELBOW: Board = {
  places: { '1': [0, 26], '2': [18, 18], '3': [-18, 18], '4': [-6, 19], '5': [6, 15] },
  frames: [
    [hold('1', 0.8)],
    [
      act({ id: 'entry', by: '1', does: 'pass', to: '5' }),
      cut('2', [14, 11, 3, 6.5], { id: 'cut', cue: { on: 'entry', event: 'catch', delay: -0.3 } }),
    ],
    [pass('5', '2', { kind: 'bounce', cue: { on: 'cut', event: 'at', at: 0.6 } })],
    [hold('2')],
  ],
};
/** The wing feeds a post who is fronted, straight and over the top with a seal. */
const FRONT: Board = {
  places: { '1': [8.5, 25], '2': [18, 18], '3': [-22, 3.5], '4': [-8.5, 24], '5': [8, 8] },
  ball: '2',
  frames: [
    [act({ id: 'seal', by: '5', does: 'seal', path: [] })],
    [pass('2', '5', { kind: 'lob', cue: { on: 'seal', event: 'start', delay: 1 } })],
    [hold('5')],
  ],
};
/** High-low over the front: 2 to 1, 5 seals, 4 to the far elbow, 1 to 4, 4 to 5. */
const HIGH_LOW: Board = {
  ...FRONT,
  frames: [
    [
      act({ id: 'swing', by: '2', does: 'pass', to: '1' }),
      act({ id: 'seal', by: '5', does: 'seal', path: [], cue: { on: 'swing', event: 'release' } }),
      cut('4', [-4, 18.5], { tempo: 'cut', cue: { on: 'swing', event: 'release' } }),
    ],
    [act({ id: 'high', by: '1', does: 'pass', to: '4' })],
    [pass('4', '5')],
    [hold('5')],
  ],
};
/** A ball screen on the wing pushed to the side; the screener pops to the top. */
const PUSH: Board = {
  places: { '1': [17.5, 20], '2': [-9, 25.5], '3': [-22, 4], '4': [22, 4], '5': [7.5, 14] },
  frames: [
    [
      screen('5', '1', [14.3, 19.6]),
      drib('1', [19, 15, 18, 11], { cue: { on: 'screen', event: 'end', delay: -0.2 } }),
      cut('5', [9, 24], { tempo: 'cut', cue: { on: 'screen', event: 'end', delay: 0.3 } }),
      pass('1', '5'),
    ],
    [hold('5')],
  ],
};
const PULL_UP: Board = {
  places: ON_TOP,
  frames: [
    [screen('5', '1', SPOT), drib('1', [2, 27.4, 4.2, 26.9])],
    [act({ id: 'shot', by: '1', does: 'shot' })],
  ],
};

const back = start('cut');
const denied = (help: ManPlan['help']) => plays('drop', { denies: denies(1), help });
const fronted = (help: ManPlan['help']) => plays('drop', { post: 'front', help });

/** Common practice; what they are worth from the description of the model, to a tenth of a point and a bit. */
export const USUAL: readonly Usual[] = [
  onTop('a show leaves the roll', ROLL, plays('show'), true, 1.36),
  onTop('a trap leaves the roll', ROLL, plays('trap'), true, 1.34),
  onTop('a drop is before the roll', ROLL, plays('drop'), false),
  onTop('a switch is under the roll', ROLL, plays('switch'), false),
  onTop('a slip beats the switch', SLIP, plays('switch'), true, 1.01, slipped),
  onTop('a slip does not beat the drop', SLIP, plays('drop'), false, undefined, slipped),
  onTop('a drop leaves the pop', POP, plays('drop'), true, 0.93),
  onTop('a switch does not', POP, plays('switch'), false, 0.72),
  onTop(
    'a tag from the weak corner leaves that corner',
    out('3'),
    plays('show', { help: 'weakCorner' }),
    true,
  ),
  onTop('nobody tags, nobody is left', out('3'), plays('show'), false, 0.08),
  onTop(
    'help from the strong corner leaves that',
    out('2'),
    plays('show', { help: 'strongCorner' }),
    true,
    1.02,
  ),
  onTop('it stays there, and is on him', out('2'), plays('show'), false, 0.72),
  {
    key: 'under leaves the pull-up',
    open: true,
    worth: 0.86,
    judge: (s) => judgeShot(PULL_UP, plays('under'), s, 'shot'),
  },
  onTop('denial leaves the back door', DENY, denied('none'), true, 1.34, back),
  onTop('unless help is low', DENY, denied('weakCorner'), false, 0.6, back),
  onTop('denial leaves the back door off the elbow', ELBOW, denied('none'), true, 1.02, back),
  onTop('unless help is low there', ELBOW, denied('weakCorner'), false, 0.65, back),
  onTop('a front leaves the lob over a seal', FRONT, fronted('none'), true, 0.95, start('seal')),
  onTop('unless help stands behind', FRONT, fronted('weakCorner'), false, undefined, start('seal')),
  onTop('a front leaves the high-low', HIGH_LOW, fronted('none'), true, 1.3, start('high')),
  onTop('pushed to the side, the pop is free', PUSH, plays('push'), true, 0.95),
];

/** A drive past a man who closes out, and who stops it (index), with help on: as teams are taught (common practice). */
const attack = (path: readonly number[]) =>
  drib('1', path, { id: 'drive', kind: 'attack', cue: { on: 'skip', event: 'catch', delay: 0.15 } });
const DRIVEN = (places: Board['places'], passer: '4' | '5', path: readonly number[]): Board => ({
  places,
  ball: passer,
  frames: [
    [hold(passer, 0.5)],
    [act({ id: 'skip', by: passer, does: 'pass', to: '1', kind: 'skip' }), attack(path)],
    [hold('1', 0.5)],
  ],
});
const WING: Board['places'] = { '1': [18, 18], '2': [22, 3.5], '3': [0, 26.5], '4': [-19, 15], '5': [-8, 7] };
export const STOPPERS: readonly { readonly key: string; readonly board: Board; readonly who: number }[] = [
  { key: 'from the wing through the middle: the low man', board: DRIVEN(WING, '4', [8, 15, 1.5, 8]), who: 4 },
  {
    key: 'along the baseline: the low man',
    board: DRIVEN({ ...WING, '2': [8.5, 25.5], '3': [-8.5, 25] }, '4', [16, 10, 5, 5.5]),
    who: 4,
  },
  {
    key: 'from the left wing, nobody inside: the far corner, not the near one',
    board: DRIVEN(
      { '1': [-17, 19], '2': [-22, 4], '3': [0, 27], '4': [22, 4], '5': [16, 20] },
      '5',
      [-8, 16, -1.5, 8],
    ),
    who: 3,
  },
];
/** Seconds from the start of the drive until a second man is within 3 ft of the ball; who, by the events. */
export function stopped(b: Board, s: Shake): { readonly who: number; readonly after: number } {
  const from = railsFrom(b, s).timeline.actions.find((a) => a.action.id === 'drive')!.start;
  // His man reads it late: it goes by his close-out.
  const d = defend(b, { help: 'weakCorner', lateReads: [{ player: 0, from, seconds: 0.45 }] }, s);
  const who = d.events.findLast((e) => e.is === 'help' && e.t >= from)?.defender ?? -1;
  const { steps, dt, x, y } = d.rails;
  for (let k = Math.round(from / dt); k < steps; k++)
    for (let i = 1; i < 5; i++)
      if ((d.x[k * 5 + i]! - x[k * 5]!) ** 2 + (d.y[k * 5 + i]! - y[k * 5]!) ** 2 < 9)
        return { who, after: k * dt - from };
  return { who, after: Infinity };
}
