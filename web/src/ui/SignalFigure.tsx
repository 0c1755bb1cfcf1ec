import { figureByKey } from '@corkscrew/core';
import { FIGURE_BOX, figureDrawing } from '@corkscrew/diagram';

/** One of our drawn signals, from the front; nothing for none. */
export function SignalFigure({ figure, height = 34 }: { figure: string | undefined; height?: number }) {
  const known = figureByKey(figure);
  if (!known) return null;
  const { strokes, fills, head } = figureDrawing(known);
  return (
    <svg
      height={height}
      width={(height * FIGURE_BOX.width) / FIGURE_BOX.height}
      viewBox={`0 0 ${FIGURE_BOX.width} ${FIGURE_BOX.height}`}
      fill="none"
      stroke="currentColor"
      strokeWidth={2.4}
      strokeLinecap="round"
      strokeLinejoin="round"
      aria-hidden="true"
    >
      <circle cx={head.x} cy={head.y} r={head.r} />
      {strokes.map((d) => (
        <path key={d} d={d} />
      ))}
      {fills.map((d) => (
        <path key={d} d={d} fill="currentColor" stroke="none" />
      ))}
    </svg>
  );
}
