import styled from 'styled-components';

/** How many there are of each, large figures before small words; `bad` is what must be seen. */
export const Counts = styled.p`
  display: flex;
  gap: 14px;
  margin-bottom: 10px;
  font-size: 13px;
  color: var(--ink-2);
  span {
    white-space: nowrap;
  }
  b {
    font: 740 20px/1 'Archivo Variable';
    font-stretch: 72%;
    margin-right: 4px;
    color: var(--ink);
  }
  .bad b {
    color: var(--gap);
  }
`;
