import {
  pointSaid,
  readOf,
  readWords,
  tell,
  whySaid,
  type Cell,
  type Defence,
  type PointOnLine,
  type Reaction,
} from '@corkscrew/core';
import { CornerUpRight } from 'lucide-react';
import { useEffect } from 'react';
import styled from 'styled-components';
import type { AnswersAsk } from '../../../questions/kinds.ts';
import { useAnswer } from '../../../questions/use-answer.ts';
import { useTeller } from '../../../team/teller.ts';
import { Button } from '../../../ui/controls.tsx';
import { apply, usePick, useDesk } from '../store.ts';
import { pointKey } from './judge.ts';
import { showCell, showProposal, takeProposal } from './show.ts';

const Box = styled.div`
  margin: 0 -14px 12px;
  padding: 12px 14px;
  border-left: 3px solid var(--pen);
  background: var(--raised);
  h3 {
    display: flex;
    justify-content: space-between;
    gap: 8px;
    font: 700 15px/1.2 'Archivo Variable';
    font-stretch: 76%;
    margin-bottom: 4px;
  }
  h3 button {
    all: unset;
    color: var(--pen);
    font: 640 12.5px/1.4 'Archivo Variable';
    font-stretch: 77%;
    white-space: nowrap;
    cursor: default;
  }
  h3 button:focus-visible {
    outline: 2px solid var(--pen);
  }
  p {
    color: var(--ink-2);
    margin: 2px 0;
  }
  ul {
    margin-top: 8px;
  }
  li {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 2px 8px;
    align-items: center;
    padding: 8px 0;
    border-top: 1px solid var(--rule);
  }
  li b {
    font: 680 13.5px/1.2 'Archivo Variable';
    font-stretch: 76%;
  }
  li span {
    grid-column: 1;
    color: var(--ink-2);
    font-size: 12.5px;
  }
  li button {
    grid-row: 1 / span 2;
    grid-column: 2;
  }
`;

interface Props {
  readonly asks: AnswersAsk;
  readonly defence: Defence;
  readonly point: PointOnLine;
  readonly leaves: readonly string[];
  readonly cell: Cell;
}

/** One cell: what they do, what the play has against it and why, and what could be drawn where nothing answers. */
export function Detail({ asks, defence, point, leaves, cell }: Props) {
  const { play } = usePick('play');
  const t = useTeller(play);
  const read = readWords(readOf(defence, point, cell.reaction), t);
  const words = `${read} at ${tell(pointSaid(point), t)}`;
  const wanting = cell.state === 'hole' || cell.state === 'contested';
  const at = cell.look?.judged.at;
  const by = cell.tried?.ending && play.frames.find((f) => f.id === cell.tried!.ending)?.read;
  return (
    <Box data-testid="cell">
      <h3>
        <span>
          {read}: {tell(pointSaid(point), t)}
        </span>
        <button type="button" onClick={() => showCell(defence, point, cell, words)}>
          <CornerUpRight size={12} aria-hidden="true" />{' '}
          {(at === undefined || Number.isNaN(at) ? point.seen : at).toFixed(1)}
          <span className="visually-hidden"> seconds, show it on the court</span>
        </button>
      </h3>
      {by && <p>The ending “{readWords(by, t)}” is for it.</p>}
      {whySaid(cell).map((s) => (
        <p key={s.key}>{tell(s, t)}</p>
      ))}
      {(wanting || cell.state === 'never') && (
        <Button onPress={() => sayNever(point, cell.reaction, cell.state !== 'never')}>
          {cell.state === 'never' ? 'They may do this' : 'They never do this'}
        </Button>
      )}
      {wanting && (
        <Proposals
          key={pointKey(asks, { point, leaves })}
          asks={asks}
          point={point}
          leaves={leaves}
          cell={cell}
          read={read}
        />
      )}
    </Box>
  );
}

const sayNever = (p: PointOnLine, does: Reaction, never: boolean): boolean =>
  apply({ do: 'never', at: { kind: p.kind, by: p.by, user: p.user, depth: p.depth }, does, never });

function Proposals({
  asks,
  point,
  leaves,
  cell,
  read,
}: Pick<Props, 'asks' | 'point' | 'leaves' | 'cell'> & { read: string }) {
  const key = `${cell.reaction} ${pointKey(asks, { point, leaves })}`;
  const { answer, fresh, failed } = useAnswer(
    'proposals',
    { ...asks, point, reaction: cell.reaction },
    { key, priority: 'now' },
  );
  const found = failed ? [] : fresh ? answer : null;
  // What is looked at goes with the list it is in.
  useEffect(() => () => showProposal(null), [key]);
  if (!found)
    return (
      <p role="status">
        <progress aria-label="Trying answers" /> Trying the usual answers…
      </p>
    );
  const draw = () =>
    useDesk.setState({
      answering: { is: 'new', after: point.frame },
      frameId: point.frame,
      time: null,
      pending: null,
    });
  return (
    <>
      {found.length === 0 && (
        <p>None of the usual answers holds from here. Move the men, or draw your own.</p>
      )}
      <ul aria-label={`Answers to “${read}”`}>
        {found.map((p) => {
          const title = tell({ key: 'answer-recipe', with: { recipe: p.recipe, to: p.look.look.player } });
          return (
            <li
              key={p.recipe}
              onPointerEnter={() => showProposal(p)}
              onPointerLeave={() => showProposal(null)}
              onFocus={() => showProposal(p)}
            >
              <b>{title}</b>
              <span>
                open at {p.look.judged.at.toFixed(1)}, worth {p.worth.toFixed(2)}; on{' '}
                {Math.round(p.share * p.boards)} of {p.boards} boards
              </span>
              <Button onPress={() => takeProposal(p, title)} aria-label={`Try it: ${title}`}>
                Try it
              </Button>
            </li>
          );
        })}
      </ul>
      <Button onPress={draw}>Draw my own</Button>
    </>
  );
}
