import { FIGURES } from '@corkscrew/core';
import { expect, it } from 'vitest';
import { FIGURE_BOX, figureDrawing } from './signals.ts';

const numbers = (d: string): number[] => (d.match(/-?\d+(\.\d+)?/g) ?? []).map(Number);

it.each(FIGURES.map((f) => [f.key, f] as const))(
  '%s stays in its box, and is drawn like no other',
  (key, figure) => {
    const { strokes, fills } = figureDrawing(figure);
    for (const d of strokes.filter((s) => s.includes('L'))) {
      const all = numbers(d);
      for (let i = 0; i < all.length; i += 2) {
        expect(all[i]!).toBeGreaterThan(-2);
        expect(all[i]!).toBeLessThan(FIGURE_BOX.width + 2);
        expect(all[i + 1]!).toBeGreaterThan(-2);
        expect(all[i + 1]!).toBeLessThan(FIGURE_BOX.height);
      }
    }
    const same = FIGURES.filter((o) => o.key !== key && figureDrawing(o).strokes.join() === strokes.join());
    expect(same.filter((o) => figureDrawing(o).fills.join() === fills.join())).toEqual([]);
  },
);
