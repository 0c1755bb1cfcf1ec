import { zoneByKey, type ZoneKey } from '@corkscrew/core';

/** A zone at a glance: its five with the ball on top. */
export function ZoneGlyph({ zone }: { zone: ZoneKey }) {
  const row = zoneByKey(zone)!
    .rows.top.split(', ')
    .map((cell) => cell.split(' ').map(Number));
  return (
    <svg viewBox="-16 2 32 26" width="36" height="28" aria-hidden="true">
      {row.map(([x = 0, y = 0], i) => (
        <path
          key={i}
          d={`M${x - 2} ${y + 1.6}h4v-1.6a2 2.4 0 0 0 -4 0z`}
          fill="none"
          stroke="currentColor"
          strokeWidth="1"
        />
      ))}
    </svg>
  );
}
