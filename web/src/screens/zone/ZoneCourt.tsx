import { byPlayer, nearestSpot, PLAYERS, sayDistance, type Court, type Point } from '@corkscrew/core';
import {
  ballItems,
  bodyItems,
  floorItems,
  sceneSize,
  shieldItems,
  toFloor,
  toScene,
} from '@corkscrew/diagram';
import { useMemo, useState, type CSSProperties, type KeyboardEvent, type PointerEvent } from 'react';
import styled from 'styled-components';
import { useUnits } from '../../app/units.ts';
import { SlideTrail } from '../../court/SlideTrail.tsx';
import { SceneItems } from '../../ui/SceneSvg.tsx';
import type { Picture } from './picture.ts';
import { COURT, CoverMap, Reach, Soft, SplitLines } from './ZoneMarks.tsx';

const Svg = styled.svg`
  display: block;
  width: 100%;
  height: 100%;
  background: var(--sheet);
  user-select: none;
  .grab {
    fill: transparent;
    touch-action: none;
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

/** What of a zone is shown. */
export interface Shown {
  readonly map: boolean;
  readonly spots: boolean;
  readonly slides: boolean;
  readonly split: boolean;
}

interface Hooks {
  readonly moveBall: (at: Point) => void;
  readonly movePlayer: (j: number, at: Point) => void;
  readonly pressPlayer: (j: number) => void;
}

interface Drag {
  readonly who: number;
  readonly from: Point;
  readonly moved: boolean;
  /** From the window to the drawing; asked once a drag, because asking makes the browser lay the page out. */
  readonly toDrawing: DOMMatrix;
}

function floorAt(e: PointerEvent, toDrawing: DOMMatrix): Point {
  const p = toFloor(COURT, new DOMPoint(e.clientX, e.clientY).matrixTransform(toDrawing));
  return { x: Math.min(24.5, Math.max(-24.5, p.x)), y: Math.min(33, Math.max(0.5, p.y)) };
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
  show: Shown;
  hooks: Hooks | null;
  label: string;
  /** How much larger than usual words and bodies are drawn. */
  letters?: number;
}) {
  const { floor, split, spots } = picture;
  const [drag, setDrag] = useState<Drag | null>(null);
  const { width, height } = sceneSize(COURT);
  const units = useUnits(court);
  const scale = { ...COURT, mark: COURT.mark * letters };
  const [paint, lines] = useMemo(() => {
    const all = floorItems(court, COURT, true);
    return [all.filter((i) => i.part === 'paint'), all.filter((i) => i.part !== 'paint')];
  }, [court]);
  const down = (e: PointerEvent, who: number) => {
    if (!hooks || e.button !== 0) return;
    e.currentTarget.setPointerCapture(e.pointerId);
    const toDrawing = (e.currentTarget as SVGElement).ownerSVGElement!.getScreenCTM()!.inverse();
    setDrag({ who, from: floorAt(e, toDrawing), moved: false, toDrawing });
  };
  const move = (e: PointerEvent) => {
    if (!drag || !hooks) return;
    const p = floorAt(e, drag.toDrawing);
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
      viewBox={`0 0 ${width} ${height}`}
      role="group"
      aria-label={label}
      onPointerMove={move}
      onPointerUp={up}
      onPointerCancel={() => setDrag(null)}
      data-testid="zone-court"
      style={{ '--letters': letters } as CSSProperties}
    >
      <SceneItems items={paint} />
      {show.map && <CoverMap picture={picture} />}
      <SceneItems items={lines} />
      {show.map && <Reach picture={picture} words={`${sayDistance(floor.level.safePass, units)} pass`} />}
      {show.spots &&
        spots
          .slice(0, 6)
          .map((s, i) => <Soft key={s.spot} spot={s} first={i === 0} men={men} letters={letters} />)}
      {show.slides &&
        picture.trails.map((points, d) => (
          <SlideTrail key={d} points={points.map((p) => toScene(COURT, p))} />
        ))}
      {show.split && split && <SplitLines picture={picture} letters={letters} />}
      <SceneItems items={shieldItems(shields, scale, true)} />
      <SceneItems items={bodyItems(bodies, floor.holder >= 0 ? PLAYERS[floor.holder]! : null, scale, true)} />
      {floor.holder < 0 && <SceneItems items={ballItems(b, scale)} />}
      {hooks &&
        men.map((p, j) => {
          const c = toScene(COURT, p);
          return (
            <circle
              key={j}
              className="grab"
              cx={c.x}
              cy={c.y}
              r={22 * letters}
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
          cx={floor.holder < 0 ? b.x : b.x + 14 * letters}
          cy={floor.holder < 0 ? b.y : b.y + 14 * letters}
          r={floor.holder < 0 ? 16 * letters : 11 * letters}
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
