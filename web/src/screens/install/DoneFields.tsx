import { WENT, WENT_WORDS, type Block, type BlockDone } from '@corkscrew/core';
import { Minus, Plus } from 'lucide-react';
import styled from 'styled-components';
import { Button, Label } from '../../ui/controls.tsx';
import { Segments } from '../../ui/Segments.tsx';

const Rows = styled.div`
  display: grid;
  gap: 10px;
  .counts {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto auto auto;
    gap: 8px;
    align-items: center;
  }
  .counts b {
    min-width: 26px;
    text-align: center;
    font: 700 17px/1 'Archivo Variable';
    font-stretch: 76%;
  }
`;

/** How a block went, in one press; minutes as planned, and repetitions only where somebody counted them. */
export function DoneFields({
  block,
  onDone,
}: {
  block: Block;
  onDone: (done: BlockDone | undefined) => void;
}) {
  const { done } = block;
  const now: BlockDone = done ?? { minutes: block.minutes, went: 'well' };
  const count = (key: 'clean' | 'tried', by: number): void => {
    const clean = Math.max(0, (now.clean ?? 0) + (key === 'clean' ? by : 0));
    const tried = Math.max(clean, (now.tried ?? 0) + by);
    onDone({ ...now, clean: Math.min(clean, tried), tried });
  };
  const rows = [
    ['clean', 'Clean', now.clean ?? 0],
    ['tried', 'Broke', (now.tried ?? 0) - (now.clean ?? 0)],
  ] as const;
  return (
    <Rows>
      <Label>{done ? 'It went' : 'Done? How did it go?'}</Label>
      <Segments role="group" aria-label="How it went">
        {WENT.map((w) => (
          <button
            key={w}
            type="button"
            aria-pressed={done?.went === w}
            onClick={() => onDone(done?.went === w ? undefined : { ...now, went: w })}
          >
            {WENT_WORDS[w]}
          </button>
        ))}
      </Segments>
      {rows.map(([key, words, n]) => (
        <div key={key} className="counts">
          <span>{words}</span>
          <Button
            aria-label={`One ${words.toLocaleLowerCase()} less`}
            isDisabled={n === 0}
            onPress={() => count(key, -1)}
          >
            <Minus size={14} />
          </Button>
          <b>{n}</b>
          <Button aria-label={`One ${words.toLocaleLowerCase()} more`} onPress={() => count(key, 1)}>
            <Plus size={14} />
          </Button>
        </div>
      ))}
    </Rows>
  );
}
