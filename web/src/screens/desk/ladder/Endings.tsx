import { endingWords, type Frame } from '@corkscrew/core';
import { MoreHorizontal } from 'lucide-react';
import { useState } from 'react';
import styled from 'styled-components';
import { Choices, type MenuChoice } from '../../../ui/Choices.tsx';
import { apply, goToEnding, useDesk } from '../store.ts';
import { useDeskTeller } from '../teller.ts';

const Chips = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 5px;
  margin-top: 5px;
  .ending {
    display: inline-flex;
    max-width: 100%;
    border: 1px solid var(--rule-2);
    border-radius: 2px;
    background: var(--raised);
  }
  .ending[data-chosen] {
    background: var(--ink);
    border-color: var(--ink);
    --on: var(--on-ink);
  }
  button {
    min-height: 24px;
    padding: 3px 8px;
    border: 0;
    background: none;
    color: var(--on, var(--ink));
    font-weight: 640;
    font-size: 12.5px;
    overflow-wrap: anywhere;
    text-align: left;
  }
  .more {
    padding: 3px 5px;
    border-left: 1px solid var(--rule-2);
    line-height: 0;
  }
  @media (pointer: coarse) {
    button {
      min-height: 44px;
      padding: 3px 12px;
    }
    .more {
      min-width: 44px;
    }
  }
`;

type Act = 'name' | 'first' | 'earlier' | 'later' | 'remove';

/** The endings that start from one place, each by what they do; the one on the ladder is pressed. */
export function Endings({
  of,
  line,
  fixed = false,
}: {
  of: readonly Frame[];
  line: readonly Frame[];
  /** To be chosen only, not changed. */
  fixed?: boolean;
}) {
  const t = useDeskTeller();
  const [open, setOpen] = useState<{ id: string; at: Element } | null>(null);
  const i = of.findIndex((f) => f.id === open?.id);
  return (
    <Chips role="group" aria-label="Endings">
      {of.map((f, k) => {
        const chosen = line.some((l) => l.id === f.id);
        return (
          <span className="ending" key={f.id} data-chosen={chosen || undefined}>
            <button type="button" aria-pressed={chosen} onClick={() => goToEnding(f.id)}>
              {endingWords(f, k, t)}
            </button>
            {chosen && !fixed && (
              <button
                type="button"
                className="more"
                aria-haspopup="menu"
                aria-label={`What to do with “${endingWords(f, k, t)}”`}
                onClick={(e) => setOpen({ id: f.id, at: e.currentTarget })}
              >
                <MoreHorizontal size={14} />
              </button>
            )}
          </span>
        );
      })}
      {open && i >= 0 && (
        <Choices
          label="What to do with this ending"
          at={open.at}
          choices={actsOf(i, of.length)}
          onChoose={(act) => {
            setOpen(null);
            carryOut(act, open.id, i);
          }}
          onClose={() => setOpen(null)}
        />
      )}
    </Chips>
  );
}

const actsOf = (i: number, count: number): MenuChoice<Act>[] => [
  { id: 'name', words: 'Say what they do' },
  { id: 'first', words: 'Make it the play as drawn', away: i === 0 },
  { id: 'earlier', words: 'Earlier in the order', away: i === 0 },
  { id: 'later', words: 'Later in the order', away: i === count - 1 },
  { id: 'remove', words: 'Delete the ending' },
];

function carryOut(act: Act, id: string, i: number): void {
  switch (act) {
    case 'name':
      useDesk.setState({ answering: { is: 'named', frame: id } });
      return;
    case 'remove':
      apply({ do: 'removeEnding', id });
      return;
    default:
      apply({ do: 'orderEnding', id, to: act === 'first' ? 0 : i + (act === 'later' ? 1 : -1) });
  }
}
