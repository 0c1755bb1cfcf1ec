import { childrenOf } from '@corkscrew/core';
import { Copy, Plus, Trash2 } from 'lucide-react';
import { useEffect, useRef } from 'react';
import styled from 'styled-components';
import { Button } from '../../../ui/controls.tsx';
import { IconButton } from '../../../ui/IconButton.tsx';
import { useTold } from '../analysis.ts';
import { addFrame, apply, goToFrame, lineView, startAnswer, usePick } from '../store.ts';
import { useTimeline } from '../timeline.ts';
import { Endings } from './Endings.tsx';
import { Then } from './Then.tsx';

const Box = styled.section`
  display: flex;
  flex-wrap: wrap;
  align-items: flex-start;
  gap: 6px 12px;
  min-width: 0;
  padding: 8px 14px 6px;
  border-bottom: 1px solid var(--rule);
  background: var(--desk);
  ol {
    display: flex;
    align-items: flex-start;
    flex: 1 1 320px;
    min-width: 0;
    overflow-x: auto;
    padding: 4px;
  }
  li {
    flex: none;
    display: flex;
    align-items: flex-start;
  }
  .rung {
    display: grid;
    justify-items: center;
    gap: 4px;
    padding: 0;
    border: 0;
    background: none;
    font: 600 12px/1 'Archivo Variable';
    font-stretch: 80%;
    color: var(--ink-3);
  }
  .rung b {
    position: relative;
    display: grid;
    place-items: center;
    width: 44px;
    height: 44px;
    border: 1px solid var(--ink);
    background: var(--raised);
    color: var(--ink);
    font: 700 19px/1 'Archivo Variable';
    font-stretch: 74%;
  }
  .rung[aria-current] b {
    background: var(--ink);
    color: var(--on-ink);
    outline: 2px solid var(--pen);
    outline-offset: 2px;
  }
  .fault {
    position: absolute;
    right: -5px;
    top: -5px;
    width: 9px;
    height: 9px;
    transform: rotate(45deg);
    background: var(--gap);
    border: 1.6px solid var(--gap);
  }
  .rail {
    width: 26px;
    height: 2px;
    background: var(--ink);
    margin-top: 21px;
  }
  .fork {
    display: flex;
    align-items: flex-start;
    margin: -5px 8px 0;
  }
  .then {
    margin: 0 8px;
  }
  .do {
    display: flex;
    gap: 4px;
    flex: none;
  }
`;

/** The ladder on its side: a box a frame, and the endings where they start. */
export function Strip({ fixed }: { fixed: boolean }) {
  const told = useTold();
  const { play, branch, frameId } = usePick('play', 'branch', 'frameId');
  const view = lineView(play, branch, frameId);
  const timeline = useTimeline();
  const list = useRef<HTMLOListElement>(null);
  useEffect(() => {
    list.current?.querySelector('[aria-current]')?.scrollIntoView({ block: 'nearest', inline: 'nearest' });
  }, [frameId, branch]);
  const fromSet = play.frames.filter((f) => f.parent === null);
  return (
    <Box aria-label="Ladder" id="ladder">
      <ol ref={list}>
        {fromSet.length > 1 && (
          <li className="fork">
            <Endings of={fromSet} line={view.line} fixed={fixed} />
          </li>
        )}
        {view.line.map((f, i) => {
          const children = childrenOf(play, f.id);
          const worst = told.find((x) => x.frame === f.id);
          return [
            <li key={f.id}>
              {i > 0 && <span className="rail" />}
              <button
                type="button"
                className="rung"
                data-testid={`rung-${i + 1}`}
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
            (children.length > 1 || children[0]?.read) && (
              <li className="fork" key={`fork-${f.id}`}>
                <Endings of={children} line={view.line} fixed={fixed} />
              </li>
            ),
          ];
        })}
        <li className="then">
          <Then play={play} leaf={view.line.at(-1)!.id} fixed={fixed} />
        </li>
      </ol>
      {!fixed && (
        <span className="do">
          <Button onPress={addFrame} isDisabled={view.line[view.index]!.actions.length === 0}>
            <Plus size={15} /> Frame
          </Button>
          <Button onPress={startAnswer} aria-label="Answer what they do after this frame">
            Answer
          </Button>
          <IconButton
            aria-label="Duplicate this frame"
            onPress={() => apply({ do: 'duplicateFrame', id: frameId })}
          >
            <Copy size={15} />
          </IconButton>
          <IconButton
            aria-label="Delete this frame"
            onPress={() => apply({ do: 'removeFrame', id: frameId })}
          >
            <Trash2 size={15} />
          </IconButton>
        </span>
      )}
    </Box>
  );
}
