import { Tooltip, TooltipTrigger, type ButtonProps } from 'react-aria-components';
import styled from 'styled-components';
import { Sign } from './controls.tsx';

const Tip = styled(Tooltip)`
  padding: 5px 9px;
  background: var(--ink);
  color: var(--on-ink);
  font: 640 12.5px/1.2 'Archivo Variable';
  font-stretch: 77%;
  max-width: 240px;
`;

/** A button that is a sign only: what it does is said aloud, and beside it when the hand rests there. */
export function IconButton({ 'aria-label': label, ...props }: ButtonProps & { 'aria-label': string }) {
  return (
    <TooltipTrigger delay={500} closeDelay={60}>
      <Sign aria-label={label} {...props} />
      <Tip offset={4}>{label}</Tip>
    </TooltipTrigger>
  );
}
