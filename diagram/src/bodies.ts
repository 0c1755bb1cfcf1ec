import { PLAYERS, type PlayerId } from '@corkscrew/core';
import { onScreen, round, toScene, type Scale, type SceneItem } from './scene.ts';
import { circle } from './strokes.ts';

type P = { readonly x: number; readonly y: number };

export interface Body {
  readonly at: P;
  /** Degrees counter-clockwise from +x on the floor. */
  readonly facing: number;
}

/** The five as discs with a chest arc and their numbers, the holder on top with the ball at his hand. */
export function bodyItems(
  bodies: Readonly<Record<PlayerId, Body>>,
  holder: PlayerId | null,
  scale: Scale,
  detail: boolean,
): SceneItem[] {
  const k = scale.mark;
  const items: SceneItem[] = [];
  const order = PLAYERS.filter((id) => id !== holder).concat(holder ?? []);
  for (const id of order) {
    const c = toScene(scale, bodies[id].at);
    const part = `player-${id}`;
    items.push({ shape: 'path', part, fill: 'sheet', d: circle(c, 16 * k) });
    items.push({ shape: 'path', part, fill: 'ink', d: circle(c, 13 * k) });
    if (detail)
      items.push({
        shape: 'path',
        part,
        stroke: 'ink',
        width: round(2.6 * k),
        cap: 'butt',
        d: chest(c, onScreen(scale, bodies[id].facing), 16.25 * k),
      });
    items.push({
      shape: 'text',
      part,
      x: c.x,
      y: round(c.y + 5.1 * k),
      text: id,
      size: round(14.5 * k * (detail ? 1 : 1.12)),
      fill: 'onInk',
    });
  }
  if (holder)
    items.push(...ballItems(handOf(toScene(scale, bodies[holder].at), bodies[holder].facing, scale), scale));
  return items;
}

export function ballItems(p: P, scale: Scale, lift = 0): SceneItem[] {
  const r = (5.5 + lift * 0.35) * scale.mark;
  return [
    { shape: 'path', part: 'ball', fill: 'sheet', d: circle(p, r + 1.6 * scale.mark) },
    { shape: 'path', part: 'ball', fill: 'live', d: circle(p, r) },
  ];
}

/** Where a man holds the ball: at his chest, toward his strong hand. Drawing units; `facing` is of the floor. */
export function handOf(c: P, facing: number, scale: Scale): P {
  const a = ((onScreen(scale, facing) + 35) * Math.PI) / 180;
  const r = 16.25 * scale.mark;
  return { x: round(c.x + Math.cos(a) * r), y: round(c.y + Math.sin(a) * r) };
}

function chest(c: P, facing: number, r: number): string {
  const at = (deg: number) =>
    `${round(c.x + Math.cos((deg * Math.PI) / 180) * r)} ${round(c.y + Math.sin((deg * Math.PI) / 180) * r)}`;
  return `M${at(facing - 46)}A${round(r)} ${round(r)} 0 0 1 ${at(facing + 46)}`;
}

/** Centres of two discs are at least this far apart, so that both numbers are read and hit (at mark 1). */
const APART = 27;
const ROUNDS = 24;

/**
 * Where the five are drawn so that no disc covers another: men in one place fan out about it, everybody else stays
 * where he is. Feet; the same men fan out the same way, mirrored ones mirrored.
 */
export function fanOut(places: Readonly<Record<PlayerId, P>>, scale: Scale): Record<PlayerId, P> {
  const least = (APART * scale.mark) / scale.ppf;
  const out = PLAYERS.map((id) => ({ x: places[id].x, y: places[id].y }));
  for (let round = 0; round < ROUNDS; round++) {
    let moved = false;
    for (let i = 0; i < out.length; i++)
      for (let k = i + 1; k < out.length; k++) {
        const [a, b] = [out[i]!, out[k]!];
        let [dx, dy] = [b.x - a.x, b.y - a.y];
        const far = Math.hypot(dx, dy);
        if (far >= least - 0.01) continue;
        // Two in the very same place part sideways, the lower number toward the nearer sideline.
        if (far < 0.01) [dx, dy] = [a.x > 0 ? -1 : 1, 0.2 * (k - i)];
        const length = Math.hypot(dx, dy);
        const push = (least - far) / 2 / length;
        a.x -= dx * push;
        a.y -= dy * push;
        b.x += dx * push;
        b.y += dy * push;
        moved = true;
      }
    if (!moved) break;
  }
  return Object.fromEntries(PLAYERS.map((id, i) => [id, out[i]!])) as Record<PlayerId, P>;
}

/** Their five as shields with a brow on the side they face, numbered 1 to 5. */
export function shieldItems(bodies: readonly Body[], scale: Scale, detail: boolean): SceneItem[] {
  const k = scale.mark;
  return bodies.flatMap((b, i): SceneItem[] => {
    const c = toScene(scale, b.at);
    const part = `shield-${i + 1}`;
    const facing = onScreen(scale, b.facing);
    const a = (facing * Math.PI) / 180;
    const [ux, uy] = [Math.cos(a), Math.sin(a)];
    const at = (along: number, across: number) =>
      `${round(c.x + (ux * along - uy * across) * k)} ${round(c.y + (uy * along + ux * across) * k)}`;
    const shell = (out: number) =>
      `M${at(8 + out, -10.5 - out)}L${at(-2, -10.5 - out)}A${round((10.5 + out) * k)} ${round((11.5 + out) * k)} ${round(facing)} 0 0 ${at(-2, 10.5 + out)}L${at(8 + out, 10.5 + out)}Z`;
    return [
      { shape: 'path', part, fill: 'sheet', d: shell(3) },
      { shape: 'path', part, fill: 'sheet', stroke: 'def', width: round(1.6 * k), d: shell(0) },
      {
        shape: 'path',
        part,
        stroke: 'def',
        width: round(3.4 * k),
        cap: 'butt',
        d: `M${at(9.6, -14)}L${at(9.6, 14)}`,
      },
      {
        shape: 'text',
        part,
        x: round(c.x - ux * 1.9 * k),
        y: round(c.y - uy * 1.9 * k + 4.6 * k),
        text: String(i + 1),
        size: round(13 * k * (detail ? 1 : 1.12)),
        fill: 'def',
      },
    ];
  });
}
