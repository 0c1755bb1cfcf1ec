import { Button as AriaButton, ToggleButton as AriaToggle } from 'react-aria-components';
import styled, { css } from 'styled-components';

const control = css`
  display: inline-flex;
  align-items: center;
  justify-content: center;
  gap: 7px;
  min-height: 30px;
  padding: 0 11px;
  border: 1px solid var(--rule-2);
  border-radius: 2px;
  background: var(--raised);
  color: var(--ink);
  font: 640 13.5px/1 'Archivo Variable';
  font-stretch: 77%;
  white-space: nowrap;
  cursor: default;
  &[data-hovered] {
    background: var(--sheet);
  }
  &[data-pressed] {
    background: var(--paint);
  }
  &[data-disabled] {
    color: var(--ink-3);
    border-color: var(--rule);
  }
  &[data-focus-visible] {
    outline: 2px solid var(--pen);
    outline-offset: 2px;
  }
  @media (pointer: coarse) {
    min-height: 44px;
  }
`;

export const Button = styled(AriaButton)`
  ${control}
`;
export const MainButton = styled(AriaButton)`
  ${control}
  background: var(--ink);
  border-color: var(--ink);
  color: var(--on-ink);
  &[data-hovered],
  &[data-pressed] {
    background: var(--ink-2);
    color: var(--on-ink);
  }
  &[data-disabled] {
    background: none;
    color: var(--ink-3);
    border-color: var(--rule);
  }
`;
/** A sign only: what it does is said aloud and, where it stands in a corner, by the browser's own hint. */
export const Sign = styled(AriaButton)`
  ${control}
  &, &[data-disabled] {
    border-color: transparent;
  }
  background: none;
  padding: 0;
  min-width: 30px;
  @media (pointer: coarse) {
    min-width: 44px;
  }
`;
export const Toggle = styled(AriaToggle)`
  ${control}
  border-color: transparent;
  background: none;
  padding: 0 4px;
  &::before {
    content: '';
    flex: none;
    width: 11px;
    height: 11px;
    border: 1.5px solid var(--rule-2);
    background: var(--raised);
  }
  &[data-selected]::before {
    background: var(--ink);
    box-shadow: inset 0 0 0 2px var(--raised);
    border-color: var(--ink);
  }
`;

export const Label = styled.span`
  font: 600 11.5px/1 'Archivo Variable';
  font-stretch: 80%;
  letter-spacing: 0.015em;
  color: var(--ink-3);
`;

const field = css`
  width: 100%;
  min-height: 30px;
  padding: 4px 8px;
  border: 1px solid var(--rule-2);
  border-radius: 2px;
  background: var(--raised);
  color: var(--ink);
  font-size: 13.5px;
  @media (pointer: coarse) {
    min-height: 40px;
  }
  &::placeholder {
    color: var(--ink-3);
    opacity: 1;
  }
`;
export const Input = styled.input`
  ${field}
`;
export const Area = styled.textarea`
  ${field}
  min-height: 84px;
  resize: vertical;
  line-height: 1.36;
`;
export const Select = styled.select`
  min-height: 30px;
  padding: 3px 6px;
  border: 1px solid var(--rule-2);
  border-radius: 2px;
  background: var(--raised);
  color: var(--ink);
  font: 640 13px/1 'Archivo Variable';
  font-stretch: 77%;
  max-width: 100%;
  @media (pointer: coarse) {
    min-height: 40px;
  }
`;
