import { describe, expect, it } from 'vitest';
import { inBounds } from '../../court/queries.ts';
import type { Board } from '../../defence/board.test-data.ts';
import { edit } from '../../play/edit.ts';
import type { Defence, Play } from '../../play/document.ts';
import { cellOn, cellDrawn } from '../cell.ts';
import { pointsOf, rowOf } from '../grid.ts';
import type { PointKind, Reaction } from '../points.ts';
import {
  act,
  cut,
  drib,
  judged,
  man,
  mirrored,
  ON_TOP,
  pass,
  playWith,
  ROLL,
  screen,
  shot,
  SPOT,
  whole,
} from '../plays.test-data.ts';
import type { RecipeKey } from './draft.ts';
import { proposals } from './propose.ts';
import { draftsFor } from './recipes.ts';
import { sceneOf } from './scene.ts';

/** The same screen elsewhere: on the left wing, and a step higher on top. */
const WING: Board = {
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
const PIN: Board = {
  places: { '1': [0, 26], '2': [21, 4], '3': [-22, 3.5], '4': [-9, 25], '5': [8, 15] },
  frames: [[screen('5', '2', [16.5, 9.5]), cut('2', [17.5, 12.5, 17, 19]), pass('1', '2'), shot('2')]],
};
const PIN_LEFT: Board = {
  places: { '1': [2, 26], '2': [-21.5, 5], '3': [22, 3.5], '4': [11, 25], '5': [-7, 17] },
  frames: [[screen('5', '2', [-17, 11]), cut('2', [-17, 14, -15, 21]), pass('1', '2'), shot('2')]],
};

interface Row {
  readonly they: Reaction;
  readonly kind: PointKind;
  /** What coaches usually do about it. */
  readonly usual: readonly RecipeKey[];
  readonly boards: readonly Board[];
}
const BALL = [ROLL, WING, HIGH] as const;
/** The defence does, the usual answers (common practice); boards drawn before they were tried. */
const TABLE: readonly Row[] = [
  { they: 'under', kind: 'onBall', usual: ['pullUp', 'lower', 'pop'], boards: BALL },
  { they: 'drop', kind: 'onBall', usual: ['pop', 'mid', 'pullUp'], boards: BALL },
  { they: 'show', kind: 'onBall', usual: ['slip', 'roll', 'shortRoll'], boards: BALL },
  { they: 'trap', kind: 'onBall', usual: ['slip', 'roll', 'shortRoll'], boards: BALL },
  { they: 'switch', kind: 'onBall', usual: ['slip', 'ghost'], boards: BALL },
  { they: 'trail', kind: 'offBall', usual: ['curl', 'slip'], boards: [PIN, PIN_LEFT] },
  { they: 'topLock', kind: 'offBall', usual: ['backCut', 'slip'], boards: [PIN, PIN_LEFT] },
  { they: 'switch', kind: 'offBall', usual: ['slip', 'pop'], boards: [PIN, PIN_LEFT] },
];

function answersTo(play: Play, kind: PointKind, they: Reaction, defence: Defence) {
  const boards = judged(play, defence);
  const point = pointsOf(boards.drawn).find((p) => p.kind === kind)!;
  const { cell } = cellDrawn(boards, point, they);
  return {
    offered: whole(proposals(boards, point, they)),
    cell: cellOn(boards, point, cell, 9),
    point,
    boards,
  };
}

describe('the usual answers are found (common practice)', () => {
  it.each(
    TABLE.flatMap(({ boards, ...row }) =>
      // The first both ways, the others one way each.
      boards.flatMap((b, k) =>
        (k === 0 ? [b, mirrored(b)] : [k === 1 ? mirrored(b) : b]).map((board) => ({ ...row, k, board })),
      ),
    ),
  )('they $they ($kind, board $k): $usual', ({ they, kind, usual, board }) => {
    const { offered, cell } = answersTo(playWith(board), kind, they, man());
    expect(offered.length).toBeGreaterThan(0);
    const [best] = offered;
    expect(usual).toContain(best!.recipe);
    expect(best!.share).toBeGreaterThanOrEqual(0.6);
    // Better than the play as drawn: open where that is not, or worth more.
    const drawn = cell.state === 'hole' && cell.tried ? cell.tried.share * cell.tried.worth : 0;
    expect(best!.share * best!.worth).toBeGreaterThan(drawn);
  });
});

describe('what is offered', () => {
  const play = playWith(ROLL);
  const { offered, point, boards } = answersTo(play, 'onBall', 'switch', man());
  it('is at most three, of different kinds, the best first, each open on most of twenty boards', () => {
    for (const they of ['drop', 'show', 'switch'] as const) {
      const all = answersTo(play, 'onBall', they, man()).offered;
      expect(all.length).toBeLessThanOrEqual(3);
      expect(new Set(all.map((p) => `${p.recipe} ${p.look.look.player}`)).size).toBe(all.length);
      const values = all.map((p) => p.share * p.worth);
      expect(values).toEqual([...values].sort((a, b) => b - a));
      for (const p of all) expect(p).toMatchObject({ boards: 20 });
    }
  });
  it('taken into the play turns its cell', () => {
    const before = whole(rowOf(boards, point)).find((c) => c.reaction === 'switch')!;
    expect(before.state).toBe('hole');
    const { frame } = offered[0]!;
    const r = edit(play, { do: 'pasteEnding', after: frame.parent, frame });
    if (!r.ok) throw new Error(r.sentence);
    const after = judged(r.play, man());
    const here = pointsOf(after.drawn).find((p) => p.id === point.id)!;
    const cell = whole(rowOf(after, here)).find((c) => c.reaction === 'switch')!;
    expect(cell.state).toBe('answered');
    expect(cell.tried!.ending).not.toBeNull();
    // The rest of the row is as it was: an answer to a switch answers nothing else.
    expect(whole(rowOf(after, here)).find((c) => c.reaction === 'under')!.state).toBe('hole');
  });
  it('is the same every time', () => {
    const again = answersTo(play, 'onBall', 'switch', man()).offered;
    expect(JSON.stringify(again)).toBe(JSON.stringify(offered));
  });
  it('leads nobody off the floor', () => {
    for (const board of [WING, PIN]) {
      const made = judged(playWith(board));
      for (const p of pointsOf(made.drawn))
        for (const r of p.reactions.slice(0, 2)) {
          const scene = sceneOf(made.drawn, made.drawn.line('f1'), p, r)!;
          const paths = draftsFor(scene).flatMap(({ frame }) =>
            frame.actions.flatMap((a) => ('path' in a ? (a.path ?? []) : [])),
          );
          for (const at of paths) expect(inBounds(made.drawn.court, at)).toBe(true);
        }
    }
  });
  it('a tag leaves a man: the ball to him', () => {
    const out: Board = {
      places: ON_TOP,
      frames: [
        [screen('5', '1', SPOT), drib('1', [2.6, 27.2, 9.5, 22.5]), cut('5', [1, 6.5])],
        [act({ by: '1', does: 'hold', seconds: 0.5 })],
      ],
    };
    const { offered: strong } = answersTo(playWith(out), 'tag', 'strongCorner', man({ onBall: 'show' }));
    expect(strong.some((p) => p.recipe === 'outlet' && p.look.look.player === '2')).toBe(true);
    const { offered: top } = answersTo(playWith(out), 'tag', 'top', man({ onBall: 'show' }));
    expect(top.some((p) => p.recipe === 'outlet' && p.look.look.player === '4')).toBe(true);
  });
});
