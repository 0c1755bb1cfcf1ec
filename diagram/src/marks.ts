import type { Mark } from '@corkscrew/core';
import { onScreen, toScene, type Scale, type SceneItem } from './scene.ts';
import { circle } from './strokes.ts';
import { words } from './words.ts';

/** What a finding measures, drawn where it is: the distance, the angle, the place. */
export const markItems = (marks: readonly Mark[], scale: Scale): SceneItem[] =>
  marks.flatMap((mark) => drawn(mark, scale));

const line = (d: string, dash?: string): SceneItem => ({
  shape: 'path',
  part: 'mark',
  stroke: 'gap',
  width: 2,
  d,
  ...(dash ? { dash } : {}),
});
const told = (text: string, x: number, y: number): SceneItem =>
  words(text, { x, y }, 'gap', { size: 12.5, part: 'mark-words' });

function drawn(mark: Mark, scale: Scale): SceneItem[] {
  switch (mark.is) {
    case 'place':
      return [line(circle(toScene(scale, mark.at), 24), '6 4')];
    case 'distance': {
      const [p, q] = [toScene(scale, mark.a), toScene(scale, mark.b)];
      const d = Math.hypot(q.x - p.x, q.y - p.y) || 1;
      const [ux, uy] = [(q.x - p.x) / d, (q.y - p.y) / d];
      // From body to body, so that the numbers stay readable.
      const off = Math.min(17, d / 3);
      const a = { x: p.x + ux * off, y: p.y + uy * off };
      const b = { x: q.x - ux * off, y: q.y - uy * off };
      const end = (e: { x: number; y: number }) =>
        `M${e.x - uy * 7} ${e.y + ux * 7}L${e.x + uy * 7} ${e.y - ux * 7}`;
      // The words stand beside the line, on its upper side.
      const side = ux >= 0 ? -1 : 1;
      return [
        line(`M${a.x} ${a.y}L${b.x} ${b.y}${end(a)}${end(b)}`),
        told(mark.words, (a.x + b.x) / 2 + uy * side * 14, (a.y + b.y) / 2 + ux * side * 14 + 4),
      ];
    }
    case 'angle': {
      const c = toScene(scale, mark.at);
      const at = (deg: number, r: number) => {
        const a = (deg * Math.PI) / 180;
        return `${c.x + Math.cos(a) * r} ${c.y + Math.sin(a) * r}`;
      };
      const [from, to] = [onScreen(scale, mark.from), onScreen(scale, mark.to)];
      const turn = ((((to - from) % 360) + 540) % 360) - 180;
      const mid = ((from + turn / 2) * Math.PI) / 180;
      return [
        line(`M${c.x} ${c.y}L${at(from, 52)}M${c.x} ${c.y}L${at(to, 52)}`),
        line(`M${at(from, 34)}A34 34 0 0 ${turn >= 0 ? 1 : 0} ${at(to, 34)}`),
        told(mark.words, c.x + Math.cos(mid) * 62, c.y + Math.sin(mid) * 62 + 4),
      ];
    }
  }
}
