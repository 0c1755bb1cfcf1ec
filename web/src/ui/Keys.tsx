import { X } from 'lucide-react';
import { useEffect, useState } from 'react';
import { Dialog, Heading, Modal, ModalOverlay } from 'react-aria-components';
import styled from 'styled-components';
import { COMMANDS, commandFor, type Where } from '../app/keymap.ts';
import { IconButton } from './IconButton.tsx';
import { keyWords } from './key-words.ts';

const Overlay = styled(ModalOverlay)`
  position: fixed;
  inset: 0;
  z-index: 10;
  display: grid;
  place-items: center;
  background: color-mix(in srgb, var(--ink) 40%, transparent);
`;
const Sheet = styled(Modal)`
  width: min(980px, calc(100vw - 32px));
  max-height: calc(100vh - 40px);
  overflow: auto;
  background: var(--raised);
  border: 1px solid var(--rule-2);
  padding: 16px 20px 20px;
  outline: none;
  [role='dialog'] {
    outline: none;
  }
  .top {
    display: flex;
    justify-content: space-between;
    align-items: center;
  }
  h2 {
    font-size: 22px;
    font-weight: 740;
    font-stretch: 70%;
  }
  .all {
    columns: 3 270px;
    column-gap: 26px;
  }
  section {
    break-inside: avoid;
    margin-top: 14px;
  }
  h3 {
    font-size: 14px;
    font-weight: 700;
    font-stretch: 74%;
    padding-bottom: 3px;
    border-bottom: 1px solid var(--ink);
  }
  dl > div {
    display: flex;
    justify-content: space-between;
    gap: 12px;
    padding: 3px 0;
    border-bottom: 1px solid var(--rule);
  }
  dt {
    font-size: 13px;
  }
  dd {
    flex: none;
    display: flex;
    gap: 3px;
    align-items: flex-start;
  }
  kbd {
    min-width: 20px;
    padding: 2px 5px;
    border: 1px solid var(--rule-2);
    font: 640 12px/1.2 'Archivo Variable';
    font-stretch: 77%;
    text-align: center;
    background: var(--sheet);
  }
`;

const PARTS: readonly (readonly [Where, string])[] = [
  ['desk', 'Anywhere on the desk'],
  ['man', 'With a man in hand'],
  ['verb', 'After a verb'],
  ['action', 'With a line chosen'],
  ['set', 'While the five are set'],
  ['block', 'On the beat sheet'],
  ['present', 'Presenting'],
  ['app', 'Everywhere'],
];

/** All keys there are, on a question mark; a second one or Escape closes. */
export function Keys() {
  const [open, setOpen] = useState(true);
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      const field =
        e.target instanceof Element && e.target.closest('input, textarea, select, [contenteditable]');
      if (field || commandFor(e, ['app']) !== 'help') return;
      e.preventDefault();
      setOpen((now) => !now);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  return (
    <Overlay isOpen={open} onOpenChange={setOpen} isDismissable>
      <Sheet>
        <Dialog aria-label="Keys">
          <div className="top">
            <Heading slot="title">Keys</Heading>
            <IconButton aria-label="Close" onPress={() => setOpen(false)}>
              <X size={18} />
            </IconButton>
          </div>
          <div className="all">
            {PARTS.map(([where, words]) => (
              <section key={where}>
                <h3>{words}</h3>
                <dl>
                  {COMMANDS.filter((c) => c.where === where).map((c) => (
                    <div key={c.id}>
                      <dt>{c.words}</dt>
                      <dd>
                        {c.keys.map((k) => (
                          <kbd key={k}>{keyWords(k)}</kbd>
                        ))}
                      </dd>
                    </div>
                  ))}
                </dl>
              </section>
            ))}
          </div>
        </Dialog>
      </Sheet>
    </Overlay>
  );
}
