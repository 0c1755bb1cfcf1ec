import {
  type Play,
  type PlayRow,
  type SheetChange,
  type SheetEntry,
  type SheetSection,
} from '@corkscrew/core';
import { GripVertical, X } from 'lucide-react';
import {
  Button as AriaButton,
  GridList,
  GridListItem,
  isTextDropItem,
  useDragAndDrop,
  type DropItem,
} from 'react-aria-components';
import styled from 'styled-components';
import { EndingChoice } from '../../ui/EndingChoice.tsx';
import { IconButton } from '../../ui/IconButton.tsx';
import { TextField } from '../../ui/TextField.tsx';

/** What is dragged: entries of the sheet, and plays that are not on it. */
const ENTRY = 'application/x-corkscrew-entry';
export const PLAY = 'application/x-corkscrew-play';

const List = styled(GridList)`
  min-height: 40px;
  outline-offset: -1px;
  &[data-drop-target] {
    outline: 2px dashed var(--pen);
    background: var(--pen-w);
  }
  .none {
    padding: 10px 8px;
    color: var(--ink-2);
  }
  .entry {
    display: grid;
    grid-template-columns: 20px 46px minmax(90px, 1.1fr) minmax(96px, 0.7fr) minmax(80px, 1fr) 54px 32px;
    gap: 8px;
    align-items: center;
    min-height: 42px;
    border-bottom: 1px solid var(--rule-2);
    outline-offset: -2px;
  }
  .entry[data-dragging] {
    opacity: 0.4;
  }
  .entry .no input {
    font: 740 18px/1 'Archivo Variable';
    font-stretch: 72%;
    padding: 2px 4px;
  }
  .entry select {
    width: 100%;
    border-color: transparent;
    background-color: transparent;
  }
  .entry select:hover,
  .entry select:focus {
    border-color: var(--rule-2);
  }
  .entry input {
    background: none;
    border-color: transparent;
  }
  .entry input:hover,
  .entry input:focus {
    border-color: var(--rule-2);
    background: var(--raised);
  }
  .what b {
    display: block;
    font: 700 15.5px/1.15 'Archivo Variable';
    font-stretch: 76%;
    overflow-wrap: anywhere;
  }
  .what span {
    font-size: 12.5px;
    color: var(--ink-2);
  }
  .what [data-gone] {
    color: var(--gap);
  }
  .look {
    font: 640 14px/1 'Archivo Variable';
    font-stretch: 76%;
    text-align: right;
  }
  .grip {
    border: 0;
    background: none;
    padding: 0;
    min-height: 30px;
    color: var(--ink-3);
    cursor: grab;
  }
  .grip[data-focus-visible] {
    outline: 2px solid var(--pen);
  }
  @media (max-width: 700px) {
    .entry {
      grid-template-columns: 20px 40px minmax(0, 1fr) 46px 32px;
      padding: 3px 0;
    }
    .ending,
    .note {
      grid-column: 3 / 5;
      order: 1;
    }
  }
  .react-aria-DropIndicator[data-drop-target] {
    outline: 1.5px solid var(--pen);
  }
`;

const idsOf = async (items: readonly DropItem[], type: string): Promise<string[]> =>
  Promise.all(items.flatMap((i) => (isTextDropItem(i) && i.types.has(type) ? [i.getText(type)] : [])));

