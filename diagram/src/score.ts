import type { Beat, BeatBlock, BeatThread, Tempo } from '@corkscrew/core';
import { round, type Scene, type SceneItem } from './scene.ts';

/** How fast, as a texture at the foot of a block. */
export const TEMPO_TEXTURES: Readonly<Record<Tempo, { readonly dash?: string; readonly cap?: 'round' }>> = {
  walk: { dash: '0.1 6', cap: 'round' },
  jog: { dash: '6 4' },
  cut: { dash: '1.8 2.2' },
  sprint: {},
};
/** Measures of a still score, drawing units. */
const RULER = 26;
const ROW = 23;
const BLOCK = 16;
const LABELS = 26;
const END = 12;

export interface ScoreOptions {
  readonly width: number;
  /** How wide some letters of a size are: labels go as far as they fit. */
  readonly measure: (text: string, size: number) => number;
}

/** A line in time as a still picture: staves, bars, blocks with their tempo, ties, and the ball's way through them. */
export function scoreScene(beat: Beat, { width, measure }: ScoreOptions): Scene {
  const zoom = (width - LABELS - END) / Math.max(1, beat.end);
  const x = (t: number): number => round(LABELS + t * zoom);
  const top = (row: number): number => RULER + row * ROW;
  const stave = (row: number): number => top(row) + ROW - 3.5;
  const items: SceneItem[] = [];
  const line = (d: string, style: Partial<Extract<SceneItem, { shape: 'path' }>>): void => {
    items.push({ shape: 'path', part: 'score', d, ...style });
  };
  const word = (
    text: string,
    at: { x: number; y: number },
    style: {
      size?: number;
      anchor?: 'start' | 'middle' | 'end';
      words?: boolean;
      fill?: 'ink' | 'onInk';
    } = {},
  ): void => {
    const { size = 9.5, anchor = 'start', words = true, fill = 'ink' } = style;
    items.push({ shape: 'text', part: 'score', text, size, anchor, words, fill, ...at });
  };
  const every = zoom < 30 ? 2 : 1;
  for (let s = 0; s <= beat.end; s += every) {
    line(`M${x(s)} ${RULER}v-5`, { stroke: 'ink', width: 0.7 });
    word(String(s), { x: x(s) + 3, y: RULER - 3 }, { size: 8.5 });
  }
  for (let row = 0; row < 6; row++) {
    line(`M${LABELS} ${stave(row)}H${width}`, { stroke: 'court', width: 0.7 });
    if (row === 5) {
      word('Ball', { x: 0, y: top(row) + 14 }, { size: 9 });
      continue;
    }
    const [cx, cy] = [9, top(row) + 10];
    line(`M${cx - 8} ${cy}a8 8 0 1 0 16 0a8 8 0 1 0 -16 0Z`, { fill: 'ink' });
    word(
      String(row + 1),
      { x: cx, y: cy + 3.6 },
      { size: 10, anchor: 'middle', words: false, fill: 'onInk' },
    );
  }
  beat.bars.forEach((b, i) => {
    line(`M${x(b.start)} 2V${top(6)}`, { stroke: 'court', width: 0.7 });
    const wide = i < 9 ? 13 : 18;
    line(`M${x(b.start)} 1h${wide}v13h${-wide}Z`, { fill: 'sheet', stroke: 'ink', width: 0.9 });
    word(String(i + 1), { x: x(b.start) + wide / 2, y: 11 }, { size: 9.5, anchor: 'middle', words: false });
  });
  const end = x(beat.end);
  line(`M${end} 2V${top(6)}`, { stroke: 'ink', width: 0.9 });
  line(`M${end + 3.5} 2V${top(6)}`, { stroke: 'ink', width: 2.2 });
  for (const piece of beat.thread) thread(piece, x, stave, line);
  for (const t of beat.ties) {
    const [ax, ay, bx, by] = [x(t.from.t), top(t.from.row) + 9, x(t.to.t), top(t.to.row) + 9];
    line(`M${ax} ${ay}C${ax + 8} ${(ay + by) / 2} ${bx - 8} ${(ay + by) / 2} ${bx} ${by}`, {
      ...{ stroke: 'ink', width: t.by === 'coach' ? 1.3 : 0.8 },
      ...(t.by === 'coach' ? {} : { dash: '3 2.5' }),
    });
  }
  for (const b of beat.blocks) block(b, beat, { x, top, line, word, measure });
  for (const h of beat.ball) {
    const said = `${h.player} · ${(h.to - h.from).toFixed(1)} s`;
    const room = x(h.to) - x(h.from) - 4;
    const shown = measure(said, 9) <= room ? said : measure(h.player, 9) <= room + 8 ? h.player : '';
    if (shown) word(shown, { x: x(h.from) + 3, y: top(5) + 14 }, { size: 9 });
  }
  return { width, height: top(6) + 4, items };
}

