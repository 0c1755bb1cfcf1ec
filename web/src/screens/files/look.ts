import styled from 'styled-components';

/** What comes in and what goes out, below each other. */
export const Page = styled.div`
  display: grid;
  grid-template-rows: 60px minmax(0, 1fr);
  min-height: 100dvh;
  h1 {
    font-size: 27px;
    line-height: 1.1;
    font-weight: 740;
    font-stretch: 70%;
  }
  main {
    padding: 22px;
    width: min(1080px, 100%);
    margin: 0 auto;
    display: grid;
    gap: 16px;
    align-content: start;
  }
  .drop {
    border: 1.5px dashed var(--rule-2);
    background: var(--sheet);
    padding: 26px;
    display: flex;
    flex-wrap: wrap;
    gap: 12px 16px;
    align-items: center;
    color: var(--ink-2);
  }
  .drop[data-over] {
    border-color: var(--pen);
    background: var(--pen-w);
  }
  .drop p {
    flex: 1 1 280px;
  }
  h2 {
    font-size: 16px;
    font-weight: 700;
    font-stretch: 74%;
  }
  .counts {
    display: flex;
    flex-wrap: wrap;
    gap: 6px 18px;
    align-items: baseline;
    color: var(--ink-2);
  }
  .counts b {
    font: 740 20px/1 'Archivo Variable';
    font-stretch: 72%;
    color: var(--ink);
    margin-right: 5px;
  }
  table {
    width: 100%;
    border-collapse: collapse;
    background: var(--sheet);
  }
  th,
  td {
    text-align: left;
    padding: 6px 10px;
    border-top: 1px solid var(--rule);
    vertical-align: middle;
  }
  thead th {
    font: 600 12px/1 'Archivo Variable';
    font-stretch: 80%;
    color: var(--ink-2);
  }
  td b {
    font: 700 15px/1.2 'Archivo Variable';
    font-stretch: 76%;
    overflow-wrap: anywhere;
  }
  td small {
    display: block;
    font-size: 12.5px;
    color: var(--ink-2);
    overflow-wrap: anywhere;
  }
  .standing {
    font: 640 13.5px/1.2 'Archivo Variable';
    font-stretch: 77%;
    white-space: nowrap;
  }
  .refused li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 1.4fr);
    gap: 10px;
    padding: 6px 10px;
    border-top: 1px solid var(--rule);
    border-left: 3px solid var(--gap);
    background: var(--sheet);
    overflow-wrap: anywhere;
  }
  .out,
  .backups {
    margin-top: 12px;
  }
  .backups li {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 14px;
    align-items: center;
    padding: 5px 0;
    border-top: 1px solid var(--rule);
    color: var(--ink-2);
  }
  .backups a {
    color: var(--pen);
    font-weight: 640;
  }
  .backups .row {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 12px;
    align-items: center;
    margin: 10px 0;
  }
  .out ul {
    display: grid;
    gap: 8px;
    margin-top: 10px;
  }
  .out li {
    display: grid;
    grid-template-columns: 132px minmax(0, 1fr);
    gap: 12px;
    align-items: center;
    color: var(--ink-2);
  }
  .do {
    position: sticky;
    bottom: 0;
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 10px 16px;
    padding: 12px 0;
    background: var(--desk);
    border-top: 1px solid var(--ink);
  }
  .do label {
    display: flex;
    gap: 8px;
    align-items: center;
  }
  @media (max-width: 640px) {
    main {
      padding: 12px;
    }
    .refused li {
      grid-template-columns: 1fr;
    }
    th.where,
    td.where {
      display: none;
    }
  }
`;
