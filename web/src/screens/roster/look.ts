import styled from 'styled-components';
import { fitLook } from './fit-look.ts';

/** The roster as a whole: the men, one play, and the whole sheet beside each other. */
export const Page = styled.div`
  ${fitLook}
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  grid-template-rows: 60px minmax(0, 1fr);
  height: 100vh;
  height: 100dvh;
  .said {
    font-size: 27px;
    font-weight: 740;
    font-stretch: 70%;
    line-height: 1;
    white-space: nowrap;
  }
  .columns {
    display: grid;
    grid-template-columns: minmax(0, 350px) minmax(0, 1fr) minmax(0, 420px);
    min-height: 0;
  }
  .columns > section {
    min-height: 0;
    overflow: auto;
    border-right: 1px solid var(--rule-2);
  }
  .columns > :last-child {
    border: 0;
  }
  .players {
    display: flex;
    flex-direction: column;
  }
  .players > ul {
    flex: 1 1 40%;
    min-height: 120px;
    overflow: auto;
  }
  .fit {
    background: var(--sheet);
  }
  .head {
    display: flex;
    flex-wrap: wrap;
    gap: 6px 12px;
    align-items: center;
    padding: 10px 14px;
  }
  .head h2 {
    font-size: 16px;
    font-weight: 700;
    font-stretch: 74%;
  }
  .head p,
  .none,
  .as {
    color: var(--ink-2);
    font-size: 12.5px;
  }
  .none {
    padding: 14px;
  }
  .head > :last-child {
    margin-left: auto;
  }
  .players > ul button {
    display: grid;
    grid-template-columns: 34px minmax(0, 1fr) auto auto;
    gap: 8px;
    align-items: center;
    width: 100%;
    min-height: 48px;
    padding: 5px 14px;
    border: 0;
    border-top: 1px solid var(--rule);
    border-left: 3px solid transparent;
    background: none;
    color: var(--ink);
    text-align: left;
  }
  .players > ul button[aria-pressed='true'] {
    background: var(--raised);
    border-left-color: var(--pen);
  }
  .lists {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
    padding: 10px 14px 0;
  }
  .list-told {
    display: grid;
    justify-items: start;
    gap: 6px;
    padding: 10px 14px;
    background: var(--raised);
    font-size: 13px;
  }
  .shirt {
    font: 700 19px/1 'Archivo Variable';
    font-stretch: 74%;
  }
  .who b,
  .name {
    display: block;
    font: 640 14.5px/1.2 'Archivo Variable';
    font-stretch: 77%;
    overflow-wrap: anywhere;
  }
  .who i,
  .name i,
  .other i {
    font: 400 12.5px/1.3 'Atkinson Hyperlegible Next Variable';
    color: var(--ink-2);
  }
  [data-presence='out'] .who,
  [data-presence='out'] .shirt {
    color: var(--ink-2);
  }
  .there {
    width: 9px;
    height: 22px;
    border: 1px solid var(--ink);
    background: var(--ink);
  }
  .there[data-as='limited'] {
    background: linear-gradient(var(--raised) 50%, var(--ink) 50%);
  }
  .there[data-as='out'] {
    border-style: dashed;
    background: none;
  }
  .lineups {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
    padding: 0 14px 10px;
  }
  .lineups label {
    flex: 1 1 150px;
  }
  .disc,
  .ring,
  .hole {
    display: inline-grid;
    place-items: center;
    min-width: 21px;
    height: 21px;
    border: 1.4px solid var(--ink);
    border-radius: 50%;
    font: 700 12px/1 'Archivo Variable';
    font-stretch: 80%;
  }
  .disc {
    background: var(--ink);
    color: var(--on-ink);
  }
  .fit .disc {
    min-width: 26px;
    height: 26px;
    font-size: 14px;
  }
  .ring {
    border-color: var(--ink-3);
  }
  .ring[data-small] {
    min-width: 16px;
    height: 18px;
    font-size: 11.5px;
  }
  .called {
    font: 640 10.5px 'Archivo Variable';
    font-stretch: 77%;
    fill: var(--ink);
    paint-order: stroke;
    stroke: var(--sheet);
    stroke-width: 3px;
  }
  .hole {
    border: 1.6px dashed var(--gap);
    color: var(--gap);
  }
  .name i {
    margin-left: 6px;
  }
  .name,
  .other {
    padding: 0;
    min-height: 24px;
    border: 0;
    background: none;
    color: var(--ink);
    text-align: left;
  }
  .other {
    display: flex;
    gap: 8px;
    align-items: baseline;
    color: var(--pen);
    font: 640 13px/1.3 'Archivo Variable';
    font-stretch: 77%;
  }
  .gap {
    color: var(--gap);
  }
  .roll {
    overflow-x: auto;
    padding: 0 14px;
  }
  .sheet table {
    border-collapse: collapse;
  }
  .sheet thead th {
    padding: 0;
    vertical-align: bottom;
  }
  .sheet thead button {
    display: block;
    width: 100%;
    padding: 4px 0;
    border: 0;
    background: none;
    color: var(--ink);
  }
  .sheet thead span {
    display: inline-block;
    max-height: 118px;
    overflow: hidden;
    text-overflow: ellipsis;
    writing-mode: vertical-rl;
    transform: rotate(180deg);
    font: 640 13px/1.1 'Archivo Variable';
    font-stretch: 77%;
    white-space: nowrap;
  }
  .sheet thead [data-here] button {
    color: var(--pen);
  }
  .sheet tbody th button {
    display: flex;
    gap: 8px;
    min-width: 118px;
    min-height: 28px;
    padding: 0;
    border: 0;
    align-items: center;
    background: none;
    color: var(--ink);
    font: 640 13px/1 'Archivo Variable';
    font-stretch: 77%;
    white-space: nowrap;
  }
  .sheet tbody th i {
    width: 18px;
    color: var(--ink-2);
    font-style: normal;
  }
  .sheet th:first-child {
    position: sticky;
    left: 0;
    z-index: 1;
    background: var(--desk);
  }
  .sheet td {
    min-width: 34px;
    height: 28px;
    text-align: center;
    white-space: nowrap;
    border-bottom: 1px solid var(--rule);
  }
  .sheet tbody th {
    border-bottom: 1px solid var(--rule);
  }
  .sheet td[data-here] {
    background: var(--sheet);
  }
  .sheet tr[data-here] {
    background: var(--raised);
  }
  .sheet tfoot th {
    text-align: left;
    font-size: 13px;
  }
  .key {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
    align-items: center;
    padding: 8px 14px;
    font-size: 12.5px;
    color: var(--ink-2);
  }
  .settled .row {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
    margin-top: 6px;
  }
  summary {
    min-height: 24px;
    font: 640 13px/1.3 'Archivo Variable';
    font-stretch: 77%;
  }
  .told .looks {
    border-collapse: collapse;
    margin-top: 6px;
  }
  .looks th,
  .looks td {
    padding: 3px 12px 3px 0;
    text-align: right;
    font-size: 12.5px;
    font-weight: 400;
    border: 0;
    height: auto;
  }
  .looks th:first-child {
    position: static;
    background: none;
    text-align: left;
  }
  .looks thead th {
    color: var(--ink-2);
  }
  .told li {
    padding: 9px 14px;
    border-top: 1px solid var(--rule);
    font-size: 13px;
    line-height: 1.35;
  }
  @media (max-width: 1180px) {
    .columns {
      grid-template-columns: minmax(0, 300px) minmax(0, 1fr);
      grid-auto-rows: max-content;
      align-content: start;
      overflow: auto;
    }
    .columns > section {
      overflow: visible;
    }
    .players > ul,
    .players > section {
      flex: none;
      overflow: visible;
    }
    .sheet {
      grid-column: 1 / -1;
      border-top: 1px solid var(--rule-2);
    }
  }
  @media (max-width: 1000px) {
    .said {
      display: none;
    }
  }
  @media (max-width: 760px) {
    .columns {
      grid-template-columns: minmax(0, 1fr);
    }
    .fit th,
    .fit td {
      padding-left: 8px;
    }
  }
  @media (pointer: coarse) {
    summary,
    .name,
    .other,
    .sheet tbody th button {
      min-height: 44px;
    }
  }
`;
