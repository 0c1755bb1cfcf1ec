import { contentOf, type Cell, type Defence, type Play, type Reply } from '@corkscrew/core';
import { useEffect } from 'react';
import { create } from 'zustand';
import type { AnswersAsk, PointAt } from '../../../questions/kinds.ts';
import { contentAt } from '../../../questions/lines.ts';
import { menKey } from '../../../questions/men.ts';
import { questions } from '../../../questions/questions.ts';
import { useAnswer } from '../../../questions/use-answer.ts';
import { useTeaching } from '../../../team/team.ts';
import { useDesk } from '../store.ts';

/** A point, its lines, and what the play has against each thing they may do there, as far as it is known. */
interface GridRow extends PointAt {
  readonly cells: readonly Cell[];
}
export interface Grid {
  /** The document it is of; null before the first one is there. */
  readonly play: Play | null;
  readonly rows: readonly GridRow[];
  /** Something is still being worked out. */
  readonly busy: boolean;
  readonly failed: boolean;
  /** The coach has stopped it; what was judged by then stays. */
  readonly stopped: boolean;
}

/** The grid judged last; another play starts with nothing. */
const useStore = create<Grid>(() => ({
  play: null,
  rows: [],
  busy: false,
  failed: false,
  stopped: false,
}));
const set = useStore.setState;

/** Stops what is being judged, and takes it up again: the next change of the play does so too. */
export const stopGrid = (): void => set({ busy: false, stopped: true });
export const startGrid = (): void => set({ stopped: false });

/** How many things they may do the play on the desk has nothing against; 0 until that was judged. */
export function useHoles(): number {
  const id = useDesk((s) => s.play.id);
  return useStore((g) =>
    g.play?.id === id ? g.rows.reduce((n, r) => n + r.cells.filter((c) => c.state === 'hole').length, 0) : 0,
  );
}

/** What tells a row from every other: its lines, the order of the endings, the defence. */
function keyOf(asks: AnswersAsk, leaves: readonly string[]): string {
  const { play, defence } = asks;
  const order = play.frames.map((f) => `${f.id}<${f.parent ?? ''}`).join(' ');
  const lines = leaves.map((l) => contentAt(play, l)).join(' ');
  return [lines, order, contentOf(play.refused), contentOf(defence), menKey(asks)].join(' ');
}

/** What an ask about the whole play goes by, whatever the defence. */
export const everythingKey = (asks: AnswersAsk, leaves: readonly string[]): string =>
  keyOf({ ...asks, defence: { id: '', name: '', type: 'man' } }, leaves);

/** What an ask about one point goes by. */
export const pointKey = (asks: AnswersAsk, { point, leaves }: PointAt): string =>
  `${point.id} ${keyOf(asks, leaves)}`;

/** Judges the answers of a play, row by row; what is overtaken, or not looked at any more, is left. */
export function useGrid(asks: AnswersAsk | null, leaves: readonly string[]): Grid {
  const grid = useStore();
  const key = asks ? keyOf(asks, leaves) : '';
  const stopped = useStore((g) => g.stopped);
  useEffect(() => startGrid, [key]);
  useEffect(() => {
    if (!asks || stopped) return;
    const asked: { cancel: () => void }[] = [];
    let left = false;
    const { play } = asks;
    const other = useStore.getState().play?.id !== play.id;
    set({ busy: true, failed: false, ...(other ? { play: null, rows: [] } : {}) });
    const fail = (): void => {
      if (!left) set({ busy: false, failed: true });
    };
    const points = questions.ask('points', asks, { key, priority: 'soon' });
    asked.push(points);
    points.answer.then((found) => {
      if (!found || left) return;
      // What was known of a point stays until it is judged anew.
      const old = useStore.getState().rows;
      const rows = found.map((at) => ({
        ...at,
        cells: old.find((r) => r.point.id === at.point.id)?.cells ?? [],
      }));
      set({ play, rows, busy: found.length > 0 });
      let open = found.length;
      for (const at of found) {
        const take = (cells: readonly Cell[]): void => {
          if (left) return;
          const now = useStore.getState().rows;
          set({ rows: now.map((r) => (r.point.id === at.point.id ? { ...r, cells: mixed(r, cells) } : r)) });
        };
        const row = questions.ask(
          'row',
          { ...asks, point: at.point },
          { key: pointKey(asks, at), priority: 'soon', onPart: (cell) => take([cell]) },
        );
        asked.push(row);
        row.answer.then((cells) => {
          if (cells) take(cells);
          open -= 1;
          if (open === 0 && !left) set({ busy: false });
        }, fail);
      }
    }, fail);
    return () => {
      left = true;
      for (const q of asked) q.cancel();
    };
    // The key says all that counts of what is asked.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key, stopped]);
  return grid;
}

/** New cells in the place of old ones, the rest as it was; of what can't be done there any more nothing is kept. */
function mixed({ point, cells }: GridRow, fresh: readonly Cell[]): Cell[] {
  const now = new Map([...cells, ...fresh].map((c) => [c.reaction, c]));
  return point.reactions.flatMap((r) => now.get(r) ?? []);
}

/** What hurts the play most; null while it is being looked for, or nobody asked. */
export function useReply(asks: AnswersAsk | null, leaves: readonly string[]): Reply | null {
  const key = asks ? keyOf(asks, leaves) : '';
  const { answer, fresh } = useAnswer('reply', asks, { key, priority: 'later' });
  return fresh ? answer : null;
}

/** What is asked of a play against a defence; null against nobody. */
export function useAsks(play: Play, defence: Defence | null): AnswersAsk | null {
  const { own: teaching } = useTeaching();
  const fives = useDesk((s) => s.fives);
  return defence ? { play, defence, teaching, fives } : null;
}
