import {
  alongPerimeter,
  gapsBeside,
  onPerimeter,
  perimeterPoint,
  PLAYERS,
  sayDistance,
  type Court,
  type GapSize,
  type PlayerId,
  type Point,
  type Units,
} from '@corkscrew/core';
import { axesOf, toScene, type Scale, type SceneItem } from './scene.ts';
import { circle } from './strokes.ts';
import { words } from './words.ts';

/** What a gap is called on the court. */
const SIZES: Readonly<Record<GapSize, string>> = {
  onTop: 'on top of each other',
  single: 'single',
  double: 'double',
  triple: 'triple',
  open: 'open side',
};
/** How far an open side is drawn, feet along the perimeter. */
const OPEN_SIDE = 12;
/** Points of the line along a gap. */
const POINTS = 24;

/** The gaps on both sides of the ball, named and measured along the perimeter; nothing when it is inside. */
export function gapItems(
  court: Court,
  places: Readonly<Record<PlayerId, Point>>,
  holder: PlayerId | null,
  units: Units,
  scale: Scale,
): SceneItem[] {
  const ball = holder ? places[holder] : null;
  if (!ball || !onPerimeter(court, ball)) return [];
  const mates = PLAYERS.filter((p) => p !== holder).map((p) => [p, places[p]] as const);
  const here = alongPerimeter(court, ball);
  return gapsBeside(court, ball, mates).flatMap((gap): SceneItem[] => {
    const sign = gap.side === 'left' ? -1 : 1;
    const end = gap.to ? alongPerimeter(court, places[gap.to]) : here + sign * OPEN_SIDE;
    const at = (k: number) => toScene(scale, perimeterPoint(court, here + ((end - here) * k) / POINTS));
    const points = Array.from({ length: POINTS - 3 }, (_, k) => at(k + 2));
    const mid = at(POINTS / 2);
    const text = gap.to
      ? `${SIZES[gap.size]} · ${sayDistance(units === 'feet' ? Math.round(gap.feet) : gap.feet, units)}`
      : SIZES.open;
    return [
      {
        shape: 'path',
        part: 'gap',
        stroke: 'pen',
        width: 1.8,
        ...(gap.to ? {} : { dash: '5 4' }),
        d: `M${points.map((p) => `${p.x} ${p.y}`).join('L')}`,
      },
      ...(gap.to ? [points[0]!, points.at(-1)!] : []).map((p): SceneItem => ({
        shape: 'path',
        part: 'gap-end',
        fill: 'pen',
        d: circle(p, 3),
      })),
      words(text, { x: mid.x + sign * axesOf(scale).x * 10, y: mid.y + 18 }, 'pen', {
        anchor: sign * axesOf(scale).x < 0 ? 'end' : 'start',
        part: 'gap-words',
      }),
    ];
  });
}
