import {
  HereSchema,
  howsFor,
  incoming,
  recordCount,
  sheetWithIds,
  STANDINGS,
  TakenInSchema,
  type How,
  type Standing,
} from '@corkscrew/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Download, FolderOpen, Upload } from 'lucide-react';
import { nanoid } from 'nanoid';
import { useEffect, useRef, useState, type DragEvent } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { z } from 'zod';
import { call, send } from '../../app/api.ts';
import { currentTeam } from '../../app/team.ts';
import { Choice } from '../../ui/Choice.tsx';
import { Button, MainButton } from '../../ui/controls.tsx';
import { TopBar } from '../../ui/TopBar.tsx';
import { fromDrop, fromList, useGiven, type Given } from '../../keeping/given.ts';
import { Backups } from './Backups.tsx';
import { giveOut, KINDS, type Kind } from './give-out.ts';
import { readFiles, reportOf, type Report, type Row } from './report.ts';
import { readAll } from './unpack.ts';

const Page = styled.div`
  display: grid;
  grid-template-rows: 60px minmax(0, 1fr);
  min-height: 100dvh;
  h1 {
    font-size: 27px;
    line-height: 1.1;
    font-weight: 740;
    font-stretch: 70%;
  }
  main {
    padding: 22px;
    width: min(1080px, 100%);
    margin: 0 auto;
    display: grid;
    gap: 16px;
    align-content: start;
  }
  .drop {
    border: 1.5px dashed var(--rule-2);
    background: var(--sheet);
    padding: 26px;
    display: flex;
    flex-wrap: wrap;
    gap: 12px 16px;
    align-items: center;
    color: var(--ink-2);
  }
  .drop[data-over] {
    border-color: var(--pen);
    background: var(--pen-w);
  }
  .drop p {
    flex: 1 1 280px;
  }
  h2 {
    font-size: 16px;
    font-weight: 700;
    font-stretch: 74%;
  }
  .counts {
    display: flex;
    flex-wrap: wrap;
    gap: 6px 18px;
    align-items: baseline;
    color: var(--ink-2);
  }
  .counts b {
    font: 740 20px/1 'Archivo Variable';
    font-stretch: 72%;
    color: var(--ink);
    margin-right: 5px;
  }
  table {
    width: 100%;
    border-collapse: collapse;
    background: var(--sheet);
  }
  th,
  td {
    text-align: left;
    padding: 6px 10px;
    border-top: 1px solid var(--rule);
    vertical-align: middle;
  }
  thead th {
    font: 600 12px/1 'Archivo Variable';
    font-stretch: 80%;
    color: var(--ink-2);
  }
  td b {
    font: 700 15px/1.2 'Archivo Variable';
    font-stretch: 76%;
    overflow-wrap: anywhere;
  }
  td small {
    display: block;
    font-size: 12.5px;
    color: var(--ink-2);
    overflow-wrap: anywhere;
  }
  .standing {
    font: 640 13.5px/1.2 'Archivo Variable';
    font-stretch: 77%;
    white-space: nowrap;
  }
  .refused li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 1.4fr);
    gap: 10px;
    padding: 6px 10px;
    border-top: 1px solid var(--rule);
    border-left: 3px solid var(--gap);
    background: var(--sheet);
    overflow-wrap: anywhere;
  }
  .out,
  .backups {
    margin-top: 12px;
  }
  .backups li {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 14px;
    align-items: center;
    padding: 5px 0;
    border-top: 1px solid var(--rule);
    color: var(--ink-2);
  }
  .backups a {
    color: var(--pen);
    font-weight: 640;
  }
  .backups .row {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 12px;
    align-items: center;
    margin: 10px 0;
  }
  .out ul {
    display: grid;
    gap: 8px;
    margin-top: 10px;
  }
  .out li {
    display: grid;
    grid-template-columns: 132px minmax(0, 1fr);
    gap: 12px;
    align-items: center;
    color: var(--ink-2);
  }
  .do {
    position: sticky;
    bottom: 0;
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 10px 16px;
    padding: 12px 0;
    background: var(--desk);
    border-top: 1px solid var(--ink);
  }
  .do label {
    display: flex;
    gap: 8px;
    align-items: center;
  }
  @media (max-width: 640px) {
    main {
      padding: 12px;
    }
    .refused li {
      grid-template-columns: 1fr;
    }
    th.where,
    td.where {
      display: none;
    }
  }
`;

const STANDING_WORDS: Readonly<Record<Standing, readonly [string, string]>> = {
  new: ['New', 'Nothing here has its name.'],
  same: ['Same', 'Just as it is here.'],
  older: ['Older', 'As ours was before.'],
  newer: ['Newer', 'Ours, with changes made to it since.'],
  differs: ['Differs', 'Changed here and there.'],
};
const HOW_WORDS: Readonly<Record<How, string>> = {
  add: 'Take in',
  skip: 'Leave out',
  replace: 'Replace ours',
  beside: 'Keep beside ours',
};
/** An import of many plays takes its time (ms). */
const LONG = 120_000;
/** A list longer than this is shown as far, the rest counted. */
const SHOWN = 200;

