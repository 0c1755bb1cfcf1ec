import styled from 'styled-components';

/** A line of the script: as high as a line of a form that is read from a bench. */
export const Box = styled.div`
  display: flex;
  flex-direction: column;
  flex: 1;
  min-height: 0;
  min-width: 0;
  background: var(--sheet);
  .signs {
    display: none;
  }
  .say {
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: 10px;
    padding: 8px 14px;
    border-bottom: 1px solid var(--rule);
    background: var(--desk);
    color: var(--ink-2);
  }
  .text {
    flex: 1;
    min-height: 0;
    overflow: hidden;
    display: grid;
  }
  .cm-editor {
    min-height: 0;
    min-width: 0;
    background: var(--sheet);
    color: var(--ink);
    outline: none;
  }
  .cm-editor.cm-focused .cm-activeLine {
    background: var(--pen-w);
    box-shadow: inset 3px 0 var(--pen);
  }
  .cm-activeLine {
    background: none;
  }
  .cm-editor:not(.cm-focused) .cm-lit {
    background: var(--pen-w);
  }
  .cm-scroller {
    font: 400 14px/1.5 'Atkinson Hyperlegible Next Variable';
    overflow: auto;
  }
  .cm-content {
    padding: 8px 0;
    caret-color: var(--pen);
  }
  .cm-line {
    padding: 1px 8px 1px 10px;
  }
  .cm-gutters {
    background: var(--sheet);
    border: 0;
    color: var(--ink-3);
    font: 600 11.5px/1 'Archivo Variable';
    font-stretch: 80%;
  }
  .cm-gutterElement {
    display: flex;
    align-items: flex-start;
    justify-content: flex-end;
  }
  .cm-lineNumbers .cm-gutterElement {
    padding: 0 0 0 8px;
    line-height: 23px;
    min-width: 28px;
  }
  .cm-signs {
    min-width: 30px;
  }
  .cm-signs .cm-gutterElement {
    padding-top: 4px;
    justify-content: center;
    color: var(--ink);
  }
  .cm-box {
    width: 18px;
    height: 18px;
    display: grid;
    place-items: center;
    border: 1px solid var(--ink);
    background: var(--raised);
    font: 700 12.5px/1 'Archivo Variable';
    font-stretch: 74%;
  }
  .cm-box[data-here] {
    background: var(--ink);
    color: var(--on-ink);
  }
  .cm-times {
    min-width: 76px;
  }
  .cm-times .cm-gutterElement {
    padding: 0 12px 0 6px;
    line-height: 23px;
    white-space: nowrap;
  }
  .cm-frame {
    font: 700 15px/1.4 'Archivo Variable';
    font-stretch: 76%;
  }
  .cm-man {
    font-weight: 700;
  }
  .cm-theirs {
    font: 640 14.5px/1.4 'Archivo Variable';
    font-stretch: 77%;
    color: var(--def);
  }
  .cm-head {
    color: var(--ink-3);
  }
  .cm-place {
    text-decoration: underline dotted var(--ink-3) 1.5px;
    text-underline-offset: 3px;
  }
  .cm-cue {
    font-style: italic;
  }
  /* How fast: the textures of the blocks on the beat sheet. */
  .cm-walk,
  .cm-jog,
  .cm-cut,
  .cm-sprint {
    text-decoration: underline var(--ink);
    text-underline-offset: 3px;
  }
  .cm-walk {
    text-decoration-style: dotted;
    text-decoration-thickness: 2.5px;
  }
  .cm-jog {
    text-decoration-style: dashed;
    text-decoration-thickness: 2px;
  }
  .cm-cut {
    text-decoration-style: double;
    text-decoration-thickness: 1px;
  }
  .cm-sprint {
    text-decoration-thickness: 3px;
  }
  .cm-fault {
    text-decoration: underline wavy var(--gap) 1.5px;
    text-underline-offset: 3px;
  }
  .cm-fault-line {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 6px 10px;
    margin: 2px 8px 4px 10px;
    padding: 5px 8px 5px 12px;
    border-left: 3px solid var(--gap);
    background: var(--gap-w);
    color: var(--ink-2);
    font-size: 13px;
  }
  .cm-fault-line i,
  .foot i {
    width: 9px;
    height: 9px;
    transform: rotate(45deg);
    background: var(--gap);
    flex: none;
  }
  .cm-fault-line p {
    flex: 1 1 180px;
  }
  .cm-fault-line button {
    min-height: 28px;
    padding: 0 10px;
    border: 1px solid var(--gap);
    border-radius: 2px;
    background: var(--raised);
    color: var(--gap);
    font: 640 13px/1 'Archivo Variable';
    font-stretch: 77%;
  }
  .next {
    display: flex;
    align-items: center;
    gap: 6px;
    padding: 8px 14px;
    min-height: 46px;
    border-top: 1px solid var(--rule);
    background: var(--desk);
    overflow-x: auto;
  }
  .next > span {
    font: 600 11.5px/1 'Archivo Variable';
    font-stretch: 80%;
    color: var(--ink-3);
    margin-right: 2px;
  }
  .next button {
    flex: none;
    display: flex;
    align-items: center;
    gap: 8px;
    min-height: 30px;
    padding: 0 10px;
    border: 1px solid var(--rule-2);
    border-radius: 2px;
    background: var(--raised);
    font: 640 13px/1 'Archivo Variable';
    font-stretch: 77%;
    white-space: nowrap;
  }
  .next kbd {
    font: 600 11.5px/1 'Archivo Variable';
    color: var(--ink-3);
  }
  .foot {
    display: flex;
    align-items: center;
    gap: 10px;
    padding: 8px 14px;
    border-top: 1px solid var(--rule);
    background: var(--desk);
    color: var(--ink-2);
  }
  .foot p {
    flex: 1;
    min-width: 0;
  }
  .foot b {
    font-weight: 700;
    color: var(--ink);
  }
  @media (pointer: coarse) {
    .next button,
    .cm-fault-line button {
      min-height: 44px;
    }
  }
`;
