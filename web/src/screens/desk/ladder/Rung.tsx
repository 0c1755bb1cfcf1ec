import type { Frame } from '@corkscrew/core';
import styled from 'styled-components';
import { useTold } from '../analysis.ts';
import { goToFrame, usePick } from '../store.ts';
import { useTimeline } from '../timeline.ts';

const Box = styled.button`
  display: grid;
  justify-items: center;
  gap: 4px;
  padding: 0;
  border: 0;
  background: none;
  font: 600 12px/1 'Archivo Variable';
  font-stretch: 80%;
  color: var(--ink-3);
  b {
    position: relative;
    display: grid;
    place-items: center;
    width: 44px;
    height: 44px;
    border: 1px solid var(--ink);
    background: var(--raised);
    color: var(--ink);
    font: 700 19px/1 'Archivo Variable';
    font-stretch: 74%;
  }
  &[aria-current] b {
    background: var(--ink);
    color: var(--on-ink);
    outline: 2px solid var(--pen);
    outline-offset: 2px;
  }
  .fault {
    position: absolute;
    right: -5px;
    top: -5px;
    width: 9px;
    height: 9px;
    transform: rotate(45deg);
    background: var(--gap);
  }
  &[data-small] {
    padding: 3px 8px;
    color: var(--ink-2);
  }
  &[data-small] b {
    width: 28px;
    height: 28px;
    font-size: 15px;
  }
`;

/** A frame of the line as a box with its number, the second it starts at, and a mark where something is wrong in it. */
export function Rung({ frame, at, small = false }: { frame: Frame; at: number; small?: boolean }) {
  const worst = useTold().find((x) => x.frame === frame.id);
  const { frameId } = usePick('frameId');
  const timeline = useTimeline();
  return (
    <Box
      type="button"
      data-testid={`rung-${at + 1}`}
      data-frame={frame.id}
      {...(small && { 'data-small': '' })}
      {...(frame.id === frameId ? { 'aria-current': 'step' as const } : {})}
      aria-label={`Frame ${at + 1}${frame.title ? `, ${frame.title}` : ''}`}
      onClick={() => goToFrame(frame.id)}
    >
      <b>
        {at + 1}
        {worst && <span className="fault" role="img" aria-label={worst.sentence} />}
      </b>
      {(timeline.bars[at]?.start ?? 0).toFixed(1)}
    </Box>
  );
}
