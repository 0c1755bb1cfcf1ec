import { next, type Seat } from '../geometry/five.ts';
import type { Track } from '../motion/timeline.ts';
import type { Defended } from './defended.ts';

/** Which way defender d looks in step k, degrees: at the point between the ball and the man he has. */
export function looksAt({ rails, x, y, guards, attends }: Defended, k: number, d: Seat): number {
  const { ballX, ballY } = rails.track;
  const i = k * 5 + d;
  const man = attends[i]! >= 0 ? attends[i]! : guards[i]!;
  const at = k * 5 + Math.max(0, man);
  const share = man < 0 ? 0 : 0.5;
  const lookX = ballX[k]! + (rails.x[at]! - ballX[k]!) * share - x[i]!;
  const lookY = ballY[k]! + (rails.y[at]! - ballY[k]!) * share - y[i]!;
  const angle = (Math.atan2(lookY, lookX) * 180) / Math.PI;
  return angle < 0 ? angle + 360 : angle;
}

/** Attackers and defenders side by side: ten bodies a step, feet and degrees. */
export function tenOf(d: Defended): Track {
  const { rails } = d;
  const n = rails.steps * 10;
  const x = new Float64Array(n);
  const y = new Float64Array(n);
  const facing = new Float64Array(n);
  for (let k = 0; k < rails.steps; k++)
    for (let b: Seat = 0; b < 5; b = next(b)) {
      const ten = k * 10 + b;
      const five = k * 5 + b;
      x[ten] = rails.x[five]!;
      y[ten] = rails.y[five]!;
      facing[ten] = rails.track.facing[five]!;
      x[ten + 5] = d.x[five]!;
      y[ten + 5] = d.y[five]!;
      facing[ten + 5] = looksAt(d, k, b);
    }
  return { ...rails.track, bodies: 10, x, y, facing };
}
