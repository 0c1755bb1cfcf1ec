import { childrenOf } from '@corkscrew/core';
import { Copy, Plus, Trash2 } from 'lucide-react';
import { useEffect, useRef } from 'react';
import styled from 'styled-components';
import { Button } from '../../../ui/controls.tsx';
import { IconButton } from '../../../ui/IconButton.tsx';
import { addFrame, apply, lineView, startAnswer, usePick } from '../store.ts';
import { Endings } from './Endings.tsx';
import { Rung } from './Rung.tsx';
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
  const { play, branch, frameId } = usePick('play', 'branch', 'frameId');
  const view = lineView(play, branch, frameId);
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
          return [
            <li key={f.id}>
              {i > 0 && <span className="rail" />}
              <Rung frame={f} at={i} />
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
