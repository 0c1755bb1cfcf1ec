import { fillFive, five, next, type Seat } from '../../geometry/five.ts';
import { BODY } from './figures.ts';
import { knows, playsBall, standing } from './steer.ts';
import type { World } from './world.ts';

const moveX = five();
const moveY = five();

/**
 * Bodies do not pass through bodies. Attackers stand like posts; defenders are moved out and lose the speed
 * with which they went in. Pushes are summed before they are applied, so that numbers do not matter.
 */
export function collide(w: World): void {
  for (let pass = 0; pass < 2; pass++) {
    fillFive(moveX, 0);
    fillFive(moveY, 0);
    for (let d: Seat = 0; d < 5; d = next(d)) {
      attackers(w, d);
      for (let e: Seat = 0; e < 5; e = next(e)) if (e > d) defenders(w, d, e);
    }
    let moved = false;
    for (let d: Seat = 0; d < 5; d = next(d)) {
      if (moveX[d] !== 0 || moveY[d] !== 0) moved = true;
      w.px[d] = w.px[d] + moveX[d];
      w.py[d] = w.py[d] + moveY[d];
    }
    if (!moved) return;
  }
}

function attackers(w: World, d: Seat): void {
  for (let j: Seat = 0; j < 5; j = next(j)) {
    const his = w.now[j];
    const dx = w.px[d] - his.x;
    const dy = w.py[d] - his.y;
    const d2 = dx * dx + dy * dy;
    if (d2 >= BODY.screen * BODY.screen) continue;
    if (his.vx * his.vx + his.vy * his.vy > BODY.slow * BODY.slow && playsBall(w, d, j)) continue;
    const c = screenOf(w, j);
    const room = c >= 0 ? BODY.screen : BODY.other;
    if (d2 >= room * room) continue;
    const size = Math.sqrt(d2);
    // On the very spot of another he goes toward half court.
    const ux = size < 1e-9 ? 0 : dx / size;
    const uy = size < 1e-9 ? 1 : dy / size;
    moveX[d] = moveX[d] + ux * (room - size);
    moveY[d] = moveY[d] + uy * (room - size);
    const into = (w.vx[d] - his.vx) * ux + (w.vy[d] - his.vy) * uy;
    if (into >= 0) continue;
    if (c >= 0 && w.man[d] !== j) hit(w, d, c, -into);
    w.vx[d] = w.vx[d] - into * ux;
    w.vy[d] = w.vy[d] - into * uy;
  }
}

function screenOf(w: World, j: Seat): number {
  for (let c = 0; c < w.contexts.length; c++) if (w.contexts[c]!.screener === j && standing(w, c)) return c;
  return -1;
}

/** Running into a set screen costs him time; into one he did not see, more. */
function hit(w: World, d: Seat, c: number, speed: number): void {
  if (!knows(w, d, c)) {
    if (speed < BODY.blindHit) return;
    w.felt[d * w.contexts.length + c] = 1;
    w.hitUntil[d] = w.t + BODY.blindFor * w.react;
    w.hitKeeps[d] = BODY.blindKeeps;
  } else if (speed > BODY.hit && w.t >= w.hitUntil[d]) {
    w.hitUntil[d] = w.t + BODY.hitFor;
    w.hitKeeps[d] = BODY.hitKeeps;
  }
}

function defenders(w: World, d: Seat, e: Seat): void {
  const dx = w.px[d] - w.px[e];
  const dy = w.py[d] - w.py[e];
  const d2 = dx * dx + dy * dy;
  if (d2 >= BODY.other * BODY.other) return;
  const size = Math.sqrt(d2);
  // Two on one spot part along the floor's length; the one who guards the man nearer the rim goes to it.
  const first = size >= 1e-9 || nearerRim(w, w.man[d], w.man[e]) ? 1 : -1;
  const ux = size < 1e-9 ? 0 : dx / size;
  const uy = size < 1e-9 ? -first : dy / size;
  const push = (BODY.other - size) / 2;
  moveX[d] = moveX[d] + ux * push;
  moveY[d] = moveY[d] + uy * push;
  moveX[e] = moveX[e] - ux * push;
  moveY[e] = moveY[e] - uy * push;
  const into = (w.vx[d] - w.vx[e]) * ux + (w.vy[d] - w.vy[e]) * uy;
  if (into >= 0) return;
  w.vx[d] = w.vx[d] - (into * ux) / 2;
  w.vy[d] = w.vy[d] - (into * uy) / 2;
  w.vx[e] = w.vx[e] + (into * ux) / 2;
  w.vy[e] = w.vy[e] + (into * uy) / 2;
}

function nearerRim(w: World, a: Seat, b: Seat): boolean {
  const far = (j: Seat): number => w.now[j].x ** 2 + (w.now[j].y - w.rimY) ** 2;
  return far(a) < far(b);
}
