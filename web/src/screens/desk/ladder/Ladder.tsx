import {
  captionOf,
  childrenOf,
  leaves,
  lineWords,
  recognise,
  type Court,
  type Finding,
  type FrameWalk,
} from '@corkscrew/core';
import { Copy, Plus, Trash2 } from 'lucide-react';
import { lazy, memo, Suspense, useEffect, useRef, useState } from 'react';
import styled from 'styled-components';
import { Button } from '../../../ui/controls.tsx';
import { IconButton } from '../../../ui/IconButton.tsx';
import { useDrag } from '../../../ui/drag.ts';
import { FramePicture } from '../../../floor/FramePicture.tsx';
import { useTold } from '../analysis.ts';
import { addFrame, apply, goToFrame, lineView, startAnswer, usePick } from '../store.ts';
import { Endings } from './Endings.tsx';
import { Then } from './Then.tsx';
import { useTimeline } from '../timeline.ts';
import { useDeskTeller } from '../teller.ts';

const Box = styled.section`
  display: flex;
  flex-direction: column;
  min-height: 0;
  border-right: 1px solid var(--rule);
  h2 {
    font-size: 16px;
    line-height: 1.1;
    font-weight: 700;
    font-stretch: 74%;
  }
  .head {
    display: flex;
    justify-content: space-between;
    align-items: baseline;
    padding: 12px 12px 8px;
    color: var(--ink-3);
    font-size: 12px;
  }
  .head span {
    font: 600 12px/1 'Archivo Variable';
    font-stretch: 80%;
  }
  .head h2 {
    color: var(--ink);
  }
  .here {
    display: flex;
    justify-content: space-between;
    align-items: center;
    gap: 8px;
    padding: 0 12px 8px;
    font-size: 12px;
    line-height: 1.25;
    color: var(--ink-2);
  }
  .here button {
    flex: none;
    min-height: 24px;
    padding: 3px 8px;
    border: 1px solid var(--rule-2);
    border-radius: 2px;
    background: var(--raised);
    font-weight: 640;
    font-size: 12.5px;
  }
  .here button[aria-pressed='true'] {
    background: var(--ink);
    color: var(--on-ink);
    border-color: var(--ink);
  }
  ol[hidden] {
    display: none;
  }
  ol {
    overflow: auto;
    flex: 1;
    position: relative;
  }
  li[data-held] {
    opacity: 0.5;
  }
  li[data-drop] {
    box-shadow: 0 2px 0 var(--pen);
  }
  .foot {
    display: flex;
    flex-wrap: wrap;
    gap: 4px;
    padding: 10px 12px;
    border-top: 1px solid var(--rule);
    align-items: center;
  }
  .next {
    display: flex;
    gap: 10px;
    padding: 10px;
    color: var(--ink-3);
    font-size: 12px;
    line-height: 1.28;
  }
  .next b {
    width: 19px;
    height: 19px;
    border: 1px dashed var(--rule-2);
    display: grid;
    place-items: center;
    font: 640 12px/1 'Archivo Variable';
    flex: none;
  }
`;
const Rung = styled.button`
  display: grid;
  grid-template-columns: 30px 79px 1fr;
  gap: 6px;
  width: 100%;
  min-height: 84px;
  padding: 7px 8px 7px 7px;
  border: 0;
  border-left: 3px solid transparent;
  background: none;
  text-align: left;
  cursor: default;
  &:hover {
    background: var(--sheet);
  }
  &[aria-current] {
    background: var(--sheet);
    border-left-color: var(--pen);
    box-shadow:
      0 -1px var(--rule),
      0 1px var(--rule);
  }
  &:focus-visible {
    outline-offset: -3px;
  }
  .no {
    display: grid;
    place-items: center;
    width: 19px;
    height: 19px;
    border: 1px solid var(--ink);
    background: var(--raised);
    font: 700 13px/1 'Archivo Variable';
    font-stretch: 74%;
  }
  &[aria-current] .no {
    background: var(--ink);
    color: var(--on-ink);
  }
  .time {
    display: block;
    margin-top: 5px;
    font: 600 11.5px/1 'Archivo Variable';
    font-stretch: 80%;
    color: var(--ink-3);
  }
  .fault {
    display: block;
    margin-top: 6px;
    width: 10px;
    height: 10px;
    transform: rotate(45deg);
    background: var(--gap);
    border: 1.6px solid var(--gap);
    margin-left: 3px;
  }
  .fault[data-severity='costs'] {
    background: none;
  }
  .fault[data-severity='know'] {
    background: none;
    border-color: var(--ink-3);
    border-radius: 50%;
  }
  .pic {
    border: 1px solid var(--rule);
    align-self: start;
  }
  .words {
    font: 400 12px/1.28 'Atkinson Hyperlegible Next Variable';
    color: var(--ink-2);
    font-stretch: 100%;
    overflow-wrap: anywhere;
  }
  /* All of it is told of the frame one is in; of the others as much as tells them apart. */
  &:not([aria-current]) .words span {
    display: -webkit-box;
    -webkit-line-clamp: 4;
    -webkit-box-orient: vertical;
    overflow: hidden;
    text-overflow: ellipsis;
  }
  @media (max-width: 1279px) {
    grid-template-columns: 26px 79px 1fr;
    && .words span {
      display: none;
    }
  }
  .words b {
    display: block;
    font: 700 14px/1.15 'Archivo Variable';
    font-stretch: 76%;
    color: var(--ink);
    margin-bottom: 2px;
  }
`;
const Tree = lazy(() => import('./Tree.tsx'));

