import styled from 'styled-components';
import { score } from '../../../ui/score.ts';
import { ROW, RULER } from './scale.ts';

/** The sheet: names beside the staves, and how its blocks, ties and grips look. */
export const Box = styled.div`
  ${score}
  display: grid;
  grid-template-columns: 40px minmax(0, 1fr);
  .names {
    padding-top: ${RULER}px;
    display: grid;
    grid-template-rows: repeat(6, ${ROW}px);
    justify-items: center;
    font: 640 12px/1 'Archivo Variable';
    font-stretch: 77%;
    color: var(--ink-2);
  }
  .names b {
    width: 17px;
    height: 17px;
    border-radius: 50%;
    background: var(--ink);
    color: var(--on-ink);
    display: grid;
    place-items: center;
    font-size: 12px;
  }
  .names span {
    padding-top: 4px;
  }
  svg {
    touch-action: none;
  }
  .no {
    font-weight: 700;
    font-size: 12px;
  }
  .late {
    fill: var(--gap);
    paint-order: stroke;
    stroke: var(--sheet);
    stroke-width: 4px;
    font-size: 12px;
  }
  [data-block] {
    cursor: grab;
    outline: none;
  }
  [data-block]:focus-visible .body {
    stroke: var(--pen);
    stroke-width: 2.4;
    stroke-dasharray: 4 2;
  }
  [data-block]:hover .body {
    fill: var(--pen-w);
  }
  .way {
    cursor: pointer;
  }
  .edge {
    fill: transparent;
    cursor: ew-resize;
  }
  .knot {
    fill: var(--sheet);
    stroke: var(--pen);
    stroke-width: 1.6;
    cursor: crosshair;
  }
`;
