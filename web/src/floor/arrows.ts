import { NUDGE } from '@corkscrew/core';
import { axesOf, type Scale } from '@corkscrew/diagram';
import type { P } from '../ui/drag.ts';

const WAYS: Readonly<Record<string, P>> = {
  ArrowLeft: { x: -1, y: 0 },
  ArrowRight: { x: 1, y: 0 },
  ArrowUp: { x: 0, y: -1 },
  ArrowDown: { x: 0, y: 1 },
};

/** What an arrow key moves by, feet on the floor: a quarter metre, with Shift a metre, the way it points on screen. */
export function nudgeOf(e: { key: string; shiftKey: boolean }, scale: Pick<Scale, 'turn'>): P | null {
  const way = WAYS[e.key];
  if (!way) return null;
  const by = e.shiftKey ? NUDGE.coarse : NUDGE.fine;
  const axes = axesOf(scale);
  return { x: way.x * axes.x * by, y: way.y * axes.y * by };
}
