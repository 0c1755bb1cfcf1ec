import { useState } from 'react';
import styled from 'styled-components';
import { useNewer } from './newer.ts';

const Notice = styled.div`
  position: fixed;
  left: 14px;
  bottom: 14px;
  z-index: 20;
  max-width: calc(100vw - 28px);
  box-sizing: border-box;
  display: flex;
  gap: 12px;
  align-items: center;
  padding: 8px 12px;
  background: var(--ink);
  color: var(--on-ink);
  font-size: 13px;
  button {
    min-height: 30px;
    padding: 0 10px;
    border: 1px solid currentColor;
    border-radius: 2px;
    background: none;
    color: inherit;
    font: 640 13.5px/1 'Archivo Variable';
    font-stretch: 77%;
  }
`;

/** The server has another build than this tab: everything drawn is kept, and a reload brings the new one. */
export function NewerNotice() {
  const newer = useNewer();
  const [later, setLater] = useState(false);
  if (!newer || later) return null;
  return (
    <Notice role="status">
      A newer Corkscrew is here. What you drew is kept.
      <button type="button" onClick={() => location.reload()}>
        Reload
      </button>
      <button type="button" onClick={() => setLater(true)}>
        Later
      </button>
    </Notice>
  );
}
