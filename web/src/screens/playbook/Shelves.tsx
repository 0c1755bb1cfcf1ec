import type { PlayRow } from '@corkscrew/core';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useMemo, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { Button } from '../../ui/controls.tsx';
import { Card, type CardAct } from './Card.tsx';
import { shelve, type Filter } from './shelves.ts';

const Scroll = styled.main`
  overflow: auto;
  outline: none;
  .row {
    contain: strict;
    will-change: transform;
    position: absolute;
    left: 0;
    right: 0;
    display: grid;
    padding: 0 14px;
    gap: 10px;
  }
  .slot {
    position: relative;
    display: grid;
    grid-template-rows: 34px auto;
    min-width: 0;
  }
  .slot h2 {
    font-size: 16px;
    line-height: 34px;
    font-weight: 700;
    font-stretch: 74%;
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
  }
`;
const Empty = styled.div`
  padding: 60px 20px;
  text-align: center;
  h2 {
    font-size: 20px;
    margin-bottom: 6px;
  }
  p {
    color: var(--ink-2);
    margin-bottom: 14px;
  }
`;
const CARD = 172;
const ROW = 250;
const ROW_PLAIN = 216;

interface ShelvesProps {
  rows: readonly PlayRow[];
  sort: Filter['sort'];
  loading: boolean;
  trash: boolean;
  any: boolean;
  error: string | null;
  onAct: (row: PlayRow, what: CardAct, name?: string) => void;
}

/** Shelves of cards, one an alignment, drawn only where they are in sight. */
export function Shelves({ rows, sort, loading, trash, any, error, onAct }: ShelvesProps) {
  const go = useNavigate();
  const box = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(1280);
  useEffect(() => {
    const seen = new ResizeObserver(([e]) => e && setWidth(e.contentRect.width));
    if (box.current) seen.observe(box.current);
    return () => seen.disconnect();
  }, []);
  const perLine = Math.max(2, Math.floor((width - 28 + 10) / CARD));
  const lines = useMemo(() => shelve(rows, perLine, sort), [rows, perLine, sort]);
  const height = sort === 'name' ? ROW : ROW_PLAIN;
  const virtual = useVirtualizer({
    count: lines.length,
    getScrollElement: () => box.current,
    estimateSize: () => height,
    overscan: 2,
    useFlushSync: false,
  });
  useEffect(() => virtual.measure(), [virtual, height]);
  return (
    <Scroll ref={box} aria-label="Plays">
      {error && (
        <p role="alert" style={{ padding: '10px 14px', color: 'var(--gap)' }}>
          {error}
        </p>
      )}
      {!loading && rows.length === 0 && !error && (
        <Empty>
          <h2>{trash ? 'The trash is empty' : any ? 'No play like that' : 'No plays yet'}</h2>
          <p>
            {trash
              ? 'Plays you throw away wait here.'
              : any
                ? 'Try fewer words, or another defence.'
                : 'Draw the first one: line up five and say what they do.'}
          </p>
          {!any && !trash && <Button onPress={() => void go('/plays/new')}>New play</Button>}
        </Empty>
      )}
      <div style={{ height: virtual.getTotalSize(), position: 'relative' }}>
        {virtual.getVirtualItems().map((v) => {
          const line = lines[v.index]!;
          return (
            <div
              key={v.key}
              className="row"
              style={{
                transform: `translateY(${v.start + (sort === 'name' ? 0 : 12)}px)`,
                height,
                gridTemplateColumns: `repeat(${perLine}, minmax(0, 1fr))`,
              }}
            >
              {line.map(({ play, heading, words }) => (
                <div
                  key={play.id}
                  className="slot"
                  style={sort === 'name' ? {} : { gridTemplateRows: 'auto' }}
                >
                  {sort === 'name' && (heading ? <h2 title={words ?? undefined}>{heading}</h2> : <span />)}
                  <Card row={play} trash={trash} onAct={onAct} />
                </div>
              ))}
            </div>
          );
        })}
      </div>
    </Scroll>
  );
}
