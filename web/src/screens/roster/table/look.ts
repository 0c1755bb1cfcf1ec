import styled from 'styled-components';

/** The table of players: a ruled sheet, its cells written in place, name and shirt always in sight. */
export const Sheet = styled.section`
  display: grid;
  grid-template-rows: auto minmax(0, 1fr);
  min-height: 0;
  background: var(--sheet);
  .narrow {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 12px;
    align-items: end;
    padding: 10px 14px;
  }
  .narrow label {
    display: grid;
    gap: 4px;
  }
  .narrow p {
    margin-left: auto;
    color: var(--ink-2);
    font-size: 13px;
  }
  .narrow p[data-wrong] {
    color: var(--gap);
  }
  .roll {
    overflow: auto;
    padding: 0 0 20px;
  }
  table {
    border-collapse: separate;
    border-spacing: 0;
    width: 100%;
  }
  th,
  td {
    border-bottom: 1px solid var(--rule);
    border-right: 1px solid var(--rule);
    padding: 0;
    height: 34px;
    background: var(--sheet);
  }
  thead th {
    position: sticky;
    top: 0;
    z-index: 2;
    vertical-align: bottom;
    border-bottom: 2px solid var(--ink);
  }
  thead button {
    display: flex;
    align-items: end;
    gap: 2px;
    width: 100%;
    min-height: 38px;
    padding: 4px 5px;
    border: 0;
    background: none;
    color: var(--ink);
    font: 640 12px/1.1 'Archivo Variable';
    font-stretch: 75%;
    text-align: left;
  }
  [data-of='shirt'],
  [data-of='name'] {
    position: sticky;
    left: 0;
    z-index: 1;
  }
  [data-of='name'] {
    left: 44px;
  }
  thead [data-of='shirt'],
  thead [data-of='name'] {
    z-index: 3;
  }
  td input,
  td select {
    width: 100%;
    min-width: 44px;
    height: 33px;
    min-height: 33px;
    padding: 0 5px;
    border: 0;
    border-radius: 0;
    background: none;
    color: var(--ink);
    font: 500 13.5px/1 'Archivo Variable';
    font-stretch: 80%;
  }
  [data-of='shirt'] input {
    width: 44px;
    font-weight: 700;
  }
  [data-of='name'] input {
    min-width: 148px;
    font-weight: 640;
  }
  [data-of='year'] input {
    min-width: 62px;
  }
  td select {
    min-width: 74px;
  }
  [data-of='speed'] select {
    min-width: 92px;
  }
  td:focus-within {
    outline: 2px solid var(--pen);
    outline-offset: -2px;
    background: var(--raised);
  }
  td input:focus,
  td select:focus {
    outline: none;
  }
  td > button {
    min-height: 26px;
    margin: 0 4px;
  }
  .none {
    padding: 14px;
    color: var(--ink-2);
  }
  @media (pointer: coarse) {
    td,
    td input,
    td select {
      height: 44px;
      min-height: 44px;
    }
  }
`;