const Fork = styled.li`
  padding: 6px 10px 8px;
  font-size: 12px;
  color: var(--ink-2);
`;
/** The frame behind which something dropped at a height of the window goes; null before the first. */
function dropAt(list: HTMLElement, y: number): { after: string | null } | null {
  const rungs = [...list.querySelectorAll<HTMLElement>('[data-frame]')];
  const above = rungs.filter((r) => {
    const box = r.getBoundingClientRect();
    return box.top + box.height / 2 < y;
  });
  return rungs.length > 0 ? { after: above.at(-1)?.dataset.frame ?? null } : null;
}

/** One rung a frame, from the set to the end of the chosen ending; a rung is dragged to another place on the line. */
export function Ladder() {
  const t = useDeskTeller();
  const told = useTold();
  const { play, branch, frameId } = usePick('play', 'branch', 'frameId');
  const view = lineView(play, branch, frameId);
  const timeline = useTimeline();
  const list = useRef<HTMLOListElement>(null);
  const [over, setOver] = useState<{ after: string | null } | null>(null);
  const { held, take, hand } = useDrag<string>({
    measure: () => (e) => ({ x: e.clientX, y: e.clientY }),
    from: 8,
    onMove: ({ at }) => setOver(dropAt(list.current!, at.y)),
    onDrop: ({ item, at }) => {
      const to = dropAt(list.current!, at.y);
      if (to) apply({ do: 'moveFrame', id: item, after: to.after });
      setOver(null);
    },
    onTap: (id) => {
      goToFrame(id);
      setTimeout(() => document.getElementById('court')?.focus({ preventScroll: true }));
    },
  });
  useEffect(() => {
    list.current?.querySelector('[aria-current]')?.scrollIntoView({ block: 'nearest' });
  }, [frameId, branch]);
  const frames = view.line.length;
  const last = view.line.at(-1)!;
  const fromSet = play.frames.filter((f) => f.parent === null);
  const forked = leaves(play).length > 1;
  const [whole, setWhole] = useState(false);
  return (
    <Box aria-label="Ladder" id="ladder">
      <div className="head">
        <h2>Ladder</h2>
        <span>
          {timeline.end.toFixed(1)} s · {frames === 1 ? '1 frame' : `${frames} frames`}
        </span>
      </div>
      {forked && (
        <div className="here">
          <span>{lineWords(play, view.line.at(-1)!.id, t)}</span>
          <button type="button" aria-pressed={whole} onClick={() => setWhole(!whole)}>
            All endings
          </button>
        </div>
      )}
      {forked && whole && (
        <Suspense>
          <Tree play={play} leaf={last.id} frameId={frameId} />
        </Suspense>
      )}
      <ol ref={list} {...hand} hidden={forked && whole}>
        {fromSet.length > 1 && (
          <Fork>
            From the set, by what they do:
            <Endings of={fromSet} line={view.line} />
          </Fork>
        )}
        {view.line.map((f, i) => {
          const children = childrenOf(play, f.id);
          return [
            <li
              key={f.id}
              data-drop={over && over.after === f.id ? true : undefined}
              data-held={held?.moved && held.item === f.id ? true : undefined}
              onPointerDown={(e) => e.pointerType === 'mouse' && take(e, f.id)}
            >
              <RungView
                court={view.court}
                walks={view.walks}
                i={i}
                start={timeline.bars[i]?.start ?? 0}
                current={f.id === frameId}
                worst={told.find((x) => x.frame === f.id)}
              />
            </li>,
            (children.length > 1 || children[0]?.read) && (
              <Fork key={`fork-${f.id}`}>
                Then, by what they do:
                <Endings of={children} line={view.line} />
              </Fork>
            ),
          ];
        })}
        {(last.actions.length > 0 || frames > 1) && (
          <Fork>
            <Then play={play} leaf={last.id} />
          </Fork>
        )}
        {last.actions.length === 0 && frames === 1 && (
          <li className="next">
            <b>2</b>
            <span>Frame 2 opens when somebody moves.</span>
          </li>
        )}
      </ol>
      <Foot frameId={frameId} empty={view.walks[view.index]!.steps.length === 0} />
    </Box>
  );
}

