import { PAPER_DAYS, PAPER_KINDS, PAPER_OF, PLAYERS, type PaperOrder, type PaperRow } from '@corkscrew/core';
import { Download, Trash2, X } from 'lucide-react';
import { useEffect, useState } from 'react';
import { useSearchParams } from 'react-router';
import styled from 'styled-components';
import { usePreferences } from '../../app/preferences.ts';
import { usePlays } from '../../keeping/plays.ts';
import { useRecords } from '../../keeping/records.ts';
import { Choice } from '../../ui/Choice.tsx';
import { MainButton } from '../../ui/controls.tsx';
import { IconButton } from '../../ui/IconButton.tsx';
import { Segments } from '../../ui/Segments.tsx';
import { BookViews } from '../../ui/BookViews.tsx';
import { TopBar } from '../../ui/TopBar.tsx';
import { loadFaces } from '../../ui/paper-faces.ts';
import { fileAt, usePapers, usePreview, usePrinting } from './made.ts';
import { KIND_WORDS, orderIn, searchOf } from './order.ts';

const Page = styled.div`
  display: grid;
  grid-template-rows: 60px minmax(0, 1fr);
  height: 100dvh;
  h1 {
    font-size: 27px;
    line-height: 1.1;
    font-weight: 740;
    font-stretch: 70%;
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
  }
  .columns {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 330px;
    min-height: 0;
  }
  .pages {
    overflow: auto;
    display: grid;
    gap: 22px;
    justify-items: center;
    align-content: start;
    padding: 22px;
  }
  .pages[data-old] {
    opacity: 0.55;
  }
  .sheet {
    width: min(100%, 760px);
    border: 1px solid var(--rule-2);
    background: #fff;
  }
  .sheet svg {
    display: block;
    width: 100%;
    height: auto;
  }
  .say {
    color: var(--ink-2);
    max-width: 420px;
    padding: 60px 0;
    text-align: center;
  }
  aside {
    border-left: 1px solid var(--rule);
    overflow: auto;
    padding: 14px;
    display: grid;
    gap: 14px;
    align-content: start;
  }
  aside h2 {
    font-size: 16px;
    font-weight: 700;
    font-stretch: 74%;
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    justify-content: space-between;
    gap: 6px 10px;
    padding-bottom: 8px;
    border-bottom: 1px solid var(--rule);
    color: var(--ink-2);
  }
  .row select {
    max-width: 210px;
  }
  .note {
    color: var(--ink-2);
  }
  .lacks {
    box-shadow: inset 3px 0 var(--gap);
    padding-left: 10px;
  }
  .made {
    display: grid;
    gap: 0;
  }
  .made li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto auto;
    gap: 2px 6px;
    align-items: center;
    padding: 7px 0;
    border-top: 1px solid var(--rule);
  }
  .made b {
    font: 680 14px/1.2 'Archivo Variable';
    font-stretch: 76%;
    overflow-wrap: anywhere;
  }
  .made small {
    grid-column: 1;
    font-size: 12.5px;
    color: var(--ink-2);
  }
  .made li[data-state='failed'] small {
    color: var(--gap);
  }
  .made a,
  .made button {
    grid-row: 1 / 3;
  }
  .made a {
    grid-column: 2;
    display: grid;
    place-items: center;
    min-width: 32px;
    min-height: 32px;
    color: var(--pen);
  }
  .made button {
    grid-column: 3;
  }
  progress {
    grid-column: 1;
    width: 100%;
    height: 6px;
    accent-color: var(--pen);
  }
  @media (max-width: 860px) {
    height: auto;
    min-height: 100dvh;
    .columns {
      grid-template-columns: minmax(0, 1fr);
    }
    aside {
      border-left: 0;
      grid-row: 1;
    }
  }
  @media (pointer: coarse) {
    .made a {
      min-width: 44px;
      min-height: 44px;
    }
  }
`;