/** What files hold is told before anything is kept; what is confirmed is kept whole or not at all. */
export default function Files() {
  const client = useQueryClient();
  const given = useGiven((s) => s.files);
  const [report, setReport] = useState<Report | null>(null);
  const [withRecords, setWithRecords] = useState(true);
  const [progress, setProgress] = useState<string | null>(null);
  useEffect(() => {
    document.title = 'Files · Corkscrew';
  }, []);
  const read = useMutation({
    mutationFn: async (files: readonly Given[]) => {
      const texts = await readAll(files, (done, of) => setProgress(`Reading ${done} of ${of}`));
      const found = readFiles(texts);
      const ids = found.plays.map((p) => p.of.play.id);
      const here = await call(z.array(HereSchema), '/api/imports/look', send('POST', { ids }));
      return reportOf(found, here);
    },
    onSuccess: setReport,
    onSettled: () => setProgress(null),
  });
  const { mutate: readNow } = read;
  useEffect(() => {
    if (given.length === 0) return;
    useGiven.setState({ files: [] });
    readNow(given);
  }, [given, readNow]);
  const keep = useMutation({
    mutationFn: async ({ rows, records }: Report) => {
      const { plays, ids } = incoming(rows, currentTeam(), () => nanoid(12));
      const beside = withRecords
        ? {
            ...records,
            ...(records.sheets
              ? { sheets: records.sheets.map((s) => ({ ...s, body: sheetWithIds(s.body, ids) })) }
              : {}),
          }
        : {};
      return call(
        TakenInSchema,
        '/api/imports',
        send('POST', {
          sitting: nanoid(12),
          plays: plays.map(({ play, how }) => ({ document: play, how })),
          records: beside,
        }),
        LONG,
      );
    },
    onSuccess: () => {
      setReport(null);
      void client.invalidateQueries();
    },
  });
  const wanted = report?.rows.filter((r) => r.how !== 'skip').length ?? 0;
  const beside = report ? recordCount(report.records) : 0;
  return (
    <Page>
      <TopBar room="plays">
        <h1>Files</h1>
      </TopBar>
      <main>
        <h2>Take in</h2>
        <Drop onFiles={(files) => readNow(files)} />
        <p role="status" aria-live="polite">
          {progress}
          {keep.data && !report && (
            <>
              {count(keep.data.plays, 'play')} taken in
              {keep.data.records > 0 && `, and ${keep.data.records} things beside`}.{' '}
              <Link to="/plays">To the playbook</Link>
            </>
          )}
        </p>
        {(read.error ?? keep.error) && (
          <p role="alert">{(read.error ?? keep.error)!.message} Nothing was kept.</p>
        )}
        {report && (
          <>
            <Counts report={report} />
            {report.refused.length > 0 && <RefusedList report={report} />}
            {report.rows.length > 0 && (
              <Rows
                rows={report.rows}
                onHow={(of, how) =>
                  setReport({
                    ...report,
                    rows: report.rows.map((r) =>
                      of === null ? allTo(r, how) : r === of ? { ...r, how } : r,
                    ),
                  })
                }
              />
            )}
            <div className="do">
              <MainButton
                isDisabled={wanted + (withRecords ? beside : 0) === 0 || keep.isPending}
                onPress={() => keep.mutate(report)}
              >
                {keep.isPending ? 'Taking in' : `Take in ${count(wanted, 'play')}`}
              </MainButton>
              {beside > 0 && (
                <label>
                  <input
                    type="checkbox"
                    checked={withRecords}
                    onChange={(e) => setWithRecords(e.target.checked)}
                  />
                  And what is not here yet of {beside} series, sheets, opponents and words
                </label>
              )}
              <Button onPress={() => setReport(null)}>Leave it</Button>
            </div>
          </>
        )}
        {!report && <GiveOut />}
        {!report && <Backups />}
      </main>
    </Page>
  );
}

/** The playbook for other programs, or for another team. */
function GiveOut() {
  const give = useMutation({ mutationFn: giveOut });
  return (
    <section className="out" aria-label="Give out">
      <h2>Give out</h2>
      <ul>
        {(Object.keys(KINDS) as Kind[]).map((kind) => (
          <li key={kind}>
            <Button isDisabled={give.isPending} onPress={() => give.mutate(kind)}>
              <Download size={15} /> {KINDS[kind][0]}
            </Button>
            <span>{KINDS[kind][1]}</span>
          </li>
        ))}
      </ul>
      {give.error && <p role="alert">{give.error.message}</p>}
    </section>
  );
}

