import {
  alongPerimeter,
  byPlayer,
  courtFor,
  gapsBeside,
  holderOf,
  momentAt,
  onPerimeter,
  perimeterPoint,
  PLAYERS,
  sayDistance,
  type FrameWalk,
  type PlayerId,
  type Point,
} from '@corkscrew/core';
import { toScene, type Scale } from '@corkscrew/diagram';
import { useUnits } from '../app/units.ts';
import { useDesk } from '../screens/desk/store.ts';
import { useTimeline } from '../screens/desk/timeline.ts';

/** The gaps on both sides of the ball, named and measured along the perimeter, at this instant. */
export function Gaps({ walk, scale }: { walk: FrameWalk; scale: Scale }) {
  const play = useDesk((s) => s.play);
  const time = useDesk((s) => s.time);
  const timeline = useTimeline();
  const court = courtFor(play);
  const units = useUnits(court);
  const now = time === null ? null : momentAt(timeline, time);
  const holder = now ? now.holder : holderOf(walk.before);
  const places: Readonly<Record<PlayerId, Point>> = now?.places ?? byPlayer((p) => walk.before.places[p]);
  const ball = holder ? places[holder] : null;
  if (!ball || !onPerimeter(court, ball)) return null;
  const mates = PLAYERS.filter((p) => p !== holder).map((p) => [p, places[p]] as const);
  const here = alongPerimeter(court, ball);
  return (
    <g aria-hidden="true" pointerEvents="none">
      {gapsBeside(court, ball, mates).map((gap) => {
        const sign = gap.side === 'left' ? -1 : 1;
        const end = gap.to ? alongPerimeter(court, places[gap.to]) : here + sign * 12;
        const n = 24;
        const at = (k: number) => toScene(scale, perimeterPoint(court, here + ((end - here) * k) / n));
        const points = Array.from({ length: n - 3 }, (_, k) => at(k + 2));
        const mid = toScene(scale, perimeterPoint(court, here + (end - here) / 2));
        const words = gap.to
          ? `${gap.size} · ${sayDistance(units === 'feet' ? Math.round(gap.feet) : gap.feet, units)}`
          : 'open side';
        return (
          <g key={gap.side}>
            <path
              d={`M${points.map((p) => `${p.x} ${p.y}`).join('L')}`}
              fill="none"
              stroke="var(--pen)"
              strokeWidth={1.8}
              strokeDasharray={gap.to ? undefined : '5 4'}
            />
            {gap.to &&
              [points[0]!, points.at(-1)!].map((p, i) => (
                <circle key={i} cx={p.x} cy={p.y} r={3} fill="var(--pen)" />
              ))}
            <text
              className="name"
              x={mid.x + sign * 10}
              y={mid.y + 18}
              textAnchor={gap.side === 'left' ? 'end' : 'start'}
            >
              {words}
            </text>
          </g>
        );
      })}
    </g>
  );
}
