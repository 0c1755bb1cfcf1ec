import { turned } from '../geometry/vec.ts';

/** Directions as documents have them: more than −180°, at most 180°. */
export function tidyAngles<A extends { facing?: unknown; angle?: unknown }>(action: A): A {
  const out: A = { ...action };
  if (typeof out.facing === 'number') out.facing = turned(out.facing);
  if (typeof out.angle === 'number') out.angle = turned(out.angle);
  return out;
}
