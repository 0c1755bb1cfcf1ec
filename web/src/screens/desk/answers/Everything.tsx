import {
  leaves as leavesOf,
  lineTo,
  PRESETS,
  readWords,
  type AgainstOne,
  type Play,
  type Teller,
} from '@corkscrew/core';
import { useEffect, useRef, useState } from 'react';
import styled from 'styled-components';
import { questions } from '../../../questions/questions.ts';
import type { AnswersAsk } from '../../../questions/kinds.ts';
import { Button } from '../../../ui/controls.tsx';
import { takeDefence } from '../defend/change.ts';
import { goToEnding } from '../store.ts';
import { everythingKey } from './judge.ts';
import { useDeskTeller } from '../teller.ts';

const Table = styled.table`
  width: 100%;
  border-collapse: collapse;
  margin-top: 6px;
  th,
  td {
    border-top: 1px solid var(--rule);
    padding: 4px 0;
    text-align: left;
    font: 640 13px/1.25 'Archivo Variable';
    font-stretch: 77%;
  }
  thead th {
    border: 0;
    font: 600 11.5px/1.3 'Archivo Variable';
    color: var(--ink-3);
  }
  th:last-child,
  td:last-child {
    text-align: right;
  }
  tr[data-least] td:last-child {
    color: var(--gap);
  }
  button {
    all: unset;
    cursor: default;
    text-decoration: underline;
    text-decoration-color: var(--rule-2);
  }
  button:focus-visible {
    outline: 2px solid var(--pen);
  }
`;

/** What an ending is called by what it answers. */
function endingOf(play: Play, leaf: string, t: Teller): string {
  const reads = lineTo(play, leaf).flatMap((f) => (f.read ? [readWords(f.read, t)] : []));
  return reads.length > 0 ? reads.join(', then ') : 'as drawn';
}

/** The play against everything there is a name for: the ending that is best then, and what it is worth. */
export function Everything({ asks }: { asks: AnswersAsk }) {
  const t = useDeskTeller();
  const { play, teaching, fives } = asks;
  const key = everythingKey(
    asks,
    leavesOf(play).map((f) => f.id),
  );
  const [done, setDone] = useState<{ key: string; all: readonly AgainstOne[] } | null>(null);
  const leave = useRef<(() => void) | null>(null);
  useEffect(() => () => leave.current?.(), [key]);
  const begin = (): void => {
    leave.current?.();
    setDone({ key, all: [] });
    const question = questions.ask(
      'everything',
      { play, teaching, fives },
      {
        key,
        priority: 'soon',
        onPart: (one) => setDone((d) => ({ key, all: [...(d?.key === key ? d.all : []), one] })),
      },
    );
    question.answer.then(
      (all) => all && setDone({ key, all }),
      () => setDone(null),
    );
    leave.current = question.cancel;
  };
  const all = done?.key === key ? done.all : [];
  const working = all.length > 0 && all.length < PRESETS.length;
  const least = Math.min(...all.map((o) => o.worth));
  return (
    <section aria-busy={working}>
      <h3 style={{ marginTop: 16 }}>Against everything</h3>
      {all.length === 0 ? (
        <Button onPress={begin}>Try every defence</Button>
      ) : (
        <Table>
          <thead>
            <tr>
              <th scope="col">they play</th>
              <th scope="col">best ending</th>
              <th scope="col">worth</th>
            </tr>
          </thead>
          <tbody>
            {PRESETS.map((p) => {
              const one = all.find((o) => o.key === p.key);
              if (!one) return null;
              return (
                <tr key={p.key} {...(one.worth === least ? { 'data-least': true } : {})}>
                  <td>
                    <button type="button" onClick={() => takeDefence(p.defence)}>
                      {p.defence.name}
                    </button>
                  </td>
                  <td>
                    <button type="button" onClick={() => goToEnding(one.leaf)}>
                      {endingOf(play, one.leaf, t)}
                    </button>
                  </td>
                  <td>{one.worth.toFixed(2)}</td>
                </tr>
              );
            })}
          </tbody>
        </Table>
      )}
    </section>
  );
}
