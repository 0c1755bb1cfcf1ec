import styled from 'styled-components';

/** A row of choices side by side of which one holds: buttons that are pressed, or links to where one is. */
export const Segments = styled.div`
  display: flex;
  flex: none;
  max-width: 100%;
  border: 1px solid var(--rule-2);
  border-radius: 2px;
  overflow-x: auto;
  > * {
    display: inline-flex;
    align-items: center;
    justify-content: center;
    min-height: 30px;
    padding: 0 10px;
    border: 0;
    border-right: 1px solid var(--rule);
    border-radius: 0;
    background: var(--raised);
    color: var(--ink);
    text-decoration: none;
    font: 640 13.5px/1 'Archivo Variable';
    font-stretch: 77%;
    white-space: nowrap;
  }
  > :last-child {
    border: 0;
  }
  > [aria-pressed='true'],
  > [aria-current] {
    background: var(--ink);
    color: var(--on-ink);
  }
  i {
    font-style: normal;
    margin-left: 5px;
    color: var(--ink-3);
  }
  [aria-pressed='true'] i {
    color: inherit;
  }
  @media (max-width: 600px) {
    flex-wrap: wrap;
  }
  @media (pointer: coarse) {
    > * {
      min-height: 44px;
    }
  }
`;
