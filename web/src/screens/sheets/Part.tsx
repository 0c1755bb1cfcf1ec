import { LIMITS, SITUATIONS, situationWords, type SheetChange, type SheetSection } from '@corkscrew/core';
import { ArrowDown, ArrowUp, Trash2 } from 'lucide-react';
import type { ReactNode } from 'react';
import styled from 'styled-components';
import { Choice } from '../../ui/Choice.tsx';
import { Button } from '../../ui/controls.tsx';
import { IconButton } from '../../ui/IconButton.tsx';
import { TextField } from '../../ui/TextField.tsx';

const Box = styled.section`
  margin-top: 14px;
  &[data-chosen] > .need {
    box-shadow: inset 3px 0 var(--pen);
  }
  .need {
    display: flex;
    flex-wrap: wrap;
    align-items: end;
    gap: 6px 10px;
    padding: 4px 0 6px 8px;
    border-bottom: 1.5px solid var(--ink);
  }
  .need label {
    display: grid;
    gap: 3px;
  }
  .need > label:first-child {
    flex: 1 1 150px;
  }
  .need > label:first-child input {
    font: 700 16px/1.1 'Archivo Variable';
    font-stretch: 74%;
  }
  .need > label:nth-child(2) {
    flex: 1.2 1 170px;
  }
`;

const WEIGHTS = [
  ['3', 'Most'],
  ['2', 'Usual'],
  ['1', 'Little'],
] as const;

/** A part of a sheet: the need it is for, what it is filled by, how much it counts, and its calls. */
export function Part({
  section: s,
  at,
  of,
  chosen,
  onChoose,
  onFill,
  change,
  children,
}: {
  section: SheetSection;
  at: number;
  of: number;
  chosen: boolean;
  onChoose: () => void;
  onFill: () => void;
  change: (change: SheetChange) => void;
  children: ReactNode;
}) {
  return (
    <Box data-chosen={chosen || undefined} aria-label={s.need} onFocus={onChoose} onPointerDown={onChoose}>
      <div className="need">
        <TextField
          label="Need"
          value={s.need}
          max={LIMITS.name}
          among={SITUATIONS.map(situationWords)}
          onDone={(need) => change({ do: 'section', id: s.id, need: need.trim() })}
        />
        <TextField
          label="Filled by"
          value={s.query ?? ''}
          max={LIMITS.line}
          placeholder="against 2-3, three, within 5 s"
          onDone={(query) => change({ do: 'section', id: s.id, query: query.trim() })}
        />
        <Button isDisabled={!s.query} aria-label={`Fill ${s.need}`} onPress={onFill}>
          Fill
        </Button>
        <Choice
          label="Weight"
          value={String(s.weight) as '1' | '2' | '3'}
          options={WEIGHTS}
          onChange={(w) => change({ do: 'section', id: s.id, weight: Number(w) as 1 | 2 | 3 })}
        />
        <IconButton
          aria-label={`${s.need} up`}
          isDisabled={at === 0}
          onPress={() => change({ do: 'moveSection', id: s.id, to: at - 1 })}
        >
          <ArrowUp size={15} />
        </IconButton>
        <IconButton
          aria-label={`${s.need} down`}
          isDisabled={at === of - 1}
          onPress={() => change({ do: 'moveSection', id: s.id, to: at + 1 })}
        >
          <ArrowDown size={15} />
        </IconButton>
        <IconButton aria-label={`Remove ${s.need}`} onPress={() => change({ do: 'removeSection', id: s.id })}>
          <Trash2 size={15} />
        </IconButton>
      </div>
      {children}
    </Box>
  );
}
