import {
  againstWords,
  DICTIONARY,
  groupOf,
  Search,
  type Findable,
  type Hit,
  type TermKey,
} from '@corkscrew/core';
import { useEffect, useMemo, useRef, useState, type KeyboardEvent } from 'react';
import { Dialog, Modal, ModalOverlay } from 'react-aria-components';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { openFind, used, useLately, useListener } from '../../app/finding.ts';
import { COMMANDS } from '../../app/keymap.ts';
import { usePlays } from '../../keeping/plays.ts';
import { useRecords } from '../../keeping/records.ts';
import { useManWord } from '../../team/team.ts';
import { keyWords } from '../../ui/key-words.ts';

const Overlay = styled(ModalOverlay)`
  position: fixed;
  inset: 0;
  z-index: 12;
  display: grid;
  justify-items: center;
  align-items: start;
  padding-top: min(12vh, 90px);
  background: color-mix(in srgb, var(--ink) 35%, transparent);
`;
const Sheet = styled(Modal)`
  width: min(620px, calc(100vw - 24px));
  background: var(--raised);
  border: 1px solid var(--ink);
  outline: none;
  [role='dialog'] {
    outline: none;
  }
  input {
    width: 100%;
    border: 0;
    border-bottom: 1px solid var(--ink);
    background: none;
    color: var(--ink);
    font-size: 19px;
    padding: 14px 16px;
    outline: none;
  }
  ul {
    max-height: min(56vh, 520px);
    overflow: auto;
    padding: 4px 0;
  }
  li {
    display: grid;
    grid-template-columns: 74px minmax(0, 1fr) auto;
    gap: 12px;
    align-items: baseline;
    padding: 8px 16px;
    cursor: default;
  }
  li[aria-selected='true'] {
    background: var(--pen-w);
    box-shadow: inset 3px 0 var(--pen);
  }
  li > i {
    font: 600 12px/1 'Archivo Variable';
    font-stretch: 80%;
    font-style: normal;
    color: var(--ink-2);
  }
  li b {
    font: 700 15.5px/1.15 'Archivo Variable';
    font-stretch: 76%;
  }
  li mark {
    background: none;
    color: inherit;
    text-decoration: underline;
    text-decoration-color: var(--pen);
    text-decoration-thickness: 2px;
    text-underline-offset: 2px;
  }
  li span {
    color: var(--ink-2);
    font-size: 12.5px;
    margin-left: 8px;
  }
  kbd {
    font: 640 12px/1 'Archivo Variable';
    color: var(--ink-2);
  }
  .said button {
    min-height: 30px;
    margin-right: 10px;
    padding: 0 12px;
    border: 1px solid var(--ink);
    border-radius: 2px;
    background: var(--ink);
    color: var(--on-ink);
    font: 640 13.5px/1 'Archivo Variable';
    font-stretch: 77%;
  }
  .unsaid {
    box-shadow: inset 3px 0 var(--gap);
  }
  p {
    padding: 12px 16px;
    color: var(--ink-2);
  }
  @media (pointer: coarse) {
    li {
      padding: 13px 16px;
    }
  }
`;

/** So many are shown. */
const SHOWN = 12;
const KINDS: Readonly<Record<Findable['kind'], string>> = {
  play: 'Play',
  call: 'Call',
  series: 'Series',
  sheet: 'Call sheet',
  word: 'Word',
  place: 'Place',
  room: 'Go to',
  command: 'Command',
};

/** A thing to be found, and what is done with it. */
interface Item extends Findable {
  readonly go: string | { readonly key: string };
}

const ROOMS: readonly (readonly [string, string, string])[] = [
  ['Playbook', '/plays', 'cards plays'],
  ['Series', '/series', 'what we have continuity counters'],
  ['Call sheet', '/sheets', 'game bench opponents'],
  ['Compare two plays', '/compare', 'difference versions'],
  ['Zone room', '/zone', 'soft spots slides'],
  ['Roster', '/roster', 'players fit best five clearances'],
  ['Language', '/words', 'words signals clashes glossary calls'],
  ['New play', '/plays/new', 'draw'],
  ['Print', '/print', 'paper pdf book sheet wristband jobs'],
  ['Files', '/files', 'take in give out import export open zip folder drop csv'],
  ['Settings', '/settings', 'team court level teaching'],
];

