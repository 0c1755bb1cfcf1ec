import {
  leaves as leavesOf,
  pointSaid,
  readOf,
  readWords,
  tell,
  toldWords,
  type Cell,
  type PointOnLine,
  type Reaction,
  STATE_WORDS,
} from '@corkscrew/core';
import { useState } from 'react';
import styled, { keyframes } from 'styled-components';
import { Button } from '../../../ui/controls.tsx';
import { Counts } from '../../../ui/Counts.ts';
import { useDefence, usePlayed, useTrial } from '../defend/view.ts';
import { lineView, usePick } from '../store.ts';
import { playAllAnswers } from '../timeline.ts';
import { Detail } from './Detail.tsx';
import { EveningList } from './EveningList.tsx';
import { Everything } from './Everything.tsx';
import { GridTable } from './GridTable.tsx';
import { startGrid, stopGrid, useAsks, useGrid, useReply, type Grid } from './judge.ts';
import { Mark } from '../../../ui/Mark.tsx';
import { showCell, showReply } from './show.ts';
import type { AnswersAsk } from '../../../questions/kinds.ts';
import { useDeskTeller } from '../teller.ts';

const Key = styled.p`
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  margin-bottom: 10px;
  font-size: 12px;
  color: var(--ink-2);
  span {
    display: inline-flex;
    align-items: center;
    gap: 5px;
  }
`;
const late = keyframes`
  from {
    visibility: hidden;
  }
`;
const Line = styled.div`
  position: relative;
`;
/** Beside the counts, so that nothing moves when it comes; not for what is done at once. */
const Progress = styled.div`
  position: absolute;
  inset: -4px 0 -5px;
  display: flex;
  justify-content: end;
  align-items: start;
  pointer-events: none;
  button {
    pointer-events: auto;
  }
  animation: ${late} 0.8s step-end both;
  progress {
    position: absolute;
    left: 0;
    bottom: 0;
    width: 100%;
    height: 3px;
    accent-color: var(--pen);
  }
`;
const Shown = styled.div`
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 8px;
  margin-bottom: 10px;
  padding: 6px 10px;
  border: 1px solid var(--pen);
  color: var(--pen);
  font-size: 12.5px;
`;

/** What the play has against each thing they may do, and what hurts it most. */
export function AnswersTab() {
  const t = useDeskTeller();
  const { play, branch, frameId } = usePick('play', 'branch', 'frameId');
  const defence = useDefence(play);
  const { trial } = usePlayed(play, lineView(play, branch, frameId).line.at(-1)!.id);
  const asks = useAsks(play, defence);
  const leaves = leavesOf(play).map((f) => f.id);
  const grid = useGrid(asks, leaves);
  const [chosen, setChosen] = useState<{ point: string; reaction: Reaction } | null>(null);
  if (!defence || !asks)
    return <p>Pick a defence to see what the play has against each thing they may do.</p>;
  const choose = (point: PointOnLine, cell: Cell): void => {
    setChosen({ point: point.id, reaction: cell.reaction });
    showCell(
      defence,
      point,
      cell,
      `${readWords(readOf(defence, point, cell.reaction), t)} (${tell(pointSaid(point), t)})`,
    );
  };
  const row = grid.rows.find((r) => r.point.id === chosen?.point);
  const cell = row?.cells.find((c) => c.reaction === chosen?.reaction);
  return (
    <div aria-busy={grid.busy}>
      <Summary grid={grid} zone={defence.type === 'zone'} />
      {leaves.length > 1 && (
        <p style={{ marginBottom: 10 }}>
          <Button onPress={playAllAnswers}>Play all answers</Button>
        </p>
      )}
      {trial && (
        <Shown role="status">
          <span>Shown as if they did it: {trial.words}</span>
          <Button onPress={() => useTrial.setState({ trial: null })}>As they play it</Button>
        </Shown>
      )}
      <GridTable rows={grid.rows} defence={defence} chosen={chosen} onChoose={choose} />
      {grid.rows.length > 0 && (
        <Key>
          {(['answered', 'contested', 'hole', 'cant'] as const).map((s) => (
            <span key={s}>
              <Mark state={s} size={13} /> {STATE_WORDS[s]}
            </span>
          ))}
        </Key>
      )}
      {row && cell && (
        <Detail
          key={`${row.point.id} ${cell.reaction}`}
          asks={asks}
          defence={defence}
          point={row.point}
          leaves={row.leaves}
          cell={cell}
        />
      )}
      <Worst asks={asks} leaves={leaves} grid={grid} />
      <Everything asks={asks} />
      <EveningList />
    </div>
  );
}

function Summary({ grid, zone }: { grid: Grid; zone: boolean }) {
  const count = (state: Cell['state']): number =>
    grid.rows.reduce((n, r) => n + r.cells.filter((c) => c.state === state).length, 0);
  const holes = count('hole');
  if (grid.failed) return <p role="alert">The answers could not be judged. The next change asks again.</p>;
  if (grid.play === null) return <p role="status">Looking for where they have a choice…</p>;
  if (grid.rows.length === 0)
    return (
      <p>
        {zone
          ? 'No catch in this play makes their zone choose yet: nobody has to leave a man who could shoot.'
          : 'They have no choice to make in this play yet: no screen, handoff, drive or pass they could deny.'}
      </p>
    );
  return (
    <Line>
      <Counts role="status">
        <span>
          <b>{count('answered')}</b>answered
        </span>
        <span>
          <b>{count('contested')}</b>contested
        </span>
        <span className={holes > 0 ? 'bad' : undefined}>
          <b>{holes}</b>
          {holes === 1 ? 'hole' : 'holes'}
        </span>
      </Counts>
      {grid.busy && (
        <Progress>
          <progress
            aria-label="Judged"
            value={grid.rows.filter((r) => r.cells.length === r.point.reactions.length).length}
            max={grid.rows.length}
          />
          <Button onPress={stopGrid}>Stop</Button>
        </Progress>
      )}
      {grid.stopped && (
        <Progress>
          <Button aria-label="Judge the rest" onPress={startGrid}>
            Go on
          </Button>
        </Progress>
      )}
    </Line>
  );
}

/** What hurts the play most: asked for once the grid is there. */
function Worst({ asks, leaves, grid }: { asks: AnswersAsk; leaves: readonly string[]; grid: Grid }) {
  const ready = grid.rows.length > 0 && !grid.busy && !grid.stopped;
  const reply = useReply(ready ? asks : null, leaves);
  if (grid.rows.length === 0) return null;
  const points = grid.rows.map((r) => r.point);
  const what = reply && toldWords(asks.defence, points, reply.told, (p) => tell(pointSaid(p)));
  return (
    <>
      <h3>Their best reply</h3>
      {reply && what ? (
        <>
          <p>{tell({ key: 'answer-worst', with: { worth: reply.worth, what } })}</p>
          {what.length > 0 && (
            <Button onPress={() => showReply(asks.defence, points, reply, what.join('; '))}>
              Show it on the court
            </Button>
          )}
        </>
      ) : (
        <p role="status">{ready ? 'Looking for what hurts most…' : ''}</p>
      )}
    </>
  );
}
