import { GRID, type Point } from '@corkscrew/core';
import { DESK, toScene, type Scale } from '@corkscrew/diagram';
import { contours } from 'd3-contour';
import { useMemo } from 'react';
import { SplitLine, SplitRings } from '../../court/SplitLine.tsx';
import type { Picture } from './room.ts';

export const COURT: Scale = { ...DESK, margin: 1.5, depth: 34, foot: 0.5 };
/** Seconds too late at which the map changes its shade; the floor inside the first is covered. */
const LATE = [0, 0.1, 0.2, 0.3] as const;

/** Tint where they are in time, bare paper where they are late, dots where no pass of this level reaches. */
export function CoverMap({ picture }: { picture: Picture }) {
  const { map, floor } = picture;
  const paths = useMemo(() => {
    const shape = contours().size([GRID.columns, GRID.rows]).smooth(true);
    const values = Array.from(map.late, (v) => -v);
    return LATE.map((late) => polygons(shape.contour(values, -late).coordinates));
  }, [map]);
  const b = toScene(COURT, { x: floor.bx, y: floor.by });
  return (
    <g aria-hidden="true">
      <defs>
        <pattern id="far" width="9" height="9" patternUnits="userSpaceOnUse">
          <circle cx="2" cy="2" r="0.9" fill="var(--rule-2)" />
        </pattern>
        <clipPath id="half">
          <rect
            x={toScene(COURT, { x: -25, y: 0 }).x}
            y={toScene(COURT, { x: 0, y: 0 }).y}
            width={50 * COURT.ppf}
            height={33 * COURT.ppf}
          />
        </clipPath>
      </defs>
      <g>
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
        <path
          d={`M0 0H2000V2000H0ZM${b.x - floor.level.safePass * COURT.ppf} ${b.y}a${floor.level.safePass * COURT.ppf} ${floor.level.safePass * COURT.ppf} 0 1 0 ${2 * floor.level.safePass * COURT.ppf} 0a${floor.level.safePass * COURT.ppf} ${floor.level.safePass * COURT.ppf} 0 1 0 ${-2 * floor.level.safePass * COURT.ppf} 0Z`}
          fill="url(#far)"
          clipPath="url(#half)"
          fillRule="evenodd"
        />
      </g>
    </g>
  );
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
      <text className="iso" x={c.x} y={below ? c.y + 7 + 11 * letters : c.y - 9} textAnchor="middle">
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
