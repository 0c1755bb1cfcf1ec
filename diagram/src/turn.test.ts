import { byPlayer, courtFor, newPlay, PLAYERS, startState, walkFrame, type Play } from '@corkscrew/core';
import { describe, expect, it } from 'vitest';
import { fanOut } from './bodies.ts';
import { frameScene } from './frame.ts';
import { axesOf, DESK, onScreen, sceneSize, THUMB, toFloor, toScene, type Scale } from './scene.ts';

const TURNS = [false, true].flatMap((down) => [false, true].map((mirrored) => ({ down, mirrored })));
const scaleOf = (turn: (typeof TURNS)[number]): Scale => ({ ...DESK, turn });

describe('a court that is turned', () => {
  it('every place goes to the screen and back, and the basket is where it was asked for', () => {
    for (const turn of TURNS) {
      const s = scaleOf(turn);
      for (const p of [
        { x: -20, y: 3 },
        { x: 7.25, y: 30 },
      ]) {
        const back = toFloor(s, toScene(s, p));
        expect(back.x).toBeCloseTo(p.x, 2);
        expect(back.y).toBeCloseTo(p.y, 2);
      }
      const rim = toScene(s, { x: 0, y: 5.25 }).y;
      expect(rim > sceneSize(s).height / 2).toBe(turn.down);
    }
  });
  it('seen from the basket left and right change places; in a mirror once more', () => {
    const right = (turn: (typeof TURNS)[number]) => toScene(scaleOf(turn), { x: 20, y: 20 }).x > 362;
    expect(TURNS.map(right)).toEqual([true, false, false, true]);
    expect(TURNS.map((turn) => axesOf({ turn }))).toEqual([
      { x: 1, y: 1 },
      { x: -1, y: 1 },
      { x: -1, y: -1 },
      { x: 1, y: -1 },
    ]);
  });
  it('a direction points on screen where it points on the floor', () => {
    for (const turn of TURNS) {
      const s = scaleOf(turn);
      const from = toScene(s, { x: 0, y: 15 });
      for (const deg of [0, 40, 135, 250]) {
        const a = (deg * Math.PI) / 180;
        const to = toScene(s, { x: 5 * Math.cos(a), y: 15 + 5 * Math.sin(a) });
        const seen = (onScreen(s, deg) * Math.PI) / 180;
        expect(Math.cos(seen)).toBeCloseTo((to.x - from.x) / 62.5, 2);
        expect(Math.sin(seen)).toBeCloseTo((to.y - from.y) / 62.5, 2);
      }
    }
  });
  it('lines, arcs and bodies are drawn, none of them off the picture', () => {
    const play: Play = newPlay({
      id: 'x',
      name: 'x',
      court: 'fiba',
      level: 'pro',
      alignment: 'horns',
      ball: '1',
    });
    const walk = walkFrame(startState(play), play.frames[0]!);
    for (const turn of TURNS) {
      const scale = scaleOf(turn);
      const { items, width, height } = frameScene({ court: courtFor(play), walk, scale });
      for (const i of items) {
        if (i.shape !== 'text') expect(i.d).not.toMatch(/NaN|undefined/);
        else {
          expect(i.x).toBeGreaterThan(0);
          expect(i.x).toBeLessThan(width);
          expect(i.y).toBeGreaterThan(0);
          expect(i.y).toBeLessThan(height);
        }
      }
    }
  });
});

describe('men in one place', () => {
  const gaps = (places: Record<'1' | '2' | '3' | '4' | '5', { x: number; y: number }>, s: Scale) => {
    const out = fanOut(places, s);
    return PLAYERS.flatMap((a, i) =>
      PLAYERS.slice(i + 1).map((b) => Math.hypot(out[a].x - out[b].x, out[a].y - out[b].y) * s.ppf),
    );
  };
  const apart = byPlayer((_, i) => ({ x: -20 + 10 * i, y: 10 }));
  it('stand beside each other, on the desk and on small pictures: no disc covers another', () => {
    for (const s of [DESK, THUMB])
      for (const men of [2, 3, 5]) {
        const places = byPlayer((_, i) => (i < men ? { x: 4, y: 20 } : { x: -20, y: 5 + 6 * i }));
        expect(Math.min(...gaps(places, s))).toBeGreaterThan(25 * s.mark);
      }
  });
  it('everybody else stays where he is', () => {
    expect(fanOut(apart, DESK)).toEqual(apart);
    const two = { ...apart, '2': { ...apart['1'] } };
    const out = fanOut(two, DESK);
    for (const p of ['3', '4', '5'] as const) expect(out[p]).toEqual(two[p]);
  });
  it('fan out in a mirror as they do here', () => {
    const places = { ...apart, '2': { ...apart['1'] }, '3': { x: apart['1'].x + 0.5, y: 10.2 } };
    const mirrored = byPlayer((p) => ({ x: -places[p].x, y: places[p].y }));
    const [a, b] = [fanOut(places, DESK), fanOut(mirrored, DESK)];
    for (const p of PLAYERS) {
      expect(b[p].x).toBeCloseTo(-a[p].x, 6);
      expect(b[p].y).toBeCloseTo(a[p].y, 6);
    }
  });
});
