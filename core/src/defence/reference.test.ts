import { fillFive, five, SEATS, type Seat } from '../geometry/five.ts';
import { Delaunay } from 'd3-delaunay';
import { describe, expect, it } from 'vitest';
import { courtFor } from '../court/rulesets.ts';
import { covered, timeFor, travel } from '../space/legs.ts';
import { floorOf } from '../space/floor.ts';
import { arrival, type Arrival } from '../space/times.ts';
import { levelRecord } from '../motion/level.ts';
import { man, railsFrom } from './board.test-data.ts';
import { contextsOf } from './man/context.ts';
import { STEER } from './man/figures.ts';
import { carryOn, steer } from './man/steer.ts';
import { worldOf } from './man/world.ts';
import { movingFrom, stepZone } from './zone/move.ts';

const level = levelRecord('highSchool');
const FAR = { '1': [20, 33], '2': [22, 33], '3': [24, 33], '4': [20, 30], '5': [24, 30] } as const;

/** One defender alone on the floor, everybody else in a far corner. */
function alone() {
  const rails = railsFrom({ places: FAR, frames: [[]] });
  const w = worldOf(rails, man(), contextsOf(rails, man()));
  fillFive(w.px, -40);
  w.py[0] = 20;
  w.px[0] = -15;
  return w;
}

describe('a defender in free motion', () => {
  it('gains speed as ½at² says (closed form)', () => {
    const w = alone();
    const a = level.man.defend;
    const top = 0.88 * level.man.speed;
    w.tx[0] = 300;
    w.ty[0] = 20;
    w.lastX[0] = 300;
    w.lastY[0] = 20;
    w.cap[0] = top;
    for (let k = 1; k <= 120; k++) {
      carryOn(w, w.dt);
      steer(w, 0);
      const t = k * w.dt;
      const exact = t < top / a ? 0.5 * a * t * t : (top * top) / (2 * a) + top * (t - top / a);
      // A step at the end of which he has the new speed is at most half a step's gain ahead.
      expect(Math.abs(w.px[0] + 15 - exact)).toBeLessThan(top * w.dt);
    }
  });

  it('in a zone stops on his spot after D/v + v/a (closed form, speed up and brake alike)', () => {
    const { slide, slidePush } = level.zone;
    for (const feet of [8, 15, 25]) {
      const m = movingFrom(five(), [0, 40, 40, 40, 40]);
      m.tx[0] = feet;
      let t = 0;
      // The ball is elsewhere: he slides.
      while (feet - m.x[0]! > 0.3 && t < 10) {
        stepZone(m, level, 0, 40, 1 / 600, five(1));
        t += 1 / 600;
      }
      const lastFeet = Math.sqrt((2 * 0.3) / slidePush);
      const up = (slide * slide) / slidePush;
      const exact = feet >= up ? feet / slide + slide / slidePush : 2 * Math.sqrt(feet / slidePush);
      expect(t).toBeCloseTo(exact - lastFeet, 1);
    }
  });

  it('covers ground and needs time as the same law says, each the inverse of the other', () => {
    for (const v0 of [-12, -3, 0, 6, 15])
      for (const feet of [0.5, 3, 11, 26]) {
        const t = timeFor(feet, v0, 22, 17);
        expect(covered(t, v0, 22, 17)).toBeCloseTo(feet, 6);
      }
    expect(travel(10, 16, 20)).toBeCloseTo(timeFor(10, 0, 16, 20), 9);
  });
});

describe('pursuit', () => {
  it('agrees with an integration in steps a hundred times finer', () => {
    const a = level.man.defend;
    const top = 0.88 * level.man.speed;
    const target = (t: number) => ({ x: -5 + 9 * t, y: 12 + 6 * t });
    const w = alone();
    w.cap[0] = top;
    Object.assign(w.lastX, { 0: target(0).x });
    Object.assign(w.lastY, { 0: target(0).y });
    let x = -15;
    let y = 20;
    let vx = 0;
    let vy = 0;
    const h = w.dt / 100;
    for (let k = 1; k <= 180; k++) {
      const at = target(k * w.dt);
      w.tx[0] = at.x;
      w.ty[0] = at.y;
      carryOn(w, w.dt);
      steer(w, 0);
      for (let i = 0; i < 100; i++) {
        // The same law written on its own: lead the target, close on it, never more than he can brake from.
        const g = target((k - 1) * w.dt + (i + 1) * h);
        const e = Math.hypot(g.x - x, g.y - y);
        const close = Math.min(top, Math.sqrt(2 * STEER.brake * a * e), STEER.near * e) / Math.max(e, 1e-9);
        let ux = STEER.carry * 9 + (g.x - x) * close;
        let uy = STEER.carry * 6 + (g.y - y) * close;
        const cap = Math.min(top, Math.sqrt(2 * a * (e + STEER.slack)));
        const u = Math.hypot(ux, uy);
        if (u > cap) [ux, uy] = [(ux * cap) / u, (uy * cap) / u];
        const brakes = (ux - vx) * vx + (uy - vy) * vy < 0;
        const can = a * h * (brakes ? STEER.braking : 1);
        const d = Math.hypot(ux - vx, uy - vy);
        const share = d > can ? can / d : 1;
        vx += (ux - vx) * share;
        vy += (uy - vy) * share;
        x += vx * h;
        y += vy * h;
      }
      expect(Math.hypot(w.px[0] - x, w.py[0] - y)).toBeLessThan(0.35);
    }
    expect(Math.hypot(w.px[0] - target(3).x, w.py[0] - target(3).y)).toBeLessThan(1);
  });
});

describe('who is first at a place', () => {
  it('at equal speeds and without a reach is whoever stands nearest: the cells of d3-delaunay', () => {
    const f = floorOf(courtFor({ court: 'nfhs' }), level);
    const men = [-9, 21, 8, 19, -6, 8, 9, 6, 1, 13];
    for (const d of SEATS) {
      f.dx[d] = men[2 * d]!;
      f.dy[d] = men[2 * d + 1]!;
    }
    const cells = new Delaunay(Float64Array.from(men));
    const out: Arrival = { t: 0, who: 0 };
    let asked = 0;
    for (let x = -24; x <= 24; x += 0.7)
      for (let y = 1; y <= 34; y += 0.7) {
        const who = cells.find(x, y);
        arrival(f, x, y, -1, out);
        // Inside two men's reach both are there at once.
        const far = (d: number): number => Math.hypot(f.dx[d as Seat] - x, f.dy[d as Seat] - y);
        if (far(who) <= level.zone.reach) continue;
        asked++;
        expect(far(out.who)).toBeCloseTo(far(who), 9);
      }
    expect(asked).toBeGreaterThan(2500);
  });
});
