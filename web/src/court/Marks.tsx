import type { Finding, Mark } from '@corkscrew/core';
import { toScene, type Scale } from '@corkscrew/diagram';

/** What a finding measures, drawn where it is: the distance, the angle, the place. */
export function Marks({ finding, scale }: { finding: Finding; scale: Scale }) {
  return (
    <g aria-hidden="true" pointerEvents="none">
      {finding.marks.map((mark, i) => (
        <Drawn key={i} mark={mark} scale={scale} />
      ))}
    </g>
  );
}

function Drawn({ mark, scale }: { mark: Mark; scale: Scale }) {
  const pen = { fill: 'none', stroke: 'var(--gap)', strokeWidth: 2 } as const;
  switch (mark.is) {
    case 'place': {
      const c = toScene(scale, mark.at);
      return <circle cx={c.x} cy={c.y} r={24} {...pen} strokeDasharray="6 4" />;
    }
    case 'distance': {
      const [p, q] = [toScene(scale, mark.a), toScene(scale, mark.b)];
      const d = Math.hypot(q.x - p.x, q.y - p.y) || 1;
      const [ux, uy] = [(q.x - p.x) / d, (q.y - p.y) / d];
      // From body to body, so that the numbers stay readable.
      const off = Math.min(17, d / 3);
      const a = { x: p.x + ux * off, y: p.y + uy * off };
      const b = { x: q.x - ux * off, y: q.y - uy * off };
      const end = (e: { x: number; y: number }) =>
        `M${e.x - uy * 7} ${e.y + ux * 7}L${e.x + uy * 7} ${e.y - ux * 7}`;
      // The words stand beside the line, on its upper side.
      const side = ux >= 0 ? -1 : 1;
      return (
        <>
          <path d={`M${a.x} ${a.y}L${b.x} ${b.y}${end(a)}${end(b)}`} {...pen} />
          <text
            className="told"
            x={(a.x + b.x) / 2 - uy * side * -14}
            y={(a.y + b.y) / 2 + ux * side * 14 + 4}
            textAnchor="middle"
          >
            {mark.words}
          </text>
        </>
      );
    }
    case 'angle': {
      const c = toScene(scale, mark.at);
      const at = (deg: number, r: number) => {
        const a = (deg * Math.PI) / 180;
        return `${c.x + Math.cos(a) * r} ${c.y + Math.sin(a) * r}`;
      };
      const turn = ((mark.to - mark.from + 540) % 360) - 180;
      const mid = ((mark.from + turn / 2) * Math.PI) / 180;
      return (
        <>
          <path d={`M${c.x} ${c.y}L${at(mark.from, 52)}M${c.x} ${c.y}L${at(mark.to, 52)}`} {...pen} />
          <path d={`M${at(mark.from, 34)}A34 34 0 0 ${turn >= 0 ? 1 : 0} ${at(mark.to, 34)}`} {...pen} />
          <text
            className="told"
            x={c.x + Math.cos(mid) * 62}
            y={c.y + Math.sin(mid) * 62 + 4}
            textAnchor="middle"
          >
            {mark.words}
          </text>
        </>
      );
    }
  }
}
