import { childrenOf, endingWords } from '@corkscrew/core';
import styled from 'styled-components';
import { goToEnding, lineView, usePick } from '../store.ts';
import { useDeskTeller } from '../teller.ts';
import { Rung } from './Rung.tsx';

const Box = styled.section`
  border-right: 1px solid var(--rule);
  overflow: auto;
  padding: 14px 0;
  ol {
    display: grid;
    justify-items: center;
  }
  li {
    display: grid;
    justify-items: center;
  }
  li::after {
    content: '';
    width: 2px;
    height: 14px;
    background: var(--ink);
  }
  li:last-child::after {
    content: none;
  }
  .fork {
    padding: 4px 2px;
    max-width: 62px;
    border: 0;
    background: none;
    font: 600 12px/1.15 'Archivo Variable';
    font-stretch: 80%;
    color: var(--ink-2);
  }
`;

/** The ladder with its pictures folded away: a box a frame, and at a fork which ending of how many it is. */
export function Folded() {
  const t = useDeskTeller();
  const { play, branch, frameId } = usePick('play', 'branch', 'frameId');
  const { line } = lineView(play, branch, frameId);
  const fork = (parent: string | null, at: number) => {
    const endings = parent === null ? play.frames.filter((f) => f.parent === null) : childrenOf(play, parent);
    const here = endings.findIndex((f) => f.id === line[at]?.id);
    if (endings.length < 2 || here < 0) return null;
    const next = endings[(here + 1) % endings.length]!;
    return (
      <li key={`fork ${at}`}>
        <button
          type="button"
          className="fork"
          title={endingWords(endings[here]!, here, t)}
          aria-label={`Ending ${here + 1} of ${endings.length}: show the next one`}
          onClick={() => goToEnding(next.id)}
        >
          {here + 1} of {endings.length}
        </button>
      </li>
    );
  };
  return (
    <Box aria-label="Ladder" id="ladder">
      <ol>
        {line.map((f, i) => [
          fork(f.parent, i),
          <li key={f.id}>
            <Rung frame={f} at={i} small />
          </li>,
        ])}
      </ol>
    </Box>
  );
}
