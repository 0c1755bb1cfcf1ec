import { copyFive, fillFive, five, type Five, fiveOf, next, type Seat } from '../../geometry/five.ts';
import { theirMan, type LevelRecord } from '../../motion/level.ts';

/** Five men of a zone on the move: places, speeds toward where they want to be, and that. Feet, ft/s. */
export interface Moving {
  readonly x: Five;
  readonly y: Five;
  readonly speed: Five;
  readonly tx: Five;
  readonly ty: Five;
}

export const movingFrom = (x: Five, y: Five): Moving => ({
  x: fiveOf((d) => x[d]),
  y: fiveOf((d) => y[d]),
  speed: five(),
  tx: fiveOf((d) => x[d]),
  ty: fiveOf((d) => y[d]),
});

/** A pass is read: every man plants and starts anew. */
export function plant(m: Moving): void {
  fillFive(m.speed, 0);
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
  slow: Five,
): void {
  let onBall = 0;
  let least = Infinity;
  for (let d: Seat = 0; d < 5; d = next(d)) {
    const far = (m.tx[d] - bx) ** 2 + (m.ty[d] - by) ** 2;
    if (far < least) {
      least = far;
      onBall = d;
    }
  }
  for (let d: Seat = 0; d < 5; d = next(d)) {
    const ex = m.tx[d] - m.x[d];
    const ey = m.ty[d] - m.y[d];
    const rest = Math.sqrt(ex * ex + ey * ey);
    const { run, push, slide, slidePush } = theirMan(level, d).zone;
    const top = (d === onBall ? run : slide) * slow[d];
    const a = d === onBall ? push : slidePush;
    const v = Math.min(m.speed[d] + a * dt, top, Math.sqrt(2 * a * rest));
    m.speed[d] = v;
    const k = rest < 1e-9 ? 0 : Math.min(1, (v * dt) / rest);
    m.x[d] = m.x[d] + ex * k;
    m.y[d] = m.y[d] + ey * k;
  }
}

/** Middle to middle two bodies keep so far apart (ft), and give way by this share of what is missing in a step. */
const ROOM = 1.5;
const GIVES = 0.5;
const pushX = five();
const pushY = five();

/** Men of a zone do not stand in each other, nor in ours: softly, so that nobody jumps; pushes are summed before they count. */
export function keepApart(m: Moving, ox: Five, oy: Five, players = 5): void {
  fillFive(pushX, 0);
  fillFive(pushY, 0);
  for (let d: Seat = 0; d < 5; d = next(d)) {
    for (let e: Seat = 0; e < 5; e = next(e)) if (e !== d) away(m, d, m.x[e], m.y[e], GIVES / 2);
    for (let j: Seat = 0; j < 5; j = next(j)) if (j < players) away(m, d, ox[j], oy[j], GIVES);
  }
  for (let d: Seat = 0; d < 5; d = next(d)) {
    m.x[d] = m.x[d] + pushX[d];
    m.y[d] = m.y[d] + pushY[d];
  }
}

/** Rounds after which five who were put on a floor stand off each other. */
const ROUNDS = 16;

/** Moves five who stand, and are to be looked at, off each other and off ours; feet, in place. */
export function standApart(x: Five, y: Five, ox: Five, oy: Five, players: number): void {
  const m = movingFrom(x, y);
  for (let i = 0; i < ROUNDS; i++) keepApart(m, ox, oy, players);
  copyFive(x, m.x);
  copyFive(y, m.y);
}

function away(m: Moving, d: Seat, x: number, y: number, share: number): void {
  const dx = m.x[d] - x;
  const dy = m.y[d] - y;
  const far2 = dx * dx + dy * dy;
  if (far2 >= ROOM * ROOM) return;
  const far = Math.sqrt(far2);
  if (far < 1e-9) return;
  const k = (share * (ROOM - far)) / far;
  pushX[d] = pushX[d] + dx * k;
  pushY[d] = pushY[d] + dy * k;
}
