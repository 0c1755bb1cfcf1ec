import { between, degrees, fromDegrees, snap, type Court, type Point, type Waypoint } from '@corkscrew/core';
import { toScene, type Scale } from '@corkscrew/diagram';
import type { KeyboardEvent } from 'react';
import { useDrag, type Held } from '../ui/drag.ts';
import { nudgeOf } from './arrows.ts';
import { floorPoints } from './HalfCourt.tsx';

/** A bar turns in steps of so many degrees. */
const TURN = 5;
/** How far from a screen its knob stands, feet. */
const KNOB = 2.2;

type Handle = { readonly is: 'point' | 'bend'; readonly i: number } | { readonly is: 'turn' };

interface Props {
  readonly court: Court;
  readonly scale: Scale;
  readonly start: Point;
  readonly path: readonly Waypoint[];
  /** The way a screener's back faces, degrees; null when it is no screen. */
  readonly angle: number | null;
  readonly onPath: (path: Waypoint[]) => void;
  readonly onAngle: (angle: number) => void;
}

/** Handles of the chosen line: its end, its bends, between them places to bend it; a screen's bar to turn. */
export function PathHandles({ court, scale, start, path: drawn, angle: drawnAngle, onPath, onAngle }: Props) {
  const { held, take, hand } = useDrag<Handle>({
    measure: floorPoints(scale),
    from: 0.1,
    onDrop: (h) => (h.item.is === 'turn' ? onAngle(turnedTo(h)) : onPath(pulled(h))),
  });
  const bar = drawn.at(-1) ?? start;
  const turnedTo = (h: Held<Handle>): number =>
    Math.round((degrees({ x: h.at.x - bar.x, y: h.at.y - bar.y }) - 90) / TURN) * TURN;
  const pulled = ({ item, at, free }: Held<Handle>): Waypoint[] => {
    if (item.is === 'turn') return [...drawn];
    if (item.is === 'bend') return drawn.toSpliced(item.i, 0, snap(court, at, true));
    const end = item.i === drawn.length - 1;
    const { spot: _left, ...kept } = drawn[item.i]!;
    return drawn.with(item.i, { ...kept, ...snap(court, at, free || !end) });
  };
  const live = held?.moved ? held : null;
  const path = live && live.item.is !== 'turn' ? pulled(live) : drawn;
  const points: readonly Point[] = [start, ...path];
  const remove = (i: number) => path.length > 1 && onPath(path.toSpliced(i, 1));
  const keys = (e: KeyboardEvent, i: number) => {
    const by = nudgeOf(e, scale);
    const at = path[i]!;
    if (by) onPath(path.with(i, snap(court, { x: at.x + by.x, y: at.y + by.y }, true)));
    else if (e.key === 'Delete' || e.key === 'Backspace') remove(i);
    else return;
    e.preventDefault();
    e.stopPropagation();
  };
  const angle = drawnAngle === null ? null : live?.item.is === 'turn' ? turnedTo(live) : drawnAngle;
  const at = (p: Point) => {
    const c = toScene(scale, p);
    return { cx: c.x, cy: c.y };
  };
  const knob = angle === null ? null : fromDegrees(angle + 90);
  return (
    <g {...hand} style={{ touchAction: 'none' }}>
      {live && live.item.is !== 'turn' && (
        <polyline
          points={points.map((p) => Object.values(toScene(scale, p)).join(',')).join(' ')}
          fill="none"
          stroke="var(--pen)"
          strokeWidth={1.5}
          strokeDasharray="4 4"
        />
      )}
      {path.map((w, i) => (
        <g
          key={`m${i}`}
          style={{ cursor: 'move' }}
          data-bend={i}
          onPointerDown={(e) => take(e, { is: 'bend', i })}
        >
          <circle {...at(between(points[i]!, w))} r={12} fill="transparent" />
          <circle
            {...at(between(points[i]!, w))}
            r={4.5}
            fill="var(--sheet)"
            stroke="var(--pen)"
            strokeWidth={1.5}
          />
        </g>
      ))}
      {path.map((w, i) => {
        const end = i === path.length - 1;
        return (
          <g
            key={`w${i}`}
            style={{ cursor: 'move', outline: 'none' }}
            className="handle"
            tabIndex={0}
            role="button"
            aria-label={end ? 'End of the line' : `Bend ${i + 1}`}
            data-handle={end ? 'end' : i}
            onPointerDown={(e) => take(e, { is: 'point', i })}
            onDoubleClick={() => !end && remove(i)}
            onKeyDown={(e) => keys(e, i)}
          >
            <circle {...at(w)} r={14} fill="transparent" />
            <circle {...at(w)} r={end ? 7 : 5.5} fill="var(--pen)" stroke="var(--sheet)" strokeWidth={1.5} />
          </g>
        );
      })}
      {knob && (
        <g style={{ cursor: 'grab' }} data-handle="turn" onPointerDown={(e) => take(e, { is: 'turn' })}>
          <circle {...at({ x: bar.x + knob.x * KNOB, y: bar.y + knob.y * KNOB })} r={12} fill="transparent" />
          <circle
            {...at({ x: bar.x + knob.x * KNOB, y: bar.y + knob.y * KNOB })}
            r={5}
            fill="var(--sheet)"
            stroke="var(--pen)"
            strokeWidth={2}
          />
        </g>
      )}
    </g>
  );
}
