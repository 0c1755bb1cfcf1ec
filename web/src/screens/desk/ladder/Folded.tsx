import { childrenOf, endingWords } from '@corkscrew/core';
import styled from 'styled-components';
import { useTold } from '../analysis.ts';
import { goToEnding, goToFrame, lineView, usePick } from '../store.ts';
import { useDeskTeller } from '../teller.ts';
import { useTimeline } from '../timeline.ts';

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
  button {
    display: grid;
    justify-items: center;
    gap: 5px;
    padding: 3px 8px;
    border: 0;
    background: none;
    font: 600 12px/1 'Archivo Variable';
    font-stretch: 80%;
    color: var(--ink-2);
  }
  button b {
    position: relative;
    width: 28px;
    height: 28px;
    display: grid;
    place-items: center;
    border: 1px solid var(--ink);
    background: var(--raised);
    color: var(--ink);
    font: 700 15px/1 'Archivo Variable';
    font-stretch: 74%;
  }
  button[aria-current] b {
    background: var(--ink);
    color: var(--on-ink);
  }
  .fault {
    position: absolute;
    right: -5px;
    top: -5px;
    width: 8px;
    height: 8px;
    transform: rotate(45deg);
    background: var(--gap);
  }
  .fork {
    padding: 4px 2px;
    max-width: 62px;
    text-align: center;
    line-height: 1.15;
  }
`;

/** The ladder with its pictures folded away: a box a frame, and at a fork which ending of how many it is. */
export function Folded() {
  const told = useTold();
  const t = useDeskTeller();
  const { play, branch, frameId } = usePick('play', 'branch', 'frameId');
  const { line } = lineView(play, branch, frameId);
  const timeline = useTimeline();
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
        {line.map((f, i) => {
          const worst = told.find((x) => x.frame === f.id);
          return [
            fork(f.parent, i),
            <li key={f.id}>
              <button
                type="button"
                data-frame={f.id}
                {...(f.id === frameId ? { 'aria-current': 'step' as const } : {})}
                aria-label={`Frame ${i + 1}${f.title ? `, ${f.title}` : ''}`}
                onClick={() => goToFrame(f.id)}
              >
                <b>
                  {i + 1}
                  {worst && <span className="fault" role="img" aria-label={worst.sentence} />}
                </b>
                {(timeline.bars[i]?.start ?? 0).toFixed(1)}
              </button>
            </li>,
          ];
        })}
      </ol>
    </Box>
  );
}
