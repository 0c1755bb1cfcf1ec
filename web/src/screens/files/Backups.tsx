import { KeptBackupSchema, RestoredSchema, type RestoreMode } from '@corkscrew/core';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { z } from 'zod';
import { call } from '../../app/api.ts';
import { Choice } from '../../ui/Choice.tsx';
import { Button } from '../../ui/controls.tsx';

const MODES: readonly (readonly [RestoreMode, string])[] = [
  ['over', 'Over what is here'],
  ['into', 'Into an empty team'],
  ['beside', 'Beside, as another team'],
];
const WHY = { asked: 'asked for', clock: 'by the clock', restore: 'before a restore' } as const;
const LONG = 120_000;
const when = (iso: string): string =>
  new Date(iso).toLocaleString('en-GB', {
    day: 'numeric',
    month: 'short',
    year: 'numeric',
    hour: '2-digit',
    minute: '2-digit',
  });

/** All of the team in one file: plays with their versions, series, sheets, words. */
export function Backups() {
  const client = useQueryClient();
  const kept = useQuery({
    queryKey: ['backups'],
    queryFn: () => call(z.array(KeptBackupSchema), '/api/backups'),
  });
  const make = useMutation({
    mutationFn: () => call(KeptBackupSchema, '/api/backups', { method: 'POST' }, LONG),
    onSuccess: () => client.invalidateQueries({ queryKey: ['backups'] }),
  });
  const [mode, setMode] = useState<RestoreMode>('over');
  const [file, setFile] = useState<File | null>(null);
  const input = useRef<HTMLInputElement>(null);
  const restore = useMutation({
    mutationFn: (from: File) =>
      call(RestoredSchema, `/api/backups/restore?mode=${mode}`, { method: 'POST', body: from }, LONG),
    onSuccess: () => {
      setFile(null);
      void client.invalidateQueries();
    },
  });
  return (
    <section className="backups" aria-label="All of the team">
      <h2>All of the team</h2>
      <p>A backup has every play with its versions, the trash, series, sheets, opponents and words.</p>
      <div className="row">
        <Button isDisabled={make.isPending} onPress={() => make.mutate()}>
          Make a backup
        </Button>
        <Button onPress={() => input.current?.click()}>Restore one …</Button>
        <input
          ref={input}
          type="file"
          hidden
          accept=".backup"
          aria-label="A backup to restore"
          onChange={(e) => {
            setFile(e.target.files?.[0] ?? null);
            e.target.value = '';
          }}
        />
      </div>
      {file && (
        <div className="row" role="group" aria-label={`Restore ${file.name}`}>
          <b>{file.name}</b>
          <Choice bare label="How to restore it" value={mode} options={MODES} onChange={setMode} />
          <Button isDisabled={restore.isPending} onPress={() => restore.mutate(file)}>
            {restore.isPending ? 'Restoring' : 'Restore it'}
          </Button>
          <Button onPress={() => setFile(null)}>Leave it</Button>
          {mode === 'over' && <span>What is here is backed up first, then replaced whole.</span>}
        </div>
      )}
      <p role="status">
        {restore.data &&
          `${restore.data.rows} records are restored${restore.data.before ? '; what was here before is the newest backup below' : ''}.`}
      </p>
      {(make.error ?? restore.error) && <p role="alert">{(make.error ?? restore.error)!.message}</p>}
      <ul aria-label="Backups">
        {kept.data?.map((b) => (
          <li key={b.id}>
            <a href={`/api/backups/${encodeURIComponent(b.id)}/file`} download>
              {when(b.madeAt)}
            </a>
            <span>
              {b.rows} records, {Math.ceil(b.bytes / 1024)} kB, {WHY[b.why]}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
