import { PLAYERS, type Timeline } from '@corkscrew/core';
import { useLooks } from '../answers/Looks.tsx';
import { useDesk } from '../store.ts';
import { top, xOf } from './scale.ts';

/** The looks of the frame by their number, where the ball leaves for them: the coach's, and all while they lie over the court. */
export function LookMarks({ timeline, zoom }: { timeline: Timeline; zoom: number }) {
  const all = useDesk((s) => s.showLooks);
  return (
    <g aria-hidden="true" pointerEvents="none" data-testid="look-marks">
      {useLooks().map(({ look, inferred }, i) => {
        if (inferred && !all) return null;
        const flight = timeline.flights.find((f) => f.action === look.after);
        return (
          flight && (
            <text
              key={look.id}
              className="no"
              x={xOf(zoom, flight.release) + 4}
              y={top(PLAYERS.indexOf(flight.passer)) - 1}
              style={{ fill: 'var(--pen)' }}
            >
              {i + 1}
            </text>
          )
        );
      })}
    </g>
  );
}
