import { PLAYERS, beatOf, type ComparedLine } from '@corkscrew/core';
import { scaleLinear } from 'd3-scale';
import { useMemo } from 'react';
import styled from 'styled-components';

const Scroll = styled.div`
  overflow-x: auto;
`;
const Svg = styled.svg`
  display: block;
  width: 100%;
  min-width: 1180px;
  background: var(--sheet);
  text {
    font-family: 'Archivo Variable';
    font-stretch: 76%;
    fill: var(--ink);
  }
`;
const WIDTH = 1180;
const ROW = 19;
const LEFT = 30;

/** The beat sheets of two lines above each other, on one scale of time: what only one has, or has later, is in pen. */
export function Staves({
  lines,
  names,
  other,
}: {
  lines: readonly ComparedLine[];
  names: readonly string[];
  /** Actions that are otherwise, of each line. */
  other: readonly ReadonlySet<string>[];
}) {
  const beats = useMemo(() => lines.map((l) => beatOf(l.timeline, wordOf(l))), [lines]);
  const end = Math.max(1, ...beats.map((b) => b.end));
  const x = scaleLinear([0, end], [LEFT, WIDTH - 8]);
  const one = 5 * ROW + 34;
  return (
    <Scroll tabIndex={0} role="region" aria-label="Beat sheets, in time">
      <Svg
        viewBox={`0 0 ${WIDTH} ${one * beats.length + 4}`}
        role="img"
        aria-label={`Beat sheets of ${names.join(' and ')}`}
      >
        {x.ticks(12).map((s) => (
          <g key={s}>
            <path d={`M${x(s)} 14V${one * beats.length}`} stroke="var(--rule)" />
            <text x={x(s) + 3} y={11} fontSize={12} style={{ fill: 'var(--ink-3)' }}>
              {s}
            </text>
          </g>
        ))}
        {beats.map((beat, k) => {
          const top = 22 + k * one;
          return (
            <g key={names[k]} data-line={k}>
              <text x={0} y={top + 6} fontSize={14} fontWeight={700}>
                {names[k]}
              </text>
              {PLAYERS.map((p, row) => (
                <g key={p}>
                  <text x={6} y={top + 14 + (row + 0.75) * ROW} fontSize={13} fontWeight={700}>
                    {p}
                  </text>
                  <path
                    d={`M${LEFT} ${top + 10 + (row + 0.9) * ROW}H${x(beat.end)}`}
                    stroke="var(--rule-2)"
                    strokeWidth={0.8}
                  />
                </g>
              ))}
              {beat.bars.map((b) => (
                <path
                  key={b.frame}
                  d={`M${x(b.start)} ${top + 10}V${top + 10 + 5 * ROW}`}
                  stroke="var(--ink-3)"
                />
              ))}
              {beat.blocks.map((b) => {
                const pen = other[k]!.has(b.id);
                const width = Math.max(4, x(b.to) - x(b.from));
                return (
                  <g key={b.id} data-other={pen || undefined}>
                    <rect
                      x={x(b.from)}
                      y={top + 12 + b.row * ROW}
                      width={width}
                      height={ROW - 4}
                      fill={pen ? 'var(--pen-w)' : 'var(--raised)'}
                      stroke={pen ? 'var(--pen)' : 'var(--ink)'}
                      strokeWidth={pen ? 1.8 : 1}
                    />
                    {width > 40 && (
                      <text x={x(b.from) + 4} y={top + 23.5 + b.row * ROW} fontSize={11.5} fontWeight={640}>
                        {cut(b.label, width)}
                      </text>
                    )}
                  </g>
                );
              })}
            </g>
          );
        })}
      </Svg>
    </Scroll>
  );
}

/** A word of the line's own for each action, without its man. */
const wordOf = (line: ComparedLine) => {
  const words = new Map(line.done.flat().map((d) => [d.action, d.words.slice(2)]));
  return (action: string): string => words.get(action) ?? '';
};
/** As much of a label as its block has room for. */
const cut = (label: string, width: number): string => {
  const room = Math.floor((width - 6) / 5.4);
  return label.length <= room ? label : `${label.slice(0, Math.max(1, room - 1))}…`;
};
