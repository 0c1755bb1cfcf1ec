import type { Point } from '@corkscrew/core';

/** A small ring where a defender was, and the way he has slid since; drawing units. */
export function SlideTrail({ points }: { points: readonly Point[] }) {
  const [a] = points;
  if (!a) return null;
  return (
    <g stroke="var(--def)" fill="none">
      <circle cx={a.x} cy={a.y} r={3.2} strokeWidth={1.4} fill="var(--sheet)" />
      <path d={`M${points.map((q) => `${q.x} ${q.y}`).join('L')}`} strokeWidth={1.6} strokeDasharray="3 3" />
    </g>
  );
}
