import type { Court } from '../court/court.ts';
import type { LevelRecord } from '../motion/level.ts';
import type { Defence, Play } from '../play/document.ts';
import { leaves } from '../play/tree.ts';
import { Board } from './board.ts';
import { Boards, cellDrawn, cellFirm, type Cell } from './cell.ts';
import type { PointOnLine, Reaction } from './points.ts';

/** The boards of a play against a defence. */
export const boardsOf = (play: Play, court: Court, record: LevelRecord, defence: Defence): Boards =>
  new Boards((seed, more) => {
    const frames = more ? [...play.frames, more] : play.frames;
    return new Board(more ? { ...play, frames } : play, court, record, defence, seed);
  });

/** Every point of a play once, in the order in which they come; of a point on several lines the first that has it. */
export function pointsOf(board: Board): PointOnLine[] {
  const out = new Map<string, PointOnLine>();
  for (const { id } of leaves(board.play))
    for (const p of board.line(id).points)
      if (!out.has(p.id)) out.set(p.id, { ...p, never: neverAt(board.play, p) });
  return [...out.values()].sort((a, b) => a.seen - b.seen);
}

/** What they never do at a point, by the coach's word. */
const neverAt = (play: Play, p: PointOnLine): Reaction[] =>
  (play.refused ?? []).flatMap((r) =>
    r.kind === p.kind && r.by === p.by && r.user === p.user && r.depth === p.depth ? [r.does] : [],
  );

/** The cells of one point: each as the drawn board has it, then again those of which that is not sure. */
export function* rowOf(boards: Boards, at: PointOnLine): Generator<Cell, Cell[]> {
  const cells: Cell[] = [];
  const doubtful: number[] = [];
  for (const reaction of at.reactions) {
    const { cell, doubt } = cellDrawn(boards, at, reaction);
    if (doubt) doubtful.push(cells.length);
    cells.push(cell);
    yield cell;
  }
  for (const i of doubtful) {
    cells[i] = cellFirm(boards, at, cells[i]!);
    yield cells[i];
  }
  return cells;
}