/** Finds plays, calls, series, sheets, rooms and commands, by keys alone or with the hand. */
export default function Find() {
  const go = useNavigate();
  const man = useManWord();
  const plays = usePlays(false).shown?.rows;
  const sheets = useRecords('sheets').rows;
  const words = useRecords('words').rows;
  const lately = useLately((s) => s.ids);
  const [typed, setTyped] = useState('');
  const [at, setAt] = useState(0);
  const list = useRef<HTMLUListElement>(null);
  const hear = useListener((s) => s.hear);
  const heard = useMemo(() => hear?.(typed) ?? null, [hear, typed]);
  const search = useMemo(() => {
    const rows = plays ?? [];
    const series = [...new Set(rows.map((r) => r.summary.series).filter(Boolean))];
    const desk = /^\/plays\/[^/]+$/.test(location.pathname) && !location.pathname.endsWith('/new');
    const items: Item[] = [
      ...rows.map(({ id, summary: s }): Item => ({
        ...{ id: `play ${id}`, kind: 'play', name: s.name, go: `/plays/${id}` },
        also: [
          s.call,
          s.signal,
          s.series,
          s.alignmentName ?? '',
          ...s.against.map((a) => againstWords(a, man)),
        ].filter(Boolean),
      })),
      ...series.map((w): Item => ({
        id: `series ${w}`,
        kind: 'series',
        name: w,
        also: [],
        go: `/series?of=${encodeURIComponent(w)}`,
      })),
      ...(sheets ?? []).map(({ id, body }): Item => ({
        id: `sheet ${id}`,
        kind: 'sheet',
        name: body.name,
        also: [body.date ?? ''],
        go: `/sheets/${id}`,
      })),
      // By either word: the trade's, and ours.
      ...(Object.keys(DICTIONARY) as TermKey[]).map((key): Item => {
        const own = words?.find((w) => w.body.key === key)?.body.word;
        const kind = groupOf(key) === 'place' ? 'place' : 'word';
        return {
          ...{ id: `term ${key}`, kind, name: own ?? DICTIONARY[key].word, go: `/words?at=term ${key}` },
          also: own ? [DICTIONARY[key].word] : [],
        };
      }),
      ...(words ?? []).flatMap(({ id, body }): Item[] =>
        body.means
          ? [
              {
                id: `word ${id}`,
                kind: 'word',
                name: body.word,
                also: [body.means],
                go: `/words?at=word ${id}`,
              },
            ]
          : [],
      ),
      ...ROOMS.map(([name, to, also]): Item => ({
        id: `room ${to}`,
        kind: 'room',
        name,
        also: [also],
        go: to,
      })),
      // What single keys do is done where they act: on the desk.
      ...COMMANDS.filter(
        (c) => (c.where === 'app' && c.id !== 'find') || (desk && c.where === 'desk' && c.id !== 'player'),
      ).map((c): Item => ({
        id: `command ${c.id}`,
        kind: 'command',
        name: c.words,
        also: [],
        go: { key: c.keys[0]! },
      })),
    ];
    return new Search(items);
  }, [plays, sheets, words, man]);
  const hits = useMemo(
    () => (heard ? [] : search.find(typed, lately, SHOWN)),
    [search, typed, lately, heard],
  );
  useEffect(() => {
    list.current?.querySelector('[aria-selected="true"]')?.scrollIntoView({ block: 'nearest' });
  }, [at, hits]);
  const take = (item: Item | undefined): void => {
    if (!item) return;
    used(item.id);
    openFind(false);
    if (typeof item.go === 'string') void go(item.go);
    else press(item.go.key);
  };
  const draw = (): void => {
    if (!heard?.draw) return;
    openFind(false);
    heard.draw();
  };
  const onKey = (e: KeyboardEvent): void => {
    const by = { ArrowDown: 1, ArrowUp: -1 }[e.key];
    if (by) setAt((i) => (i + by + hits.length) % Math.max(1, hits.length));
    else if (e.key === 'Enter' && heard) draw();
    else if (e.key === 'Enter') take(hits[at]?.of);
    else return;
    e.preventDefault();
  };
  return (
    <Overlay isOpen onOpenChange={openFind} isDismissable>
      <Sheet>
        <Dialog aria-label="Find">
          <input
            autoFocus
            role="combobox"
            aria-label="A play, a call, a series, a room or a command"
            aria-expanded
            aria-controls="found"
            aria-activedescendant={hits[at] ? `found-${at}` : undefined}
            placeholder={
              hear
                ? 'A play, a word, a command; or say it: 2 cuts to the left slot'
                : 'A play, a call, a word, a room, a command'
            }
            value={typed}
            onChange={(e) => {
              setTyped(e.target.value);
              setAt(0);
            }}
            onKeyDown={onKey}
          />
          {heard && (
            <p role="status" className={heard.draw ? 'said' : 'unsaid'}>
              {heard.draw && (
                <button type="button" onClick={draw}>
                  Draw it
                </button>
              )}
              {heard.sentence}
            </p>
          )}
          <ul id="found" role="listbox" aria-label="Found" ref={list}>
            {hits.map((hit, i) => (
              <li
                key={hit.of.id}
                id={`found-${i}`}
                role="option"
                aria-selected={i === at}
                onPointerMove={() => setAt(i)}
                onClick={() => take(hit.of)}
              >
                <i>{KINDS[hit.of.kind]}</i>
                <Name hit={hit} />
                {typeof hit.of.go === 'object' && <kbd>{keyWords(hit.of.go.key)}</kbd>}
              </li>
            ))}
          </ul>
          {hits.length === 0 && !heard && (
            <p>{typed ? 'Nothing is called that.' : 'What you opened here lately will stand here.'}</p>
          )}
        </Dialog>
      </Sheet>
    </Overlay>
  );
}

function Name({ hit: { of, at } }: { hit: Hit<Item> }) {
  const beside =
    of.kind === 'play' ? of.also.slice(0, 2).join(', ') : of.kind === 'room' ? '' : (of.also[0] ?? '');
  return (
    <div>
      <b dir="auto">
        {at ? (
          <>
            {of.name.slice(0, at[0])}
            <mark>{of.name.slice(at[0], at[1])}</mark>
            {of.name.slice(at[1])}
          </>
        ) : (
          of.name
        )}
      </b>
      <span dir="auto">{beside}</span>
    </div>
  );
}

/** Presses a key of the keymap on the desk, once the search has gone. */
function press(key: string): void {
  const parts = key.split('+');
  const name = parts.at(-1) || '+';
  setTimeout(() =>
    (document.getElementById('court') ?? document.body).dispatchEvent(
      new globalThis.KeyboardEvent('keydown', {
        key: name,
        ctrlKey: parts.includes('Mod'),
        altKey: parts.includes('Alt'),
        shiftKey: parts.includes('Shift'),
        bubbles: true,
        cancelable: true,
      }),
    ),
  );
}