/** What is to be printed, as it will be on paper: chosen at the side, seen in the middle, and what was made lately. */
export default function Print() {
  const [search, setSearch] = useSearchParams();
  const ours = usePreferences((p) => p.ours);
  const order = useWhole({ ...orderIn(search), ours });
  const put = (whole: PaperOrder): void => setSearch(searchOf(whole), { replace: true });
  const set = (change: Partial<PaperOrder>): void => put({ ...order, ...change });
  const stamp = useStamp(order);
  const preview = usePreview(order, stamp);
  const printing = usePrinting();
  const papers = usePapers();
  const [shown, setShown] = useState(false);
  useEffect(() => {
    void loadFaces().then(() => setShown(true));
    document.title = 'Print · Corkscrew';
  }, []);
  const made = preview.data;
  return (
    <Page>
      <TopBar
        room="plays"
        end={
          <MainButton onPress={() => printing.order.mutate(order)} isDisabled={!made}>
            Make the PDF
          </MainButton>
        }
      >
        <h1 dir="auto">{made?.title ?? 'Print'}</h1>
        <BookViews />
      </TopBar>
      <div className="columns">
        <main className="pages" aria-label="Pages" {...(preview.isPlaceholderData ? { 'data-old': '' } : {})}>
          {preview.error ? (
            <p className="say" role="alert">
              {preview.error.message}
            </p>
          ) : (
            shown &&
            made?.pages.map((svg, i) => (
              <div
                key={i}
                className="sheet"
                role="img"
                aria-label={`Page ${i + 1}${made.count > 0 ? ` of ${made.count}` : ''}`}
                dangerouslySetInnerHTML={{ __html: svg }}
              />
            ))
          )}
          {made && made.count === 0 && !preview.error && (
            <p className="say">The PDF has all of them; here are the first pages.</p>
          )}
        </main>
        <aside aria-label="What to print">
          <Options order={order} set={set} only={put} />
          {made && made.lacks.length > 0 && (
            <p className="lacks">
              Our fonts have no letter for {made.lacks.slice(0, 8).join(' ')}: a question mark stands there.
            </p>
          )}
          <p className="note">Black only, so that a copier keeps every line.</p>
          {printing.order.error && <p role="alert">{printing.order.error.message}</p>}
          <h2>Made lately</h2>
          <Made rows={papers.data ?? []} printing={printing} />
        </aside>
      </div>
    </Page>
  );
}

/** An order of a sheet or a series that does not say which: the first there is. */
function useWhole(order: PaperOrder): PaperOrder {
  const sheets = useRecords('sheets').rows;
  const series = useSeriesWords();
  const needs = PAPER_OF[order.kind];
  const [sheet] = sheets ?? [];
  if (needs === 'sheet' && order.sheet === undefined && sheet) return { ...order, sheet: sheet.id };
  if (needs === 'series' && order.series === undefined && series[0]) return { ...order, series: series[0] };
  return order;
}
function useSeriesWords(): string[] {
  const rows = usePlays(false).shown?.rows ?? [];
  return [...new Set(rows.map((r) => r.summary.series).filter(Boolean))].sort();
}

/** What the pages are made from, as far as lists tell: when it changes they are made anew. */
function useStamp({ kind, plays, sheet }: PaperOrder): string {
  const rows = usePlays(false).shown?.rows;
  const sheets = useRecords('sheets').rows;
  const words = useRecords('words').rows;
  const of =
    rows?.filter((r) => plays.length === 0 || plays.includes(r.id)).map((r) => `${r.id}.${r.revision}`) ?? [];
  const needs = PAPER_OF[kind];
  return [
    ...of,
    needs === 'sheet' ? JSON.stringify(sheets?.find((s) => s.id === sheet)?.body) : '',
    words?.map((w) => w.body.word).join('.'),
  ].join(' ');
}

function Options({
  order,
  set,
  only,
}: {
  order: PaperOrder;
  set: (change: Partial<PaperOrder>) => void;
  only: (whole: PaperOrder) => void;
}) {
  const { kind } = order;
  const row = <T extends string | number | boolean>(
    words: string,
    value: T,
    options: readonly (readonly [T, string])[],
    on: (value: T) => void,
  ) => (
    <div className="row">
      <span>{words}</span>
      <Segments role="group" aria-label={words}>
        {options.map(([key, said]) => (
          <button key={String(key)} type="button" aria-pressed={value === key} onClick={() => on(key)}>
            {said}
          </button>
        ))}
      </Segments>
    </div>
  );
  return (
    <>
      <div className="row">
        <span>What</span>
        <Choice
          bare
          label="What"
          value={kind}
          options={PAPER_KINDS.map((k) => [k, KIND_WORDS[k][0]] as const)}
          onChange={(k) => set({ kind: k })}
        />
      </div>
      <p className="note">{KIND_WORDS[kind][1]}</p>
      {PAPER_OF[kind] === 'plays' && kind !== 'book' && <WhichPlay order={order} set={set} />}
      {PAPER_OF[kind] === 'sheet' && <WhichSheet order={order} set={set} />}
      {kind === 'series' && <WhichSeries order={order} set={set} />}
      {kind === 'job' &&
        row(
          'Whose',
          order.number ?? 'all',
          [['all', 'All'] as const, ...PLAYERS.map((p) => [p, p] as const)],
          (n) => {
            const { number: _was, ...rest } = order;
            if (n === 'all') only(rest);
            else set({ number: n });
          },
        )}
      {row(
        'Paper',
        order.paper,
        [
          ['a4', 'A4'] as const,
          ['letter', 'Letter'] as const,
          ...(kind === 'sheet' ? [['card', 'Card'] as const] : []),
        ],
        (paper) => set({ paper }),
      )}
      {kind === 'sheet' && order.paper !== 'card' && (
        <>
          {row(
            'Columns',
            order.columns,
            [[1, '1'] as const, [2, '2'] as const, [3, '3'] as const],
            (columns) => set({ columns }),
          )}
          {row('Diagrams', order.diagrams, [[true, 'Small'] as const, [false, 'None'] as const], (diagrams) =>
            set({ diagrams }),
          )}
          {row('Text', order.size, [['desk', 'Desk'] as const, ['bench', 'Bench'] as const], (size) =>
            set({ size }),
          )}
        </>
      )}
      {kind !== 'answers' &&
        row('Hand signals', order.signals, [[true, 'Show'] as const, [false, 'Hide'] as const], (signals) =>
          set({ signals }),
        )}
      {(kind === 'sheet' || kind === 'cards') && (
        <p className="note">
          Bench size reads at arm’s length. Hide hand signals on any sheet that might be left on a chair.
        </p>
      )}
    </>
  );
}

