import {
  contentOf,
  endingWords,
  endOf,
  lineTo,
  outlineOf,
  tell,
  type Outline,
  type Play,
} from '@corkscrew/core';
import { ChevronRight } from 'lucide-react';
import { memo, useMemo, useState, type ReactNode } from 'react';
import { Button as AriaButton, Tree as AriaTree, TreeItem, TreeItemContent } from 'react-aria-components';
import styled from 'styled-components';
import { goToEnding, goToFrame } from '../store.ts';
import { useDeskTeller } from '../teller.ts';

const Box = styled(AriaTree)`
  flex: 1;
  min-height: 0;
  overflow: auto;
  outline: none;
  .row {
    display: flex;
    align-items: center;
    gap: 6px;
    min-height: 28px;
    padding: 3px 8px 3px calc(8px + var(--deep) * 13px);
    border-left: 3px solid transparent;
    font-size: 12.5px;
    line-height: 1.2;
    cursor: default;
    outline: none;
  }
  .row:hover {
    background: var(--sheet);
  }
  .row[data-focus-visible] {
    outline: 2px solid var(--pen);
    outline-offset: -2px;
  }
  .row[data-here] {
    background: var(--sheet);
    border-left-color: var(--pen);
  }
  .row[data-line] .no {
    background: var(--ink);
    color: var(--on-ink);
  }
  .ending b {
    flex: none;
    max-width: 75%;
    font: 700 13.5px/1.15 'Archivo Variable';
    font-stretch: 76%;
  }
  .ending span {
    color: var(--ink-3);
    font-size: 12px;
    margin-left: auto;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  .no {
    flex: none;
    display: grid;
    place-items: center;
    width: 18px;
    height: 18px;
    border: 1px solid var(--ink);
    background: var(--raised);
    font: 700 12px/1 'Archivo Variable';
    font-stretch: 74%;
  }
  .fold {
    flex: none;
    display: grid;
    place-items: center;
    width: 18px;
    height: 22px;
    padding: 0;
    border: 0;
    background: none;
  }
  .row[data-expanded] > div > div > .fold svg,
  .row[data-expanded] .fold svg {
    transform: rotate(90deg);
  }
  .words {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
    color: var(--ink-2);
  }
  .row > div,
  .row > div > div {
    display: flex;
    align-items: center;
    gap: 6px;
    flex: 1;
    min-width: 0;
  }
  @media (pointer: coarse) {
    .row {
      min-height: 44px;
    }
    .fold {
      width: 44px;
      height: 44px;
    }
  }
`;

const ENDING = 'ending ';

interface TreeProps {
  readonly play: Play;
  readonly leaf: string;
  readonly frameId: string;
}

/** All endings at once, each folded or unfolded: up and down walk, left and right fold, Enter goes there. */
function Tree({ play, leaf, frameId }: TreeProps) {
  const t = useDeskTeller();
  const outline = useMemo(() => outlineOf(play), [play]);
  const line = useMemo(() => new Set(lineTo(play, leaf).map((f) => f.id)), [play, leaf]);
  // What the coach folded or unfolded himself; the line he is on is open otherwise.
  const [set, setSet] = useState<Readonly<Record<string, boolean>>>({});
  const keys = endingsIn(outline);
  const isOpen = (id: string): boolean => set[id] ?? line.has(id.slice(ENDING.length));
  const open = keys.filter(isOpen);
  return (
    <Box
      aria-label="All endings"
      expandedKeys={open}
      onExpandedChange={(now) =>
        setSet((was) => ({
          ...was,
          ...Object.fromEntries(keys.filter((k) => now.has(k) !== isOpen(k)).map((k) => [k, now.has(k)])),
        }))
      }
      onAction={(key) => {
        const id = String(key);
        if (id.startsWith(ENDING)) goToEnding(id.slice(ENDING.length));
        else goToFrame(id);
      }}
    >
      {piece(outline, 0, 0)}
    </Box>
  );

  function piece({ frames, endings }: Outline, before: number, deep: number): ReactNode[] {
    const rows = frames.map((f, i) => (
      <TreeItem
        key={f.id}
        id={f.id}
        className="row"
        textValue={`Frame ${before + i + 1}${f.title ? `, ${f.title}` : ''}`}
        style={{ '--deep': deep } as object}
        data-line={line.has(f.id) || undefined}
        data-here={f.id === frameId || undefined}
      >
        <TreeItemContent>
          <span className="no">{before + i + 1}</span>
          <span className="words">{f.title ?? ''}</span>
        </TreeItemContent>
      </TreeItem>
    ));
    const more = endings.map((e, k) => {
      const [first] = e.frames;
      if (!first) return null;
      const words = endingWords(first, k, t);
      const end = e.endings.length === 0 ? endOf(play, e.frames.at(-1)!.id) : undefined;
      const then = end === undefined ? `${e.endings.length} ways` : tell({ key: 'line-end', with: { end } });
      return (
        <TreeItem
          key={ENDING + first.id}
          id={ENDING + first.id}
          className="row ending"
          textValue={`${words}, ${then}`}
          style={{ '--deep': deep } as object}
          data-line={line.has(first.id) || undefined}
        >
          <TreeItemContent>
            <AriaButton slot="chevron" className="fold">
              <ChevronRight size={14} />
            </AriaButton>
            <b>{words}</b>
            <span>{then}</span>
          </TreeItemContent>
          {/* What is folded need not be drawn, but must be there to be unfolded. */}
          {piece(
            isOpen(ENDING + first.id) ? e : { frames: [first], endings: [] },
            before + frames.length,
            deep + 1,
          )}
        </TreeItem>
      );
    });
    return [...rows, ...more];
  }
}

/** What of a play its tree shows. */
const shapeOf = (play: Play): string =>
  [
    contentOf(play.ifNothing),
    ...play.frames.map((f) =>
      [
        `${f.id}<${f.parent ?? ''} ${f.title ?? ''} ${contentOf(f.read)} ${contentOf(f.end)}`,
        f.actions.some((a) => a.does === 'shot'),
      ].join(' '),
    ),
  ].join('|');

/** An edit of what is done in a frame changes nothing here. */
export default memo(
  Tree,
  (a, b) => a.leaf === b.leaf && a.frameId === b.frameId && shapeOf(a.play) === shapeOf(b.play),
);

/** The keys of all endings of a piece. */
const endingsIn = ({ endings }: Outline): string[] =>
  endings.flatMap((e) => [...(e.frames[0] ? [ENDING + e.frames[0].id] : []), ...endingsIn(e)]);
