import type { RefObject } from 'react';
import { Choices, type MenuChoice } from '../../ui/Choices.tsx';
import type { CardAct } from './Card.tsx';

interface CardMenuProps {
  readonly trigger: RefObject<HTMLButtonElement | null>;
  readonly trash: boolean;
  readonly onAct: (what: CardAct | 'open') => void;
  readonly onClose: () => void;
}

const CHOICES: readonly MenuChoice<CardAct | 'open'>[] = [
  { id: 'open', words: 'Open' },
  { id: 'rename', words: 'Rename' },
  { id: 'duplicate', words: 'Duplicate' },
  { id: 'flip', words: 'Copy for the other side' },
  { id: 'file', words: 'Save as a file' },
  { id: 'trash', words: 'Move to trash' },
];
const IN_TRASH: typeof CHOICES = [{ id: 'restore', words: 'Put back' }];

/** What can be done with a play from its card; fetched when it is first asked for. */
export default function CardMenu({ trigger, trash, onAct, onClose }: CardMenuProps) {
  return (
    trigger.current && (
      <Choices
        label="What to do with this play"
        at={trigger.current}
        choices={trash ? IN_TRASH : CHOICES}
        onChoose={onAct}
        onClose={onClose}
      />
    )
  );
}
