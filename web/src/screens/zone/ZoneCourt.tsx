import { byPlayer, GRID, nearestSpot, PLAYERS, type Court, type Point } from '@corkscrew/core';
import {
  ballItems,
  bodyItems,
  DESK,
  floorItems,
  sceneSize,
  shieldItems,
  toFloor,
  toScene,
  type Scale,
} from '@corkscrew/diagram';
import { contours } from 'd3-contour';
import { useMemo, useRef, useState, type CSSProperties, type KeyboardEvent, type PointerEvent } from 'react';
import styled from 'styled-components';
import { SceneItems } from '../../ui/SceneSvg.tsx';
import type { Picture } from './room.ts';

const Svg = styled.svg`
  display: block;
  width: 100%;
  height: 100%;
  background: var(--sheet);
  touch-action: none;
  user-select: none;
  .grab {
    fill: transparent;
    cursor: grab;
    outline: none;
  }
  .grab:focus-visible {
    stroke: var(--pen);
    stroke-width: 2;
    stroke-dasharray: 4 3;
  }
  .figure {
    font: 640 calc(12px * var(--letters)) 'Archivo Variable';
    font-stretch: 77%;
    fill: var(--ink);
  }
  .iso {
    font: 600 calc(11.5px * var(--letters)) 'Archivo Variable';
    fill: var(--ink-2);
    paint-order: stroke;
    stroke: var(--sheet);
    stroke-width: 3px;
  }
`;

export const COURT: Scale = { ...DESK, margin: 1.5, depth: 34, foot: 0.5 };
/** Seconds too late at which the map changes its shade; the floor inside the first is covered. */
const LATE = [0, 0.1, 0.2, 0.3] as const;

interface Hooks {
  readonly moveBall: (at: Point) => void;
  readonly movePlayer: (j: number, at: Point) => void;
  readonly pressPlayer: (j: number) => void;
}

