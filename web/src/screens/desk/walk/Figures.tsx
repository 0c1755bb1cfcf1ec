import {
  COMPARED,
  figuresOf,
  PLAYERS,
  sayDistance,
  type ComparedKey,
  type Metrics,
  type TimedLook,
  type Units,
} from '@corkscrew/core';
import { useQuery } from '@tanstack/react-query';
import { extent, median } from 'd3-array';
import { scaleLinear } from 'd3-scale';
import styled from 'styled-components';
import { api } from '../../../app/api.ts';
import { useDesk } from '../store.ts';
import { seek } from '../timeline.ts';

const Box = styled.section`
  margin-top: 18px;
  h3 {
    margin-bottom: 2px;
  }
  .lead {
    color: var(--ink-2);
    font-size: 12px;
    margin-bottom: 8px;
  }
  .row {
    display: grid;
    grid-template-columns: 96px 1fr 58px;
    gap: 8px;
    align-items: center;
    height: 24px;
    font-size: 12.5px;
    color: var(--ink-2);
  }
  .row b {
    text-align: right;
    color: var(--ink);
  }
  .row b,
  td {
    font: 640 13px/1 'Archivo Variable';
    font-stretch: 77%;
  }
  svg {
    display: block;
    width: 100%;
    height: 16px;
    overflow: visible;
  }
  .look button {
    display: flex;
    justify-content: space-between;
    width: 100%;
    padding: 5px 0;
    border: 0;
    border-bottom: 1px solid var(--rule);
    background: none;
    font: 400 12.5px/1.3 'Atkinson Hyperlegible Next Variable';
    font-stretch: 100%;
    color: var(--ink-2);
    text-align: left;
  }
  .look b {
    font: 640 13px/1.3 'Archivo Variable';
    font-stretch: 77%;
    color: var(--pen);
  }
  table {
    width: 100%;
    border-collapse: collapse;
    margin-top: 12px;
    font-size: 12.5px;
  }
  th {
    text-align: right;
    font: 600 11.5px/1.6 'Archivo Variable';
    font-stretch: 80%;
    color: var(--ink-3);
  }
  th:first-child {
    text-align: left;
  }
  td {
    text-align: right;
    padding: 4px 0;
    border-top: 1px solid var(--rule);
  }
`;
/** Shares of its width that a figure's line leaves free at both ends, so that the marks there are whole; percent. */
const EDGE = 4;

const lookWords = (l: TimedLook): string =>
  l.kind === 'shot' ? `${l.player} shoots` : l.kind === 'pass' ? `${l.player} catches` : `${l.player} drives`;

/** The play in figures, each beside those of the playbook's other plays. */
export function Figures({ metrics, units }: { metrics: Metrics; units: Units }) {
  const id = useDesk((s) => s.play.id);
  const plays = useQuery({ queryKey: ['plays', false], queryFn: () => api.plays(false) });
  const others = (plays.data ?? []).filter((p) => p.id !== id);
  const own = figuresOf(metrics);
  const say = (key: ComparedKey, v: number | null): string => {
    const { unit } = COMPARED.find((c) => c.key === key)!;
    if (v === null) return '–';
    if (unit === 'ft') return sayDistance(units === 'feet' ? Math.round(v) : v, units);
    return unit === 's' ? `${v.toFixed(1)} s` : String(v);
  };
  return (
    <Box aria-label="Figures">
      <h3>In figures</h3>
      <p className="lead">
        {others.length > 0
          ? `Each beside your other ${others.length === 1 ? 'play' : `${others.length} plays`}; the tall line is the middle one.`
          : 'Your other plays will stand beside it.'}
      </p>
      {COMPARED.map(({ key, words }) => {
        const theirs = others.flatMap((p) => p.summary.figures?.[key] ?? []);
        const mid = median(theirs);
        return (
          <div className="row" key={key}>
            <span>{words}</span>
            <Strip own={own[key]} others={theirs} middle={mid} />
            <b title={mid === undefined ? undefined : `Middle of the others: ${say(key, mid)}`}>
              {say(key, own[key])}
            </b>
          </div>
        );
      })}
      {metrics.looks.length > 0 && (
        <>
          <h3 style={{ marginTop: 14 }}>Looks</h3>
          <ul>
            {metrics.looks.map((l, i) => (
              <li key={i} className="look">
                <button type="button" onClick={() => seek(l.time)}>
                  <span>{lookWords(l)}</span>
                  <b>{l.time.toFixed(1)} s</b>
                </button>
              </li>
            ))}
          </ul>
        </>
      )}
      <table>
        <thead>
          <tr>
            <th scope="col">Player</th>
            <th scope="col">Runs</th>
            <th scope="col">Stands</th>
          </tr>
        </thead>
        <tbody>
          {PLAYERS.map((p) => (
            <tr key={p}>
              <th scope="row">{p}</th>
              <td>
                {sayDistance(
                  units === 'feet' ? Math.round(metrics.players[p].feet) : metrics.players[p].feet,
                  units,
                )}
              </td>
              <td>{metrics.players[p].stands.toFixed(1)} s</td>
            </tr>
          ))}
        </tbody>
      </table>
    </Box>
  );
}

/** One figure on a line: a tick a play, taller for the middle one, a dot for this play. */
function Strip({
  own,
  others,
  middle,
}: {
  own: number | null;
  others: readonly number[];
  middle: number | undefined;
}) {
  const [low = 0, high = 1] = extent([...others, ...(own === null ? [] : [own])]);
  const x = scaleLinear()
    .domain(low === high ? [low - 1, high + 1] : [low, high])
    .range([EDGE, 100 - EDGE]);
  const at = (v: number): string => `${x(v)}%`;
  return (
    <svg aria-hidden="true">
      <line x1="0" x2="100%" y1={8} y2={8} stroke="var(--rule)" />
      {others.map((v, i) => (
        <line key={i} x1={at(v)} x2={at(v)} y1={5} y2={11} stroke="var(--rule-2)" />
      ))}
      {middle !== undefined && (
        <line x1={at(middle)} x2={at(middle)} y1={1} y2={15} stroke="var(--rule-2)" strokeWidth={1.5} />
      )}
      {own !== null && (
        <circle cx={at(own)} cy={8} r={4} fill="var(--ink)" stroke="var(--desk)" strokeWidth={1.5} />
      )}
    </svg>
  );
}
