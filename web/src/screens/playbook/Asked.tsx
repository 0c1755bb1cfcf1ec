import { wantedWords, type Query } from '@corkscrew/core';
import styled from 'styled-components';

const Row = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 8px;
  padding: 7px 14px;
  border-bottom: 1px solid var(--rule);
  background: var(--sheet);
  span.chip {
    padding: 4px 9px;
    border: 1px solid var(--pen);
    color: var(--pen);
    background: var(--raised);
    font: 640 12.5px/1.1 'Archivo Variable';
    font-stretch: 77%;
  }
  p {
    color: var(--ink-2);
  }
`;

/** What was understood of what was typed, and whether anything has all of it. */
export function Asked({ query, near, waiting }: { query: Query; near: boolean; waiting: boolean }) {
  return (
    <Row role="status">
      {query.wanted.map((w) => (
        <span key={wantedWords(w)} className="chip">
          {wantedWords(w)}
        </span>
      ))}
      {query.words.map((w) => (
        <span key={w} className="chip">
          “{w}”
        </span>
      ))}
      <p>
        {waiting
          ? 'Looking what each of them has…'
          : near
            ? 'No play has all of that. These lack one thing:'
            : 'Best first.'}
      </p>
    </Row>
  );
}
