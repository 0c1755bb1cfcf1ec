import type { SceneItem } from './scene.ts';
import { circle } from './strokes.ts';

type P = { readonly x: number; readonly y: number };

/** A small ring where a defender was, and the way he has slid since; drawing units. */
export function trailItems(points: readonly P[]): SceneItem[] {
  const [a] = points;
  if (!a) return [];
  return [
    { shape: 'path', part: 'trail-start', fill: 'sheet', stroke: 'def', width: 1.4, d: circle(a, 3.2) },
    {
      shape: 'path',
      part: 'trail',
      stroke: 'def',
      width: 1.6,
      dash: '3 3',
      d: `M${points.map((q) => `${q.x} ${q.y}`).join('L')}`,
    },
  ];
}
