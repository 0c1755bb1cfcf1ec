import {
  boardsOf,
  courtFor,
  leaves,
  levelRecord,
  pointsOf,
  proposals,
  rowOf,
  Values,
  worstReply,
  type Boards,
  type Play,
} from '@corkscrew/core';
import { demo, ms, percentile, type Row } from './row.ts';

const RUNS = 7;

const fresh = (play: Play): Boards =>
  boardsOf(play, courtFor(play), levelRecord(play.level, play.women ?? false), play.defences![0]!);

const median = (times: readonly number[]): number =>
  percentile(
    [...times].sort((a, b) => a - b),
    0.5,
  );

/** Milliseconds until the first cell, until all of the drawn board, and until the doubtful ones are sure; from cold. */
function grid(play: Play): { first: number; drawn: number; firm: number; cells: number } {
  const began = performance.now();
  const boards = fresh(play);
  let first = NaN;
  let cells = 0;
  const rows = pointsOf(boards.drawn).map((p) => ({ cells: p.reactions.length, row: rowOf(boards, p) }));
  // Every row as the drawn board has it, before any is shaken.
  for (const { cells: count, row } of rows)
    for (let n = 0; n < count; n++) {
      row.next();
      cells++;
      if (cells === 1) first = performance.now() - began;
    }
  const drawn = performance.now() - began;
  for (const { row } of rows) while (!row.next().done);
  return { first, drawn, firm: performance.now() - began, cells };
}

/** What judging the answers of a play costs in Node on one core. */
export function answers(): Row[] {
  const man = demo().filter((p) => p.defences?.[0]?.type === 'man');
  const most = man.reduce((a, b) => (grid(b).cells > grid(a).cells ? b : a));
  const all = Array.from({ length: RUNS }, () => grid(most));
  const { cells } = all[0]!;
  const first = median(all.map((g) => g.first));
  const drawn = median(all.map((g) => g.drawn));
  const firm = median(all.map((g) => g.firm));
  const reply = median(
    Array.from({ length: RUNS }, () => {
      const began = performance.now();
      const { drawn: board } = fresh(most);
      const search = worstReply(new Values(board, pointsOf(board)));
      while (!search.next().done);
      return performance.now() - began;
    }),
  );
  const offers = median(
    Array.from({ length: RUNS }, () => {
      const boards = fresh(most);
      const p = pointsOf(boards.drawn).find((x) => x.reactions.includes('switch'))!;
      const began = performance.now();
      const search = proposals(boards, p, 'switch');
      while (!search.next().done);
      return performance.now() - began;
    }),
  );
  const of = `${most.name}, ${leaves(most).length} endings`;
  return [
    { what: `Answers (${of}): first cell, one thread, cold`, measured: ms(first), goal: '≤ 100 ms' },
    {
      what: `Answers: all ${cells} cells on the drawn board, one thread`,
      measured: `${ms(drawn)}, ${ms(drawn / cells)} a cell`,
      goal: '≤ 1.0 s for 30 cells on two',
    },
    { what: 'Answers: with the doubtful cells on shaken boards', measured: ms(firm), goal: '≤ 3 s more' },
    { what: 'Their best reply, one thread, cold', measured: ms(reply), goal: '≤ 2 s' },
    { what: 'Proposed answers to a switch, twenty boards', measured: ms(offers), goal: '' },
  ];
}
