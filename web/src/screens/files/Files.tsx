import {
  HereSchema,
  howsFor,
  incoming,
  recordCount,
  sheetWithIds,
  TakenInSchema,
  type How,
} from '@corkscrew/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { nanoid } from 'nanoid';
import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { z } from 'zod';
import { call, send } from '../../app/api.ts';
import { currentTeam } from '../../app/team.ts';
import { Button, MainButton } from '../../ui/controls.tsx';
import { TopBar } from '../../ui/TopBar.tsx';
import { useGiven, type Given } from '../../keeping/given.ts';
import { Backups } from './Backups.tsx';
import { Drop } from './Drop.tsx';
import { GiveOut } from './GiveOut.tsx';
import { Page } from './look.ts';
import { Counts, RefusedList, Rows } from './ReportView.tsx';
import { readFiles, reportOf, type Report, type Row } from './report.ts';
import { readAll } from './unpack.ts';

/** An import of many plays takes its time (ms). */
const LONG = 120_000;

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

const count = (n: number, word: string): string => `${n} ${word}${n === 1 ? '' : 's'}`;
const allTo = (row: Row, how: How): Row =>
  howsFor(row.standing).includes(how) && row.standing !== 'same' ? { ...row, how } : row;