/** The calls of one need, in their order: dragged about, or moved by keys. */
export function SectionList({
  section,
  rows,
  documents,
  look,
  change,
  onPlays,
}: {
  section: SheetSection;
  rows: readonly PlayRow[];
  /** The plays themselves, for what endings they have. */
  documents: ReadonlyMap<string, Play>;
  /** When a play's first look comes (s), perhaps in one ending. */
  look: (play: string, leaf?: string) => number | null;
  change: (change: SheetChange) => void;
  /** Plays from beside the sheet are dropped here, before an entry. */
  onPlays: (plays: readonly string[], section: string, before?: string) => void;
}) {
  const drop = async (items: readonly DropItem[], before?: string): Promise<void> => {
    const at = before === undefined ? {} : { before };
    const entries = await idsOf(items, ENTRY);
    if (entries.length > 0) change({ do: 'move', entries, section: section.id, ...at });
    const plays = await idsOf(items, PLAY);
    if (plays.length > 0) onPlays(plays, section.id, before);
  };
  const after = (key: string): string | undefined =>
    section.entries[section.entries.findIndex((e) => e.id === key) + 1]?.id;
  const placeOf = (target: { key: unknown; dropPosition: string }): string | undefined =>
    target.dropPosition === 'before' ? String(target.key) : after(String(target.key));
  const { dragAndDropHooks } = useDragAndDrop({
    getItems: (keys) =>
      [...keys].map((key) => ({
        [ENTRY]: String(key),
        'text/plain': section.entries.find((e) => e.id === key)?.name ?? '',
      })),
    acceptedDragTypes: [ENTRY, PLAY],
    getDropOperation: (_target, types) => (types.has(ENTRY) ? 'move' : 'copy'),
    onReorder: ({ keys, target }) => {
      const before = placeOf(target);
      change({
        do: 'move',
        entries: [...keys].map(String),
        section: section.id,
        ...(before === undefined ? {} : { before }),
      });
    },
    onInsert: ({ items, target }) => void drop(items, placeOf(target)),
    onRootDrop: ({ items }) => void drop(items),
  });
  return (
    <List
      aria-label={section.need || 'Without a name'}
      items={section.entries}
      dependencies={[rows, documents, look, change]}
      dragAndDropHooks={dragAndDropHooks}
      keyboardNavigationBehavior="tab"
      renderEmptyState={() => (
        <p className="none">Drag plays here, or choose this part and press Add beside a play.</p>
      )}
    >
      {(entry) => (
        <Entry
          entry={entry as SheetEntry}
          row={rows.find((r) => r.id === (entry as SheetEntry).play)}
          document={documents.get((entry as SheetEntry).play)}
          look={look((entry as SheetEntry).play, (entry as SheetEntry).leaf)}
          change={change}
        />
      )}
    </List>
  );
}

function Entry({
  entry,
  row,
  document,
  look,
  change,
}: {
  entry: SheetEntry;
  row: PlayRow | undefined;
  document: Play | undefined;
  look: number | null;
  change: (change: SheetChange) => void;
}) {
  const name = row?.summary.name ?? entry.name;
  const call = entry.call || row?.summary.call || '';
  const signal = row?.summary.signal;
  return (
    <GridListItem className="entry" id={entry.id} textValue={name}>
      <AriaButton slot="drag" className="grip" aria-label={`Move ${name}`}>
        <GripVertical size={15} />
      </AriaButton>
      <span className="no">
        <TextField
          bare
          label={`Number of ${name}`}
          value={entry.number}
          max={40}
          onDone={(number) => change({ do: 'entry', id: entry.id, number: number.trim() })}
        />
      </span>
      <span className="what">
        <b dir="auto">{name}</b>
        {!row ? (
          <span data-gone>Not in the playbook any more</span>
        ) : row.summary.status === 'retired' ? (
          <span data-gone>Retired</span>
        ) : (
          <span dir="auto">{[call && `“${call}”`, signal?.toLowerCase()].filter(Boolean).join(', ')}</span>
        )}
      </span>
      <span className="ending">
        {document && (
          <EndingChoice
            play={document}
            label={`Ending of ${name}`}
            leaf={entry.leaf}
            all="All endings"
            onChange={(leaf) => change({ do: 'entry', id: entry.id, leaf })}
          />
        )}
      </span>
      <span className="note">
        <TextField
          bare
          label={`Note on ${name}`}
          value={entry.note}
          max={200}
          placeholder="Note"
          onDone={(note) => change({ do: 'entry', id: entry.id, note: note.trim() })}
        />
      </span>
      <span className="look">{look === null ? '' : `${look.toFixed(1)} s`}</span>
      <IconButton aria-label={`Take ${name} off`} onPress={() => change({ do: 'remove', id: entry.id })}>
        <X size={14} />
      </IconButton>
    </GridListItem>
  );
}
