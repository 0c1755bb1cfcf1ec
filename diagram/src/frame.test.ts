import {
  courtFor,
  editAll,
  newPlay,
  startState,
  walkFrame,
  type Change,
  type NewAction,
  type RuleSetKey,
} from '@corkscrew/core';
import { describe, expect, it } from 'vitest';
import { frameScene, thumbScale } from './frame.ts';
import { DESK, THUMB, THUMB_WIDE, toFloor, toScene, type SceneItem } from './scene.ts';

const base = (court: RuleSetKey = 'nfhs') =>
  newPlay({ id: 'x', name: 'x', court, level: 'pro', alignment: 'horns', ball: '1' });

function sceneOf(actions: NewAction[], scale = DESK, court: RuleSetKey = 'nfhs') {
  const changes: Change[] = actions.map((action) => ({ do: 'addAction', frame: 'f1', action }));
  const r = editAll(base(court), changes);
  if (!r.ok) throw new Error(r.sentence);
  return frameScene({
    court: courtFor(r.play),
    walk: walkFrame(startState(r.play), r.play.frames[0]!),
    scale,
  });
}
const parts = (items: readonly SceneItem[], part: string) => items.filter((i) => i.part === part);
const pathOf = (items: readonly SceneItem[], part: string) => {
  const item = parts(items, part)[0];
  if (item?.shape !== 'path') throw new Error(part);
  return item;
};
const points = (d: string): { x: number; y: number }[] =>
  [...d.matchAll(/(-?[\d.]+)[ ,](-?[\d.]+)/g)].map((m) => ({ x: Number(m[1]), y: Number(m[2]) }));

const TO_WING: NewAction = { by: '2', does: 'cut', path: [{ x: -17, y: 18 }] };

describe('coordinates', () => {
  it('the basket is at the top and right is right; floor and scene are inverses', () => {
    expect(toScene(DESK, { x: 10, y: 5 }).x).toBeGreaterThan(toScene(DESK, { x: -10, y: 5 }).x);
    expect(toScene(DESK, { x: 0, y: 30 }).y).toBeGreaterThan(toScene(DESK, { x: 0, y: 5 }).y);
    expect(toFloor(DESK, toScene(DESK, { x: 7.5, y: 11 }))).toEqual({ x: 7.5, y: 11 });
  });
});

describe('golden scenes', () => {
  it('a cut: solid ink, outside the body, a fin at the end of the path', () => {
    const { items } = sceneOf([TO_WING]);
    expect(pathOf(items, 'cut')).toMatchObject({
      stroke: 'ink',
      width: 2.25,
      d: 'M96.23,110.86L147.51,267.4',
    });
    expect(pathOf(items, 'cut-end')).toMatchObject({ fill: 'ink' });
    const tip = points(pathOf(items, 'cut-end').d)[0]!;
    const end = toScene(DESK, { x: -17, y: 18 });
    expect(Math.hypot(tip.x - end.x, tip.y - end.y)).toBeLessThan(0.1);
  });
  it('a pass: dashed, in the ball’s colour, ends short of the catcher', () => {
    const { items } = sceneOf([{ by: '1', does: 'pass', to: '4' }]);
    expect(pathOf(items, 'pass')).toMatchObject({ stroke: 'live', dash: '7 5' });
    const last = points(pathOf(items, 'pass').d).at(-1)!;
    const catcher = toScene(DESK, { x: -6, y: 19 });
    expect(Math.hypot(last.x - catcher.x, last.y - catcher.y)).toBeCloseTo(17, 0);
  });
  it('a dribble is a wave about its path, a cut is not', () => {
    const wave = pathOf(sceneOf([{ by: '1', does: 'dribble', path: [{ x: 0, y: 12 }] }]).items, 'dribble');
    const xs = points(wave.d).map((p) => p.x);
    expect(Math.max(...xs) - Math.min(...xs)).toBeGreaterThan(5);
    const straight = pathOf(sceneOf([{ by: '5', does: 'cut', path: [{ x: 6, y: 8 }] }]).items, 'cut');
    const flat = points(straight.d).map((p) => p.x);
    expect(Math.max(...flat) - Math.min(...flat)).toBeLessThan(0.1);
  });
  it('a screen ends in a bar turned to its angle', () => {
    const at = (angle: number) =>
      points(
        pathOf(
          sceneOf([{ by: '5', does: 'screen', for: '3', path: [{ x: 15, y: 15 }], angle }]).items,
          'screen-end',
        ).d,
      );
    const [a, b] = at(0);
    expect(Math.abs(a!.x - b!.x)).toBeLessThan(0.1);
    const [c, d] = at(90);
    expect(Math.abs(c!.y - d!.y)).toBeLessThan(0.1);
    expect(Math.abs(c!.x - d!.x)).toBeCloseTo(24, 1);
  });
  it('a handoff has two ticks, a shot ends in a ring round the rim', () => {
    expect(parts(sceneOf([{ by: '1', does: 'handoff', to: '4' }]).items, 'handoff-end')).toHaveLength(2);
    expect(parts(sceneOf([{ by: '1', does: 'shot' }]).items, 'shot-end')).toHaveLength(1);
  });
  it('every line has a halo, so that it never sits on another mark', () => {
    const { items } = sceneOf([TO_WING, { by: '1', does: 'pass', to: '4' }]);
    expect(parts(items, 'halo')).toHaveLength(2);
  });
  it('lines never reach into the number of the man they start from', () => {
    const { items } = sceneOf([
      TO_WING,
      { by: '1', does: 'pass', to: '4' },
      { by: '5', does: 'screen', for: '3', path: [{ x: 15, y: 15 }] },
    ]);
    for (const [part, from] of [
      ['cut', { x: -21.75, y: 3.5 }],
      ['pass', { x: 0, y: 26.5 }],
      ['screen', { x: 6, y: 19 }],
    ] as const) {
      const first = points(pathOf(items, part).d)[0]!;
      const c = toScene(DESK, from);
      expect(Math.hypot(first.x - c.x, first.y - c.y)).toBeGreaterThanOrEqual(16);
    }
  });
});

describe('small pictures', () => {
  it('are plain data with few bytes, readable marks and no fine print', () => {
    const scene = sceneOf([TO_WING, { by: '1', does: 'pass', to: '4' }], THUMB);
    expect(JSON.stringify(scene).length).toBeLessThan(9000);
    for (const i of scene.items) if (i.shape === 'path') expect(i.d).not.toMatch(/NaN|Infinity/);
  });
  it('make room for a thrower-in', () => {
    const play = base();
    const out = editAll(play, [{ do: 'place', player: '1', place: { x: 8, y: -3 } }]);
    if (!out.ok) throw new Error();
    const walk = walkFrame(startState(out.play), out.play.frames[0]!);
    expect(thumbScale(courtFor(play), walk)).toBe(THUMB_WIDE);
  });
});

it('degenerate actions draw nothing and break nothing', () => {
  const { items } = sceneOf([
    { by: '2', does: 'cut', path: [{ x: -21.75, y: 3.5 }] },
    { by: '5', does: 'screen', for: '5', path: [{ x: 6, y: 19 }] },
    { by: '1', does: 'pass', to: '1' },
    { by: '4', does: 'hold' },
  ]);
  expect(JSON.stringify(items)).not.toMatch(/NaN|Infinity|null/);
});

it('every rule set has its own lane and arc', () => {
  const lanes = (['nfhs', 'fiba', 'usPro'] as const).map(
    (c) => pathOf(sceneOf([], DESK, c).items, 'paint').d,
  );
  expect(new Set(lanes).size).toBe(3);
});
