import {
  dictionaryOf,
  ENTRY_GROUP_WORDS,
  entriesOf,
  spokenOf,
  type EntryGroup,
  type Spoken,
  type TeamWord,
  type TermKey,
} from '@corkscrew/core';
import { wordsCsv } from '@corkscrew/words/csv';
import { Plus } from 'lucide-react';
import { nanoid } from 'nanoid';
import { useEffect, useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import styled from 'styled-components';
import { prefer, usePreferences } from '../../app/preferences.ts';
import { usePlays } from '../../keeping/plays.ts';
import { useRecords } from '../../keeping/records.ts';
import { useDocuments, useRelations } from '../../keeping/relations.ts';
import { useTeam } from '../../team/team.ts';
import { Button, Input, Label, MainButton } from '../../ui/controls.tsx';
import { FileButton } from '../../ui/FileButton.tsx';
import { Segments } from '../../ui/Segments.tsx';
import { saveText } from '../../ui/save-file.ts';
import { TopBar } from '../../ui/TopBar.tsx';
import { ClashPanel } from './ClashPanel.tsx';
import { Preview } from './Preview.tsx';
import { Forms } from './Forms.tsx';
import { WordRow } from './WordRow.tsx';
import { useChanges } from './use-changes.ts';
import { useClashes } from './use-clashes.ts';

const Page = styled.div`
  display: grid;
  grid-template-rows: 60px minmax(0, 1fr);
  height: 100vh;
  height: 100dvh;
  .body {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 430px;
    min-height: 0;
  }
  main {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: auto minmax(0, 1fr);
    min-height: 0;
    min-width: 0;
  }
  .bar {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 14px;
    align-items: center;
    padding: 9px 14px;
    border-bottom: 1px solid var(--rule);
  }
  .bar input {
    width: 150px;
  }
  .list {
    overflow: auto;
    background: var(--sheet);
  }
  table {
    width: 100%;
    border-collapse: collapse;
  }
  th {
    text-align: left;
    font: 600 11.5px/1 'Archivo Variable';
    font-stretch: 80%;
    color: var(--ink-3);
    padding: 8px 8px 6px 14px;
    position: sticky;
    top: 0;
    z-index: 1;
    background: var(--sheet);
    border-bottom: 1px solid var(--ink);
  }
  tr.group th {
    position: static;
    background: var(--desk);
    color: var(--ink);
    font: 700 15px/1 'Archivo Variable';
    font-stretch: 74%;
  }
  td {
    height: 38px;
    padding: 0 8px 0 14px;
    border-bottom: 1px solid var(--rule);
    vertical-align: middle;
  }
  td:first-child {
    font-size: 14px;
  }
  tr[data-chosen] td {
    background: var(--raised);
  }
  tr[data-chosen] td:first-child {
    box-shadow: inset 3px 0 var(--pen);
  }
  td label {
    display: block;
  }
  td input {
    border-color: transparent;
    background: none;
    font: 700 15px/1.1 'Archivo Variable';
    font-stretch: 76%;
  }
  td input:hover,
  td input:focus {
    border-color: var(--rule-2);
    background: var(--raised);
  }
  td.used {
    text-align: right;
    padding-right: 14px;
    color: var(--ink-2);
    white-space: nowrap;
    font-size: 12.5px;
  }
  td.used .clash {
    color: var(--gap);
  }
  aside {
    border-left: 1px solid var(--rule-2);
    display: grid;
    grid-template-rows: minmax(0, 1fr) auto auto;
    min-height: 0;
  }
  .forms {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 8px 12px;
    padding: 12px 14px;
    border-top: 1px solid var(--rule-2);
  }
  .forms h2 {
    grid-column: 1 / -1;
    font-size: 16px;
    font-weight: 700;
    font-stretch: 74%;
  }
  .forms label {
    display: grid;
    gap: 4px;
  }
  @media (max-width: 1023px) {
    .said {
      display: none;
    }
    .body {
      display: block;
      overflow: auto;
    }
    .list {
      overflow: visible;
    }
    aside {
      border-left: 0;
      border-top: 1px solid var(--rule-2);
      display: block;
    }
  }
  @media (max-width: 600px) {
    table {
      table-layout: fixed;
    }
    td,
    th {
      padding-left: 8px;
    }
    .signal {
      display: none;
    }
  }
`;

const GROUPS: readonly EntryGroup[] = ['call', 'do', 'they', 'place', 'when', 'own'];
const plain = (s: string): string => s.toLocaleLowerCase().normalize('NFKD').replace(/\p{M}/gu, '');

/** What we call things: every word of the trade with ours, calls and signals, and what is taken for each other. */
export default function Words() {
  const [params, setParams] = useSearchParams();
  const plays = usePlays(false).shown;
  const series = useRecords('series');
  const words = useRecords('words');
  const relations = useRelations();
  const { team, change: changeTeam } = useTeam();
  const ours = usePreferences((p) => p.ours);
  const [group, setGroup] = useState<EntryGroup | null>(null);
  const [typed, setTyped] = useState('');
  const chosen = params.get('at');
  useEffect(() => {
    document.title = 'Language · Corkscrew';
  }, []);
  const entries = useMemo(
    // Before the team's own words are here nothing can be written: it would be one word twice.
    () => (words.rows ? entriesOf(plays?.rows ?? [], series.rows ?? [], words.rows) : []),
    [plays, series.rows, words.rows],
  );
  const firstLetter = team?.defaults.firstLetter ?? false;
  const clashes = useClashes(spokenOf(entries), firstLetter);
  const clashing = new Set((clashes.clashes ?? []).flatMap((c) => [c.a.id, ...('b' in c ? [c.b.id] : [])]));
  const used = useMemo(() => usedIn(Object.values(relations?.plays ?? {})), [relations]);
  const shown = entries.filter(
    (e) =>
      (group === null || e.group === group) &&
      plain(typed)
        .split(/\s+/)
        .every((w) => plain(`${e.plain} ${e.ours} ${e.signal}`).includes(w)),
  );
  const entry = entries.find((e) => e.id === chosen) ?? null;
  // What was asked for from elsewhere is on the list, whatever was looked for before.
  const [seen, setSeen] = useState(chosen);
  if (chosen !== seen) {
    setSeen(chosen);
    if (entry && !shown.includes(entry)) {
      setTyped('');
      setGroup(null);
    }
  }
  const choose = (id: string): void => void setParams({ at: id }, { replace: true });

  const { call, sign, take, notice } = useChanges(series, words);
  const rename = (of: Spoken, word: string): void => {
    const e = entries.find((x) => x.id === of.id);
    if (e) void call(e, word);
  };
  const mine = (words.rows ?? []).map((r) => r.body);
  return (
    <Page>
      <TopBar
        room="words"
        end={
          <>
            <FileButton className="wide" accept="text/csv,.csv" onFile={(file) => take.mutate(file)}>
              Take in a table
            </FileButton>
            <Button
              className="wide"
              isDisabled={mine.length === 0}
              onPress={() => saveText('words.csv', wordsCsv(mine), 'text/csv')}
            >
              Give out a table
            </Button>
            <MainButton
              onPress={() => {
                const id = nanoid(12);
                words.change(id, { means: 'What it means', word: 'A word' });
                setGroup('own');
                choose(`word ${id}`);
              }}
            >
              <Plus size={15} /> Word
            </MainButton>
          </>
        }
      >
        <h1 className="said" style={{ fontSize: 27, fontWeight: 740, fontStretch: '70%', lineHeight: 1 }}>
          What we call it
        </h1>
        <span className="said" style={{ display: 'grid', gap: 4 }}>
          <Label>Our own words</Label>
          <b style={{ fontWeight: 640, fontSize: 14 }}>{mine.length}</b>
        </span>
      </TopBar>
      <div className="body">
        <main>
          <div className="bar">
            <Segments role="group" aria-label="Which words">
              <button aria-pressed={group === null} onClick={() => setGroup(null)}>
                All
              </button>
              {GROUPS.map((g) => (
                <button key={g} aria-pressed={group === g} onClick={() => setGroup(g)}>
                  {ENTRY_GROUP_WORDS[g]}
                </button>
              ))}
            </Segments>
            <Input
              type="search"
              aria-label="Find a word"
              placeholder="Either word"
              value={typed}
              onChange={(e) => setTyped(e.target.value)}
            />
            <span style={{ display: 'flex', gap: 8, alignItems: 'center', marginLeft: 'auto' }}>
              <Label>All speaks</Label>
              <Segments role="group" aria-label="Captions and all else speak">
                <button aria-pressed={!ours} onClick={() => prefer({ ours: false })}>
                  Plain
                </button>
                <button aria-pressed={ours} onClick={() => prefer({ ours: true })}>
                  Ours
                </button>
              </Segments>
            </span>
            {notice && (
              <p role="status" style={{ flexBasis: '100%' }}>
                {notice}
              </p>
            )}
          </div>
          <div className="list" tabIndex={-1}>
            <table aria-label="Words">
              <thead>
                <tr>
                  <th scope="col">Plain word</th>
                  <th scope="col">Our word</th>
                  <th scope="col" className="signal">
                    Signal
                  </th>
                  <th scope="col" style={{ textAlign: 'right', paddingRight: 14 }}>
                    Used in
                  </th>
                </tr>
              </thead>
              {GROUPS.map((g) => {
                const rows = shown.filter((e) => e.group === g);
                return (
                  rows.length > 0 && (
                    <tbody key={g}>
                      <tr className="group">
                        <th colSpan={3} scope="rowgroup">
                          {ENTRY_GROUP_WORDS[g]}
                        </th>
                        <td className="signal" />
                      </tr>
                      {rows.map((e) => (
                        <WordRow
                          key={e.id}
                          entry={e}
                          chosen={e.id === chosen}
                          uses={e.key ? (used.get(e.key) ?? 0) : null}
                          clash={clashing.has(e.id)}
                          onChoose={() => choose(e.id)}
                          onCall={(w) => void call(e, w)}
                          onMeans={(means) =>
                            e.word &&
                            e.of &&
                            words.change(e.of.id, { ...e.word, means: means.trim() || undefined })
                          }
                          onSign={(s) => void sign(e, s.figure, s.words)}
                        />
                      ))}
                    </tbody>
                  )
                );
              })}
            </table>
          </div>
        </main>
        <aside>
          <ClashPanel
            clashes={clashes}
            firstLetter={firstLetter}
            onFirstLetter={(on) => changeTeam((now) => ({ defaults: { ...now.defaults, firstLetter: on } }))}
            onRename={rename}
          />
          {entry?.word && entry.of && (
            <Forms key={entry.id} entry={entry} onChange={(next) => words.change(entry.of!.id, next)} />
          )}
          <Read term={entry?.key ?? null} relations={relations} mine={mine} />
        </aside>
      </div>
    </Page>
  );
}

/** How a frame reads that the chosen word is used in. */
function Read({
  term,
  relations,
  mine,
}: {
  term: TermKey | null;
  relations: ReturnType<typeof useRelations>;
  mine: readonly TeamWord[];
}) {
  const all = Object.entries(relations?.plays ?? {});
  const named = new Set<string>(mine.flatMap((w) => (w.key ? [w.key] : [])));
  const best =
    all.find(([, p]) => term !== null && p.terms.includes(term)) ??
    [...all].sort((a, b) => count(b[1].terms, named) - count(a[1].terms, named))[0];
  const id = best?.[0];
  const play = useDocuments(id === undefined ? [] : [id]).get(id ?? '');
  const words = useMemo(() => dictionaryOf(mine), [mine]);
  return play ? <Preview key={`${play.id} ${term}`} play={play} term={term} words={words} /> : null;
}
const count = (terms: readonly string[], of: ReadonlySet<string>): number =>
  terms.filter((t) => of.has(t)).length;

function usedIn(plays: readonly { readonly terms: readonly string[] }[]): ReadonlyMap<string, number> {
  const out = new Map<string, number>();
  for (const p of plays) for (const t of p.terms) out.set(t, (out.get(t) ?? 0) + 1);
  return out;
}
