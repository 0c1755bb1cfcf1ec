import {
  attackersOn,
  defendersOn,
  type Floor,
  GRID,
  type Point,
  type SoftMap,
  type SoftSpot,
  type Split,
} from '@corkscrew/core';
import { contours } from 'd3-contour';
import { DESK, sceneSize, toScene, type Scale, type SceneItem } from './scene.ts';
import { lateWords, splitLines, splitRings } from './split.ts';
import { circle } from './strokes.ts';
import { words } from './words.ts';

/** The floor of a zone on its own: no room outside the lines. */
export const ZONE: Scale = { ...DESK, margin: 1.5, depth: 34, foot: 0.5 };

/** Seconds too late at which the map changes its shade; the floor inside the first is covered. */
const LATE = [0, 0.1, 0.2, 0.3] as const;

/** Tint where they are in time, bare paper where they are late. */
export function coverItems(map: SoftMap, scale: Scale = ZONE): SceneItem[] {
  const shape = contours().size([GRID.columns, GRID.rows]).smooth(true);
  const values = Array.from(map.late, (v) => -v);
  return [...LATE].reverse().map((late) => ({
    shape: 'path',
    part: 'cover',
    fill: 'shade',
    fillOpacity: 0.15,
    stroke: 'def',
    strokeOpacity: 0.55,
    width: 0.9,
    d: polygons(shape.contour(values, -late).coordinates, scale),
  }));
}

function polygons(coordinates: number[][][][], scale: Scale): string {
  return coordinates
    .flatMap((polygon) =>
      polygon.map((ring) => {
        const points = ring.map(([c = 0, r = 0]) => {
          // A cell's value stands at its middle.
          const p = toScene(scale, { x: GRID.left + c - 0.5, y: GRID.bottom + r - 0.5 });
          return `${p.x.toFixed(1)} ${p.y.toFixed(1)}`;
        });
        return `M${points.join('L')}Z`;
      }),
    )
    .join('');
}

/** Points on the circle of a safe pass. */
const ROUND = 200;
/** Half the length of a short label, and half of a man or a soft spot with its figure, feet. */
const HALF_LABEL = 3;
const MAN = 1.8;

const onFloor = (p: Point, margin: number): boolean =>
  Math.abs(p.x) < 25 - margin && p.y > margin && p.y < 33 - margin;

/** How far a safe pass of this level reaches: the part of its circle that lies on the floor, and its length in words. */
export function reachItems(
  floor: Floor,
  spots: readonly SoftSpot[],
  text: string,
  letters: number,
): SceneItem[] {
  const on = Array.from({ length: ROUND }, (_, i) => {
    const a = (i / ROUND) * 2 * Math.PI;
    const r = floor.level.pass.safe;
    return { x: floor.bx + r * Math.cos(a), y: floor.by + r * Math.sin(a) };
  });
  const dashes = on.flatMap((p, i) => {
    const q = on[(i + 1) % ROUND]!;
    if (i % 2 === 1 || !onFloor(p, 0.1) || !onFloor(q, 0.1)) return [];
    const [a, b] = [toScene(ZONE, p), toScene(ZONE, q)];
    return `M${a.x.toFixed(1)} ${a.y.toFixed(1)}L${b.x.toFixed(1)} ${b.y.toFixed(1)}`;
  });
  if (dashes.length === 0) return [];
  // Its length is written where there is most room for it, and nowhere when there is little.
  const room = on.map((p) => (onFloor(p, 1 + HALF_LABEL) ? Math.min(...clear(floor, spots, p)) : 0));
  const most = Math.max(...room);
  const label = most > MAN ? toScene(ZONE, on[room.indexOf(most)]!) : null;
  const ring: SceneItem = { shape: 'path', part: 'reach', stroke: 'ink2', width: 1.4, d: dashes.join('') };
  return label ? [ring, figure(text, { x: label.x, y: label.y + 4 }, letters)] : [ring];
}

/** How far every man and soft spot is from a label about a place, feet. */
function clear(floor: Floor, spots: readonly SoftSpot[], p: Point): number[] {
  const from = (x: number, y: number) => Math.hypot(Math.max(0, Math.abs(x - p.x) - HALF_LABEL), y - p.y);
  return [...defendersOn(floor), ...attackersOn(floor), ...spots].map((s) => from(s.x, s.y));
}

const figure = (text: string, at: Point, letters: number): SceneItem =>
  words(text, at, 'ink2', { size: 11.5 * letters, halo: 3, part: 'figure' });

/** Soft spots as small rings with their seconds, the softest first and larger; clear of the men who stand there. */
export const softItems = (spots: readonly SoftSpot[], men: readonly Point[], letters: number): SceneItem[] =>
  spots.flatMap((spot, i): SceneItem[] => {
    const first = i === 0;
    const c = toScene(ZONE, spot);
    const near = men.find((p) => Math.hypot(p.x - spot.x, p.y - spot.y) < 3.5 * letters);
    const below = near !== undefined && near.y < spot.y;
    const man = near ? toScene(ZONE, near) : null;
    const y = below
      ? Math.max(c.y + 7, man!.y + 21 * letters) + 11 * letters
      : Math.min(c.y, man ? man.y - 14 * letters : c.y) - 9;
    return [
      {
        shape: 'path',
        part: 'soft',
        fill: 'sheet',
        stroke: 'ink',
        width: first ? 2 : 1.2,
        ...(spot.tooLong ? { dash: '2 2' } : {}),
        d: circle(c, first ? 6 : 4),
      },
      figure(`${Math.max(0, spot.late).toFixed(2)} s`, { x: c.x, y }, letters),
    ];
  });

/** The split man ringed twice, his two close-outs, and the two passes that split him. */
export function splitPasses(floor: Floor, split: Split, letters: number): SceneItem[] {
  const place = (x: number, y: number): Point => toScene(ZONE, { x, y });
  const d = place(floor.dx[split.defender], floor.dy[split.defender]);
  const ball = place(floor.bx, floor.by);
  const [a, b] = split.players;
  const ways = [
    { to: place(floor.ox[a], floor.oy[a]), text: lateWords(split.late[0]) },
    { to: place(floor.ox[b], floor.oy[b]), text: lateWords(split.late[1]) },
  ];
  const men = [...attackersOn(floor), ...defendersOn(floor)].map((p) => toScene(ZONE, p));
  return [
    ...splitRings(d, letters),
    ...ways.flatMap(({ to }): SceneItem[] => {
      const way = `M${ball.x} ${ball.y}L${to.x} ${to.y}`;
      return [
        { shape: 'path', part: 'halo', stroke: 'sheet', width: 6, d: way },
        { shape: 'path', part: 'split-pass', stroke: 'live', width: 2, dash: '7 5', d: way },
      ];
    }),
    ...splitLines(d, ways, { men, size: sceneSize(ZONE) }, letters),
  ];
}
