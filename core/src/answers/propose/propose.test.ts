import { describe, expect, it } from 'vitest';
import { inBounds } from '../../court/queries.ts';
import type { Board } from '../../defence/board.test-data.ts';
import { edit } from '../../play/edit.ts';
import type { Defence, Play } from '../../play/document.ts';
import { cellDrawn } from '../cell.ts';
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
  playWith,
  ROLL,
  screen,
  SPOT,
} from '../plays.test-data.ts';
import { whole } from '../whole.ts';
import { proposals } from './propose.ts';
import { draftsFor } from './recipes.ts';
import { sceneOf } from './scene.ts';
import { offeredFor, PIN, TABLE, WING } from './table.test-data.ts';

function answersTo(play: Play, kind: PointKind, they: Reaction, defence: Defence) {
  const boards = judged(play, defence);
  const point = pointsOf(boards.drawn).find((p) => p.kind === kind)!;
  return {
    offered: whole(proposals(boards, point, they)),
    point,
    boards,
  };
}

describe('the usual answers are found (common practice)', () => {
  // As drawn, and one of its other boards in turn, from the other side: all of them are in the bench of facts.
  const rows = TABLE.filter((r) => !r.misses).flatMap((row, n) => {
    const k = 1 + (n % (row.boards.length - 1));
    const boards = { 0: row.boards[0]!, [k]: mirrored(row.boards[k]!) };
    return Object.entries(boards).map(([k, board]) => ({ row, board, they: row.they, kind: row.kind, k }));
  });
  it.each(rows)('they $they ($kind, board $k)', ({ row, board }) => {
    const [best] = offeredFor(row, board);
    expect(best).toBeDefined();
    expect(row.usual).toContain(best!.recipe);
    expect(best!.share).toBeGreaterThanOrEqual(0.6);
    // Better than the play as drawn where that is a hole: it was not open.
    const boards = judged(playWith(board), man(row.defence));
    const point = pointsOf(boards.drawn).find((p) => p.kind === row.kind)!;
    const { cell } = cellDrawn(boards, point, row.they);
    const drawn = cell.state === 'hole' && cell.tried ? cell.tried.share * cell.tried.worth : 0;
    expect(best!.share * best!.worth).toBeGreaterThan(drawn);
  });
  it('at most three rows of the table do not hold, and say why', () => {
    const misses = TABLE.filter((r) => r.misses);
    expect(misses.length).toBeLessThanOrEqual(3);
    for (const { misses: why } of misses) expect(why!.length).toBeGreaterThan(20);
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
