import { PRESETS, type Defence, type Play } from '@corkscrew/core';
import { useEffect, useRef, useState } from 'react';
import styled from 'styled-components';
import { Button } from '../../../ui/controls.tsx';
import type { Tried } from '../../../questions/kinds.ts';
import { lineInTime } from '../../../questions/lines.ts';
import { menKey } from '../../../questions/men.ts';
import { useDesk } from '../store.ts';
import { questions } from '../../../questions/questions.ts';
import { useTeaching } from '../../../team/team.ts';
import { takeDefence } from './change.ts';

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
  caption {
    caption-side: bottom;
    text-align: left;
    padding-top: 6px;
    font-size: 12.5px;
    color: var(--ink-2);
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

/** What came back of one defence; null when it could not be played. */
type Answers = Readonly<Record<string, Tried | null>>;

/** The line against every defence there is a name for, on all the machine's cores; what is overtaken is left. */
export function TryAll({ play, leaf }: { play: Play; leaf: string }) {
  const { own: teaching } = useTeaching();
  const fives = useDesk((s) => s.fives);
  const [answers, setAnswers] = useState<Answers | null>(null);
  const leave = useRef<(() => void) | null>(null);
  const table = useRef<HTMLTableElement>(null);
  // Another document or ending: what was being tried is of no use any more.
  useEffect(
    () => () => {
      leave.current?.();
      setAnswers(null);
    },
    [play.frames, play.start, leaf, teaching, fives],
  );
  const begin = () => {
    leave.current?.();
    setAnswers({});
    const { content, compiled } = lineInTime(play, leaf, fives);
    const asked = DEFENCES.map((defence) => {
      const key = [content, defence.id, menKey({ teaching, fives })].join(' ');
      const question = questions.ask(
        'tried',
        { play, compiled, defence, teaching, fives },
        { key, priority: 'soon' },
      );
      const told = (answer: Tried | null) => setAnswers((known) => ({ ...known, [defence.id]: answer }));
      let left = false;
      question.answer.then(
        (answer) => !left && told(answer),
        () => told(null),
      );
      return () => {
        left = true;
        question.cancel();
      };
    });
    leave.current = () => asked.forEach((cancel) => cancel());
  };
  const count = Object.keys(answers ?? {}).length;
  const done = count === DEFENCES.length;
  useEffect(() => {
    if (done) table.current?.scrollIntoView({ block: 'nearest' });
  }, [done]);
  return (
    <Box>
      {answers && !done ? (
        <>
          <progress value={count} max={DEFENCES.length} aria-label="Defences tried" />
          <Button
            onPress={() => {
              leave.current?.();
              setAnswers(null);
            }}
          >
            Stop
          </Button>
        </>
      ) : (
        <Button onPress={begin}>{done ? 'Try them again' : 'Try it against all of them'}</Button>
      )}
      {answers && count > 0 && (
        <table ref={table}>
          <caption>
            The best look that comes free and what it is worth; what the drawn shot is worth; how many of the
            drawn passes have a hand in their lane. Worth is points a shot, from memory and your own makes.
          </caption>
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
              const a = answers[d.id];
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
