import { useEffect } from 'react';
import { useDesk } from '../store.ts';
import { seek, useNow } from '../timeline.ts';
import { timeSlider } from '../../../ui/time-slider.ts';
import { HEIGHT, PAD, RULER, xOf } from './scale.ts';

/** How far within the sheet the ruler begins, so that its edge can be seen; pixels. */
const INSET = 1;

/** The time in the play: pressed, dragged or stepped by keys. */
export function Ruler({ width, end, zoom }: { width: number; end: number; zoom: number }) {
  const now = useNow();
  const timeAt = (x: number): number => (x + INSET - PAD) / zoom;
  return (
    <g className="ruler" {...timeSlider({ label: 'Time in the play', now, end, timeAt, seek })}>
      <rect x={INSET} y={1} width={width - 2 * INSET} height={RULER - 2} fill="transparent" />
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
