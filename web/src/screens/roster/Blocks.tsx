/** A fit as five blocks, the last one filled as far as it goes. */
export function Blocks({ value }: { value: number }) {
  return (
    <svg width="102" height="12" role="img" aria-label={`${value.toFixed(1)} of 5`}>
      {[0, 1, 2, 3, 4].map((i) => {
        const part = Math.max(0, Math.min(1, value - i));
        return (
          <g key={i}>
            <rect x={i * 20 + 0.5} y="0.5" width="18" height="11" fill="none" stroke="var(--rule-2)" />
            <rect x={i * 20 + 0.5} y="0.5" width={18 * part} height="11" fill="var(--ink)" />
          </g>
        );
      })}
    </svg>
  );
}
