import styled from 'styled-components';
import { textures } from './band-look.ts';

/** Two weeks beside how ready everything is. */
export const Page = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  grid-template-rows: 60px minmax(0, 1fr);
  height: 100vh;
  height: 100dvh;
  .next {
    min-width: 0;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  .said {
    font-size: 27px;
    font-weight: 740;
    font-stretch: 70%;
    line-height: 1;
  }
  .both {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 292px;
    min-height: 0;
  }
  .weeks,
  .side {
    min-height: 0;
    overflow: auto;
  }
  .side {
    background: var(--sheet);
    border-left: 1px solid var(--rule-2);
  }
  .turn {
    display: flex;
    justify-content: space-between;
    padding: 8px 12px 0;
  }
  .none {
    padding: 14px;
    color: var(--ink-2);
  }
  .strip {
    width: 11px;
    border: 1px solid var(--ink);
    flex: none;
  }
  ${textures}
  @media (max-width: 1023px) {
    .both {
      grid-template-columns: minmax(0, 1fr);
      overflow: auto;
      grid-auto-rows: max-content;
      align-content: start;
    }
    .weeks,
    .side {
      overflow: visible;
    }
    .side {
      border: 0;
      border-top: 1px solid var(--rule-2);
    }
    /* What is in hand stands under the weeks, in sight: both are scrolled by themselves. */
    .both[data-open] {
      grid-template-rows: minmax(0, 1fr) minmax(0, 52%);
      align-content: stretch;
      overflow: hidden;
    }
    .both[data-open] > * {
      overflow: auto;
    }
    .both[data-open] > .side {
      border-top: 3px double var(--ink);
    }
    .side .head > button {
      order: 2;
    }
  }
  @media (max-width: 1023px) {
    .next {
      display: none;
    }
  }
  @media (max-width: 900px) {
    .said {
      display: none;
    }
  }
`;

/** The column on the right: what is in hand, and how ready everything is. */
export const SideColumn = styled.div`
  .head {
    display: flex;
    flex-wrap: wrap;
    gap: 6px 10px;
    justify-content: space-between;
    align-items: baseline;
    padding: 14px 14px 10px;
    border-bottom: 2px solid var(--ink);
  }
  h2 {
    font-size: 16px;
    font-weight: 700;
    font-stretch: 74%;
    line-height: 1.15;
    overflow-wrap: anywhere;
  }
  h3 {
    display: flex;
    justify-content: space-between;
    padding: 10px 14px 4px;
    font: 700 12.5px/1.2 'Archivo Variable';
    font-stretch: 80%;
  }
  h3 i,
  .head i {
    font-style: normal;
    font-weight: 400;
    color: var(--ink-2);
    font-size: 12px;
  }
  .play {
    display: block;
    width: 100%;
    padding: 7px 14px 9px;
    border: 0;
    border-bottom: 1px solid var(--rule);
    border-left: 3px solid transparent;
    background: none;
    color: var(--ink);
    text-align: left;
  }
  .play[aria-pressed='true'] {
    background: var(--raised);
    border-left-color: var(--pen);
  }
  .play > span {
    display: flex;
    justify-content: space-between;
    gap: 8px;
    align-items: baseline;
  }
  .play b {
    font: 640 13.5px/1.2 'Archivo Variable';
    font-stretch: 77%;
  }
  .play small {
    margin-left: 7px;
    font-size: 12.5px;
    font-weight: 460;
    color: var(--ink-2);
  }
  .play i {
    flex: none;
    font-style: normal;
    font-size: 12.5px;
    text-align: right;
    color: var(--ink-2);
  }
  .play[data-is='notOnCourse'] i {
    color: var(--gap);
  }
  .bar {
    display: block;
    width: 100%;
    max-width: 340px;
    height: 11px;
    margin-top: 5px;
  }
  a {
    color: var(--pen);
  }
  .told {
    padding: 12px 14px;
    border-bottom: 1px solid var(--rule-2);
    font-size: 13px;
    line-height: 1.4;
  }
  .told p {
    margin-bottom: 8px;
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
    align-items: center;
  }
  .told > p:last-child,
  .row + p {
    margin: 8px 0 0;
  }
  .over {
    color: var(--gap);
  }
  summary {
    min-height: 26px;
    font: 640 13.5px/1.3 'Archivo Variable';
    font-stretch: 77%;
  }
  @media (pointer: coarse) {
    summary {
      min-height: 44px;
    }
  }
  .fields {
    display: grid;
    gap: 9px;
    padding: 10px 14px 14px;
    border-bottom: 1px solid var(--rule-2);
  }
  .fields label {
    display: grid;
    gap: 3px;
  }
  .pair {
    display: grid;
    grid-template-columns: 1fr 1fr;
    align-items: end;
    gap: 8px;
  }
  .far li {
    display: grid;
    gap: 1px;
    padding: 4px 0;
    font-size: 13px;
  }
  .far span {
    color: var(--ink-2);
  }
  .gives li {
    display: grid;
    gap: 3px;
    justify-items: start;
    padding: 9px 14px;
    border-top: 1px solid var(--rule);
    font-size: 13px;
  }
  .gives b {
    font: 640 14px/1.25 'Archivo Variable';
    font-stretch: 77%;
  }
  .moves li {
    padding: 5px 14px;
    border-top: 1px solid var(--rule);
    font-size: 12.5px;
    line-height: 1.35;
  }
  .key {
    padding: 10px 14px;
    color: var(--ink-2);
    font-size: 12.5px;
  }
`;
