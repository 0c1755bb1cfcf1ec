import type { Arm, Figure } from '@corkscrew/core';

/** A figure from the front in a box of so many units, as plain paths: head, trunk, arms, and hands. */
export const FIGURE_BOX = { width: 64, height: 56 } as const;

export interface FigureDrawing {
  /** Strokes: trunk, arms, fingers. */
  readonly strokes: readonly string[];
  /** Filled: shut hands. */
  readonly fills: readonly string[];
  readonly head: { readonly x: number; readonly y: number; readonly r: number };
}

const MIDDLE = 32;
const SHOULDER = { y: 28, out: 6 } as const;
const UPPER = 9.5;
const LOWER = 9;

/** A signal as lines. */
export function figureDrawing({ left, right }: Figure): FigureDrawing {
  const strokes = [
    `M${MIDDLE - SHOULDER.out} ${SHOULDER.y}H${MIDDLE + SHOULDER.out}`,
    `M${MIDDLE} ${SHOULDER.y - 2}V43`,
    `M${MIDDLE} 43l-5 11M${MIDDLE} 43l5 11`,
  ];
  const fills: string[] = [];
  for (const [arm, side] of [
    [right, -1],
    [left, 1],
  ] as const) {
    const drawn = armPath(arm, side);
    strokes.push(drawn.arm, ...drawn.fingers);
    fills.push(...drawn.fist);
  }
  return { strokes, fills, head: { x: MIDDLE, y: 19, r: 5 } };
}

const at = (
  x: number,
  y: number,
  length: number,
  degrees: number,
  side: number,
): readonly [number, number] => {
  const a = (degrees * Math.PI) / 180;
  return [x + side * length * Math.sin(a), y + length * Math.cos(a)];
};
const two = (n: number): string => n.toFixed(1);

function armPath({ upper, lower, hand }: Arm, side: number) {
  const x = MIDDLE + side * SHOULDER.out;
  const [ex, ey] = at(x, SHOULDER.y, UPPER, upper, side);
  const [hx, hy] = at(ex, ey, LOWER, lower, side);
  const arm = `M${two(x)} ${SHOULDER.y}L${two(ex)} ${two(ey)}L${two(hx)} ${two(hy)}`;
  const finger = (by: number, length: number, from = 0): string => {
    const [fx, fy] = at(hx, hy, length, lower + by, side);
    const [sx, sy] = from ? at(hx, hy, from, lower + by, side) : [hx, hy];
    return `M${two(sx)} ${two(sy)}L${two(fx)} ${two(fy)}`;
  };
  const fist = `M${two(hx - 2.2)} ${two(hy)}a2.2 2.2 0 1 0 4.4 0a2.2 2.2 0 1 0 -4.4 0z`;
  const up = `M${two(hx)} ${two(hy)}v-5`;
  switch (hand) {
    case 'fist':
      return { arm, fingers: [], fist: [fist] };
    case 'flat':
      return { arm, fingers: [finger(0, 4.5), `M${two(hx - 1.5)} ${two(hy)}h3`], fist: [] };
    case 'open':
      return { arm, fingers: [-38, -12, 12, 38].map((by) => finger(by, 4)), fist: [] };
    case 'point':
      return { arm, fingers: [finger(0, 6)], fist: [fist] };
    case 'two':
      return { arm, fingers: [-16, 16].map((by) => finger(by, 6)), fist: [fist] };
    case 'three':
      return { arm, fingers: [-26, 0, 26].map((by) => finger(by, 6)), fist: [fist] };
    case 'thumbUp':
      return { arm, fingers: [up], fist: [fist] };
    case 'thumbDown':
      return { arm, fingers: [up.replace('v-5', 'v5.5')], fist: [fist] };
  }
}
