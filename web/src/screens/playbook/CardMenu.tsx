import type { RefObject } from 'react';
import { Menu, MenuItem, Popover } from 'react-aria-components';
import styled from 'styled-components';
import type { CardAct } from './Card.tsx';

const Items = styled(Menu)`
  background: var(--raised);
  border: 1px solid var(--rule-2);
  padding: 4px 0;
  min-width: 150px;
  outline: none;
  .item {
    padding: 7px 12px;
    font: 640 13.5px/1 'Archivo Variable';
    font-stretch: 77%;
    color: var(--ink);
    outline: none;
    cursor: default;
  }
  .item[data-focused] {
    background: var(--pen-w);
  }
`;

interface CardMenuProps {
  readonly trigger: RefObject<HTMLButtonElement | null>;
  readonly trash: boolean;
  readonly onAct: (what: CardAct | 'open') => void;
  readonly onClose: () => void;
}

const CHOICES: readonly (readonly [CardAct | 'open', string])[] = [
  ['open', 'Open'],
  ['rename', 'Rename'],
  ['duplicate', 'Duplicate'],
  ['flip', 'Copy for the other side'],
  ['file', 'Save as a file'],
  ['trash', 'Move to trash'],
];
const IN_TRASH: typeof CHOICES = [['restore', 'Put back']];

/** What can be done with a play from its card; fetched when it is first asked for. */
export default function CardMenu({ trigger, trash, onAct, onClose }: CardMenuProps) {
  return (
    <Popover triggerRef={trigger} isOpen onOpenChange={(open) => !open && onClose()}>
      <Items
        autoFocus="first"
        aria-label="What to do with this play"
        onAction={(key) => onAct(key as CardAct)}
        onClose={onClose}
      >
        {(trash ? IN_TRASH : CHOICES).map(([id, words]) => (
          <MenuItem key={id} id={id} className="item">
            {words}
          </MenuItem>
        ))}
      </Items>
    </Popover>
  );
}
