import type { LevelRecord } from '../../motion/level.ts';

/** Five men of a zone on the move: places, speeds toward where they want to be, and that. Feet, ft/s. */
export interface Moving {
  readonly x: Float64Array;
  readonly y: Float64Array;
  readonly speed: Float64Array;
  readonly tx: Float64Array;
  readonly ty: Float64Array;
}

export const movingFrom = (x: Float64Array, y: Float64Array): Moving => ({
  x: Float64Array.from(x),
  y: Float64Array.from(y),
  speed: new Float64Array(5),
  tx: Float64Array.from(x),
  ty: Float64Array.from(y),
});

/** A pass is read: every man plants and starts anew. */
export function plant(m: Moving): void {
  m.speed.fill(0);
}

/**
 * One step of `dt` seconds toward the targets: sliding, braked so that each stops on his spot; the one who
 * goes to the ball (bx, by) runs. `slow` is a share of his speed for each man, 1 when nothing holds him.
 */
export function stepZone(
  m: Moving,
  level: LevelRecord,
  bx: number,
  by: number,
  dt: number,
  slow: Float64Array,
): void {
  const { run, push, slide, slidePush } = level.zone;
  let onBall = 0;
  let least = Infinity;
  for (let d = 0; d < 5; d++) {
    const far = (m.tx[d]! - bx) ** 2 + (m.ty[d]! - by) ** 2;
    if (far < least) {
      least = far;
      onBall = d;
    }
  }
  for (let d = 0; d < 5; d++) {
    const ex = m.tx[d]! - m.x[d]!;
    const ey = m.ty[d]! - m.y[d]!;
    const rest = Math.sqrt(ex * ex + ey * ey);
    const top = (d === onBall ? run : slide) * slow[d]!;
    const a = d === onBall ? push : slidePush;
    const v = Math.min(m.speed[d]! + a * dt, top, Math.sqrt(2 * a * rest));
    m.speed[d] = v;
    const k = rest < 1e-9 ? 0 : Math.min(1, (v * dt) / rest);
    m.x[d] = m.x[d]! + ex * k;
    m.y[d] = m.y[d]! + ey * k;
  }
}
