import type { EndingCells, FrameCell } from './line.ts';
import { floorScale } from './floor.ts';
import type { Press } from './press.ts';

export interface CellStyle {
  readonly wide: boolean;
  readonly title: number;
  readonly caption: number;
  readonly box: number;
  readonly depth?: number;
}
export const LARGE: Omit<CellStyle, 'wide'> = { title: 12.5, caption: 9.5, box: 15, depth: 30 };
export const SMALL: Omit<CellStyle, 'wide'> = { title: 10.5, caption: 9.5, box: 13, depth: 28 };

/** How tall a frame is with what stands over and under it. */
export function cellHeight(press: Press, cell: FrameCell, width: number, s: CellStyle): number {
  const scene = cell.scene(floorScale(width, s));
  const tall = scene.height * (width / scene.width);
  const lines = press.lines(cell.caption, 'body', s.caption, width).length;
  return headHeight(press, cell, width, s) + tall + 3 + lines * s.caption * 1.28 + 8;
}

/** What a frame is called, over two lines where it needs them. */
const titleLines = (press: Press, { title }: FrameCell, width: number, s: CellStyle): string[] =>
  press.lines(title, 'item', s.title, width - s.box - 34, 2);
const headHeight = (press: Press, cell: FrameCell, width: number, s: CellStyle): number =>
  s.box + 6 + (titleLines(press, cell, width, s).length - 1) * s.title * 1.1;

/** A frame: its number in a box, its name and time, the floor, and what is done in words. */
export function setCell(
  press: Press,
  cell: FrameCell,
  x: number,
  y: number,
  width: number,
  s: CellStyle,
): void {
  press.box(cell.no, x, y, s.box);
  const base = y + s.box * 0.74;
  titleLines(press, cell, width, s).forEach((l, i) =>
    press.put(l, x + s.box + 6, base + i * s.title * 1.1, { face: 'item', size: s.title }),
  );
  press.put(cell.time, x + width, base, { face: 'item', size: s.title, anchor: 'end' });
  const top = y + headHeight(press, cell, width, s);
  const tall = press.scene(cell.scene(floorScale(width, s)), x, top, width);
  press.block(cell.caption, x, top + tall + 3, width, { face: 'body', size: s.caption });
}

/** Frames beside each other, row by row; none is split between pages. */
export function setRows(
  press: Press,
  cells: readonly FrameCell[],
  columns: number,
  gap: number,
  s: CellStyle,
): void {
  const width = (press.inner - gap * (columns - 1)) / columns;
  for (let i = 0; i < cells.length; i += columns) {
    const row = cells.slice(i, i + columns);
    const tall = Math.max(...row.map((c) => cellHeight(press, c, width, s)));
    press.need(tall);
    row.forEach((c, k) => setCell(press, c, press.left + k * (width + gap), press.y, width, s));
    press.y += tall;
  }
}

const GAP = 14;

/** Endings under what they do, three or four frames across: short ones beside each other, each begun on the page of its read. */
export function setEndings(press: Press, endings: readonly EndingCells[], s: CellStyle): void {
  const count = endings.reduce((sum, e) => sum + e.cells.length, 0);
  const across = count <= 3 ? 3 : 4;
  const width = (press.inner - GAP * (across - 1)) / across;
  const rows: {
    readonly label: string | null;
    readonly cells: readonly FrameCell[];
    readonly at: number;
  }[][] = [[]];
  let used = 0;
  for (const ending of endings) {
    for (let i = 0; i < ending.cells.length; i += across) {
      const cells = ending.cells.slice(i, i + across);
      if (used + cells.length > across) {
        rows.push([]);
        used = 0;
      }
      rows.at(-1)!.push({ label: i === 0 ? ending.label : `${ending.label}, on`, cells, at: used });
      used += cells.length;
    }
  }
  const left = (at: number): number => press.left + at * (width + GAP);
  for (const row of rows.filter((r) => r.length > 0)) {
    const labels = row.map((e) => {
      const across = e.cells.length * (width + GAP) - GAP;
      return press.lines(e.label ?? '', 'item', 12, across, 2);
    });
    const labelled = Math.max(...labels.map((l) => l.length)) * 15 + 6;
    const tall =
      labelled + Math.max(...row.flatMap((e) => e.cells.map((c) => cellHeight(press, c, width, s))));
    press.need(tall);
    press.rule();
    row.forEach((e, i) => {
      labels[i]!.forEach((l, k) =>
        press.put(l, left(e.at), press.y + 13 + k * 15, { face: 'item', size: 12 }),
      );
      e.cells.forEach((c, k) => setCell(press, c, left(e.at + k), press.y + labelled, width, s));
    });
    press.y += tall;
  }
}
