import { courtFor } from '../court/rulesets.ts';
import { playFrom, type Board, type XY } from '../defence/board.test-data.ts';
import { levelRecord } from '../motion/level.ts';
import type { Defence, Level, Play } from '../play/document.ts';
import { boardsOf } from './grid.ts';
import type { Boards } from './cell.ts';

type Drawn = Board['frames'][number][number];
export const act = (a: object): Drawn => a as Drawn;
const path = (...n: number[]) => n.flatMap((x, i) => (i % 2 === 0 ? [{ x, y: n[i + 1]! }] : []));
export const screen = (by: string, who: string, [x, y]: XY, more: object = {}): Drawn =>
  act({ id: 'screen', by, does: 'screen', for: who, path: [{ x, y }], ...more });
export const cut = (by: string, way: number[], more: object = {}): Drawn =>
  act({ by, does: 'cut', path: path(...way), tempo: 'sprint', ...more });
export const drib = (by: string, way: number[], more: object = {}): Drawn =>
  act({ by, does: 'dribble', path: path(...way), tempo: 'sprint', ...more });
export const pass = (by: string, to: string, more: object = {}): Drawn =>
  act({ by, does: 'pass', to, ...more });
export const shot = (by: string): Drawn => act({ by, does: 'shot' });

/** The board on the other side. */
export const mirrored = (b: Board): Board => ({
  ...b,
  places: Object.fromEntries(
    Object.entries(b.places).map(([p, [x, y]]) => [p, [-x, y]]),
  ) as unknown as Board['places'],
  frames: b.frames.map((f) =>
    f.map((a) => {
      const { path: way } = a as { path?: { x: number; y: number }[] };
      return way ? ({ ...a, path: way.map((p) => ({ ...p, x: -p.x })) } as Drawn) : a;
    }),
  ),
});

export const man = (more: Partial<Defence> = {}): Defence => ({
  id: 'd',
  name: 'Man',
  type: 'man',
  onBall: 'drop',
  offBall: 'trail',
  help: 'none',
  ...more,
});

/** A board's play with endings beside it: each a frame of its own from the set. */
export function playWith(
  b: Board,
  endings: readonly { read: Play['frames'][number]['read']; actions: readonly Drawn[] }[] = [],
  level: Level = 'highSchool',
): Play {
  const play = playFrom(b, level);
  let n = 100;
  return {
    ...play,
    frames: [
      ...play.frames,
      ...endings.map(({ read, actions }, i) => ({
        id: `e${i + 1}`,
        parent: null,
        ...(read ? { read } : {}),
        actions: actions.map((a) => ({ ...a, id: `a${++n}` })) as Play['frames'][number]['actions'],
      })),
    ],
  };
}

export const judged = (play: Play, defence: Defence = man()): Boards =>
  boardsOf(play, courtFor(play), levelRecord(play.level), defence);

/** A ball screen on top going right: 2 in the strong corner, 3 in the weak one, 4 at the left slot. */
export const ON_TOP: Board['places'] = {
  '1': [0, 27],
  '2': [22, 3.5],
  '3': [-22, 3.5],
  '4': [-10, 26],
  '5': [4, 19],
};
export const SPOT: XY = [2.4, 24.6];
const OFF = [2.6, 27.2, 9.5, 22.5];
/** The roll as it is drawn first. */
export const ROLL: Board = {
  places: ON_TOP,
  frames: [[screen('5', '1', SPOT), drib('1', OFF), cut('5', [1, 6.5]), pass('1', '5'), shot('5')]],
};
export const SLIP = [
  screen('5', '1', SPOT, { slip: true }),
  drib('1', [2.6, 27.2, 5, 26.5]),
  cut('5', [1, 6.5]),
  pass('1', '5', { kind: 'bounce' }),
  shot('5'),
];
export const POP = [
  screen('5', '1', SPOT),
  drib('1', OFF),
  cut('5', [5.1, 25.8], { tempo: 'cut' }),
  pass('1', '5'),
  shot('5'),
];