/** What is done with the frame on the court. */
const Foot = memo(function Foot({ frameId, empty }: { frameId: string; empty: boolean }) {
  return (
    <div className="foot">
      <Button onPress={() => addFrame()} isDisabled={empty}>
        <Plus size={15} /> Frame
      </Button>
      <Button onPress={startAnswer} aria-label="Answer what they do after this frame">
        Answer
      </Button>
      <span style={{ marginLeft: 'auto' }} />
      <IconButton
        aria-label="Duplicate this frame"
        onPress={() => apply({ do: 'duplicateFrame', id: frameId })}
      >
        <Copy size={15} />
      </IconButton>
      <IconButton aria-label="Delete this frame" onPress={() => apply({ do: 'removeFrame', id: frameId })}>
        <Trash2 size={15} />
      </IconButton>
    </div>
  );
});

interface RungProps {
  court: Court;
  walks: readonly FrameWalk[];
  i: number;
  start: number;
  current: boolean;
  worst: Finding | undefined;
}

const RungView = memo(function RungView({ court, walks, i, start, current, worst }: RungProps) {
  const t = useDeskTeller();
  const walk = walks[i]!;
  const { frame } = walk;
  const own = frame.caption?.trim();
  const title =
    frame.title ||
    (i === 0 ? recognise(court, walk.before.places, walk.before.thrower)?.alignment.name : undefined);
  const words =
    own ||
    captionOf(court, walk, walks.slice(0, i), t) ||
    (i === 0 ? 'Nobody has moved yet.' : 'Nobody moves yet.');
  return (
    <Rung
      {...(current ? { 'aria-current': 'step' as const } : {})}
      onClick={() => goToFrame(frame.id)}
      title={words}
      data-frame={frame.id}
      data-testid={`rung-${i + 1}`}
    >
      <span>
        <span className="no">{i + 1}</span>
        <span className="time">{start.toFixed(1)}</span>
        {worst && (
          <span
            className="fault"
            data-severity={worst.severity}
            role="img"
            aria-label={worst.sentence}
            title={worst.sentence}
          />
        )}
      </span>
      <span className="pic">
        <FramePicture court={court} walk={walk} next={walks[i + 1]} />
      </span>
      <span className="words">
        {title && <b>{title}</b>}
        <span>{words}</span>
      </span>
    </Rung>
  );
});
