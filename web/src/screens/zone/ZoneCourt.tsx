import {
  attackersOn,
  byPlayer,
  type Court,
  defendersOn,
  nearestSpot,
  NONE,
  PLAYERS,
  type Point,
  sayDistance,
} from '@corkscrew/core';
import {
  ballItems,
  bodyItems,
  coverItems,
  floorItems,
  reachItems,
  shieldItems,
  softItems,
  splitPasses,
  toScene,
  trailItems,
  ZONE,
} from '@corkscrew/diagram';
import { useMemo, type KeyboardEvent, type PointerEvent } from 'react';
import { useUnits } from '../../app/units.ts';
import { nudgeOf } from '../../floor/arrows.ts';
import { floorPoints, HalfCourt } from '../../floor/HalfCourt.tsx';
import { SceneItems } from '../../floor/SceneSvg.tsx';
import { useDrag } from '../../ui/drag.ts';
import type { Picture } from './picture.ts';

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

/** Men and ball stay on the floor that is drawn. */
const inside = (p: Point): Point => ({
  x: Math.min(24.5, Math.max(-24.5, p.x)),
  y: Math.min(33, Math.max(0.5, p.y)),
});

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
  const units = useUnits(court);
  const scale = { ...ZONE, mark: ZONE.mark * letters };
  const [paint, lines] = useMemo(() => {
    const all = floorItems(court, ZONE, true);
    return [all.filter((i) => i.part === 'paint'), all.filter((i) => i.part !== 'paint')];
  }, [court]);
  const cover = useMemo(() => (show.map ? coverItems(picture.map) : []), [show.map, picture.map]);
  const put = (who: number, at: Point) => {
    const p = inside(at);
    if (who < 0) hooks?.moveBall(p);
    else hooks?.movePlayer(who, p);
  };
  const { take, hand } = useDrag<number>({
    measure: floorPoints(ZONE),
    from: 0.6,
    onMove: (h) => put(h.item, h.at),
    onDrop: (h) => put(h.item, h.at),
    onTap: (who) => who >= 0 && hooks?.pressPlayer(who),
  });
  const down = (e: PointerEvent, who: number) => hooks && take(e, who);
  const keys = (e: KeyboardEvent, who: number, from: Point) => {
    const by = nudgeOf(e, ZONE);
    if (by && hooks) {
      e.preventDefault();
      put(who, { x: from.x + by.x, y: from.y + by.y });
    } else if (e.key === 'Enter' || e.key === ' ') {
      e.preventDefault();
      if (who >= 0) hooks?.pressPlayer(who);
    }
  };

  const men = attackersOn(floor);
  const toward = (p: Point, q: Point): number =>
    ((Math.atan2(q.y - p.y, q.x - p.x) * 180) / Math.PI + 360) % 360;
  const ball = { x: floor.bx, y: floor.by };
  const rim = { x: 0, y: court.rimY };
  const bodies = byPlayer((_, j) => ({
    at: men[j] ?? { x: 0, y: -20 },
    facing: men[j] ? toward(men[j], floor.holder === j ? rim : ball) : 90,
  }));
  const shields = defendersOn(floor).map((at) => ({ at, facing: toward(at, ball) }));
  const b = toScene(ZONE, ball);
  const marks = [
    ...(show.map
      ? reachItems(floor, spots, `${sayDistance(floor.level.pass.safe, units)} pass`, letters)
      : []),
    ...(show.spots ? softItems(spots.slice(0, 6), men, letters) : []),
    ...(show.slides
      ? picture.trails.flatMap((points) => trailItems(points.map((p) => toScene(ZONE, p))))
      : []),
    ...(show.split && split ? splitPasses(floor, split, letters) : []),
    ...shieldItems(shields, scale, true),
    ...bodyItems(bodies, floor.holder === NONE ? null : PLAYERS[floor.holder], scale, true),
    ...(floor.holder === NONE ? ballItems(b, scale) : []),
  ];
  return (
    <HalfCourt scale={ZONE} role="group" label={label} testId="zone-court" {...hand}>
      <SceneItems items={paint} />
      <SceneItems items={cover} />
      <SceneItems items={lines} />
      <g aria-hidden="true" pointerEvents="none">
        <SceneItems items={marks} />
      </g>
      {hooks &&
        men.map((p, j) => {
          const c = toScene(ZONE, p);
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
    </HalfCourt>
  );
}