/** One play, or those that were chosen in the playbook. */
function WhichPlay({ order, set }: { order: PaperOrder; set: (change: Partial<PaperOrder>) => void }) {
  const rows = usePlays(false).shown?.rows ?? [];
  const many = order.plays.length > 1;
  const names = [...rows].sort((a, b) =>
    a.summary.name.localeCompare(b.summary.name, 'en', { numeric: true }),
  );
  return (
    <div className="row">
      <span>Play</span>
      <Choice
        bare
        label="Play"
        value={many ? '' : (order.plays[0] ?? '')}
        options={[
          ['', many ? `${order.plays.length} plays` : 'Choose a play'],
          ...names.map((r) => [r.id, r.summary.name] as const),
        ]}
        onChange={(id) => set({ plays: id ? [id] : [] })}
      />
    </div>
  );
}

function WhichSheet({ order, set }: { order: PaperOrder; set: (change: Partial<PaperOrder>) => void }) {
  const sheets = useRecords('sheets').rows ?? [];
  return (
    <div className="row">
      <span>Sheet</span>
      <Choice
        bare
        label="Sheet"
        value={order.sheet ?? ''}
        options={sheets.map((s) => [s.id, s.body.name] as const)}
        onChange={(sheet) => set({ sheet })}
      />
    </div>
  );
}

function WhichSeries({ order, set }: { order: PaperOrder; set: (change: Partial<PaperOrder>) => void }) {
  const words = useSeriesWords();
  return (
    <div className="row">
      <span>Series</span>
      <Choice
        bare
        label="Series"
        value={order.series ?? ''}
        options={words.map((w) => [w, w] as const)}
        onChange={(series) => set({ series })}
      />
    </div>
  );
}

const STATES: Readonly<Record<Exclude<PaperRow['state'], 'done' | 'failed'>, string>> = {
  waiting: 'Waiting',
  working: 'Being made',
  cancelled: 'Stopped',
};
const size = (bytes: number): string =>
  bytes < 1_000_000 ? `${Math.max(1, Math.round(bytes / 1000))} kB` : `${(bytes / 1_000_000).toFixed(1)} MB`;

function Made({ rows, printing }: { rows: readonly PaperRow[]; printing: ReturnType<typeof usePrinting> }) {
  if (rows.length === 0) return <p className="note">What you make stands here for {PAPER_DAYS} days.</p>;
  return (
    <ul className="made" aria-label="Made lately">
      {rows.map((r) => {
        const open = r.state === 'waiting' || r.state === 'working';
        return (
          <li key={r.id} data-state={r.state} aria-busy={open}>
            <b dir="auto">{r.title}</b>
            {r.state === 'working' && r.of > 0 ? (
              <progress value={r.done} max={r.of} aria-label={`${r.done} of ${r.of}`} />
            ) : (
              <small>
                {r.state === 'done'
                  ? `${size(r.bytes)}, ${new Date(r.createdAt).toLocaleString('en-GB', { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' })}`
                  : r.state === 'failed'
                    ? r.fault
                    : STATES[r.state]}
              </small>
            )}
            {r.state === 'done' && (
              <a href={fileAt(r.id)} download aria-label={`Save ${r.title}`}>
                <Download size={17} />
              </a>
            )}
            {open ? (
              <IconButton aria-label={`Stop ${r.title}`} onPress={() => printing.cancel.mutate(r.id)}>
                <X size={16} />
              </IconButton>
            ) : (
              <IconButton aria-label={`Throw away ${r.title}`} onPress={() => printing.remove.mutate(r.id)}>
                <Trash2 size={15} />
              </IconButton>
            )}
          </li>
        );
      })}
    </ul>
  );
}
