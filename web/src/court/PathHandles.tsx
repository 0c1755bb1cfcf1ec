import { findAction, fromDegrees, screenAngle, type Waypoint } from '@corkscrew/core';
import { DESK, toScene } from '@corkscrew/diagram';
import { useState, type KeyboardEvent, type PointerEvent } from 'react';
import { apply, lineView, usePick } from '../screens/desk/store.ts';
import { snap } from './propose.ts';

type P = { x: number; y: number };

/** Handles of the chosen line: its end, its bends, between them places to bend it; a screen's bar to turn. */
export function PathHandles({ floorPoint }: { floorPoint: (e: PointerEvent) => P }) {
  const { play, branch, frameId, actionId } = usePick('play', 'branch', 'frameId', 'actionId');
  const { court, walks, index } = lineView(play, branch, frameId);
  const [live, setLive] = useState<{ path: Waypoint[]; held: number } | null>(null);
  const [turn, setTurn] = useState<number | null>(null);
  const found = actionId ? findAction(play, actionId) : undefined;
  const step = walks[index]?.steps.find((st) => st.action.id === actionId);
  if (!found || !step || !('path' in found.action) || !found.action.path) return null;
  const { action } = found;
  const path = live?.path ?? found.action.path!;
  const start = step.before.places[action.by];
  const points: P[] = [start, ...path];
  const commit = (next: Waypoint[]) => apply({ do: 'patchAction', id: action.id, set: { path: next } });

  const grab = (e: PointerEvent, i: number, insert: boolean) => {
    e.stopPropagation();
    (e.target as Element).setPointerCapture(e.pointerId);
    const base = insert ? path.toSpliced(i, 0, midpoint(points[i]!, points[i + 1]!)) : path;
    setLive({ path: base, held: i });
  };
  const pull = (e: PointerEvent) => {
    if (!live) return;
    const end = live.held === live.path.length - 1;
    const { spot: _left, ...bend } = live.path[live.held]!;
    const to = { ...bend, ...snap(court, floorPoint(e), e.altKey || !end) };
    setLive({ ...live, path: live.path.with(live.held, to) });
  };
  const drop = () => {
    if (live) commit(live.path);
    setLive(null);
  };
  const remove = (i: number) => path.length > 1 && commit(path.toSpliced(i, 1));
  const nudge = (e: KeyboardEvent, i: number) => {
    const by = e.shiftKey ? 3.28 : 0.82;
    const d = { ArrowLeft: [-by, 0], ArrowRight: [by, 0], ArrowUp: [0, -by], ArrowDown: [0, by] }[e.key];
    if (d) commit(path.with(i, snap(court, { x: path[i]!.x + d[0]!, y: path[i]!.y + d[1]! }, true)));
    else if (e.key === 'Delete' || e.key === 'Backspace') remove(i);
    else return;
    e.preventDefault();
    e.stopPropagation();
  };

  const angle =
    action.does === 'screen'
      ? (turn ?? screenAngle(walks[index]!, { ...step, action }, walks[index + 1]))
      : null;
  const bar = path.at(-1) ?? start;
  const knob =
    angle === null
      ? null
      : { x: bar.x + fromDegrees(angle + 90).x * 2.2, y: bar.y + fromDegrees(angle + 90).y * 2.2 };

  return (
    <g>
      {live && (
        <polyline
          points={points.map((p) => Object.values(toScene(DESK, p)).join(',')).join(' ')}
          fill="none"
          stroke="var(--pen)"
          strokeWidth={1.5}
          strokeDasharray="4 4"
        />
      )}
      {path.slice(0).map((_, i) => {
        const c = toScene(DESK, midpoint(points[i]!, points[i + 1]!));
        return (
          <circle
            key={`m${i}`}
            cx={c.x}
            cy={c.y}
            r={4.5}
            fill="var(--sheet)"
            stroke="var(--pen)"
            strokeWidth={1.5}
            style={{ cursor: 'move' }}
            data-bend={i}
            onPointerDown={(e) => grab(e, i, true)}
            onPointerMove={pull}
            onPointerUp={drop}
          />
        );
      })}
      {path.map((w, i) => {
        const c = toScene(DESK, w);
        const end = i === path.length - 1;
        return (
          <circle
            key={`w${i}`}
            cx={c.x}
            cy={c.y}
            r={end ? 7 : 5.5}
            fill="var(--pen)"
            stroke="var(--sheet)"
            strokeWidth={1.5}
            style={{ cursor: 'move' }}
            tabIndex={0}
            role="button"
            aria-label={end ? 'End of the line' : `Bend ${i + 1}`}
            data-handle={end ? 'end' : i}
            onPointerDown={(e) => grab(e, i, false)}
            onPointerMove={pull}
            onPointerUp={drop}
            onDoubleClick={() => !end && remove(i)}
            onKeyDown={(e) => nudge(e, i)}
          />
        );
      })}
      {knob && (
        <circle
          {...xy(knob)}
          r={5}
          fill="var(--sheet)"
          stroke="var(--pen)"
          strokeWidth={2}
          style={{ cursor: 'grab' }}
          data-handle="turn"
          onPointerDown={(e) => {
            e.stopPropagation();
            (e.target as Element).setPointerCapture(e.pointerId);
            setTurn(angle);
          }}
          onPointerMove={(e) => {
            if (turn === null) return;
            const p = floorPoint(e);
            setTurn(Math.round(((Math.atan2(p.y - bar.y, p.x - bar.x) * 180) / Math.PI - 90) / 5) * 5);
          }}
          onPointerUp={() => {
            if (turn !== null && turn !== angleOf(action))
              apply({ do: 'patchAction', id: action.id, set: { angle: turn } });
            setTurn(null);
          }}
        />
      )}
    </g>
  );
}

const angleOf = (a: { does: string }): number | undefined => ('angle' in a ? (a.angle as number) : undefined);
const midpoint = (a: P, b: P): P => ({
  x: Math.round((a.x + b.x) * 10) / 20,
  y: Math.round((a.y + b.y) * 10) / 20,
});
const xy = (p: P) => {
  const c = toScene(DESK, p);
  return { cx: c.x, cy: c.y };
};
