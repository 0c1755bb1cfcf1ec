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
