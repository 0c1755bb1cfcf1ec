import { findPlays, readQuery, wantedWords, type PlayRow, type Relations } from '@corkscrew/core';
import { GripVertical, Plus } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Button as AriaButton, GridList, GridListItem, useDragAndDrop } from 'react-aria-components';
import styled from 'styled-components';
import { Input, Label } from '../../ui/controls.tsx';
import { IconButton } from '../../ui/IconButton.tsx';
import { PLAY } from './SectionList.tsx';

const Box = styled.section`
  display: flex;
  flex-direction: column;
  gap: 7px;
  min-height: 0;
  flex: 1 0 240px;
  .chips {
    display: flex;
    flex-wrap: wrap;
    gap: 4px;
  }
  .chips span {
    border: 1px solid var(--pen);
    color: var(--pen);
    padding: 2px 7px;
    font: 640 12px/1.2 'Archivo Variable';
    font-stretch: 77%;
  }
  .list {
    overflow: auto;
    min-height: 120px;
    flex: 1;
    border-top: 1px solid var(--rule-2);
  }
  .play {
    display: grid;
    grid-template-columns: 18px minmax(0, 1fr) 32px;
    gap: 7px;
    align-items: center;
    min-height: 40px;
    padding: 4px 0;
    border-bottom: 1px solid var(--rule);
    outline-offset: -2px;
  }
  .play b {
    display: block;
    font: 700 14px/1.15 'Archivo Variable';
    font-stretch: 76%;
  }
  .play i {
    display: block;
    font-style: normal;
    font-size: 12px;
    line-height: 1.25;
    color: var(--ink-2);
  }
  .play[data-on] b::after {
    content: ' · on the sheet';
    color: var(--ink-3);
    font-weight: 600;
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
`;

/** The plays beside a sheet: found by name or need, dragged onto it, or added to the part that is chosen. */
export function Beside({
  rows,
  relations,
  on,
  into,
  onAdd,
}: {
  rows: readonly PlayRow[];
  relations: Relations | undefined;
  /** Plays that are on the sheet. */
  on: ReadonlySet<string>;
  /** The part they are added to. */
  into: string | null;
  onAdd: (plays: readonly string[]) => void;
}) {
  const [words, setWords] = useState('');
  const query = useMemo(() => readQuery(words), [words]);
  const { found, near } = useMemo(
    () => findPlays(rows, (id) => relations?.plays[id], query),
    [rows, relations, query],
  );
  const shown = found.length > 0 ? found : near;
  const { dragAndDropHooks } = useDragAndDrop({
    getItems: (keys) =>
      [...keys].map((key) => ({
        [PLAY]: String(key),
        'text/plain': rows.find((r) => r.id === key)?.summary.name ?? '',
      })),
    getAllowedDropOperations: () => ['copy'],
  });
  return (
    <Box aria-label="Plays to put on it">
      <label>
        <Label>Plays: a name, or what you need</Label>
        <Input
          type="search"
          value={words}
          placeholder="within 4 s, three, not for 5"
          onChange={(e) => setWords(e.target.value)}
        />
      </label>
      {query.wanted.length > 0 && (
        <p className="chips" role="status">
          {query.wanted.map((w) => (
            <span key={wantedWords(w)}>{wantedWords(w)}</span>
          ))}
          {found.length === 0 && 'No play has all of that. These lack one thing.'}
        </p>
      )}
      <div className="list">
        <GridList
          aria-label="Plays"
          dependencies={[on, into, onAdd, found.length]}
          items={shown.map((f) => ({ id: f.row.id, f }))}
          dragAndDropHooks={dragAndDropHooks}
          keyboardNavigationBehavior="tab"
          renderEmptyState={() => <p>No play like that.</p>}
        >
          {({ f }) => {
            const { summary: s } = f.row;
            const why = found.length > 0 ? f.reasons : f.lacks;
            return (
              <GridListItem
                className="play"
                id={f.row.id}
                textValue={s.name}
                data-on={on.has(f.row.id) || undefined}
              >
                <AriaButton slot="drag" className="grip" aria-label={`Drag ${s.name}`}>
                  <GripVertical size={14} />
                </AriaButton>
                <span>
                  <b dir="auto">{s.name}</b>
                  <i dir="auto">{why.join('; ') || s.call}</i>
                </span>
                <IconButton
                  aria-label={into === null ? `Add ${s.name}` : `Add ${s.name} to ${into}`}
                  onPress={() => onAdd([f.row.id])}
                >
                  <Plus size={15} />
                </IconButton>
              </GridListItem>
            );
          }}
        </GridList>
      </div>
    </Box>
  );
}
