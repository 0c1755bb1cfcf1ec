import { useManWord } from '../../team/team.ts';
import {
  againstWords,
  courtFor,
  holeWords,
  LIMITS,
  type PlayRow,
  readPlay,
  startState,
  STATUS_WORDS,
  verdictWords,
  walkFrame,
} from '@corkscrew/core';
import { Check, Ellipsis, Split } from 'lucide-react';
import { lazy, memo, Suspense, useMemo, useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import styled from 'styled-components';
import { Input } from '../../ui/controls.tsx';
import { FramePicture } from '../../floor/FramePicture.tsx';

export type CardAct = 'pick' | 'duplicate' | 'flip' | 'rename' | 'file' | 'trash' | 'restore';

const Box = styled.article`
  position: relative;
  background: var(--raised);
  border: 1px solid var(--rule);
  border-top: 2px solid var(--ink);
  height: 240px;
  contain: content;
  overflow: hidden;
  &:hover {
    border-color: var(--rule-2);
    border-top-color: var(--ink);
  }
  &:focus-within {
    outline: 2px solid var(--pen);
  }
  .open {
    position: absolute;
    inset: 0;
    z-index: 1;
    outline: none;
  }
  button.open {
    border: 0;
    background: none;
    padding: 0;
  }
  button.open span {
    position: absolute;
    left: 7px;
    top: 7px;
    width: 22px;
    height: 22px;
    display: grid;
    place-items: center;
    border: 1.5px solid var(--ink);
    background: var(--raised);
    color: var(--ink);
  }
  &[data-picked] {
    outline: 2px solid var(--pen);
  }
  .pic {
    height: 121px;
    background: var(--sheet);
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
  .verdict {
    display: flex;
    flex: 1;
    justify-content: space-between;
    gap: 6px;
  }
  .verdict > :first-child {
    min-width: 0;
    overflow: hidden;
    text-overflow: ellipsis;
  }
  .verdict > :last-child {
    flex: none;
  }
  .hole {
    color: var(--gap);
  }
  .more {
    position: absolute;
    right: 2px;
    bottom: 2px;
    z-index: 2;
  }
`;
const More = styled.button`
  min-width: 30px;
  min-height: 30px;
  border: 0;
  background: none;
  @media (pointer: coarse) {
    min-width: 44px;
    min-height: 44px;
  }
`;
/** What a dragged card carries. */
export const CARD_DATA = 'application/x-corkscrew-play';

const CardMenu = lazy(() => import('./CardMenu.tsx'));

/** A play at a glance: its picture, name, what it is for, its call, and how long it runs. */
export const Card = memo(function Card({
  row,
  one,
  why = null,
  trash,
  picked = null,
  onAct,
}: {
  row: PlayRow;
  /** What it is one of, where its shelf does not say. */
  one: string | null;
  /** Why it was found, or what it lacks; in place of its hole. */
  why?: string | null;
  trash: boolean;
  /** While several are chosen: whether it is among them. */
  picked?: boolean | null;
  onAct: (row: PlayRow, what: CardAct, name?: string) => void;
}) {
  const go = useNavigate();
  const [renaming, setRenaming] = useState(false);
  const [open, setOpen] = useState(false);
  const button = useRef<HTMLButtonElement>(null);
  const { summary: s } = row;
  const man = useManWord();
  const picture = useMemo(() => {
    const read = readPlay(row.card);
    if (!read.ok) return null;
    const card = read.play;
    return { court: courtFor(card), walk: walkFrame(startState(card), card.frames[0]!) };
  }, [row.card]);
  const against = s.against.map((a) => againstWords(a, man)).join(', ');
  return (
    <Box
      data-picked={picked || undefined}
      draggable={!trash && !renaming}
      onDragStart={(e) => e.dataTransfer.setData(CARD_DATA, row.id)}
    >
      {picked !== null ? (
        <button
          type="button"
          className="open"
          aria-pressed={picked}
          aria-label={`Choose ${s.name}`}
          onClick={() => onAct(row, 'pick')}
        >
          <span aria-hidden="true">{picked && <Check size={16} />}</span>
        </button>
      ) : (
        !renaming &&
        !trash && (
          <Link
            className="open"
            to={`/plays/${row.id}`}
            aria-label={`Open ${s.name}`}
            onClick={(e) => {
              // As in any list: with a key held it is chosen, not opened.
              if (!e.ctrlKey && !e.metaKey && !e.shiftKey) return;
              e.preventDefault();
              onAct(row, 'pick');
            }}
          />
        )
      )}
      <div className="pic">{picture && <FramePicture court={picture.court} walk={picture.walk} />}</div>
      <div className="words">
        {renaming ? (
          <Input
            autoFocus
            aria-label="New name"
            defaultValue={s.name}
            maxLength={LIMITS.name}
            style={{ position: 'relative', zIndex: 2 }}
            onBlur={(e) => {
              setRenaming(false);
              const name = e.target.value.trim();
              if (name && name !== s.name) onAct(row, 'rename', name);
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
            <b>{s.status === 'adopted' ? against : STATUS_WORDS[s.status]}</b>
          </div>
        )}
        <div className="line">
          <span dir="auto">
            {s.call
              ? `“${s.call}”${s.signal ? `, ${s.signal.toLowerCase()}` : ''}`
              : s.signal || 'No call yet'}
          </span>
          {one && <span title={one}>{one}</span>}
        </div>
        <div className="line">
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
        <VerdictLines verdict={row.verdict} why={why} />
      </div>
      <div className="more">
        <More
          ref={button}
          type="button"
          aria-label={`More for ${s.name}`}
          aria-haspopup="menu"
          aria-expanded={open}
          onClick={() => setOpen(true)}
        >
          <Ellipsis size={16} aria-hidden="true" />
        </More>
        {open && (
          <Suspense>
            <CardMenu
              trigger={button}
              trash={trash}
              onClose={() => setOpen(false)}
              onAct={(what) => {
                if (what === 'open') void go(`/plays/${row.id}`);
                else if (what === 'rename') setRenaming(true);
                else onAct(row, what);
              }}
            />
          </Suspense>
        )}
      </div>
    </Box>
  );
});

const WITHOUT: Readonly<Record<Exclude<PlayRow['verdict'], object>, string>> = {
  none: 'Nobody plays against it',
  waits: 'Not judged yet',
  long: 'Too long to be judged',
};

/** What the play has against its defence, and the first thing it has nothing against. */
function VerdictLines({ verdict, why }: { verdict: PlayRow['verdict']; why: string | null }) {
  const hole = typeof verdict === 'object' ? holeWords(verdict) : null;
  return (
    <>
      <div className="line">
        {typeof verdict === 'object' ? (
          <span
            role="img"
            className="verdict"
            title={`Against ${verdict.against}`}
            aria-label={`Against ${verdict.against}: ${verdictWords(verdict)}`}
          >
            {verdict.of > 0 ? (
              <span>
                Answers{' '}
                <b>
                  {verdict.answered}/{verdict.of}
                </b>
              </span>
            ) : (
              <span>No choice for them</span>
            )}
            <span>
              worst <b>{verdict.worst.toFixed(2)}</b>
            </span>
          </span>
        ) : (
          <span>{WITHOUT[verdict]}</span>
        )}
      </div>
      <div className="line" style={{ paddingRight: 26 }}>
        {why ? (
          <span title={why}>{why}</span>
        ) : (
          hole && (
            <span className="hole" title={hole}>
              {hole}
            </span>
          )
        )}
      </div>
    </>
  );
}
