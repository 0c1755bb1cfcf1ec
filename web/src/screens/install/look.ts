import styled from 'styled-components';

/** Minutes of a practice as they are drawn. */
export const PX_A_MINUTE = 3.3;
/** A block is never lower, so that it can be read. */
export const LOWEST = 25;
/** Lower than this its note stands beside its name. */
export const LOW = 37;

/** How far a line is, as a texture: dots, hatch, solid. */
const textures = `
  [data-stage='walk'] > .strip,
  .strip[data-stage='walk'] {
    background: radial-gradient(var(--ink) 1.1px, transparent 1.4px) 0 0 / 4px 4px;
  }
  [data-stage='guided'] > .strip,
  [data-stage='breakdown'] > .strip,
  .strip[data-stage='guided'] {
    background: repeating-linear-gradient(135deg, var(--ink) 0 1.4px, transparent 1.4px 4px);
  }
  [data-stage='live'] > .strip,
  [data-stage='situation'] > .strip,
  .strip[data-stage='live'] {
    background: var(--ink);
  }
`;

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

/** A week: practices to scale, rest days narrow, games with what is called in them. */
export const Band = styled.section`
  position: relative;
  min-height: 370px;
  border-bottom: 1px solid var(--rule-2);
  overflow-x: auto;
  h2 {
    padding: 7px 12px 0;
    font: 640 13px/1 'Archivo Variable';
    font-stretch: 77%;
    color: var(--ink-2);
  }
  .days {
    display: flex;
    gap: 0;
    padding: 4px 6px 10px;
    min-height: 342px;
  }
  .day {
    flex: 1 1 0;
    min-width: 138px;
    padding: 0 6px;
    border-right: 1px solid var(--rule);
  }
  .rest {
    flex: 0 0 30px;
    min-width: 30px;
    padding: 6px 0;
    text-align: center;
    color: var(--ink-2);
    border-right: 1px solid var(--rule);
    font: 640 12.5px/1.25 'Archivo Variable';
    font-stretch: 77%;
    white-space: pre-line;
  }
  .days > :last-child {
    border-right: 0;
  }
  [data-today] {
    box-shadow: inset 3px 0 var(--live);
  }
  .rest[data-today],
  [data-today] > .title b {
    color: var(--live-t);
  }
  .title {
    display: flex;
    width: 100%;
    min-height: 30px;
    padding: 6px 4px 4px;
    gap: 8px;
    justify-content: space-between;
    align-items: baseline;
    flex-wrap: wrap;
    border: 0;
    background: none;
    color: var(--ink);
    text-align: left;
  }
  .title b {
    font: 700 15px/1 'Archivo Variable';
    font-stretch: 74%;
    white-space: nowrap;
  }
  .title i,
  .given i {
    font-style: normal;
    color: var(--ink-2);
    font-size: 12px;
    white-space: nowrap;
  }
  .title[aria-pressed='true'] {
    background: var(--pen-w);
  }
  .sheet {
    border: 1px solid var(--rule);
    border-top: 2px solid var(--ink);
    background: var(--sheet);
  }
  [data-missed] .sheet {
    opacity: 0.75;
    border-style: dashed;
  }
  .given {
    display: flex;
    justify-content: space-between;
    gap: 6px;
    padding: 4px 6px;
    border-bottom: 1px solid var(--rule);
    font-size: 12.5px;
  }
  .given b {
    font: 700 13px/1.2 'Archivo Variable';
    font-stretch: 76%;
  }
  .over {
    color: var(--gap);
  }
  .block {
    display: flex;
    width: 100%;
    gap: 8px;
    align-items: stretch;
    padding: 0;
    border: 0;
    border-bottom: 1px solid var(--rule-2);
    background: var(--raised);
    color: var(--ink);
    text-align: left;
    touch-action: manipulation;
  }
  .block > .strip {
    border-width: 0 1px 0 0;
  }
  .block[data-is='other'] {
    background: none;
    border-color: transparent;
    color: var(--ink-2);
  }
  .block[data-is='other'] > .strip {
    visibility: hidden;
  }
  .block > span:not(.strip) {
    flex: 1;
    min-width: 0;
    padding: 4px 0 2px;
  }
  .block b {
    display: block;
    font: 640 13.5px/1.15 'Archivo Variable';
    font-stretch: 77%;
    overflow-wrap: anywhere;
  }
  .block[data-is='other'] b {
    font: 400 12.5px/1.2 'Atkinson Hyperlegible Next Variable';
  }
  .block i {
    font-style: normal;
    font-size: 12px;
    color: var(--ink-2);
  }
  .block[data-low] > span:not(.strip) {
    display: flex;
    gap: 8px;
    align-items: baseline;
  }
  .block[data-low] i {
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
  }
  .block em {
    padding: 4px 6px 0 0;
    font: 640 13px/1.15 'Archivo Variable';
    font-stretch: 77%;
  }
  .block[aria-pressed='true'],
  .call[data-thread] {
    outline: 2px solid var(--pen);
    outline-offset: -2px;
  }
  .block[data-thread]:not([aria-pressed='true']) {
    outline: 1.5px solid var(--pen);
    outline-offset: -2px;
  }
  .block[data-new] {
    background: var(--pen-w);
    color: var(--pen);
  }
  .block[data-held] {
    opacity: 0.45;
  }
  .block[data-drop],
  .free[data-drop] {
    box-shadow: inset 0 3px var(--pen);
  }
  .block .tick {
    margin-left: 5px;
    color: var(--ink);
  }
  .free {
    padding: 5px 6px;
    color: var(--ink-2);
    font-size: 12px;
    min-height: 24px;
  }
  .game {
    padding: 9px 10px;
    background: var(--ink);
    color: var(--on-ink);
  }
  .game b {
    display: block;
    font: 700 14px/1.2 'Archivo Variable';
    font-stretch: 74%;
    overflow-wrap: anywhere;
  }
  .call {
    display: flex;
    gap: 8px;
    width: 100%;
    min-height: 25px;
    align-items: center;
    padding: 2px 8px;
    border: 0;
    border-bottom: 1px solid var(--rule);
    background: none;
    color: var(--ink);
    text-align: left;
    font: 640 13px/1.15 'Archivo Variable';
    font-stretch: 77%;
  }
  .call > .strip {
    height: 11px;
  }
  .thread {
    position: absolute;
    inset: 0;
    pointer-events: none;
    overflow: visible;
  }
  ${textures}
  @media (max-width: 760px) {
    .days {
      flex-direction: column;
      padding: 0 8px 10px;
    }
    .day {
      border: 0;
    }
    .rest {
      display: none;
    }
    .thread {
      display: none;
    }
  }
  @media (pointer: coarse) {
    .block,
    .call {
      min-height: 36px;
    }
    .title {
      min-height: 44px;
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
    white-space: nowrap;
  }
  .play i {
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
    gap: 8px;
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
