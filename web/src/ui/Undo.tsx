import { useEffect } from 'react';
import styled from 'styled-components';
import { Button } from './controls.tsx';

const Bar = styled.div`
  position: fixed;
  left: 50%;
  bottom: 16px;
  transform: translateX(-50%);
  z-index: 4;
  display: flex;
  align-items: center;
  gap: 14px;
  max-width: calc(100vw - 24px);
  padding: 8px 10px 8px 16px;
  background: var(--ink);
  color: var(--on-ink);
`;

/** It stays for as long as it takes to see it and change one's mind (ms). */
const STAYS = 12_000;

/** What was just done, and the way back. */
export function Undo({ words, onUndo, onGone }: { words: string; onUndo: () => void; onGone: () => void }) {
  useEffect(() => {
    const timer = setTimeout(onGone, STAYS);
    return () => clearTimeout(timer);
  }, [words, onGone]);
  return (
    <Bar role="status">
      {words}
      <Button
        onPress={() => {
          onUndo();
          onGone();
        }}
      >
        Undo
      </Button>
    </Bar>
  );
}
