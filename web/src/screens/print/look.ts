import styled from 'styled-components';

/** The pages in the middle, what is chosen at the side. */
export const Page = styled.div`
  display: grid;
  grid-template-rows: 60px minmax(0, 1fr);
  height: 100dvh;
  h1 {
    font-size: 27px;
    line-height: 1.1;
    font-weight: 740;
    font-stretch: 70%;
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
  }
  h1 {
    min-width: 0;
  }
  @media (max-width: 1023px) {
    h1 {
      display: none;
    }
  }
  @media (max-width: 600px) {
    .views {
      display: none;
    }
  }
  .columns {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 330px;
    min-height: 0;
  }
  .pages {
    overflow: auto;
    display: grid;
    gap: 22px;
    justify-items: center;
    align-content: start;
    padding: 22px;
  }
  .pages[data-old] {
    opacity: 0.55;
  }
  .sheet {
    width: min(100%, 760px);
    border: 1px solid var(--rule-2);
    background: #fff;
  }
  .sheet svg {
    display: block;
    width: 100%;
    height: auto;
  }
  .say {
    color: var(--ink-2);
    max-width: 420px;
    padding: 60px 0;
    text-align: center;
  }
  aside {
    border-left: 1px solid var(--rule);
    overflow: auto;
    padding: 14px;
    display: grid;
    gap: 14px;
    align-content: start;
  }
  aside h2 {
    font-size: 16px;
    font-weight: 700;
    font-stretch: 74%;
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    justify-content: space-between;
    gap: 6px 10px;
    padding-bottom: 8px;
    border-bottom: 1px solid var(--rule);
    color: var(--ink-2);
  }
  .row select {
    max-width: 210px;
  }
  .note {
    color: var(--ink-2);
  }
  .lacks {
    box-shadow: inset 3px 0 var(--gap);
    padding-left: 10px;
  }
  .made {
    display: grid;
    gap: 0;
  }
  .made li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto auto;
    gap: 2px 6px;
    align-items: center;
    padding: 7px 0;
    border-top: 1px solid var(--rule);
  }
  .made b {
    font: 680 14px/1.2 'Archivo Variable';
    font-stretch: 76%;
    overflow-wrap: anywhere;
  }
  .made small {
    grid-column: 1;
    font-size: 12.5px;
    color: var(--ink-2);
  }
  .made li[data-state='failed'] small {
    color: var(--gap);
  }
  .made a,
  .made button {
    grid-row: 1 / 3;
  }
  .made a {
    grid-column: 2;
    display: grid;
    place-items: center;
    min-width: 32px;
    min-height: 32px;
    color: var(--pen);
  }
  .made button {
    grid-column: 3;
  }
  progress {
    grid-column: 1;
    width: 100%;
    height: 6px;
    accent-color: var(--pen);
  }
  @media (max-width: 860px) {
    height: auto;
    min-height: 100dvh;
    .columns {
      grid-template-columns: minmax(0, 1fr);
    }
    aside {
      border-left: 0;
      grid-row: 1;
    }
  }
  @media (pointer: coarse) {
    .made a {
      min-width: 44px;
      min-height: 44px;
    }
  }
`;
