import { SPOTS, type Court } from '@corkscrew/core';
import { toScene, type Scale } from '@corkscrew/diagram';

/** Every named spot with the code it is typed by. */
export function Spots({ court, scale }: { court: Court; scale: Scale }) {
  return (
    <g aria-hidden="true" pointerEvents="none">
      {SPOTS.map((spot) => {
        const p = toScene(scale, spot.at(court));
        return (
          <g key={spot.key}>
            <path d={`M${p.x - 3} ${p.y}h6M${p.x} ${p.y - 3}v6`} stroke="var(--ink-3)" />
            <text
              x={p.x + 5}
              y={p.y - 4}
              style={{ fill: 'var(--ink-3)', font: "640 11.5px 'Archivo Variable'", fontStretch: '77%' }}
            >
              {spot.code}
            </text>
          </g>
        );
      })}
    </g>
  );
}
