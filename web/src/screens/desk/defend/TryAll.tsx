import { PRESETS, type Defence, type Play } from '@corkscrew/core';
import { useEffect, useRef, useState } from 'react';
import styled from 'styled-components';
import { Button } from '../../../ui/controls.tsx';
import type { Tried } from '../../../workers/try.ts';
import { useOwnSchool } from '../own-school.ts';
import { takeDefence } from './change.ts';
import { askMany } from './pool.ts';

const Box = styled.div`
  margin: 12px 0;
  progress {
    width: 100%;
    height: 6px;
    accent-color: var(--ink);
  }
  table {
    width: 100%;
    border-collapse: collapse;
    margin-top: 8px;
  }
  th {
    font: 600 11.5px/1.3 'Archivo Variable';
    color: var(--ink-3);
    text-align: right;
    padding: 2px 0;
  }
  th:first-child,
  td:first-child {
    text-align: left;
  }
  td {
    border-top: 1px solid var(--rule);
    padding: 3px 0 3px 4px;
    text-align: right;
    font: 640 13px/1.25 'Archivo Variable';
    font-stretch: 77%;
  }
  td button {
    all: unset;
    cursor: default;
    text-decoration: underline;
    text-decoration-color: var(--rule-2);
  }
  td button:focus-visible {
    outline: 2px solid var(--pen);
  }
`;

const bare = ({ id: _key, ...rest }: Defence): Omit<Defence, 'id'> => rest;
const DEFENCES: readonly Defence[] = PRESETS.map((p) => ({ ...p.defence, id: p.key }));

/** The line against every defence there is a name for, on all the machine's cores; what is overtaken is stopped. */
export function TryAll({ play, leaf }: { play: Play; leaf: string }) {
  const { own: school } = useOwnSchool();
  const [answers, setAnswers] = useState<readonly (Tried | null)[] | null>(null);
  const stop = useRef<(() => void) | null>(null);
  // Another document or ending: what was being tried is of no use any more.
  useEffect(
    () => () => {
      stop.current?.();
      setAnswers(null);
    },
    [play.frames, play.start, leaf, school],
  );
  const begin = () => {
    stop.current?.();
    setAnswers([]);
    stop.current = askMany(
      DEFENCES.map((defence) => ({ play, leaf, defence, school })),
      (answer) => setAnswers((known) => [...(known ?? []), answer]),
    );
  };
  const done = answers?.length === DEFENCES.length;
  return (
    <Box>
      {answers && !done ? (
        <>
          <progress value={answers.length} max={DEFENCES.length} aria-label="Defences tried" />
          <Button
            onPress={() => {
              stop.current?.();
              setAnswers(null);
            }}
          >
            Stop
          </Button>
        </>
      ) : (
        <Button onPress={begin}>{done ? 'Try them again' : 'Try it against all of them'}</Button>
      )}
      {answers && answers.length > 0 && (
        <table>
          <thead>
            <tr>
              <th scope="col">against</th>
              <th scope="col">best look</th>
              <th scope="col">the shot</th>
              <th scope="col">lanes shut</th>
            </tr>
          </thead>
          <tbody>
            {DEFENCES.map((d) => {
              const a = answers.find((x) => x?.id === d.id);
              return (
                <tr key={d.id}>
                  <td>
                    <button type="button" onClick={() => takeDefence(bare(d))}>
                      {d.name}
                    </button>
                  </td>
                  <td>
                    {!a
                      ? ''
                      : a.best
                        ? `${a.best.player} at ${a.best.at.toFixed(1)}, ${a.best.worth.toFixed(2)}`
                        : 'nobody'}
                  </td>
                  <td>{!a ? '' : a.shot === null ? '–' : a.shot.toFixed(2)}</td>
                  <td>{a?.contested}</td>
                </tr>
              );
            })}
          </tbody>
        </table>
      )}
    </Box>
  );
}
