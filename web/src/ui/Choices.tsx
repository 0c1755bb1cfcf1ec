import { Menu, MenuItem, Popover, type Key } from 'react-aria-components';
import styled from 'styled-components';

const Items = styled(Menu)`
  background: var(--raised);
  border: 1px solid var(--rule-2);
  padding: 4px 0;
  min-width: 150px;
  max-height: 60vh;
  overflow: auto;
  outline: none;
  .item {
    display: flex;
    justify-content: space-between;
    gap: 18px;
    padding: 7px 12px;
    font: 640 13.5px/1.1 'Archivo Variable';
    font-stretch: 77%;
    color: var(--ink);
    outline: none;
    cursor: default;
  }
  .item[data-selected] {
    box-shadow: inset 3px 0 var(--pen);
  }
  .item[data-focused] {
    background: var(--pen-w);
  }
  .item[data-disabled] {
    color: var(--ink-3);
  }
  kbd {
    font: 600 12px/1 'Archivo Variable';
    color: var(--ink-3);
  }
  @media (pointer: coarse) {
    .item {
      padding: 14px 16px;
    }
  }
`;

export interface MenuChoice<T extends string> {
  readonly id: T;
  readonly words: string;
  /** The key that does the same. */
  readonly key?: string | undefined;
  readonly away?: boolean;
}

interface Props<T extends string> {
  readonly label: string;
  readonly at: Element;
  readonly choices: readonly MenuChoice<T>[];
  /** The one that holds now, where one does. */
  readonly chosen?: T | undefined;
  readonly onChoose: (id: T) => void;
  readonly onClose: () => void;
}

/** A menu that opens beside whatever was pressed, on the floor as well. */
export function Choices<T extends string>({ label, at, choices, chosen, onChoose, onClose }: Props<T>) {
  const trigger = { current: at };
  return (
    <Popover triggerRef={trigger} isOpen onOpenChange={(open) => !open && onClose()}>
      <Items
        autoFocus="first"
        aria-label={label}
        onAction={(key: Key) => onChoose(key as T)}
        onClose={onClose}
        disabledKeys={choices.filter((c) => c.away).map((c) => c.id)}
        {...(chosen === undefined ? {} : { selectionMode: 'single' as const, selectedKeys: [chosen] })}
      >
        {choices.map((c) => (
          <MenuItem key={c.id} id={c.id} textValue={c.words} className="item">
            {c.words}
            {c.key && <kbd>{c.key}</kbd>}
          </MenuItem>
        ))}
      </Items>
    </Popover>
  );
}
