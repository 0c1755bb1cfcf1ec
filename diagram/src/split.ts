import type { SceneItem } from './scene.ts';
import { circle } from './strokes.ts';
import { words } from './words.ts';

type P = { readonly x: number; readonly y: number };

/** Both rings round a man who must account for two; `k` is how large marks are drawn. */
export const splitRings = (at: P, k = 1): SceneItem[] =>
  [21.5, 25].map((r) => ({
    shape: 'path',
    part: 'split-ring',
    stroke: 'ink',
    width: 1.4,
    d: circle(at, r * k),
  }));

/** The close-out of a split man to one of his two, with what it takes him; drawing units. */
export function splitLine(from: P, to: P, text: string, k = 1): SceneItem[] {
  const far = Math.hypot(to.x - from.x, to.y - from.y) || 1;
  const [ux, uy] = [(to.x - from.x) / far, (to.y - from.y) / far];
  const a = { x: from.x + ux * 26 * k, y: from.y + uy * 26 * k };
  const b = { x: to.x - ux * 22 * k, y: to.y - uy * 22 * k };
  const [w, h] = [(text.length * 7 + 14) * k, 21 * k];
  const m = labelAt(a, b, far > 96 * k ? 0 : w / 2 + 5 * k);
  return [
    {
      shape: 'path',
      part: 'close-out',
      stroke: 'ink',
      width: 3,
      d: `M${a.x} ${a.y}L${b.x} ${b.y}M${b.x - uy * 8} ${b.y + ux * 8}L${b.x + uy * 8} ${b.y - ux * 8}`,
    },
    {
      shape: 'path',
      part: 'close-out-box',
      fill: 'raised',
      stroke: 'ink',
      width: 1,
      d: `M${m.x - w / 2} ${m.y - h / 2}h${w}v${h}h${-w}Z`,
    },
    words(text, { x: m.x, y: m.y + 5 * k }, 'ink', { size: 12.5 * k, halo: 0, part: 'late' }),
  ];
}

/** In the middle of its line, or beside the far end when the line is too short to carry it. */
const labelAt = (a: P, b: P, beside: number): P => ({
  x: beside === 0 ? (a.x + b.x) / 2 : b.x + (b.x < a.x ? -beside : beside),
  y: (a.y + b.y) / 2,
});
