import type { SceneItem } from './scene.ts';
import { isFree, type Label } from './place-tags.ts';
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

/** How late he is, in the words beside a close-out. */
export const lateWords = (seconds: number): string => `+${seconds.toFixed(2)} s`;

/** What there is on the floor that the words of a split must not cover. */
export interface Around {
  readonly men: readonly P[];
  readonly size: { readonly width: number; readonly height: number };
}

/** Both close-outs of a split man, each with what it takes him; `k` is how large marks are drawn. */
export function splitLines(
  from: P,
  ways: readonly { readonly to: P; readonly text: string }[],
  around: Around,
  k = 1,
): SceneItem[] {
  const put: Label[] = [];
  return ways.flatMap(({ to, text }) => {
    const label = labelOf(from, to, text, around, put, k);
    put.push(label);
    return [closeOut(from, to, k), ...boxed(label, text, k)];
  });
}

function closeOut(from: P, to: P, k: number): SceneItem {
  const { ux, uy } = wayOf(from, to);
  const a = { x: from.x + ux * 26 * k, y: from.y + uy * 26 * k };
  const b = { x: to.x - ux * 22 * k, y: to.y - uy * 22 * k };
  return {
    shape: 'path',
    part: 'close-out',
    stroke: 'ink',
    width: 3,
    d: `M${a.x} ${a.y}L${b.x} ${b.y}M${b.x - uy * 8} ${b.y + ux * 8}L${b.x + uy * 8} ${b.y - ux * 8}`,
  };
}

const boxed = ({ c, width: w, height: h }: Label, text: string, k: number): SceneItem[] => [
  {
    shape: 'path',
    part: 'close-out-box',
    fill: 'raised',
    stroke: 'ink',
    width: 1,
    d: `M${c.x - w / 2} ${c.y - h / 2}h${w}v${h}h${-w}Z`,
  },
  words(text, { x: c.x, y: c.y + 5 * k }, 'ink', { size: 12.5 * k, halo: 0, part: 'late' }),
];

/** Along its line from the middle out, then beside it, and round its man: the first place where it covers nobody. */
function labelOf(
  from: P,
  to: P,
  text: string,
  { men, size }: Around,
  others: readonly Label[],
  k: number,
): Label {
  const { ux, uy, far } = wayOf(from, to);
  const [width, height] = [(text.length * 7 + 14) * k, 21 * k];
  // How far beside the line a box about it must be to leave it free.
  const aside = (Math.abs(uy) * width + Math.abs(ux) * height) / 2 + 5 * k;
  const at = (along: number, side: number): Label => ({
    c: { x: from.x + ux * along - uy * side, y: from.y + uy * along + ux * side },
    width,
    height,
  });
  // Round the man himself, where his line is too short to carry words.
  const round = [
    { x: 0, y: 18 * k + height / 2 },
    { x: 0, y: -18 * k - height / 2 },
    { x: 18 * k + width / 2, y: 0 },
    { x: -18 * k - width / 2, y: 0 },
  ].map((by): Label => ({ c: { x: to.x + by.x, y: to.y + by.y }, width, height }));
  const shares = [0.5, 0.4, 0.6, 0.3, 0.7];
  const places = [
    ...(far < width + 40 * k ? round : []),
    ...shares.map((s) => at(s * far, 0)),
    ...[aside, -aside, 2 * aside, -2 * aside].flatMap((side) => shares.map((s) => at(s * far, side))),
    ...round,
  ];
  return places.find((l) => isFree(l, men, others, size, 15 * k)) ?? at(far / 2, 0);
}

function wayOf(from: P, to: P): { ux: number; uy: number; far: number } {
  const far = Math.hypot(to.x - from.x, to.y - from.y) || 1;
  return { ux: (to.x - from.x) / far, uy: (to.y - from.y) / far, far };
}
