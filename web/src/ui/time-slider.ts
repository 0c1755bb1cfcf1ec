import type { KeyboardEvent, PointerEvent } from 'react';

/** What makes an element a time to be pressed, dragged, or stepped by arrows, Home and End; seconds. */
export function timeSlider({
  label,
  now,
  end,
  timeAt,
  seek,
}: {
  label: string;
  now: number;
  end: number;
  /** The time so many pixels from the left of the element. */
  timeAt: (x: number) => number;
  seek: (t: number) => void;
}) {
  const hold = (e: PointerEvent<SVGElement>) =>
    seek(timeAt(e.clientX - e.currentTarget.getBoundingClientRect().left));
  return {
    role: 'slider',
    tabIndex: 0,
    'aria-label': label,
    'aria-valuemin': 0,
    'aria-valuemax': Number(end.toFixed(1)),
    'aria-valuenow': Number(now.toFixed(1)),
    'aria-valuetext': `${now.toFixed(1)} seconds`,
    onPointerDown: (e: PointerEvent<SVGElement>) => {
      e.stopPropagation();
      e.currentTarget.setPointerCapture(e.pointerId);
      hold(e);
    },
    onPointerMove: (e: PointerEvent<SVGElement>) => {
      if (e.buttons === 1) hold(e);
    },
    onKeyDown: (e: KeyboardEvent) => {
      const to = { ArrowLeft: now - 0.1, ArrowRight: now + 0.1, Home: 0, End: end }[e.key];
      if (to === undefined) return;
      e.preventDefault();
      e.stopPropagation();
      seek(to);
    },
  };
}