/** A zone on its half court: what it covers, where it is soft, whom the ball splits. Everything can be dragged. */
export function ZoneCourt({
  picture,
  court,
  show,
  hooks,
  label,
  letters = 1,
}: {
  picture: Picture;
  court: Court;
  show: { readonly map: boolean; readonly spots: boolean; readonly split: boolean };
  hooks: Hooks | null;
  label: string;
  /** How much larger than usual words are drawn. */
  letters?: number;
}) {
  const { floor, split, spots } = picture;
  const svg = useRef<SVGSVGElement>(null);
  const [drag, setDrag] = useState<{ who: number; from: Point; moved: boolean } | null>(null);
  const { width, height } = sceneSize(COURT);
  const lines = useMemo(() => floorItems(court, COURT, true), [court]);
  const at = (e: PointerEvent): Point => {
    const m = svg.current!.getScreenCTM()!.inverse();
    const p = toFloor(COURT, new DOMPoint(e.clientX, e.clientY).matrixTransform(m));
    return { x: Math.min(24.5, Math.max(-24.5, p.x)), y: Math.min(33, Math.max(0.5, p.y)) };
  };
  const down = (e: PointerEvent, who: number) => {
    if (!hooks || e.button !== 0) return;
    e.currentTarget.setPointerCapture(e.pointerId);
    setDrag({ who, from: at(e), moved: false });
  };
  const move = (e: PointerEvent) => {
    if (!drag || !hooks) return;
    const p = at(e);
    const moved = drag.moved || Math.hypot(p.x - drag.from.x, p.y - drag.from.y) > 0.6;
    if (moved !== drag.moved) setDrag({ ...drag, moved });
    if (!moved) return;
    if (drag.who < 0) hooks.moveBall(p);
    else hooks.movePlayer(drag.who, p);
  };
  const up = () => {
    if (drag && !drag.moved && drag.who >= 0) hooks?.pressPlayer(drag.who);
    setDrag(null);
  };
  const keys = (e: KeyboardEvent, who: number, from: Point) => {
    const step = e.shiftKey ? 3 : 0.8;
    const by: Record<string, Point> = {
      ArrowLeft: { x: -step, y: 0 },
      ArrowRight: { x: step, y: 0 },
      ArrowUp: { x: 0, y: -step },
      ArrowDown: { x: 0, y: step },
    };
    const d = by[e.key];
    if (d && hooks) {
      e.preventDefault();
      const to = { x: from.x + d.x, y: from.y + d.y };
      if (who < 0) hooks.moveBall(to);
      else hooks.movePlayer(who, to);
    } else if (e.key === 'Enter' || e.key === ' ') {
      e.preventDefault();
      if (who >= 0) hooks?.pressPlayer(who);
    }
  };

  const men = Array.from({ length: floor.players }, (_, j) => ({ x: floor.ox[j]!, y: floor.oy[j]! }));
  const toward = (p: Point, q: Point): number =>
    ((Math.atan2(q.y - p.y, q.x - p.x) * 180) / Math.PI + 360) % 360;
  const ball = { x: floor.bx, y: floor.by };
  const rim = { x: 0, y: court.rimY };
  const bodies = byPlayer((_, j) => ({
    at: men[j] ?? { x: 0, y: -20 },
    facing: men[j] ? toward(men[j], floor.holder === j ? rim : ball) : 90,
  }));
  const shields = PLAYERS.map((_, d) => {
    const p = { x: floor.dx[d]!, y: floor.dy[d]! };
    return { at: p, facing: toward(p, ball) };
  });
  const b = toScene(COURT, ball);
  return (
    <Svg
      ref={svg}
      viewBox={`0 0 ${width} ${height}`}
      role="group"
      aria-label={label}
      onPointerMove={move}
      onPointerUp={up}
      onPointerCancel={() => setDrag(null)}
      data-testid="zone-court"
      style={{ '--letters': letters } as CSSProperties}
    >
      <SceneItems items={lines.filter((i) => i.part === 'paint')} />
      {show.map && <CoverMap picture={picture} />}
      <SceneItems items={lines.filter((i) => i.part !== 'paint')} />
      {show.spots && spots.slice(0, 6).map((s, i) => <Soft key={s.spot} spot={s} first={i === 0} />)}
      {show.split && split && <SplitLines picture={picture} letters={letters} />}
      <SceneItems items={shieldItems(shields, COURT, true)} />
      <SceneItems items={bodyItems(bodies, floor.holder >= 0 ? PLAYERS[floor.holder]! : null, COURT, true)} />
      {floor.holder < 0 && <SceneItems items={ballItems(b, COURT)} />}
      {hooks &&
        men.map((p, j) => {
          const c = toScene(COURT, p);
          return (
            <circle
              key={j}
              className="grab"
              cx={c.x}
              cy={c.y}
              r={22}
              tabIndex={0}
              role="button"
              aria-label={`${j + 1}, ours, ${nearestSpot(court, p).spot.words}${floor.holder === j ? ', has the ball' : ''}`}
              onPointerDown={(e) => down(e, j)}
              onKeyDown={(e) => keys(e, j, p)}
            />
          );
        })}
      {hooks && (
        <circle
          className="grab"
          cx={floor.holder < 0 ? b.x : b.x + 14}
          cy={floor.holder < 0 ? b.y : b.y + 14}
          r={floor.holder < 0 ? 16 : 11}
          tabIndex={0}
          role="button"
          aria-label={`Ball, ${nearestSpot(court, ball).spot.words}. Drag it, or move it with the arrows.`}
          data-testid="zone-ball"
          onPointerDown={(e) => down(e, -1)}
          onKeyDown={(e) => keys(e, -1, ball)}
        />
      )}
    </Svg>
  );
}

/** Tint where they are in time, bare paper where they are late, dots where no pass of this level reaches. */
function CoverMap({ picture }: { picture: Picture }) {
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
function Soft({ spot, first }: { spot: Picture['spots'][number]; first: boolean }) {
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
function SplitLines({ picture, letters }: { picture: Picture; letters: number }) {
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