const count = (n: number, word: string): string => `${n} ${word}${n === 1 ? '' : 's'}`;
const allTo = (row: Row, how: How): Row =>
  howsFor(row.standing).includes(how) && row.standing !== 'same' ? { ...row, how } : row;

function Drop({ onFiles }: { onFiles: (files: Given[]) => void }) {
  const [over, setOver] = useState(false);
  const one = useRef<HTMLInputElement>(null);
  const folder = useRef<HTMLInputElement>(null);
  const onDrop = (e: DragEvent) => {
    e.preventDefault();
    setOver(false);
    void fromDrop(e.dataTransfer).then(onFiles);
  };
  const field = (ref: typeof one, more: object) => (
    <input
      ref={ref}
      type="file"
      multiple
      hidden
      {...more}
      onChange={(e) => {
        const files = e.target.files ? fromList(e.target.files) : [];
        e.target.value = '';
        if (files.length > 0) onFiles(files);
      }}
    />
  );
  return (
    <div
      className="drop"
      data-testid="drop"
      {...(over ? { 'data-over': '' } : {})}
      onDragOver={(e) => {
        e.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={onDrop}
    >
      <p>
        Drop files, folders or zips here: plays, playbooks, and plays as they are written. Nothing is kept
        before you have seen what is in them.
      </p>
      <Button onPress={() => one.current?.click()}>
        <Upload size={15} /> Files
      </Button>
      <Button onPress={() => folder.current?.click()}>
        <FolderOpen size={15} /> A folder
      </Button>
      {field(one, { accept: '.json,.txt,.corkscrew,.zip', 'aria-label': 'Files to take in' })}
      {field(folder, { webkitdirectory: '', 'aria-label': 'A folder to take in' })}
    </div>
  );
}

function Counts({ report: { rows, refused } }: { report: Report }) {
  return (
    <p className="counts" role="status">
      {STANDINGS.map((s) => {
        const n = rows.filter((r) => r.standing === s).length;
        return (
          n > 0 && (
            <span key={s} title={STANDING_WORDS[s][1]}>
              <b>{n}</b>
              {STANDING_WORDS[s][0].toLowerCase()}
            </span>
          )
        );
      })}
      {refused.length > 0 && (
        <span>
          <b>{refused.length}</b>not readable
        </span>
      )}
      {rows.length + refused.length === 0 && 'There is no play in this.'}
    </p>
  );
}

function RefusedList({ report: { refused } }: { report: Report }) {
  return (
    <section className="refused" aria-label="Not readable">
      <h2>Not readable</h2>
      <ul>
        {refused.slice(0, SHOWN).map((r, i) => (
          <li key={i}>
            <span>
              {r.path}
              {r.at && <small> · {r.at}</small>}
            </span>
            <span>{r.sentence}</span>
          </li>
        ))}
      </ul>
      {refused.length > SHOWN && <p>And {refused.length - SHOWN} more.</p>}
    </section>
  );
}

function Rows({ rows, onHow }: { rows: readonly Row[]; onHow: (of: Row | null, how: How) => void }) {
  const doubles = rows.some((r) => r.standing !== 'new' && r.standing !== 'same');
  return (
    <section aria-label="Plays in the files">
      <table>
        <thead>
          <tr>
            <th scope="col">Play</th>
            <th scope="col" className="where">
              From
            </th>
            <th scope="col">To ours</th>
            <th scope="col">
              {doubles ? (
                <Choice
                  bare
                  label="All that are here already"
                  value=""
                  options={[
                    ['', 'All doubles …'],
                    ...howsFor('differs').map((h) => [h, HOW_WORDS[h]] as const),
                  ]}
                  onChange={(how) => how && onHow(null, how)}
                />
              ) : (
                'What to do'
              )}
            </th>
          </tr>
        </thead>
        <tbody>
          {rows.slice(0, SHOWN).map((r) => (
            <tr key={r.of.play.id}>
              <td>
                <b dir="auto">{r.of.play.name}</b>
                {r.hereName !== null && <small>Ours is called {r.hereName}</small>}
              </td>
              <td className="where">
                <small>{r.path}</small>
              </td>
              <td>
                <span className="standing" title={STANDING_WORDS[r.standing][1]}>
                  {STANDING_WORDS[r.standing][0]}
                </span>
              </td>
              <td>
                <Choice
                  bare
                  label={`What to do with ${r.of.play.name}`}
                  value={r.how}
                  options={howsFor(r.standing).map((h) => [h, HOW_WORDS[h]] as const)}
                  onChange={(how) => onHow(r, how)}
                />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {rows.length > SHOWN && <p>And {rows.length - SHOWN} more, each as usual.</p>}
    </section>
  );
}
