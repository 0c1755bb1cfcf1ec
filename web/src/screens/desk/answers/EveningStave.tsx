import type { Duty, Evening } from '@corkscrew/core';
import styled from 'styled-components';

const Box = styled.svg`
  display: block;
  width: 100%;
  height: auto;
  margin: 4px 0 6px;
  text {
    font: 700 11px/1 'Archivo Variable';
    font-stretch: 76%;
    fill: var(--ink-2);
  }
  .in {
    fill: var(--sheet);
  }
`;

/** How a duty is drawn: what is his own is full, what is another's is open, where he is torn is broken. */
const FORM: Readonly<Record<Duty['does'], 'full' | 'open' | 'broken'>> = {
  fights: 'full',
  closesOut: 'full',
  boxesOut: 'full',
  takes: 'open',
  tags: 'open',
  helps: 'open',
  split: 'broken',
};
const WORDS: Readonly<Record<Duty['does'], string>> = {
  fights: 'fights',
  takes: 'takes',
  tags: 'tags',
  helps: 'helps',
  closesOut: 'out',
  boxesOut: 'box',
  split: 'two',
};

const WIDTH = 290;
const ROW = 20;
const BAR = 15;
const PAD = 4;
const LETTER = 5.6;

/** What one defender has to do as a stave of his own: a bar a duty, from when to when, those at once one below the other. */
export function EveningStave({ evening, end }: { evening: Evening; end: number }) {
  const x = (t: number): number => PAD + (Math.min(end, t) / end) * (WIDTH - 2 * PAD);
  const placed = inRows(evening.duties, x);
  const rows = Math.max(1, ...placed.map((p) => p.row + 1));
  const height = 14 + rows * ROW;
  // Seconds while their figures have room.
  const every = end > 12 ? 5 : 1;
  return (
    <Box viewBox={`0 0 ${WIDTH} ${height}`} aria-hidden="true" data-testid="evening-stave">
      {Array.from({ length: Math.floor(end / every) + 1 }, (_, i) => i * every).map((s) => (
        <g key={s}>
          <path d={`M${x(s)} 10V${height}`} stroke="var(--rule)" />
          <text x={x(s) + 2} y={9}>
            {s}
          </text>
        </g>
      ))}
      {placed.map(({ duty, row, from, to }, i) => {
        const form = FORM[duty.does];
        const words = `${i + 1} ${WORDS[duty.does]} ${duty.player}${duty.other ? ` ${duty.other}` : ''}`;
        const long = words.length * LETTER;
        const inside = long < to - from;
        const before = !inside && to + 3 + long > WIDTH;
        return (
          <g key={i}>
            <rect
              x={from}
              y={13 + row * ROW}
              width={to - from}
              height={BAR}
              fill={form === 'full' ? 'var(--def)' : 'var(--sheet)'}
              stroke="var(--def)"
              strokeWidth={1.5}
              strokeDasharray={form === 'broken' ? '3 2' : undefined}
            />
            <text
              x={inside ? from + 4 : before ? from - 3 : to + 3}
              textAnchor={before ? 'end' : 'start'}
              y={13 + row * ROW + 11}
              className={inside && form === 'full' ? 'in' : undefined}
            >
              {words}
            </text>
          </g>
        );
      })}
    </Box>
  );
}

/** Each duty in the first row in which it, and its words, have room. */
function inRows(duties: readonly Duty[], x: (t: number) => number) {
  const ends: number[] = [];
  return duties.map((duty) => {
    const from = x(duty.from);
    const to = Math.max(from + 6, x(duty.to));
    const label = (WORDS[duty.does].length + 6) * LETTER;
    const taken = Math.max(to, label < to - from ? 0 : to + label);
    const before = to + 3 + label > WIDTH;
    const first = before ? from - label : from;
    const free = ends.findIndex((e) => e <= first);
    const row = free < 0 ? ends.length : free;
    ends[row] = (before ? to : taken) + 3;
    return { duty, row, from, to };
  });
}
