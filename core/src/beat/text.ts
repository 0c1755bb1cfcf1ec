import { PLAYERS } from '../alignment/library.ts';
import type { Beat } from './beat.ts';

/** Columns a second of the sheet takes, and the least a sheet is wide. */
const PER_SECOND = 10;
const TEXTURE = { walk: '.', jog: '-', cut: '=', sprint: '#' } as const;

/** Writes a label over its block, whole: on the lowest row with room for it, or on one more above. */
function write(rows: string[], at: number, label: string): void {
  let row = rows.length - 1;
  while (row >= 0 && rows[row]!.length > Math.max(0, at - 1)) row--;
  if (row < 0) rows.unshift('');
  const i = Math.max(0, row);
  rows[i] = rows[i]!.padEnd(at) + label;
}

/**
 * A beat sheet as plain text: a ruler in seconds, one stave a player with what he does at its tempo
 * (`.` walk, `-` jog, `=` cut, `#` sprint), the ball's hands, and bars where frames start.
 */
export function beatText(beat: Beat): string {
  const width = Math.max(20, Math.ceil(beat.end * PER_SECOND) + 1);
  const col = (t: number): number => Math.min(width - 1, Math.round(t * PER_SECOND));
  const blank = (): string[] => Array.from({ length: width }, () => ' ');
  const put = (line: string[], at: number, text: string, to = width) => {
    [...text].slice(0, Math.max(0, to - at)).forEach((c, i) => {
      if (at + i < width) line[at + i] = c;
    });
  };
  const ruler = blank();
  for (let s = 0; s <= beat.end; s++) put(ruler, col(s), String(s));
  const frames = blank();
  beat.bars.forEach((b, i) => put(frames, col(b.start), `[${i + 1}]`));
  const staves = PLAYERS.map((p, row) => {
    const rows: string[] = [];
    const line = blank();
    for (const b of beat.bars) if (b.start > 0) line[col(b.start)] = '|';
    const mine = beat.blocks.filter((b) => b.row === row);
    mine.forEach((b) => {
      const [from, to] = [col(b.from), Math.max(col(b.from) + 1, col(b.to))];
      const paceAt = (t: number) => b.paces.find((p) => t < p.to - 1e-9) ?? b.paces.at(-1);
      for (let x = from; x < to; x++) {
        const pace = paceAt((x + 0.5) / PER_SECOND);
        line[x] = b.instant ? '>' : pace ? TEXTURE[pace.tempo] : '~';
      }
      write(rows, from, b.label);
    });
    return [...rows.map((r) => `  ${r}`), `${p} ${line.join('').trimEnd()}`].join('\n');
  });
  const ball = blank();
  for (const h of beat.ball) {
    const [from, to] = [col(h.from), Math.max(col(h.from) + 1, col(h.to))];
    for (let x = from; x < to; x++) ball[x] = '_';
    put(ball, from, h.player);
  }
  return [
    `  ${frames.join('').trimEnd()}`,
    `s ${ruler.join('').trimEnd()}`,
    ...staves,
    `o ${ball.join('').trimEnd()}`,
  ].join('\n');
}
