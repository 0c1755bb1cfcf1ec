import { FIGURES, LIMITS } from '@corkscrew/core';
import { useRef, useState } from 'react';
import { Dialog, Popover } from 'react-aria-components';
import styled from 'styled-components';
import { Button } from '../../ui/controls.tsx';
import { SignalFigure } from '../../ui/SignalFigure.tsx';
import { TextField } from '../../ui/TextField.tsx';

const Press = styled.button`
  display: flex;
  align-items: center;
  gap: 8px;
  min-height: 36px;
  width: 100%;
  padding: 0 6px;
  border: 1px solid transparent;
  background: none;
  color: var(--ink);
  text-align: left;
  font-size: 13px;
  white-space: normal;
  &:hover,
  &:focus-visible {
    border-color: var(--rule-2);
  }
  .none {
    color: var(--ink-3);
  }
`;
const Choose = styled(Dialog)`
  width: min(440px, calc(100vw - 20px));
  max-height: 70vh;
  overflow: auto;
  background: var(--raised);
  border: 1px solid var(--ink);
  padding: 12px;
  outline: none;
  .all {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(92px, 1fr));
    gap: 4px;
    margin: 8px 0;
  }
  .all button {
    display: grid;
    justify-items: center;
    gap: 2px;
    padding: 5px 2px;
    border: 1px solid var(--rule);
    background: var(--sheet);
    color: var(--ink);
    font-size: 11.5px;
    line-height: 1.15;
    white-space: normal;
    text-align: center;
  }
  .all button[aria-pressed='true'] {
    outline: 2px solid var(--pen);
  }
`;

/** A signal: one of our figures, and what it is in words; chosen from all of them. */
export function SignalPicker({
  label,
  figure,
  words,
  onChange,
}: {
  label: string;
  figure: string;
  words: string;
  onChange: (signal: { figure: string; words: string }) => void;
}) {
  const [open, setOpen] = useState(false);
  const button = useRef<HTMLButtonElement>(null);
  return (
    <>
      <Press
        ref={button}
        type="button"
        aria-haspopup="dialog"
        aria-expanded={open}
        aria-label={`${label}: ${words || 'none'}`}
        onClick={() => setOpen(true)}
      >
        <SignalFigure figure={figure} />
        {words ? <span dir="auto">{words}</span> : !figure && <span className="none">none</span>}
      </Press>
      {open && (
        <Popover triggerRef={button} isOpen onOpenChange={setOpen}>
          <Choose aria-label={label}>
            <TextField
              label="In words"
              value={words}
              max={LIMITS.line}
              placeholder="Fist, then point"
              onDone={(w) => onChange({ figure, words: w.trim() })}
            />
            <div className="all" role="group" aria-label="Figures">
              {FIGURES.map((f) => (
                <button
                  key={f.key}
                  type="button"
                  aria-pressed={f.key === figure}
                  onClick={() => {
                    onChange({ figure: f.key, words: words || f.words });
                    setOpen(false);
                  }}
                >
                  <SignalFigure figure={f.key} height={42} />
                  {f.words}
                </button>
              ))}
            </div>
            <Button
              onPress={() => {
                onChange({ figure: '', words: '' });
                setOpen(false);
              }}
            >
              No signal
            </Button>
          </Choose>
        </Popover>
      )}
    </>
  );
}
