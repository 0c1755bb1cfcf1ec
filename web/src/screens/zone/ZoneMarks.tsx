import { GRID, type Point } from '@corkscrew/core';
import { DESK, toScene, type Scale } from '@corkscrew/diagram';
import { contours } from 'd3-contour';
import { useMemo } from 'react';
import { SplitLine, SplitRings } from '../../court/SplitLine.tsx';
import type { Picture } from './picture.ts';

export const COURT: Scale = { ...DESK, margin: 1.5, depth: 34, foot: 0.5 };
/** Seconds too late at which the map changes its shade; the floor inside the first is covered. */
const LATE = [0, 0.1, 0.2, 0.3] as const;

/** Tint where they are in time, bare paper where they are late. */
export function CoverMap({ picture }: { picture: Picture }) {
  const { map } = picture;
  const paths = useMemo(() => {
    const shape = contours().size([GRID.columns, GRID.rows]).smooth(true);
    const values = Array.from(map.late, (v) => -v);
    return LATE.map((late) => polygons(shape.contour(values, -late).coordinates));
  }, [map]);
  return (
    <g aria-hidden="true">
      {[...paths].reverse().map((d, i) => (
        <path
          key={i}
          d={d}
          fill="var(--shade)"
          fillOpacity={0.15}
          stroke="var(--def)"
          strokeOpacity={0.55}
          strokeWidth={0.9}
        />
      ))}
    </g>
  );
}

/** Points on the circle of a safe pass. */
const ROUND = 200;

/** How far a safe pass of this level reaches: the part of its circle that lies on the floor, and its length. */
export function Reach({ picture, words }: { picture: Picture; words: string }) {
  const { floor } = picture;
  const on = Array.from({ length: ROUND }, (_, i) => {
    const a = (i / ROUND) * 2 * Math.PI;
    const r = floor.level.safePass;
    return { x: floor.bx + r * Math.cos(a), y: floor.by + r * Math.sin(a) };
  });
  const dashes = on.flatMap((p, i) => {
    const q = on[(i + 1) % ROUND]!;
    if (i % 2 === 1 || !onFloor(p, 0.1) || !onFloor(q, 0.1)) return [];
    const [a, b] = [toScene(COURT, p), toScene(COURT, q)];
    return `M${a.x.toFixed(1)} ${a.y.toFixed(1)}L${b.x.toFixed(1)} ${b.y.toFixed(1)}`;
  });
  if (dashes.length === 0) return null;
  // Its length is written where there is most room for it, and nowhere when there is little.
  const room = on.map((p) => (onFloor(p, 1 + HALF_LABEL) ? Math.min(...clear(picture, p)) : 0));
  const most = Math.max(...room);
  const label = most > MAN ? toScene(COURT, on[room.indexOf(most)]!) : null;
  return (
    <g aria-hidden="true" pointerEvents="none">
      <path d={dashes.join('')} stroke="var(--ink-2)" strokeWidth={1.4} fill="none" />
      {label && (
        <text className="iso" x={label.x} y={label.y + 4} textAnchor="middle">
          {words}
        </text>
      )}
    </g>
  );
}

const onFloor = (p: Point, margin: number): boolean =>
  Math.abs(p.x) < 25 - margin && p.y > margin && p.y < 33 - margin;

/** Half the length of a short label, and half of a man or a soft spot with its figure, feet. */
const HALF_LABEL = 3;
const MAN = 1.8;

/** How far every man and soft spot is from a label about a place, feet. */
function clear({ floor, spots }: Picture, p: Point): number[] {
  const from = (x: number, y: number) => Math.hypot(Math.max(0, Math.abs(x - p.x) - HALF_LABEL), y - p.y);
  const feet = Array.from(floor.dx, (x, d) => from(x, floor.dy[d]!));
  for (let j = 0; j < floor.players; j++) feet.push(from(floor.ox[j]!, floor.oy[j]!));
  return [...feet, ...spots.map((s) => from(s.x, s.y))];
}

function polygons(coordinates: number[][][][]): string {
  return coordinates
    .flatMap((polygon) =>
      polygon.map((ring) => {
        const points = ring.map(([c = 0, r = 0]) => {
          // A cell's value stands at its middle.
          const p = toScene(COURT, { x: GRID.left + c - 0.5, y: GRID.bottom + r - 0.5 });
          return `${p.x.toFixed(1)} ${p.y.toFixed(1)}`;
        });
        return `M${points.join('L')}Z`;
      }),
    )
    .join('');
}

/** A soft spot: a small ring, the softest with its figure. */
export function Soft({
  spot,
  first,
  men,
  letters,
}: {
  spot: Picture['spots'][number];
  first: boolean;
  men: readonly Point[];
  letters: number;
}) {
  const c = toScene(COURT, spot);
  const near = men.find((p) => Math.hypot(p.x - spot.x, p.y - spot.y) < 3.5 * letters);
  const below = near !== undefined && near.y < spot.y;
  // Clear of the ring, and of a man who stands on it.
  const man = near ? toScene(COURT, near) : null;
  const y = below
    ? Math.max(c.y + 7, man!.y + 21 * letters) + 11 * letters
    : Math.min(c.y, man ? man.y - 14 * letters : c.y) - 9;
  const words = `${Math.max(0, spot.late).toFixed(2)} s`;
  return (
    <g aria-hidden="true" pointerEvents="none">
      <circle
        cx={c.x}
        cy={c.y}
        r={first ? 6 : 4}
        fill="var(--sheet)"
        stroke="var(--ink)"
        strokeWidth={first ? 2 : 1.2}
        strokeDasharray={spot.tooLong ? '2 2' : undefined}
      />
      <text className="iso" x={c.x} y={y} textAnchor="middle">
        {words}
      </text>
    </g>
  );
}

/** The split man ringed twice, his two close-outs, and the two passes that split him. */
export function SplitLines({ picture, letters }: { picture: Picture; letters: number }) {
  const { floor, split } = picture;
  if (!split) return null;
  const d = toScene(COURT, { x: floor.dx[split.defender]!, y: floor.dy[split.defender]! });
  const b = toScene(COURT, { x: floor.bx, y: floor.by });
  return (
    <g aria-hidden="true" pointerEvents="none">
      <SplitRings at={d} letters={letters} />
      {split.players.map((j, i) => {
        const p = toScene(COURT, { x: floor.ox[j]!, y: floor.oy[j]! });
        return (
          <g key={j}>
            <path d={`M${b.x} ${b.y}L${p.x} ${p.y}`} stroke="var(--sheet)" strokeWidth={6} />
            <path
              d={`M${b.x} ${b.y}L${p.x} ${p.y}`}
              stroke="var(--live)"
              strokeWidth={2}
              strokeDasharray="7 5"
              fill="none"
            />
            <SplitLine from={d} to={p} words={`+${split.late[i]!.toFixed(2)} s`} letters={letters} />
          </g>
        );
      })}
    </g>
  );
}
