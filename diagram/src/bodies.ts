import { PLAYERS, type PlayerId } from '@corkscrew/core';
import { round, toScene, type Scale, type SceneItem } from './scene.ts';
import { circle } from './strokes.ts';

type P = { readonly x: number; readonly y: number };

export interface Body {
  readonly at: P;
  /** Degrees counter-clockwise from +x on the floor. */
  readonly facing: number;
}

/** The five as discs with a chest arc and their numbers; the ball at the holder's hand. */
export function bodyItems(
  bodies: Readonly<Record<PlayerId, Body>>,
  holder: PlayerId | null,
  scale: Scale,
  detail: boolean,
): SceneItem[] {
  const k = scale.mark;
  const items: SceneItem[] = [];
  for (const id of PLAYERS) {
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
        d: chest(c, bodies[id].facing, 16.25 * k),
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
    items.push(
      ...ballItems(handOf(toScene(scale, bodies[holder].at), bodies[holder].facing, 16.25 * k), scale),
    );
  return items;
}

export function ballItems(p: P, scale: Scale, lift = 0): SceneItem[] {
  const r = (5.5 + lift * 0.35) * scale.mark;
  return [
    { shape: 'path', part: 'ball', fill: 'sheet', d: circle(p, r + 1.6 * scale.mark) },
    { shape: 'path', part: 'ball', fill: 'live', d: circle(p, r) },
  ];
}

/** Screen angles: the floor's y grows downward on screen, so degrees keep their sense there. */
function handOf(c: P, facing: number, r: number): P {
  const a = ((facing + 35) * Math.PI) / 180;
  return { x: round(c.x + Math.cos(a) * r), y: round(c.y + Math.sin(a) * r) };
}

function chest(c: P, facing: number, r: number): string {
  const at = (deg: number) =>
    `${round(c.x + Math.cos((deg * Math.PI) / 180) * r)} ${round(c.y + Math.sin((deg * Math.PI) / 180) * r)}`;
  return `M${at(facing - 46)}A${round(r)} ${round(r)} 0 0 1 ${at(facing + 46)}`;
}

/** Their five as shields with a brow on the side they face, numbered 1 to 5. */
export function shieldItems(bodies: readonly Body[], scale: Scale, detail: boolean): SceneItem[] {
  const k = scale.mark;
  return bodies.flatMap((b, i): SceneItem[] => {
    const c = toScene(scale, b.at);
    const part = `shield-${i + 1}`;
    const a = (b.facing * Math.PI) / 180;
    const [ux, uy] = [Math.cos(a), Math.sin(a)];
    const at = (along: number, across: number) =>
      `${round(c.x + (ux * along - uy * across) * k)} ${round(c.y + (uy * along + ux * across) * k)}`;
    const shell = (out: number) =>
      `M${at(8 + out, -10.5 - out)}L${at(-2, -10.5 - out)}A${round((10.5 + out) * k)} ${round((11.5 + out) * k)} ${round(b.facing)} 0 0 ${at(-2, 10.5 + out)}L${at(8 + out, 10.5 + out)}Z`;
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
