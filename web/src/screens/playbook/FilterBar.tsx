import { useManWord } from '../../team/team.ts';
import { againstWords, alignmentByKey, type PlayRow } from '@corkscrew/core';
import styled from 'styled-components';
import { Choice } from '../../ui/Choice.tsx';
import { Toggle } from '../../ui/controls.tsx';
import { Segments } from '../../ui/Segments.tsx';
import { SORTS, type Filter } from './shelves.ts';
import { BookViews } from '../../ui/BookViews.tsx';

const Filters = styled.div`
  display: flex;
  align-items: center;
  flex-wrap: wrap;
  gap: 8px 18px;
  min-height: 46px;
  padding: 7px 14px;
  border-bottom: 1px solid var(--rule);
  label {
    display: flex;
    gap: 7px;
    align-items: center;
  }
  @media (max-width: 600px) {
    label:not(.keep) {
      display: none;
    }
  }
`;
/** What the playbook shows, and in what order: against whom, which alignment, the trash. */
export function FilterBar({
  all,
  filter,
  onChange,
  picking,
  onPick,
  trash,
  onTrash,
}: {
  all: readonly PlayRow[];
  filter: Filter;
  onChange: (f: Filter) => void;
  /** Several are being chosen. */
  picking: boolean;
  onPick: (on: boolean) => void;
  trash: boolean;
  onTrash: (t: boolean) => void;
}) {
  const man = useManWord();
  const counts = new Map<string, number>();
  const alignments = new Map<string, number>();
  for (const p of all) {
    for (const a of p.summary.against) counts.set(a, (counts.get(a) ?? 0) + 1);
    if (p.summary.alignment)
      alignments.set(p.summary.alignment, (alignments.get(p.summary.alignment) ?? 0) + 1);
  }
  return (
    <Filters>
      <Segments role="group" aria-label="Against">
        <button aria-pressed={filter.against === null} onClick={() => onChange({ ...filter, against: null })}>
          All<i>{all.length}</i>
        </button>
        {[...counts]
          .sort((a, b) => b[1] - a[1])
          .map(([key, n]) => (
            <button
              key={key}
              aria-pressed={filter.against === key}
              onClick={() => onChange({ ...filter, against: key })}
            >
              {againstWords(key, man)}
              <i>{n}</i>
            </button>
          ))}
      </Segments>
      <Choice
        label="Alignment"
        value={filter.alignment ?? ''}
        options={[
          ['', 'All'],
          ...[...alignments].map(([key, n]) => [key, `${alignmentByKey(key)?.name ?? key} (${n})`] as const),
        ]}
        onChange={(key) => onChange({ ...filter, alignment: key || null })}
      />
      <Choice
        label="Order"
        value={filter.sort}
        options={Object.entries(SORTS) as [Filter['sort'], string][]}
        onChange={(sort) => onChange({ ...filter, sort })}
      />
      <span
        style={{
          marginLeft: 'auto',
          display: 'flex',
          flexWrap: 'wrap',
          gap: '8px 14px',
          alignItems: 'center',
        }}
      >
        {!trash && (
          <Toggle isSelected={picking} onChange={onPick}>
            Choose several
          </Toggle>
        )}
        <Toggle isSelected={trash} onChange={onTrash}>
          Trash
        </Toggle>
        <BookViews />
      </span>
    </Filters>
  );
}
