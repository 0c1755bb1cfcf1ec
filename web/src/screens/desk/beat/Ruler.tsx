import { useEffect } from 'react';
import { useDesk } from '../store.ts';
import { seek, useNow } from '../timeline.ts';
import { HEIGHT, RULER, xOf } from './scale.ts';

/** The time in the play: pressed, dragged or stepped by keys. */
export function Ruler({ width, end, timeAt }: { width: number; end: number; timeAt: (x: number) => number }) {
  const now = useNow();
  return (
    <g
      className="ruler"
      role="slider"
      tabIndex={0}
      aria-label="Time in the play"
      aria-valuemin={0}
      aria-valuemax={Number(end.toFixed(1))}
      aria-valuenow={Number(now.toFixed(1))}
      aria-valuetext={`${now.toFixed(1)} seconds`}
      onPointerDown={(e) => {
        e.stopPropagation();
        e.currentTarget.setPointerCapture(e.pointerId);
        seek(timeAt(e.clientX));
      }}
      onPointerMove={(e) => e.buttons === 1 && seek(timeAt(e.clientX))}
      onKeyDown={(e) => {
        const by = e.key === 'ArrowRight' ? 0.1 : e.key === 'ArrowLeft' ? -0.1 : 0;
        if (by === 0) return;
        e.preventDefault();
        e.stopPropagation();
        seek(now + by);
      }}
    >
      <rect x={1} y={1} width={width - 2} height={RULER - 2} fill="transparent" />
    </g>
  );
}

/** Now; the sheet is rolled along so that it stays in sight. */
export function Playhead({
  zoom,
  end,
  follow,
}: {
  zoom: number;
  end: number;
  follow: (x: number, running: boolean) => void;
}) {
  const now = useNow();
  const running = useDesk((s) => s.running);
  const x = xOf(zoom, Math.min(now, end));
  useEffect(() => follow(x, running), [x, running, follow]);
  return (
    <g pointerEvents="none" aria-hidden="true">
      <path d={`M${x} 18V${HEIGHT - 4}`} stroke="var(--live)" strokeWidth={2.2} />
      <path d={`M${x - 5} 18h10l-5 8z`} fill="var(--live)" />
    </g>
  );
}
