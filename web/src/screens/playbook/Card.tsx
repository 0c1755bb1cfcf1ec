import { courtFor, readPlay, startState, walkFrame, type PlayRow } from '@corkscrew/core';
import { frameScene, thumbScale } from '@corkscrew/diagram';
import { Ellipsis, Split } from 'lucide-react';
import { memo, useMemo, useState } from 'react';
import { Menu, MenuItem, MenuTrigger, Popover } from 'react-aria-components';
import { Link, useNavigate } from 'react-router';
import styled from 'styled-components';
import { IconButton, Input } from '../../ui/controls.tsx';
import { Picture } from '../../ui/SceneSvg.tsx';

export type CardAct = 'duplicate' | 'flip' | 'rename' | 'trash' | 'restore';

const Box = styled.article`
  position: relative;
  background: var(--raised);
  border: 1px solid var(--rule);
  border-top: 2px solid var(--ink);
  height: 204px;
  overflow: hidden;
  &:hover {
    border-color: var(--rule-2);
    border-top-color: var(--ink);
  }
  &:focus-within {
    outline: 2px solid var(--pen);
  }
  a.open {
    position: absolute;
    inset: 0;
    z-index: 1;
    outline: none;
  }
  .pic {
    height: 121px;
    overflow: hidden;
    border-bottom: 1px solid var(--rule);
  }
  .words {
    padding: 7px 9px;
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 4px;
  }
  .line {
    display: flex;
    justify-content: space-between;
    gap: 8px;
    align-items: baseline;
    color: var(--ink-2);
    font-size: 12px;
    white-space: nowrap;
  }
  .line > :first-child {
    overflow: hidden;
    text-overflow: ellipsis;
    min-width: 0;
  }
  h3 {
    font-size: 15.5px;
    line-height: 1.15;
    font-weight: 700;
    font-stretch: 76%;
    color: var(--ink);
  }
  .line b {
    font: 640 13px/1 'Archivo Variable';
    font-stretch: 77%;
  }
  .more {
    position: absolute;
    right: 2px;
    bottom: 2px;
    z-index: 2;
  }
`;
const Items = styled(Menu)`
  background: var(--raised);
  border: 1px solid var(--rule-2);
  padding: 4px 0;
  min-width: 150px;
  outline: none;
  .item {
    padding: 7px 12px;
    font: 640 13.5px/1 'Archivo Variable';
    font-stretch: 77%;
    color: var(--ink);
    outline: none;
    cursor: default;
  }
  .item[data-focused] {
    background: var(--pen-w);
  }
`;

/** A play at a glance: its picture, name, what it is for, its call, and how long it runs. */
export const Card = memo(function Card({
  row,
  trash,
  onAct,
}: {
  row: PlayRow;
  trash: boolean;
  onAct: (what: CardAct, name?: string) => void;
}) {
  const go = useNavigate();
  const [renaming, setRenaming] = useState(false);
  const { summary: s } = row;
  const scene = useMemo(() => {
    const read = readPlay(row.card);
    if (!read.ok) return null;
    const court = courtFor(read.play);
    const walk = walkFrame(startState(read.play), read.play.frames[0]!);
    return frameScene({ court, walk, scale: thumbScale(court, walk), detail: false });
  }, [row.card]);
  const against = s.against.map((a) => (a === 'man' ? 'Man' : a)).join(', ');
  return (
    <Box>
      {!renaming && !trash && <Link className="open" to={`/plays/${row.id}`} aria-label={`Open ${s.name}`} />}
      <div className="pic">{scene && <Picture scene={scene} />}</div>
      <div className="words">
        {renaming ? (
          <Input
            autoFocus
            aria-label="New name"
            defaultValue={s.name}
            maxLength={80}
            style={{ position: 'relative', zIndex: 2 }}
            onBlur={(e) => {
              setRenaming(false);
              const name = e.target.value.trim();
              if (name && name !== s.name) onAct('rename', name);
            }}
            onKeyDown={(e) => {
              if (e.key === 'Enter') e.currentTarget.blur();
              if (e.key === 'Escape') {
                e.currentTarget.value = s.name;
                e.currentTarget.blur();
              }
            }}
          />
        ) : (
          <div className="line">
            <h3 dir="auto" title={s.name}>
              {s.name}
            </h3>
            <b>{against}</b>
          </div>
        )}
        <div className="line">
          <span dir="auto">
            {s.call
              ? `“${s.call}”${s.signal ? `, ${s.signal.toLowerCase()}` : ''}`
              : s.signal || 'No call yet'}
          </span>
        </div>
        <div className="line" style={{ paddingRight: 26 }}>
          <span>
            <b style={{ color: 'var(--ink)' }}>{s.seconds.toFixed(1)} s</b> ·{' '}
            {s.frames === 1 ? '1 frame' : `${s.frames} frames`}
            {s.endings > 1 && (
              <span
                role="img"
                aria-label={`${s.endings} endings`}
                title={`${s.endings} endings`}
                style={{ marginLeft: 8 }}
              >
                <Split size={12} style={{ verticalAlign: -1.5 }} /> {s.endings}
              </span>
            )}
          </span>
        </div>
      </div>
      <div className="more">
        <MenuTrigger>
          <IconButton aria-label={`More for ${s.name}`}>
            <Ellipsis size={16} />
          </IconButton>
          <Popover>
            <Items
              onAction={(key) => {
                if (key === 'open') void go(`/plays/${row.id}`);
                else if (key === 'rename') setRenaming(true);
                else onAct(key as CardAct);
              }}
            >
              {trash ? (
                <MenuItem id="restore" className="item">
                  Put back
                </MenuItem>
              ) : (
                <>
                  <MenuItem id="open" className="item">
                    Open
                  </MenuItem>
                  <MenuItem id="rename" className="item">
                    Rename
                  </MenuItem>
                  <MenuItem id="duplicate" className="item">
                    Duplicate
                  </MenuItem>
                  <MenuItem id="flip" className="item">
                    Copy for the other side
                  </MenuItem>
                  <MenuItem id="trash" className="item">
                    Move to trash
                  </MenuItem>
                </>
              )}
            </Items>
          </Popover>
        </MenuTrigger>
      </div>
    </Box>
  );
});
