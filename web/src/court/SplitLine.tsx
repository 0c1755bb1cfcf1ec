import type { Point } from '@corkscrew/core';

/** Both rings round a man who must account for two. */
export function SplitRings({ at, letters = 1 }: { at: Point; letters?: number }) {
  return [21.5, 25].map((r) => (
    <circle key={r} cx={at.x} cy={at.y} r={r * letters} fill="none" stroke="var(--ink)" strokeWidth={1.4} />
  ));
}

/** The close-out of a split man to one of his two, with what it takes him; drawing units. */
export function SplitLine({
  from,
  to,
  words,
  letters = 1,
}: {
  from: Point;
  to: Point;
  words: string;
  letters?: number;
}) {
  const far = Math.hypot(to.x - from.x, to.y - from.y) || 1;
  const [ux, uy] = [(to.x - from.x) / far, (to.y - from.y) / far];
  const a = { x: from.x + ux * 26 * letters, y: from.y + uy * 26 * letters };
  const b = { x: to.x - ux * 22 * letters, y: to.y - uy * 22 * letters };
  const [w, h] = [(words.length * 7 + 14) * letters, 21 * letters];
  const m = labelAt(a, b, far > 96 * letters ? 0 : w / 2 + 5 * letters);
  return (
    <g>
      <path
        d={`M${a.x} ${a.y}L${b.x} ${b.y}M${b.x - uy * 8} ${b.y + ux * 8}L${b.x + uy * 8} ${b.y - ux * 8}`}
        stroke="var(--ink)"
        strokeWidth={3}
      />
      <rect x={m.x - w / 2} y={m.y - h / 2} width={w} height={h} fill="var(--raised)" stroke="var(--ink)" />
      <text x={m.x} y={m.y + 5 * letters} textAnchor="middle" className="figure">
        {words}
      </text>
    </g>
  );
}

/** In the middle of its line, or beside the far end when the line is too short to carry it. */
const labelAt = (a: Point, b: Point, beside: number): Point => ({
  x: beside === 0 ? (a.x + b.x) / 2 : b.x + (b.x < a.x ? -beside : beside),
  y: (a.y + b.y) / 2,
});
