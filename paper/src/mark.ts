import type { CellState } from '@corkscrew/core';
import { n, type Press } from './press.ts';

/** Full disc with tick, half disc, broken ring, dash: in the middle of a place. */
export function setMark(press: Press, state: CellState, x: number, y: number, size = 13): void {
  const r = size * 0.42;
  const ring = (radius: number): string =>
    `M${n(x - radius)} ${n(y)}a${n(radius)} ${n(radius)} 0 1 0 ${n(2 * radius)} 0a${n(radius)} ${n(radius)} 0 1 0 ${n(-2 * radius)} 0Z`;
  switch (state) {
    case 'answered':
      press.path(ring(r), { fill: 'black' });
      return press.path(
        `M${n(x - r * 0.45)} ${n(y)}l${n(r * 0.32)} ${n(r * 0.34)}l${n(r * 0.62)} ${n(-r * 0.68)}`,
        {
          ...{ stroke: 'white', width: 1.3 },
        },
      );
    case 'contested':
      press.path(`M${n(x)} ${n(y - r)}a${n(r)} ${n(r)} 0 0 0 0 ${n(2 * r)}Z`, { fill: 'black' });
      return press.path(ring(r), { stroke: 'black', width: 1 });
    case 'hole':
      return press.path(ring(r * 0.95), { stroke: 'black', width: 1.5, dash: '3 2.2' });
    case 'never':
      return press.path(`M${n(x - 2.5)} ${n(y - 2.5)}l5 5M${n(x + 2.5)} ${n(y - 2.5)}l-5 5`, {
        stroke: 'black',
        width: 1,
      });
    case 'cant':
      return press.path(`M${n(x - 3)} ${n(y)}h6`, { stroke: 'black', width: 1.2 });
  }
}
