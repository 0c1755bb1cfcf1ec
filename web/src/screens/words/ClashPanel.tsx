import {
  heardPart,
  clashTitle,
  clashWhy,
  isGrave,
  LIMITS,
  whatOf,
  type Clash,
  type Spoken,
} from '@corkscrew/core';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import styled from 'styled-components';
import { Button, Input, Label, Toggle } from '../../ui/controls.tsx';
import type { Clashes } from './use-clashes.ts';

const Box = styled.section`
  min-height: 0;
  overflow: auto;
  .head {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 12px;
    align-items: baseline;
    padding: 12px 14px 8px;
  }
  h2 {
    font-size: 16px;
    font-weight: 700;
    font-stretch: 74%;
  }
  li {
    padding: 10px 14px;
    border-top: 1px solid var(--rule);
  }
  li.open {
    background: var(--raised);
    box-shadow: inset 3px 0 var(--pen);
  }
  .title {
    display: grid;
    grid-template-columns: 18px minmax(0, 1fr);
    gap: 8px;
    width: 100%;
    text-align: left;
    border: 0;
    background: none;
    padding: 0;
    color: inherit;
    white-space: normal;
    font: 700 15px/1.15 'Archivo Variable';
    font-stretch: 76%;
  }
  .title i {
    width: 11px;
    height: 11px;
    margin-top: 3px;
    border: 2px solid var(--gap);
    transform: rotate(45deg);
  }
  .title[data-grave] i {
    background: var(--gap);
  }
  .pair {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 22px;
    align-items: baseline;
    padding: 9px 0 5px 26px;
  }
  .pair b {
    font: 740 20px/1 'Archivo Variable';
    font-stretch: 80%;
    letter-spacing: 0.16em;
    text-transform: uppercase;
  }
  .pair u {
    text-decoration-color: var(--gap);
    text-decoration-thickness: 3px;
    text-underline-offset: 5px;
  }
  .pair span {
    color: var(--ink-2);
    font-size: 12px;
  }
  p {
    padding-left: 26px;
    color: var(--ink-2);
    font-size: 12.5px;
  }
  .mend {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
    align-items: center;
    padding: 8px 0 0 26px;
  }
  .kept {
    padding: 10px 14px;
    border-top: 1px solid var(--rule-2);
  }
`;

interface PanelProps {
  readonly clashes: Clashes;
  readonly firstLetter: boolean;
  readonly onFirstLetter: (on: boolean) => void;
  /** A word takes another's place. */
  readonly onRename: (of: Spoken, word: string) => void;
}

/** What is taken for each other: why, what could stand instead, and what is kept all the same. */
export function ClashPanel({ clashes: c, firstLetter, onFirstLetter, onRename }: PanelProps) {
  const [open, setOpen] = useState<string | null>(null);
  const all = c.clashes ?? [];
  const grave = all.filter(isGrave).length;
  const shown = all.find((x) => x.id === open) ?? all[0];
  return (
    <Box aria-label="Clashes">
      <div className="head">
        <h2>Clashes</h2>
        <Label role="status">
          {c.failed
            ? 'How words sound could not be fetched.'
            : c.clashes === null
              ? 'Listening…'
              : all.length === 0
                ? 'None'
                : `${grave} to fix, ${all.length - grave} to watch`}
        </Label>
        <Toggle isSelected={firstLetter} onChange={onFirstLetter}>
          We go by the first letter
        </Toggle>
      </div>
      <ul>
        {all.map((clash) => (
          <li key={clash.id} className={clash === shown ? 'open' : undefined}>
            <button
              type="button"
              className="title"
              data-grave={isGrave(clash) || undefined}
              aria-expanded={clash === shown}
              onClick={() => setOpen(clash.id)}
            >
              <i aria-hidden="true" />
              {clashTitle(clash)}
            </button>
            {clash === shown && <Open clash={clash} clashes={c} onRename={onRename} />}
          </li>
        ))}
      </ul>
      {(c.kept?.length ?? 0) > 0 && (
        <div className="kept">
          <Label>Kept with a reason</Label>
          {c.kept!.map(({ clash, id, reason }) => (
            <div
              key={id}
              style={{ display: 'flex', gap: 8, alignItems: 'center', justifyContent: 'space-between' }}
            >
              <span>
                {clashTitle(clash)}: {reason}
              </span>
              <Button aria-label={`Tell again: ${clashTitle(clash)}`} onPress={() => c.keep(id, null)}>
                Tell again
              </Button>
            </div>
          ))}
        </div>
      )}
    </Box>
  );
}

function Open({
  clash,
  clashes,
  onRename,
}: {
  clash: Clash;
  clashes: Clashes;
  onRename: PanelProps['onRename'];
}) {
  const [reason, setReason] = useState<string | null>(null);
  const both = 'b' in clash ? [clash.a, clash.b] : [clash.a];
  // Of a call and a word the word gives way: calls are on sheets and in heads already.
  const gives = both.find((s) => s.kind === 'word') ?? both.at(-1)!;
  return (
    <>
      {clash.is !== 'letter' && (
        <div className="pair">
          {both.map((s) => {
            const [rest, part] = heardPart(clash, s);
            return (
              <span key={s.id}>
                {whatOf(s)}{' '}
                <b dir="auto">
                  {rest}
                  {clash.is === 'sound' ? <u>{part}</u> : part}
                </b>
              </span>
            );
          })}
        </div>
      )}
      <p>{clashWhy(clash)}</p>
      <div className="mend">
        {clash.is !== 'signal' && (
          <>
            <span>For {gives.text}:</span>
            {clashes.instead(gives).map((word) => (
              <Button key={word} onPress={() => onRename(gives, word)}>
                {word}
              </Button>
            ))}
          </>
        )}
        {reason === null ? (
          <Button onPress={() => setReason('')}>Keep it</Button>
        ) : (
          <form
            onSubmit={(e) => {
              e.preventDefault();
              if (reason.trim()) clashes.keep(nanoid(12), { clash: clash.id, reason: reason.trim() });
            }}
            style={{ display: 'flex', gap: 6 }}
          >
            <Input
              autoFocus
              aria-label="Why it is kept"
              placeholder="Why it is kept"
              value={reason}
              maxLength={LIMITS.line}
              onChange={(e) => setReason(e.target.value)}
            />
            <Button type="submit">Keep</Button>
          </form>
        )}
      </div>
    </>
  );
}
