import { css } from 'styled-components';

/** What a score in time looks like, ours and theirs: it rolls, is set small, and its ruler is held by the hand. */
export const score = css`
  .roll {
    overflow-x: auto;
    overflow-y: hidden;
    scrollbar-width: thin;
    scrollbar-color: var(--rule-2) transparent;
  }
  svg {
    display: block;
    user-select: none;
  }
  text {
    font: 640 11.5px 'Archivo Variable';
    font-stretch: 74%;
    fill: var(--ink);
    pointer-events: none;
  }
  .tick {
    fill: var(--ink-3);
  }
  .ruler {
    cursor: ew-resize;
    outline: none;
  }
  .ruler:focus-visible rect {
    stroke: var(--pen);
    stroke-width: 2;
  }
`;
