import { teller, type PlayRow } from '@corkscrew/core';
import type { Parting, Strip } from './strip.ts';

/** The strip's lines: seconds, lanes, and the shields where plays part. */
export function Lines({
  strip,
  thin,
}: {
  strip: Strip;
  thin: (ids: readonly string[]) => string | undefined;
}) {
  return (
    <svg className="lines" width={strip.width} height={strip.height} aria-hidden="true">
      {strip.ticks.map(({ seconds, x }) => (
        <g key={seconds}>
          <path d={`M${x} 16V${strip.height}`} stroke="var(--rule)" />
          <text x={x + 4} y={14} fontSize={12} fill="var(--ink-3)" fontFamily="Archivo Variable">
            {seconds === 0 ? '0 s' : seconds}
          </text>
        </g>
      ))}
      {strip.strokes.map(({ x, y, x1, y1, plays }, i) => (
        <path
          key={i}
          data-thin={thin(plays)}
          d={
            y === y1
              ? `M${x} ${y}H${x1}`
              : `M${x} ${y}C${(x + x1) / 2} ${y} ${(x + x1) / 2} ${y1} ${x1} ${y1}`
          }
          fill="none"
          stroke="var(--ink)"
          strokeWidth={2.25}
        />
      ))}
      {strip.partings.map(({ x, y }, i) => (
        <g key={i} transform={`translate(${x} ${y - 17})`}>
          <path
            d="M1 3h32v3c0 14-7 24-16 29C8 30 1 20 1 6z"
            fill="var(--sheet)"
            stroke="var(--def)"
            strokeWidth="2"
          />
          <path d="M9 14c5-6 11-6 16 0-5 6-11 6-16 0z" fill="none" stroke="var(--def)" strokeWidth="1.6" />
          <circle cx="17" cy="14" r="2.4" fill="var(--def)" />
        </g>
      ))}
    </svg>
  );
}

/** Under a shield, so narrow that it keeps clear of the pictures before it. */
const BESIDE = { maxWidth: 118, whiteSpace: 'normal', textAlign: 'right' } as const;

/** When, and by whose man, plays can first be told apart. */
export function Tell({
  parting,
  names,
  first,
  above,
}: {
  parting: Parting;
  names: ReadonlyMap<string, string>;
  first: boolean;
  above: boolean;
}) {
  const { x, y, seconds, by, plays } = parting;
  const who = by === null ? 'nobody' : by === 'ball' ? 'the man on the ball' : `x${by}`;
  const all = plays.flat().map((id) => names.get(id) ?? '');
  const words =
    seconds === 0
      ? 'They start apart'
      : `${seconds.toFixed(1)} s: ${who} can tell ${all.length > 2 ? 'them' : teller().all(all)} apart`;
  return (
    <span
      className="tell"
      style={
        first
          ? { left: Math.max(0, x - 20), top: 18 }
          : { right: `calc(100% - ${x + 34}px)`, top: above ? y - 52 : y + 22, ...BESIDE }
      }
    >
      {words}
    </span>
  );
}

/** Which play answers which, by the coach's word: an arrow from lane to lane, right of their names. */
export function Counters({ rows, strip }: { rows: readonly PlayRow[]; strip: Strip }) {
  return (
    <svg className="lines" width={strip.width} height={strip.height} aria-hidden="true">
      {rows
        .flatMap((r) =>
          r.summary.counterTo.flatMap((c) => {
            const from = strip.ends[r.id];
            const to = strip.ends[c.play];
            return from && to ? [{ id: `${r.id} ${c.play}`, from: from.y, to: to.y }] : [];
          }),
        )
        .map(({ id, from, to }, i) => {
          const x = strip.width + NAMES + i * 12;
          return (
            <g key={id}>
              <path
                d={`M${x - 8} ${from}H${x}V${to}H${x - 4}`}
                fill="none"
                stroke="var(--ink)"
                strokeWidth="1.8"
              />
              <path d={`M${x - 10} ${to}l9 -4v8z`} fill="var(--ink)" />
              <circle cx={x - 8} cy={from} r="2.5" fill="var(--ink)" />
            </g>
          );
        })}
    </svg>
  );
}
/** What the names of the lanes take, pixels. */
export const NAMES = 200;
