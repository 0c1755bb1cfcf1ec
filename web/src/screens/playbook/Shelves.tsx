import { alignmentByKey, alignmentPlaces, courtFor, type PlayRow } from '@corkscrew/core';
import { setScene, type Scale } from '@corkscrew/diagram';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useMemo, useRef, useState, type DragEvent } from 'react';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { Picture } from '../../floor/SceneSvg.tsx';
import { Button } from '../../ui/controls.tsx';
import { Card, CARD_DATA, type CardAct } from './Card.tsx';
import { shelve, type Filter, type Shelf } from './shelves.ts';

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
  .head {
    padding: 4px 6px 0 0;
    min-width: 0;
    overflow: hidden;
  }
  .head[data-over] {
    outline: 2px dashed var(--pen);
    outline-offset: -2px;
  }
  .head h2 {
    font-size: 20px;
    line-height: 1.1;
    font-weight: 700;
    font-stretch: 72%;
    overflow-wrap: anywhere;
    margin-bottom: 5px;
  }
  .head p {
    color: var(--ink-2);
    font-size: 12px;
    line-height: 1.28;
    margin-bottom: 8px;
  }
  .head .set {
    width: 104px;
    border: 1px solid var(--rule);
    background: var(--sheet);
    margin-bottom: 8px;
  }
  .head .count {
    font: 640 12.5px/1 'Archivo Variable';
    font-stretch: 77%;
    color: var(--ink-2);
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
const ROW = 254;
/** Below this width a shelf's head stands above its plays, this high; pixels. */
const NARROW = 560;
const HEAD = 58;

interface ShelvesProps {
  rows: readonly PlayRow[];
  sort: Filter['sort'];
  loading: boolean;
  trash: boolean;
  any: boolean;
  error: string | null;
  /** Why each was found, where something was asked for. */
  why: ReadonlyMap<string, string> | null;
  /** Those chosen, while several are. */
  picked: ReadonlySet<string> | null;
  /** A card, and with it all that are chosen, is dropped on a series' shelf. */
  onShelve: ((id: string, series: string) => void) | null;
  onAct: (row: PlayRow, what: CardAct, name?: string) => void;
}

const SET: Scale = { ppf: 2.05, mark: 0.5, margin: 0.5, depth: 31 };
const floor = courtFor({ court: 'nfhs' });

const many = (count: number): string => (count === 1 ? '1 play' : `${count} plays`);

/** What a shelf is: its name, in words, as a set of five. */
function Head({
  shelf: { title, words, count, alignment, series },
  picture,
  onShelve,
}: {
  shelf: Shelf;
  picture: boolean;
  onShelve: ShelvesProps['onShelve'];
}) {
  const [over, setOver] = useState(false);
  const carries = (e: DragEvent): boolean => onShelve !== null && e.dataTransfer.types.includes(CARD_DATA);
  const known = alignment ? alignmentByKey(alignment) : undefined;
  return (
    <div
      className="head"
      data-over={over || undefined}
      onDragOver={(e) => {
        if (!carries(e)) return;
        e.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={(e) => {
        setOver(false);
        if (!carries(e) || series === null) return;
        e.preventDefault();
        onShelve?.(e.dataTransfer.getData(CARD_DATA), series);
      }}
    >
      <h2 title={title}>{title}</h2>
      <p>{picture ? words : `${words}${words && ' · '}${many(count)}`}</p>
      {picture && known && (
        <div className="set">
          <Picture scene={setScene(floor, alignmentPlaces(floor, known), SET)} />
        </div>
      )}
      {picture && <span className="count">{many(count)}</span>}
    </div>
  );
}

/** Shelves of cards, by alignment or series, drawn only where they are in sight. */
export function Shelves({
  rows,
  sort,
  loading,
  trash,
  any,
  error,
  why,
  picked,
  onShelve,
  onAct,
}: ShelvesProps) {
  const go = useNavigate();
  const box = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(1280);
  useEffect(() => {
    const seen = new ResizeObserver(([e]) => e && setWidth(e.contentRect.width));
    if (box.current) seen.observe(box.current);
    return () => seen.disconnect();
  }, []);
  const perLine = Math.max(2, Math.floor((width - 28 + 10) / CARD));
  const heads = width < NARROW ? 'above' : 'beside';
  const lines = useMemo(() => shelve(rows, perLine, sort, heads), [rows, perLine, sort, heads]);
  const alone = (i: number): boolean => heads === 'above' && lines[i]?.[0]?.is === 'shelf';
  const virtual = useVirtualizer({
    count: lines.length,
    getScrollElement: () => box.current,
    estimateSize: (i) => (alone(i) ? HEAD : ROW),
    overscan: 2,
    useFlushSync: false,
  });
  // Sizes that were kept are of other lines when heads move.
  useEffect(() => virtual.measure(), [virtual, lines]);
  return (
    <Scroll ref={box} aria-label="Plays">
      {error && (
        <p role="alert" style={{ padding: '10px 14px', color: 'var(--gap)' }}>
          {error}
        </p>
      )}
      {!loading && rows.length === 0 && (any || !error) && (
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
                transform: `translateY(${v.start + 12}px)`,
                height: alone(v.index) ? HEAD : ROW,
                gridTemplateColumns: alone(v.index) ? 'minmax(0, 1fr)' : `repeat(${perLine}, minmax(0, 1fr))`,
              }}
            >
              {line.map((cell, i) =>
                cell.is === 'play' ? (
                  <Card
                    key={cell.play.id}
                    row={cell.play}
                    one={cell.one}
                    why={why?.get(cell.play.id) ?? null}
                    trash={trash}
                    picked={picked && picked.has(cell.play.id)}
                    onAct={onAct}
                  />
                ) : cell.is === 'shelf' ? (
                  <Head
                    key={cell.shelf.title}
                    shelf={cell.shelf}
                    picture={!alone(v.index)}
                    onShelve={cell.shelf.series === null ? null : onShelve}
                  />
                ) : (
                  <span key={i} />
                ),
              )}
            </div>
          );
        })}
      </div>
    </Scroll>
  );
}
