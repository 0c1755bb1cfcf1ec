import { GRID } from '@corkscrew/core';
import { DESK, toScene, type Scale } from '@corkscrew/diagram';
import { contours } from 'd3-contour';
import { useMemo } from 'react';
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
      <g clipPath="url(#half)">
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
          return `${p.x} ${p.y}`;
        });
        return `M${points.join('L')}Z`;
      }),
    )
    .join('');
}

/** A soft spot: a small ring, the softest with its figure. */
export function Soft({ spot, first }: { spot: Picture['spots'][number]; first: boolean }) {
  const c = toScene(COURT, spot);
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
      <text className="iso" x={c.x} y={c.y - 9} textAnchor="middle">
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
      <circle cx={d.x} cy={d.y} r={21} fill="none" stroke="var(--ink)" strokeWidth={1.4} />
      <circle cx={d.x} cy={d.y} r={24.5} fill="none" stroke="var(--ink)" strokeWidth={1.4} />
      {split.players.map((j, i) => {
        const p = toScene(COURT, { x: floor.ox[j]!, y: floor.oy[j]! });
        const far = Math.hypot(p.x - d.x, p.y - d.y) || 1;
        const [ux, uy] = [(p.x - d.x) / far, (p.y - d.y) / far];
        const a = { x: d.x + ux * 26, y: d.y + uy * 26 };
        const e = { x: p.x - ux * 20, y: p.y - uy * 20 };
        const m = { x: (a.x + e.x) / 2, y: (a.y + e.y) / 2 };
        const t = split.contest[i]!;
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
            <path
              d={`M${a.x} ${a.y}L${e.x} ${e.y}M${e.x - uy * 8} ${e.y + ux * 8}L${e.x + uy * 8} ${e.y - ux * 8}`}
              stroke="var(--ink)"
              strokeWidth={3}
            />
            <rect
              x={m.x - 40 * letters}
              y={m.y - 10 * letters}
              width={80 * letters}
              height={19 * letters}
              fill="var(--raised)"
              stroke="var(--ink)"
            />
            <text x={m.x} y={m.y + 4.5 * letters} textAnchor="middle" className="figure">
              {t.toFixed(2)} <tspan fontWeight={760}>+{split.late[i]!.toFixed(2)}</tspan>
            </text>
          </g>
        );
      })}
    </g>
  );
}
