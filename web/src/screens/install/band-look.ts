import styled from 'styled-components';

/** Minutes of a practice as they are drawn. */
export const PX_A_MINUTE = 3.3;
/** A block is never lower, so that it can be read. */
export const LOWEST = 25;
/** Lower than this its note stands beside its name. */
export const LOW = 37;

/** How far a line is, as a texture: dots, hatch, solid. */
export const textures = `
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