type Line = (d: string, style: Partial<Extract<SceneItem, { shape: 'path' }>>) => void;

interface Drawing {
  readonly x: (t: number) => number;
  readonly top: (row: number) => number;
  readonly line: Line;
  readonly word: (text: string, at: { x: number; y: number }, style?: { size?: number }) => void;
  readonly measure: (text: string, size: number) => number;
}

/** What one man does, with how fast at its foot and its words as far as there is room before his next thing. */
function block(b: BeatBlock, beat: Beat, { x, top, line, word, measure }: Drawing): void {
  const left = x(b.from);
  const wide = Math.max(b.instant ? 8 : 5, x(b.to) - left);
  const y = top(b.row) + 1.5;
  if (b.instant)
    line(
      `M${left + 4} ${y}h${wide - 8}a4 4 0 0 1 4 4v8a4 4 0 0 1 -4 4h${8 - wide}a4 4 0 0 1 -4 -4v-8a4 4 0 0 1 4 -4Z`,
      {
        ...{ fill: 'sheet', stroke: 'ink', width: 0.9 },
      },
    );
  else
    line(`M${left} ${y}h${wide}v${BLOCK}h${-wide}Z`, {
      ...{ fill: 'sheet', stroke: 'ink', width: b.critical ? 1.3 : 0.9 },
      ...(b.background ? { dash: '2 2' } : {}),
    });
  b.paces.forEach((pace, i) => {
    const from = i === 0 ? left : x(b.paces[i - 1]!.to);
    const to = i === b.paces.length - 1 ? left + wide : x(pace.to);
    const { dash, cap } = TEMPO_TEXTURES[pace.tempo];
    if (to - from > 3)
      line(`M${round(from + 1.5)} ${y + BLOCK - 2.4}H${round(to - 1.5)}`, {
        ...{ stroke: 'ink', width: 2.8, cap: cap ?? 'butt' },
        ...(dash ? { dash } : {}),
      });
  });
  const next = Math.min(
    ...beat.blocks.filter((o) => o.row === b.row && o.from > b.from + 0.01).map((o) => x(o.from)),
    x(beat.end) - 2,
  );
  const before = b.instant ? wide + 2.5 : 3.5;
  const room = (b.instant ? next : Math.max(left + wide, next)) - left - before - 2;
  const words = b.label.split(' ');
  let shown = '';
  for (const w of words) {
    const more = shown ? `${shown} ${w}` : w;
    if (measure(more, 9.5) > room) break;
    shown = more;
  }
  if (shown)
    word(shown.replace(/( (to|for|the|off|from|at|and|near|of))+$/, ''), { x: left + before, y: y + 10 });
}

/** The ball in time, in the court's own signs. */
function thread(p: BeatThread, x: (t: number) => number, stave: (row: number) => number, line: Line): void {
  const [a, b, y, z] = [x(p.from.t), x(p.to.t), stave(p.from.row), stave(p.to.row)];
  const live = { stroke: 'live', width: 1.5 } as const;
  switch (p.is) {
    case 'held':
      return line(`M${a} ${y}H${b}`, live);
    case 'dribbled': {
      const n = Math.max(1, Math.round((b - a) / 9));
      const w = round((b - a) / n);
      const waves = Array.from({ length: n }, (_, i) => {
        const at = a + i * w;
        return `Q${round(at + w / 4)} ${y - 5} ${round(at + w / 2)} ${y}Q${round(at + (3 * w) / 4)} ${y + 5} ${round(at + w)} ${y}`;
      });
      return line(`M${a} ${y}${waves.join('')}`, live);
    }
    case 'pass':
      return line(`M${a} ${y}L${b} ${z}`, { ...live, dash: '5 3.5' });
    case 'handoff': {
      const m = (y + z) / 2;
      line(`M${a} ${y}V${z}`, live);
      return line(`M${a - 5} ${m - 1}l10 -4M${a - 5} ${m + 4}l10 -4`, live);
    }
    case 'shot':
      line(`M${a} ${y}H${b - 4}`, { ...live, dash: '0.1 4.5', cap: 'round' });
      return line(`M${b - 4} ${y}a4 4 0 1 0 8 0a4 4 0 1 0 -8 0Z`, live);
  }
}
