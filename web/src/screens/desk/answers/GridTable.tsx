import {
  expectedFirst,
  POINT_GROUPS,
  pointSaid,
  reactionShort,
  STATE_WORDS,
  readOf,
  readWords,
  tell,
  type Cell,
  type Defence,
  type PointOnLine,
  type Reaction,
} from '@corkscrew/core';
import styled from 'styled-components';
import type { Grid } from './judge.ts';
import { Mark } from '../../../ui/Mark.tsx';
import { useDeskTeller } from '../teller.ts';

type Row = Grid['rows'][number];

const Table = styled.table`
  width: 100%;
  border-collapse: collapse;
  margin-bottom: 10px;
  caption {
    text-align: left;
    font: 640 12px/1.3 'Archivo Variable';
    font-stretch: 80%;
    color: var(--ink-3);
    padding-bottom: 2px;
  }
  thead th {
    font: 600 11.5px/1.2 'Archivo Variable';
    font-stretch: 74%;
    color: var(--ink-2);
    padding: 2px 0 3px;
    text-align: center;
    width: 30px;
  }
  thead th:first-child {
    width: auto;
  }
  tbody th {
    text-align: left;
    font: 680 13px/1.2 'Archivo Variable';
    font-stretch: 76%;
    padding: 4px 6px 4px 0;
  }
  tbody th small {
    display: block;
    font: 600 11.5px/1.2 'Archivo Variable';
    font-stretch: 80%;
    color: var(--ink-3);
  }
  tbody tr {
    border-top: 1px solid var(--rule);
  }
  td {
    padding: 3px 0;
    text-align: center;
  }
  td button {
    display: inline-grid;
    place-items: center;
    width: 28px;
    height: 30px;
    border: 2px solid transparent;
    border-radius: 2px;
    background: none;
    padding: 0;
    cursor: default;
  }
  td button[aria-pressed='true'] {
    border-color: var(--pen);
    background: var(--raised);
  }
  td button[data-usual] {
    box-shadow: inset 0 -2px 0 var(--rule-2);
  }
  td button:focus-visible {
    outline: 2px solid var(--pen);
    outline-offset: 1px;
  }
  @media (pointer: coarse) {
    td button {
      height: 44px;
    }
  }
`;

/** A play's answers as tables: a row a place where they have a choice, a column a thing they may do. */
export function GridTable({
  rows,
  defence,
  chosen,
  onChoose,
}: {
  rows: readonly Row[];
  defence: Defence;
  chosen: { readonly point: string; readonly reaction: Reaction } | null;
  onChoose: (point: PointOnLine, cell: Cell) => void;
}) {
  const t = useDeskTeller();
  return (
    <>
      {POINT_GROUPS.map(({ kinds, words }) => {
        const some = rows.filter((r) => kinds.includes(r.point.kind));
        if (some.length === 0) return null;
        const columns = expectedFirst(some);
        return (
          <Table key={words}>
            <caption>{words}</caption>
            <thead>
              <tr>
                <th scope="col">
                  <span className="visually-hidden">What we do</span>
                </th>
                {columns.map((r) => (
                  <th key={r} scope="col">
                    {reactionShort(r)}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {some.map(({ point, cells }) => (
                <tr key={point.id}>
                  <th scope="row">
                    {tell(pointSaid(point))}
                    <small>
                      {point.seen.toFixed(1)} s{point.zone && ` · ${point.zone.man}`}
                    </small>
                  </th>
                  {columns.map((r) => {
                    const cell = cells.find((c) => c.reaction === r);
                    if (!point.reactions.includes(r)) return <td key={r} />;
                    if (!cell) return <td key={r} aria-label="not judged yet" />;
                    const pressed = chosen?.point === point.id && chosen.reaction === r;
                    return (
                      <td key={r}>
                        <button
                          type="button"
                          aria-pressed={pressed}
                          {...(cell.usual ? { 'data-usual': true } : {})}
                          aria-label={`${readWords(readOf(defence, point, r), t)}: ${STATE_WORDS[cell.state]}${cell.usual ? ', as they play it' : ''}`}
                          onClick={() => onChoose(point, cell)}
                        >
                          <Mark state={cell.state} />
                        </button>
                      </td>
                    );
                  })}
                </tr>
              ))}
            </tbody>
          </Table>
        );
      })}
    </>
  );
}
