import styled from 'styled-components';

/** The row under the court: it says what the hand does, and what can be done next. */
export const Row = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: center;
  gap: 6px 12px;
  min-height: 62px;
  padding: 5px 12px;
  /* On a tablet it wraps into two lines when a man is chosen: the court does not move for it. */
  @media (max-width: 1023px) {
    min-height: 106px;
  }
  @media (min-width: 1024px) {
    flex-wrap: nowrap;
  }
  .verbs {
    display: flex;
    border: 1px solid var(--pen);
    border-radius: 3px;
    background: var(--raised);
    flex: none;
    max-width: 100%;
    overflow-x: auto;
  }
  .hint {
    color: var(--ink-2);
    font-size: 13px;
  }
  .notice {
    color: var(--gap);
    font-size: 13px;
  }
  .hint b {
    font: 700 13.5px/1 'Archivo Variable';
    font-stretch: 77%;
    color: var(--ink);
  }
`;
