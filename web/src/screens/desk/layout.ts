import styled from 'styled-components';
import { ON_ITS_SIDE } from '../../app/size.ts';

/** The desk as a whole: the bar, what must be asked, and the columns. */
export const Page = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  grid-template-rows: 60px auto minmax(0, 1fr);
  height: 100vh;
  height: 100dvh;
  min-height: 620px;
  overflow: hidden;
  .title {
    display: flex;
    gap: 20px;
    align-items: center;
    min-width: 0;
    flex: 1;
    margin-left: 30px;
  }
  .title h1 {
    font-size: 27px;
    line-height: 1.1;
    font-weight: 740;
    font-stretch: 70%;
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
    min-width: 0;
    flex: 0 1 auto;
  }
  .fact {
    display: grid;
    gap: 4px;
    flex: none;
    max-width: 150px;
  }
  .fact b {
    font: 640 14px/1.2 'Archivo Variable';
    font-stretch: 77%;
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
  }
  @media (max-width: 1279px) {
    .fact.more {
      display: none;
    }
  }
  @media (max-width: 1023px) {
    min-height: 960px;
    .fact {
      display: none;
    }
    .title {
      margin-left: 0;
    }
  }
  @media (max-width: 600px) {
    min-height: 620px;
    .title h1 {
      font-size: 20px;
    }
  }
  @media ${ON_ITS_SIDE} {
    min-height: 0;
  }
`;

/** Side by side where there is room; the panel over the court where there is less; all below each other on a tablet. */
export const Columns = styled.div`
  position: relative;
  display: grid;
  grid-template-columns: 256px minmax(0, 1fr) 320px;
  min-height: 0;
  > * {
    min-height: 0;
    min-width: 0;
  }
  @media (min-width: 1600px) {
    grid-template-columns: 256px minmax(0, 1fr) 400px;
  }
  @media (min-width: 1680px) {
    grid-template-columns: 256px minmax(0, 1fr) 680px;
  }
  &[data-script] {
    grid-template-columns: 64px minmax(0, 1fr) 560px;
  }
  @media (min-width: 1680px) {
    &[data-script] {
      grid-template-columns: 64px minmax(0, 1fr) 860px;
    }
  }
  @media (max-width: 1279px) {
    grid-template-columns: 208px minmax(0, 1fr) 42px;
  }
  @media (max-width: 1023px) {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: auto minmax(0, 1fr) auto;
  }
  /* The court has all of the height, and what goes with it stands beside it. */
  @media ${ON_ITS_SIDE} {
    grid-template: auto auto minmax(0, 1fr) / minmax(0, 1.3fr) minmax(0, 1fr);
    background: var(--sheet);
    > :first-child {
      grid-area: 1 / 2;
    }
  }
`;

/** Caption, court, the row of the hand, and the score. */
export const Centre = styled.main`
  display: grid;
  grid-template-rows: auto minmax(0, 1fr) auto auto;
  background: var(--sheet);
  min-width: 0;
  min-height: 0;
  .strip {
    display: flex;
    align-items: center;
    gap: 10px;
    min-height: 38px;
    padding: 6px 12px 0 16px;
    min-width: 0;
  }
  .strip .no {
    width: 19px;
    height: 19px;
    display: grid;
    place-items: center;
    background: var(--ink);
    color: var(--on-ink);
    font: 700 13px/1 'Archivo Variable';
    font-stretch: 74%;
    flex: none;
  }
  .strip p {
    flex: 1;
    min-width: 0;
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
    color: var(--ink-2);
  }
  .strip b {
    font: 700 15.5px/1.15 'Archivo Variable';
    font-stretch: 76%;
    color: var(--ink);
    margin-right: 6px;
  }
  .views {
    display: flex;
    gap: 10px;
    align-items: center;
    flex: none;
  }
  .court {
    min-height: 0;
    padding: 0 6px;
    outline: none;
  }
  .court:focus-visible {
    outline: 2px solid var(--pen-w);
    outline-offset: -2px;
  }
  @media (max-width: 1023px) {
    .strip p {
      white-space: normal;
      display: -webkit-box;
      -webkit-line-clamp: 2;
      -webkit-box-orient: vertical;
    }
  }
  @media (max-width: 600px) {
    grid-template-rows: auto auto minmax(0, 1fr);
    align-content: start;
    /* The court fills the width, and its caption stands below it. */
    .court {
      order: -1;
      padding: 0;
    }
    .strip {
      align-items: flex-start;
      padding: 8px 12px;
    }
    .strip p {
      display: block;
      font-size: 15px;
    }
  }
  @media ${ON_ITS_SIDE} {
    display: contents;
    .court {
      grid-area: 1 / 1 / 4 / 2;
      padding: 6px;
    }
    .strip {
      grid-area: 2 / 2;
      padding: 10px 12px;
    }
    .strip p {
      display: block;
    }
    > :last-child {
      grid-area: 3 / 2;
    }
  }
`;
